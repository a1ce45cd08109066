import type { BankOf, JobDocument, JobOf, Unit } from '@zabble/core';
import { newJob } from '../store/job/new-job';

/** A sound way of building to start from, named by what it is. */
export interface WayOfBuilding {
  readonly name: string;
  readonly says: string;
  /** A job built so, with planned sizes to write over. */
  readonly begin: (unit: Unit) => JobDocument;
}

type Bank = BankOf<string>;

/** Few ways, each of which can be built as it stands. */
export const WAYS: readonly WayOfBuilding[] = [
  {
    name: $localize`Overlay fronts on side-mount slides`,
    says: $localize`Frameless case, full-extension ball-bearing slides, fronts that lap the case: the quickest sound bank.`,
    begin: newJob,
  },
  {
    name: $localize`Inset fronts on undermount slides`,
    says: $localize`Fronts flush in the case, slides hidden under the box: quiet and fine, and it wants a true case.`,
    begin: (unit) =>
      job(unit, $localize`Inset bank`, (size, bank) => ({
        ...bank,
        slide: { family: 'undermount-16' },
        front: { ...bank.front, mount: 'inset', ...around(size('3/32 in', '2.5 mm')), gap: size('3/32 in', '2.5 mm') },
        box: {
          ...bank.box,
          groove: { depth: size('7/32 in', '5.5 mm'), offset: '13 mm' },
          corner: { joint: 'half-blind', depth: size('3/8 in', '9 mm') },
        },
      })),
  },
  {
    name: $localize`Face frame on wooden runners`,
    says: $localize`No metal at all: waxed hardwood runners brought out flush with the frame, inset fronts.`,
    begin: (unit) =>
      framed(
        job(unit, $localize`Runner bank`, (size, bank) => ({
          ...bank,
          buildOut: { left: size('3/4 in', '18 mm'), right: size('3/4 in', '18 mm') },
          rail: size('3/4 in', '20 mm'),
          slide: { family: 'wood-runner' },
          front: {
            ...bank.front,
            mount: 'inset',
            ...around(size('3/32 in', '2.5 mm')),
            gap: size('15/16 in', '25 mm'),
          },
          box: { ...bank.box, groove: { depth: size('7/32 in', '5.5 mm'), offset: size('3/8 in', '10 mm') } },
          drawers: bank.drawers.slice(0, 3),
        })),
      ),
  },
  {
    name: $localize`Deep drawers on heavy slides`,
    says: $localize`For chain, blocks and shackles: few deep drawers, thick sides, slides for over 100 kg.`,
    begin: (unit) =>
      job(unit, $localize`Deep bank`, (size, bank) => ({
        ...bank,
        slide: { family: 'side-heavy' },
        opening: {
          height: bank.opening?.height ?? [],
          width: [size('26 in', '660 mm')],
          depth: [size('22 1/2 in', '570 mm')],
        },
        division: { ...bank.division, step: size('2 in', '50 mm') },
        box: {
          ...bank.box,
          sides: 'front',
          ends: 'front',
          bottom: 'box',
          groove: { depth: size('5/16 in', '8 mm'), offset: size('1/2 in', '12 mm') },
        },
        drawers: bank.drawers.slice(0, 3),
      })),
  },
];

type Size = (inches: string, metric: string) => string;

/** The plain job under another name, its bank made over. */
function job(unit: Unit, name: string, over: (size: Size, bank: Bank) => Bank): JobOf<string> {
  const plain = newJob(unit);
  const size: Size = (inches, metric) => (unit === 'in' ? inches : metric);
  return {
    ...plain,
    name,
    cases: plain.cases.map((each) => ({ ...each, banks: each.banks.map((bank) => over(size, bank)) })),
  };
}

function framed(document: JobOf<string>): JobOf<string> {
  return { ...document, cases: document.cases.map((each) => ({ ...each, style: 'face-frame' })) };
}

function around(gap: string) {
  return { top: gap, bottom: gap, left: gap, right: gap };
}
