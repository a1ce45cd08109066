import { createServer, type RequestListener, type Server } from 'node:http';
import { networkInterfaces } from 'node:os';
import { isIPv4 } from 'node:net';
import { cameThroughDoor } from '../http/near';

/** So many connections from the network at once. */
const MOST_CONNECTIONS = 200;

/** The door for the shop's own network: a port of its own, which is listened at while it is open. */
export class Door {
  #server: Server | undefined;
  #turn: Promise<unknown> = Promise.resolve();
  private answering: RequestListener = (_request, response) => void response.writeHead(503).end();

  constructor(readonly port: number) {}

  /** What answers whoever comes in by it. */
  answer(listener: RequestListener): void {
    this.answering = listener;
  }

  get isOpen(): boolean {
    return this.#server !== undefined;
  }

  /** Open or closed; throws what the machine says where it can’t be opened. */
  set(open: boolean): Promise<void> {
    const done = this.#turn.then(() => (open ? this.#open() : this.#close()));
    this.#turn = done.catch(() => undefined);
    return done;
  }

  async #open(): Promise<void> {
    if (this.#server) return;
    const server = createServer((request, response) => {
      cameThroughDoor(request);
      this.answering(request, response);
    });
    server.maxConnections = MOST_CONNECTIONS;
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(this.port, () => {
        server.off('error', reject);
        resolve();
      });
    });
    this.#server = server;
  }

  async #close(): Promise<void> {
    const server = this.#server;
    this.#server = undefined;
    if (!server) return;
    await new Promise((resolve) => {
      server.close(resolve);
      server.closeAllConnections();
    });
  }
}

/** The addresses this machine has in networks it is in, as they are written in an address of a page. */
export function ownAddresses(networks: ReturnType<typeof networkInterfaces> = networkInterfaces()): readonly string[] {
  return Object.values(networks)
    .flatMap((each) => each ?? [])
    .filter(({ internal, address, scopeid }) => !internal && !scopeid && !address.startsWith('169.254.'))
    .map(({ address }) => address)
    .sort((one, other) => Number(isIPv4(other)) - Number(isIPv4(one)))
    .map((address) => (isIPv4(address) ? address : `[${address}]`));
}
