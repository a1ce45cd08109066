import { Transform } from 'class-transformer';
import { IsInt, IsNumber, Max, Min } from 'class-validator';
import { toNumber } from './numbers';

/** Where a simulated device is held: about which size, and at which of its places. */
export class DeviceQuery {
  /** The size as it is known so far, in millimetres. */
  @Transform(toNumber)
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(0.5)
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
  readonly device: 'laser' | 'caliper';
  /** It stands in for a device: what it reads is made up. */
  readonly simulated: boolean;
  /** Counts up from 1 while the device is on. */
  readonly number: number;
  /** Millimetres: to the tenth by laser, to the hundredth by caliper. */
  readonly mm: number;
  /** Per cent. */
  readonly battery: number;
}
