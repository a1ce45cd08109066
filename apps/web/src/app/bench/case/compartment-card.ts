import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  valueAt,
  type BankPlan,
  type CaseworkPlan,
  type Asked,
  type CasePlan,
  type JobDocument,
  type Patch,
} from '@zabble/core';
import { Choice, type AnyOption, type Option } from '../../fields/choice';
import { Figure } from '../../fields/figure';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Pick } from '../../fields/pick';
import { Size } from '../../fields/size';
import { TextField } from '../../fields/text-field';
import { Toggle } from '../../fields/toggle';
import { bankIn, doorAway, doorOver, openIn, shelvesIn, traysIn } from '../../store/case/hold-edits';
import { alikeNodes, hasDoor, holds, mergeNode, splitNode, type LayoutEdit } from '../../store/case/layout-edits';
import { findNode, isLeaf, type FoundNode, type Way, type WrittenCase } from '../../store/case/nodes';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { sessionFeature } from '../../store/session/session';
import { ChoiceRow } from '../../ui/choice-row';
import { Says } from '../../ui/says';
import { MeasuredBack } from './measured-back';
import { MaterialPick } from '../materials/material-pick';
import { removeBank, type CaseEdit } from './case-edits';
import { CaseState } from './case-state';
import { DoorCard } from './door-card';
import { TRAY_FIELDS } from './door-fields';
import { WayFields } from './way-fields';

type Held = 'open' | 'drawers' | 'shelves';

const MOST_DRAWERS = 60;
const MOST_SHELVES = 40;

/** The compartment that is taken up on the drawing: its size, its division, what it holds. */
@Component({
  selector: 'z-compartment-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    OfPlan,
    Choice,
    ChoiceRow,
    DoorCard,
    Figure,
    LengthField,
    MaterialPick,
    MeasuredBack,
    NumberField,
    Pick,
    ReactiveFormsModule,
    RouterLink,
    Says,
    Size,
    TextField,
    Toggle,
    WayFields,
  ],
  templateUrl: './compartment-card.html',
  host: { class: 'flex flex-col gap-3' },
})
export class CompartmentCard {
  readonly plan = input.required<CasePlan>();
  readonly casework = input.required<CaseworkPlan>();
  private readonly state = inject(CaseState);
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  protected readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly chosen = this.store.selectSignal(sessionFeature.selectNode);
  protected readonly says = signal('');
  /** How many drawers or shelves are put in. */
  protected readonly count = new FormControl('3', { nonNullable: true });
  private readonly owner = computed(() => valueAt(this.document(), this.plan().path) as WrittenCase | undefined);
  protected readonly found = computed(() => {
    const node = this.chosen();
    const found = node?.case === this.plan().id ? findNode(this.owner(), this.plan().path, node.id) : undefined;
    return found && isLeaf(found.node) ? found : undefined;
  });
  protected readonly opening = computed(() =>
    this.casework().openings.find(({ compartment }) => compartment.id === this.found()?.node.id),
  );
  /** The compartment and what it lies in, each with a size along its split. */
  protected readonly chain = computed(() => {
    const own: FoundNode[] = [];
    let at = this.found();
    while (at?.parent) {
      own.push(at);
      at = findNode(this.owner(), this.plan().path, at.parent.node.id);
    }
    return own.map(({ node, path, parent }) => ({
      id: node.id,
      path,
      across: parent?.way === 'across',
      between: parent?.way === 'down' ? `${parent.path}.between` : undefined,
      fit: node.fit !== undefined && node.fit !== false,
      thing: typeof node.fit === 'object',
    }));
  });
  protected readonly held = computed((): Held => {
    const [owner, found] = [this.owner(), this.found()];
    return (owner && found && holds(owner, found.node.id)) ?? 'open';
  });
  protected readonly door = computed(() => {
    const [owner, found] = [this.owner(), this.found()];
    return owner !== undefined && found !== undefined && hasDoor(owner, found.node.id);
  });
  protected readonly bank = computed(() =>
    this.plan().banks.find(({ bank }) => bank.compartment === this.found()?.node.id),
  );
  /** Every door that closes it. */
  protected readonly doors = computed(() => {
    const id = this.found()?.node.id;
    return this.plan().doors.filter(({ opening }) => opening.compartments.some((each) => each.id === id));
  });
  protected readonly doorsOver = computed((): readonly Option[] =>
    this.doors().length === 0
      ? []
      : [{ value: '', label: $localize`no door` }, ...this.doors().map(({ id }) => ({ value: id, label: id }))],
  );
  protected readonly trayFields = TRAY_FIELDS;
  protected readonly shelves = computed(() => {
    const place = this.owner()?.shelves?.findIndex(({ compartment }) => compartment === this.found()?.node.id) ?? -1;
    return place < 0 ? undefined : `${this.plan().path}.shelves[${place}]`;
  });
  protected readonly afterIt = computed(() => {
    const { parent } = this.found() ?? {};
    return parent?.node[parent.way]?.[parent.place + 1]?.id;
  });
  protected readonly kinds: readonly { readonly id: Held; readonly name: string }[] = [
    { id: 'open', name: $localize`Nothing` },
    { id: 'drawers', name: $localize`Drawers` },
    { id: 'shelves', name: $localize`Shelves on pins` },
  ];
  protected readonly things: readonly AnyOption[] = [
    { value: 'thing', label: $localize`kept in a drawer` },
    { value: 'made-box', label: $localize`a box that is made` },
    { value: 'as-it-is', label: $localize`standing in it` },
  ];
  protected readonly betweens: readonly AnyOption[] = [
    { value: 'shelf', label: $localize`shelves` },
    { value: 'rail', label: $localize`rails` },
    { value: 'none', label: $localize`nothing` },
  ];

