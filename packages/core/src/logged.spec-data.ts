import { doorSteps, frontSteps, hangSteps, inMillimetres, plan, readJobDocument, type Tally } from './index';
import { chanceFrom } from './chance';

const WHATS = ['width', 'slides', 'box-width', 'groove', 'reveal', 'packing'] as const;
const PLACES = ['front', 'back', 'top', 'bottom', 'left', 'right', undefined] as const;

/**
 * The job with a made-up log: of its banks and doors what was measured, a little off what is planned, which steps were done and
 * what went wrong. The same for the same seed; the job as it is where the log can't be read with it.
 */
export function logged(document: object, seed: number): object {
  const read = readJobDocument(document);
  if (!read.ok) return document;
  const chance = chanceFrom(seed);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(chance() * all.length)] as T;
  const planned = plan(read.job);
  const log: object[] = [];
  const add = (entry: object): void => {
    const minute = String(log.length % 60).padStart(2, '0');
    const at = `2026-11-${String(1 + Math.floor(log.length / 60)).padStart(2, '0')}T09:${minute}:00Z`;
    log.push({ id: `e${log.length}`, at, ...(chance() < 0.5 ? { by: 'Runa' } : {}), ...entry });
  };
  const off = (size: Tally | undefined): string =>
    `${((size ? inMillimetres(size.total) : 6) + Math.round(chance() * 60 - 20) / 10).toFixed(1)} mm`;
  const step = (of: object, name: string): void => {
    if (chance() < 0.7) add({ kind: 'step', ...of, step: name });
    if (chance() < 0.1) add({ kind: 'step', ...of, step: name, undone: true });
  };
  for (const owner of planned.cases) {
    for (const bank of owner.banks) {
      const of = { bank: `${owner.id}/${bank.id}` };
      for (const { id: drawer, dimensions } of bank.drawers)
        for (const what of WHATS)
          if (chance() < 0.7) {
            const size =
              what === 'box-width' ? dimensions['box.width'] : what === 'width' ? bank.opening.width : undefined;
            const [length, place] = [off(size), pick(PLACES)];
            const against = size && chance() < 0.5 ? { against: `${inMillimetres(size.total)} mm` } : {};
            add({ kind: 'reading', ...of, drawer, what, ...(place ? { place } : {}), length, ...against });
          }
      for (const { name } of [...hangSteps(bank), ...frontSteps(bank)]) step(of, name);
      const drawer = pick(bank.drawers).id;
      add({ kind: 'fault', ...of, drawer, fault: pick(['box-wide', 'runs-hard', 'front-tight', 'split']) });
      add({ kind: 'note', ...of, note: 'made up' });
    }
    for (const door of owner.doors)
      for (const { name } of doorSteps(door)) step({ door: `${owner.id}/${door.id}` }, name);
  }
  for (const { id } of read.job.materials)
    if (chance() < 0.5)
      add({ kind: 'reading', what: 'thickness', material: id, length: `${pick([5.4, 11.7, 18.3])} mm` });
  add({ kind: 'time', minutes: 45, operation: 'hang' });
  add({ kind: 'task', task: 'measure', did: 'done' });
  const next = { ...document, log };
  return readJobDocument(next).ok ? next : document;
}
