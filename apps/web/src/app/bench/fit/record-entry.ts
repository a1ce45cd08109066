import { begun, Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import {
  FAULTS,
  memberParts,
  OPERATION_IDS,
  partOfJob,
  said,
  type BankPlan,
  type FaultKind,
  type OperationId,
} from '@zabble/core';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { LogWriter } from '../../store/log/log-writer';
import { Says } from '../../ui/says';
import { bankKey } from './bank-key';
import { Photos } from './photos';

const WAYS = [
  { id: 'fault', name: $localize`A fault` },
  { id: 'note', name: $localize`A note` },
  { id: 'photo', name: $localize`A photograph` },
  { id: 'time', name: $localize`Time` },
] as const;

/** What is asked in words. */
const ASKS = {
  fault: $localize`What happened`,
  note: $localize`Note`,
  photo: $localize`What it shows`,
  time: $localize`What was done`,
} as const;

/** Something to write down: a fault and how it was mended, a note, a photograph, time spent. */
@Component({
  selector: 'z-record-entry',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  templateUrl: './record-entry.html',
})
export class RecordEntry {
  readonly bank = input.required<BankPlan>();
  private readonly log = inject(LogWriter);
  private readonly job = inject(Store).selectSignal(selectJob);
  private readonly plan = inject(Store).selectSignal(selectPlan);
  protected readonly photos = inject(Photos);
  protected readonly ways = WAYS;
  protected readonly ASKS = ASKS;
  protected readonly way = signal<(typeof WAYS)[number]['id']>('fault');
  protected readonly says = signal('');
  private readonly speech = inject(Speech);
  protected readonly faults = this.speech.options('fault', FAULTS);
  protected readonly operations = OPERATION_IDS.map((id) => ({
    value: id,
    label: begun(this.speech.say(said('cost/operation', { id }))),
  }));
  protected readonly drawers = computed(() =>
    this.bank().drawers.map(({ id, place, name }) => ({
      id,
      says: $localize`Drawer ${place + 1}${name ? `, ${name}` : ''}`,
    })),
  );
  /** Those of the case the bank stands in: told by their names, which no drawer has. */
  protected readonly parts = computed(() => {
    const [job, plan] = [this.job(), this.plan()];
    const owner = plan?.cases.find(({ path }) => this.bank().path.startsWith(`${path}.`));
    if (!job || !plan || !owner?.casework) return [];
    return memberParts(job, plan)
      .filter(({ use }) => use.case === owner.id)
      .map((part) => ({ name: part.name, says: this.speech.say(partOfJob(plan, part)) }));
  });
  private readonly named = bankKey(this.bank);
  protected readonly form = new FormGroup({
    fault: new FormControl<FaultKind>('box-wide', { nonNullable: true }),
    drawer: new FormControl('', { nonNullable: true }),
    note: new FormControl('', { nonNullable: true }),
    mended: new FormControl('', { nonNullable: true }),
    minutes: new FormControl('', { nonNullable: true }),
    operation: new FormControl<OperationId | ''>('', { nonNullable: true }),
  });

  protected write(): void {
    const { fault, note, mended, minutes, operation } = this.form.getRawValue();
    const more = note.trim() ? { note: note.trim() } : {};
    switch (this.way()) {
      case 'fault':
        this.log.add({
          kind: 'fault',
          fault,
          ...this.where(),
          ...more,
          ...(mended.trim() ? { mended: mended.trim() } : {}),
        });
        break;
      case 'note':
        if (!note.trim()) return this.says.set($localize`A note is a sentence: nothing is written yet.`);
        this.log.add({ kind: 'note', note: note.trim(), ...this.where() });
        break;
      case 'time': {
        const spent = Number(minutes.trim().replace(',', '.'));
        if (!Number.isInteger(spent) || spent < 1 || spent > 100_000)
          return this.says.set($localize`Read “${minutes}”: whole minutes are wanted, from 1 on.`);
        this.log.add({ kind: 'time', minutes: spent, ...(operation === '' ? {} : { operation }), ...more });
        break;
      }
      case 'photo':
        return;
    }
    this.clear();
  }

  protected async picture(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    input.value = '';
    if (!file) return;
    const note = this.form.getRawValue().note.trim();
    const kept = await this.photos.send(file);
    if (!kept.ok) return this.says.set(kept.says);
    this.log.add({ kind: 'photo', photo: kept.id, ...(note ? { note } : {}), ...this.where() });
    this.clear();
  }

  private where() {
    const { drawer: where } = this.form.getRawValue();
    if (this.parts().some(({ name }) => name === where)) return { part: where };
    return { bank: this.named(), ...(where ? { drawer: where } : {}) };
  }

  private clear(): void {
    this.says.set('');
    this.form.patchValue({ note: '', mended: '', minutes: '' });
  }
}
