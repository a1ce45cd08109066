import { randomUUID } from 'node:crypto';
import type { MakeQuote, MoveQuote, Quote, QuotedCost, QuoteLink, QuoteList, QuoteState } from '@zabble/contract';
import {
  costOf,
  costSums,
  ENGLISH,
  FINISH_ROWS,
  plan,
  priceOf,
  quoteOf,
  readJobDocument,
  said,
  USUAL_WASTE,
  withReadings,
  wordsIn,
  type Cost,
  type Job,
  type JobDocument,
  type Words,
} from '@zabble/core';
import type { CostingService } from '../costing/service';
import { refuse, unreadable } from '../http/refusal';
import { fingerprint, newSecret } from '../http/secrets';
import type { JobService } from '../jobs/service';
import type { LogService } from '../log/service';
import type { MoneyService } from '../money/service';
import type { ShopId } from '../whose/shop';
import type { QuoteRepository } from './repository';

const DAY = 86_400_000;
/** Where a quote may be moved from. */
const FROM: Readonly<Record<MoveQuote['state'], readonly QuoteState[]>> = {
  sent: ['drafted'],
  accepted: ['sent'],
  refused: ['sent'],
};

export interface QuoteParts {
  readonly quotes: QuoteRepository;
  readonly jobs: JobService;
  readonly log: LogService;
  readonly costing: CostingService;
  readonly money: MoneyService;
}

/** Quotes of jobs: each made from the job, its log and the shop’s prices of that moment, and never changed after. */
export class QuoteService {
  constructor(private readonly parts: QuoteParts) {}

  async list(shop: ShopId, job: string): Promise<QuoteList> {
    await this.parts.jobs.assert(shop, job);
    return { items: await this.parts.quotes.list(shop, job) };
  }

  /** Refuses where the job no longer stands at the revision that was looked at (409), or has nothing to sell (422). */
  async make(shop: ShopId, id: string, wish: MakeQuote): Promise<QuoteList> {
    const { jobs, log, costing, money, quotes } = this.parts;
    const { document, revision } = await jobs.read(shop, id);
    if (revision !== wish.revision)
      throw refuse(409, said('quote-of-another', { stands: revision, yours: wish.revision }));
    const entries = await log.whole(shop, id);
    const [{ settings, prices }, { currency }] = [await costing.read(shop), await money.read(shop)];
    const job = readJob(entries.length > 0 ? { ...document, log: entries } : document);
    const planned = plan(job);
    const words = wordsIn(ENGLISH, planned);
    const { usual = {}, minutes = {}, finishes = FINISH_ROWS, waste = USUAL_WASTE, credit = 0 } = settings;
    const book = new Map(prices.map((row) => [row.key, priceOf(row)]));
    const cost = costOf(job, planned, { prices: book, usual, minutes, finishes, waste, credit });
    if (cost.totals.total <= 0) throw refuse(422, said('quote-of-nothing'));
    await quotes.add(shop, {
      ...{ id: randomUUID(), job: id, revision, currency },
      body: quoteOf({ job, plan: planned, cost, words }, wish.detail),
      costs: costsOf(cost, words),
      validUntil: new Date(Date.now() + wish.days * DAY).toISOString().slice(0, 10),
      terms: wish.terms ?? '',
      excluded: wish.excluded ?? '',
    });
    return this.list(shop, id);
  }

  async read(shop: ShopId, id: string): Promise<Quote> {
    const quote = await this.parts.quotes.find(shop, id);
    if (!quote) throw refuse(404, said('no-such-quote'));
    return quote;
  }

  async move(shop: ShopId, id: string, { state, by = '' }: MoveQuote): Promise<Quote> {
    const { state: now } = await this.read(shop, id);
    const moved = now !== 'lapsed' && (await this.parts.quotes.move(shop, id, FROM[state], { state, by }));
    if (!moved) throw refuse(409, said('quote-stands', { state: (await this.read(shop, id)).state }));
    return this.read(shop, id);
  }

  /** A new link, told this once; an older one shows nothing any more. */
  async link(shop: ShopId, id: string): Promise<QuoteLink> {
    await this.read(shop, id);
    const secret = newSecret();
    await this.parts.quotes.link(shop, id, fingerprint(secret));
    return { path: `/q/${secret}` };
  }

  async withdraw(shop: ShopId, id: string): Promise<Quote> {
    await this.read(shop, id);
    await this.parts.quotes.link(shop, id, null);
    return this.read(shop, id);
  }

  /** What a link shows; nothing where it was withdrawn, or never was. */
  shown(secret: string): Promise<Quote | undefined> {
    return this.parts.quotes.byLink(fingerprint(secret));
  }
}

/** Only by this is a link known again: the database itself opens none. */
function readJob(document: JobDocument): Job {
  const reading = readJobDocument(document);
  if (!reading.ok) throw unreadable('job', reading.errors);
  return withReadings(reading.job);
}

/** By which it is told later what changed. */
const costsOf = (cost: Cost, words: Words): readonly QuotedCost[] =>
  costSums(cost).map(({ what, ...sum }) => ({ ...sum, what: words.say(what) }));
