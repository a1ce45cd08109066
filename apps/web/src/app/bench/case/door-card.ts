import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { nm, valueAt, writeExact, type DoorOf, type DoorPlan, type OwnHingeOf, type Patch } from '@zabble/core';
import { Size } from '../../fields/size';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { panelsOf } from '../../store/case/whole-case';
import { Says } from '../../ui/says';
import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import {
  BAND_FIELDS,
  BUILT_FIELDS,
  DOOR_FIELDS,
  FRAME_FIELDS,
  HUNG_FIELDS,
  PULL_FIELDS,
  SHEET_FIELDS,
  TRIAL_FIELDS,
} from './door-fields';
import type { WrittenCase } from '../../store/case/nodes';
import type { WayField } from './case-way';
import { HingePick } from './hinge-pick';
import { WayFields } from './way-fields';

/** A part of a door that is there or not: what it begins with. */
interface Part {
  readonly field: 'frame' | 'band' | 'pull';
  readonly add: string;
  readonly away: string;
}

/** One door: its leaves as they come out, how it is made, hung, bored and measured back. */
@Component({
  selector: 'z-door-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, HingePick, Say, Says, Size, WayFields],
  templateUrl: './door-card.html',
  host: { class: 'flex flex-col gap-3 border-t border-line pt-4' },
})
export class DoorCard {
  readonly plan = input.required<DoorPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly doorFields = DOOR_FIELDS;
  protected readonly hungFields = HUNG_FIELDS;
  protected readonly builtFields = BUILT_FIELDS;
  protected readonly sheetFields = SHEET_FIELDS;
  protected readonly trialFields = TRIAL_FIELDS;
  protected readonly fieldsOf = { frame: FRAME_FIELDS, band: BAND_FIELDS, pull: PULL_FIELDS };
  protected readonly title = computed(() => $localize`Door ${this.plan().id}`);
  private readonly written = computed(() => valueAt(this.document(), this.plan().path) as DoorOf<string> | undefined);
  protected readonly parts = computed(() =>
    PARTS.map((part) => ({ ...part, there: this.written()?.[part.field] !== undefined })).filter(
      ({ field }) => field !== 'band' || this.written()?.frame === undefined,
    ),
  );
  protected readonly asBuilt = computed(() => this.written()?.basis === 'as-built');
  private readonly sheets = computed(() => this.document()?.hinges ?? []);
  protected readonly sheet = computed(() => {
    const place = this.sheets().findIndex(({ id }) => id === this.plan().hinge.id);
    return place < 0 ? undefined : `hinges[${place}]`;
  });

  protected readonly tried = computed(() => this.written()?.trial !== undefined);
  /** Only what has a cup is tried before it is bored for good. */
  protected readonly canBeTried = computed(() => this.plan().leaves.some(({ cup }) => cup?.tab !== undefined));

  /** Drawers of the case its edges may be level with. */
  protected readonly lineFields = computed((): readonly WayField[] => {
    const owner = valueAt(this.document(), this.plan().path.replace(/\.doors\[\d+\]$/, '')) as WrittenCase | undefined;
    const drawers = (owner?.banks ?? []).flatMap(({ id, name, drawers: all, front }) =>
      front.mount === 'none'
        ? []
        : all.map((drawer, place) => ({
            value: `${id}/${drawer.id}`,
            label: $localize`${name ?? id}, drawer ${place + 1}`,
          })),
    );
    if (drawers.length === 0) return [];
    const options = [{ value: '', label: $localize`by its lap` }, ...drawers];
    return [
      { kind: 'pick', name: 'lines.top', label: $localize`Upper edge level with`, options },
      { kind: 'pick', name: 'lines.bottom', label: $localize`Lower edge level with`, options },
    ];
  });

  protected weight(kilograms: number): string {
    return this.speech.words().weight(kilograms);
  }

  protected take(family: string): void {
    const { path } = this.plan();
    const patch: Patch = this.written()?.hinge
      ? { path: `${path}.hinge.family`, value: family }
      : { path: `${path}.hinge`, value: { family } };
    this.put($localize`hinge of ${this.plan().id}`, [patch]);
  }

  protected turn({ field }: Part, there: boolean): void {
    const path = `${this.plan().path}.${field}`;
    const name = $localize`${field} of ${this.plan().id}`;
    this.put(name, [{ path, value: there ? undefined : this.fresh(field) }]);
  }

  private fresh(field: Part['field']): object {
    const size = (inches: string, metric: string): string => this.edits.usual(inches, metric);
    if (field === 'band') return { thickness: size('1/32 in', '1 mm'), edges: ['top', 'bottom', 'left', 'right'] };
    if (field === 'pull') return { projection: size('1 1/4 in', '30 mm') };
    const document = this.document();
    return {
      ...{ stile: size('2 1/4 in', '57 mm'), groove: size('3/8 in', '10 mm'), play: size('1/8 in', '3 mm') },
      panel: document ? panelsOf(document).back : this.plan().door.material,
    };
  }

  /** The readings begin as it is planned, at both ends, to be written over. */
  protected build(asBuilt: boolean): void {
    const { path, opening, id } = this.plan();
    const unit = this.document()?.unit ?? 'mm';
    const twice = (length: Parameters<typeof writeExact>[0]): readonly string[] => {
      const text = writeExact(length, unit);
      return [text, text];
    };
    const readings = { width: twice(opening.width.total), height: twice(opening.height.total) };
    this.put(asBuilt ? $localize`measure ${id} back` : $localize`${id} as planned`, [
      { path: `${path}.basis`, value: asBuilt ? 'as-built' : undefined },
      ...(asBuilt && !this.written()?.opening ? [{ path: `${path}.opening`, value: readings }] : []),
    ]);
  }

  /** A row of the job's own, like the one in use. */
  protected fromSheet(): void {
    const { hinge, path } = this.plan();
    const taken = new Set(this.sheets().map(({ id }) => id));
    let number = 1;
    while (taken.has(`h${number}`)) number += 1;
    const row: OwnHingeOf<string> = { id: `h${number}`, like: hinge.id, name: this.speech.say(hinge.called) };
    const family: Patch = this.written()?.hinge
      ? { path: `${path}.hinge.family`, value: row.id }
      : { path: `${path}.hinge`, value: { family: row.id } };
    this.put($localize`hinge from its sheet`, [{ path: 'hinges', value: [...this.sheets(), row] }, family]);
  }

  /** It begins as it is planned, to be written over by what the trial gave. */
  protected try(begun: boolean): void {
    const { path, id, door, leaves } = this.plan();
    const unit = this.document()?.unit ?? 'mm';
    const [leaf] = leaves;
    const tab = leaf?.cup?.tab;
    if (!leaf || !tab) return;
    const overlay = door.mount === 'overlay' ? door[leaf.hinged] : nm(-door[leaf.hinged]);
    const [bored, plate, lapped] = [tab.total, leaf.cup?.plate ?? nm(0), overlay].map((each) => writeExact(each, unit));
    const value = begun ? { tab: bored, plate, overlay: lapped } : undefined;
    this.put(begun ? $localize`trial hinge of ${id}` : $localize`no trial of ${id}`, [
      { path: `${path}.trial`, value },
    ]);
  }

  private put(name: string, patches: readonly Patch[]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }
}

const PARTS: readonly Part[] = [
  { field: 'frame', add: $localize`Make it framed`, away: $localize`Make it of one piece` },
  { field: 'band', add: $localize`Band its edges`, away: $localize`No band` },
  { field: 'pull', add: $localize`Give it a pull`, away: $localize`No pull` },
];
