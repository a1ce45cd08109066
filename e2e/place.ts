import { freePorts } from '../scripts/lib/ports.mjs';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';
import { asBegun, begunDatabase } from './database';

/** A Zabble of a file’s own: the built application on a database with nothing but the demo jobs. */
export interface Zabble {
  readonly url: string;
  readonly server: ZabbleServer;
}

interface Held {
  readonly file: string;
  /** Its server is of no other file: it keeps for itself what this one does. */
  readonly alone: boolean;
  readonly database: Awaited<ReturnType<typeof begunDatabase>>;
}

/**
 * Where one worker has its Zabble: at one address, so that what a browser fetched and compiled serves the next file too. A
 * server takes seconds to begin: it stays from file to file, and what is kept is put back.
 */
export class Place {
  private readonly server = new ZabbleServer('');
  private held: Held | undefined;

  private constructor(
    private readonly name: string,
    readonly url: string,
  ) {}

  static async called(name: string): Promise<Place> {
    const [port] = await freePorts(1);
    const place = new Place(name, `http://127.0.0.1:${port}`);
    place.server.port = port;
    return place;
  }

  /** For a file: as it begins, where the last one asked for was another. */
  async of(file: string, alone: boolean): Promise<Zabble> {
    const last = this.held;
    if (last?.file !== file) {
      if (last === undefined || last.alone || alone || !this.server.running) await this.begin(file, alone);
      else {
        await asBegun(last.database.url);
        this.held = { ...last, file };
      }
    }
    return { url: this.url, server: this.server };
  }

  async end(): Promise<void> {
    await this.server.stop();
    await this.held?.database.end();
    this.held = undefined;
  }

  private async begin(file: string, alone: boolean): Promise<void> {
    await this.end();
    const database = await begunDatabase(this.name);
    this.server.databaseUrl = database.url;
    this.held = { file, alone, database };
    await this.server.start();
  }
}