  /** What a compartment measures, each with its sum. */
  protected readonly sizes = [
    { id: 'width', label: $localize`Width of the compartment` },
    { id: 'height', label: $localize`Height of the compartment` },
    { id: 'depth', label: $localize`Depth of the compartment` },
  ] as const;

  protected asked(compartment: string, size: 'width' | 'height' | 'depth'): Asked {
    return { kind: 'compartment', case: this.plan().path, compartment, size };
  }

  /** Any width, to be written over. */
  protected toThing({
    id,
    path,
    across,
  }: {
    readonly id: string;
    readonly path: string;
    readonly across: boolean;
  }): void {
    const size = this.edits.usual('12 in', '300 mm');
    const value = across ? { width: size } : { height: size };
    this.says.set(this.edits.apply($localize`what ${id} is to take`, [{ path: `${path}.fit`, value }]) ?? '');
  }

  protected wide(id: string): string {
    return $localize`${id} wide`;
  }

  protected high(id: string): string {
    return $localize`${id} high`;
  }

  /** A size that is written takes the place of what it was fitted to. */
  protected unfit(path: string): readonly Patch[] {
    return [{ path: `${path}.fit`, value: undefined }];
  }

  protected split(way: Way): void {
    const name = way === 'across' ? $localize`divide across` : $localize`divide down`;
    this.lay(name, (owner, path, id) => splitNode(owner, path, id, way));
  }

  protected merge(): void {
    this.lay($localize`join two compartments`, mergeNode);
  }

  protected alike(): void {
    this.lay($localize`compartments alike`, alikeNodes);
  }

  /** What stands in it is taken away first; a count is asked where there can be several. */
  protected hold(kind: Held): void {
    const id = this.found()?.node.id;
    if (id === undefined || kind === this.held()) return;
    const count = this.counted(kind);
    if (count === undefined) return;
    this.edit($localize`what ${id} holds`, (document, spoken) => this.holding(document, spoken, kind, count));
  }

  private holding(
    document: JobDocument,
    spoken: ReadonlySet<string>,
    kind: Held,
    count: number,
  ): CaseEdit | string | undefined {
    const [path, found] = [this.plan().path, this.found()];
    const owner = valueAt(document, path) as WrittenCase | undefined;
    if (!owner || !found) return undefined;
    const { id } = found.node;
    const bank = this.bank();
    const away = [...openIn(owner, path, id), ...(bank ? (removeBank(document, bank.path)?.patches ?? []) : [])];
    const put = this.put(kind, document, owner, id, count, spoken);
    return { ...put, patches: [...away, ...put.patches] };
  }

  /** What is written to have so many of a kind in a compartment that is empty. */
  private put(
    kind: Held,
    document: JobDocument,
    owner: WrittenCase,
    id: string,
    count: number,
    spoken: ReadonlySet<string>,
  ): CaseEdit {
    const path = this.plan().path;
    if (kind === 'open') return { patches: [] };
    if (kind === 'shelves') return { patches: shelvesIn(owner, path, id, count) };
    return bankIn(document, owner, path, this.casework(), id, count, spoken);
  }

  /** Trays have no fronts; with fronts again they lap as others do. */
  protected turnTrays({ path, bank }: BankPlan): void {
    const trays = bank.front.mount === 'none';
    this.edit(trays ? $localize`fronts again` : $localize`trays, no fronts`, (document) => {
      const owner = valueAt(document, this.plan().path) as WrittenCase | undefined;
      const patches = owner && traysIn(document, owner, path, this.casework(), trays);
      return patches && { patches };
    });
  }

  protected turnDoor(): void {
    const [path, found] = [this.plan().path, this.found()];
    if (!found) return;
    const { id } = found.node;
    this.edit(this.door() ? $localize`no door over ${id}` : $localize`a door over ${id}`, (document) => {
      const owner = valueAt(document, path) as WrittenCase | undefined;
      const patches =
        owner &&
        (hasDoor(owner, id) ? doorAway(owner, path, id) : doorOver(document, owner, path, this.casework(), id));
      return patches && { patches };
    });
  }

  private counted(kind: Held): number | undefined {
    if (kind === 'open') return 1;
    const text = this.count.value.trim();
    const count = /^\d{1,3}$/.test(text) ? Number(text) : NaN;
    const most = kind === 'drawers' ? MOST_DRAWERS : MOST_SHELVES;
    if (count >= 1 && count <= most) return count;
    this.says.set($localize`Read ${JSON.stringify(text)}\: a number from 1 to ${most} is wanted.`);
    return undefined;
  }

  private lay(name: string, edit: (owner: WrittenCase, path: string, id: string) => LayoutEdit | undefined): void {
    const [path, found] = [this.plan().path, this.found()];
    if (!found) return;
    this.edit(name, (document) => {
      const owner = valueAt(document, path) as WrittenCase | undefined;
      const done = owner && edit(owner, path, found.node.id);
      if (!done) return undefined;
      if ('says' in done) return done.says;
      return { patches: done.patches, node: done.node };
    });
  }

  private edit(
    name: string,
    edit: (document: JobDocument, spoken: ReadonlySet<string>) => CaseEdit | string | undefined,
  ): void {
    this.says.set(this.state.apply(name, edit, this.plan().id) ?? '');
  }
}
