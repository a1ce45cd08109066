import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { drawPanel, type BankPlan } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { selectShowing } from '../../store/job/job.selectors';
import { LengthField } from '../../ui/length-field';
import { Size } from '../../ui/size';
import { Says } from '../../ui/says';

/** The panel is drawn this high, in pixels. */
const HIGH = 220;
const WIDE = 260;

/** All fronts of the bank from one panel, so that the grain runs through: the panel with its cut lines. */
@Component({
  selector: 'z-panel-run',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, Says, Size],
  template: `<section class="flex flex-col gap-3 border-t border-line pt-4" aria-label="One panel">
    <h3 class="text-lg font-semibold">One panel</h3>
    @if (run(); as found) {
      <div class="flex flex-wrap items-start gap-3">
        <z-length-field [path]="path() + '.kerf'" label="Kerf" [narrow]="true" />
        <z-length-field [path]="path() + '.trim'" label="Trim, both ends" [narrow]="true" />
        <z-length-field
          [path]="path() + '.strip'"
          label="Strip cut out"
          [narrow]="true"
          [optional]="true"
          placeholder="none"
        />
        <button type="button" class="press mt-6" (click)="put(undefined, 'fronts one by one')">One by one</button>
      </div>
      <div class="flex flex-wrap items-end gap-6">
        @if (panel(); as drawn) {
          <svg [attr.width]="drawn.width" [attr.height]="drawn.height" role="img" aria-label="The panel with its cuts">
            @for (box of drawn.boxes; track $index) {
              <rect
                [attr.x]="box.x"
                [attr.y]="box.y"
                [attr.width]="box.width"
                [attr.height]="box.height"
                [attr.fill]="box.panel ? 'var(--ochre-wash)' : 'var(--ply)'"
                [attr.stroke]="box.panel ? 'var(--ochre)' : 'var(--ink)'"
              />
              @if (!box.panel && box.height > 15) {
                <text
                  [attr.x]="box.x + box.width / 2"
                  [attr.y]="box.y + box.height / 2 + 5"
                  text-anchor="middle"
                  font-size="14"
                  fill="var(--ink)"
                >
                  {{ box.number }}
                </text>
              }
            }
          </svg>
        }
        <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1.5">
          <dt class="caption">Panel, along the run</dt>
          <dd class="text-xl"><z-size [length]="found.panel.total" /></dd>
          <dt class="caption">The figure</dt>
          <dd>
            @if (jump(); as off) {
              jumps by <z-size [length]="off" /> at a joint
            } @else {
              runs through unbroken
            }
          </dd>
        </dl>
      </div>
    } @else {
      <p class="caption">Cut from one panel, in their order, so that the grain runs through the bank.</p>
      <div><button type="button" class="press" (click)="begin()">Cut them from one panel</button></div>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class PanelRun {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly path = computed(() => `${this.bank().path}.front.run`);
  protected readonly run = computed(() => (this.bank().bank.front.run ? this.bank().run : undefined));
  /** The largest jump, either way; nothing where the figure runs through. */
  protected readonly jump = computed(() => {
    const jumps = this.run()?.jumps.map(({ total }) => total) ?? [];
    return [...jumps].sort((a, b) => Math.abs(b) - Math.abs(a))[0];
  });
  protected readonly panel = computed(() => {
    const drawing = drawPanel(this.bank());
    if (!drawing) return undefined;
    const scale = Math.min(HIGH / drawing.height, WIDE / drawing.width);
    const boxes = drawing.shapes.flatMap((shape) =>
      shape.kind === 'box'
        ? {
            x: shape.x * scale + 1,
            y: (drawing.height - shape.y - shape.height) * scale + 1,
            width: shape.width * scale,
            height: shape.height * scale,
            panel: shape.role === 'panel',
            number: this.bank().drawers.findIndex(({ id }) => id === shape.drawer) + 1,
          }
        : [],
    );
    return { boxes, width: drawing.width * scale + 2, height: drawing.height * scale + 2 };
  });

  protected begin(): void {
    const inch = this.showing()?.unit === 'in';
    this.put({ kerf: inch ? '1/8 in' : '3.2 mm', trim: inch ? '1/2 in' : '10 mm' }, 'fronts from one panel');
  }

  protected put(value: object | undefined, name: string): void {
    this.says.set(this.edits.apply(name, [{ path: this.path(), value }]) ?? '');
  }
}
