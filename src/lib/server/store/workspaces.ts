import { DEMONSTRATION_LABELS } from '../../catalog';
import type { Tx } from '../db/client';
import { labels } from '../db/schema';

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
