import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { dictionary } from '@zxcvbn-ts/language-common';
import { SHORTEST_PASSWORD } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';

/**
 * How dear a guess is: powers of two of the work, block size, lanes. Source: OWASP, Password Storage Cheat Sheet, “scrypt”:
 * N = 2^17, r = 8, p = 1; from memory.
 */
export interface Strength {
  readonly work: number;
  readonly block: number;
  readonly lanes: number;
}

export const STRENGTH: Strength = { work: 17, block: 8, lanes: 1 };
const SALT = 16;
const LENGTH = 32;
/** So many are reckoned at once: each takes as much memory as it is strong. */
const AT_ONCE = 2;
/** So many more wait; the rest are told to come again. */
const MOST_WAITING = 100;

/** Passwords as they are kept, and whether one is the one that is kept. */
export class Passwords {
  private readonly waiting: (() => void)[] = [];
  private busy = 0;
  private readonly anything: Promise<string>;

  constructor(private readonly strength: Strength = STRENGTH) {
    this.anything = this.kept(randomBytes(SALT).toString('hex'));
  }

  /** As it is kept: its strength, its salt and what comes of it. */
  async kept(password: string): Promise<string> {
    const salt = randomBytes(SALT);
    const key = await this.derived(password, salt, this.strength);
    const { work, block, lanes } = this.strength;
    return ['scrypt', work, block, lanes, salt.toString('base64url'), key.toString('base64url')].join('$');
  }

  /** Takes as long where nothing is kept as where the password is another. */
  async isThis(password: string, kept: string | undefined): Promise<boolean> {
    const [, work, block, lanes, salt = '', key = ''] = (kept ?? (await this.anything)).split('$');
    const strength = { work: Number(work), block: Number(block), lanes: Number(lanes) };
    const derived = await this.derived(password, Buffer.from(salt, 'base64url'), strength);
    const right = timingSafeEqual(derived, Buffer.from(key, 'base64url'));
    return right && kept !== undefined;
  }

  /** Whether it was kept less strongly than passwords are now. */
  isWeaker(kept: string): boolean {
    return !kept.startsWith(`scrypt$${this.strength.work}$${this.strength.block}$${this.strength.lanes}$`);
  }

  private async derived(password: string, salt: Buffer, { work, block, lanes }: Strength): Promise<Buffer> {
    await this.turn();
    try {
      const options = { N: 2 ** work, r: block, p: lanes, maxmem: 2 ** work * block * 256 };
      return await stretched(password.normalize('NFKC'), salt, options);
    } finally {
      this.busy -= 1;
      this.waiting.shift()?.();
    }
  }

  private async turn(): Promise<void> {
    if (this.busy >= AT_ONCE) {
      if (this.waiting.length >= MOST_WAITING) throw refuse(503, said('too-busy'));
      await new Promise<void>((resolve) => this.waiting.push(resolve));
    }
    this.busy += 1;
  }
}

const stretched = (password: string, salt: Buffer, options: ScryptOptions): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(password, salt, LENGTH, options, (problem, key) => (problem ? reject(problem) : resolve(key))),
  );

const COMMON: ReadonlySet<string> = new Set(dictionary['passwords-common'].map((each) => String(each).toLowerCase()));
/** What is put around a common word, and is as easily guessed. */
const AROUND = /^[\d\W_]+|[\d\W_]+$/g;

/**
 * Refuses a password that is guessed too easily: too short, a common one (also with digits or signs around it), one sign
 * again and again, or made of who it is for. Source: NIST SP 800-63B, 3.1.1.2, what a verifier compares with.
 */
export function assertGood(password: string, of: readonly string[]): void {
  const text = password.normalize('NFKC').toLowerCase();
  if ([...text].length < SHORTEST_PASSWORD) throw refuse(422, said('password/short', { least: SHORTEST_PASSWORD }));
  const core = text.replace(AROUND, '');
  const plain = core === '' ? text : core;
  if (COMMON.has(text) || COMMON.has(plain) || new Set(text).size < 4) throw refuse(422, said('password/common'));
  const own = of
    .flatMap((each) =>
      each
        .normalize('NFKC')
        .toLowerCase()
        .split(/[^\p{L}\p{N}]+/u),
    )
    .filter((each) => each.length > 3);
  // All of them out of it, the longest first: what is made of first and last name alone is as easily guessed.
  const left = own.sort((a, b) => b.length - a.length).reduce((rest, each) => rest.replaceAll(each, ''), text);
  if (own.includes(plain) || left.length < SHORTEST_PASSWORD / 2) throw refuse(422, said('password/own'));
}
