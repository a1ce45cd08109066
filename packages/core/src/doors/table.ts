import type { OwnHingeOf, WrittenJob } from '../job';
import type { Length } from '../length';
import { readWrong, type Report } from '../reading';
import { said } from '../words';
import { BUILT_IN_HINGES } from './builtin';
import type { Hinge } from './hinge';

type OwnHinge = OwnHingeOf<Length>;

const builtIn: ReadonlyMap<string, Hinge> = new Map(BUILT_IN_HINGES.map((row) => [row.id, row]));

/** The hinge a door hangs on where it names none: by how it is set, and what it hangs on. Common practice. */
export function usualHinge(mount: 'overlay' | 'inset', framed: boolean): string {
  if (framed) return mount === 'inset' ? 'butt' : 'cup-frame';
  return mount === 'inset' ? 'cup-110-inset' : 'cup-110-full';
}

/** Every hinge a job can name: the built-in rows and its own. */
export function hingeTable({ hinges = [] }: Pick<WrittenJob, 'hinges'>): ReadonlyMap<string, Hinge> {
  if (hinges.length === 0) return builtIn;
  const table = new Map(builtIn);
  for (const own of hinges) {
    const like = builtIn.get(own.like);
    if (like) table.set(own.id, ownRow(own, like));
  }
  return table;
}

/** The built-in row with the own row's figures in place of its; what is reckoned from a base is reckoned from its own. */
function ownRow(own: OwnHinge, like: Hinge): Hinge {
  const { like: _like, name, overlay = {}, bore, plate, ...figures } = own;
  const { protrusion: _told, ...unreckoned } = like;
  const base = overlay.base !== undefined && own.protrusion === undefined ? unreckoned : like;
  return {
    ...base,
    ...figures,
    ...overlay,
    ...(name === undefined ? {} : { called: said('text', { text: name }) }),
    ...(like.bore ? { bore: { ...like.bore, ...bore } } : {}),
    ...(like.plate || plate?.back !== undefined
      ? { plate: { ...like.plate, ...plate } as NonNullable<Hinge['plate']> }
      : {}),
    origin: 'own',
  };
}

/** Says own rows like no built-in one or called as one, and doors on hinges nobody knows. */
export function checkHinges(job: WrittenJob, report: Report): void {
  (job.hinges ?? []).forEach(({ id, like }, index) => {
    if (builtIn.has(id)) report.add(`hinges[${index}].id`, readWrong(id, said('built-in-id')));
    if (!builtIn.has(like)) report.add(`hinges[${index}].like`, readWrong(like, said('no-hinge')));
  });
  const table = hingeTable(job);
  const check = (family: string | undefined, path: string): void => {
    if (family !== undefined && !table.has(family)) report.add(path, readWrong(family, said('no-hinge')));
  };
  job.cases.forEach(({ doors = [], tiltOuts = [] }, c) => {
    doors.forEach(({ hinge }, d) => check(hinge?.family, `cases[${c}].doors[${d}].hinge.family`));
    tiltOuts.forEach(({ door }, t) => check(door?.hinge?.family, `cases[${c}].tiltOuts[${t}].door.hinge.family`));
  });
}
