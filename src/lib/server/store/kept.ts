import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import { takeAway } from './removed';

/** Jobs that one case can keep. */
const MOST = 100;

/** Keeps a job of the bench into an open case; false where there is no such case, or it has too many. */
export async function keepJob(
  tx: Tx,
  number: number,
  fields: Record<string, string>,
  { by, now }: { by: string; now: Date },
): Promise<boolean> {
  const [found] = await tx
    .select({
      id: t.cases.id,
      count: sql<number>`(select count(*)::int from ${t.keptJobs} where ${t.keptJobs.caseId} = ${t.cases.id})`,
    })
    .from(t.cases)
    .where(
      and(eq(t.cases.workspaceId, tx.workspaceId), eq(t.cases.number, number), isNull(t.cases.closedOn)),
    );
  if (!found || found.count >= MOST) return false;
  await tx
    .insert(t.keptJobs)
    .values({ workspaceId: tx.workspaceId, caseId: found.id, fields, keptAt: now, keptBy: by });
  return true;
}

/** What was typed for a kept job; null where there is none. */
export async function keptJob(tx: Tx, id: string): Promise<Readonly<Record<string, string>> | null> {
  const [row] = await tx
    .select({ fields: t.keptJobs.fields })
    .from(t.keptJobs)
    .where(and(eq(t.keptJobs.workspaceId, tx.workspaceId), eq(t.keptJobs.id, id)));
  return row?.fields ?? null;
}

/** Takes a kept job out of its case; by what it can be put back, null where there is none. */
export const dropJob = (tx: Tx, id: string, back: string): Promise<string | null> =>
  takeAway(tx, t.keptJobs, and(eq(t.keptJobs.workspaceId, tx.workspaceId), eq(t.keptJobs.id, id)), back);

/** The open cases that a job can be kept into, the newest first. */
export const openCases = async (tx: Tx): Promise<{ number: number; title: string; property: string }[]> =>
  tx
    .select({ number: t.cases.number, title: t.cases.title, property: t.properties.name })
    .from(t.cases)
    .innerJoin(
      t.properties,
      and(eq(t.properties.workspaceId, t.cases.workspaceId), eq(t.properties.id, t.cases.propertyId)),
    )
    .where(and(eq(t.cases.workspaceId, tx.workspaceId), isNull(t.cases.closedOn)))
    .orderBy(desc(t.cases.number))
    .limit(500);
