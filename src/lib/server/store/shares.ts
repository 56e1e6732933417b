import { and, count, desc, eq, gt, isNull, sql } from 'drizzle-orm';
import type { ShareForm } from '../../forms';
import { type Database, lockWorkspace, type Tx, rowsOf } from '../db/client';
import { cases, properties, records, sharedLinks, workspaces } from '../db/schema';
import { hashOf, newToken } from '../session/tokens';
import { recordFromRow } from './rows';

/** Links of a workspace that are open at the same time. */
const MOST_OPEN = 500;

/**
 * Makes a link to one record, or to the notice of a case; null where the record is not of this case, `full` where as many
 * are open as may be. Returns its token.
 */
export async function share(
  tx: Tx,
  caseId: string,
  form: ShareForm,
  by: string,
): Promise<string | 'full' | null> {
  const recordId = form.what === 'notice' ? null : form.what;
  if (recordId !== null) {
    const [record] = await tx
      .select({ id: records.id })
      .from(records)
      .where(
        and(eq(records.workspaceId, tx.workspaceId), eq(records.caseId, caseId), eq(records.id, recordId)),
      );
    if (!record) return null;
  }
  await lockWorkspace(tx);
  const [open] = await tx
    .select({ n: count() })
    .from(sharedLinks)
    .where(
      and(
        eq(sharedLinks.workspaceId, tx.workspaceId),
        isNull(sharedLinks.revokedAt),
        gt(sharedLinks.expiresAt, sql`now()`),
      ),
    );
  if ((open?.n ?? 0) >= MOST_OPEN) return 'full';
  const token = newToken();
  await tx.insert(sharedLinks).values({
    workspaceId: tx.workspaceId,
    tokenHash: hashOf(token),
    kind: recordId === null ? 'notice' : 'record',
    caseId,
    recordId,
    by,
    expiresAt: new Date(Date.now() + form.days * 86_400_000),
  });
  return token;
}

export async function revokeShare(tx: Tx, caseId: string, id: string): Promise<void> {
  await tx
    .update(sharedLinks)
    .set({ revokedAt: new Date() })
    .where(
      and(
        eq(sharedLinks.workspaceId, tx.workspaceId),
        eq(sharedLinks.caseId, caseId),
        eq(sharedLinks.id, id),
      ),
    );
}

export async function listShares(tx: Tx, caseId: string) {
  return tx
    .select({
      id: sharedLinks.id,
      kind: sharedLinks.kind,
      recordId: sharedLinks.recordId,
      by: sharedLinks.by,
      expiresAt: sharedLinks.expiresAt,
      revokedAt: sharedLinks.revokedAt,
    })
    .from(sharedLinks)
    .where(and(eq(sharedLinks.workspaceId, tx.workspaceId), eq(sharedLinks.caseId, caseId)))
    .orderBy(desc(sharedLinks.madeAt));
}

export interface Share extends Record<string, unknown> {
  readonly workspace_id: string;
  readonly kind: 'record' | 'notice';
  readonly case_id: string;
  readonly record_id: string | null;
}

/** What a token opens, or null where it opens nothing (never made, expired or revoked). */
export async function shareOf(db: Database, token: string): Promise<Share | null> {
  const [row] = await rowsOf<Share>(
    db,
    sql`select workspace_id, kind, case_id, record_id from share_of(${hashOf(token)})`,
  );
  return row ?? null;
}

/** The one record that is shared, with the place, who did it, and whether a later one corrects it. */
export async function sharedRecord(tx: Tx, recordId: string) {
  const [row] = await tx
    .select({
      record: records,
      property: properties.name,
      address: properties.address,
      firm: workspaces.name,
    })
    .from(records)
    .innerJoin(
      properties,
      and(eq(properties.workspaceId, records.workspaceId), eq(properties.id, records.propertyId)),
    )
    .innerJoin(workspaces, eq(workspaces.id, records.workspaceId))
    .where(and(eq(records.workspaceId, tx.workspaceId), eq(records.id, recordId)));
  if (!row) return null;
  const [later] = await tx
    .select({ id: records.id })
    .from(records)
    .where(and(eq(records.workspaceId, tx.workspaceId), eq(records.corrects, recordId)));
  const record = recordFromRow(row.record);
  return record && { ...row, record, corrected: later !== undefined };
}

export async function numberOfCase(tx: Tx, caseId: string): Promise<number | null> {
  const [row] = await tx
    .select({ number: cases.number })
    .from(cases)
    .where(and(eq(cases.workspaceId, tx.workspaceId), eq(cases.id, caseId)));
  return row?.number ?? null;
}
