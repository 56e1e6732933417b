import { and, eq, sql } from 'drizzle-orm';
import {
  bearingOf,
  BUILT_ON,
  goOf,
  isOfTreatment,
  numberOf,
  mergeAnswers,
  type AnsweredStop,
  type CaseFacts,
  type Clash,
  type Plain,
  type StopBodies,
  type TheirChange,
} from '../../core/case';
import { readStop } from '../../forms';
import type { Tx } from '../db/client';
import { caseStopHistory, caseStops } from '../db/schema';
import type { LoadedCase } from './cases';

/** What a save was built on, and what the person has been told of others' changes since. */
export interface SaveBasis {
  /** The revision that the person began to change; 0 where there was no answer. */
  readonly basedOn: number;
  /** The later revision whose changes the person has seen and chosen about; null where none was told. */
  readonly seen: number | null;
  /** Paths of clashes in which the person's own value is to stand. */
  readonly mine: ReadonlySet<string>;
}

/** The first answer of a stop: built on nothing. */
export const FIRST_SAVE: SaveBasis = { basedOn: 0, seen: null, mine: new Set() };

/** Somebody else saved meanwhile: what they changed, and where both changed the same value. */
export interface SaveConflict {
  readonly by: string;
  readonly at: string;
  readonly basedOn: number;
  readonly revision: number;
  readonly theirs: readonly TheirChange[];
  readonly clashes: readonly Clash[];
  /** The two answers do not fit together value by value; one of them has to be taken whole. */
  readonly whole: boolean;
}

/**
 * Saves the answer of a stop with the revisions it was built on. Where somebody else saved since, nothing is written
 * and the conflict is returned; once the person has seen it, both changes are merged. An unchanged answer keeps its
 * revision. Returns the revision at which it stands now.
 */
export async function saveStop<S extends AnsweredStop>(
  tx: Tx,
  { id, facts }: LoadedCase,
  stop: S,
  body: StopBodies[S],
  by: string,
  now: Date,
  basis: SaveBasis,
): Promise<SaveConflict | number> {
  const of = placeOf(stop, facts);
  const here = and(
    eq(caseStops.workspaceId, tx.workspaceId),
    eq(caseStops.caseId, id),
    eq(caseStops.stop, stop),
    eq(caseStops.treatment, of.treatment),
    eq(caseStops.go, of.go),
  );
  const upstream = Object.fromEntries(
    BUILT_ON[stop].map((earlier) => [earlier, facts.states[earlier]?.revision ?? 0]),
  );
  const [first] = await tx
    .insert(caseStops)
    .values({
      workspaceId: tx.workspaceId,
      caseId: id,
      stop,
      ...of,
      revision: 1,
      body,
      upstream,
      savedAt: now,
      savedBy: by,
    })
    .onConflictDoNothing()
    .returning({ revision: caseStops.revision });
  if (first) {
    await keep(tx, id, stop, of, 1, body, by, now);
    return 1;
  }
  const [present] = await tx.select().from(caseStops).where(here).for('update');
  if (!present) throw new Error('the answer is gone');
  const theirs = present.body as Plain;
  let saved: unknown = body;
  if (present.revision !== basis.basedOn) {
    const base = await bodyAt(tx, id, stop, of, basis.basedOn);
    const merge = mergeAnswers(base, theirs, plainOf(body), basis.mine);
    const fitting = readStop(stop, merge.merged);
    if (fitting === undefined && basis.mine.has('*')) saved = body;
    else if (basis.seen !== present.revision || fitting === undefined)
      return {
        by: present.savedBy,
        at: present.savedAt.toISOString(),
        basedOn: basis.basedOn,
        revision: present.revision,
        theirs: merge.theirs,
        clashes: merge.clashes,
        whole: fitting === undefined,
      };
    else saved = fitting;
  }
  // What an earlier version kept has fewer fields: it is compared as it is read, not as it lies there.
  const asRead = plainOf(readStop(stop, present.body) ?? present.body);
  const changed = JSON.stringify(sorted(plainOf(saved))) !== JSON.stringify(sorted(asRead));
  const revision = present.revision + (changed ? 1 : 0);
  await tx.update(caseStops).set({ body: saved, upstream, savedAt: now, savedBy: by, revision }).where(here);
  if (changed) await keep(tx, id, stop, of, revision, saved, by, now);
  const bearing = (body: unknown): string => JSON.stringify(sorted(plainOf(bearingOf(stop, body))));
  if (changed && bearing(saved) === bearing(asRead))
    await tx
      .update(caseStops)
      .set({ upstream: sql`${caseStops.upstream} || jsonb_build_object(${stop}::text, ${revision}::int)` })
      .where(
        and(
          eq(caseStops.workspaceId, tx.workspaceId),
          eq(caseStops.caseId, id),
          sql`${caseStops.upstream} -> ${stop}::text = to_jsonb(${present.revision}::int)`,
        ),
      );
  return revision;
}

interface Of {
  readonly treatment: number;
  readonly go: number;
}

/** Of which treatment and go an answer is; Look, Name and Re-check are the case's, kept as of the first. */
const placeOf = (stop: string, facts: CaseFacts): Of =>
  isOfTreatment(stop) ? { treatment: numberOf(facts), go: goOf(facts) } : { treatment: 1, go: 1 };

async function keep(
  tx: Tx,
  caseId: string,
  stop: string,
  of: Of,
  revision: number,
  body: unknown,
  by: string,
  now: Date,
): Promise<void> {
  await tx
    .insert(caseStopHistory)
    .values({ workspaceId: tx.workspaceId, caseId, stop, ...of, revision, body, savedAt: now, savedBy: by });
}

async function bodyAt(tx: Tx, caseId: string, stop: string, of: Of, revision: number): Promise<Plain> {
  const [row] = await tx
    .select({ body: caseStopHistory.body })
    .from(caseStopHistory)
    .where(
      and(
        eq(caseStopHistory.workspaceId, tx.workspaceId),
        eq(caseStopHistory.caseId, caseId),
        eq(caseStopHistory.stop, stop),
        eq(caseStopHistory.treatment, of.treatment),
        eq(caseStopHistory.go, of.go),
        eq(caseStopHistory.revision, revision),
      ),
    );
  return (row?.body ?? {}) as Plain;
}

const plainOf = (value: unknown): Plain => JSON.parse(JSON.stringify(value)) as Plain;

/** Keys in one order, as JSON of the database keeps none. */
function sorted(value: Plain): Plain {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, child]) => [key, sorted(child)]),
  );
}
