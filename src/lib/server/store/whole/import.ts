import type { CalendarDay } from '../../../core/units';
import { upgraded } from '../../../catalog';
import { randomUUID } from 'node:crypto';
import type { Plan } from '../../../core/plan';
import { movedIn, movementsOf } from '../../../core/stock';
import { and, eq, sql } from 'drizzle-orm';
import { lockWorkspace, type Tx, rowsOf } from '../../db/client';
import * as t from '../../db/schema';
import { grouped } from '../grouped';
import type { FileTrouble } from './check';
import { canonical, type Content } from './file';

/** True where nothing but what every workspace starts with is there. */
export async function isEmpty(tx: Tx): Promise<boolean> {
  const [row] = await rowsOf<{ filled: boolean }>(
    tx,
    sql`select exists (select 1 from properties)
    or exists (select 1 from customers) or exists (select 1 from cases) or exists (select 1 from records)
    or exists (select 1 from containers) or exists (select 1 from equipment) as filled`,
  );
  return row?.filled === false;
}

const CHUNK = 500;
const ENTRY = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** The bytes of a picture by its name in the archive; null where it is not in it, or is not what its name says. */
export type PictureOf = (name: string) => Promise<Buffer | null>;
/** How far it is, of how many pictures. */
export type Tell = (done: number, total: number) => void | Promise<void>;

/** Ends a transaction that must leave nothing behind. */
export class WrongPicture extends Error {
  constructor(readonly file: string) {
    super('a picture is missing or is another');
  }
}

const JPEG = Buffer.from([0xff, 0xd8, 0xff]);
const PDF = Buffer.from([0x25, 0x50, 0x44, 0x46, 0x2d]);

function pictureReader(pictureOf: PictureOf, content: Content, tell: Tell) {
  const total =
    (content.photos?.length ?? 0) + (content.labelFiles?.length ?? 0) + (content.planPictures?.length ?? 0);
  let done = 0;
  return async (name: string): Promise<Buffer> => {
    const bytes = await pictureOf(name);
    const begins = name.endsWith('.pdf') ? PDF : JPEG;
    if (!bytes?.subarray(0, begins.length).equals(begins)) throw new WrongPicture(name);
    await tell(++done, total);
    return bytes;
  };
}

/**
 * Writes a file's content into the workspace, which must be empty. Ids are made anew: a file says nothing about the ids
 * of others. A label that is there already must be the same. Returns what stands in the way, with
 * nothing written; throws WrongPicture where a picture is missing or is another.
 */
