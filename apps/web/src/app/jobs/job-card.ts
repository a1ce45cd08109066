import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { StoredJob } from '@zabble/contract';
import { drawFace, plan, readJobDocument, type BankPlan, type Shape } from '@zabble/core';

type FrontBox = Shape & { kind: 'box' };

/** Millimetres to the pixel: every job on the wall is drawn to this one scale where it fits. */
const PER_PIXEL = 3.6;
const ROOM = { width: 330, height: 250 };
/** Between neighbouring banks, in millimetres. */
const BETWEEN = 60;

/** A job on the wall: its banks as small faces standing on one floor, to a common scale, and its name plate. */
@Component({
  selector: 'z-job-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  templateUrl: './job-card.html',
})
export class JobCard {
  readonly job = input.required<StoredJob>();
  readonly deleted = input(false);
  readonly remove = output<StoredJob>();
  readonly bringBack = output<StoredJob>();
  protected readonly banks = computed((): readonly BankPlan[] => {
    const reading = readJobDocument(this.job().document);
    return reading.ok ? plan(reading.job).cases.flatMap((each) => each.banks) : [];
  });
  protected readonly drawers = computed(() => this.banks().reduce((sum, { drawers }) => sum + drawers.length, 0));
  protected readonly planned = computed(() => this.banks().some(({ bank }) => bank.basis === 'planned'));
  protected readonly changed = computed(() =>
    new Date(this.job().updatedAt).toLocaleDateString(undefined, { day: 'numeric', month: 'long', year: 'numeric' }),
  );
  /** Every bank's case and fronts, side by side, in pixels from the floor up. */
  protected readonly wall = computed(() => {
    const faces = this.banks().map(drawFace);
    const width = faces.reduce((sum, face) => sum + face.width + BETWEEN, -BETWEEN);
    const height = Math.max(0, ...faces.map((face) => face.height));
    const per = Math.max(PER_PIXEL, width / ROOM.width, height / ROOM.height);
    let left = 0;
    const boxes = faces.flatMap((face) => {
      const start = left - face.x;
      left += face.width + BETWEEN;
      return face.shapes
        .filter((shape): shape is FrontBox => shape.kind === 'box' && (shape.role === 'case' || shape.role === 'front'))
        .map((box) => ({
          role: box.role,
          x: (start + box.x) / per,
          y: (height + face.y - box.y - box.height) / per,
          width: box.width / per,
          height: box.height / per,
        }));
    });
    return { boxes, width: width / per, height: height / per };
  });
}
