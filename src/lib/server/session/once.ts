import { createHash } from 'node:crypto';
import { error } from '@sveltejs/kit';
import { and, eq } from 'drizzle-orm';
import { isId, type Fields } from '../../forms';
import type { Tx } from '../db/client';
import { sends } from '../db/schema';

/** The field by which a form that is sent again is known. */
export const SEND_KEY = 'sendKey';

/**
 * Does the work of a form once: sent again, because an answer was lost or a button was pressed twice, it gives the answer
 * of the first time. The same key with another content is a conflict (409). Work that took nothing (null, or what
 * `taken` says) leaves the key free, so that the form can be mended and sent again.
 *
 * @param form which form it is, since a page may have several
 */
export async function once<T>(
  tx: Tx,
  fields: Fields,
  form: string,
  work: () => Promise<T>,
  taken: (answer: T) => boolean = (answer) => answer !== null && answer !== false,
): Promise<T> {
  const sent = fields.get(SEND_KEY);
  if (sent === undefined || !isId(sent)) return work();
  const key = `${sent} ${form}`;
  const digest = digestOf(fields);
  const here = and(eq(sends.workspaceId, tx.workspaceId), eq(sends.key, key));
  // A second one waits here until the first is through.
  const [first] = await tx
    .insert(sends)
    .values({ workspaceId: tx.workspaceId, key, digest })
    .onConflictDoNothing()
    .returning({ key: sends.key });
  if (!first) {
    const [before] = await tx.select().from(sends).where(here);
    if (before?.digest === digest) return before.answer as T;
    error(
      409,
      'This form had arrived already, and said something else then. That stands. Load the page again and look, before you send what you typed.',
    );
  }
  const answer = await work();
  if (taken(answer)) await tx.update(sends).set({ answer }).where(here);
  else await tx.delete(sends).where(here);
  return answer;
}

function digestOf(fields: Fields): string {
  const said = [...fields].filter(([name]) => name !== SEND_KEY && !name.startsWith('__'));
  return createHash('sha256').update(JSON.stringify(said.sort())).digest('hex');
}
