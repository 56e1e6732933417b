import { and, desc, eq, isNull } from 'drizzle-orm';
import { answersOfJob, assess, courseOf, numberOf } from '../../core/case';
import { cardOfJob } from '../../core/job';
import { NOT_STATED, type Taking } from '../../forms';
import { TAKEN_OVER } from '../../words';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import type { Surroundings } from './case-facts';
import { loadCase } from './cases';
import { takeAway } from './removed';
import { addLabel, newLabelId } from './shelf';
import { addTreatment, beginTreatment } from './treatments';

export type Taken =
  /** null where it is the only one of its case. */
  { readonly treatment: number | null } | 'no-case' | 'full';

/**
 * Takes a job of How much into an open case as a treatment: its figures as a card of the shelf, its ground, rate and tank as the
 * answers of that treatment. A case of which nothing was chosen, measured or mixed yet takes it as its first one.
 */
export async function takeJob(
  tx: Tx,
  number: number,
  { job, productName, family, container }: Pick<Taking, 'job' | 'productName' | 'family' | 'container'>,
  { around, by }: { around: Surroundings; by: string },
): Promise<Taken> {
  const found = await loadCase(tx, number, around, null);
  if (!found || found.loaded.closedOn !== null) return 'no-case';
  const { loaded } = found;
  const { named } = assess(loaded.facts);
  const card = cardOfJob(job, {
    ...{ id: newLabelId(), name: productName, maker: NOT_STATED, holds: container, pest: named },
    family,
    surrounding: loaded.facts.stops.look?.surrounding ?? 'lawn',
  });
  const course = courseOf(loaded.facts);
  const { choose, measure, mix, when, place } = loaded.facts.stops;
  const blank = course.length === 1 && !choose && !measure && !mix && !when && !place;
  const treatment = blank ? numberOf(loaded.facts) : await addTreatment(tx, loaded, { by, at: around.now });
  if (treatment === null) return 'full';
  await addLabel(tx, card);
  const { measure: measured, mix: mixed } = answersOfJob(job);
  await beginTreatment(
    tx,
    loaded,
    treatment,
    { label: card.id, reason: TAKEN_OVER, ...(measured ? { measure: measured } : {}), mix: mixed },
    { by, at: around.now },
  );
  return { treatment: blank ? null : treatment };
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
