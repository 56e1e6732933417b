import { and, asc, desc, eq, sql } from 'drizzle-orm';
import { EQUIPMENT_KINDS, type Calibration, type EquipmentKind } from '../../core/equipment';
import type { CalendarDay } from '../../core/units';
import type { CalibrationForm, EquipmentForm } from '../../forms';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import { bookOf, countBook } from './book';
import { takeAway } from './removed';

/** A calibration as it stands in the book. */
export interface BookEntry extends Calibration {
  readonly id: string;
  readonly product: string;
  readonly note: string;
  readonly doneOn: CalendarDay;
  readonly by: string;
}

export interface Tool extends EquipmentForm {
  readonly id: string;
  readonly calibratedOn: CalendarDay | null;
  readonly currency: string;
  readonly revision: number;
}

const own = (tx: Tx, id: string) => and(eq(t.equipment.workspaceId, tx.workspaceId), eq(t.equipment.id, id));

const toolOf = ({ workspaceId: _, ...row }: typeof t.equipment.$inferSelect): Tool => ({
  ...row,
  kind: row.kind satisfies EquipmentKind,
  calibratedOn: row.calibratedOn as CalendarDay | null,
});

/** The tools by kind, and by name within it. */
export const listEquipment = async (tx: Tx): Promise<Tool[]> =>
  (
    await tx
      .select()
      .from(t.equipment)
      .where(eq(t.equipment.workspaceId, tx.workspaceId))
      .orderBy(asc(t.equipment.name))
  )
    .map(toolOf)
    .sort((a, b) => EQUIPMENT_KINDS.indexOf(a.kind) - EQUIPMENT_KINDS.indexOf(b.kind));

/** A tool with its book, the latest first; null where there is none. */
export async function findEquipment(tx: Tx, id: string): Promise<{ tool: Tool; book: BookEntry[] } | null> {
  const [row] = await tx.select().from(t.equipment).where(own(tx, id));
  if (!row) return null;
  const entries = await tx
    .select()
    .from(t.calibrations)
    .where(and(eq(t.calibrations.workspaceId, tx.workspaceId), eq(t.calibrations.equipmentId, id)))
    .orderBy(desc(t.calibrations.doneOn), desc(t.calibrations.loggedAt));
  return {
    tool: toolOf(row),
    book: entries.map(({ workspaceId: _w, equipmentId: _e, loggedAt: _l, ...entry }) => ({
      ...entry,
      unit: entry.unit as Calibration['unit'],
      doneOn: entry.doneOn as CalendarDay,
    })),
  };
}

/** The id of the new tool; null where one of that name is there. */
export async function addEquipment(tx: Tx, form: EquipmentForm, currency: string): Promise<string | null> {
  const [row] = await tx
    .insert(t.equipment)
    .values({ workspaceId: tx.workspaceId, ...form, currency })
    .onConflictDoNothing()
    .returning({ id: t.equipment.id });
  return row?.id ?? null;
}

/** Saves what was built on a revision, unless another tool has that name or somebody saved otherwise meanwhile. The kind of a tool stays, since its book is of that kind. */
export async function changeEquipment(
  tx: Tx,
  id: string,
  { kind: _, ...form }: EquipmentForm,
  currency: string,
  basedOn: number,
): Promise<'saved' | 'named' | 'changed'> {
  const [other] = await tx
    .select({ id: t.equipment.id })
    .from(t.equipment)
    .where(and(eq(t.equipment.workspaceId, tx.workspaceId), eq(t.equipment.name, form.name)));
  if (other && other.id !== id) return 'named';
  // A price that stays what it was stays in what it was paid in.
  const saved = await tx
    .update(t.equipment)
    .set({
      ...form,
      revision: sql`${t.equipment.revision} + 1`,
      currency: sql`case when ${t.equipment.price} is not distinct from ${form.price} then ${t.equipment.currency} else ${currency} end`,
    })
    .where(and(own(tx, id), eq(t.equipment.revision, basedOn)))
    .returning({ id: t.equipment.id });
  return saved.length === 1 ? 'saved' : 'changed';
}

/** Takes a tool away with its book; by what both can be put back. */
export const removeEquipment = (tx: Tx, id: string): Promise<string | null> =>
  takeAway(tx, t.equipment, own(tx, id), `/equipment/${id}`, [
    { table: t.calibrations, where: bookOf(tx, id) },
  ]);

/** Writes a calibration into the book of a tool. */
export async function addCalibration(
  tx: Tx,
  id: string,
  form: CalibrationForm,
  { by, now }: { by: string; now: Date },
): Promise<void> {
  await tx
    .insert(t.calibrations)
    .values({ workspaceId: tx.workspaceId, equipmentId: id, ...form, by, loggedAt: now });
  await tx
    .update(t.equipment)
    .set({ calibratedOn: sql`greatest(${t.equipment.calibratedOn}, ${form.doneOn}::date)` })
    .where(own(tx, id));
}

/** Takes an entry out of the book; the tool then counts as calibrated when the latest of the rest was made. */
export async function removeCalibration(tx: Tx, id: string, entry: string): Promise<string | null> {
  const gone = await takeAway(
    tx,
    t.calibrations,
    and(bookOf(tx, id), eq(t.calibrations.id, entry)),
    `/equipment/${id}`,
  );
  await countBook(tx, id);
  return gone;
}
