import { connect, createServer } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';

/** So often each is asked whether it is ready, and so long it may take to say so, in milliseconds. */
const ASKED = 500;
const PATIENCE = 1500;

/**
 * Passes connections on to servers that are ready, in turn, on loopback: what stands before several of them on one machine,
 * for trials. On real machines any balancer does that asks `/api/health/ready`.
 */
export class Balancer {
  #turn = 0;
  #ready = new Set();
  #open = new Set();
  #going = true;

  constructor(ports) {
    this.ports = ports;
    this.server = createServer({ allowHalfOpen: false }, (socket) => this.#pass(socket));
  }

  async listen(port) {
    await Promise.all(this.ports.map((each) => this.#ask(each)));
    await new Promise((resolve, reject) => this.server.once('error', reject).listen(port, '127.0.0.1', resolve));
    for (const each of this.ports) void this.#watch(each);
    return this.server.address().port;
  }

  async close() {
    this.#going = false;
    for (const socket of this.#open) socket.destroy();
    await new Promise((resolve) => this.server.close(resolve));
  }

  #next() {
    const ready = this.ports.filter((port) => this.#ready.has(port));
    const among = ready.length > 0 ? ready : this.ports;
    this.#turn += 1;
    return among[this.#turn % among.length];
  }

  #pass(socket, tried = 1) {
    const port = this.#next();
    const through = connect(port, '127.0.0.1');
    this.#open.add(socket);
    const end = () => {
      this.#open.delete(socket);
      socket.destroy();
      through.destroy();
    };
    socket.once('error', end).once('close', end);
    through.once('connect', () => {
      through.once('close', end);
      socket.pipe(through).pipe(socket);
    });
    through.on('error', () => {
      this.#ready.delete(port);
      // Nothing was passed on yet: another may take it.
      if (through.connecting !== false && socket.bytesRead === 0 && tried < this.ports.length) {
        socket.removeAllListeners('close').removeAllListeners('error');
        this.#pass(socket, tried + 1);
      } else end();
    });
  }

  async #watch(port) {
    while (this.#going) {
      await wait(ASKED);
      await this.#ask(port);
    }
  }

  async #ask(port) {
    const answer = await fetch(`http://127.0.0.1:${port}/api/health/ready`, {
      signal: AbortSignal.timeout(PATIENCE),
    }).catch(() => undefined);
    await answer?.arrayBuffer().catch(() => undefined);
    if (answer?.ok) this.#ready.add(port);
    else this.#ready.delete(port);
  }
}
