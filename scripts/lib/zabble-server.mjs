import { spawn } from 'node:child_process';
import { ROOT, SERVER } from './paths.mjs';
import { freePort } from './ports.mjs';

const TRIES = 3;

/**
 * The built server on a database, for tests and pictures. `stop` ends it as SIGTERM does; `start` again takes the same
 * port, so that an open page finds it back.
 */
export class ZabbleServer {
  #child;
  /** Where it lets the network in, when it is told to. */
  networkPort = 0;

  /** `settings` are what is set besides, as `ZABBLE_MODE`. */
  constructor(databaseUrl, settings = {}) {
    this.databaseUrl = databaseUrl;
    this.settings = settings;
  }

  async start() {
    // A port that was free a moment ago may be another's by now: of a server that never ran another one does.
    for (let left = this.port === undefined ? TRIES : 1; ; left -= 1) {
      try {
        return await this.#once();
      } catch (problem) {
        if (left <= 1) throw problem;
        [this.port, this.networkPort] = [undefined, 0];
      }
    }
  }

  async #once() {
    this.port ??= await freePort();
    this.networkPort ||= await freePort();
    const ports = { PORT: String(this.port), NETWORK_PORT: String(this.networkPort) };
    const LOG_LEVEL = process.env.LOG_LEVEL ?? 'error';
    const env = { ...process.env, LOG_LEVEL, ...this.settings, ...ports, DATABASE_URL: this.databaseUrl };
    const child = spawn(process.execPath, [SERVER], { cwd: ROOT, env, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
    this.#child = child;
    await new Promise((resolve, reject) => {
      child.once('message', resolve);
      child.once('exit', (code) => reject(new Error(`the server ended with ${code} before it listened`)));
    });
    return `http://127.0.0.1:${this.port}`;
  }

  async stop() {
    await this.#end('SIGTERM');
  }

  /** As when the power goes: nothing is finished first. */
  async kill() {
    await this.#end('SIGKILL');
  }

  async #end(signal) {
    const child = this.#child;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
  }
}
