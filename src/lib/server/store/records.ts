import { createHash, randomUUID } from 'node:crypto';
import { and, desc, eq, sql } from 'drizzle-orm';
import type { ApplicationRecord } from '../../core/record';
import { movementsOf } from '../../core/stock';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
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
    : { done: 'other-content', stands: recordFromRow(before) };
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
}

/** Every record of the workspace, newest first, corrected ones included. */
export async function listRecords(tx: Tx): Promise<LoggedRecord[]> {
  const rows = await tx
    .select({ record: t.records, property: t.properties.name })
    .from(t.records)
    .innerJoin(
      t.properties,
      and(eq(t.properties.workspaceId, t.records.workspaceId), eq(t.properties.id, t.records.propertyId)),
    )
    .where(eq(t.records.workspaceId, tx.workspaceId))
    .orderBy(desc(t.records.doneOn), desc(t.records.loggedOrder));
  return rows.map(({ record, property }) => ({
    record: recordFromRow(record),
    property,
    propertyId: record.propertyId,
  }));
}
