import { and, asc, desc, eq, lte } from 'drizzle-orm';
import { EMPTY_PLAN, type Plan, type Zone } from '../../core/plan';
import { planSchema } from '../../forms/plan';
import { parseDay } from '../../core/units';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import { bodyNow } from './body-versions';
import type { Picture } from '../outside/pictures';

interface KeptBody {
  readonly body: unknown;
  readonly bodyVersion: number;
}

export interface KeptPlan {
  readonly plan: Plan;
  /** 0 where none was saved yet. */
  readonly revision: number;
  readonly savedBy: string;
  readonly savedAt: Date | null;
}

const MOST_PICTURES = 10;
const here = (tx: Tx, propertyId: string) =>
  and(eq(t.plans.workspaceId, tx.workspaceId), eq(t.plans.propertyId, propertyId));

/** A plan as the database gave it back; one of an unknown shape is a fault, not an empty plan. */
export const planFrom = ({ body, bodyVersion }: KeptBody): Plan =>
  planSchema.parse(bodyNow('plan', bodyVersion, body));

/** The same, or null where it cannot be read. */
export function planFromOrNull({ body, bodyVersion }: KeptBody): Plan | null {
  const read = planSchema.safeParse(bodyNow('plan', bodyVersion, body));
  return read.success ? read.data : null;
}

/** What is drawn of a property: none where nothing is, and where its plan cannot be read. */
export async function zonesDrawn(tx: Tx, propertyId: string): Promise<readonly Zone[]> {
  const [row] = await tx.select().from(t.plans).where(here(tx, propertyId));
  return (row ? planFromOrNull(row) : null)?.zones ?? [];
}

/** The plan of a property as it stands. */
export async function planOf(tx: Tx, propertyId: string): Promise<KeptPlan> {
  const [row] = await tx.select().from(t.plans).where(here(tx, propertyId));
  return row
    ? { plan: planFrom(row), revision: row.revision, savedBy: row.savedBy, savedAt: row.savedAt }
    : { plan: EMPTY_PLAN, revision: 0, savedBy: '', savedAt: null };
}

/** The plan as it stood at the end of a day; null where it was drawn later. */
export async function planOn(tx: Tx, propertyId: string, day: string): Promise<Plan | null> {
  if (parseDay(day) === null) return null;
  const [row] = await tx
    .select({ body: t.planDays.body, bodyVersion: t.planDays.bodyVersion })
    .from(t.planDays)
    .where(
      and(
        eq(t.planDays.workspaceId, tx.workspaceId),
        eq(t.planDays.propertyId, propertyId),
        lte(t.planDays.day, day),
      ),
    )
    .orderBy(desc(t.planDays.day))
    .limit(1);
  return row ? planFrom(row) : null;
}

/** The days on which the plan was changed, oldest first. */
export async function planDaysOf(tx: Tx, propertyId: string): Promise<string[]> {
  const rows = await tx
    .select({ day: t.planDays.day })
    .from(t.planDays)
    .where(and(eq(t.planDays.workspaceId, tx.workspaceId), eq(t.planDays.propertyId, propertyId)))
    .orderBy(asc(t.planDays.day));
  return rows.map((row) => row.day);
}

export type PlanSaved =
  | { readonly saved: true; readonly revision: number }
  /** Somebody saved meanwhile: what stands there now. */
  | { readonly saved: false; readonly now: KeptPlan };

/** Saves a plan that was built on a revision, and keeps it as the day's. */
export async function savePlan(
  tx: Tx,
  propertyId: string,
  plan: Plan,
  basedOn: number,
  { by, now, day }: { by: string; now: Date; day: string },
): Promise<PlanSaved> {
  const revision = basedOn + 1;
  const values = { revision, body: plan, savedAt: now, savedBy: by };
  const done =
    basedOn === 0
      ? await tx
          .insert(t.plans)
          .values({ workspaceId: tx.workspaceId, propertyId, ...values })
          .onConflictDoNothing()
          .returning({ revision: t.plans.revision })
      : await tx
          .update(t.plans)
          .set(values)
          .where(and(here(tx, propertyId), eq(t.plans.revision, basedOn)))
          .returning({ revision: t.plans.revision });
  if (done.length === 0) return { saved: false, now: await planOf(tx, propertyId) };
  await tx
    .insert(t.planDays)
    .values({ workspaceId: tx.workspaceId, propertyId, day, revision, body: plan })
    .onConflictDoUpdate({
      target: [t.planDays.workspaceId, t.planDays.propertyId, t.planDays.day],
      set: { revision, body: plan },
    });
  return { saved: true, revision };
}

/** Keeps a picture to draw over; null where the property has as many as it may. */
export async function addPlanPicture(
  tx: Tx,
  propertyId: string,
  picture: Picture,
  { by, now }: { by: string; now: Date },
): Promise<string | null> {
  const of = and(eq(t.planPictures.workspaceId, tx.workspaceId), eq(t.planPictures.propertyId, propertyId));
  const held = await tx.select({ id: t.planPictures.id }).from(t.planPictures).where(of);
  if (held.length >= MOST_PICTURES) return null;
  const [row] = await tx
    .insert(t.planPictures)
    .values({ workspaceId: tx.workspaceId, propertyId, ...picture, addedAt: now, addedBy: by })
    .returning({ id: t.planPictures.id });
  return row?.id ?? null;
}

/** The bytes of a picture of the property, or null. */
export async function planPicture(tx: Tx, propertyId: string, id: string): Promise<Buffer | null> {
  const [row] = await tx
    .select({ jpeg: t.planPictures.jpeg })
    .from(t.planPictures)
    .where(
      and(
        eq(t.planPictures.workspaceId, tx.workspaceId),
        eq(t.planPictures.propertyId, propertyId),
        eq(t.planPictures.id, id),
      ),
    );
  return row?.jpeg ?? null;
}
