import { createHash, randomBytes } from 'node:crypto';

/** A secret nobody can guess: 32 random bytes in letters. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** What a secret is known again by, and can’t be read from: its SHA-256 in hexadecimal. */
export const fingerprint = (secret: string): string => createHash('sha256').update(secret).digest('hex');
