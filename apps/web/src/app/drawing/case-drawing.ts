import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { drawCaseFace, type Case, type CasePlan, type Shape } from '@zabble/core';
import { Speech } from '../words/speech';
import { FACE_RIGHT, fit } from './layout';
import { paneSize } from './pane-size';
import { PlacedBox } from './placed-box';

type Box = Shape & { kind: 'box' };

/** All banks of a case from the front, side by side; a press takes one on the bench. */
@Component({
  selector: 'z-case-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PlacedBox],
  template: `<svg
    class="absolute top-0 left-0 select-none"
    [attr.width]="size().width"
    [attr.height]="size().height"
    role="group"
    i18n-aria-label
    aria-label="Banks of the case"
  >
    @let s = scale();
    @for (bank of banks(); track bank.path) {
      <g
        class="cursor-pointer"
        role="button"
        tabindex="0"
        [attr.aria-label]="bank.name"
        [attr.aria-pressed]="bank.path === chosen()"
        (click)="taken.emit(bank.path)"
        (keydown.enter)="taken.emit(bank.path)"
        (keydown.space)="taken.emit(bank.path); $event.preventDefault()"
      >
        <rect [zPlacedBox]="bank.around" [scale]="s" fill="var(--board)" stroke="var(--edge)" />
        <rect
          [zPlacedBox]="bank.opening"
          [scale]="s"
          fill="var(--sheet)"
          [attr.stroke]="bank.path === chosen() ? 'var(--chalk)' : 'var(--ink)'"
          [attr.stroke-width]="bank.path === chosen() ? 2.6 : 1.3"
          [attr.stroke-dasharray]="bank.planned ? '6 4' : null"
        />
        @for (front of bank.fronts; track front.box.drawer) {
          <rect
            [zPlacedBox]="front.box"
            [scale]="s"
            [attr.fill]="bank.planned ? 'var(--sheet)' : 'var(--ply)'"
            [attr.stroke]="front.stopped ? 'var(--lead)' : 'var(--ink)'"
            [attr.stroke-dasharray]="bank.planned ? '7 4' : null"
          />
          <text
            [attr.x]="s.x(front.box.x) + 8"
            [attr.y]="s.y(front.box.y + front.box.height / 2) + 5"
            font-size="14"
            [attr.fill]="front.stopped ? 'var(--lead)' : 'var(--soft)'"
          >
            {{ front.number }}
          </text>
        }
        <text
          [attr.x]="s.x(bank.opening.x + bank.opening.width / 2)"
          [attr.y]="s.stick.bottom + 24"
          text-anchor="middle"
          font-size="15"
          fill="var(--ink)"
        >
          {{ bank.short }}
        </text>
      </g>
    }
    <line
      x1="0"
      x2="100%"
      [attr.y1]="s.stick.bottom + 1"
      [attr.y2]="s.stick.bottom + 1"
      stroke="var(--ink)"
      stroke-width="3"
    />
  </svg>`,
  host: { class: 'relative block h-full w-full overflow-hidden [contain:strict]' },
})
export class CaseDrawing {
  readonly plan = input.required<CasePlan>();
  readonly own = input.required<Case>();
  /** Path of the bank on the bench. */
  readonly chosen = input('');
  readonly taken = output<string>();
  private readonly speech = inject(Speech);
  protected readonly size = paneSize();
  private readonly face = computed(() => drawCaseFace(this.plan(), this.own()));
  protected readonly scale = computed(() => fit(this.face(), this.size(), FACE_RIGHT));
  protected readonly banks = computed(() =>
    this.face().banks.flatMap(({ path, face, x }) => {
      const bank = this.plan().banks.find((each) => each.path === path);
      const [around, opening] = ['case', 'opening'].map((role) => face.shapes.find((shape) => shape.role === role));
      if (!bank || around?.kind !== 'box' || opening?.kind !== 'box') return [];
      const moved = (box: Box): Box => ({ ...box, x: box.x + x });
      const stops = new Set(bank.findings.flatMap(({ severity, drawer }) => (severity === 'stop' && drawer) || []));
      const fronts = face.shapes.filter((shape): shape is Box => shape.kind === 'box' && shape.role === 'front');
      const short = this.speech.say({ code: 'bank', params: bank.bank });
      return {
        path,
        short,
        name: $localize`${short}, ${bank.drawers.length} drawers`,
        planned: bank.bank.basis === 'planned',
        around: moved(around),
        opening: moved(opening),
        fronts: fronts.map((box) => ({
          box: moved(box),
          stopped: stops.has(box.drawer ?? ''),
          number: (bank.drawers.find(({ id }) => id === box.drawer)?.place ?? 0) + 1,
        })),
      };
    }),
  );
}
