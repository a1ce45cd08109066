import { said } from '../words';
import { hasDepth } from './joints';
import { OPENING_SIZES } from './opening-readings';
import { checkLines } from './lines';
import { readWrong, type Report } from '../reading';
import { backCorner, drawerSettings } from './settings';
import { checkTies } from './ties';
import type { Corner, Drawer, WrittenBank as Bank, WrittenJob as Job } from './types';

/** What the shape alone can't say: ids are unique among siblings and every name used stands for something. */
export function checkReferences(job: Job, report: Report): void {
  checkUnique(job.materials, 'materials', report);
  checkUnique(job.slides ?? [], 'slides', report);
  checkUnique(job.cases, 'cases', report);
  checkUnique(job.cutting?.extra ?? [], 'cutting.extra', report);
  checkUnique(job.room?.things ?? [], 'room.things', report);
  checkWalls(job, report);
  job.cutting?.extra?.forEach(({ material }, index) =>
    checkMaterial(job, material, `cutting.extra[${index}].material`, report),
  );
  job.cases.forEach((each, c) => {
    checkUnique(each.banks, `cases[${c}].banks`, report);
    each.banks.forEach((bank, b) => checkBank(job, bank, `cases[${c}].banks[${b}]`, report));
    checkLines(each, `cases[${c}]`, report);
  });
}

/** Walls are told apart, from each other and from things, and go from one place to another. */
function checkWalls({ room }: Job, report: Report): void {
  const walls = room?.walls ?? [];
  checkUnique(walls, 'room.walls', report);
  const things = new Map((room?.things ?? []).map(({ id }, index) => [id, index]));
  walls.forEach(({ id, from, to }, index) => {
    const same = things.get(id);
    if (same !== undefined)
      report.add(`room.walls[${index}].id`, readWrong(id, said('id-taken', { by: `room.things[${same}]` })));
    if (from.every((each, axis) => each === to[axis]))
      report.add(`room.walls[${index}].to`, said('wall-without-length'));
  });
}

function checkUnique(siblings: readonly { readonly id: string }[], path: string, report: Report): void {
  const seen = new Map<string, number>();
  siblings.forEach(({ id }, index) => {
    const first = seen.get(id);
    if (first === undefined) seen.set(id, index);
    else report.add(`${path}[${index}].id`, readWrong(id, said('id-taken', { by: `${path}[${first}]` })));
  });
}

function checkBank(job: Job, bank: Bank, path: string, report: Report): void {
  checkUnique(bank.drawers, `${path}.drawers`, report);
  if (bank.front.mount !== 'none') checkMaterial(job, bank.front.material, `${path}.front.material`, report);
  if (bank.front.pull?.made)
    checkMaterial(job, bank.front.pull.made.material, `${path}.front.pull.made.material`, report);
  if (bank.front.frame) checkMaterial(job, bank.front.frame.panel, `${path}.front.frame.panel`, report);
  checkReadings(bank, 'opening', path, report);
  checkReadings(bank, 'aside', path, report);
  bank.buildOut?.from?.forEach((id, index) => checkMaterial(job, id, `${path}.buildOut.from[${index}]`, report));
  checkBoxMaterials(job, bank.box, `${path}.box`, report);
  checkBoxFigures(bank.box, `${path}.box`, report);
  checkMakeup(bank, path, report);
  checkTies(bank, path, report);
  bank.drawers.forEach((drawer, d) => checkDrawer(job, bank, drawer, `${path}.drawers[${d}]`, report));
}

/** A reading at a drawer's level names a drawer of the bank. */
function checkReadings(bank: Bank, which: 'opening' | 'aside', path: string, report: Report): void {
  for (const size of OPENING_SIZES)
    bank[which]?.[size].forEach((reading, index) => {
      const drawer = typeof reading === 'object' ? reading.drawer : undefined;
      if (drawer !== undefined && !bank.drawers.some(({ id }) => id === drawer))
        report.add(`${path}.${which}.${size}[${index}].drawer`, readWrong(drawer, said('no-drawer')));
    });
}

function checkDrawer(job: Job, bank: Bank, drawer: Drawer, path: string, report: Report): void {
  if (drawer.front?.material !== undefined) checkMaterial(job, drawer.front.material, `${path}.front.material`, report);
  if (!drawer.box) return;
  checkBoxMaterials(job, drawer.box, `${path}.box`, report);
  checkBoxFigures(drawerSettings(bank, drawer).box, `${path}.box`, report);
}

function checkBoxMaterials(job: Job, box: Drawer['box'] & object, path: string, report: Report): void {
  for (const field of ['sides', 'ends', 'back', 'bottom'] as const) {
    const id = box[field];
    if (id !== undefined) checkMaterial(job, id, `${path}.${field}`, report);
  }
  const muntin = box.muntin?.material;
  if (muntin !== undefined) checkMaterial(job, muntin, `${path}.muntin.material`, report);
}

function checkMaterial(job: Job, id: string, path: string, report: Report): void {
  if (job.materials.some((material) => material.id === id)) return;
  report.add(path, readWrong(id, said('no-material')));
}

/** Figures the chosen joint and bottom need. `box` is merged: bank's values with a drawer's over them. */
function checkBoxFigures(box: Bank['box'], path: string, report: Report): void {
  checkDepth(box.corner, `${path}.corner`, report);
  if (box.corner.back) checkDepth(backCorner(box), `${path}.corner.back`, report);
  checkMuntin(box, path, report);
  if (box.bottomFit === 'applied') return;
  for (const field of ['groove', 'play'] as const)
    if (box[field] === undefined)
      report.add(`${path}.${field}`, said('field-needed', { by: said('by-bottom', { fit: box.bottomFit }) }));
  const thin = box.groove?.depth === undefined || box.groove.offset === undefined;
  if (box.groove && thin) report.add(`${path}.groove`, said('groove-needs'));
}

/** A muntin holds the halves of a bottom in grooves. */
function checkMuntin({ muntin, bottomFit }: Bank['box'], path: string, report: Report): void {
  if (!muntin) return;
  for (const field of ['material', 'width'] as const)
    if (muntin[field] === undefined) report.add(`${path}.muntin.${field}`, said('field-missing'));
  if (bottomFit === 'applied' || bottomFit === 'rabbeted')
    report.add(`${path}.muntin`, said('muntin-needs-groove', { fit: bottomFit }));
}

function checkDepth(corner: Corner, path: string, report: Report): void {
  if (corner.joint === undefined) report.add(`${path}.joint`, said('field-missing'));
  else if (hasDepth(corner.joint) && corner.depth === undefined)
    report.add(`${path}.depth`, said('field-needed', { by: said('by-joint', { joint: corner.joint }) }));
}

function checkMakeup(bank: Bank, path: string, report: Report): void {
  const { makeup } = bank.division;
  if (typeof makeup !== 'object') return;
  if (!bank.drawers.some(({ id }) => id === makeup.drawer))
    report.add(`${path}.division.makeup.drawer`, readWrong(makeup.drawer, said('no-drawer')));
}
