import type { BankPlan, CasePlan } from '../plan';
import { drawFace } from './face';
import type { Box } from './shapes';
import { drawWholeCase } from './whole-case';

/** A bank as it is shown small: its case and its fronts in millimetres, to a tenth, y upward from the opening's floor. */
export interface SmallFace {
  readonly planned: boolean;
  readonly drawers: number;
  /** Banks in it, where it is a whole case. */
  readonly banks?: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly boxes: readonly SmallBox[];
}

export interface SmallBox {
  readonly role: 'case' | 'front';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Little enough to be kept beside a job and sent for many of them at once. */
export function smallFace(plan: BankPlan): SmallFace {
  const face = drawFace(plan);
  const boxes = face.shapes.filter(
    (shape): shape is Box & { role: SmallBox['role'] } =>
      shape.kind === 'box' && (shape.role === 'case' || shape.role === 'front'),
  );
  return {
    planned: plan.bank.basis === 'planned',
    drawers: plan.drawers.length,
    ...tenths(face),
    boxes: boxes.map((box) => ({ role: box.role, ...tenths(box) })),
  };
}

/** What is shown small of a case: the whole of it where it is planned whole, else each of its banks. */
export function smallFaces(plan: CasePlan): readonly SmallFace[] {
  if (!plan.casework) return plan.banks.map(smallFace);
  const { shapes, banks, doors, ...around } = drawWholeCase(plan, plan.casework);
  const members = shapes.filter((shape): shape is Box => shape.kind === 'box');
  const fronts = banks.flatMap((bank) =>
    bank.shapes.filter((shape): shape is Box => shape.kind === 'box' && shape.role === 'front'),
  );
  const seen = members.filter(({ member }) => member !== 'case-back' && member !== 'cleat');
  return [
    {
      planned: plan.banks.some(({ bank }) => bank.basis === 'planned'),
      drawers: plan.banks.reduce((sum, { drawers }) => sum + drawers.length, 0),
      banks: plan.banks.length,
      ...tenths(around),
      boxes: [
        ...seen.map((box) => ({ role: 'case' as const, ...tenths(box) })),
        ...[...fronts, ...doors].map((box) => ({ role: 'front' as const, ...tenths(box) })),
      ],
    },
  ];
}

function tenths({ x, y, width, height }: Pick<Box, 'x' | 'y' | 'width' | 'height'>) {
  const tenth = (size: number): number => Math.round(size * 10) / 10;
  return { x: tenth(x), y: tenth(y), width: tenth(width), height: tenth(height) };
}
