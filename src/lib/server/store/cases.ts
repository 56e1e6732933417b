import { and, eq, inArray, sql, type SQL } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import {
  orMakers,
  provenBy,
  type Calibration,
  type EquipmentKind,
  type ProvenOf,
} from '../../core/equipment';
import { factsFor, type CaseFacts } from '../../core/case';
import { type LabelCard } from '../../core/labels';
import type { CalendarDay } from '../../core/units';
import { lockWorkspace, runWritten, written, type Tx, type Written } from '../db/client';
import { fromJsonRows, jsonRows } from '../db/json-rows';
import * as t from '../db/schema';
import { Memory } from '../session/remember';
import type { Broken } from './broken';
import { planFromOrNull } from './plans';
import { containersFor } from './shelf';
import { brokenStops, cardOf, knownCard, newestOf, recordFromRow, shelfFromRows } from './rows';
import { factsOf, type Surroundings } from './case-facts';

/** A tool of the workspace, with what its latest calibration of each kind came to. */
export interface Equipment {
  readonly kind: EquipmentKind;
  readonly name: string;
  readonly size: number;
  readonly unit: string;
  readonly holds: number | null;
  readonly undrawn: number | null;
  readonly marks: number | null;
  readonly swathM: number | null;
  readonly calibratedOn: string | null;
  readonly price: number | null;
  readonly lifeJobs: number | null;
  readonly proven: ProvenOf;
}

/** A job that was worked out at How much alone. */
export interface KeptJob {
  readonly id: string;
  readonly fields: Readonly<Record<string, string>>;
  readonly keptBy: string;
}

/** A tick that was taken back, by whom and when. */
export interface TakenBack {
  readonly key: string;
  readonly by: string;
  readonly at: string;
}

export interface LoadedCase {
  readonly id: string;
  readonly property: typeof t.properties.$inferSelect;
  readonly closedOn: string | null;
  readonly facts: CaseFacts;
  readonly kept: readonly KeptJob[];
  /** Ticks that were taken back, the oldest first. */
  readonly takenBack: readonly TakenBack[];
  /** What of it is kept and cannot be read. */
  readonly broken: readonly Broken[];
}

/**
 * One case with everything that it is computed from, its facts those of one of its treatments, and the workspace's
 * equipment; null where there is no such case or treatment.
 */
export async function loadCase(
  tx: Tx,
  number: number,
  around: Surroundings,
  treatment: number | null = null,
): Promise<{ loaded: LoadedCase; equipment: Equipment[] } | null> {
  const { cases, equipment } = await loadAll(tx, around, ONE_CASE, number);
  const [found] = cases;
  const facts = found && (treatment === null ? found.facts : factsFor(found.facts, treatment));
  return found && facts ? { loaded: { ...found, facts }, equipment } : null;
}

/** Open cases that are worked out together; those that were saved last come first. */
export const MOST_OPEN = 60;

/** The open cases with their facts, as many as are worked out together. */
export async function loadOpenCases(tx: Tx, around: Surroundings): Promise<LoadedCase[]> {
  return (await loadAll(tx, around, OPEN_CASES, 0)).cases;
}

/** The open cases of one property, with their facts. */
export async function loadOpenCasesAt(
  tx: Tx,
  around: Surroundings,
  propertyId: string,
): Promise<LoadedCase[]> {
  return (await loadAll(tx, around, OPEN_CASES_AT, propertyId)).cases;
}

const WORKSPACE = '@workspace';
const NUMBER = '@number';

