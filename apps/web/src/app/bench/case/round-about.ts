import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { memberName, said, valueAt, type CasePlan, type CaseworkPlan } from '@zabble/core';
import type { Option } from '../../fields/choice';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Speech } from '../../words/speech';
import { size, type WayField } from './case-way';
import { Folded } from './folded';
import { RowList } from './row-list';

const KEPT_CLEAR: readonly WayField[] = [
  { kind: 'text', name: 'name', label: $localize`What stands there` },
  size('x', $localize`From the left wall`),
  size('y', $localize`Over its floor`),
  size('z', $localize`Behind the front`),
  size('width', $localize`Wide`),
  size('height', $localize`High`),
  size('depth', $localize`Deep`),
  size('room', $localize`Room round it`, '0'),
];

const WALL: readonly WayField[] = [size('y', $localize`At a height of`), size('in', $localize`It comes in by`)];
const STEP: readonly WayField[] = [
  size('height', $localize`Up to, over the floor`),
  size('depth', $localize`Stands out`),
];

const HOLE: readonly WayField[] = [
  ...[size('x', $localize`From the left`), size('y', $localize`Up`), size('width', $localize`Wide`)],
  ...[size('height', $localize`High`), size('radius', $localize`Corners round by`, '0')],
];
const WALLS = [
  { wall: 'left', title: $localize`The wall at its left` },
  { wall: 'right', title: $localize`The wall at its right` },
  { wall: 'back', title: $localize`The wall behind it` },
];

/** What a case meets: walls that are not straight, what stands at them, holes in its members, what is kept clear of. */
@Component({
  selector: 'z-round-about',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Folded, RowList],
  template: `<h4 i18n class="mb-1 text-lg font-semibold">What it meets</h4>
    @for (group of groups(); track group.path) {
      <z-folded [title]="group.title" [count]="group.count" [none]="none">
        <p class="caption">{{ group.says }}</p>
        <z-row-list
          [path]="group.path"
          [title]="group.title"
          [one]="group.one"
          [fields]="group.fields"
          [fresh]="group.fresh"
        />
        @for (steps of group.steps; track steps.path) {
          <div class="border-l-4 border-line pl-3">
            <p class="caption pb-1">{{ steps.title }}</p>
            <z-row-list
              [path]="steps.path"
              [title]="steps.title"
              [one]="oneStep"
              [fields]="stepFields"
              [fresh]="freshStep"
            />
          </div>
        }
      </z-folded>
    }`,
  host: { class: 'block' },
})
export class RoundAbout {
  readonly plan = input.required<CasePlan>();
  readonly casework = input.required<CaseworkPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly none = $localize`nothing told`;
  protected readonly oneStep = $localize`A step over it`;
  protected readonly stepFields = STEP;
  protected readonly freshStep = () => this.step();

  /** Members that stand at a wall, each by its name. */
  private readonly members = computed((): readonly Option[] => {
    const roles = ['case-side-left', 'case-side-right', 'divider', 'case-back'];
    return this.casework()
      .bodies.filter(({ role }) => roles.includes(role))
      .map((body) => {
        const name = this.speech.say(said(`part/${body.role}`, { count: 1 }));
        return {
          value: memberName(body),
          label: body.node === undefined ? name : $localize`${name}, right of ${body.node}`,
        };
      });
  });

  private readonly compartments = computed((): readonly Option[] =>
    this.casework().front.compartments.map(({ id }) => ({ value: id, label: id })),
  );

  protected readonly groups = computed(() => {
    const path = this.plan().path;
    const inSpace = valueAt(this.document(), `${path}.build.place`) !== undefined;
    return [
      ...(inSpace ? WALLS.map(({ wall, title }) => this.wall(`${path}.build.place.walls.${wall}`, title)) : []),
      this.notches(`${path}.build.notches`),
      this.keptClear(`${path}.keepOuts`),
      this.holes(`${path}.cutOuts`),
    ];
  });

  private wall(path: string, title: string) {
    return this.group(path, title, {
      one: $localize`A reading`,
      says: $localize`How far it comes in, at heights from the floor: a hump is told where it is more than is left on to shape.`,
      fields: WALL,
      fresh: () => ({ y: this.usual('0 in', '0 mm'), in: this.usual('0 in', '0 mm') }),
    });
  }

  private notches(path: string) {
    return this.group(path, $localize`Notched round`, {
      one: $localize`Something at the wall`,
      says: $localize`A skirting, a pipe, a ledge: as measured where that member stands, from its lower back corner.`,
      fields: [this.ofMember()],
      fresh: () => ({ member: this.members()[0]?.value, steps: [this.step()] }),
    });
  }

  private keptClear(path: string) {
    const from = { x: this.usual('2 in', '50 mm'), y: this.usual('0 in', '0 mm'), z: this.usual('6 in', '150 mm') };
    const some = this.usual('6 in', '150 mm');
    const place: WayField = { kind: 'pick', name: 'compartment', label: $localize`In`, options: this.compartments() };
    return this.group(path, $localize`Kept clear of`, {
      one: $localize`Something to keep clear of`,
      says: $localize`What stands in a compartment, with the room it needs: drawers before it are shorter.`,
      fields: [place, ...KEPT_CLEAR],
      fresh: () => ({
        ...{ compartment: this.compartments()[0]?.value, name: $localize`machine`, ...from },
        ...{ width: some, height: some, depth: some },
      }),
    });
  }

  private holes(path: string) {
    const [at, wide] = [this.usual('4 in', '100 mm'), this.usual('3 in', '75 mm')];
    return this.group(path, $localize`Holes`, {
      one: $localize`A hole`,
      says: $localize`For a hand, a cable, air: from the member’s lower left corner, its outer face seen.`,
      fields: [this.ofMember(), ...HOLE],
      fresh: () => ({ member: this.members()[0]?.value, x: at, y: at, width: wide, height: wide }),
    });
  }

  private ofMember(): WayField {
    return { kind: 'pick', name: 'member', label: $localize`In`, options: this.members() };
  }

  private usual(inches: string, metric: string): string {
    return this.edits.usual(inches, metric);
  }

  private group(
    path: string,
    title: string,
    more: {
      readonly one: string;
      readonly says: string;
      readonly fields: readonly WayField[];
      readonly fresh: () => object;
    },
  ) {
    const rows = (valueAt(this.document(), path) ?? []) as readonly { readonly steps?: unknown; member?: string }[];
    const steps = rows.flatMap(({ steps: own, member = '' }, index) =>
      own ? [{ path: `${path}[${index}].steps`, title: $localize`${member}, from below` }] : [],
    );
    return { path, title, count: rows.length, steps, ...more };
  }

  private step(): object {
    return { height: this.edits.usual('4 in', '100 mm'), depth: this.edits.usual('5/8 in', '16 mm') };
  }
}
