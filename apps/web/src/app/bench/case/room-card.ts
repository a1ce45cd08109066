import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, writeExact, type CasePlan, type Patch, type RoomOf } from '@zabble/core';
import { LengthField } from '../../fields/length-field';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan, selectShowing } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { signed, size, type WayField } from './case-way';
import { Folded } from './folded';
import { RowList } from './row-list';
import { WayFields } from './way-fields';

const TURNS = [
  { value: 0, label: $localize`down the plan` },
  { value: 90, label: $localize`to the right` },
  { value: 180, label: $localize`up the plan` },
  { value: 270, label: $localize`to the left` },
];

const WALL: readonly WayField[] = [
  { kind: 'text', name: 'id', label: $localize`Wall` },
  ...[signed('from[0]', $localize`From: across`), signed('from[1]', $localize`From: down`)],
  ...[signed('to[0]', $localize`To: across`), signed('to[1]', $localize`To: down`)],
];
const CASING: readonly WayField[] = [
  ...[size('at', $localize`Along the wall`), size('width', $localize`Wide`), size('out', $localize`Stands out`)],
  ...[size('y', $localize`Over the floor`, '0'), size('height', $localize`High`, $localize`to the ceiling`)],
];
const THING: readonly WayField[] = [
  { kind: 'text', name: 'id', label: $localize`What it is` },
  ...[signed('x', $localize`Across`), signed('z', $localize`Down the plan`)],
  ...[size('width', $localize`Wide`), size('depth', $localize`Deep`), size('height', $localize`High`)],
  ...[size('y', $localize`Over the floor`, '0'), size('handle', $localize`Its handle stands out`, '0')],
  size('opens', $localize`It comes out by`, $localize`stays shut`),
  { kind: 'choice', name: 'turn', label: $localize`It faces`, options: TURNS, fallback: 0 },
];

/** The room cases stand in: its walls with their casings, what else stands in it, and where each case does. */
/** At an inside corner one of its fillers, or neither. */
const POSTS = [
  { value: undefined, label: $localize`neither` },
  { value: 'left', label: $localize`the left one` },
  { value: 'right', label: $localize`the right one` },
];

@Component({
  selector: 'z-room-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Folded, LengthField, RowList, Says, WayFields],
  templateUrl: './room-card.html',
  host: { class: 'flex flex-col gap-3 border-t-2 border-ink pt-3' },
})
export class RoomCard {
  private readonly store = inject(Store);
  private readonly edits = inject(JobEdits);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly fields = { wall: WALL, casing: CASING, thing: THING };
  protected readonly room = computed(() => valueAt(this.document(), 'room') as RoomOf<string> | undefined);
  protected readonly walls = computed(() =>
    (this.room()?.walls ?? []).map(({ id }, index) => ({
      path: `room.walls[${index}].casings`,
      title: $localize`Casings of wall ${id}`,
    })),
  );
  protected readonly whole = computed(() => (this.plan()?.cases ?? []).filter(({ casework }) => casework));
  /** A case may have a place before there are walls. */
  protected readonly placed = computed(() => this.whole().some((owner) => this.isPlaced(owner)));
  protected readonly words = {
    none: $localize`none`,
    walls: $localize`Walls`,
    wall: $localize`Another wall`,
    casing: $localize`A casing`,
    things: $localize`What stands in the room`,
    thing: $localize`Something that stands there`,
  };

  protected readonly freshWall = (): object => {
    const count = this.room()?.walls?.length ?? 0;
    const [far, none] = [this.edits.usual('120 in', '3000 mm'), this.none()];
    // The next one goes on from the end of the last.
    const last = this.room()?.walls?.at(-1);
    return {
      id: $localize`wall ${count + 1}`,
      from: last?.to ?? [none, none],
      to: count % 2 === 0 ? [far, none] : [far, far],
    };
  };
  protected readonly freshCasing = (): object => ({
    ...{ at: this.none(), width: this.edits.usual('36 in', '900 mm'), out: this.edits.usual('3/4 in', '19 mm') },
  });
  protected readonly freshThing = (): object => {
    const side = this.edits.usual('24 in', '600 mm');
    const id = $localize`thing ${(this.room()?.things?.length ?? 0) + 1}`;
    return {
      ...{ id, x: this.none(), z: this.none(), width: side, depth: side },
      height: this.edits.usual('36 in', '900 mm'),
    };
  };

  /** A wall behind all cases side by side, each in its place along it. */
  protected draw(): void {
    const whole = this.whole();
    let x = 0;
    const placed = whole.flatMap((owner): readonly Patch[] => {
      const at = { x: this.written(x), z: this.none() };
      x += owner.casework?.outline.width.total ?? 0;
      return this.isPlaced(owner) ? [] : [{ path: `${owner.path}.at`, value: at }];
    });
    const wall = { id: $localize`wall 1`, from: [this.none(), this.none()], to: [this.written(x), this.none()] };
    const room = { height: this.edits.usual('96 in', '2400 mm'), walls: [wall] };
    this.put($localize`a room`, [{ path: 'room', value: room }, ...placed]);
  }

  protected takeAway(): void {
    const placed = this.whole().map(({ path }): Patch => ({ path: `${path}.at`, value: undefined }));
    this.put($localize`no room`, [{ path: 'room', value: undefined }, ...placed]);
  }

  protected isPlaced({ path }: CasePlan): boolean {
    return valueAt(this.document(), `${path}.at`) !== undefined;
  }

  protected putIn({ path, name }: CasePlan): void {
    this.put($localize`${name} in the room`, [{ path: `${path}.at`, value: { x: this.none(), z: this.none() } }]);
  }

  protected readonly place: readonly WayField[] = [
    ...[
      signed('x', $localize`Across`),
      signed('z', $localize`Down the plan`),
      size('y', $localize`Over the floor`, '0'),
    ],
    ...[
      size('fillerLeft', $localize`Filler at its left`, $localize`none`),
      size('fillerRight', $localize`at its right`, $localize`none`),
    ],
    {
      kind: 'choice',
      name: 'post',
      label: $localize`Runs on behind the other, one post in an L`,
      options: POSTS,
      fallback: undefined,
    },
    { kind: 'choice', name: 'turn', label: $localize`It faces`, options: TURNS, fallback: 0 },
  ];

  private none(): string {
    return this.edits.usual('0 in', '0 mm');
  }

  private written(length: number): string {
    return writeExact(length as never, this.showing()?.unit ?? 'mm');
  }

  private put(name: string, patches: readonly Patch[]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }
}
