import { randomUUID } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import {
  answersOfJob,
  assess,
  courseOf,
  numberOf,
  type AnsweredStop,
  type CaseFacts,
  type StopBodies,
} from '../../core/case';
import { cardOfJob, type Job } from '../../core/job';
import type { Tx } from '../db/client';
import * as t from '../db/schema';
import type { Surroundings } from './case-facts';
import { loadCase } from './cases';
import { takeAway } from './removed';
import { addLabel } from './shelf';
import { saveStop } from './stops';
import { addTreatment } from './treatments';

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
  { job, name }: { job: Job; name: string },
  { around, by }: { around: Surroundings; by: string },
): Promise<Taken> {
  const found = await loadCase(tx, number, around, null);
  if (!found || found.loaded.closedOn !== null) return 'no-case';
  const { loaded } = found;
  const { named } = assess(loaded.facts);
  const card = cardOfJob(job, {
    ...{ id: `own-${randomUUID().slice(0, 8)}`, name, pest: named },
    surrounding: loaded.facts.stops.look?.surrounding ?? 'lawn',
  });
  const course = courseOf(loaded.facts);
  const { choose, measure, mix, when, place } = loaded.facts.stops;
  const blank = course.length === 1 && !choose && !measure && !mix && !when && !place;
  const treatment = blank ? numberOf(loaded.facts) : await addTreatment(tx, loaded, { by, at: around.now });
  if (treatment === null) return 'full';
  await addLabel(tx, card);
  const { wishes = [], budget = null } = choose ?? {};
  const answers = answersOfJob(job);
  const { look, name: nameState } = loaded.facts.states;
  let states: CaseFacts['states'] = {
    ...(look ? { look } : {}),
    ...(nameState ? { name: nameState } : {}),
  };
  const save = async <S extends AnsweredStop>(stop: S, body: StopBodies[S]): Promise<void> => {
    const facts = { ...loaded.facts, treatment, go: 1, states };
    const nothing = { basedOn: 0, seen: null, mine: new Set<string>() };
    const revision = await saveStop(tx, { ...loaded, facts }, stop, body, by, around.now, nothing);
    if (typeof revision === 'number') states = { ...states, [stop]: { revision, upstream: {} } };
  };
  await save('choose', { label: card.id, reason: TAKEN, wishes, budget });
  if (answers.measure) await save('measure', answers.measure);
  await save('mix', answers.mix);
  return { treatment: blank ? null : treatment };
}
const TAKEN = 'Taken over from How much';

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
