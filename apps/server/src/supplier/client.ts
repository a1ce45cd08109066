import type { OrderLine, SupplierMood, SupplierStandsAs } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';

/** A supplier that does not answer within so many milliseconds does not answer. */
const PATIENCE = 4000;

/** What a supplier says of an order. */
export type SupplierAnswer =
  | { readonly is: 'taken'; readonly expectedOn: string; readonly delivered: boolean }
  | { readonly is: 'out-of-stock'; readonly keys: readonly string[] }
  | { readonly is: 'wrong-price'; readonly prices: readonly { readonly key: string; readonly cents: number }[] }
  | { readonly is: 'unknown' }
  | { readonly is: 'silent' }
  | { readonly is: 'unread'; readonly status: number };

/** What of an order goes to a supplier. */
export interface SentOrder {
  readonly id: string;
  readonly lines: readonly Pick<OrderLine, 'key' | 'pack' | 'packs' | 'cents'>[];
}

/** A supplier that is asked over HTTP. Whatever it does, an answer comes back within its time. */
export class SupplierClient {
  /** `address` is asked each time: where the service listens may be known only later. */
  constructor(
    private readonly address: () => string | undefined,
    private readonly patience = PATIENCE,
  ) {}

  /** The same id again is the same order there. */
  order(order: SentOrder): Promise<SupplierAnswer> {
    return this.answer('/orders', { method: 'POST', body: JSON.stringify(order) });
  }

  orderStands(id: string): Promise<SupplierAnswer> {
    return this.answer(`/orders/${id}`, {});
  }

  /** Its list of prices, as CSV. */
  async prices(): Promise<string> {
    return (await this.asked('/prices.csv')).text();
  }

  async standsAs(): Promise<SupplierStandsAs> {
    return (await (await this.asked('/day')).json()) as SupplierStandsAs;
  }

  async turn(turned: { readonly mood?: SupplierMood; readonly forward?: number }): Promise<SupplierStandsAs> {
    const answer = await this.asked('/day', { method: 'POST', body: JSON.stringify(turned) });
    return (await answer.json()) as SupplierStandsAs;
  }

  /** Refuses where it is silent (504) or answers with what nobody expects (502). */
  private async asked(path: string, init: RequestInit = {}): Promise<Response> {
    const answer = await this.send(path, init);
    if (!answer) throw refuse(504, said('supplier-silent'));
    if (!answer.ok) throw refuse(502, said('supplier-unread', { status: answer.status }));
    return answer;
  }

  private async answer(path: string, init: RequestInit): Promise<SupplierAnswer> {
    const answer = await this.send(path, init);
    if (!answer) return { is: 'silent' };
    if (answer.status === 404) return { is: 'unknown' };
    const body = await answer.json().catch(() => undefined);
    return understood(answer.status, body) ?? { is: 'unread', status: answer.status };
  }

  private async send(path: string, init: RequestInit): Promise<Response | undefined> {
    const address = this.address();
    if (address === undefined) return undefined;
    const headers = { 'content-type': 'application/json' };
    try {
      return await fetch(new URL(path, address), { ...init, headers, signal: AbortSignal.timeout(this.patience) });
    } catch {
      return undefined;
    }
  }
}

const isList = (value: unknown): value is readonly unknown[] => Array.isArray(value);

/** An answer as it is agreed; nothing where it is anything else. */
function understood(status: number, body: unknown): SupplierAnswer | undefined {
  if (typeof body !== 'object' || body === null) return undefined;
  const { why, keys, prices, expectedOn, delivered } = body as Record<string, unknown>;
  if (status === 200 && typeof expectedOn === 'string' && /^\d{4}-\d\d-\d\d$/.test(expectedOn))
    return { is: 'taken', expectedOn, delivered: delivered === true };
  if (status !== 409) return undefined;
  if (why === 'out-of-stock' && isList(keys)) return { is: why, keys: keys.map(String) };
  if (why === 'wrong-price' && isList(prices)) return { is: why, prices: prices.flatMap(priceIn) };
  return undefined;
}

function priceIn(value: unknown): readonly { readonly key: string; readonly cents: number }[] {
  const { key, cents } = (value ?? {}) as Record<string, unknown>;
  return typeof key === 'string' && typeof cents === 'number' && Number.isInteger(cents) ? [{ key, cents }] : [];
}
