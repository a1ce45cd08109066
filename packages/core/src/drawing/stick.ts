import type { Length, Tally } from '../length';
import type { BankPlan, DrawerDimension, DrawerPlan } from '../plan';

/** What a mark on the story stick stands for. */
export type MarkKind = 'front-top' | 'front-bottom' | 'box-top' | 'box-bottom' | 'slide';

/** One mark of the story stick: its height above the opening's floor. */
export interface Mark {
  readonly kind: MarkKind;
  readonly drawer: string;
  readonly y: Length;
}

/** The bank's story stick: a mark at every front edge, box edge and slide line, from the top down. */
export function drawStick(plan: BankPlan): readonly Mark[] {
  return plan.drawers.flatMap(marksOf).sort((a, b) => b.y - a.y);
}

function marksOf(drawer: DrawerPlan): readonly Mark[] {
  const at = (name: DrawerDimension): Tally | undefined => drawer.dimensions[name];
  const edges = (group: 'front' | 'box'): readonly Mark[] => {
    const [bottom, height] = [at(`${group}.bottomY`), at(`${group}.height`)];
    if (!bottom || !height) return [];
    const top = (bottom.total + height.total) as Length;
    return [
      { kind: `${group}-top`, drawer: drawer.id, y: top },
      { kind: `${group}-bottom`, drawer: drawer.id, y: bottom.total },
    ];
  };
  const slide = at('slide.centreY');
  return [
    ...edges('front'),
    ...edges('box'),
    ...(slide ? [{ kind: 'slide', drawer: drawer.id, y: slide.total } as const] : []),
  ];
}
