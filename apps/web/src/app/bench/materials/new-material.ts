import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { readLength, SPECIES, type MaterialKind, type MaterialOf } from '@zabble/core';
import { asking } from '../../server-api/asking';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { lengthControl, LengthInput, wrongLength } from '../../ui/length-input';
import { Says } from '../../ui/says';
import { ShopApi } from '../../server-api/shop-api';
import { MATERIAL_KINDS } from './material-card';
import { putIn } from './material-edits';
import { materialSaid } from './material-said';
import { materialStarts, type MaterialStart } from './material-starts';
import { ShopOffers, type Kept } from './shop-offers';

type Material = Omit<MaterialOf<string>, 'id'>;
const text = () => new FormControl('', { nonNullable: true });

/** Another material for the job: from a common one, from the shop, or said from nothing; its thickness is asked for. */
@Component({
  selector: 'z-new-material',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthInput, ReactiveFormsModule, Says],
  providers: [ShopOffers],
  templateUrl: './new-material.html',
})
export class NewMaterial {
  private readonly speech = inject(Speech);
  /** Id of what was put in. */
  readonly made = output<string>();
  readonly left = output();
  private readonly edits = inject(JobEdits);
  private readonly shop = inject(ShopApi);
  private readonly shopOffers = inject(ShopOffers);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly unit = computed(() => this.document()?.unit ?? 'mm');
  protected readonly starts = computed(() => materialStarts(this.unit()));
  protected readonly offers = computed(() => this.shopOffers.offers(this.document()?.materials ?? []));
  protected readonly kinds = MATERIAL_KINDS;
  protected readonly woods = SPECIES;
  protected readonly says = signal('');
  private readonly ask = asking(this.says);
  protected readonly begun = signal<MaterialStart | undefined>(undefined);
  protected readonly form = new FormGroup({
    name: text(),
    kind: new FormControl<MaterialKind>('plywood', { nonNullable: true }),
    thickness: lengthControl(),
    price: text(),
    species: text(),
  });
  private readonly written = toSignal(this.form.valueChanges, { initialValue: this.form.value });
  protected readonly solid = computed(() => this.written().kind === 'solid');
  /** The nominal size, while nothing is measured. */
  protected readonly unmeasured = computed(() =>
    this.written().thickness === undefined && !wrongLength(this.form.controls.thickness)
      ? this.begun()?.nominal
      : undefined,
  );

  protected begin(start: MaterialStart): void {
    this.begun.set(start);
    this.says.set('');
    this.form.patchValue({ name: start.name, kind: start.kind });
  }

  protected put(nominal?: string): void {
    const said = this.form.getRawValue();
    const begun = this.begun();
    const grain = begun?.kind === said.kind ? begun.grain : said.kind === 'plywood' || said.kind === 'solid';
    const wrong = nominal === undefined ? wrongLength(this.form.controls.thickness) : undefined;
    const read = nominal === undefined ? undefined : readLength(nominal, this.unit());
    const thickness = read?.ok ? read.value : said.thickness;
    const material = wrong
      ? $localize`Thickness: ${this.speech.words().say(wrong)}`
      : materialSaid({ ...said, thickness }, this.unit(), grain, this.speech.words());
    if (typeof material === 'string') this.says.set(material);
    else this.taken(material);
  }

  protected taken(material: Material): void {
    const document = this.document();
    if (!document) return;
    const { patches, id } = putIn(document, material);
    const refused = this.edits.apply($localize`${material.name} into the job`, patches);
    this.says.set(refused ?? '');
    if (refused === undefined) this.made.emit(id);
  }

  protected drop(kept: Kept): void {
    this.ask(this.shop.deleteMaterial(kept), () => this.shopOffers.fetch());
  }
}
