import { createHash } from 'node:crypto';
import type { WeekFile } from '@zabble/contract';
import type { Now, Seen, ShopRead } from '@zabble/core';
import { Refusal } from '../http/refusal';
import type { PaperSize, WeekOrder } from '../print/week';
import type { Printer } from '../print/printer';

/** A file of a shop’s days, made. */
export interface WeekMade {
  readonly name: string;
  readonly type: string;
  readonly data: Buffer;
}

/** How a file is wanted. */
interface WeekMaking {
  readonly zone?: number;
  readonly paper?: PaperSize;
  readonly often?: number;
  readonly seen?: readonly Seen[];
}

const MINUTE = 60_000;
/** A feed is made anew once in so many minutes, or when something changed: nobody’s screen is there to say what they see. */
const KEPT = 30;
/** So many are kept. */
const MOST = 40;

/** Makes files of a shop’s days beside the server, as prints are made; the same is made once. */
export class Weeks {
  private readonly kept = new Map<string, Promise<WeekMade>>();

  constructor(private readonly printer: Printer) {}

  /** `zone`: minutes the shop’s clock is ahead of UTC; the machine’s own where it isn’t told. */
  make(
    read: ShopRead,
    file: WeekFile,
    { zone = ownZone(), paper = 'a4', often = 1, seen }: WeekMaking = {},
  ): Promise<WeekMade> {
    const minutes = Math.floor(Date.now() / MINUTE) + zone;
    const now: Now = { now: Math.floor(minutes / often) * often, zone };
    const order: WeekOrder = { read, now, paper, ...(seen ? { seen } : {}) };
    const sent = Buffer.from(JSON.stringify(order));
    const key = `${file} ${createHash('sha256').update(sent).digest('base64')}`;
    const known = this.kept.get(key);
    if (known) return known;
    const made = this.made(file, sent);
    this.kept.set(key, made);
    made.catch(() => this.kept.delete(key));
    if (this.kept.size > MOST) this.kept.delete([...this.kept.keys()][0] ?? '');
    return made;
  }

  /** What those who follow see: every half hour anew. */
  feed(read: ShopRead): Promise<WeekMade> {
    return this.make(read, 'week.ics', { often: KEPT });
  }

  private async made(name: WeekFile, sent: Uint8Array): Promise<WeekMade> {
    const made = await this.printer.print(
      { name, sent },
      { signal: new AbortController().signal, onPages: () => undefined },
    );
    if ('refused' in made) throw new Refusal(made.refused);
    return { name: made.name, type: made.type, data: Buffer.from(made.data) };
  }
}

const ownZone = (): number => -new Date().getTimezoneOffset();
