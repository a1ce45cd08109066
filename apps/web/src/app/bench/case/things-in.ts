import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { inMillimetres, valueAt, type CasePlan, type CaseworkPlan, type Lid, type Thing } from '@zabble/core';
import type { Option } from '../../fields/choice';
import { Size } from '../../fields/size';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan } from '../../store/job/job.selectors';
import { freeId } from './case-edits';
import { size, type WayField } from './case-way';
import { Folded } from './folded';
import { LidPicture } from './lid-picture';
import { RowList } from './row-list';
import { TiltPicture } from './tilt-picture';

const MOUNTS: readonly Option[] = [
  { value: 'overlay', label: $localize`before the case` },
  { value: 'inset', label: $localize`set in` },
];
const EDGES: readonly Option[] = [
  { value: 'front', label: $localize`front` },
  { value: 'left', label: $localize`left` },
  { value: 'right', label: $localize`right` },
  { value: 'back', label: $localize`back` },
];
const CORNERS: readonly Option[] = [
  { value: 'butt', label: $localize`butted` },
  { value: 'mitre', label: $localize`mitred` },
];

const LAPS = { top: $localize`Laps above`, left: $localize`at the left`, right: $localize`at the right` };

const BIN: readonly WayField[] = [
  ...[size('bin.width', $localize`Bin wide`), size('bin.depth', $localize`Bin deep`)],
  ...[size('bin.height', $localize`Bin high`), size('back', $localize`Behind the hinge line`, '0')],
  ...[size('up', $localize`Over the hinge line`, '0')],
  { kind: 'count', name: 'angle', label: $localize`Tilts by, degrees`, placeholder: '30' },
  { kind: 'choice', name: 'door.mount', label: $localize`Its door`, options: MOUNTS, fallback: 'overlay' },
  { kind: 'material', name: 'door.material', label: $localize`Door of` },
  ...(['top', 'left', 'right'] as const).map((edge) => size(`door.${edge}`, LAPS[edge])),
];

const LID: readonly WayField[] = [
  { kind: 'material', name: 'material', label: $localize`Of` },
  ...[size('front', $localize`Past the front`, '0'), size('left', $localize`Past the left side`, '0')],
  ...[size('right', $localize`Past the right side`, '0'), size('strip', $localize`Strip behind it`, $localize`none`)],
  { kind: 'count', name: 'opens', label: $localize`Opens to, degrees`, placeholder: '95' },
  { kind: 'yes', name: 'stay', label: $localize`A stay keeps it open` },
];

/** What stands in the compartments of a case besides drawers, doors and shelves, with what comes of each. */
@Component({
  selector: 'z-things-in',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Folded, LidPicture, RowList, Size, TiltPicture],
  templateUrl: './things-in.html',
  host: { class: 'block' },
})
export class ThingsIn {
  readonly plan = input.required<CasePlan>();
  readonly casework = input.required<CaseworkPlan>();
  private readonly edits = inject(JobEdits);
  private readonly planned = inject(Store).selectSignal(selectPlan);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  private readonly compartments = computed((): readonly Option[] =>
    this.casework().front.compartments.map(({ id }) => ({ value: id, label: id })),
  );
  private readonly place = computed((): WayField => ({
    kind: 'pick',
    name: 'compartment',
    label: $localize`In`,
    options: this.compartments(),
  }));
  protected readonly groups = computed(() => [this.tiltOuts(), this.boards(), this.uprights(), this.lids()]);
  protected readonly none = $localize`none`;

  private tiltOuts() {
    const [some, more] = [this.edits.usual('10 in', '250 mm'), this.edits.usual('16 in', '400 mm')];
    const lap = this.edits.usual('1/2 in', '13 mm');
    return this.group('tiltOuts', $localize`Tilt-outs`, {
      one: $localize`A tilt-out`,
      says: $localize`A door hinged at its lower edge, a bin on a platform behind it. A stay or a block stops it: a child’s fingers get between door and case, a full bin falls open by itself.`,
      fields: [this.place(), ...BIN],
      fresh: () => ({
        ...{
          id: this.free('t', 'tilt-out'),
          compartment: this.first(),
          bin: { width: some, depth: some, height: more },
        },
        door: { mount: 'overlay', top: lap, left: lap, right: lap, material: this.panel() },
      }),
      things: this.plan().things.filter(({ kind }) => kind === 'tilt-out'),
    });
  }