/** Cases of a condition with all that bears on them, in one statement that is written once. */
function everythingOf(name: string, which: SQL): Written {
  const mine = (table: { workspaceId: PgColumn }) => eq(table.workspaceId, WORKSPACE);
  const chosen = and(mine(t.cases), which);
  const ids = sql`(select ${t.cases.id} from ${t.cases} where ${chosen})`;
  const places = sql`(select ${t.cases.propertyId} from ${t.cases} where ${chosen})`;
  return written(
    name,
    sql`select json_build_object(
    'cases', ${jsonRows(t.cases, chosen, sql`${t.cases.number} desc`)},
    'properties', ${jsonRows(t.properties, and(mine(t.properties), sql`${t.properties.id} in ${places}`))},
    'treatments', ${jsonRows(t.treatments, and(mine(t.treatments), sql`${t.treatments.caseId} in ${ids}`), sql`${t.treatments.position}, ${t.treatments.number}`)},
    'stops', ${jsonRows(t.caseStops, and(mine(t.caseStops), sql`${t.caseStops.caseId} in ${ids}`))},
    'settlements', ${jsonRows(t.settlements, and(mine(t.settlements), sql`${t.settlements.caseId} in ${ids}`))},
    'records', ${jsonRows(t.records, and(mine(t.records), sql`${t.records.propertyId} in ${places}`), sql`${t.records.loggedOrder}`)},
    'named', (select coalesce(json_agg(json_build_object('caseId', ${t.cases.id}, 'propertyId', ${t.cases.propertyId},
        'candidate', ${t.caseStops.body}->>'candidate')), '[]')
      from ${t.caseStops} join ${t.cases} on ${t.cases.workspaceId} = ${t.caseStops.workspaceId} and ${t.cases.id} = ${t.caseStops.caseId}
      where ${and(mine(t.caseStops), eq(t.caseStops.stop, 'name'), sql`${t.cases.propertyId} in ${places}`)}),
    'labels', (select coalesce(json_agg(json_build_object('labelId', ${t.labels.labelId}, 'version', ${t.labels.version})), '[]')
      from ${t.labels} where ${mine(t.labels)}),
    'containers', ${containersFor(WORKSPACE, sql`${t.records.propertyId} in ${places}`, sql`${t.caseStops.caseId} in ${ids}`)},
    'plans', ${jsonRows(
      t.plans,
      and(
        mine(t.plans),
        sql`${t.plans.propertyId} in ${places}`,
        // Of cases that are measured otherwise the plan says nothing, and a plan is long.
        sql`exists (select 1 from ${t.caseStops} where ${mine(t.caseStops)} and ${t.caseStops.caseId} in ${ids}
          and ${t.caseStops.stop} = 'measure' and ${t.caseStops.body}->>'how' = 'plan')`,
      ),
    )},
    'takenBack', ${jsonRows(
      t.settlementHistory,
      and(
        mine(t.settlementHistory),
        sql`${t.settlementHistory.caseId} in ${ids} and ${t.settlementHistory.act} = 'taken-back'`,
      ),
      sql`${t.settlementHistory.id}`,
    )},
    'kept', ${jsonRows(t.keptJobs, and(mine(t.keptJobs), sql`${t.keptJobs.caseId} in ${ids}`), sql`${t.keptJobs.keptAt}`)},
    'equipment', ${jsonRows(t.equipment, mine(t.equipment), sql`${t.equipment.name}`)},
    'calibrations', ${jsonRows(
      t.calibrations,
      // The latest of each kind: a book is long.
      sql`${t.calibrations.id} in (select distinct on (${t.calibrations.equipmentId}, ${t.calibrations.kind}) ${t.calibrations.id}
        from ${t.calibrations} where ${mine(t.calibrations)}
        order by ${t.calibrations.equipmentId}, ${t.calibrations.kind}, ${t.calibrations.doneOn} desc, ${t.calibrations.loggedAt} desc)`,
    )}
  )::text as lists`,
  );
}

const ONE_CASE = everythingOf('one case', sql`${t.cases.number} = ${NUMBER}`);
const OPEN_CASES = everythingOf(
  'open cases',
  sql`${t.cases.id} in (select c.id from cases c
    where c.workspace_id = ${WORKSPACE} and c.closed_on is null
    order by coalesce((select max(s.saved_at) from case_stops s where s.workspace_id = c.workspace_id and s.case_id = c.id), 'epoch') desc, c.number desc
    limit ${sql.raw(String(MOST_OPEN))})`,
);
const OPEN_CASES_AT = everythingOf(
  'open cases of a place',
  sql`${t.cases.closedOn} is null and ${t.cases.propertyId} = ${NUMBER}`,
);

interface Loaded {
  readonly cases: LoadedCase[];
  readonly equipment: Equipment[];
}

/** Of rows that say the same as lately, the same facts: what was worked out from them holds still. */
const LATELY = new Memory<Loaded & { readonly length: number }>(64_000_000, ({ length }) => 6 * length);
const QUARTER_MS = 900_000;

