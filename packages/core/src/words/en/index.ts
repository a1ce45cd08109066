import { DIVISIONS } from './division';
import { DRAWINGS } from './drawings';
import { CARD } from './card';
import { CASE_FINDINGS } from './case-findings';
import { CUTS } from './cuts';
import { ERRORS } from './errors';
import { BANK_FINDINGS, DRAWER_FINDINGS, SPOKEN } from './findings';
import { FIXINGS } from './fixings';
import { HINGES } from './hinges';
import { BOTTOM_FITS, IMPOSSIBLE_JOINTS, JOINTS, PARTS_OF_DRAWER } from './joints';
import { LABELS } from './labels';
import { PAPER } from './paper';
import { PARTS } from './parts';
import { RECORD } from './record';
import { SLIDES } from './slides';
import { STEP_WORDS } from './steps';
import { TEMPLATES } from './templates';
import { WRONGS } from './wrongs';
import { MATERIAL_USES } from './uses';
import { REFUSALS } from './refusals';
import { JOINT_CHANGES, REMEDIES } from './remedies';

/** English. Its codes and params are those every other language has: see `Language`. */
export const SENTENCES = {
  ...LABELS,
  ...DRAWER_FINDINGS,
  ...BANK_FINDINGS,
  ...CASE_FINDINGS,
  ...SPOKEN,
  ...REMEDIES,
  ...JOINT_CHANGES,
  ...JOINTS,
  ...BOTTOM_FITS,
  ...IMPOSSIBLE_JOINTS,
  ...PARTS_OF_DRAWER,
  ...DIVISIONS,
  ...DRAWINGS,
  ...PARTS,
  ...CARD,
  ...RECORD,
  ...CUTS,
  ...FIXINGS,
  ...STEP_WORDS,
  ...SLIDES,
  ...HINGES,
  ...WRONGS,
  ...ERRORS,
  ...REFUSALS,
  ...PAPER,
  ...TEMPLATES,
  ...MATERIAL_USES,
};
