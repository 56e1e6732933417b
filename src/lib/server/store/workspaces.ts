import { eq } from 'drizzle-orm';
import { DEMONSTRATION_LABELS } from '../../catalog';
import type { Tx } from '../db/client';
import { labels, workspaces } from '../db/schema';

/** What every new workspace starts with: the demonstration labels, which halt in real use. */
export async function furnish(tx: Tx): Promise<void> {
  await tx
    .insert(labels)
    .values(
      DEMONSTRATION_LABELS.map((card) => ({
        workspaceId: tx.workspaceId,
        labelId: card.id,
        version: card.version,
        card,
      })),
    )
    .onConflictDoNothing();
}

/** The workspace of the transaction: its name, and its settings as they are kept. */
export async function presentWorkspace(tx: Tx): Promise<{ name: string; settings: unknown }> {
  const [row] = await tx.select().from(workspaces).where(eq(workspaces.id, tx.workspaceId));
  if (!row) throw new Error('the workspace is gone');
  return row;
}
