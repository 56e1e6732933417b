import { and, eq, sql } from 'drizzle-orm';
import type { Tx } from '../db/client';
import * as t from '../db/schema';

/** The calibrations of a tool. */
export const bookOf = (tx: Tx, id: string) =>
  and(eq(t.calibrations.workspaceId, tx.workspaceId), eq(t.calibrations.equipmentId, id));

/** A tool is calibrated since the latest entry of its book, or not at all. */
export async function countBook(tx: Tx, id: string): Promise<void> {
  const [last] = await tx
    .select({ day: sql<string | null>`max(${t.calibrations.doneOn})` })
    .from(t.calibrations)
    .where(bookOf(tx, id));
  await tx
    .update(t.equipment)
    .set({ calibratedOn: last?.day ?? null })
    .where(and(eq(t.equipment.workspaceId, tx.workspaceId), eq(t.equipment.id, id)));
}
