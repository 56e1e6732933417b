import { and, asc, eq, sql } from 'drizzle-orm';
import { groundCalled, sameGround, type NamedGround, type Premises } from '../../core/premises';
import type { CalendarDay } from '../../core/units';
import { isId, type PropertyForm } from '../../forms';
import type { Tx } from '../db/client';
import { properties } from '../db/schema';

export async function listProperties(tx: Tx) {
  return tx
    .select()
    .from(properties)
    .where(eq(properties.workspaceId, tx.workspaceId))
    .orderBy(asc(properties.name));
}

/** After which property a page of them begins: its name and id. */
const CURSOR = /^([0-9a-f-]{36})\.([\s\S]{1,400})$/;

/** Properties by their names, page by page. */
export async function pageOfProperties(
  tx: Tx,
  { after, most }: { after: string | null; most: number },
): Promise<{ rows: (typeof properties.$inferSelect)[]; next: string | null }> {
  const [, id, name] = CURSOR.exec(after ?? '') ?? [];
  const rows = await tx
    .select()
    .from(properties)
    .where(
      and(
        eq(properties.workspaceId, tx.workspaceId),
        id !== undefined && isId(id)
          ? sql`(${properties.name}, ${properties.id}) > (${name}, ${id}::uuid)`
          : undefined,
      ),
    )
    .orderBy(asc(properties.name), asc(properties.id))
    .limit(most + 1);
  const shown = rows.slice(0, most);
  const last = rows.length > most ? shown.at(-1) : undefined;
  return { rows: shown, next: last ? `${last.id}.${last.name}` : null };
}

export async function findProperty(tx: Tx, id: string) {
  const [row] = await tx
    .select()
    .from(properties)
    .where(and(eq(properties.workspaceId, tx.workspaceId), eq(properties.id, id)));
  return row ?? null;
}

export async function createProperty(tx: Tx, form: PropertyForm): Promise<string> {
  const [row] = await tx
    .insert(properties)
    .values({ workspaceId: tx.workspaceId, ...form })
    .returning({ id: properties.id });
  if (!row) throw new Error('the property was not written');
  return row.id;
}

/** Saves what was built on a revision; false where somebody saved otherwise meanwhile. */
export async function changeProperty(
  tx: Tx,
  id: string,
  form: PropertyForm,
  basedOn: number,
): Promise<boolean> {
  const saved = await tx
    .update(properties)
    .set({ ...form, revision: sql`${properties.revision} + 1` })
    .where(
      and(
        eq(properties.workspaceId, tx.workspaceId),
        eq(properties.id, id),
        eq(properties.revision, basedOn),
      ),
    )
    .returning({ id: properties.id });
  return saved.length === 1;
}

/** Writes down what was asked of the place on a day; false where somebody saved otherwise meanwhile. */
export async function saveAsked(
  tx: Tx,
  id: string,
  answers: Premises['answers'],
  { today, basedOn }: { today: CalendarDay; basedOn: number },
): Promise<boolean> {
  const saved = await tx
    .update(properties)
    .set({
      premises: answers,
      premisesAskedOn: today,
      revision: sql`${properties.revision} + 1`,
    })
    .where(
      and(
        eq(properties.workspaceId, tx.workspaceId),
        eq(properties.id, id),
        eq(properties.revision, basedOn),
      ),
    )
    .returning({ id: properties.id });
  return saved.length === 1;
}

/** Says on which zones of the plan a named ground lies, or that nobody knows; false where the property has none of that name. */
export async function tieGround(
  tx: Tx,
  id: string,
  { name, zones }: { readonly name: string; readonly zones: readonly string[] },
  tiedOn: CalendarDay,
): Promise<boolean> {
  const before = await groundsForChange(tx, id);
  if (groundCalled(before, name) === null) return false;
  await setGrounds(
    tx,
    id,
    before.map(({ zones: was = [], tiedOn: since, ...ground }) => {
      if (!sameGround(ground.name, name))
        return { ...ground, ...(was.length > 0 ? { zones: was, tiedOn: since } : {}) };
      const alike = was.length === zones.length && zones.every((zone) => was.includes(zone));
      return { ...ground, ...(zones.length > 0 ? { zones, tiedOn: alike ? since : tiedOn } : {}) };
    }),
  );
  return true;
}

/** Grounds of one property at most: a deed has fewer. */
export const MOST_GROUNDS = 60;

/** Names a ground of a property, or takes a name off it again; false where it is there already, or there are too many. */
export async function nameGround(tx: Tx, id: string, ground: NamedGround, on: boolean): Promise<boolean> {
  const before = await groundsForChange(tx, id);
  if (on && (groundCalled(before, ground.name) !== null || before.length >= MOST_GROUNDS)) return false;
  const grounds = on ? [...before, ground] : before.filter(({ name }) => !sameGround(name, ground.name));
  await setGrounds(tx, id, grounds);
  return true;
}

async function groundsForChange(tx: Tx, id: string): Promise<readonly NamedGround[]> {
  const [row] = await tx
    .select({ grounds: properties.grounds })
    .from(properties)
    .where(and(eq(properties.workspaceId, tx.workspaceId), eq(properties.id, id)))
    .for('update');
  return row?.grounds ?? [];
}

const setGrounds = (tx: Tx, id: string, grounds: readonly NamedGround[]) =>
  tx
    .update(properties)
    .set({ grounds })
    .where(and(eq(properties.workspaceId, tx.workspaceId), eq(properties.id, id)));
