import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { assembly, said, squareDiagonal, type CaseworkPlan } from '@zabble/core';
import { Size } from '../fields/size';
import { Speech } from '../words/speech';

/** The order a case is put together in, and what its diagonals are when it is square. */
@Component({
  selector: 'z-assembly-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `<ol
      class="flex list-decimal flex-wrap gap-x-8 gap-y-0.5 pl-5"
      i18n-aria-label
      aria-label="Order of assembly"
    >
      @for (step of steps(); track $index) {
        <li>{{ step }}</li>
      }
    </ol>
    <p i18n class="caption pt-1">
      Square when both diagonals over its outer corners are
      <b class="font-semibold text-ink"><z-size kind="reading" [length]="diagonal()" [unit]="true" /></b>; edges that
      meet in glue or a rabbet stay sharp.
    </p>`,
  host: { class: 'block' },
})
export class AssemblyList {
  readonly casework = input.required<CaseworkPlan>();
  private readonly speech = inject(Speech);
  protected readonly diagonal = computed(() => squareDiagonal(this.casework()));
  protected readonly steps = computed(() => {
    const { bodies } = this.casework();
    return assembly(this.casework()).map((roles) =>
      roles
        .map((role) => {
          const count = bodies.filter((body) => body.role === role).length;
          return this.speech.say(said(`part/${role}`, { count }));
        })
        .join(', '),
    );
  });
}
