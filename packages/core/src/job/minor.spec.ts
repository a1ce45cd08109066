import { patched, type Patch } from '../reading';
import { minorOf } from './minor';
import { BANK, sample } from './sample.spec-data';
import type { JobDocument } from './types';

const CASE = 'cases[0]';
const at = (path: string, value: unknown): Patch => ({ path, value });
const minor = (...patches: Patch[]): number => minorOf(patched(sample, patches) as JobDocument);
const door = (more: object) => at(`${CASE}.doors`, [{ id: 'o1', over: 'A', ...more }]);
const entry = (more: object) => at('log', [{ id: 'e1', at: '2026-11-30T08:00:00Z', ...more }]);
const front = (name: string, value: unknown) => at(`${BANK}.front.${name}`, value);
const box = (name: string, value: unknown) => at(`${BANK}.box.${name}`, value);
const drawer = (more: object) => at(`${BANK}.drawers[1]`, { id: 'd2', ...more });

/** The newest field decides which minor of the format a file is written as. */
describe('the minor of the newest field of a job', () => {
  it('is none of a bank of drawers', () => {
    expect(minor()).toBe(0);
    expect(minor(entry({ kind: 'note', note: 'x' }), at('cutting', { layouts: [] }))).toBe(0);
    expect(minor(at('log', undefined), at(`${CASE}.name`, 'x'))).toBe(0);
  });

  it.each<[number, string, Patch]>([
    ...(
      ['build', 'layout', 'doors', 'shelves', 'tiltOuts', 'boards', 'keepOuts', 'cutOuts', 'uprights', 'gates'] as const
    ).map((field): [number, string, Patch] => [1, field, at(`${CASE}.${field}`, [])]),
    [1, 'a place in a room', at(`${CASE}.at`, { x: '0 mm' })],
    [1, 'a room', at('room', {})],
    [1, 'hinges of its own', at('hinges', [])],
    [1, 'a bank in a compartment', at(`${BANK}.compartment`, 'A')],

    [2, 'a band on a door', door({ band: {} })],
    [2, 'what a door stops at', door({ stop: {} })],
    [2, 'lines of a door', door({ lines: [] })],
    [2, 'the groove of a door’s frame', door({ frame: { play: '1 mm', grooveWidth: '6 mm' } })],
    [2, 'where that is', door({ frame: { play: '1 mm', grooveFrom: '6 mm' } })],
    ...(['top', 'bottom', 'left', 'right'] as const).map((edge): [number, string, Patch] => [
      2,
      `a lap under nothing, ${edge}, of a door`,
      door({ [edge]: ' -1 mm' }),
    ]),
    [2, 'trays behind a door', at(`${BANK}.behind`, 'o1')],
    [2, 'packing', at(`${BANK}.pack`, {})],
    [2, 'slides that are cut', at(`${BANK}.slide.cut`, '1 mm')],
    [2, 'what holds at the back', at(`${BANK}.mounting`, { holding: 'hook' })],
    [2, 'no front at all', at(`${BANK}.front`, { mount: 'none' })],
    ...(['dip', 'over', 'setBehind', 'asBox', 'reveals'] as const).map((name): [number, string, Patch] => [
      2,
      `${name} of a front`,
      front(name, '1 mm'),
    ]),
    [2, 'the groove of a front’s frame', front('frame', { grooveWidth: '6 mm' })],
    [2, 'where that is', front('frame', { grooveFrom: '6 mm' })],
    ...(['kind', 'projection', 'made', 'grip'] as const).map((name): [number, string, Patch] => [
      2,
      `${name} of a pull`,
      front('pull', { [name]: {} }),
    ]),
    [2, 'a lap under nothing of a front', front('left', '-1 mm')],
    ...(['length', 'heights', 'backHeight'] as const).map((name): [number, string, Patch] => [
      2,
      `${name} of a box`,
      box(name, '1 mm'),
    ]),
    [2, 'ends that stand in', box('corner', { joint: 'butt-sides-run', short: '1 mm' })],
    [2, 'those at the back', box('corner', { joint: 'rabbet', back: { joint: 'rabbet', short: '1 mm' } })],
    [2, 'housed ends', box('corner.joint', 'housed')],
    [2, 'mitred ends', box('corner.joint', 'mitre')],
    [2, 'mitred ends at the back', box('corner', { joint: 'rabbet', back: { joint: 'mitre' } })],
    [2, 'a drawer where it is put', drawer({ y: '10 mm' })],
    [2, 'one whose slide is cut', drawer({ slide: { cut: '1 mm' } })],
    [2, 'one with a box of another length', drawer({ box: { length: '1 mm' } })],
    [2, 'files in a drawer', drawer({ contents: [{ name: 'charts' }, { name: 'logs', files: 'hung' }] })],

    [3, 'what holds a box', box('fixing', {})],
    [3, 'what holds one of them', drawer({ box: { fixing: {} } })],
    [3, 'how slides are hung', at(`${BANK}.mounting`, { hanging: 'screw' })],
    [3, 'brackets', front('brackets', {})],
    [3, 'the angle of a pull', front('pull', { made: { angle: 30 } })],
    [3, 'a hinge that was tried', door({ trial: {} })],
    [3, 'a frame without a play of its own', door({ frame: {} })],
    [3, 'an entry of a door', entry({ kind: 'reading', door: 'o1', what: 'width' })],
    ...(['packing', 'hinge', 'leaf'] as const).map((what): [number, string, Patch] => [
      3,
      `a reading of ${what}`,
      entry({ kind: 'reading', what }),
    ]),

    [4, 'what is opened in turn', at('inTurn', [])],
    [4, 'lids', at(`${CASE}.lids`, [])],
    [4, 'a filler on its left', at(`${CASE}.at`, { fillerLeft: '10 mm' })],
    [4, 'a filler on its right', at(`${CASE}.at`, { fillerRight: '10 mm' })],
    [4, 'the height of a hinge as it hangs', entry({ kind: 'reading', what: 'hinge-y' })],

    [5, 'a survey', at('survey', {})],
    [5, 'a finish', at('finish', [])],
    [5, 'what its price is made with', at('pricing', {})],
    [5, 'the price of a sheet', at('cutting', { layouts: [{ sheets: [{}, { price: 3 }] }] })],
    [5, 'the time of an operation', entry({ kind: 'time', minutes: 3, operation: 'cut' })],
    [5, 'what a material costs by', at('materials[1].price_per', 'sheet')],
    [5, 'a board', at('materials[1].board', {})],
    [5, 'a post', at(`${CASE}.at`, { post: {} })],
    [5, 'what a board carries', at(`${CASE}.boards`, [{ id: 'x' }, { id: 'y', load_kg: 3 }])],
    [5, 'a pull by its name', front('pull', { name: 'knob' })],
    [5, 'one of a door', door({ pull: { name: 'knob' } })],

    [6, 'a task of its work', entry({ kind: 'task', task: 'hang', did: 'done' })],
  ])('%i brought %s', (brought, _, patch) => {
    expect(minor(patch)).toBe(brought);
    // Whatever older comes beside it.
    const beside = [at('room', {}), at(`${BANK}.compartment`, 'A')];
    if (brought > 1) expect(minorOf(patched(patched(sample, beside), [patch]) as JobDocument)).toBe(brought);
  });

  it.each<[string, number, Patch]>([
    ['a box of older ways', 0, box('corner', { joint: 'rabbet', depth: '4 mm', back: { joint: 'through' } })],
    ['files that are none', 0, drawer({ contents: [{ name: 'charts' }] })],
    ['laps over nothing', 0, front('left', '0 mm')],
    ['a pull of a width alone', 0, front('pull', { width: '96 mm' })],
    ['the time of no operation', 0, entry({ kind: 'time', minutes: 3 })],
    ['an older reading', 0, entry({ kind: 'reading', what: 'width', bank: 'c1/b1' })],
    ['a frame whose play is told', 1, door({ frame: { play: '1 mm' } })],
    ['a place without fillers', 1, at(`${CASE}.at`, { x: '0 mm' })],
    ['a board that carries nothing told', 1, at(`${CASE}.boards`, [{ id: 'x' }])],
    ['a slide that is not cut', 0, drawer({ slide: { family: 'side-ball-bearing' } })],
  ])('%s wants no newer one', (_, wants, patch) => expect(minor(patch)).toBe(wants));
});
