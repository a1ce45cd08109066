import { ShopMoney } from '../../shop/money';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { densityOf, materialUses, stiffnessOf, type Material } from '@zabble/core';
import { asking } from '../../server-api/asking';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Choice } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Pick } from '../../fields/pick';
import { Says } from '../../ui/says';
import { TextField } from '../../fields/text-field';
import { Toggle } from '../../fields/toggle';
import { ShopApi } from '../../server-api/shop-api';
import { copied, takenAway } from './material-edits';
import { usualSheet } from './material-starts';
import { SpeciesField } from './species-field';
import { WoodsList } from './woods-list';

/** What kinds of material are called. */
export const MATERIAL_KINDS = [
  { value: 'plywood', label: $localize`plywood` },
  { value: 'mdf', label: $localize`MDF` },
  { value: 'particleboard', label: $localize`particleboard` },
  { value: 'hardboard', label: $localize`hardboard` },
  { value: 'solid', label: $localize`solid wood` },
] as const;

const SHEET_TITLES = { price: $localize`Price of one sheet`, long: $localize`Sheet long`, wide: $localize`Sheet wide` };
const BOARD_TITLES = { price: $localize`Price`, long: $localize`Panel long`, wide: $localize`Panel wide` };

/** One material of the job: all that can be said of it, and where it is used. */
@Component({
  selector: 'z-material-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField, NumberField, Pick, Says, SpeciesField, TextField, Toggle, WoodsList],
  templateUrl: './material-card.html',
})
export class MaterialCard {
  readonly material = input.required<Material>();
  readonly place = input.required<number>();
  /** The material to look at next: a copy, or the one before. */
  readonly turned = output<string>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly shop = inject(ShopApi);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  private readonly ask = asking(this.says);
  protected readonly done = signal('');
  protected readonly kinds = MATERIAL_KINDS;
  protected readonly cuts = [
    { value: 'flat-sawn', label: $localize`Flat` },
    { value: 'quarter-sawn', label: $localize`Quarter` },
  ];
  protected readonly pers = [
    { value: 'bdft', label: $localize`board foot` },
    { value: 'm3', label: $localize`cubic metre` },
    { value: 'm', label: $localize`metre` },
  ];
  private readonly inches = computed(() => this.document()?.unit === 'in');
  protected readonly usualPer = computed(() => (this.inches() ? 'bdft' : 'm3'));
  protected readonly usualBoard = computed(() => (this.inches() ? '5 1/2 in' : '140 mm'));
  protected readonly path = computed(() => `materials[${this.place()}]`);
  protected readonly solid = computed(() => this.material().kind === 'solid');
  protected readonly titles = computed(() => (this.solid() ? BOARD_TITLES : SHEET_TITLES));
  protected readonly uses = computed(() => {
    const document = this.document();
    return document ? materialUses(document, this.material().id).map(this.speech.say) : [];
  });
  protected readonly money = inject(ShopMoney);
  /** What is counted where nobody says. */
  protected readonly usual = computed(() => {
    const { density_kg_m3: _d, stiffness_gpa: _s, ...plain } = this.material();
    return { density: String(densityOf(plain)), stiffness: String(stiffnessOf(plain).along / 1e9) };
  });

  protected copy(): void {
    const document = this.document();
    const edit = document && copied(document, this.place());
    if (edit && this.take($localize`copy ${this.material().name}`, edit.patches)) this.turned.emit(edit.id);
  }

  protected remove(): void {
    const document = this.document();
    const patches = document ? takenAway(document, this.place(), this.speech.words()) : [];
    if (typeof patches === 'string') return this.says.set(patches);
    const next = document?.materials[this.place() === 0 ? 1 : this.place() - 1]?.id;
    if (this.take($localize`take away ${this.material().name}`, patches) && next !== undefined) this.turned.emit(next);
  }

  /** A price is of a sheet of this size, so it goes with it. */
  protected sheet(told: boolean): void {
    const { kind, name } = this.material();
    const unit = this.document()?.unit ?? 'mm';
    const usual = usualSheet('plywood', unit);
    const panel = unit === 'in' ? { length: '72 in', width: '24 in' } : { length: '2000 mm', width: '600 mm' };
    const value = told ? (kind === 'solid' ? panel : usual) : undefined;
    this.take($localize`sheet of ${name}`, [{ path: `${this.path()}.sheet`, value }]);
  }

  protected keep(): void {
    const row = this.document()?.materials[this.place()];
    if (!row) return;
    this.ask(this.shop.keepMaterial(row), () => this.done.set($localize`${row.name} is kept for other jobs.`));
  }

  private take(name: string, patches: Parameters<JobEdits['apply']>[1]): boolean {
    const refused = this.edits.apply(name, patches);
    this.says.set(refused ?? '');
    this.done.set('');
    return refused === undefined;
  }
}
