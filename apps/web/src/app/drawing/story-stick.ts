import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { inMillimetres, type Mark } from '@zabble/core';
import { besides, drawerLabels, edgeLabels, moved, type Scale } from './layout';
import { SizeText } from './size-text';

const WORDS = {
  'front-top': $localize`front `,
  'front-bottom': $localize`front `,
  'box-top': $localize`box `,
  'box-bottom': $localize`box `,
  slide: $localize`slide `,
} as const;

/** How far the tick of a box edge reaches across the stick, in pixels; a front’s edge reaches all across. */
const SHORT_TICK = 12;

/** The story stick: a tick at every front and box edge, a dot at every slide line, what is chosen marked and named. */
@Component({
  selector: '[zStoryStick]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [SizeText],
  templateUrl: './story-stick.html',
})
export class StoryStick {
  readonly zStoryStick = input.required<readonly Mark[]>();
  readonly scale = input.required<Scale>();
  /** Id of the drawer that is marked. */
  readonly chosen = input<string>();
  protected readonly words = WORDS;
  protected readonly moved = moved;
  protected readonly own = computed(() => drawerLabels(this.zStoryStick(), this.chosen(), this.scale()));
  protected readonly edges = computed(() => besides(edgeLabels(this.zStoryStick(), this.scale()), this.own()));
  protected readonly ticks = computed(() => {
    const { stick, y } = this.scale();
    return this.zStoryStick().map(({ kind, drawer, y: height }) => {
      const front = kind === 'front-top' || kind === 'front-bottom';
      const usual = kind === 'slide' ? 'var(--soft)' : front ? 'var(--ink)' : 'var(--edge)';
      return {
        key: kind + drawer,
        dot: kind === 'slide',
        y: y(inMillimetres(height)),
        end: front ? stick.right : stick.left + SHORT_TICK,
        ink: drawer === this.chosen() ? 'var(--chalk)' : usual,
      };
    });
  });
}
