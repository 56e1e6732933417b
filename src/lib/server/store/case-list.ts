import { and, count, desc, eq, inArray, isNotNull, isNull, lt, sql } from 'drizzle-orm';
import { type Tx } from '../db/client';
import * as t from '../db/schema';

export interface ListedCase {
  readonly number: number;
  readonly title: string;
  readonly openedOn: string;
  readonly closedOn: string | null;
  readonly property: string;
  readonly propertyId: string;
}

/** Cases with the highest number first: open or closed ones, of one property where one is named, below a number. */
export async function pageOfCases(
  tx: Tx,
  {
    open,
    below,
    most,
    propertyId,
  }: { open?: boolean; below?: number | null; most: number; propertyId?: string },
): Promise<{ rows: ListedCase[]; next: number | null }> {
  const rows = await tx
    .select({
      number: t.cases.number,
      title: t.cases.title,
      openedOn: t.cases.openedOn,
      closedOn: t.cases.closedOn,
      property: t.properties.name,
      propertyId: t.properties.id,
    })
    .from(t.cases)
    .innerJoin(
      t.properties,
      and(eq(t.properties.workspaceId, t.cases.workspaceId), eq(t.properties.id, t.cases.propertyId)),
    )
    .where(
      and(
        eq(t.cases.workspaceId, tx.workspaceId),
        open === undefined ? undefined : open ? isNull(t.cases.closedOn) : isNotNull(t.cases.closedOn),
        below ? lt(t.cases.number, below) : undefined,
        propertyId === undefined ? undefined : eq(t.cases.propertyId, propertyId),
      ),
    )
    .orderBy(desc(t.cases.number))
    .limit(most + 1);
  const shown = rows.slice(0, most);
  return { rows: shown, next: rows.length > most ? (shown.at(-1)?.number ?? null) : null };
}

/** How many cases are open, and how many there are in all. */
export async function countAllCases(tx: Tx): Promise<{ open: number; all: number }> {
  const mine = eq(t.cases.workspaceId, tx.workspaceId);
  const [open] = await tx
    .select({ n: count() })
    .from(t.cases)
    .where(and(mine, isNull(t.cases.closedOn)));
  const [all] = await tx.select({ n: count() }).from(t.cases).where(mine);
  return { open: open?.n ?? 0, all: all?.n ?? 0 };
}

/** How many cases of each property are open and closed. */
export async function countCases(
  tx: Tx,
  propertyIds: readonly string[],
): Promise<{ propertyId: string; open: number; closed: number }[]> {
  if (propertyIds.length === 0) return [];
  return tx
    .select({
      propertyId: t.cases.propertyId,
      open: sql<number>`(count(*) filter (where ${t.cases.closedOn} is null))::int`,
      closed: sql<number>`(count(*) filter (where ${t.cases.closedOn} is not null))::int`,
    })
    .from(t.cases)
    .where(and(eq(t.cases.workspaceId, tx.workspaceId), inArray(t.cases.propertyId, [...propertyIds])))
    .groupBy(t.cases.propertyId);
}
