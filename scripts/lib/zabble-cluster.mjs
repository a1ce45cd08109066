import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { Balancer } from './balancer.mjs';
import { GaleraCluster } from './galera.mjs';
import { ROOT } from './paths.mjs';
import { ZabbleServer } from './zabble-server.mjs';

/**
 * Three nodes of a database, three servers, each on another node first, and a balancer before them, all on this machine; in
 * a folder of its own that is gone when it is stopped.
 */
export class ZabbleCluster {
  constructor(folder, { mode = 'shared' } = {}) {
    this.nodes = new GaleraCluster(folder);
    this.mode = mode;
  }

  /** Answers where it is reached. */
  async start(port = 0) {
    await this.nodes.start();
    const { urls } = this.nodes;
    this.servers = urls.map((_, at) => {
      // Its own node first, the others when that is away.
      const DATABASES = [...urls.slice(at), ...urls.slice(0, at)].join(',');
      return new ZabbleServer(urls[0], { ZABBLE_MODE: this.mode, DATABASES });
    });
    for (const server of this.servers) await server.start();
    this.balancer = new Balancer(this.servers.map((server) => server.port));
    return `http://127.0.0.1:${await this.balancer.listen(port)}`;
  }

  /** The link by which the owner of the demo shop comes in. */
  async invite(email, shop, at) {
    const env = { ...process.env, DATABASES: this.nodes.urls.join(','), ZABBLE_ADDRESS: at };
    const program = join(ROOT, 'apps/server/dist/share.js');
    const { stdout } = await promisify(execFile)(process.execPath, [program, email, shop], { env });
    return /http\S+#\S+/.exec(stdout)?.[0];
  }

  async stop() {
    await this.balancer?.close();
    await Promise.all((this.servers ?? []).map((server) => server.stop()));
    await this.nodes.stop();
  }
}
