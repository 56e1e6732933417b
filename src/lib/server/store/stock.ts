import { and, count, desc, eq } from 'drizzle-orm';
import type { ShelfContainer, StockReason } from '../../core/choose';
import { countedMovement, leftOf } from '../../core/stock';
import type { Unit } from '../../core/units';
import type { NewLot } from '../../forms';
import { lockWorkspace, type Tx } from '../db/client';
import * as t from '../db/schema';
import { takeAway } from './removed';
import { move, movedBefore } from './movements';

/** No card needs more, and an export has to carry them. */
export const MOST_FILES = 8;

const container = (tx: Tx, labelId: string, lot: string) =>
  and(
    eq(t.containers.workspaceId, tx.workspaceId),
    eq(t.containers.labelId, labelId),
    eq(t.containers.lot, lot),
  );

/** Puts a container on the shelf; false where one of that lot is there already. */
export async function addContainer(
  tx: Tx,
  labelId: string,
  lot: NewLot & { readonly currency: string },
): Promise<boolean> {
  const added = await tx
    .insert(t.containers)
    .values({
      ...{ workspaceId: tx.workspaceId, labelId, ...lot },
      // Work may have been logged from it before it was entered.
      moved: await movedBefore(tx, labelId, lot.lot, lot.unit as Unit),
    })
    .onConflictDoNothing()
    .returning({ id: t.containers.id });
  return added.length > 0;
}

export interface Change {
  readonly lot: string;
  readonly reason: StockReason;
  /** What is left now where it was counted; what went away otherwise. In the unit of the container. */
  readonly amount: number;
  readonly note: string;
}

/**
 * Notes what was counted in a container, or what went away besides the records. Answers what was left before where more
 * would go than is there, and null where there is no such container.
 */
export async function changeStock(
  tx: Tx,
  labelId: string,
  { lot, reason, amount, note }: Change,
  { by, now }: { by: string; now: Date },
): Promise<'changed' | { left: ShelfContainer['left'] } | null> {
  const [held] = await tx
    .select({ size: t.containers.size, unit: t.containers.unit, moved: t.containers.moved })
    .from(t.containers)
    .where(container(tx, labelId, lot))
    .for('update');
  if (!held) return null;
  const size = { value: held.size, unit: held.unit as Unit };
  const moved = held.moved ?? 0;
  const { left } = leftOf(size, moved);
  if (reason !== 'counted' && amount > left.value * (1 + 1e-9)) return { left };
  const change = reason === 'counted' ? countedMovement(size, moved, amount) : -amount;
  const [written] = await tx
    .insert(t.stockChanges)
    .values({ workspaceId: tx.workspaceId, labelId, lot, reason, note, by, at: now, amount: change })
    .returning({ id: t.stockChanges.id });
  if (!written) throw new Error('the change was not written');
  await move(tx, written.id, [{ labelId, lot, amount: change, unit: size.unit, of: 'change' }]);
  return 'changed';
}

/** Notes the day on which a container was opened; false where there is none of that lot. */
export async function openContainer(tx: Tx, labelId: string, lot: string, day: string): Promise<boolean> {
  const opened = await tx
    .update(t.containers)
    .set({ openedOn: day })
    .where(container(tx, labelId, lot))
    .returning({ id: t.containers.id });
  return opened.length > 0;
}

/** What was changed of a label's containers, the latest first. */
export const stockChanges = (tx: Tx, labelId: string) =>
  tx
    .select()
    .from(t.stockChanges)
    .where(and(eq(t.stockChanges.workspaceId, tx.workspaceId), eq(t.stockChanges.labelId, labelId)))
    .orderBy(desc(t.stockChanges.at))
    .limit(50);

const filesOf = (tx: Tx, labelId: string) =>
  and(eq(t.labelFiles.workspaceId, tx.workspaceId), eq(t.labelFiles.labelId, labelId));

/** The files of a card without their bytes. */
export const labelFiles = (tx: Tx, labelId: string) =>
  tx
    .select({
      id: t.labelFiles.id,
      kind: t.labelFiles.kind,
      type: t.labelFiles.type,
      name: t.labelFiles.name,
    })
    .from(t.labelFiles)
    .where(filesOf(tx, labelId))
    .orderBy(t.labelFiles.addedAt);

export type NewLabelFile = Pick<
  typeof t.labelFiles.$inferInsert,
  'kind' | 'type' | 'name' | 'bytes' | 'addedBy' | 'addedAt'
>;

/** Keeps a file with a card; false where it holds as many as it may. */
export async function addLabelFile(tx: Tx, labelId: string, file: NewLabelFile): Promise<boolean> {
  await lockWorkspace(tx);
  const [held] = await tx.select({ n: count() }).from(t.labelFiles).where(filesOf(tx, labelId));
  if ((held?.n ?? 0) >= MOST_FILES) return false;
  await tx.insert(t.labelFiles).values({ workspaceId: tx.workspaceId, labelId, ...file });
  return true;
}

export async function labelFile(tx: Tx, labelId: string, id: string) {
  const [row] = await tx
    .select()
    .from(t.labelFiles)
    .where(and(filesOf(tx, labelId), eq(t.labelFiles.id, id)));
  return row ?? null;
}

/** By what it can be put back; null where there is none. */
export const removeLabelFile = (tx: Tx, labelId: string, id: string): Promise<string | null> =>
  takeAway(tx, t.labelFiles, and(filesOf(tx, labelId), eq(t.labelFiles.id, id)), `/shelf/${labelId}`);
