import { and, eq, sql } from 'drizzle-orm';
import type { Settings } from '../../forms';
import type { Tx } from '../db/client';
import { workspaces } from '../db/schema';

/** Saves the settings that were built on a revision; false where somebody saved others meanwhile. */
export async function saveSettings(
  tx: Tx,
  name: string,
  settings: Settings,
  basedOn: number,
): Promise<boolean> {
  const saved = await tx
    .update(workspaces)
    .set({ name, settings, settingsRevision: sql`${workspaces.settingsRevision} + 1` })
    .where(and(eq(workspaces.id, tx.workspaceId), eq(workspaces.settingsRevision, basedOn)))
    .returning({ id: workspaces.id });
  return saved.length === 1;
}