export async function importWhole(
  tx: Tx,
  content: Content,
  pictureOf: PictureOf,
  tell: Tell = () => undefined,
): Promise<FileTrouble | null> {
  const { workspaceId } = tx;
  await lockWorkspace(tx);
  await tx.execute(sql`select set_config('nimsy.importing', 'yes', true)`);
  const pictures = pictureReader(pictureOf, content, tell);
  if (!(await isEmpty(tx)))
    return ['This workspace holds something already. Found a new one under Your account, and import there.'];
  const there = await tx.select().from(t.labels).where(eq(t.labels.workspaceId, workspaceId));
  const other = content.labels.find((card) =>
    there.some(
      (row) =>
        row.labelId === card.id &&
        row.version === card.version &&
        canonical(upgraded(row.card)) !== canonical(card),
    ),
  );
  if (other) return [`The label ${other.id} version ${other.version} is here already with other clauses.`];
  const fresh = new Map<string, string>();
  const anew = (old: string): string => {
    const known = fresh.get(old) ?? randomUUID();
    fresh.set(old, known);
    return known;
  };
  await tx
    .update(t.workspaces)
    .set({ name: content.name, settings: content.settings })
    .where(eq(t.workspaces.id, workspaceId));
  await inChunks(content.customers, (rows) =>
    tx.insert(t.customers).values(rows.map((row) => ({ ...row, workspaceId, id: anew(row.id) }))),
  );
  await inChunks(content.properties, (rows) =>
    tx.insert(t.properties).values(
      rows.map((row) => ({
        ...row,
        workspaceId,
        id: anew(row.id),
        customerId: row.customerId === null ? null : anew(row.customerId),
        grounds: (row.grounds ?? []).map((ground) => ({
          ...{ ...ground, since: ground.since as CalendarDay },
          tiedOn: ground.tiedOn as CalendarDay | undefined,
        })),
      })),
    ),
  );
  await importPlans(tx, content, anew, pictures);
  const caseIds = new Map(content.cases.map((one) => [one.number, randomUUID()]));
  const idOf = (number: number): string => caseIds.get(number) ?? '';
  await inChunks(content.cases, (rows) =>
    tx.insert(t.cases).values(
      rows.map(({ number, propertyId, title, openedOn, closedOn }) => ({
        workspaceId,
        id: idOf(number),
        number,
        propertyId: anew(propertyId),
        title,
        openedOn,
        closedOn,
      })),
    ),
  );
  // What an entry leaves to be done is ticked by a key that names the entry.
  const keyAnew = (key: string): string =>
    key.startsWith('due ') ? key.replace(ENTRY, (id) => anew(id)) : key;
  const within = <T>(pick: (one: Content['cases'][number]) => readonly T[]) =>
    content.cases.flatMap((one) =>
      pick(one).map((row) => ({ ...row, workspaceId, caseId: idOf(one.number) })),
    );
  await inChunks(
    within((one) => (one.treatments ?? []).map((row, position) => ({ ...row, position }))),
    (rows) => tx.insert(t.treatments).values(rows.map((row) => ({ ...row, addedAt: new Date(row.addedAt) }))),
  );
  await inChunks(
    within((one) => one.stops),
    (rows) => tx.insert(t.caseStops).values(rows.map((row) => ({ ...row, savedAt: new Date(row.savedAt) }))),
  );
  await inChunks(
    within((one) => one.history),
    (rows) =>
      tx.insert(t.caseStopHistory).values(rows.map((row) => ({ ...row, savedAt: new Date(row.savedAt) }))),
  );
  await inChunks(
    within((one) => one.settlements),
    (rows) =>
      tx
        .insert(t.settlements)
        .values(rows.map((row) => ({ ...row, key: keyAnew(row.key), at: new Date(row.at) }))),
  );
  await inChunks(
    within((one) => one.takenBack ?? []),
    (rows) =>
      tx.insert(t.settlementHistory).values(
        rows.map((row) => ({
          ...row,
          key: keyAnew(row.key),
          act: 'taken-back' as const,
          at: new Date(row.at),
        })),
      ),
  );
  // A file of before names a second product in the answer of Mix.
  await tx.execute(sql`select second_products_as_treatments()`);
  await inChunks(
    within((one) => one.keptJobs ?? []),
    (rows) => tx.insert(t.keptJobs).values(rows.map((row) => ({ ...row, keptAt: new Date(row.keptAt) }))),
  );
  for (const { caseNumber, file, addedAt, ...row } of content.photos ?? [])
    await tx.insert(t.photos).values({
      ...row,
      workspaceId,
      caseId: idOf(caseNumber),
      jpeg: await pictures(file),
      addedAt: new Date(addedAt),
    });
  await inChunks(content.labels, (rows) =>
    tx
      .insert(t.labels)
      .values(rows.map((card) => ({ workspaceId, labelId: card.id, version: card.version, card })))
      .onConflictDoNothing(),
  );
  await inChunks(content.containers, (rows) =>
    tx.insert(t.containers).values(rows.map((row) => ({ ...row, workspaceId }))),
  );
  await inChunks(content.stockChanges ?? [], (rows) =>
    tx.insert(t.stockChanges).values(rows.map((row) => ({ ...row, workspaceId, at: new Date(row.at) }))),
  );
  for (const { file, addedAt, ...row } of content.labelFiles ?? [])
    await tx.insert(t.labelFiles).values({
      ...row,
      workspaceId,
      bytes: await pictures(file),
      addedAt: new Date(addedAt),
    });
  const tools = content.equipment.map(({ calibrations = [], ...row }) => ({
    row: { ...row, workspaceId, id: randomUUID() },
    calibrations,
  }));
  await inChunks(tools, (rows) => tx.insert(t.equipment).values(rows.map(({ row }) => row)));
  await inChunks(
    tools.flatMap(({ row, calibrations }) =>
      calibrations.map((one) => ({
        ...one,
        workspaceId,
        equipmentId: row.id,
        loggedAt: new Date(one.loggedAt),
      })),
    ),
    (rows) => tx.insert(t.calibrations).values(rows),
  );
  const places = new Map(content.cases.map((one) => [one.number, one.propertyId]));
  for (const level of byGeneration(content.records))
    await inChunks(level, (rows) =>
      tx.insert(t.records).values(
        rows.map(({ id, doneOn, corrects, loggedAt, account, cameFrom, ...body }) => ({
          workspaceId,
          id: anew(id),
          caseId: idOf(body.caseNumber),
          propertyId: anew(places.get(body.caseNumber) ?? ''),
          doneOn,
          corrects: corrects === null ? null : anew(corrects),
          loggedAt: new Date(loggedAt),
          account: account ?? '',
          cameFrom: cameFrom ?? '',
          body,
        })),
      ),
    );
  await moveAll(tx, content, anew);
  return null;
}

