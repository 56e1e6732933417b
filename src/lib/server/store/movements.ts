import { and, eq, sql } from 'drizzle-orm';
import { movedIn, type Movement } from '../../core/stock';
import type { Unit } from '../../core/units';
import type { Tx } from '../db/client';
import { containers, stockMovements } from '../db/schema';

const ofContainer = (tx: Tx, labelId: string, lot: string) =>
  and(eq(containers.workspaceId, tx.workspaceId), eq(containers.labelId, labelId), eq(containers.lot, lot));

/** Writes movements of stock down and adds each to its container, where that is on the shelf. */
export async function move(tx: Tx, source: string, movements: readonly Movement[]): Promise<void> {
  if (movements.length === 0) return;
  await tx
    .insert(stockMovements)
    .values(movements.map((movement) => ({ workspaceId: tx.workspaceId, source, ...movement })));
  for (const movement of movements) {
    const [held] = await tx
      .select({ unit: containers.unit })
      .from(containers)
      .where(ofContainer(tx, movement.labelId, movement.lot))
      .for('update');
    if (!held) continue;
    await tx
      .update(containers)
      .set({
        moved: sql`coalesce(${containers.moved}, 0) + ${movedIn(held.unit as Unit, [movement])}::float8`,
      })
      .where(ofContainer(tx, movement.labelId, movement.lot));
  }
}

/** What records had moved in a lot before its container was put on the shelf, in the unit of the container. */
export async function movedBefore(tx: Tx, labelId: string, lot: string, unit: Unit): Promise<number> {
  const rows = await tx
    .select({ amount: stockMovements.amount, unit: stockMovements.unit })
    .from(stockMovements)
    .where(
      and(
        eq(stockMovements.workspaceId, tx.workspaceId),
        eq(stockMovements.labelId, labelId),
        eq(stockMovements.lot, lot),
      ),
    );
  return movedIn(unit, rows as { amount: number; unit: Unit }[]);
}
