import { createActionGroup, createFeature, createReducer, createSelector, on, props, emptyProps } from '@ngrx/store';
import type { Asked, BankPlan } from '@zabble/core';
import { JobActions } from '../job/job.actions';
import { selectPlan } from '../job/job.selectors';

/** The whole case, a bank of it, or one drawer. */
export type Near = 'case' | 'bank' | 'drawer';

/** What is looked at on the bench; none of it belongs to the job. */
export interface SessionState {
  /** Path of the bank in the job document. */
  readonly bank: string;
  readonly drawer: string | undefined;
  /** The node of a case's layout that is worked on, with its case. */
  readonly node: { readonly case: string; readonly id: string } | undefined;
  /** From how near the bench is looked at. */
  readonly near: Near;
  /** The number whose sum is shown. */
  readonly asked: Asked | undefined;
  /** Why the last action could not be done. */
  readonly refused: string;
}

export const SessionActions = createActionGroup({
  source: 'Session',
  events: {
    'Bank Chosen': props<{ bank: string }>(),
    Approached: props<{ near: Near }>(),
    'Drawer Chosen': props<{ drawer: string | undefined }>(),
    /** A compartment is taken up on the drawing of its case, and with it the bank that stands in it. */
    'Node Chosen': props<{ node: SessionState['node']; bank?: string }>(),
    Asked: props<{ asked: Asked }>(),
    /** The sum was seen. */
    Answered: emptyProps(),
    Refused: props<{ says: string }>(),
  },
});

const fresh: SessionState = {
  bank: 'cases[0].banks[0]',
  near: 'bank',
  drawer: undefined,
  node: undefined,
  asked: undefined,
  refused: '',
};

export const sessionFeature = createFeature({
  name: 'session',
  reducer: createReducer<SessionState>(
    fresh,
    on(JobActions.open, (): SessionState => fresh),
    on(SessionActions.refused, (state, { says }): SessionState => ({ ...state, refused: says })),
    on(JobActions.edited, (state): SessionState => (state.refused === '' ? state : { ...state, refused: '' })),
    on(SessionActions.bankChosen, (state, { bank }): SessionState => ({ ...fresh, bank, node: state.node })),
    on(SessionActions.nodeChosen, (state, { node, bank }): SessionState => {
      const here = bank === undefined || bank === state.bank ? state : { ...fresh, bank };
      return { ...here, node, near: 'case' };
    }),
    on(SessionActions.approached, (state, { near }): SessionState => ({ ...state, near })),
    on(SessionActions.answered, (state): SessionState => ({ ...state, asked: undefined })),
    on(SessionActions.drawerChosen, (state, { drawer }): SessionState => ({ ...state, drawer })),
    on(SessionActions.asked, (state, { asked }): SessionState => {
      const drawer = 'drawer' in asked ? asked.drawer : undefined;
      return { ...state, asked, drawer: drawer ?? state.drawer };
    }),
  ),
});

/** The bank on the bench; the first one where the chosen one is gone. */
export const selectBank = createSelector(selectPlan, sessionFeature.selectBank, (plan, path): BankPlan | undefined => {
  const banks = plan?.cases.flatMap((each) => each.banks) ?? [];
  return banks.find((bank) => bank.path === path) ?? banks[0];
});
