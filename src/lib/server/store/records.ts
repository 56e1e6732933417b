import { createHash, randomUUID } from 'node:crypto';
import { and, desc, eq, exists, gte, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { standing, type ApplicationRecord } from '../../core/record';
import { parseDay } from '../../core/units';
import { movementsOf } from '../../core/stock';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import type { Broken } from './broken';
import { move } from './movements';
import { recordFromRow } from './rows';

export type NewRecord = Omit<ApplicationRecord, 'id' | 'loggedAt' | 'account' | 'cameFrom' | 'importedAt'>;

export type Appended =
  | { readonly done: 'logged'; readonly id: string }
  /** The same form was taken before and said the same. */
  | { readonly done: 'as-before'; readonly id: string }
  /** The same form was taken before and said something else: that stands, this was not written. */
  | { readonly done: 'other-content'; readonly stands: ApplicationRecord }
  /** The record that it corrects has a correction already. */
  | { readonly done: 'corrected-before' };

/**
 * Adds a record of what was done. It can never be changed; a correction names the one that it replaces. `sendKey` is that
 * of the form, within its workspace: sent again with the same content it is one record, with another it is a conflict.
 * When it was logged, and by which account, is the database's to say.
 */
export async function appendRecord(
  tx: Tx,
  at: { sendKey: string | null; caseId: string; propertyId: string },
  record: NewRecord,
): Promise<Appended> {
  const id = randomUUID();
  const { doneOn, corrects, ...body } = record;
  const sendDigest = digestOf(record);
  const [written] = await tx
    .insert(t.records)
    .values({
      ...{ id, workspaceId: tx.workspaceId, caseId: at.caseId, propertyId: at.propertyId },
      ...{ doneOn, corrects, body, sendKey: at.sendKey, sendDigest, loggedAt: sql`now()` },
    })
    .onConflictDoNothing()
    .returning({ id: t.records.id });
  // Either this form was taken before, or somebody corrected the same record a moment ago.
  if (!written) return (await sentBefore(tx, at.sendKey, record)) ?? { done: 'corrected-before' };
  await move(tx, id, movementsOf(record, corrects === null ? null : await recordOf(tx, corrects)));
  return { done: 'logged', id };
}

/** What came of a form that was sent before, or null where it comes for the first time. */
export async function sentBefore(
  tx: Tx,
  sendKey: string | null,
  record: Said,
): Promise<Exclude<Appended, { done: 'logged' | 'corrected-before' }> | null> {
  if (sendKey === null) return null;
  const [before] = await tx
    .select()
    .from(t.records)
    .where(and(eq(t.records.workspaceId, tx.workspaceId), eq(t.records.sendKey, sendKey)));
  if (!before) return null;
  return before.sendDigest === digestOf(record)
    ? { done: 'as-before', id: before.id }
    : { done: 'other-content', stands: recordFromRow(before) ?? broken() };
}

function broken(): never {
  throw new Error('the record that stands cannot be read');
}

/** What a person said of the work; not what Nimsy added by itself, which may differ a moment later. */
type Said = Pick<
  NewRecord,
  | ('caseNumber' | 'doneOn' | 'corrects' | 'startedAt' | 'endedAt' | 'product' | 'finished' | 'area')
  | ('windKmh' | 'tempC' | 'lot' | 'person' | 'licence' | 'note')
>;

function digestOf({ caseNumber, doneOn, corrects, ...rest }: Said): string {
  const { startedAt, endedAt, product, finished, area, windKmh, tempC, lot, person, licence, note } = rest;
  const said = [caseNumber, doneOn, corrects, startedAt, endedAt, product, finished, area];
  return createHash('sha256')
    .update(JSON.stringify([...said, windKmh, tempC, lot, person, licence, note]))
    .digest('hex');
}

async function recordOf(tx: Tx, id: string): Promise<ApplicationRecord | null> {
  const [row] = await tx
    .select()
    .from(t.records)
    .where(and(eq(t.records.workspaceId, tx.workspaceId), eq(t.records.id, id)));
  return row ? recordFromRow(row) : null;
}

export interface LoggedRecord {
  readonly record: ApplicationRecord;
  readonly property: string;
  readonly propertyId: string;
  /** A later record takes its place. */
  readonly corrected: boolean;
}

/** A page of a list: what stands on it, and by what the next one is asked for; null on the last. */
export interface Page<T> {
  readonly rows: readonly T[];
  /** What stands on it and cannot be read. */
  readonly broken: readonly Broken[];
  readonly next: string | null;
}

/** After which record a page begins: its day and the order in which it was taken. */
const CURSOR = /^(\d{4}-\d{2}-\d{2})\.(\d{1,18})$/;

const corrections = alias(t.records, 'corrections');

/** Records of the workspace, newest first, corrected ones included; of one property where one is named. */
export async function pageOfRecords(
  tx: Tx,
  { after = null, most, propertyId }: { after?: string | null; most: number; propertyId?: string },
): Promise<Page<LoggedRecord>> {
  const [, day, order] = CURSOR.exec(after ?? '') ?? [];
  const begins =
    day !== undefined && parseDay(day) !== null
      ? sql`(${t.records.doneOn}, ${t.records.loggedOrder}) < (${day}::date, ${order}::bigint)`
      : undefined;
  const rows = await tx
    .select({
      record: t.records,
      property: t.properties.name,
      corrected: exists(
        tx
          .select({ one: sql`1` })
          .from(corrections)
          .where(and(eq(corrections.workspaceId, tx.workspaceId), eq(corrections.corrects, t.records.id))),
      ).mapWith(Boolean),
    })
    .from(t.records)
    .innerJoin(
      t.properties,
      and(eq(t.properties.workspaceId, t.records.workspaceId), eq(t.properties.id, t.records.propertyId)),
    )
    .where(
      and(
        eq(t.records.workspaceId, tx.workspaceId),
        propertyId === undefined ? undefined : eq(t.records.propertyId, propertyId),
        begins,
      ),
    )
    .orderBy(desc(t.records.doneOn), desc(t.records.loggedOrder))
    .limit(most + 1);
  const shown = rows.slice(0, most);
  const last = rows.length > most ? shown.at(-1)?.record : undefined;
  return {
    rows: shown.flatMap(({ record: row, property, corrected }) => {
      const record = recordFromRow(row);
      return record ? [{ record, property, propertyId: row.propertyId, corrected }] : [];
    }),
    broken: shown.flatMap(({ record }) =>
      recordFromRow(record) ? [] : [{ what: 'record' as const, name: record.doneOn }],
    ),
    next: last ? `${last.doneOn}.${last.loggedOrder}` : null,
  };
}

/** The records of work done since a day that no later one corrects. */
export async function standingSince(tx: Tx, since: string): Promise<ApplicationRecord[]> {
  const rows = await tx
    .select()
    .from(t.records)
    .where(and(eq(t.records.workspaceId, tx.workspaceId), gte(t.records.doneOn, since)))
    .orderBy(desc(t.records.doneOn), desc(t.records.loggedOrder))
    .limit(500);
  return standing(rows.flatMap((row) => recordFromRow(row) ?? []));
}
