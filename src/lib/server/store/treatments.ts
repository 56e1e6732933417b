import { and, eq, sql } from 'drizzle-orm';
import {
  courseOf,
  type AnsweredStop,
  type CaseFacts,
  type StopBodies,
  type TreatmentState,
} from '../../core/case';
import { rowsOf, type Tx } from '../db/client';
import * as t from '../db/schema';
import type { LoadedCase } from './cases';
import { FIRST_SAVE, saveStop } from './stops';

export const MOST_TREATMENTS = 20;

/** Takes the case for itself until the transaction ends: numbers and places in the order are given one at a time. */
async function lockCase(tx: Tx, caseId: string): Promise<void> {
  await rowsOf(
    tx,
    sql`select 1 from cases where workspace_id = ${tx.workspaceId}::uuid and id = ${caseId}::uuid for update`,
  );
}

/** Every treatment of a case has a row from here on: the first was there without one. */
async function needRows(tx: Tx, { id, facts }: LoadedCase, by: string, at: Date): Promise<void> {
  await tx
    .insert(t.treatments)
    .values(
      courseOf(facts).map(({ number, state, onlyIf, go }, position) => ({
        ...{ workspaceId: tx.workspaceId, caseId: id, number, position, state, onlyIf, go },
        ...{ addedAt: at, addedBy: by },
      })),
    )
    .onConflictDoNothing();
}

/** Adds a treatment at the end of the course; its number, or null where the course is full. */
export async function addTreatment(
  tx: Tx,
  loaded: LoadedCase,
  { by, at, onlyIf = '' }: { by: string; at: Date; onlyIf?: string },
): Promise<number | null> {
  await lockCase(tx, loaded.id);
  await needRows(tx, loaded, by, at);
  const [last] = await rowsOf<{ number: number; position: number; many: number }>(
    tx,
    sql`select max(number)::int as number, max(position)::int as position, count(*)::int as many from treatments
      where workspace_id = ${tx.workspaceId}::uuid and case_id = ${loaded.id}::uuid`,
  );
  if (!last || last.many >= MOST_TREATMENTS) return null;
  const number = last.number + 1;
  await tx.insert(t.treatments).values({
    ...{ workspaceId: tx.workspaceId, caseId: loaded.id, number, position: last.position + 1 },
    ...{ state: onlyIf === '' ? 'planned' : 'only-if', onlyIf, go: 1, addedAt: at, addedBy: by },
  });
  return number;
}

const the = (tx: Tx, caseId: string, number: number) =>
  and(
    eq(t.treatments.workspaceId, tx.workspaceId),
    eq(t.treatments.caseId, caseId),
    eq(t.treatments.number, number),
  );

/**
 * The first answers of a treatment that has none: it begins with a card, and with whatever else is known of it. What the people of
 * the place asked for is asked of it too.
 */
export async function beginTreatment(
  tx: Tx,
  loaded: LoadedCase,
  treatment: number,
  {
    label,
    reason = '',
    ...known
  }: { label: string; reason?: string } & Partial<Pick<StopBodies, 'measure' | 'mix'>>,
  { by, at }: { by: string; at: Date },
): Promise<void> {
  const { choose } = loaded.facts.stops;
  const { look, name } = loaded.facts.states;
  let states: CaseFacts['states'] = { ...(look ? { look } : {}), ...(name ? { name } : {}) };
  const save = async <S extends AnsweredStop>(stop: S, body: StopBodies[S] | undefined): Promise<void> => {
    if (!body) return;
    const facts = { ...loaded.facts, treatment, go: 1, states };
    const revision = await saveStop(tx, { ...loaded, facts }, stop, body, by, at, FIRST_SAVE);
    if (typeof revision === 'number') states = { ...states, [stop]: { revision, upstream: {} } };
  };
  await save('choose', { label, reason, wishes: choose?.wishes ?? [], budget: choose?.budget ?? null });
  await save('measure', known.measure);
  await save('mix', known.mix);
}

/** Another state of a treatment, and what has to hold for one that is done only then. */
export async function setTreatment(
  tx: Tx,
  loaded: LoadedCase,
  number: number,
  { state, onlyIf, by, at }: { state: TreatmentState; onlyIf: string; by: string; at: Date },
): Promise<void> {
  await needRows(tx, loaded, by, at);
  await tx
    .update(t.treatments)
    .set({ state, onlyIf: state === 'only-if' ? onlyIf : '' })
    .where(the(tx, loaded.id, number));
}

/** Another place in the order: one up or down, or behind so many others; at the ends it stays. */
export async function moveTreatment(
  tx: Tx,
  loaded: LoadedCase,
  number: number,
  where: { readonly by: -1 | 1 } | { readonly to: number },
  who: { by: string; at: Date },
): Promise<void> {
  await lockCase(tx, loaded.id);
  await needRows(tx, loaded, who.by, who.at);
  const order = courseOf(loaded.facts).map((one) => one.number);
  const at = order.indexOf(number);
  const to = 'to' in where ? where.to : at + where.by;
  if (at < 0 || to === at || to < 0 || to >= order.length) return;
  order.splice(to, 0, ...order.splice(at, 1));
  for (const [position, one] of order.entries())
    await tx
      .update(t.treatments)
      .set({ position })
      .where(the(tx, loaded.id, one));
}

/** The next go of a treatment: its hours, mix, places and ticks are asked anew; what is measured and chosen stays. */
export async function nextGo(
  tx: Tx,
  loaded: LoadedCase,
  number: number,
  who: { by: string; at: Date },
): Promise<void> {
  await lockCase(tx, loaded.id);
  await needRows(tx, loaded, who.by, who.at);
  const here = sql`workspace_id = ${tx.workspaceId}::uuid and case_id = ${loaded.id}::uuid and treatment = ${number}`;
  const [now] = await tx
    .select({ go: t.treatments.go })
    .from(t.treatments)
    .where(the(tx, loaded.id, number));
  if (!now || now.go >= MOST_GOES) return;
  await tx.execute(
    sql`insert into case_stops (workspace_id, case_id, stop, treatment, go, body, body_version, revision, upstream, saved_at, saved_by)
      select workspace_id, case_id, stop, treatment, go + 1, body, body_version, 1, '{}', saved_at, saved_by from case_stops
      where ${here} and go = ${now.go} and stop in ('choose', 'measure')`,
  );
  await tx.execute(
    sql`insert into case_stop_history (workspace_id, case_id, stop, treatment, go, revision, body, body_version, saved_at, saved_by)
      select workspace_id, case_id, stop, treatment, go, revision, body, body_version, saved_at, saved_by from case_stops
      where ${here} and go = ${now.go + 1}`,
  );
  await tx
    .update(t.treatments)
    .set({ go: now.go + 1, state: 'planned' })
    .where(the(tx, loaded.id, number));
}

const MOST_GOES = 60;
