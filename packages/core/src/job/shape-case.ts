import { said } from '../words';
import type { Length } from '../length';
import {
  type Fields,
  length,
  list,
  named,
  number,
  object,
  oneOf,
  orObject,
  optional,
  reader,
  required,
  text,
  yesNo,
  type Reader,
  type Schema,
} from '../reading';
import { band, frameFields } from './shape-front';
import { CASE_FIXINGS, LAID_FIXINGS } from './case-build';
import type {
  BaseOf,
  BottomPanelOf,
  BuildOf,
  CaseBackOf,
  CaseBandOf,
  CaseJointOf,
  CleatsOf,
  DoorFrameOf,
  DoorOf,
  FaceFrameOf,
  FitOf,
  MemberEdge,
  NodeOf,
  NotchesOf,
  PinsOf,
  ShelvesOf,
  SpaceOf,
  StandsOf,
  TopPanelOf,
  WorktopOf,
} from './case-build';

type L = Length;

const id = named('id', text(40, 1));
const some = length('positive');
const any = length('zero');
const count = number(1, 40, 'whole');

const base = object<BaseOf<L>>({
  kind: required(oneOf('none', 'toe-kick')),
  height: optional(some),
  setback: optional(any),
  board: optional(
    object<NonNullable<BaseOf<L>['board']>>({ material: required(id), run: optional(oneOf('between', 'across')) }),
  ),
});

const stands = object<StandsOf<L>>({
  kind: required(oneOf('floor', 'plinth', 'feet', 'casters', 'legs')),
  height: optional(some),
  most: optional(some),
  setback: optional(any),
  inLeft: optional(any),
  inRight: optional(any),
  material: optional(id),
  size: optional(some),
  apron: optional(some),
  tenon: optional(any),
});

const stretchers = {
  lie: optional(oneOf('flat', 'upright')),
  width: optional(some),
  count: optional(count),
  letIn: optional(yesNo),
  material: optional(id),
};
const bottom = object<BottomPanelOf<L>>({
  kind: required(oneOf('between', 'under', 'stretchers', 'none')),
  up: optional(any),
  ...stretchers,
});
const top = object<TopPanelOf<L>>({ kind: required(oneOf('between', 'over', 'stretchers', 'none')), ...stretchers });

const laid = optional(oneOf(...LAID_FIXINGS));
const joint = object<CaseJointOf<L>>({
  kind: required(oneOf('butt', 'dado')),
  depth: optional(some),
  fixing: optional(oneOf(...CASE_FIXINGS)),
});

const back = object<CaseBackOf<L>>({
  kind: required(oneOf('applied', 'rabbeted', 'grooved', 'none')),
  material: optional(id),
  shy: optional(any),
  depth: optional(some),
  set: optional(any),
  play: optional(any),
  fixing: laid,
});

const edges = list<MemberEdge>(oneOf('front', 'back', 'left', 'right', 'top', 'bottom'), 1, 4);
const BANDED = [
  ...(['case-side-left', 'case-side-right', 'case-bottom', 'case-top', 'stretcher', 'divider', 'fixed-shelf'] as const),
  ...(['rail', 'kick-board', 'worktop', 'filler', 'shelf'] as const),
] as const;
const caseBand = object<CaseBandOf<L>>({
  thickness: required(some),
  over: optional(any),
  members: required(
    object<Partial<Record<(typeof BANDED)[number], readonly MemberEdge[]>>>(
      Object.fromEntries(BANDED.map((role) => [role, optional(edges)])) as never,
    ),
  ) as never,
});

const frame = object<FaceFrameOf<L>>({
  material: required(id),
  stile: required(some),
  middle: optional(some),
  topRail: optional(any),
  bottomRail: optional(any),
  rail: optional(some),
  over: optional(any),
  tenon: optional(any),
  stiles: optional(oneOf('base', 'floor')),
  through: optional(oneOf('stiles', 'rails')),
  fixing: laid,
});

const cleats = object<CleatsOf<L>>({ material: required(id), width: required(some), count: optional(count) });

const worktopEdge = oneOf('front', 'left', 'right', 'back');
const worktop = object<WorktopOf<L>>({
  material: required(id),
  over: optional(
    object<NonNullable<WorktopOf<L>['over']>>({
      front: optional(any),
      left: optional(any),
      right: optional(any),
      back: optional(any),
    }),
  ),
  trim: optional(
    object<NonNullable<WorktopOf<L>['trim']>>({
      material: required(id),
      width: required(some),
      edges: required(list(worktopEdge, 1, 4)),
      corner: optional(oneOf('butt', 'mitre')),
    }),
  ),
});

const notches = object<NotchesOf<L>>({
  member: required(text(200, 1)),
  steps: required(
    list(object<NotchesOf<L>['steps'][number]>({ height: required(some), depth: required(some) }), 1, 20),
  ),
});

const readings = list(some, 1, 100);
const wall = list(object<{ y: L; in: L }>({ y: required(any), in: required(any) }), 1, 100);
const place = object<SpaceOf<L>>({
  width: required(readings),
  height: optional(readings),
  depth: optional(readings),
  fillers: optional(
    object<NonNullable<SpaceOf<L>['fillers']>>({ left: optional(any), right: optional(any), top: optional(any) }),
  ),
  scribe: optional(any),
  walls: optional(
    object<NonNullable<SpaceOf<L>['walls']>>({ left: optional(wall), right: optional(wall), back: optional(wall) }),
  ),
  way: optional(object<{ width: L; height: L }>({ width: required(some), height: required(some) })),
  studs: optional(object<{ first: L; pitch: L }>({ first: required(any), pitch: required(some) })),
});

