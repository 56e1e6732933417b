import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import { movedIn, movementsOf } from '../../core/stock';
import type { ApplicationRecord } from '../../core/record';
import type { Unit } from '../../core/units';
import type { Database } from './client';
import { containers, records, stockChanges, stockMovements } from './schema';

const CHUNK = 1000;

/**
 * Writes down the movements of records and stock changes that were written before there were movements, and the sum of
 * each container that was never summed. Runs as the owner of the tables, over all workspaces; does nothing where nothing
 * is missing.
 */
export async function countContainers(db: Database): Promise<void> {
  await writeMissing(db);
  const uncounted = await db.select().from(containers).where(isNull(containers.moved));
  for (const container of uncounted) {
    const moved = await db
      .select({ amount: stockMovements.amount, unit: stockMovements.unit })
      .from(stockMovements)
      .where(
        and(
          eq(stockMovements.workspaceId, container.workspaceId),
          eq(stockMovements.labelId, container.labelId),
          eq(stockMovements.lot, container.lot),
        ),
      );
    await db
      .update(containers)
      .set({ moved: movedIn(container.unit as Unit, moved as { amount: number; unit: Unit }[]) })
      .where(eq(containers.id, container.id));
  }
}

async function writeMissing(db: Database): Promise<void> {
  const without = await db
    .select({
      id: records.id,
      workspaceId: records.workspaceId,
      corrects: records.corrects,
      body: records.body,
    })
    .from(records)
    .where(
      sql`(${records.body}->>'lot' is not null or ${records.corrects} is not null) and not exists (select 1 from ${stockMovements}
        where ${stockMovements.source} = ${records.id})`,
    )
    .orderBy(records.loggedOrder);
  const corrected = new Map<string, ApplicationRecord>();
  const wanted = without.flatMap(({ corrects }) => corrects ?? []);
  for (let i = 0; i < wanted.length; i += CHUNK)
    for (const row of await db
      .select({ id: records.id, body: records.body })
      .from(records)
      .where(inArray(records.id, wanted.slice(i, i + CHUNK))))
      corrected.set(row.id, row.body as ApplicationRecord);
  const changes = await db
    .select({ change: stockChanges, unit: containers.unit })
    .from(stockChanges)
    .innerJoin(
      containers,
      and(
        eq(containers.workspaceId, stockChanges.workspaceId),
        eq(containers.labelId, stockChanges.labelId),
        eq(containers.lot, stockChanges.lot),
      ),
    )
    .where(
      sql`not exists (select 1 from ${stockMovements} where ${stockMovements.source} = ${stockChanges.id})`,
    );
  const rows = [
    ...without.flatMap(({ id, workspaceId, corrects, body }) =>
      movementsOf(
        body as ApplicationRecord,
        corrects === null ? null : (corrected.get(corrects) ?? null),
      ).map((movement) => ({ workspaceId, source: id, ...movement })),
    ),
    ...changes.map(({ change: { id, workspaceId, labelId, lot, amount }, unit }) => ({
      ...{ workspaceId, source: id, labelId, lot, amount, unit, of: 'change' as const },
    })),
  ];
  for (let i = 0; i < rows.length; i += CHUNK)
    await db
      .insert(stockMovements)
      .values(rows.slice(i, i + CHUNK))
      .onConflictDoNothing();
}
