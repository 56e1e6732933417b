import { createHash, randomBytes } from 'node:crypto';

/** An unguessable word of 32 random bytes for a cookie or a link. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What the database keeps of a token: whoever reads the tables cannot use it. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url');
