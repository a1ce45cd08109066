import { hangSteps } from '../fitting';
import { inMillimetres } from '../length';
import { banks, demo } from '../plan/plan.spec-data';
import { drawHanging, drawSlideHoles } from './hanging';

const [bank] = banks(demo('notions-bank'));

describe('a step of the hanging', () => {
  it('is drawn: the slide in hand on its spacer, those that hang, and the box that is tried', () => {
    const steps = hangSteps(bank!);
    const step = steps.find(({ name }) => name === 'd2/right')!;
    const { shapes, width } = drawHanging(bank!, step, new Set(['d1/left', 'd1/right', 'd2/left']));
    expect(shapes.filter(({ role }) => role === 'hung-slide')).toHaveLength(3);
    const spacer = shapes.find((shape) => shape.role === 'spacer');
    const slide = shapes.find((shape) => shape.role === 'slide');
    expect(spacer).toMatchObject({ y: 0, height: inMillimetres(step.spacer!.total) });
    expect(slide).toMatchObject({ x: width - 14, y: inMillimetres(step.spacer!.total) });
    const tried = drawHanging(bank!, steps.at(-1)!, new Set());
    expect(tried.shapes.map(({ role }) => role)).toEqual(['opening', 'drawer-box']);
  });

  it('shows the slide from the side, standing back, with every hole of its row on it', () => {
    const step = hangSteps(bank!).find(({ name }) => name === 'd1/left')!;
    const { shapes } = drawSlideHoles(bank!, step)!;
    const rail = shapes.find((shape) => shape.kind === 'box')!;
    const bores = shapes.flatMap((shape) => (shape.kind === 'circle' ? [shape.x] : []));
    // Common practice: 2 mm back, the first hole at 37 mm, then every 32 mm.
    expect(rail).toMatchObject({ x: 2, role: 'slide' });
    expect(bores.slice(0, 2)).toEqual([37, 69]);
    expect(bores).toHaveLength(step.holes!.count);
    const end = rail.kind === 'box' ? rail.x + rail.width : 0;
    expect(Math.max(...bores)).toBeLessThanOrEqual(end);
    expect(drawSlideHoles(bank!, hangSteps(bank!)[1]!)).toBeUndefined();
  });
});
