import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import type { Asked } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { JobActions } from '../../store/job/job.actions';
import { jobFeature } from '../../store/job/job.reducer';
import { logFeature } from '../../store/log/log.reducer';
import { selectBank, SessionActions, sessionFeature } from '../../store/session/session';
import { Reckoning } from './reckoning';

describe('the reckoning', () => {
  async function shown(asked?: Asked) {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideRouter([]),
        provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer }),
      ],
    });
    const store = TestBed.inject(Store);
    const document = newJob('in');
    store.dispatch(
      JobActions.opened({
        job: { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' },
        document,
        sync: 'kept',
      }),
    );
    if (asked) store.dispatch(SessionActions.asked({ asked }));
    const fixture = TestBed.createComponent(Reckoning);
    fixture.componentRef.setInput('bank', store.selectSignal(selectBank)());
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    // The parts of the sum stand apart by layout, not by spaces.
    const text = (element.textContent ?? '').replace(/\s+/g, '').replace(/×$/, '');
    return { element, text, store, fixture };
  }

  it('takes no room until something is touched, and none once its sum is put away', async () => {
    expect((await shown()).element.querySelector('section')).toBeNull();
    TestBed.resetTestingModule();
    const { element, fixture } = await shown({ kind: 'dimension', dimension: 'opening.width' });
    element.querySelector<HTMLButtonElement>('[aria-label="Put the sum away"]')!.click();
    await fixture.whenStable();
    expect(element.querySelector('section')).toBeNull();
  });

  it('writes the sum out with its signs, multiples and total', async () => {
    const { text } = await shown({ kind: 'dimension', drawer: 'd2', dimension: 'box.width' });
    expect(text).toBe('Drawer2,boxwidthopening24−2×1/2slide=23in');
  });

  it('leads from a term to the sum before it', async () => {
    const { element, store, fixture } = await shown({ kind: 'dimension', drawer: 'd2', dimension: 'box.width' });
    element.querySelector('button')?.click();
    await fixture.whenStable();
    expect(store.selectSignal(sessionFeature.selectAsked)()).toEqual({ kind: 'dimension', dimension: 'opening.width' });
    expect(element.textContent).toContain('Opening width');
  });

  it('names parts, the bank’s own numbers and what is gone', async () => {
    expect((await shown({ kind: 'part', drawer: 'd1', role: 'bottom', size: 'length' })).text).toMatch(
      /^Drawer1,bottomlengthboxwidth23−2×/,
    );
    TestBed.resetTestingModule();
    expect((await shown({ kind: 'dimension', dimension: 'share' })).text).toContain('−3×1/8gapbetweenfronts');
    TestBed.resetTestingModule();
    expect((await shown({ kind: 'dimension', drawer: 'd9', dimension: 'box.width' })).text).toBe('');
  });
});
