import { readCard } from '../../../catalog';
import { asc, eq, sql } from 'drizzle-orm';
import { readSettings } from '../../../forms';
import type { Tx } from '../../db/client';
import * as t from '../../db/schema';
import { recordFromRow } from '../rows';
import { presentWorkspace } from '../workspaces';
import { checksumOf, FILE_FORMAT, FILE_VERSION, type Content } from './file';

/**
 * Everything of the workspace but its people, sessions, invitations and shared links, in a fixed order: the same state
 * gives the same content.
 */
export async function contentOf(tx: Tx): Promise<Content> {
  const of = tx.workspaceId;
  const workspace = await presentWorkspace(tx);
  const customers = await tx
    .select()
    .from(t.customers)
    .where(eq(t.customers.workspaceId, of))
    .orderBy(t.customers.id);
  const properties = await tx
    .select()
    .from(t.properties)
    .where(eq(t.properties.workspaceId, of))
    .orderBy(t.properties.id);
  const cases = await tx.select().from(t.cases).where(eq(t.cases.workspaceId, of)).orderBy(t.cases.number);
  const stops = await tx
    .select()
    .from(t.caseStops)
    .where(eq(t.caseStops.workspaceId, of))
    .orderBy(t.caseStops.stop);
  const history = await tx
    .select()
    .from(t.caseStopHistory)
    .where(eq(t.caseStopHistory.workspaceId, of))
    .orderBy(t.caseStopHistory.stop, t.caseStopHistory.revision);
  const settlements = await tx
    .select()
    .from(t.settlements)
    .where(eq(t.settlements.workspaceId, of))
    .orderBy(t.settlements.key);
  const records = await tx
    .select()
    .from(t.records)
    .where(eq(t.records.workspaceId, of))
    .orderBy(asc(t.records.loggedAt), asc(t.records.id));
  const photos = await tx
    .select()
    .from(t.photos)
    .where(eq(t.photos.workspaceId, of))
    .orderBy(t.photos.addedAt, t.photos.id);
  const labels = await tx
    .select()
    .from(t.labels)
    .where(eq(t.labels.workspaceId, of))
    .orderBy(t.labels.labelId, t.labels.version);
  const containers = await tx
    .select()
    .from(t.containers)
    .where(eq(t.containers.workspaceId, of))
    .orderBy(t.containers.labelId, t.containers.lot);
  const changes = await tx
    .select()
    .from(t.stockChanges)
    .where(eq(t.stockChanges.workspaceId, of))
    .orderBy(t.stockChanges.at, t.stockChanges.id);
  const files = await tx
    .select()
    .from(t.labelFiles)
    .where(eq(t.labelFiles.workspaceId, of))
    .orderBy(t.labelFiles.addedAt, t.labelFiles.id);
  const plans = await tx
    .select()
    .from(t.plans)
    .where(eq(t.plans.workspaceId, of))
    .orderBy(t.plans.propertyId);
  const planDays = await tx
    .select()
    .from(t.planDays)
    .where(eq(t.planDays.workspaceId, of))
    .orderBy(t.planDays.propertyId, t.planDays.day);
  const pictures = await tx
    .select()
    .from(t.planPictures)
    .where(eq(t.planPictures.workspaceId, of))
    .orderBy(t.planPictures.addedAt, t.planPictures.id);
  const equipment = await tx
    .select()
    .from(t.equipment)
    .where(eq(t.equipment.workspaceId, of))
    .orderBy(t.equipment.name);
  const calibrations = await tx
    .select()
    .from(t.calibrations)
    .where(eq(t.calibrations.workspaceId, of))
    .orderBy(
      t.calibrations.doneOn,
      t.calibrations.loggedAt,
      t.calibrations.kind,
      sql`${t.calibrations.readings}::text`,
    );
  const keptJobs = await tx
    .select()
    .from(t.keptJobs)
    .where(eq(t.keptJobs.workspaceId, of))
    .orderBy(t.keptJobs.keptAt, sql`${t.keptJobs.fields}::text`);
  return {
    name: workspace.name,
    settings: readSettings(workspace.settings),
    customers: customers.map(({ workspaceId: _w, revision: _r, ...row }) => row),
    properties: properties.map(({ workspaceId: _w, revision: _r, premises, premisesAskedOn, ...row }) => ({
      ...row,
      ...(premisesAskedOn === null ? {} : { premises, premisesAskedOn }),
    })),
    cases: cases.map(({ id, workspaceId: _w, ...row }) => {
      const jobs = keptJobs
        .filter((job) => job.caseId === id)
        .map(({ fields, keptAt, keptBy }) => ({ fields, keptAt: keptAt.toISOString(), keptBy }));
      return {
        ...row,
        stops: savedIn(stops, id),
        history: savedIn(history, id),
        settlements: settlements
          .filter((settled) => settled.caseId === id)
          .map(({ key, by, at, said }) => ({
            ...{ key, by, at: at.toISOString() },
            ...(said === null ? {} : { said }),
          })),
        ...(jobs.length > 0 ? { keptJobs: jobs } : {}),
      };
    }),
    // Left out where there are none, as in files that were written before there were photographs.
    ...(photos.length > 0
      ? {
          photos: photos.map(({ id: _i, workspaceId: _w, caseId, jpeg, addedAt, ...row }) => ({
            ...row,
            caseNumber: cases.find((one) => one.id === caseId)?.number ?? 0,
            jpeg: jpeg.toString('base64'),
            addedAt: addedAt.toISOString(),
          })),
        }
      : {}),
    records: records.map(recordFromRow),
    labels: labels.map((row) => readCard(row.card)),
    containers: containers.map(({ id: _i, workspaceId: _w, ...row }) => row),
    ...(changes.length > 0
      ? {
          stockChanges: changes.map(({ id: _i, workspaceId: _w, at, ...row }) => ({
            ...row,
            at: at.toISOString(),
          })),
        }
      : {}),
    ...(files.length > 0
      ? {
          labelFiles: files.map(({ id: _i, workspaceId: _w, bytes, addedAt, ...row }) => ({
            ...row,
            bytes: bytes.toString('base64'),
            addedAt: addedAt.toISOString(),
          })),
        }
      : {}),
    ...(plans.length > 0
      ? {
          plans: plans.map(({ workspaceId: _w, savedAt, ...row }) => ({
            ...row,
            savedAt: savedAt.toISOString(),
            days: planDays
              .filter((day) => day.propertyId === row.propertyId)
              .map(({ day, revision, body }) => ({ day, revision, body })),
          })),
        }
      : {}),
    ...(pictures.length > 0
      ? {
          planPictures: pictures.map(({ workspaceId: _w, jpeg, addedAt, ...row }) => ({
            ...row,
            jpeg: jpeg.toString('base64'),
            addedAt: addedAt.toISOString(),
          })),
        }
      : {}),
    equipment: equipment.map(
      ({
        id,
        workspaceId: _w,
        holds,
        undrawn,
        marks,
        dueDays,
        makers,
        price,
        lifeJobs,
        currency,
        ...row
      }) => {
        const done = calibrations
          .filter((one) => one.equipmentId === id)
          .map(({ id: _i, workspaceId: _o, equipmentId: _e, loggedAt, ...one }) => ({
            ...one,
            loggedAt: loggedAt.toISOString(),
          }));
        return {
          ...row,
          ...(holds === null ? {} : { holds }),
          ...(undrawn === null ? {} : { undrawn }),
          ...(marks === null ? {} : { marks }),
          ...(dueDays === null ? {} : { dueDays }),
          ...(makers === null ? {} : { makers }),
          ...(price === null ? {} : { price }),
          ...(currency === '' ? {} : { currency }),
          ...(lifeJobs === null ? {} : { lifeJobs }),
          ...(done.length > 0 ? { calibrations: done } : {}),
        };
      },
    ),
  } as unknown as Content;
}

/** The answers of one case, without what the file says by where they stand. */
const savedIn = <T extends { workspaceId: string; caseId: string; savedAt: Date }>(
  rows: readonly T[],
  caseId: string,
) =>
  rows
    .filter((row) => row.caseId === caseId)
    .map(({ workspaceId: _w, caseId: _c, savedAt, ...row }) => ({
      ...row,
      savedAt: savedAt.toISOString(),
    }));

/** The workspace as one file, and its checksum. The export is noted: a deletion needs one of the present state. */
export async function writeWhole(
  tx: Tx,
  by: string,
  now: Date,
): Promise<{ text: string; checksum: string; name: string }> {
  const content = await contentOf(tx);
  const checksum = checksumOf(content);
  await tx.insert(t.exports).values({ workspaceId: tx.workspaceId, checksum, by });
  const file = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt: now.toISOString(),
    checksum,
    content,
  };
  return { text: `${JSON.stringify(file, null, 1)}\n`, checksum, name: content.name };
}
