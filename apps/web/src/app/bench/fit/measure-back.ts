import { DEVICE_NAMES, PLACE_NAMES } from '../../words/place-names';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  millimetres,
  nm,
  readAddress,
  turnBasis,
  writeAddress,
  writeExact,
  writeLength,
  type BankPlan,
  type Length,
  type LogEntry,
  type Place,
  MEASURED_KINDS,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob, selectShowing } from '../../store/job/job.selectors';
import { LogWriter } from '../../store/log/log-writer';
import { logFeature } from '../../store/log/log.reducer';
import { selectLog } from '../../store/log/log.selectors';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { bankKey, doorsOfCase } from './bank-key';
import { BoxFits } from './box-fits';
import { FitState } from './fit-state';
import { ReadingEntry, type TakenSize } from './reading-entry';
import { plannedOf, SUBJECTS } from './subjects';

type Reading = LogEntry & { readonly kind: 'reading' };

/** One thing at one place, with its newest reading. */
interface Row {
  /** Id of the drawer, or of the material. */
  readonly of: string;
  readonly name: string;
  readonly place: Place | undefined;
  /** Of a hinge which, from below. */
  readonly hinge?: number;
  readonly planned: Length | undefined;
  readonly newest: Reading | undefined;
  readonly path: string;
  /** How often it was measured. */
  readonly times: number;
}

/** Sizes as they are, drawer by drawer: what is taken follows what was taken before, and the plan follows both. */
@Component({
  selector: 'z-measure-back',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex flex-col gap-4' },
  imports: [BoxFits, ReadingEntry, Says, Size],
  templateUrl: './measure-back.html',
})
export class MeasureBack {
  readonly bank = input.required<BankPlan>();
  private readonly writer = inject(LogWriter);
  private readonly fit = inject(FitState);
  private readonly store = inject(Store);
  private readonly log = this.store.selectSignal(selectLog);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly edits = inject(JobEdits);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly refused = this.store.selectSignal(logFeature.selectSays);
  protected readonly waiting = this.store.selectSignal(logFeature.selectWaiting);
  protected readonly here = this.store.selectSignal(logFeature.selectHere);
  protected readonly reached = this.store.selectSignal(logFeature.selectReached);
  protected readonly named = bankKey(this.bank);
  private readonly doors = doorsOfCase(this.bank);
  /** Doors where the case has any, packing where something is packed. */
  protected readonly subjects = computed(() =>
    SUBJECTS.filter(({ on }) => (on === 'door' ? this.doors().length > 0 : on !== 'bank' || this.packed())),
  );
  protected readonly what = signal<(typeof SUBJECTS)[number]['what']>('width');
  protected readonly at = signal(0);
  protected readonly subject = computed(() => SUBJECTS.find(({ what }) => what === this.what()) ?? SUBJECTS[0]);
  protected readonly planned = computed(() => this.bank().bank.basis === 'planned');
  protected readonly rows = computed((): readonly Row[] => {
    const { on } = this.subject();
    if (on === 'material') return this.materialRows();
    if (on === 'door') return this.doorRows();
    return on === 'bank' ? this.bankRows() : this.drawerRows();
  });
  protected readonly row = computed(() => this.rows()[this.at()] ?? this.rows()[0]);
  protected readonly about = computed(() => this.row()?.planned ?? this.row()?.newest?.length ?? millimetres(3));

  constructor() {
    // Led here by a sum: what was measured there is shown.
    effect(() => {
      const path = this.fit.reading();
      const entry = path === undefined ? undefined : this.log()[Number(/\d+/.exec(path)?.[0])];
      if (entry?.kind !== 'reading') return;
      untracked(() => {
        this.fit.reading.set(undefined);
        this.what.set(entry.what);
        this.at.set(
          Math.max(
            0,
            this.rows().findIndex((row) => row.path === path),
          ),
        );
      });
    });
  }

  protected choose(what: (typeof SUBJECTS)[number]['what']): void {
    this.what.set(what);
    this.at.set(0);
  }

  /** Into the log, and on to the next place. */
  protected keep({ length, device }: TakenSize): void {
    const [row, unit] = [this.row(), this.showing()?.unit ?? 'mm'];
    if (!row) return;
    this.writer.add({
      kind: 'reading',
      what: this.what(),
      ...this.where(row),
      ...(row.place === undefined ? {} : { place: row.place }),
      ...(row.hinge === undefined ? {} : { hinge: row.hinge }),
      length: device === 'typed' ? writeExact(length, unit) : writeExact(length, 'mm'),
      ...(row.planned === undefined ? {} : { against: writeExact(row.planned, unit) }),
      device,
    });
    this.at.update((at) => Math.min(at + 1, this.rows().length - 1));
  }

