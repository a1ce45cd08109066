/** What the stand-in sells: so many cents for a pack of so many units. */
export interface Article {
  readonly key: string;
  readonly unit: string;
  readonly pack: number;
  readonly cents: number;
}

/** How it behaves: as agreed; promising for much later; without the first thing asked for; dearer; taking and not answering. */
export const MOODS = ['well', 'late', 'out-of-stock', 'wrong-price', 'silent'] as const;
export type Mood = (typeof MOODS)[number];

export interface AskedLine {
  readonly key: string;
  readonly packs: number;
  /** Of a pack, as whoever orders knows it. */
  readonly cents?: number;
}

export type Answer =
  | { readonly is: 'taken'; readonly expectedOn: string; readonly delivered: boolean }
  | { readonly is: 'out-of-stock'; readonly keys: readonly string[] }
  | { readonly is: 'wrong-price'; readonly prices: readonly { readonly key: string; readonly cents: number }[] };

interface Taken {
  readonly expectedOn: string;
  readonly lines: readonly AskedLine[];
}

const DAY = 86_400_000;
/** Days until it is delivered, by the kind of thing; made up, as everything here. */
const LEAD: Readonly<Record<string, number>> = { material: 3, slide: 5, hinge: 4 };
const USUAL_LEAD = 2;
const LATE = 21;
/** In a dear mood everything costs so much more, per cent. */
const DEARER = 4;
/** So many packs of each thing at least; how many more is different from thing to thing and day to day. */
const LEAST = 40;
const MORE = 160;

/** A supplier that is none: its articles, what it has of them, its own clock, and the orders it took. All in memory. */
export class Warehouse {
  private readonly orders = new Map<string, Taken>();
  private forward = 0;
  mood: Mood = 'well';

  constructor(
    private readonly articles: readonly Article[],
    private readonly now: () => Date,
  ) {}

  /** Its own day, `2026-11-29`. */
  get today(): string {
    return dayOf(this.now().getTime() + this.forward * DAY);
  }

  turn(days: number): void {
    this.forward += days;
  }

  list(): readonly Article[] {
    const dear = this.mood === 'wrong-price' ? 100 + DEARER : 100;
    return this.articles.map((article) => ({ ...article, cents: Math.round((article.cents * dear) / 100) }));
  }

  /** How many orders it has taken. */
  get taken(): number {
    return this.orders.size;
  }

  /** The same id again is the same order: it is taken once. */
  order(id: string, lines: readonly AskedLine[]): Answer {
    const known = this.stands(id);
    if (known) return known;
    const lacking = lines.filter((line, at) => this.lacks(line, at)).map(({ key }) => key);
    if (lacking.length > 0) return { is: 'out-of-stock', keys: lacking };
    const prices = this.otherPrices(lines);
    if (prices.length > 0) return { is: 'wrong-price', prices };
    const lead = Math.max(...lines.map(({ key }) => LEAD[key.split(':')[0] ?? ''] ?? USUAL_LEAD));
    const days = lead + (this.mood === 'late' ? LATE : 0);
    this.orders.set(id, { expectedOn: dayOf(Date.parse(this.today) + days * DAY), lines });
    return this.stands(id) as Answer;
  }

  /** What became of an order; nothing where it never took it. */
  stands(id: string): Answer | undefined {
    const order = this.orders.get(id);
    return order && { is: 'taken', expectedOn: order.expectedOn, delivered: order.expectedOn <= this.today };
  }

  private lacks({ key, packs }: AskedLine, at: number): boolean {
    if (this.mood === 'out-of-stock' && at === 0) return true;
    return !this.articles.some((article) => article.key === key) || packs > this.stock(key);
  }

  /** In packs. */
  private stock(key: string): number {
    return LEAST + (scattered(key + this.today) % MORE);
  }

  private otherPrices(lines: readonly AskedLine[]): readonly { readonly key: string; readonly cents: number }[] {
    const list = new Map(this.list().map(({ key, cents }) => [key, cents]));
    return lines.flatMap(({ key, cents }) => {
      const asks = list.get(key);
      return asks !== undefined && cents !== undefined && asks !== cents ? [{ key, cents: asks }] : [];
    });
  }
}

const dayOf = (moment: number): string => new Date(moment).toISOString().slice(0, 10);

/** A number that looks like chance and is the same for the same text. */
function scattered(text: string): number {
  let all = 7;
  for (const letter of text) all = (all * 31 + (letter.codePointAt(0) ?? 0)) % 1_000_003;
  return all;
}
