import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { DrawerPlan } from '@zabble/core';
import { BothUnits } from '../fields/both-units';
import { HELD } from './held';
import { moved, shortened, type Scale } from './layout';
import { placed, type BoxInMm } from './placed-box';
import { SizeText } from './size-text';

/** What number, height and margins take of a front’s width, in pixels. */
const ROOM_FOR_HEIGHT = 118;
/** And what it takes more in both units. */
const ROOM_FOR_OTHER = 74;

/** One drawer front on the face: its number, name, height, and what holds or stops it. */
@Component({
  selector: '[zFront]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [SizeText],
  templateUrl: './front.html',
})
export class Front {
  readonly zFront = input.required<BoxInMm>();
  readonly drawer = input.required<DrawerPlan>();
  readonly scale = input.required<Scale>();
  readonly chosen = input(false);
  /** Planned fronts are drawn open and dashed. */
  readonly planned = input(false);
  /** Only its number, in the corner: its pull is looked at. */
  readonly bare = input(false);
  /** Something stands in this drawer’s way. */
  readonly stopped = input(false);
  private readonly both = inject(BothUnits);
  protected readonly moved = moved;
  protected readonly at = computed(() => placed(this.zFront(), this.scale()));
  protected readonly height = computed(() => this.drawer().dimensions['front.height']?.total);
  protected readonly middle = computed(() => this.at().y + this.at().height / 2);
  protected readonly title = computed(() => {
    const { name, place } = this.drawer();
    const room = ROOM_FOR_HEIGHT + (this.both.shown() ? ROOM_FOR_OTHER : 0);
    return shortened(name ?? $localize`Drawer ${place + 1}`, this.at().width - room);
  });
  protected readonly state = computed(() => {
    const { held, makeup } = this.drawer();
    if (this.stopped()) return $localize`can’t be built yet`;
    if (held) return held === 'locked' ? $localize`locked` : HELD[held];
    return makeup ? $localize`takes the rest` : '';
  });
}
