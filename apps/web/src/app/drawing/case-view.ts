import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawCase, drawExploded, inMillimetres, type CaseworkPlan, type Shape } from '@zabble/core';
import { fit } from './layout';
import { paneSize } from './pane-size';
import { PlacedBox } from './placed-box';

type Box = Shape & { kind: 'box' };
type Outline = Shape & { kind: 'outline' };

/** How a case is looked at besides from the front. */
export type OtherView = 'plan' | 'section' | 'exploded';

const FACES: Readonly<Record<string, string>> = {
  face: 'var(--ply)',
  'side-face': 'var(--line)',
  'upper-face': 'var(--sheet)',
};

/** A case from above, cut through, or taken apart in the order it is put together. */
@Component({
  selector: 'z-case-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PlacedBox],
  template: `<svg
    class="absolute top-0 left-0 select-none"
    [attr.width]="size().width"
    [attr.height]="size().height"
    role="img"
    [attr.aria-label]="name()"
  >
    <defs>
      <pattern id="cut-through" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="6" height="6" fill="var(--ply)" />
        <line x1="0" x2="0" y1="0" y2="6" stroke="var(--soft)" stroke-width="1.6" />
      </pattern>
    </defs>
    @let s = scale();
    @for (box of boxes(); track $index) {
      <rect
        [zPlacedBox]="box"
        [scale]="s"
        [attr.fill]="box.role === 'cut-member' ? 'url(#cut-through)' : fill(box)"
        [attr.stroke]="box.role === 'cut-member' ? 'var(--ink)' : 'var(--edge)'"
        [attr.stroke-width]="box.role === 'cut-member' ? 1.4 : 0.8"
      />
    }
    @for (outline of outlines(); track $index) {
      <polygon
        [attr.points]="points(outline)"
        [attr.fill]="faces[outline.role]"
        stroke="var(--edge)"
        stroke-width="0.8"
        stroke-linejoin="round"
      />
    }
    @if (view() === 'section') {
      <line x1="0" x2="100%" [attr.y1]="s.y(0) + 1" [attr.y2]="s.y(0) + 1" stroke="var(--ink)" stroke-width="3" />
    }
    @if (view() !== 'exploded') {
      <text [attr.x]="s.x(0)" [attr.y]="s.y(drawn().y) + 22" font-size="14" fill="var(--soft)">{{ front() }}</text>
    }
  </svg>`,
  host: { class: 'relative block h-full w-full overflow-hidden [contain:strict]' },
})
export class CaseView {
  readonly casework = input.required<CaseworkPlan>();
  readonly view = input.required<OtherView>();
  /** The compartment a section goes through. */
  readonly through = input<string>();
  protected readonly faces = FACES;
  protected readonly size = paneSize();
  protected readonly drawn = computed(() => {
    const [casework, view] = [this.casework(), this.view()];
    return view === 'exploded' ? drawExploded(casework) : drawCase(casework, view, this.at());
  });
  protected readonly scale = computed(() => fit(this.drawn(), this.size(), 12));
  protected readonly boxes = computed(() => this.drawn().shapes.filter((shape): shape is Box => shape.kind === 'box'));
  protected readonly outlines = computed(() =>
    this.drawn().shapes.filter((shape): shape is Outline => shape.kind === 'outline'),
  );
  protected readonly name = computed(
    () =>
      ({
        plan: $localize`The case from above`,
        section: $localize`The case cut through, seen from the right`,
        exploded: $localize`The case taken apart`,
      })[this.view()],
  );
  protected readonly front = computed(() =>
    this.view() === 'plan' ? $localize`the front is below` : $localize`the front is on the left`,
  );
  private readonly at = computed(() => {
    const found = this.casework().openings.find(({ compartment }) => compartment.id === this.through());
    return found && inMillimetres(found.compartment.x) + inMillimetres(found.compartment.width.total) / 2;
  });

  protected fill({ member }: Box): string {
    return member === 'case-back' ? 'var(--well)' : 'var(--board)';
  }

  protected points({ points }: Outline): string {
    const s = this.scale();
    return points.map(([x, y]) => `${s.x(x).toFixed(1)},${s.y(y).toFixed(1)}`).join(' ');
  }
}
