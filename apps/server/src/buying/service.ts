import type {
  Arrived,
  BuyingKept,
  CountDrawer,
  LayAside,
  MakeOrder,
  Order,
  OrderArrived,
  OrderState,
} from '@zabble/contract';
import { said, type Supplier } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { ShopRepository } from '../shop/repository';
import type { SupplierAnswer, SupplierClient } from '../supplier/client';
import type { ShopId } from '../whose/shop';
import { outcomeOf } from './answers';
import type { DrawerRepository } from './drawer-repository';
import type { GateOpening } from './gate-opening';
import type { OrderRepository } from './order-repository';

export interface BuyingParts {
  readonly revision: (shop: ShopId) => Promise<number>;
  readonly drawer: DrawerRepository;
  readonly orders: OrderRepository;
  readonly suppliers: ShopRepository<Supplier>;
  readonly client: SupplierClient;
  readonly gates: GateOpening;
}

/** What is had, ordered and arrived. Every change is answered with all of it as it stands then. */
export class BuyingService {
  constructor(private readonly parts: BuyingParts) {}

  async read(shop: ShopId): Promise<BuyingKept> {
    const { drawer, orders } = this.parts;
    // First: what is read after it is at least as new, so that nothing is ordered by what is older than it says.
    const revision = await this.parts.revision(shop);
    const [lies, aside, all] = await Promise.all([drawer.list(shop), drawer.aside(shop), orders.list(shop)]);
    return { revision, drawer: lies, aside, orders: all };
  }

  async count(shop: ShopId, { was, ...row }: CountDrawer): Promise<BuyingKept> {
    const stands = await this.parts.drawer.count(shop, row, was);
    if (stands !== row.count) throw refuse(409, said('drawer-changed', { key: row.key, has: stands }));
    return this.read(shop);
  }

  /** Slides and hinges that come out of the drawer are in hand as those that arrive. */
  async layAside(shop: ShopId, wish: LayAside): Promise<Arrived> {
    const short = await this.parts.drawer.layAside(shop, wish);
    if (short) throw refuse(409, said('drawer-too-small', short));
    return this.opened(
      shop,
      wish.of.map(({ job }) => job),
      wish.by,
    );
  }

  async putBack(shop: ShopId, id: string): Promise<BuyingKept> {
    await this.parts.drawer.putBack(shop, id);
    return this.read(shop);
  }

  /** Made once, whatever comes of the answer; asked of the supplier where it is one that can be asked. */
  async order(shop: ShopId, wish: MakeOrder): Promise<BuyingKept> {
    const supplier = await this.supplier(shop, wish.supplier);
    if (!supplier) throw refuse(404, said('no-such-supplier', { supplier: wish.supplier }));
    const made = await this.parts.orders.make(shop, wish, supplier.by === 'service');
    if (made === 'changed') throw refuse(409, said('buying-changed'));
    if (made === 'made' && supplier.by === 'service') {
      const order = await this.find(shop, wish.id);
      await this.answered(shop, order, await this.parts.client.order(order));
    }
    return this.read(shop);
  }

  /** Asked again, it is not ordered twice: first what became of it there, and sent only where it is not known. */
  async ask(shop: ShopId, id: string): Promise<BuyingKept> {
    const order = await this.find(shop, id);
    if (!order.byService || (order.state !== 'asked' && order.state !== 'ordered')) throw stands(order.state);
    const { client } = this.parts;
    const known = await client.orderStands(id);
    const answer = known.is === 'unknown' && order.state === 'asked' ? await client.order(order) : known;
    await this.answered(shop, order, answer);
    return this.read(shop);
  }

  private async answered(shop: ShopId, order: Order, answer: SupplierAnswer): Promise<void> {
    const leadDays = (await this.supplier(shop, order.supplier))?.leadDays;
    await this.parts.orders.move(shop, order.id, [order.state], outcomeOf(order, answer, leadDays));
  }

  /** Nothing of it has to be here yet. What the supplier still sends of it is between people. */
  async callOff(shop: ShopId, id: string): Promise<BuyingKept> {
    const { lines, state } = await this.find(shop, id);
    if (lines.some(({ arrivedOn }) => arrivedOn !== undefined)) throw refuse(409, said('order-has-arrived'));
    const off = { state: 'off', answer: said('buy/called-off') } as const;
    if (!(await this.parts.orders.move(shop, id, ['asked', 'ordered', 'refused'], off))) throw stands(state);
    return this.read(shop);
  }

  /** What is here, with the gates it opens; pressed again, gates that could not be opened are tried again. */
  async arrived(shop: ShopId, id: string, { lines, by }: OrderArrived): Promise<Arrived> {
    const order = await this.find(shop, id);
    // What nobody answered for may be here all the same.
    if (order.state !== 'ordered' && order.state !== 'asked') throw stands(order.state);
    const here = order.lines.filter(({ line }) => !lines || lines.includes(line));
    await this.parts.orders.arrive(
      shop,
      id,
      here.map(({ line }) => line),
    );
    if (order.state === 'asked') await this.parts.orders.move(shop, id, ['asked'], { state: 'ordered' });
    return this.opened(
      shop,
      here.flatMap(({ for: of }) => of.map(({ job }) => job)),
      by,
    );
  }

  /** It was marked by mistake. Gates stay as they are: they are shut where they were opened for. */
  async notArrived(shop: ShopId, id: string, { lines }: OrderArrived): Promise<BuyingKept> {
    const order = await this.find(shop, id);
    const gone = order.lines.flatMap(({ line }) => (!lines || lines.includes(line) ? [line] : []));
    if (!(await this.parts.orders.unarrive(shop, id, gone))) throw refuse(409, said('drawer-used'));
    return this.read(shop);
  }

  async find(shop: ShopId, id: string): Promise<Order> {
    const order = await this.parts.orders.find(shop, id);
    if (!order) throw refuse(404, said('no-such-order'));
    return order;
  }

  private async opened(shop: ShopId, jobs: readonly string[], by: string | undefined): Promise<Arrived> {
    const kept = await this.read(shop);
    const done = await this.parts.gates.open(shop, jobs, (job) => inHand(kept, job), by);
    return { kept, ...done };
  }

  private async supplier(shop: ShopId, name: string): Promise<Supplier | undefined> {
    return (await this.parts.suppliers.list(shop)).find(({ row }) => row.name === name)?.row;
  }
}

const stands = (state: OrderState) => refuse(409, said('order-stands', { state }));

/** What is laid aside for a job or has arrived for it. */
function inHand({ aside, orders }: BuyingKept, job: string): ReadonlySet<string> {
  const here = orders
    .filter(({ state }) => state === 'ordered')
    .flatMap(({ lines }) => lines)
    .filter((line) => line.arrivedOn !== undefined && line.for.some((each) => each.job === job));
  return new Set([...here, ...aside.filter((each) => each.job === job)].map(({ key }) => key));
}