async function loadAll(
  tx: Tx,
  around: Surroundings,
  statement: Written,
  number: number | string,
): Promise<Loaded> {
  const marks = new Map<unknown, string | number>([
    [WORKSPACE, tx.workspaceId],
    [NUMBER, number],
  ]);
  const [found] = await runWritten<{ lists: string }>(tx, statement, marks);
  const text = found?.lists ?? '{}';
  // Facts go by the hour of their place, and places differ by quarters of one.
  const quarter = Math.floor(around.now.getTime() / QUARTER_MS);
  const key = [quarter, around.real, JSON.stringify([around.settings, around.licence]), text].join(' ');
  const before = LATELY.find(key);
  if (before) return before;
  const lists = JSON.parse(text) as Record<string, unknown>;
  const versions = lists.labels as { labelId: string; version: number }[];
  const cards = await cardsOf(tx, versions);
  const broken = newestOf(versions)
    .map(({ labelId }) => labelId)
    .filter((id) => !cards.some((card) => card.id === id));
  return LATELY.get(key, () => ({ ...casesFrom(lists, cards, broken, around), length: text.length }));
}

/** The newest cards: a version never changes, so that only those which were not read before are fetched. */
async function cardsOf(
  tx: Tx,
  versions: readonly { readonly labelId: string; readonly version: number }[],
): Promise<LabelCard[]> {
  const newest = newestOf(versions).map((row) => ({ ...row, workspaceId: tx.workspaceId }));
  const missing = newest.filter((row) => knownCard(row) === undefined).map((row) => row.labelId);
  const rows =
    missing.length === 0
      ? []
      : await tx
          .select()
          .from(t.labels)
          .where(and(eq(t.labels.workspaceId, tx.workspaceId), inArray(t.labels.labelId, missing)));
  const read = new Map(newestOf(rows).map((row) => [row.labelId, cardOf(row)]));
  return newest.flatMap((row) => read.get(row.labelId) ?? knownCard(row) ?? []);
}

function casesFrom(
  lists: Record<string, unknown>,
  cards: readonly LabelCard[],
  brokenCards: readonly string[],
  around: Surroundings,
): Loaded {
  const cases = fromJsonRows(t.cases, lists.cases);
  const properties = fromJsonRows(t.properties, lists.properties);
  const stops = fromJsonRows(t.caseStops, lists.stops);
  const settlements = fromJsonRows(t.settlements, lists.settlements);
  const treatments = fromJsonRows(t.treatments, lists.treatments);
  const records = fromJsonRows(t.records, lists.records);
  const containers = fromJsonRows(t.containers, lists.containers);
  const book = fromJsonRows(t.calibrations, lists.calibrations);
  const equipment = fromJsonRows(t.equipment, lists.equipment).map(
    ({ id, workspaceId: _w, dueDays: _d, makers, currency, ...tool }): Equipment => ({
      ...tool,
      price: currency === '' || currency === around.settings.currency ? tool.price : null,
      proven: orMakers(
        provenBy(
          book
            .filter((entry) => entry.equipmentId === id)
            .map(({ kind: of, readings, setup, product, doneOn, unit: measuredIn }) => ({
              ...{ kind: of, readings, setup, product },
              ...{ doneOn: doneOn as CalendarDay, unit: measuredIn as Calibration['unit'] },
            })),
        ),
        tool.kind,
        makers,
      ),
    }),
  );
  const plans = fromJsonRows(t.plans, lists.plans);
  const kept = fromJsonRows(t.keptJobs, lists.kept);
  const takenBack = fromJsonRows(t.settlementHistory, lists.takenBack);
  const named = lists.named as { caseId: string; propertyId: string; candidate: string }[];
  const all = records.flatMap((row) => {
    const record = recordFromRow(row);
    return record ? [{ propertyId: row.propertyId, record }] : [];
  });
  const shelf = shelfFromRows(cards, containers, around.settings.currency);
  const loaded = cases.flatMap((row) => {
    const property = properties.find((p) => p.id === row.propertyId);
    if (!property) return [];
    const plan = plans.find((one) => one.propertyId === property.id);
    const drawn = plan ? planFromOrNull(plan) : null;
    const history: Record<string, number> = {};
    for (const other of named)
      if (other.propertyId === property.id && other.caseId !== row.id && other.candidate !== '')
        history[other.candidate] = (history[other.candidate] ?? 0) + 1;
    return [
      {
        id: row.id,
        property,
        closedOn: row.closedOn,
        kept: kept
          .filter((job) => job.caseId === row.id)
          .map(({ id, fields, keptBy }) => ({ id, fields, keptBy })),
        takenBack: takenBack
          .filter((tick) => tick.caseId === row.id)
          .map(({ key, by, at }) => ({ key, by, at: at.toISOString() })),
        broken: [
          ...brokenStops(stops.filter((s) => s.caseId === row.id)),
          ...records.flatMap((r) =>
            r.propertyId === property.id && !recordFromRow(r)
              ? [{ what: 'record' as const, name: r.doneOn }]
              : [],
          ),
          ...brokenCards.map((name) => ({ what: 'card' as const, name })),
          ...(plan && drawn === null ? [{ what: 'plan' as const, name: property.name }] : []),
        ],
        facts: factsOf({
          row,
          property,
          history,
          around,
          shelf,
          plan: drawn,
          records: all.filter((r) => r.propertyId === property.id).map((r) => r.record),
          stops: stops.filter((s) => s.caseId === row.id),
          settlements: settlements.filter((s) => s.caseId === row.id),
          treatments: treatments.filter((one) => one.caseId === row.id),
        }),
      },
    ];
  });
  return { cases: loaded, equipment };
}

