import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { saidKey, type BankPlan, type JobFindingGroup, type Step } from '@zabble/core';
import { selectPlan } from '../../store/job/job.selectors';
import { Say } from '../../words/say';
import { FindingCard } from './finding-card';
import { SEVERITIES, TONES } from './severities';
import { worstFirst } from './worst-first';

/** What an old hand would say about this step in one line, the gravest first; it opens to all of it. */
@Component({
  selector: 'z-findings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FindingCard, Say],
  template: `@if (worst(); as first) {
    <section class="flex flex-col gap-1.5" i18n-aria-label aria-label="Findings of this step">
      <button
        type="button"
        class="flex min-h-11 w-full items-center gap-3 rounded border-l-4 px-3 py-1 text-left"
        [class]="tones[first.finding.severity]"
        [attr.aria-expanded]="open()"
        (click)="open.set(!open())"
      >
        @for (each of counts(); track each.severity) {
          <strong class="shrink-0 font-semibold">{{ each.says }}</strong>
        }
        <span class="min-w-0 flex-1 truncate">
          @if (open()) {
            <ng-container i18n>What an old hand would say here</ng-container>
          } @else {
            {{ first.said | say }}
          }
        </span>
        <span class="shrink-0 text-sm underline">
          @if (open()) {
            <ng-container i18n>close</ng-container>
          } @else {
            <ng-container i18n>open</ng-container>
          }
        </span>
      </button>
      @if (open()) {
        <ul class="flex flex-col gap-1.5" i18n-aria-label aria-label="Findings">
          @for (group of groups(); track keyOf(group)) {
            <li><z-finding-card [group]="group" [bank]="bank().path" /></li>
          }
        </ul>
      }
    </section>
  }`,
})
export class Findings {
  private readonly plan = inject(Store).selectSignal(selectPlan);
  protected readonly keyOf = ({ said, banks }: JobFindingGroup): string => saidKey(said) + (banks[0]?.path ?? '');
  protected readonly tones = TONES;
  readonly bank = input.required<BankPlan>();
  readonly step = input.required<Step>();
  protected readonly open = signal(false);
  /** The cut list is held by every stop there is. */
  protected readonly groups = computed(() => {
    const [{ path }, step] = [this.bank(), this.step()];
    const banks = this.plan()?.cases.flatMap((owner) => owner.banks) ?? [];
    return worstFirst(banks).filter(
      ({ finding, banks: shares }) =>
        shares.some((share) => share.path === path) &&
        (finding.step === step || (step === 'cut' && finding.severity !== 'note')),
    );
  });
  protected readonly worst = computed(() => this.groups()[0]);
  protected readonly counts = computed(() =>
    SEVERITIES.flatMap(({ severity, name }) => {
      const count = this.groups().filter(({ finding }) => finding.severity === severity).length;
      if (count === 0) return [];
      return [{ severity, says: count > 1 || this.groups().length > 1 ? `${name} ${count}` : name }];
    }),
  );
}
