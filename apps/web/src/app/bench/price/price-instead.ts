import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  FINISH_ROWS,
  findingsBetween,
  hingeTable,
  insteadPatches,
  replaceable,
  said,
  slideTable,
  type Instead,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { LogWriter } from '../../store/log/log-writer';
import { Says } from '../../ui/says';
import { Say } from '../../words/say';
import { begun, Speech } from '../../words/speech';
import { PriceCompare } from './price-compare';
import { PriceState } from './price-state';
import { variantOf } from './variant';

type Kind = Instead['kind'];

interface Choice {
  readonly kind: Kind;
  readonly id: string;
  readonly name: string;
}

const KINDS: Readonly<Record<Kind, string>> = {
  material: $localize`material`,
  slide: $localize`slides`,
  hinge: $localize`hinges`,
  finish: $localize`finish`,
};

/** Something that can’t be had is replaced everywhere in one act: what changes first, then it is done, and written down why. */
@Component({
  selector: 'z-price-instead',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PriceCompare, Say, Says],
  template: `<p i18n class="caption max-w-prose">
      What can’t be had is replaced wherever the job uses it. Nothing changes until it is done; undo brings it back, and
      the record keeps that it was done and why.
    </p>
    <div class="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
      <label class="flex flex-col gap-1">
        <span i18n class="caption">Instead of</span>
        <select
          class="write w-full"
          data-testid="instead-of"
          (change)="from.set($any($event.target).value); to.set('')"
        >
          <option i18n value="">choose what can’t be had</option>
          @for (choice of used(); track keyOf(choice)) {
            <option [value]="keyOf(choice)" [selected]="keyOf(choice) === from()">
              {{ choice.name }} ({{ kinds[choice.kind] }})
            </option>
          }
        </select>
      </label>
      <label class="flex flex-col gap-1">
        <span i18n class="caption">Use</span>
        <select
          class="write w-full"
          data-testid="instead"
          [disabled]="options().length === 0"
          (change)="to.set($any($event.target).value)"
        >
          <option i18n value="">choose what there is</option>
          @for (option of options(); track option.id) {
            <option [value]="option.id" [selected]="option.id === to()">{{ option.name }}</option>
          }
        </select>
      </label>
      <label class="col-span-full flex flex-col gap-1">
        <span i18n class="caption">Why, for the record</span>
        <input
          class="write w-full"
          type="text"
          maxlength="200"
          [value]="why()"
          (input)="why.set($any($event.target).value)"
        />
      </label>
    </div>
    <z-says [text]="says()" />
    @if (done()) {
      <p role="status">{{ done() }}</p>
    }
    @if (variant(); as v) {
      <p i18n>It is used in {{ patches().length }} {patches().length, plural, =1 {place} other {places}} of the job.</p>
      @for (finding of between().come; track $index) {
        <p
          class="border-l-4 px-3 py-1"
          [class]="finding.severity === 'stop' ? 'border-lead bg-lead-wash' : 'border-ochre bg-ochre-wash'"
        >
          <b i18n class="font-semibold">Comes:</b> {{ finding | say }}
        </p>
      }
      @for (finding of between().gone; track $index) {
        <p class="border-l-4 border-edge bg-sheet px-3 py-1">
          <b i18n class="font-semibold">Goes:</b> {{ finding | say }}
        </p>
      }
      <z-price-compare [now]="now()" [variant]="v">
        <button i18n type="button" class="press press-main" (click)="take()">Use it everywhere</button>
      </z-price-compare>
    }`,
  host: { class: 'flex flex-col gap-4' },
})
export class PriceInstead {
  private readonly state = inject(PriceState);
  private readonly speech = inject(Speech);
  private readonly edits = inject(JobEdits);
  private readonly log = inject(LogWriter);
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly now = this.state.cost;
  protected readonly kinds = KINDS;
  protected readonly from = signal('');
  protected readonly to = signal('');
  protected readonly why = signal('');
  protected readonly done = signal('');
  private readonly refused = signal('');

  protected readonly used = computed((): readonly Choice[] => {
    const [document, plan] = [this.document(), this.plan()];
    if (!document || !plan) return [];
    return replaceable(document, plan).map(({ kind, from }) => ({ kind, id: from, name: this.nameOf(kind, from) }));
  });
  private readonly chosen = computed(() => this.used().find((choice) => this.keyOf(choice) === this.from()));
  protected readonly options = computed(() => {
    const [chosen, job] = [this.chosen(), this.job()];
    if (!chosen || !job) return [];
    const ids = {
      material: () => job.materials.map(({ id }) => id),
      slide: () => [...slideTable(job).keys()],
      hinge: () => [...hingeTable(job).keys()],
      finish: () => (this.state.shop.said().finishes ?? FINISH_ROWS).map(({ id }) => id),
    }[chosen.kind]();
    return ids.filter((id) => id !== chosen.id).map((id) => ({ id, name: this.nameOf(chosen.kind, id) }));
  });
  protected readonly patches = computed(() => {
    const [document, plan, chosen, to] = [this.document(), this.plan(), this.chosen(), this.to()];
    if (!document || !plan || !chosen || to === '') return [];
    return insteadPatches(document, plan, { kind: chosen.kind, from: chosen.id, to });
  });
  private readonly tried = computed(() => {
    const [document, now, patches] = [this.document(), this.now(), this.patches()];
    if (!document || !now || patches.length === 0) return undefined;
    return variantOf(document, patches, now, this.state.shop.settings());
  });
  protected readonly variant = computed(() => {
    const tried = this.tried();
    return tried && 'cost' in tried ? tried : undefined;
  });
  protected readonly between = computed(() => {
    const [before, after] = [this.plan(), this.variant()?.plan];
    return before && after ? findingsBetween(before, after) : { come: [], gone: [] };
  });
  protected readonly says = computed(() => {
    const tried = this.tried();
    const first = tried && 'errors' in tried ? tried.errors[0] : undefined;
    return first ? `${begun(this.speech.say(first.said))}.` : this.refused();
  });

  protected keyOf({ kind, id }: Choice): string {
    return `${kind} ${id}`;
  }

  /** Done only with its reason: the record is of no use without. */
  protected take(): void {
    const [chosen, why] = [this.chosen(), this.why().trim()];
    if (!chosen) return;
    if (why === '') return this.refused.set($localize`Say why first: the record keeps it.`);
    const other = this.nameOf(chosen.kind, this.to());
    const refused = this.edits.apply($localize`${other} instead of ${chosen.name}`, this.patches()) ?? '';
    this.refused.set(refused);
    if (refused !== '') return;
    this.log.add({ kind: 'note', note: $localize`${other} is used instead of ${chosen.name} everywhere\: ${why}` });
    this.done.set($localize`${other} is used instead of ${chosen.name}, and the record says why.`);
    this.from.set('');
    this.to.set('');
    this.why.set('');
  }

  private nameOf(kind: Kind, id: string): string {
    const job = this.job();
    if (!job) return id;
    switch (kind) {
      case 'material':
        return job.materials.find((each) => each.id === id)?.name ?? id;
      case 'slide':
        return this.called(slideTable(job).get(id)?.called, id);
      case 'hinge':
        return this.called(hingeTable(job).get(id)?.called, id);
      case 'finish':
        return begun(this.speech.say(said('cost/finish', { row: id })));
    }
  }

  private called(what: Parameters<Speech['say']>[0] | undefined, id: string): string {
    return what ? this.speech.say(what) : id;
  }
}
