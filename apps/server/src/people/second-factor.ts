import { randomBytes } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';

/** Codes change so often, in seconds, and one is good a step before and after. Source: RFC 6238, 5.2. */
const STEP = 30;
const WINDOW = 1;
/** So many codes for when it is lost. */
const RECOVERY = 10;

const reckonedWith = (secret: string): TOTP =>
  new TOTP({ issuer: 'Zabble', secret: Secret.fromBase32(secret), period: STEP });

/** 160 bits, as RFC 4226, 4 recommends, in base 32. */
export const newSecondFactor = (): string => new Secret({ size: 20 }).base32;

/** What an application that shows codes is told by the camera. */
export function addressOfFactor(secret: string, email: string): string {
  return new TOTP({ issuer: 'Zabble', label: email, secret: Secret.fromBase32(secret), period: STEP }).toString();
}

/** The step a code is of; nothing where it is of none that is good at this moment (milliseconds). */
export function stepOf(code: string, secret: string, now: number): number | undefined {
  const token = code.replaceAll(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return undefined;
  const apart = reckonedWith(secret).validate({ token, window: WINDOW, timestamp: now });
  return apart === null ? undefined : Math.floor(now / 1000 / STEP) + apart;
}

/** Codes for when it is lost: ten times ten letters that are not taken for one another. */
export function newRecoveryCodes(): readonly string[] {
  return Array.from({ length: RECOVERY }, () => {
    const letters = [...randomBytes(10)].map((byte) => LETTERS[byte % LETTERS.length] ?? '').join('');
    return `${letters.slice(0, 5)}-${letters.slice(5)}`;
  });
}

const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789x';

/** As it is compared, however it was typed. */
export const plainCode = (code: string): string => code.toLowerCase().replaceAll(/[^a-z0-9]/g, '');
