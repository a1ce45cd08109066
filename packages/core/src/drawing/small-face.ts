import type { BankPlan } from '../plan';
import { drawFace } from './face';
import type { Box } from './shapes';

/** A bank as it is shown small: its case and its fronts in millimetres, to a tenth, y upward from the opening's floor. */
export interface SmallFace {
  readonly planned: boolean;
  readonly drawers: number;
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

function tenths({ x, y, width, height }: Pick<Box, 'x' | 'y' | 'width' | 'height'>) {
  const tenth = (size: number): number => Math.round(size * 10) / 10;
  return { x: tenth(x), y: tenth(y), width: tenth(width), height: tenth(height) };
}
