const AWAY = /^(ECONNREFUSED|ECONNRESET|EPIPE|CONNECTION_|CONNECT_TIMEOUT|57P0|53300|08)/;

function codeOf(reason: unknown): string {
  const cause = reason instanceof Error && reason.cause instanceof Error ? reason.cause : reason;
  return typeof cause === 'object' && cause !== null && 'code' in cause ? String(cause.code) : '';
}

/** What a person is told of a fault: no names of tables, no text of the database, no stack. */
export function sentenceOfFault(reason: unknown): string {
  if (codeOf(reason) === '25006') return 'You may read here, not change. Ask an owner of the workspace.';
  return AWAY.test(codeOf(reason))
    ? 'The database does not answer. Nothing was saved; try again in a moment.'
    : 'That did not work. Nothing was saved; go back and try again.';
}

/** Names the fault without the data that was in it: messages of a database quote what a person typed. */
export function reportFault(reason: unknown): void {
  const where =
    reason instanceof Error
      ? (reason.stack ?? '').split('\n').find((line) => line.trim().startsWith('at '))
      : '';
  console.error(
    `fault ${reason instanceof Error ? reason.constructor.name : typeof reason} ${codeOf(reason)} ${where?.trim() ?? ''}`,
  );
}