/** The movements of stock that follow from records and changes, and the sum of each container. */
async function moveAll(tx: Tx, content: Content, anew: (old: string) => string): Promise<void> {
  const { workspaceId } = tx;
  const records = new Map(content.records.map((record) => [record.id, record]));
  const units = new Map(content.containers.map((c) => [`${c.labelId}\n${c.lot}`, c.unit]));
  const movements = [
    ...content.records.flatMap((record) =>
      movementsOf(record, record.corrects === null ? null : (records.get(record.corrects) ?? null)).map(
        (m) => ({
          ...m,
          source: anew(record.id),
        }),
      ),
    ),
    ...(content.stockChanges ?? []).map(({ labelId, lot, amount }) => ({
      ...{ labelId, lot, amount, of: 'change' as const, source: randomUUID() },
      unit: units.get(`${labelId}\n${lot}`) ?? ('count' as const),
    })),
  ];
  await inChunks(movements, (rows) =>
    tx.insert(t.stockMovements).values(rows.map((row) => ({ ...row, workspaceId }))),
  );
  const moved = grouped(movements, (m) => `${m.labelId}\n${m.lot}`);
  for (const { labelId, lot, unit } of content.containers)
    await tx
      .update(t.containers)
      .set({ moved: movedIn(unit, moved.get(`${labelId}\n${lot}`) ?? []) })
      .where(
        and(
          eq(t.containers.workspaceId, workspaceId),
          eq(t.containers.labelId, labelId),
          eq(t.containers.lot, lot),
        ),
      );
}

async function importPlans(
  tx: Tx,
  content: Content,
  anew: (old: string) => string,
  pictures: (name: string) => Promise<Buffer>,
): Promise<void> {
  const { workspaceId } = tx;
  for (const { id, propertyId, file, addedAt, ...row } of content.planPictures ?? [])
    await tx.insert(t.planPictures).values({
      ...row,
      workspaceId,
      id: anew(id),
      propertyId: anew(propertyId),
      jpeg: await pictures(file),
      addedAt: new Date(addedAt),
    });
  const known = new Set((content.planPictures ?? []).map(({ id }) => id));
  const withPicture = (body: Plan): Plan => ({
    ...body,
    underlay:
      body.underlay && known.has(body.underlay.picture)
        ? { ...body.underlay, picture: anew(body.underlay.picture) }
        : null,
  });
  for (const { propertyId, savedAt, days, body, ...row } of content.plans ?? []) {
    const of = { workspaceId, propertyId: anew(propertyId) };
    await tx.insert(t.plans).values({ ...row, ...of, body: withPicture(body), savedAt: new Date(savedAt) });
    await inChunks(days, (rows) =>
      tx.insert(t.planDays).values(rows.map((day) => ({ ...day, ...of, body: withPicture(day.body) }))),
    );
  }
}

async function inChunks<T>(rows: readonly T[], write: (rows: T[]) => PromiseLike<unknown>): Promise<void> {
  for (let from = 0; from < rows.length; from += CHUNK) await write(rows.slice(from, from + CHUNK));
}

/** Records before their corrections: those that correct nothing, then what corrects them, and so on. */
function byGeneration(records: Content['records']): Content['records'][] {
  const later = grouped(records, (record) => record.corrects);
  const levels: Content['records'][] = [];
  for (let now = later.get(null) ?? []; now.length > 0;) {
    levels.push(now);
    now = now.flatMap((record) => later.get(record.id) ?? []);
  }
  return levels;
}
