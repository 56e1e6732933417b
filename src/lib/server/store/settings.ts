import { and, eq, sql } from 'drizzle-orm';
import { DEFAULT_SETTINGS, type Founding, type Settings } from '../../forms';
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

/** What was said when the workspace was founded; what nobody was asked for stands at its default. */
export async function startSettings(
  tx: Tx,
  { workspace, kind, timeZone, emergency }: Founding,
): Promise<boolean> {
  const settings = {
    ...DEFAULT_SETTINGS,
    ...{ kind, timeZone },
    emergency: { ...DEFAULT_SETTINGS.emergency, ...emergency },
  };
  return saveSettings(tx, workspace, settings, 1);
}
