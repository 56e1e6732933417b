import { eq, sql } from 'drizzle-orm';
import type { ShelfEntry } from '../../core/choose';
import type { LabelCard } from '../../core/labels';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import { recordFromRow, shelfFromRows } from './rows';

/** The newest version of every label of the workspace with its containers. */
export async function loadShelf(tx: Tx): Promise<ShelfEntry[]> {
  const [labels, containers, records] = await Promise.all([
    tx.select().from(t.labels).where(eq(t.labels.workspaceId, tx.workspaceId)),
    tx.select().from(t.containers).where(eq(t.containers.workspaceId, tx.workspaceId)),
    tx.select().from(t.records).where(eq(t.records.workspaceId, tx.workspaceId)),
  ]);
  return shelfFromRows(labels, containers, records.map(recordFromRow));
}

/** Adds a label card as a new version; older records keep the version that they were made under. */
export async function addLabel(tx: Tx, card: Omit<LabelCard, 'version'>): Promise<number> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${tx.workspaceId}))`);
  const rows = await tx
    .select({ labelId: t.labels.labelId, version: t.labels.version })
    .from(t.labels)
    .where(eq(t.labels.workspaceId, tx.workspaceId));
  const version = 1 + Math.max(0, ...rows.filter((r) => r.labelId === card.id).map((r) => r.version));
  await tx
    .insert(t.labels)
    .values({ workspaceId: tx.workspaceId, labelId: card.id, version, card: { ...card, version } });
  return version;
}

export interface NewContainer {
  readonly labelId: string;
  readonly lot: string;
  readonly size: number;
  readonly unit: string;
  readonly price: number;
  readonly expiresOn: string | null;
  readonly keptIn: string;
}

export async function addContainer(tx: Tx, container: NewContainer): Promise<void> {
  await tx.insert(t.containers).values({ workspaceId: tx.workspaceId, ...container });
}
