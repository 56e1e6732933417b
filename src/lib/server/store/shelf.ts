import { randomUUID } from 'node:crypto';
import { and, asc, count, desc, eq, sql, type SQL } from 'drizzle-orm';
import { readCard } from '../../catalog';
import type { ShelfEntry } from '../../core/choose';
import type { LabelCard } from '../../core/labels';
import { lockWorkspace, rowsOf, type Tx } from '../db/client';
import { fromJsonRows } from '../db/json-rows';
import * as t from '../db/schema';
import { cardOf, shelfFromRows } from './rows';

/** Containers of one label that are shown together; the rest follows page by page. */
export const A_FEW = 20;

/** Of a container that holds something. */
const HOLDS = sql.raw('(c.size + coalesce(c.moved, 0) > 1e-9 * c.size)');

/** Of each label the containers with something in them that end first, and any that were counted short. */
const fewOf = (workspace: SQL | string, most: number): SQL => sql`
  select few.* from (select distinct l.label_id from labels l where l.workspace_id = ${workspace}) of_label
  cross join lateral (
    (select c.* from containers c where c.workspace_id = ${workspace} and c.label_id = of_label.label_id and ${HOLDS}
      order by c.expires_on nulls last, c.lot limit ${sql.raw(String(most))})
    union
    (select c.* from containers c where c.workspace_id = ${workspace} and c.label_id = of_label.label_id
      and c.moved < -c.size order by c.lot limit 5)
  ) few`;

/**
 * The containers that bear on cases: a few of each label, and those whose lot their records or answers name. As a list in
 * JSON, within a statement that is written once.
 */
export const containersFor = (workspace: string, ofRecords: SQL, ofStops: SQL): SQL => sql`
  (select coalesce(json_agg(row_to_json(held)), '[]') from (
    ${fewOf(workspace, A_FEW)}
    union
    select held.* from (
      select distinct ${t.records.body}->'label'->>'id' as label_id, ${t.records.body}->>'lot' as lot from ${t.records}
        where ${t.records.workspaceId} = ${workspace} and ${ofRecords} and ${t.records.body}->>'lot' is not null
      union
      select choose.body->>'label', ${t.caseStops.body}->>'lot' from ${t.caseStops}
        join case_stops choose on choose.workspace_id = ${t.caseStops.workspaceId} and choose.case_id = ${t.caseStops.caseId}
          and choose.stop = 'choose'
        where ${t.caseStops.workspaceId} = ${workspace} and ${ofStops} and ${t.caseStops.stop} = 'mix'
          and ${t.caseStops.body}->>'lot' is not null
    ) named
    -- One at a time by its key: few are named, and there may be thousands.
    cross join lateral (select c.* from containers c where c.workspace_id = ${workspace}
      and c.label_id = named.label_id and c.lot = named.lot limit 1) held
  ) held)`;

/** The newest version of each label of the workspace; older ones are not read. */
const newestLabels = (tx: Tx) =>
  tx
    .selectDistinctOn([t.labels.labelId])
    .from(t.labels)
    .where(eq(t.labels.workspaceId, tx.workspaceId))
    .orderBy(t.labels.labelId, desc(t.labels.version));

const byName = (a: ShelfEntry, b: ShelfEntry): number => a.label.name.localeCompare(b.label.name, 'en');

/** Every label of the workspace with all of its containers; prices in the currency that is wanted. */
export async function loadShelf(tx: Tx, currency = ''): Promise<ShelfEntry[]> {
  const labels = await newestLabels(tx);
  const containers = await tx.select().from(t.containers).where(eq(t.containers.workspaceId, tx.workspaceId));
  return shelfFromRows(
    labels.flatMap((row) => cardOf(row) ?? []),
    containers,
    currency,
  ).sort(byName);
}

export interface ShelfRow extends ShelfEntry {
  /** How many containers of it there are in all, empty ones too. */
  readonly held: number;
}

/** Every label with a few of its containers, those that end first, and how many there are. */
export async function loadFewOfShelf(tx: Tx, currency = '', most = A_FEW): Promise<ShelfRow[]> {
  const labels = await newestLabels(tx);
  const rows = await rowsOf<{ rows: unknown }>(
    tx,
    sql`select coalesce(json_agg(row_to_json(held)), '[]') as rows from (${fewOf(sql`${tx.workspaceId}::uuid`, most)}) held`,
  );
  const counts = await tx
    .select({ labelId: t.containers.labelId, n: count() })
    .from(t.containers)
    .where(eq(t.containers.workspaceId, tx.workspaceId))
    .groupBy(t.containers.labelId);
  const held = new Map(counts.map(({ labelId, n }) => [labelId, n]));
  return shelfFromRows(
    labels.flatMap((row) => cardOf(row) ?? []),
    fromJsonRows(t.containers, rows[0]?.rows ?? []),
    currency,
  )
    .sort(byName)
    .map((entry) => ({ ...entry, held: held.get(entry.label.id) ?? 0 }));
}

/** Containers of one label after a lot, those with something in them first. */
export async function pageOfContainers(
  tx: Tx,
  labelId: string,
  { from, most, currency }: { from: number; most: number; currency: string },
): Promise<{ rows: ShelfEntry['containers']; next: number | null }> {
  const [label] = await tx
    .select()
    .from(t.labels)
    .where(and(eq(t.labels.workspaceId, tx.workspaceId), eq(t.labels.labelId, labelId)))
    .orderBy(desc(t.labels.version))
    .limit(1);
  if (!label) return { rows: [], next: null };
  const { size, moved, expiresOn, lot } = t.containers;
  const rows = await tx
    .select()
    .from(t.containers)
    .where(and(eq(t.containers.workspaceId, tx.workspaceId), eq(t.containers.labelId, labelId)))
    .orderBy(
      sql`case when coalesce(${moved}, 0) < -${size} * (1 + 1e-9) then 0
        when ${size} + coalesce(${moved}, 0) > 1e-9 * ${size} then 1 else 2 end`,
      sql`${expiresOn} nulls last`,
      asc(lot),
    )
    .offset(from)
    .limit(most + 1);
  const card = cardOf(label);
  const [entry] = card ? shelfFromRows([card], rows.slice(0, most), currency) : [];
  return { rows: entry?.containers ?? [], next: rows.length > most ? from + most : null };
}

/** Every version of a label, the newest first. */
export async function cardVersions(tx: Tx, labelId: string): Promise<LabelCard[]> {
  const rows = await tx
    .select()
    .from(t.labels)
    .where(and(eq(t.labels.workspaceId, tx.workspaceId), eq(t.labels.labelId, labelId)))
    .orderBy(desc(t.labels.version));
  return rows.flatMap((row) => cardOf(row) ?? []);
}

/** What a card of one’s own is kept by. */
export const newLabelId = (): string => `own-${randomUUID().slice(0, 8)}`;

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