/** Opens a case and gives it the next number of the workspace. Null where the property is not the workspace's own. */
export async function openCase(
  tx: Tx,
  { propertyId, title, openedOn }: { propertyId: string; title: string; openedOn: string },
): Promise<number | null> {
  // Numbers are given one at a time within a workspace.
  await lockWorkspace(tx);
  const [property] = await tx
    .select({ id: t.properties.id })
    .from(t.properties)
    .where(and(eq(t.properties.workspaceId, tx.workspaceId), eq(t.properties.id, propertyId)));
  if (!property) return null;
  const [last] = await tx
    .select({ number: sql<number>`coalesce(max(${t.cases.number}), 0)::int` })
    .from(t.cases)
    .where(eq(t.cases.workspaceId, tx.workspaceId));
  const number = (last?.number ?? 0) + 1;
  await tx.insert(t.cases).values({ workspaceId: tx.workspaceId, propertyId, number, title, openedOn });
  return number;
}

/** Ticks a caution of a treatment and its go (0 and 1: of the whole case), or takes the tick back. */
export async function settle(
  tx: Tx,
  caseId: string,
  key: string,
  of: { treatment: number; go: number },
  tick: { by: string; at: Date; said: string | null } | null,
): Promise<void> {
  const here = and(
    eq(t.settlements.workspaceId, tx.workspaceId),
    eq(t.settlements.caseId, caseId),
    eq(t.settlements.key, key),
    // What was ticked before there were several treatments is of the first.
    of.treatment === 0
      ? inArray(t.settlements.treatment, [0, 1])
      : and(eq(t.settlements.treatment, of.treatment), eq(t.settlements.go, of.go)),
  );
  if (tick === null) await tx.delete(t.settlements).where(here);
  else
    await tx
      .insert(t.settlements)
      .values({ workspaceId: tx.workspaceId, caseId, key, ...of, ...tick })
      .onConflictDoNothing();
}

/** Closes a case, or opens it again (null). */
export async function closeCase(tx: Tx, caseId: string, closedOn: string | null): Promise<void> {
  await tx
    .update(t.cases)
    .set({ closedOn })
    .where(and(eq(t.cases.workspaceId, tx.workspaceId), eq(t.cases.id, caseId)));
}

/** The id and title of a case of this workspace by its number, without what it is computed from. */
export async function findCase(tx: Tx, number: number): Promise<{ id: string; title: string } | null> {
  const [row] = await tx
    .select({ id: t.cases.id, title: t.cases.title })
    .from(t.cases)
    .where(and(eq(t.cases.workspaceId, tx.workspaceId), eq(t.cases.number, number)));
  return row ?? null;
}
