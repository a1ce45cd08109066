import type { Step } from '@zabble/core';
import type { FitView } from '../fit/fit-state';
import type { CutView } from '../steps';

/** What builders type when they look for a step: its content by other names. */
export const STEP_WORDS: Readonly<Record<Step, string>> = {
  case: $localize`customer notes rename banks cases stand anchor tip overhang unit`,
  measure: $localize`opening readings survey width height depth diagonals build-outs laser`,
  slides: $localize`hardware runners undermount price load sheet`,
  divide: $localize`drawers heights add drawer contents lock`,
  boxes: $localize`joints corners bottoms sides thickness material groove`,
  fronts: $localize`pulls handles knobs laps reveals gaps banding frame material`,
  cut: $localize`cut list parts saw rip`,
  fit: $localize`hang install hardware spacers`,
  price: $localize`cost money quote labour hours overhead margin tax finish survey discount`,
};

export const CUT_WORDS: Readonly<Record<CutView, string>> = {
  saw: $localize`cut list parts fence stop settings rip`,
  sheets: $localize`layout plywood off-cuts kerf trim`,
  boards: $localize`lumber timber solid wood board feet`,
  rack: $localize`stock shop plywood sheets price supplier`,
  files: $localize`print pdf paper export csv svg dxf zip import list part label cut list`,
};

export const FIT_WORDS: Readonly<Record<FitView, string>> = {
  doors: $localize`hinges cups plates leaf open`,
  hang: $localize`slides spacers steps install`,
  measure: $localize`as built levels caliper`,
  fronts: $localize`reveals spacers`,
  record: $localize`log notes photo time fault`,
  paper: $localize`print pdf bench card story stick templates labels`,
};
