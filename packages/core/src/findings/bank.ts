import { said } from '../words';
import type { GrainRun } from '../fronts';
import { thicknessReadings, type Bank, type Job, type Material } from '../job';
import { inches, lengthsIn, millimetres, minus, nm, plus, tally, writeExact, type Length, ofField } from '../length';
import { calledDrawer, remedy, type Exact, type Finding, type Remedy } from './finding';

/** Box heights this near could be one. Common practice. */
const LIKE = millimetres(6);
/** A jump of the figure that shows. */
const JUMP = millimetres(1);

/** A bank's boxes, for what they have in common. */
export interface SizedBox {
  readonly place: number;
  readonly height: Length;
  /** Sides of one material are ripped together. */
  readonly material: string;
}

/** Box heights that differ a little and could be one rip setting. */
export function likeBoxes(bank: Bank, path: string, boxes: readonly SizedBox[]): readonly Finding[] {
  return clusters(boxes).map((cluster) => {
    const [lowest] = cluster as readonly [SizedBox];
    const highest = cluster.at(-1) ?? lowest;
    const places = cluster.map(({ place }) => place).sort((a, b) => a - b);
    const shared = remedy(
      'share-lower-height',
      { height: lowest.height },
      cluster.map(({ place }) => ({
        path: `${path}.drawers[${place}].boxSameAs`,
        value: place === lowest.place ? undefined : bank.drawers[lowest.place]?.id,
      })),
    );
    return {
      ...said('LIKE_BOXES', { places, apart: nm(highest.height - lowest.height) }),
      severity: 'note',
      step: 'boxes',
      because: tally(plus('highest', highest.height), minus('lowest', lowest.height)),
      remedies: [shared],
    };
  });
}

/** From the lowest up: each cluster spans no more than what is like, and holds two different heights. */
function clusters(boxes: readonly SizedBox[]): readonly (readonly SizedBox[])[] {
  const distinct = new Set(boxes.map(({ height }) => height));
  if (distinct.size < 2) return [];
  const found: SizedBox[][] = [];
  for (const material of new Set(boxes.map((box) => box.material))) {
    const order = boxes.filter((box) => box.material === material).sort((a, b) => a.height - b.height);
    let cluster: SizedBox[] = [];
    for (const box of order) {
      if (cluster[0] && box.height - cluster[0].height > LIKE) {
        found.push(cluster);
        cluster = [];
      }
      cluster.push(box);
    }
    found.push(cluster);
  }
  return found.filter((cluster) => (cluster.at(-1)?.height ?? 0) > (cluster[0]?.height ?? 0));
}

/** No sheet is named by anything finer. */
const SIXTY_FOURTH = inches(1, 64);
const TENTH = millimetres(0.1);

/** Whether a sheet's thickness is the one it is named by, to the hair. */
export function isNominal({ kind, name, thickness }: Material): boolean {
  const round = thickness % SIXTY_FOURTH === 0 || thickness % TENTH === 0;
  return kind !== 'solid' && round && lengthsIn(name).includes(thickness);
}

/** Sheets whose measured thickness is their name to the hair. */
export function nominalThickness(job: Job, nominal: readonly Material[]): readonly Finding[] {
  return nominal.map((material) => {
    const { name, thickness } = material;
    const path = `materials[${job.materials.indexOf(material)}].thickness`;
    return {
      ...said('NOMINAL_THICKNESS', { material: name, thickness }),
      severity: 'note',
      step: 'boxes',
      because: tally(plus('thickness', thickness, ofField(path))),
    };
  });
}

/** Nearer than this a caliper says no more than the thickness that is written; common practice. */
const CALIPER = millimetres(0.1);

/** Materials that were measured and are not what the job has written. */
export function thicknessMeasured(job: Job, materials: readonly Material[]): readonly Finding[] {
  const readings = thicknessReadings(job);
  return materials.flatMap((material): readonly Finding[] => {
    const measured = readings.get(material.id)?.length;
    if (measured === undefined || Math.abs(measured - material.thickness) <= CALIPER) return [];
    const path = `materials[${job.materials.indexOf(material)}].thickness`;
    const value = writeExact(measured, job.unit);
    return [
      {
        ...said('THICKNESS_MEASURED', { material: material.name, measured, written: material.thickness }),
        severity: 'warn',
        step: 'boxes',
        because: tally(plus('measured', measured), minus('written', material.thickness, ofField(path))),
        remedies: [remedy('reckon-with-thickness', { thickness: measured }, [{ path, value }])],
      },
    ];
  });
}

/** Where a run is written, what is cut out in it already, and the gap that can be made to fit it, if it is the bank's own. */
export interface RunChoice {
  readonly path: string;
  readonly strip: Length;
  readonly gapPath?: string;
}

/** Joints of a grain run where the figure jumps; the worst is told. */
export function grainJumps(bank: Bank, run: GrainRun, choice: RunChoice, exact: Exact): Finding | undefined {
  const jumping = run.jumps.map((jump, joint) => ({ jump, joint })).filter(({ jump }) => Math.abs(jump.total) > JUMP);
  const [worst] = jumping.sort((a, b) => Math.abs(b.jump.total) - Math.abs(a.jump.total));
  if (!worst) return undefined;
  const { jump, joint } = worst;
  return {
    ...said('GRAIN_JUMPS', { by: nm(Math.abs(jump.total)), below: calledDrawer(bank.drawers[joint], joint) }),
    severity: 'note',
    step: 'fronts',
    because: jump,
    remedies: runRemedies(bank, choice, jump.total, exact),
  };
}

/** A strip cut out at every joint, or the gap made what the cut takes. */
function runRemedies({ front, rail }: Bank, choice: RunChoice, jump: Length, exact: Exact): readonly Remedy[] {
  const strip = nm(jump + choice.strip);
  const even = nm(front.gap - jump);
  const remedies: Remedy[] = [];
  if (strip >= 0)
    remedies.push(remedy('cut-strip-out', { strip }, [{ path: `${choice.path}.strip`, value: exact(strip) }]));
  if (choice.gapPath && even > 0 && !rail)
    remedies.push(remedy('set-gap', { gap: even }, [{ path: choice.gapPath, value: exact(even) }]));
  return remedies;
}
