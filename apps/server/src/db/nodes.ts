import { connect, type Socket } from 'node:net';

/** A node that could not be reached, or is not ready, is not tried again for so long while there are others, in milliseconds. */
const REST = 2000;

interface Node {
  readonly host: string;
  readonly port: number;
}

/**
 * The nodes of a database that are all the same one, by their URLs in the order they are liked. Connections are made to the
 * first that is not known to be away; made anew, they go to the next. User, password and database are those of the first.
 */
export class Nodes {
  private readonly nodes: readonly Node[];
  private readonly away = new Map<Node, number>();
  private readonly of = new WeakMap<object, Node>();
  /** By the port at this end. */
  private readonly by = new Map<number, Node>();

  constructor(
    urls: readonly URL[],
    private readonly clock: () => number = Date.now,
  ) {
    this.nodes = urls.map(({ hostname, port }) => ({
      host: hostname.replace(/^\[(.*)\]$/, '$1'),
      port: Number(port || 3306),
    }));
  }

  /** For mysql2: how a connection is made. */
  readonly stream = (): Socket => {
    const node = this.next();
    const socket = connect(node.port, node.host).setNoDelay(true).setKeepAlive(true);
    this.of.set(socket, node);
    socket.once('error', () => this.failed(socket));
    socket.once('connect', () => {
      const { localPort = 0 } = socket;
      this.by.set(localPort, node);
      socket.once('close', () => this.by.delete(localPort));
    });
    return socket;
  };

  /** A socket that another went over into, as with TLS: it is of the same node. */
  secured(socket: Socket): void {
    const node = this.by.get(socket.localPort ?? 0);
    if (node) this.of.set(socket, node);
  }

  /** The node of this socket is not to be had just now. */
  failed(socket: object): void {
    const node = this.of.get(socket);
    if (node) this.away.set(node, this.clock());
  }

  /** The first that is not away; where all are, the one that was so first. */
  next(): Node {
    const since = (node: Node): number => this.away.get(node) ?? -Infinity;
    const here = this.nodes.find((node) => since(node) + REST <= this.clock());
    return (
      here ?? [...this.nodes].sort((one, other) => since(one) - since(other))[0] ?? { host: '127.0.0.1', port: 3306 }
    );
  }
}
