import { spawn } from 'node:child_process';
import { ROOT, SERVER_ARGUMENTS } from './paths.mjs';
import { freePorts } from './ports.mjs';

/**
 * The built server on a database, for tests and pictures. `stop` ends it as SIGTERM does; `start` again takes the same
 * port, so that an open page finds it back.
 */
export class ZabbleServer {
  #child;
  /** Where it listens; one that is free, until it is told or was started. */
  port = 0;
  /** Where it lets the network in, when it is told to. */
  networkPort = 0;

  /** `settings` are what is set besides, as `ZABBLE_MODE`. */
  constructor(databaseUrl, settings = {}) {
    this.databaseUrl = databaseUrl;
    this.settings = settings;
  }

  async start() {
    // Both at once: asked for one after the other they may be the same.
    const [port, networkPort] = await freePorts(2);
    this.port ||= port;
    this.networkPort ||= networkPort;
    const ports = { PORT: String(this.port), NETWORK_PORT: String(this.networkPort) };
    const LOG_LEVEL = process.env.LOG_LEVEL ?? 'error';
    const env = { ...process.env, LOG_LEVEL, ...this.settings, ...ports, DATABASE_URL: this.databaseUrl };
    const stdio = ['ignore', 'inherit', 'inherit', 'ipc'];
    const child = spawn(process.execPath, SERVER_ARGUMENTS, { cwd: ROOT, env, stdio });
    this.#child = child;
    await new Promise((resolve, reject) => {
      child.once('message', resolve);
      child.once('exit', (code) => reject(new Error(`the server ended with ${code} before it listened`)));
    });
    return `http://127.0.0.1:${this.port}`;
  }

  get running() {
    const child = this.#child;
    return child !== undefined && child.exitCode === null && child.signalCode === null;
  }

  async stop() {
    await this.#end('SIGTERM');
  }

  /** As when the power goes: nothing is finished first. */
  async kill() {
    await this.#end('SIGKILL');
  }

  async #end(signal) {
    if (!this.running) return;
    const child = this.#child;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
  }
}