  /** Where in the job it was measured. */
  private where({ of }: Row) {
    const { on } = this.subject();
    if (on === 'material') return { material: of };
    if (on === 'door') return { door: this.doorKey(of) };
    return on === 'bank' ? { bank: this.named() } : { bank: this.named(), drawer: of };
  }

  private doorKey(door: string): string {
    return writeAddress({ case: readAddress(this.named()).case, bank: door });
  }

  private packed(): boolean {
    const { pack, behind, front } = this.bank().bank;
    return pack !== undefined || behind !== undefined || front.mount === 'none';
  }

  /** The planned readings are set aside; what was measured back counts from now on. */
  protected built(): void {
    const document = this.document();
    if (document) this.says.set(this.edits.apply($localize`as built`, turnBasis(document, this.bank().path)) ?? '');
  }

  protected title({ name, place, hinge }: Row): string {
    const where = place === undefined ? name : `${name}, ${PLACE_NAMES[place]}`;
    return hinge === undefined ? where : $localize`${where}, hinge ${hinge} from below`;
  }

  protected deviceSaid(device: TakenSize['device'] | undefined): string {
    return device === undefined || device === 'typed' ? '' : `, ${DEVICE_NAMES[device]}`;
  }

  protected readonly plannedKind = computed(() => MEASURED_KINDS[`measured/${this.what()}`]);

  protected off({ newest, planned }: Row): string {
    const showing = this.showing();
    if (!newest || planned === undefined || !showing) return '';
    const against = newest.against ?? planned;
    const over = newest.length - against;
    if (over === 0) return $localize`as planned`;
    const size = writeLength(nm(Math.abs(over)), 'gap', showing, { unit: true });
    return over > 0 ? $localize`${size} over` : $localize`${size} under`;
  }

  private drawerRows(): readonly Row[] {
    const [bank, what, named] = [this.bank(), this.what(), this.named()];
    const places: readonly (Place | undefined)[] =
      this.subject().places.length > 0 ? this.subject().places : [undefined];
    return bank.drawers.flatMap((drawer) =>
      places.map((place) => ({
        of: drawer.id,
        name: $localize`Drawer ${drawer.place + 1}`,
        place,
        planned: plannedOf(bank, what, drawer, place),
        ...this.readings(
          (each) => each.bank === named && each.what === what && each.drawer === drawer.id && each.place === place,
        ),
      })),
    );
  }

  private bankRows(): readonly Row[] {
    const [bank, what, named] = [this.bank(), this.what(), this.named()];
    const [first] = bank.drawers;
    return this.subject().places.flatMap((place) =>
      first
        ? [
            {
              ...{ of: '', name: $localize`The bank`, place, planned: plannedOf(bank, what, first, place) },
              ...this.readings((each) => each.bank === named && each.what === what && each.place === place),
            },
          ]
        : [],
    );
  }

  /** Every leaf, at the side it is hinged on; its hinges one by one where their heights are asked. */
  private doorRows(): readonly Row[] {
    const what = this.what();
    return this.doors().flatMap((door) =>
      door.leaves.flatMap((leaf): readonly Row[] => {
        const row = { of: door.id, name: $localize`Door ${door.id}`, place: leaf.hinged };
        if (what !== 'hinge-y')
          return [
            {
              ...row,
              planned: what === 'hinge' ? leaf.protrusion : undefined,
              ...this.readings((each) => this.isAt(each, row)),
            },
          ];
        return leaf.hinges.map((up, index) => ({
          ...{ ...row, hinge: index + 1, planned: nm(leaf.y + up.total - door.opening.y) },
          ...this.readings((each) => this.isAt(each, row) && each.hinge === index + 1),
        }));
      }),
    );
  }

  private isAt(each: Reading, { of, place }: Pick<Row, 'of' | 'place'>): boolean {
    return each.door === this.doorKey(of) && each.what === this.what() && each.place === place;
  }

  private materialRows(): readonly Row[] {
    return (this.job()?.materials ?? []).map(({ id, name, thickness }) => ({
      of: id,
      name,
      place: undefined,
      planned: thickness,
      ...this.readings((each) => each.what === 'thickness' && each.material === id),
    }));
  }

  private readings(is: (reading: Reading) => boolean): Pick<Row, 'newest' | 'path' | 'times'> {
    const found = this.log().flatMap((each, index) => (each.kind === 'reading' && is(each) ? [{ each, index }] : []));
    const last = found.at(-1);
    return { newest: last?.each, path: last ? `log[${last.index}].length` : '', times: found.length };
  }
}
