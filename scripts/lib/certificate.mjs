import { join } from 'node:path';
import { run } from './run.mjs';
import { Stop } from './say.mjs';

/** A certificate for this machine by itself, good for a day: its own authority. The key stays in the folder. */
export async function selfSigned(folder) {
  const [cert, key] = [join(folder, 'certificate.pem'), join(folder, 'key.pem')];
  const names = 'subjectAltName=DNS:localhost,IP:127.0.0.1';
  const { code, text } = await run(
    'openssl',
    [
      ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '1', '-subj', '/CN=localhost', '-addext', names],
      ...['-keyout', key, '-out', cert],
    ],
    { quiet: true },
  );
  if (code !== 0) throw new Stop(`openssl made no certificate: ${text.trim().split('\n').at(-1)}`);
  return { cert, key };
}
