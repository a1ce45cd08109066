import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { isEmail } from 'class-validator';
import { readConfig } from './config';
import { migrate } from './db/migrate';
import { openPatientPool } from './db/pool';
import { CrewRepository } from './people/crew-repository';
import { asKept } from './people/people-repository';
import { fingerprint, newSecret } from './http/secrets';
import { OWN_SHOP, type ShopId } from './whose/shop';

/** An owner’s invitation is good for so long, in seconds: a week. */
const GOOD = 7 * 24 * 3600;

/**
 * Makes the shop of a device of one’s own one that people sign in to: its owner is invited, by a link that is told here.
 * With `--another` a further, empty shop. Run by `npm run share`.
 */
async function share([email = '', name = '', ...more]: readonly string[]): Promise<void> {
  const another = more[0] === '--another';
  if (!isEmail(email) || name.trim() === '' || more.length > (another ? 1 : 0))
    throw new Error(
      'Say the owner’s e-mail and the shop’s name: npm run share -- ada@example.org "Skerry Point" [--another]',
    );
  const { databaseUrl, migrations, publicAddress, port } = readConfig(
    process.env,
    new URL('../../../', import.meta.url),
  );
  const pool = openPatientPool(databaseUrl);
  try {
    await migrate(pool, migrations);
    const crew = new CrewRepository(pool);
    const shop = another ? (randomUUID() as ShopId) : OWN_SHOP;
    await crew.nameShop(shop, name.trim().slice(0, 200));
    const token = newSecret();
    const made = {
      id: randomUUID(),
      token: fingerprint(token),
      email: asKept(email),
      role: 'owner',
      seconds: GOOD,
    } as const;
    await crew.invite(shop, made, { id: null, name: '' });
    const at = publicAddress ?? `http://127.0.0.1:${port}`;
    process.stdout.write(
      `${name.trim()} can be shared. Start Zabble with ZABBLE_MODE=shared npm start, then open this link within a week:\n\n` +
        `${at}/join#${token}\n\nWhoever opens it becomes its owner, as ${asKept(email)}: give it to nobody else.\n`,
    );
  } finally {
    await pool.end();
  }
}

share(process.argv.slice(2)).catch((problem: Error) => {
  process.stderr.write(`${problem.message}\n`);
  process.exitCode = 1;
});
