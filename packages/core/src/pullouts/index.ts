export { clearIn, doorBefore, leafBefore, standsIn, zonesOf, type Zone } from './behind-door';
export { BRACKET_PILOT, bracketHoles } from './brackets';
export { FILES } from './files';
export { contentOf, KNOWN_THINGS, type KnownThing } from './known-things';
export { planThings } from './kinds';
export { slotOf } from './board';
export { everyDoor } from './things';
export type { Lid, Thing, ThingStock, TiltOut, WorkBoard } from './things';
export type { Standing, Tray, Trays } from './tray';
