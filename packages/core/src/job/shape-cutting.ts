import { said } from '../words';
import type { Length } from '../length';
import type { SawnPanelOf } from '../sheets';
import {
  byKind,
  length,
  list,
  moment,
  number,
  object,
  oneOf,
  optional,
  required,
  text,
  yesNo,
  named,
  reader,
  type Reader,
} from '../reading';
import type { Deed } from './deed';
import type {
  CutRecordOf,
  CuttingOf,
  ExtraPartOf,
  Gates,
  LimitsOf,
  ReleasedPart,
  SawOf,
  TakenLayoutOf,
  TakenSheetOf,
} from './cutting';

type L = Length;

const name = named('name', text(200, 1));
const id = named('id', text(40, 1));
const some = length('positive');
const any = length('zero');
const part = text(200, 1);
const deedFields = { at: required(moment), by: optional(name) };
export const deed = object<Deed>(deedFields);
const gate = optional(deed);
export const gates = object<Gates>({ slides: gate, groove: gate, glued: gate, hung: gate });

const twoWays = object<{ length: L; width: L }>({ length: required(any), width: required(any) });

export const saw = object<SawOf<L>>({
  kerf: optional(any),
  trim: optional(any),
  stages: optional(number(1, 12, 'whole')),
  ripFirst: optional(yesNo),
  fewerSettings: optional(number(0, 10)),
  biggerOffcuts: optional(number(0, 10)),
  offcut: optional(twoWays),
  allowance: optional(twoWays),
  over: optional(any),
  limits: optional(
    object<LimitsOf<L>>({
      rip: optional(some),
      crosscut: optional(some),
      planer: optional(some),
      stop: optional(some),
      driver: optional(some),
      drill: optional(some),
    }),
  ),
});

/** Panels within panels, so deep at most; what lies deeper no saw cuts. */
const DEEPEST = 40;

function panelAt(depth: number): Reader<SawnPanelOf<L>> {
  const parts = object<Extract<SawnPanelOf<L>, { kind: 'part' }>>({
    kind: required(oneOf('part')),
    piece: required(part),
    turned: required(yesNo),
  });
  const rest = object<Extract<SawnPanelOf<L>, { kind: 'rest' }>>({ kind: required(oneOf('rest')) });
  const inside = reader<SawnPanelOf<L>>({ anyOf: [() => panel.schema] }, (value, path, report) => {
    if (depth < DEEPEST) return panelAt(depth + 1)(value, path, report);
    report.add(path, said('panels-too-deep', { deepest: DEEPEST }));
    return undefined;
  });
  const child = object<{ size: L; panel: SawnPanelOf<L> }>({ size: required(some), panel: required(inside) });
  const cuts = object<Extract<SawnPanelOf<L>, { kind: 'cuts' }>>({
    kind: required(oneOf('cuts')),
    direction: required(oneOf('rip', 'cross')),
    inOrder: optional(yesNo),
    children: required(list(child, 1, 500)),
  });
  return byKind<SawnPanelOf<L>>({ part: parts, rest, cuts });
}

/** The schema points back to itself: how deep panels lie only the reader counts. */
const panel = named('panel', panelAt(0));

const layouts = list(
  object<TakenLayoutOf<L>>({
    material: required(id),
    seed: required(number(0, 2 ** 31, 'whole')),
    tries: required(number(0, 1e9, 'whole')),
    kerf: required(any),
    trim: required(any),
    sheets: required(
      list(
        object<TakenSheetOf<L>>({
          id: required(id),
          stock: required(id),
          length: required(some),
          width: required(some),
          panel: required(panel),
          price: optional(number(0, 1_000_000)),
          begun: gate,
          done: optional(number(0, 10_000, 'whole')),
        }),
        0,
        500,
      ),
    ),
    ...deedFields,
  }),
  0,
  500,
);

export const cutting = object<CuttingOf<L>>({
  layouts: optional(layouts),
  extra: optional(
    list(
      object<ExtraPartOf<L>>({
        id: required(id),
        name: required(name),
        material: required(id),
        length: required(some),
        width: required(some),
        count: required(number(1, 1000, 'whole')),
        mayTurn: optional(yesNo),
      }),
      0,
      2000,
    ),
  ),
  released: optional(
    list(object<ReleasedPart>({ part: required(part), reason: required(name), ...deedFields }), 0, 20_000),
  ),
  cut: optional(
    list(
      object<CutRecordOf<L>>({
        part: required(part),
        length: required(some),
        width: required(some),
        wrong: optional(name),
        ...deedFields,
      }),
      0,
      20_000,
    ),
  ),
});
