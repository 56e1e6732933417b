import { codeOf, isAway, OutcomeUnknown } from '../db/away';

/** What a person is told of a fault: no names of tables, no text of the database, no stack. */
export function sentenceOfFault(reason: unknown): string {
  if (codeOf(reason) === '25006') return 'You may read here, not change. Ask an owner of the workspace.';
  if (reason instanceof OutcomeUnknown)
    return 'The database went away at the last moment. Look whether it was kept before you send it again.';
  if (codeOf(reason) === '57014')
    return 'That took too long and was stopped. Nothing was saved; try again, with less at a time.';
  return isAway(reason)
    ? 'The database does not answer. Nothing was saved; try again in a moment.'
    : 'That did not work. Nothing was saved; go back and try again.';
}

/** Names the fault without the data that was in it: messages of a database quote what a person typed. */
export function reportFault(reason: unknown, requestId = '-'): void {
  const where =
    reason instanceof Error
      ? (reason.stack ?? '').split('\n').find((line) => line.trim().startsWith('at '))
      : '';
  console.error(
    `${new Date().toISOString()} ${requestId} fault ${reason instanceof Error ? reason.constructor.name : typeof reason} ${codeOf(reason)} ${where?.trim() ?? ''}`,
  );
}
