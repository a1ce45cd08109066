import { add, nm, smallest, subtract } from '../length';
import { said } from '../words';
import { judged, type BoxFacts, type Judgement } from './box-facts';
import { remedy } from './finding';

/** A box as long as it is told: it ends before the back, is no shorter than what slides on it, and some slides leave it no choice. */
export function boxLengthWrong(facts: BoxFacts): Judgement | undefined {
  const { stock, family, list, fit, depth, field } = facts;
  const { length } = stock.box;
  if (length === undefined) return undefined;
  const setback = facts.at('slide.setback')?.total ?? family.setback;
  const over = subtract(add(setback, length, list.rear), depth);
  const short = nm((fit.nominal ?? 0) - length);
  const why =
    family.basis === 'inside' ? 'by-slide' : over > 0 ? 'too-long' : short > 0 && list.list ? 'under-slide' : undefined;
  if (why === undefined) return undefined;
  const by = why === 'too-long' ? over : short;
  return judged(
    { ...said('BOX_LENGTH_WRONG', { why, by, length, family: family.called }), severity: 'stop', step: 'boxes' },
    [remedy('length-by-slide', {}, [{ path: field('box.length'), value: undefined }])],
  );
}

/** Shorter than it was made, it carries less: half, unless its sheet says what. */
export function slideCutDown(facts: BoxFacts): Judgement | undefined {
  const path = facts.field('slide.cut');
  const cut = facts.drawer.slide?.cut ?? facts.bank.slide.cut;
  if (cut === undefined) return undefined;
  return judged(
    {
      ...said('SLIDE_CUT', { cut, carries: facts.family.load_kg, family: facts.family.called }),
      severity: 'warn',
      step: 'slides',
    },
    [remedy('leave-slide-whole', {}, [{ path, value: undefined }])],
  );
}

/** No height the stock comes in goes into the bay. */
export function stockTooHigh(facts: BoxFacts): Judgement | undefined {
  const { heights } = facts.stock.box;
  const greatest = facts.height?.greatest;
  if (!heights || !greatest || facts.drawer.boxHeight !== undefined) return undefined;
  const least = smallest(heights);
  if (least <= greatest.total) return undefined;
  return judged(
    {
      ...said('STOCK_TOO_HIGH', { least, over: subtract(least, greatest.total), most: greatest.total }),
      severity: 'stop',
      step: 'boxes',
    },
    [remedy('saw-to-height', {}, [{ path: facts.field('box.heights'), value: undefined }])],
    greatest,
  );
}
