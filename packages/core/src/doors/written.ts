import type { DoorOf } from '../job';
import type { Length } from '../length';

export type Door = DoorOf<Length>;
export type Hand = 'left' | 'right';
