import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan, Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan } from '../../store/job/job.selectors';
import { SessionActions } from '../../store/session/session';
import { Choice } from '../../ui/choice';
import { LengthField } from '../../ui/length-field';
import { besidePatches } from '../divide/drawer-edits';
import { Says } from '../../ui/says';

/** The banks of a case side by side: one more, the divider they share, and what they have alike. */
@Component({
  selector: 'z-beside',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField, Says],
  template: `<section class="flex flex-col gap-3 border-t border-line pt-4" aria-label="Banks beside this one">
    <div class="flex flex-wrap items-end gap-x-4 gap-y-3">
      <button type="button" class="press" (click)="add()">+ A bank beside this one</button>
      @if (several()) {
        <button type="button" class="press" (click)="remove()">Take this bank away</button>
        <z-length-field
          [path]="owner() + '.divider'"
          label="Divider between banks"
          name="divider"
          [narrow]="true"
          [optional]="true"
          placeholder="none"
        />
      }
    </div>
    @if (shared()) {
      <z-choice [path]="owner() + '.alike'" label="Neighbours have alike" [options]="alike" />
    }
    <z-says [text]="says()" />
  </section>`,
})
export class Beside {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly says = signal('');
  protected readonly alike = [
    { value: 'openings', label: 'Openings' },
    { value: 'fronts', label: 'Fronts' },
  ];
  protected readonly owner = computed(() => this.bank().path.replace(/\.banks\[\d+\]$/, ''));
  private readonly siblings = computed(
    () => this.plan()?.cases.find(({ path }) => path === this.owner())?.banks ?? [this.bank()],
  );
  protected readonly several = computed(() => this.siblings().length > 1);
  protected readonly shared = computed(() => {
    const whole = this.plan()?.cases.find(({ path }) => path === this.owner());
    return this.several() && whole?.dividerLap !== undefined;
  });

  protected add(): void {
    const document = this.document();
    if (!document) return;
    const place = this.siblings().findIndex(({ path }) => path === this.bank().path);
    this.take('a bank beside', besidePatches(document, this.bank()), `${this.owner()}.banks[${place + 1}]`);
  }

  /** With the bank go the lines carried across from it. */
  protected remove(): void {
    const { id, path } = this.bank();
    const lines = this.siblings().flatMap((other) =>
      other.bank.drawers.flatMap(({ line }, index) =>
        line?.bank === id ? [{ path: `${other.path}.drawers[${index}].line`, value: undefined }] : [],
      ),
    );
    this.take(`take bank ${id} away`, [...lines, { path, value: undefined }], `${this.owner()}.banks[0]`);
  }

  private take(name: string, patches: readonly Patch[], next: string): void {
    const refused = this.edits.apply(name, patches);
    this.says.set(refused ?? '');
    if (refused === undefined) this.store.dispatch(SessionActions.bankChosen({ bank: next }));
  }
}
