import { Speech } from '../words/speech';
import { DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import {
  inches,
  millimetres,
  plan,
  readJobDocument,
  smallFaces,
  writeLength,
  type BankPlan,
  type JobDocument,
  type Plan,
  type Unit,
  saidOf,
} from '@zabble/core';
import { CornerDrawing } from '../drawing/corner-drawing';
import { lengthControl, LengthInput, wrongLength } from '../ui/length-input';
import { Says } from '../ui/says';
import { jobBegun, NOTHING_ASKED, wholeBegun, type Asked } from './job-begun';
import { Wall } from '../drawing/wall';
import { WAYS } from './ways-of-building';

const ROOM = { width: 260, height: 300 };
const text = () => new FormControl('', { nonNullable: true });

/** A new job: whose, in which unit, planned or measured, its opening and drawers, and the way it is made; drawn as it is said. */
@Component({
  selector: 'z-new-job-sheet',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CornerDrawing, LengthInput, ReactiveFormsModule, Says, Wall],
  templateUrl: './new-job-sheet.html',
})
export class NewJobSheet {
  private readonly speech = inject(Speech);
  protected readonly dialog = inject<DialogRef<JobDocument>>(DialogRef);
  protected readonly room = ROOM;
  protected readonly unit = signal<Unit>('in');
  protected readonly basis = signal<'planned' | 'as-built'>('planned');
  /** What the job begins with: an opening that is there, or a whole case. */
  protected readonly whole = signal(false);
  protected readonly beginnings = [
    { whole: false, label: $localize`An opening` },
    { whole: true, label: $localize`A whole case` },
  ] as const;
  protected readonly chosen = signal(0);
  protected readonly says = signal('');
  protected readonly units = [
    { unit: 'in', label: $localize`Inches` },
    { unit: 'mm', label: $localize`Millimetres` },
  ] as const;
  protected readonly bases = [
    { value: 'planned', label: $localize`Planned` },
    { value: 'as-built', label: $localize`Measured` },
  ] as const;
  protected readonly questions = computed(
    () =>
      [
        { name: 'width', label: this.whole() ? $localize`Case wide` : $localize`Opening wide` },
        { name: 'height', label: $localize`high` },
        { name: 'depth', label: $localize`deep` },
      ] as const,
  );
  protected readonly form = new FormGroup({
    name: text(),
    customer: text(),
    width: lengthControl(),
    height: lengthControl(),
    depth: lengthControl(),
    drawers: text(),
  });
  private readonly written = toSignal(this.form.valueChanges, { initialValue: this.form.value });
  private readonly asked = computed((): Asked => ({ ...NOTHING_ASKED, ...this.written() }));
  protected readonly ways = computed(() =>
    WAYS.map(({ name, says, begin }) => {
      const document = begin(this.unit());
      const owner = planOf(document)?.cases[0];
      return { name, says, document, bank: owner?.banks[0], style: document.cases[0]?.style ?? 'frameless' };
    }),
  );
  protected readonly way = computed(() => this.ways()[this.chosen()] ?? (this.ways()[0] as never));
  /** What is counted where a question is left blank. */
  protected readonly usual = computed(() => {
    const { document } = this.way();
    const drawers = String(document.cases[0]?.banks[0]?.drawers.length ?? '');
    return { ...(this.whole() ? caseSizes(document) : openingSizes(document)), drawers };
  });
  private readonly begun = computed(() =>
    this.whole()
      ? wholeBegun(this.way().document, this.asked())
      : jobBegun(this.way().document, this.basis(), this.asked()),
  );
  /** What can’t be read, by its question. */
  protected readonly wrong = computed(() => {
    this.written();
    const wrong: Partial<Record<'width' | 'height' | 'depth' | 'drawers', string>> = { ...this.begun().wrong };
    for (const { name } of this.questions()) {
      const why = wrongLength(this.form.controls[name]);
      if (why) wrong[name] = this.speech.words().say(why);
    }
    return wrong;
  });
  /** The job as it is said so far: its face, its box in words, and what would have to be mended first. */
  protected readonly drawn = computed(() => {
    const { document } = this.begun();
    const planned = planOf(document);
    const banks = planned?.cases.flatMap((each) => each.banks) ?? [];
    const [bank] = banks;
    const stop = bank?.findings.find(({ severity }) => severity === 'stop');
    return {
      faces: planned?.cases.flatMap(smallFaces) ?? [],
      says: bank ? drawersOf(bank, document.unit) : '',
      stop: planned && stop && this.speech.wordsOf(planned).say(saidOf(stop)),
    };
  });

  protected begin(): void {
    const [first] = Object.values(this.wrong());
    this.says.set(first ?? '');
    if (first === undefined) this.dialog.close(this.begun().document);
  }
}

function planOf(document: JobDocument): Plan | undefined {
  const reading = readJobDocument(document);
  return reading.ok ? plan(reading.job) : undefined;
}

/** The outer sizes of a case around what a way of building begins with. */
function caseSizes(way: JobDocument) {
  const { width = '', height = '', depth = '' } = wholeBegun(way, NOTHING_ASKED).document.cases[0]?.build ?? {};
  return { width, height, depth };
}

function openingSizes({ cases }: JobDocument) {
  const { width, height, depth } = cases[0]?.banks[0]?.opening ?? {};
  const plain = (readings: readonly unknown[] | undefined): string => String(readings?.[0] ?? '');
  return { width: plain(width), height: plain(height), depth: plain(depth) };
}

function drawersOf({ drawers }: BankPlan, unit: Unit): string {
  const count = drawers.length === 1 ? $localize`1 drawer` : $localize`${drawers.length} drawers`;
  const width = drawers[0]?.dimensions['box.width']?.total;
  if (width === undefined) return count;
  const step = unit === 'in' ? inches(1, 64) : millimetres(0.5);
  return $localize`${count}, boxes ${writeLength(width, 'part', { unit, step }, { unit: true })} wide`;
}
