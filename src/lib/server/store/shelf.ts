import { and, desc, eq } from 'drizzle-orm';
import { readCard } from '../../catalog';
import type { ShelfEntry } from '../../core/choose';
import type { LabelCard } from '../../core/labels';
import { lockWorkspace, type Tx } from '../db/client';
import * as t from '../db/schema';
import { cardOf, newestOf, shelfFromRows } from './rows';

/** The newest version of every label of the workspace with its containers; prices in the currency that is wanted. */
export async function loadShelf(tx: Tx, currency = ''): Promise<ShelfEntry[]> {
  const labels = await tx.select().from(t.labels).where(eq(t.labels.workspaceId, tx.workspaceId));
  const containers = await tx.select().from(t.containers).where(eq(t.containers.workspaceId, tx.workspaceId));
  return shelfFromRows(newestOf(labels).map(cardOf), containers, currency).sort((a, b) =>
    a.label.name.localeCompare(b.label.name, 'en'),
  );
}

/** Every version of a label, the newest first. */
export async function cardVersions(tx: Tx, labelId: string): Promise<LabelCard[]> {
  const rows = await tx
    .select({ card: t.labels.card })
    .from(t.labels)
    .where(and(eq(t.labels.workspaceId, tx.workspaceId), eq(t.labels.labelId, labelId)))
    .orderBy(desc(t.labels.version));
  return rows.map((row) => readCard(row.card));
}

/** Adds a label card as a new version; older records keep the version that they were made under. */
export async function addLabel(tx: Tx, card: Omit<LabelCard, 'version'>): Promise<number> {
  return (await addLabels(tx, [card]))[0] ?? 1;
}

/** Adds cards, each as the next version of its label; one that is the same as the newest adds none (0). */
export async function addLabels(tx: Tx, cards: readonly Omit<LabelCard, 'version'>[]): Promise<number[]> {
  await lockWorkspace(tx);
  const rows = await tx
    .select({ labelId: t.labels.labelId, version: t.labels.version, card: t.labels.card })
    .from(t.labels)
    .where(eq(t.labels.workspaceId, tx.workspaceId));
  const newest = new Map<string, { version: number; text: string }>();
  for (const { labelId, version, card } of rows)
    if (version > (newest.get(labelId)?.version ?? 0))
      newest.set(labelId, { version, text: textOf(readCard(card)) });
  const values: (typeof t.labels.$inferInsert)[] = [];
  const versions = cards.map((card) => {
    const before = newest.get(card.id);
    const text = textOf(card);
    if (before?.text === text) return 0;
    const version = (before?.version ?? 0) + 1;
    newest.set(card.id, { version, text });
    values.push({ workspaceId: tx.workspaceId, labelId: card.id, version, card: { ...card, version } });
    return version;
  });
  for (let i = 0; i < values.length; i += CHUNK) await tx.insert(t.labels).values(values.slice(i, i + CHUNK));
  return versions;
}
const CHUNK = 500;

/** A card without its version, with its keys in one order. */
function textOf(card: Omit<LabelCard, 'version'>): string {
  return JSON.stringify({ ...card, version: 0 }, (_key, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  );
}
