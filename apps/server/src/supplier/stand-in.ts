import { fork, type ChildProcess } from 'node:child_process';

/** What the stand-in is begun with. */
export interface StandInConfig {
  /** The file of its program, and of the list it sells from. */
  readonly program: string;
  readonly list: string;
  readonly supplier: string;
}

/** The supplier that ships with the program: a small service of its own, begun beside the server and gone with it. */
export class SupplierStandIn {
  private child: ChildProcess | undefined;
  private port: number | undefined;

  constructor(private readonly config: StandInConfig) {}

  /** Where it listens; nothing before it does, and nothing for a moment where it ended: it is begun again. */
  readonly address = (): string | undefined => {
    if (!this.child) this.begin();
    return this.port === undefined ? undefined : `http://127.0.0.1:${this.port}`;
  };

  begin(): void {
    const { program, list, supplier } = this.config;
    const child = fork(program, [list, supplier], { env: {} });
    this.child = child;
    child.once('message', ({ port }: { readonly port: number }) => (this.port = port));
    const gone = (): void => {
      if (this.child !== child) return;
      [this.child, this.port] = [undefined, undefined];
    };
    child.once('exit', gone);
    child.once('error', gone);
  }

  end(): void {
    this.child?.kill('SIGKILL');
  }
}
