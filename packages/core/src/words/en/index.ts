import { DIVISIONS } from './division';
import { DRAWINGS } from './drawings';
import { BUYING } from './buying';
import { CARD } from './card';
import { CASE_FINDINGS } from './case-findings';
import { COSTING } from './costing';
import { CUTS } from './cuts';
import { ERRORS } from './errors';
import { BANK_FINDINGS, DRAWER_FINDINGS, SPOKEN } from './findings';
import { FIXINGS } from './fixings';
import { HINGES } from './hinges';
import { BOTTOM_FITS, IMPOSSIBLE_JOINTS, JOINTS, PARTS_OF_DRAWER } from './joints';
import { KNOWN } from './known';
import { LABELS } from './labels';
import { PAPER } from './paper';
import { PARTS } from './parts';
import { PRICE_FINDINGS } from './price-findings';
import { QUOTES } from './quotes';
import { RECORD } from './record';
import { SLIDES } from './slides';
import { STEP_WORDS } from './steps';
import { TASKS } from './tasks';
import { TEMPLATES } from './templates';
import { THING_FINDINGS } from './thing-findings';
import { MOVING, TRAVEL_FINDINGS } from './travel';
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
  ...TRAVEL_FINDINGS,
  ...THING_FINDINGS,
  ...MOVING,
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
  ...KNOWN,
  ...WRONGS,
  ...ERRORS,
  ...REFUSALS,
  ...PAPER,
  ...TEMPLATES,
  ...MATERIAL_USES,
  ...COSTING,
  ...PRICE_FINDINGS,
  ...QUOTES,
  ...BUYING,
  ...TASKS,
};
