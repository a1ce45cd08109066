import { freePorts } from '../scripts/lib/ports.mjs';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';
import { begunDatabase } from './database';

/** A Zabble of a file’s own: the built application on a new database with the demo jobs. */
export interface Zabble {
  readonly url: string;
  readonly server: ZabbleServer;
}

/** Where one worker has its Zabble: at one address, so that what a browser fetched and compiled serves the next file too. */
export class Place {
  private readonly server = new ZabbleServer('');
  private at: { readonly file: string; end(): Promise<unknown> } | undefined;

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

  /** For a file: begun anew where the last one asked for was another. */
  async of(file: string): Promise<Zabble> {
    if (this.at?.file !== file) {
      await this.end();
      const { url: databaseUrl, end } = await begunDatabase(this.name);
      this.server.databaseUrl = databaseUrl;
      this.at = { file, end };
      await this.server.start();
    }
    return { url: this.url, server: this.server };
  }

  async end(): Promise<void> {
    await this.server.stop();
    await this.at?.end();
    this.at = undefined;
  }
}
