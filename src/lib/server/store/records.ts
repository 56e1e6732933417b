import { randomUUID } from 'node:crypto';
import { and, desc, eq } from 'drizzle-orm';
import type { ApplicationRecord } from '../../core/record';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import { recordFromRow } from './rows';

export type NewRecord = Omit<ApplicationRecord, 'id' | 'loggedAt'>;

/** Adds a record of what was done. It can never be changed; a correction names the one that it replaces. */
export async function appendRecord(
  tx: Tx,
  at: { id: string | null; caseId: string; propertyId: string; now: Date },
  record: NewRecord,
): Promise<string> {
  const id = at.id ?? randomUUID();
  const { doneOn, corrects, ...body } = record;
  const written = tx.insert(t.records).values({
    id,
    workspaceId: tx.workspaceId,
    caseId: at.caseId,
    propertyId: at.propertyId,
    doneOn,
    corrects,
    body,
    loggedAt: at.now,
  });
  // The same form sent twice is one entry.
  await (at.id === null ? written : written.onConflictDoNothing({ target: t.records.id }));
  return id;
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
    .orderBy(desc(t.records.doneOn), desc(t.records.loggedAt));
  return rows.map(({ record, property }) => ({
    record: recordFromRow(record),
    property,
    propertyId: record.propertyId,
  }));
}
