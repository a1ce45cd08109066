import type { Step } from '@zabble/core';
import type { FitView } from '../fit/fit-state';
import type { CutView } from '../steps';

/** What builders type when they look for a step: its content by other names. */
export const STEP_WORDS: Readonly<Record<Step, string>> = {
  case: 'customer notes rename banks cases stand anchor tip overhang unit',
  measure: 'opening readings survey width height depth diagonals build-outs laser',
  slides: 'hardware runners undermount price load sheet',
  divide: 'drawers heights add drawer contents lock',
  boxes: 'joints corners bottoms sides thickness material groove',
  fronts: 'pulls handles knobs laps reveals gaps banding frame material',
  cut: 'cut list parts saw rip',
  fit: 'hang install hardware spacers',
};

export const CUT_WORDS: Readonly<Record<CutView, string>> = {
  saw: 'cut list parts fence stop settings rip',
  sheets: 'layout plywood off-cuts kerf trim',
  boards: 'lumber timber solid wood board feet',
  rack: 'stock shop plywood sheets price supplier',
  files: 'print pdf paper export csv svg dxf zip import list part label cut list',
};

export const FIT_WORDS: Readonly<Record<FitView, string>> = {
  hang: 'slides spacers steps install',
  measure: 'as built levels caliper',
  fronts: 'reveals spacers',
  record: 'log notes photo time fault',
  paper: 'print pdf bench card story stick templates labels',
};
