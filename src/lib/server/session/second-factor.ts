import { randomBytes } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import QRCode from 'qrcode';
import { rowsOf, type Database } from '../db/client';
import { hashOf } from './tokens';

/** What every authenticator reads: RFC 6238 with SHA-1, six digits, 30 s. */
const PERIOD_S = 30;
const totp = (secret: string, account = 'account') =>
  new TOTP({
    ...{ issuer: 'Nimsy', label: account, algorithm: 'SHA1', digits: 6, period: PERIOD_S },
    secret: Secret.fromBase32(secret),
  });

export const newSecret = (): string => new Secret({ size: 20 }).base32;

/** The secret as a picture to be read by an authenticator: an SVG of black on white. */
export const secretPicture = (secret: string, account: string): Promise<string> =>
  QRCode.toString(totp(secret, account).toString(), { type: 'svg', margin: 2 });

/**
 * The step of time whose code this is, or null: one step early or late is taken, as clocks differ.
 *
 * @param now milliseconds since 1970
 */
export function stepOf(secret: string, code: string, now: number): number | null {
  const typed = code.replace(/[\s-]/g, '');
  if (!/^\d{6}$/.test(typed)) return null;
  const delta = totp(secret).validate({ token: typed, timestamp: now, window: 1 });
  return delta === null ? null : Math.floor(now / 1000 / PERIOD_S) + delta;
}

const CODES = 10;

/** Ten codes to keep, such as “k7m2p-x9qrd”. */
export const newRecoveryCodes = (): string[] =>
  Array.from({ length: CODES }, () => {
    const text = [...randomBytes(10)].map((byte) => LETTERS[byte % LETTERS.length] ?? '').join('');
    return `${text.slice(0, 5)}-${text.slice(5)}`;
  });
/** 32 signs, none of which looks like another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789x'.split('');

const codeKey = (code: string): string => hashOf(code.toLowerCase().replace(/[^a-z0-9]/g, ''));

export interface SecondFactor {
  readonly secret: string | null;
  readonly since: Date | null;
  readonly codesLeft: number;
}

export async function secondFactorOf(db: Database, personId: string): Promise<SecondFactor> {
  const [row] = await rowsOf<{ secret: string | null; since: string | null; codes_left: number }>(
    db,
    sql`select * from totp_of(${personId}::uuid)`,
  );
  return {
    secret: row?.secret ?? null,
    since: row?.since ? new Date(row.since) : null,
    codesLeft: row?.codes_left ?? 0,
  };
}

export async function beginSecondFactor(db: Database, personId: string): Promise<void> {
  await db.execute(sql`select begin_totp(${personId}::uuid, ${newSecret()})`);
}

/** Takes a code, each once; the first that is right begins the second factor. */
export async function takeCode(db: Database, personId: string, code: string): Promise<boolean> {
  const { secret } = await secondFactorOf(db, personId);
  const step = secret === null ? null : stepOf(secret, code, Date.now());
  if (step === null) return false;
  const [row] = await rowsOf<{ taken: boolean }>(
    db,
    sql`select take_totp(${personId}::uuid, ${step}::bigint) as taken`,
  );
  return row?.taken === true;
}

/** Takes one of the codes to keep, once. */
export async function takeRecoveryCode(db: Database, personId: string, code: string): Promise<boolean> {
  const [row] = await rowsOf<{ taken: boolean }>(
    db,
    sql`select take_recovery_code(${personId}::uuid, ${codeKey(code)}) as taken`,
  );
  return row?.taken === true;
}

/** Makes the codes to keep anew; they are shown this once. */
export async function renewRecoveryCodes(db: Database, personId: string): Promise<string[]> {
  const codes = newRecoveryCodes();
  // A list of the driver's own would be one value of Drizzle's for each entry.
  const hashes = `{${codes.map(codeKey).join(',')}}`;
  await db.execute(sql`select set_recovery_codes(${personId}::uuid, ${hashes}::text[])`);
  return codes;
}

export async function dropSecondFactor(db: Database, personId: string): Promise<void> {
  await db.execute(sql`select drop_totp(${personId}::uuid)`);
}
