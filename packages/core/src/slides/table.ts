import type { WrittenJob, LengthUnit, OwnSlide, SlideChoice } from '../job';
import { readWrong, type Report } from '../reading';
import { said } from '../words';
import { BUILT_IN } from './builtin';
import type { LengthList, SlideFamily } from './family';

const builtIn: ReadonlyMap<string, SlideFamily> = new Map(BUILT_IN.map((row) => [row.id, row]));

/** Every family a job can name: the built-in rows and its own. */
export function slideTable({ slides = [] }: WrittenJob): ReadonlyMap<string, SlideFamily> {
  if (slides.length === 0) return builtIn;
  const table = new Map(builtIn);
  for (const own of slides) {
    const like = builtIn.get(own.like);
    if (like) table.set(own.id, ownRow(own, like));
  }
  return table;
}

/** The built-in row with the own row's figures in place of its. */
function ownRow(own: OwnSlide, like: SlideFamily): SlideFamily {
  const { like: _like, lengths, name, ...figures } = own;
  const called = name === undefined ? {} : { called: said('text', { text: name }) };
  return {
    ...like,
    ...figures,
    ...called,
    origin: 'own',
    basis: basisOf(own, like),
    lengths: lengthsOf(lengths, like),
  };
}

function lengthsOf(own: OwnSlide['lengths'], like: SlideFamily): SlideFamily['lengths'] {
  const merged: Partial<Record<LengthUnit, LengthList>> = { ...like.lengths };
  for (const unit of ['in', 'mm'] as const) {
    const given = own?.[unit];
    const base = like.lengths[unit];
    if (given && base) merged[unit] = { ...base, ...given };
  }
  return merged;
}

/** A row that gives the figure of the other basis means that basis. */
function basisOf(own: OwnSlide, like: SlideFamily): SlideFamily['basis'] {
  if (own.basis) return own.basis;
  if (own.side !== undefined && own.insideDeduction === undefined) return 'outside';
  if (own.insideDeduction !== undefined && own.side === undefined) return 'inside';
  return like.basis;
}

/** Which of a family's length lists a choice reads. */
export function lengthListOf(job: WrittenJob, family: SlideFamily, choice: SlideChoice): LengthList {
  const unit = choice.lengths ?? job.unit;
  const list = family.lengths[unit] ?? family.lengths.mm ?? family.lengths.in;
  if (!list) throw new Error(`slide family ${family.id} has no lengths`);
  return list;
}

/** Says own rows like no built-in one, rows without their basis's figure, families nobody knows and lengths not on the list. */
export function checkSlides(job: WrittenJob, report: Report): void {
  (job.slides ?? []).forEach((own, index) => checkOwnRow(own, `slides[${index}]`, report));
  const table = slideTable(job);
  job.cases.forEach((each, c) =>
    each.banks.forEach((bank, b) => {
      const path = `cases[${c}].banks[${b}]`;
      checkChoice(job, table, bank.slide, `${path}.slide`, report);
      bank.drawers.forEach(({ slide }, d) => {
        if (slide && Object.keys(slide).length > 0)
          checkChoice(job, table, { ...bank.slide, ...slide }, `${path}.drawers[${d}].slide`, report);
      });
    }),
  );
}

/** Says what is wrong with an own row beside its shape; `path` is the row's. */
export function checkOwnRow(own: OwnSlide, path: string, report: Report): void {
  if (builtIn.has(own.id)) report.add(`${path}.id`, readWrong(own.id, said('built-in-id')));
  const like = builtIn.get(own.like);
  if (!like) {
    report.add(`${path}.like`, readWrong(own.like, said('no-built-in')));
    return;
  }
  const row = ownRow(own, like);
  const figure = row.basis === 'outside' ? 'side' : 'insideDeduction';
  if (row[figure] === undefined)
    report.add(`${path}.${figure}`, said('field-needed', { by: said('by-basis', { basis: row.basis }) }));
}

function checkChoice(
  job: WrittenJob,
  table: ReadonlyMap<string, SlideFamily>,
  choice: SlideChoice,
  path: string,
  report: Report,
): void {
  const family = table.get(choice.family);
  if (!family) {
    report.add(`${path}.family`, readWrong(choice.family, said('no-family')));
    return;
  }
  const { list } = lengthListOf(job, family, choice);
  if (choice.length !== undefined && list && !list.includes(choice.length))
    report.add(`${path}.length`, said('not-on-list', { family: family.id }));
}
