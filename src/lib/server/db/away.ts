/** Codes of the system and of PostgreSQL (57P0x: it ends or starts; 53300: full; 08: the connection) for "not there". */
const CODES = /^(ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|ENOENT|57P0|53300|08)/;
/** What the driver says without a code, when it is its own connection that ended. */
const SAYINGS =
  /^(Connection terminated|Client has encountered a connection error|timeout exceeded when trying to connect|Client was closed)/;

/** The error itself, or what it was thrown for. */
function* causes(reason: unknown): Generator<unknown> {
  for (let one = reason, depth = 0; one !== undefined && depth < 5; depth++) {
    yield one;
    one = one instanceof Error ? one.cause : undefined;
  }
}

/** The code of the database or of the system behind an error, or "". */
export function codeOf(reason: unknown): string {
  for (const one of causes(reason))
    if (typeof one === 'object' && one !== null && 'code' in one) return String(one.code);
  return '';
}

/** True where the database was not there, or went away: nothing is wrong with what was asked. */
export function isAway(reason: unknown): boolean {
  if (reason instanceof OutcomeUnknown) return true;
  for (const one of causes(reason)) {
    if (typeof one === 'object' && one !== null && 'code' in one && CODES.test(String(one.code))) return true;
    if (one instanceof Error && SAYINGS.test(one.message)) return true;
  }
  return false;
}

/** The connection was lost while a change was being confirmed: it may have been kept, or not. */
export class OutcomeUnknown extends Error {
  constructor(reason: unknown) {
    super('the outcome is not known', { cause: reason });
    this.name = 'OutcomeUnknown';
  }
}