  private boards() {
    const edging: readonly WayField[] = [
      { kind: 'material', name: 'edging.material', label: $localize`Edging of` },
      size('edging.width', $localize`Edging wide`),
      { kind: 'many', name: 'edging.edges', label: $localize`Edged at`, options: EDGES },
      { kind: 'choice', name: 'edging.corner', label: $localize`Corners`, options: CORNERS, fallback: 'butt' },
    ];
    return this.group('boards', $localize`Work boards`, {
      one: $localize`A work board`,
      says: $localize`Pulled out of a slot to work on, by three fifths of its length. Leaned on at its front edge it tips a light case.`,
      fields: [
        this.place(),
        size('length', $localize`Long, front to back`),
        { kind: 'material', name: 'material', label: $localize`Of` },
        { kind: 'count', name: 'load_kg', label: $localize`Bears in front, kg`, placeholder: '0' },
        ...edging,
      ],
      fresh: () => ({
        ...{ id: this.free('w', 'board'), compartment: this.first(), material: this.panel() },
        ...{ length: this.edits.usual('18 in', '450 mm') },
        edging: {
          material: this.panel(),
          width: this.edits.usual('1 1/2 in', '40 mm'),
          edges: ['front', 'left', 'right'],
        },
      }),
      things: this.plan().things.filter(({ kind }) => kind === 'board'),
    });
  }

  private uprights() {
    return this.group('uprights', $localize`Upright dividers`, {
      one: $localize`A row of uprights`,
      says: $localize`For trays and boards on edge: in grooves of floor and ceiling, the ways between them alike.`,
      fields: [
        this.place(),
        { kind: 'count', name: 'count', label: $localize`How many`, placeholder: '1' },
        { kind: 'material', name: 'material', label: $localize`Of` },
        size('groove', $localize`Grooves deep`),
      ],
      fresh: () => ({
        ...{ compartment: this.first(), count: 4, material: this.panel() },
        groove: this.edits.usual('1/4 in', '6 mm'),
      }),
      things: [],
    });
  }

  private lids() {
    return this.group('lids', $localize`Lids`, {
      one: $localize`A lid`,
      says: $localize`A leaf that closes the case from above, on a long hinge at its back. It falls on fingers: a stay that brakes it, by its maker’s sheet, and nothing to press where a child reaches in.`,
      fields: LID,
      fresh: () => ({ id: this.free('l', 'lid'), material: this.panel(), stay: true }),
      things: this.plan().things.filter(({ kind }) => kind === 'lid'),
    });
  }

  /** Degrees a lid comes to where it stands. */
  protected reach({ id, opens }: Lid): number {
    const name = `${this.plan().id}/${id}`;
    const ways = (this.planned()?.worlds ?? []).flatMap(({ lids }) => lids);
    return ways.find(({ mover }) => mover.name === name)?.travel ?? opens;
  }

  protected readonly deep = computed(() => inMillimetres(this.casework().outline.depth));

  private group(
    field: string,
    title: string,
    more: {
      readonly one: string;
      readonly says: string;
      readonly fields: readonly WayField[];
      readonly fresh: () => object;
      readonly things: readonly Thing[];
    },
  ) {
    const path = `${this.plan().path}.${field}`;
    const rows = (valueAt(this.document(), path) ?? []) as readonly unknown[];
    return { path, title, count: rows.length, ...more };
  }

  private first(): string | undefined {
    return this.compartments()[0]?.value;
  }

  private panel(): string {
    return (valueAt(this.document(), `${this.plan().path}.build.panel`) as string | undefined) ?? '';
  }

  /** An id of its kind's letter nothing of this case has. */
  private free(letter: string, kind: Thing['kind']): string {
    const { banks, doors, things } = this.plan();
    const alike = things.filter((thing) => thing.kind === kind);
    return freeId(letter, alike, new Set([...banks, ...doors, ...things].map(({ id }) => id)));
  }
}