export const build = object<BuildOf<L>>({
  width: optional(some),
  height: required(some),
  depth: required(some),
  panel: required(id),
  base: optional(base),
  stands: optional(stands),
  floor: optional(list(any, 4, 4)),
  bottom: optional(bottom),
  top: optional(top),
  joint: optional(joint),
  back: optional(back),
  railWidth: optional(some),
  shelfBack: optional(any),
  band: optional(caseBand),
  frame: optional(frame),
  cleats: optional(cleats),
  worktop: optional(worktop),
  notches: optional(list(notches, 0, 100)),
  place: optional(place),
  frameFirst: optional(yesNo),
  dividersLast: optional(yesNo),
  onBench: optional(yesNo),
});

const fit = orObject(
  yesNo,
  object<FitOf<L>>({
    name: optional(text(200, 1)),
    of: optional(oneOf('thing', 'made-box', 'as-it-is')),
    width: optional(some),
    height: optional(some),
  }),
);

/** Nodes lie in nodes, so deep at most. */
const DEEPEST = 12;

function nodeAt(depth: number): Reader<NodeOf<L>> {
  const children = (): Reader<readonly NodeOf<L>[]> => list(depth < DEEPEST ? nodeAt(depth + 1) : leaf, 2, 40);
  const fields = {
    id: required(id),
    size: optional(some),
    share: optional(number(0.001, 1000)),
    fit: optional(fit),
    between: optional(oneOf('shelf', 'rail', 'none')),
  };
  const schema: Schema = object<NodeOf<L>>({
    ...fields,
    across: optional(nested),
    down: optional(nested),
  }).schema;
  let inner: Reader<NodeOf<L>> | undefined;
  return reader(
    named(
      'node',
      reader(schema, () => undefined),
    ).schema,
    (value, path, report) => {
      inner ??= object<NodeOf<L>>({ ...fields, across: optional(children()), down: optional(children()) });
      const node = inner(value, path, report);
      if (node?.across && node.down) {
        report.add(path, said('one-split'));
        return undefined;
      }
      return node;
    },
  );
}

const leaf = object<NodeOf<L>>({
  id: required(id),
  size: optional(some),
  share: optional(number(0.001, 1000)),
  fit: optional(fit),
  between: optional(oneOf('shelf', 'rail', 'none')),
  across: optional(list(id, 0, 0)) as never,
  down: optional(list(id, 0, 0)) as never,
});

/** As the schema writes it: a node within a node is the same again. */
const nested = reader<readonly NodeOf<L>[]>(
  { type: 'array', minItems: 2, maxItems: 40, items: { anyOf: [() => layout.schema] } },
  () => undefined,
);

export const layout: Reader<NodeOf<L>> = nodeAt(0);

export const shelves = object<ShelvesOf<L>>({
  compartment: required(id),
  count: required(count),
  material: optional(id),
  play: optional(any),
  inset: optional(any),
  pins: optional(
    object<PinsOf<L>>({
      from: optional(any),
      to: optional(some),
      pitch: optional(some),
      setback: optional(any),
      depth: optional(some),
    }),
  ),
  load_kg: optional(number(0, 10_000)),
});

const doorFrame = object<DoorFrameOf<L>>({
  ...frameFields,
  play: optional(any),
  middle: optional(some),
  corner: optional(oneOf('stub', 'plain', 'mitre')),
  tenon: optional(any),
  lights: optional(object<{ across: number; down: number }>({ across: required(count), down: required(count) })),
});

const signed = length('signed');

export const doorFields: Fields<DoorOf<L>> = {
  id: required(id),
  over: required(id),
  mount: required(oneOf('overlay', 'inset')),
  top: required(signed),
  bottom: required(signed),
  left: required(signed),
  right: required(signed),
  gap: required(any),
  leaves: optional(oneOf(1, 2)),
  material: required(id),
  band: optional(band),
  frame: optional(doorFrame),
  hinge: optional(
    object<NonNullable<DoorOf<L>['hinge']>>({
      family: required(id),
      side: optional(oneOf('left', 'right')),
      count: optional(count),
    }),
  ),
  plates: optional(list(any, 1, 20)),
  trial: optional(
    object<NonNullable<DoorOf<L>['trial']>>({ tab: required(any), plate: required(any), overlay: required(signed) }),
  ),
  opens: optional(number(1, 270)),
  pull: optional(
    object<NonNullable<DoorOf<L>['pull']>>({
      name: optional(text(200, 1)),
      projection: optional(any),
      fromEdge: optional(any),
      width: optional(some),
    }),
  ),
  lines: optional(
    object<NonNullable<DoorOf<L>['lines']>>({ top: optional(text(81, 1)), bottom: optional(text(81, 1)) }),
  ),
  stop: optional(oneOf('rail', 'bumper')),
  basis: optional(oneOf('planned', 'as-built')),
  opening: optional(
    object<NonNullable<DoorOf<L>['opening']>>({ width: required(readings), height: required(readings) }),
  ),
};

export const door = object<DoorOf<L>>(doorFields);
