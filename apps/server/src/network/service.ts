import { randomUUID } from 'node:crypto';
import type { LetInCode, NetworkState, SetNetwork } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';
import { fingerprint, newSecret } from '../http/secrets';
import { UnderWay } from '../http/under-way';
import type { ShopId } from '../whose/shop';
import { Codes } from './codes';
import { ownAddresses, type Door } from './door';
import { outlineOf } from '../http/outline';
import type { NetworkRepository, PassHolder } from './repository';

const LONGEST_NAME = 60;
/** A device that is there is written down as seen so often, in milliseconds. */
const SEEN_EVERY = 15 * 60_000;

/** Lets phones and tablets of the shop's network in, one by one, and sends them away again. */
export class NetworkService {
  readonly #codes: Codes;
  readonly #seen = new Map<string, number>();
  readonly #underWay = new UnderWay();

  constructor(
    private readonly network: NetworkRepository,
    private readonly door: Door,
    private readonly publicAddress: string | undefined,
    private readonly clock: () => number = Date.now,
    private readonly machine: () => readonly string[] = () => ownAddresses(),
  ) {
    this.#codes = new Codes(clock);
  }

  /** Opens the door where the shop left it open. False, and nothing more, where the machine does not let it. */
  async begin(shop: ShopId): Promise<boolean> {
    const { open } = await this.network.wish(shop);
    if (!open) return true;
    return this.door.set(true).then(
      () => true,
      () => false,
    );
  }

  async state(shop: ShopId, near: boolean): Promise<NetworkState> {
    const { address } = await this.network.wish(shop);
    const all = this.#addresses();
    const open = this.door.isOpen;
    const stands = { near, open, address: all.find((each) => each === address) ?? all[0] ?? null };
    return near
      ? { ...stands, addresses: all, devices: await this.network.devices(shop) }
      : { ...stands, addresses: [], devices: [] };
  }

  async set(shop: ShopId, { open, address }: SetNetwork): Promise<NetworkState> {
    const before = await this.network.wish(shop);
    if (address !== undefined && !this.#addresses(true).includes(address))
      throw refuse(422, said('address-not-ours', { address }));
    await this.door.set(open).catch(({ code = '' }: { code?: string }) => {
      throw refuse(503, said('door-stuck', { port: this.door.port, why: code }));
    });
    if (!open) this.#codes.forget();
    await this.network.keep(shop, { open, address: address ?? before.address });
    return this.state(shop, true);
  }

  /** A new code, in place of the one there was. */
  async code(shop: ShopId): Promise<LetInCode> {
    const { address } = await this.state(shop, true);
    if (address === null) throw refuse(409, said('network-closed'));
    const { code, until } = this.#codes.make();
    const page = `${address}/let-in?code=${code}`;
    return { code, until: new Date(until).toISOString(), page, ...outlineOf(page) };
  }

  /** The pass of a device that said the code; nothing where it is not the one. */
  async letIn(shop: ShopId, code: string, name: string): Promise<string | undefined> {
    if (!this.#codes.take(code)) return undefined;
    const pass = newSecret();
    const called = name.trim().slice(0, LONGEST_NAME);
    await this.network.add(shop, { id: randomUUID(), name: called, pass: fingerprint(pass) });
    return pass;
  }

  /** Whose pass this is; nothing where it is not good (any more). */
  async holder(pass: string): Promise<PassHolder | undefined> {
    const holder = await this.network.holder(fingerprint(pass));
    if (holder && (this.#seen.get(holder.id) ?? 0) + SEEN_EVERY <= this.clock()) {
      this.#seen.set(holder.id, this.clock());
      // It is no reason to answer later, or not at all.
      void this.network.seen(holder.id).catch(() => undefined);
    }
    return holder;
  }

  /** Keeps how to end what is under way for a device until it is done; answers what says so. */
  underWay(device: string, end: () => void): () => void {
    return this.#underWay.add(device, end);
  }

  /** What it is just being told ends too. */
  async withdraw(shop: ShopId, device: string): Promise<void> {
    if (!(await this.network.withdraw(shop, device))) throw refuse(404, said('no-device'));
    this.#seen.delete(device);
    this.#underWay.end(device);
  }

  /** Where phones may reach it: by the address it was given, and in the network while that is let in. */
  #addresses(open = this.door.isOpen): readonly string[] {
    const given = this.publicAddress === undefined ? [] : [this.publicAddress];
    const here = open ? this.machine().map((each) => `http://${each}:${this.door.port}`) : [];
    return [...given, ...here];
  }
}
