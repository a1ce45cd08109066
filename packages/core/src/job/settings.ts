import { inches, millimetres, ZERO, type Length } from '../length';
import type { Box, Corner, Drawer, SlideChoice, WrittenBank, WrittenJob } from './types';

/** What holds for one drawer: its bank's values with the drawer's own laid over them, leaf by leaf. */
export interface DrawerSettings {
  readonly slide: SlideChoice;
  readonly frontMaterial: string;
  readonly box: Box;
}

export function drawerSettings(bank: WrittenBank, drawer: Drawer): DrawerSettings {
  return {
    slide: overlay(bank.slide, drawer.slide),
    frontMaterial: drawer.front?.material ?? bank.front.material,
    box: overlay(bank.box, drawer.box),
  };
}

/** The corner at the back: the front's, with what `corner.back` gives in its place. */
export function backCorner(box: Box): Corner {
  const { back, ...front } = box.corner;
  return back ?? front;
}

/** The finest step a job's lengths are shown in. */
export function showStep(job: WrittenJob): Length {
  return job.step ?? (job.unit === 'in' ? inches(1, 64) : millimetres(0.5));
}

/** Height of the rails between drawers; nothing where there are none. */
export function railOf(bank: WrittenBank): Length {
  return bank.rail ?? ZERO;
}

/** The field that decided a merged value: the drawer's own where it is given, else the bank's. */
export function decidedBy(bankPath: string, drawerIndex: number, drawer: Drawer, field: string): string {
  let value: unknown = drawer;
  for (const name of field.split('.')) value = isPlain(value) ? value[name] : undefined;
  return value === undefined ? `${bankPath}.${field}` : `${bankPath}.drawers[${drawerIndex}].${field}`;
}

function overlay<T extends object>(base: T, over: object | undefined): T {
  const merged: Record<string, unknown> = { ...(base as Record<string, unknown>) };
  for (const [name, value] of Object.entries(over ?? {})) {
    const below = merged[name];
    merged[name] = isPlain(below) && isPlain(value) ? overlay(below, value) : value;
  }
  return merged as T;
}

function isPlain(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
