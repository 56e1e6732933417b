import { hash, verify, type Options } from '@node-rs/argon2';

/** Argon2id with the first recommended set of the OWASP password storage guidance: 19 MiB, 2 passes, 1 lane. */
const OPTIONS: Options = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export const hashPassword = (password: string): Promise<string> => hash(password, OPTIONS);

/** A hash that no password fits, so that an unknown address takes as long to refuse as a wrong password. */
const NOBODY = hashPassword(`${process.hrtime.bigint()}`);

/** True where the password is the one that was hashed. Without a hash the time is spent all the same. */
export async function isPassword(known: string | null, password: string): Promise<boolean> {
  const right = await verify(known ?? (await NOBODY), password);
  return known !== null && right;
}
