import { Transform } from 'class-transformer';
import { IsInt, IsNumber, Max, Min } from 'class-validator';
import { toNumber } from './numbers';

/** Where the simulated laser measure is held: about which size, and at which of its places. */
export class LaserQuery {
  /** The size as it is known so far, in millimetres. */
  @Transform(toNumber)
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(20)
  @Max(30_000)
  about = 0;

  /** Which reading of that size it is to be, counted from 0: top, middle, bottom. */
  @Transform(toNumber)
  @IsInt()
  @Min(0)
  @Max(99)
  place = 0;
}

/** One reading as a measuring device sends it; a real one could send the same. */
export interface DeviceReading {
  readonly device: 'laser';
  /** It stands in for a device: what it reads is made up. */
  readonly simulated: boolean;
  /** Counts up from 1 while the device is on. */
  readonly number: number;
  /** Millimetres, to the tenth. */
  readonly mm: number;
  /** Per cent. */
  readonly battery: number;
}
