import type { Length } from '../length';
import { length, list, moment, number, object, optional, required, text, yesNo } from './readers';
import type { Deed } from './deed';
import type { CutRecordOf, CuttingOf, ExtraPartOf, Gates, ReleasedPart, SawOf } from './cutting';

type L = Length;

const name = text(200, 1);
const id = text(40, 1);
const some = length('positive');
const any = length('zero');
const part = text(200, 1);
const deed = { at: required(moment), by: optional(name) };
const gate = optional(object<Deed>(deed));
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
});

export const cutting = object<CuttingOf<L>>({
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
  released: optional(list(object<ReleasedPart>({ part: required(part), reason: required(name), ...deed }), 0, 20_000)),
  cut: optional(
    list(
      object<CutRecordOf<L>>({
        part: required(part),
        length: required(some),
        width: required(some),
        wrong: optional(name),
        ...deed,
      }),
      0,
      20_000,
    ),
  ),
});
