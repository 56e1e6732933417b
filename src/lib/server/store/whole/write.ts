import { bodyNow } from '../body-versions';
import { and, asc, eq, getTableColumns, sql } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import { readSettings } from '../../../forms';
import type { Tx } from '../../db/client';
import * as t from '../../db/schema';
import { grouped } from '../grouped';
import { cardOf, recordFromRow } from '../rows';
import { presentWorkspace } from '../workspaces';
import { pictureName, type Content } from './file';

/**
 * Everything of the workspace but its people, sessions, invitations and shared links, in a fixed order: the same state
 * gives the same content.
 */
export async function contentOf(tx: Tx): Promise<Whole> {
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
    .orderBy(t.caseStops.treatment, t.caseStops.go, t.caseStops.stop);
  const treatments = await tx
    .select()
    .from(t.treatments)
    .where(eq(t.treatments.workspaceId, of))
    .orderBy(t.treatments.position, t.treatments.number);
  const history = await tx
    .select()
    .from(t.caseStopHistory)
    .where(eq(t.caseStopHistory.workspaceId, of))
    .orderBy(
      ...[t.caseStopHistory.treatment, t.caseStopHistory.go, t.caseStopHistory.stop],
      t.caseStopHistory.revision,
    );
  const settlements = await tx
    .select()
    .from(t.settlements)
    .where(eq(t.settlements.workspaceId, of))
    // Keys may name an entry: they sort by what they are about, so that the same workspace gives the same file.
    .orderBy(
      ...[t.settlements.treatment, t.settlements.go, t.settlements.at],
      sql`regexp_replace(${t.settlements.key}, '[0-9a-f-]{36}$', '')`,
      t.settlements.key,
    );
  const records = await tx
    .select()
    .from(t.records)
    .where(eq(t.records.workspaceId, of))
    .orderBy(asc(t.records.loggedAt), asc(t.records.id));
  // Of pictures only what is beside their bytes: those are fetched one by one.
  const photos = await tx
    .select({ ...columnsBut(t.photos, 'jpeg'), sha256: sha256Of(t.photos.jpeg) })
    .from(t.photos)
    .where(eq(t.photos.workspaceId, of))
    .orderBy(t.photos.addedAt, sha256Of(t.photos.jpeg));
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
    .select({ ...columnsBut(t.labelFiles, 'bytes'), sha256: sha256Of(t.labelFiles.bytes) })
    .from(t.labelFiles)
    .where(eq(t.labelFiles.workspaceId, of))
    .orderBy(t.labelFiles.addedAt, sha256Of(t.labelFiles.bytes));
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
    .select({ ...columnsBut(t.planPictures, 'jpeg'), sha256: sha256Of(t.planPictures.jpeg) })
    .from(t.planPictures)
    .where(eq(t.planPictures.workspaceId, of))
    .orderBy(t.planPictures.addedAt, sha256Of(t.planPictures.jpeg));
  const takenBack = await tx
    .select()
    .from(t.settlementHistory)
    .where(and(eq(t.settlementHistory.workspaceId, of), eq(t.settlementHistory.act, 'taken-back')))
    .orderBy(t.settlementHistory.at, t.settlementHistory.key);
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
  const numbers = new Map(cases.map(({ id, number }) => [id, number]));
  const jobsOf = byCase(keptJobs);
  const stopsOf = byCase(stops);
  const historyOf = byCase(history);
  const settledOf = byCase(settlements);
  const treatmentsOf = byCase(treatments);
  const takenBackOf = byCase(takenBack);
  const content = {
    name: workspace.name,
    settings: readSettings(workspace.settings),
    customers: customers.map(({ workspaceId: _w, revision: _r, ...row }) => row),
    properties: properties.map(
      ({ workspaceId: _w, revision: _r, premises, premisesAskedOn, grounds, ...row }) => ({
        ...row,
        ...(premisesAskedOn === null ? {} : { premises, premisesAskedOn }),
        ...(grounds.length === 0 ? {} : { grounds }),
      }),
    ),
    cases: cases.map(({ id, workspaceId: _w, ...row }) => {
      const back = takenBackOf(id).map(tickOf);
      const course = treatmentsOf(id).map(({ number, state, onlyIf, go, addedAt, addedBy }) => ({
        ...{ number, state, onlyIf, go, addedBy },
        addedAt: addedAt.toISOString(),
      }));
      const jobs = jobsOf(id).map(({ fields, keptAt, keptBy }) => ({
        fields,
        keptAt: keptAt.toISOString(),
        keptBy,
      }));
      return {
        ...row,
        stops: savedIn(stopsOf(id)),
        history: savedIn(historyOf(id)),
        settlements: settledOf(id).map(tickOf),
        ...(back.length > 0 ? { takenBack: back } : {}),
        ...(jobs.length > 0 ? { keptJobs: jobs } : {}),
        ...(course.length > 0 ? { treatments: course } : {}),
      };
    }),
    // Left out where there are none, as in files that were written before there were photographs.
    ...(photos.length > 0
      ? {
          photos: photos.map(({ id: _i, workspaceId: _w, caseId, sha256, addedAt, ...row }) => ({
            ...row,
            caseNumber: numbers.get(caseId) ?? 0,
            file: pictureName(sha256, 'image/jpeg'),
            addedAt: addedAt.toISOString(),
          })),
        }
      : {}),
    // When it was read in here is this workspace's own.
    records: records.flatMap((row) => recordFromRow({ ...row, importedAt: null }) ?? []),
    // What cannot be read goes out with a backup alone.
    labels: labels.flatMap((row) => cardOf(row) ?? []),
    containers: containers.map(({ id: _i, workspaceId: _w, moved: _m, ...row }) => row),
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
          labelFiles: files.map(({ id: _i, workspaceId: _w, sha256, addedAt, ...row }) => ({
            ...row,
            file: pictureName(sha256, row.type),
            addedAt: addedAt.toISOString(),
          })),
        }
      : {}),
    ...(plans.length > 0
      ? {
          plans: plans.map(({ workspaceId: _w, bodyVersion, body, savedAt, ...row }) => ({
            ...row,
            body: bodyNow('plan', bodyVersion, body),
            savedAt: savedAt.toISOString(),
            days: planDays
              .filter((day) => day.propertyId === row.propertyId)
              .map(({ day, revision, bodyVersion: version, body: drawn }) => ({
                ...{ day, revision },
                body: bodyNow('plan', version, drawn),
              })),
          })),
        }
      : {}),
    ...(pictures.length > 0
      ? {
          planPictures: pictures.map(({ workspaceId: _w, sha256, addedAt, ...row }) => ({
            ...row,
            file: pictureName(sha256, 'image/jpeg'),
            addedAt: addedAt.toISOString(),
          })),
        }
      : {}),
    equipment: equipment.map(
      ({
        id,
        workspaceId: _w,
        revision: _r,
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
  const sources = new Map<string, PictureSource>([
    ...photos.map(({ id, sha256 }) => [pictureName(sha256, 'image/jpeg'), { of: 'photos', id }] as const),
    ...pictures.map(
      ({ id, sha256 }) => [pictureName(sha256, 'image/jpeg'), { of: 'plan-pictures', id }] as const,
    ),
    ...files.map(({ id, sha256, type }) => [pictureName(sha256, type), { of: 'label-files', id }] as const),
  ]);
  return { content, pictures: sources };
}

/** Where the bytes of a picture or PDF lie. */
export interface PictureSource {
  readonly of: 'photos' | 'plan-pictures' | 'label-files';
  readonly id: string;
}

export interface Whole {
  readonly content: Content;
  /** By its name in the archive; the same picture twice is one. */
  readonly pictures: ReadonlyMap<string, PictureSource>;
}

/** Rows by their case, found without reading through all of them. */
function byCase<T extends { readonly caseId: string }>(rows: readonly T[]): (caseId: string) => readonly T[] {
  const groups = grouped(rows, ({ caseId }) => caseId);
  return (caseId) => groups.get(caseId) ?? [];
}

interface Of {
  readonly treatment: number;
  readonly go: number;
}
/** Left out for the first, as in files that were written before a case had several. */
const ofTreatment = ({ treatment, go }: Of) => ({
  ...(treatment === 1 ? {} : { treatment }),
  ...(go === 1 ? {} : { go }),
});

const tickOf = ({
  key,
  by,
  at,
  said,
  ...of
}: Of & { key: string; by: string; at: Date; said: string | null }) => ({
  ...{ key, by, at: at.toISOString() },
  ...ofTreatment(of),
  ...(said === null ? {} : { said }),
});

/** The answers of one case in the shape of now, without what the file says by where they stand. */
const savedIn = <
  T extends Of & { workspaceId: string; caseId: string; savedAt: Date; body: unknown; bodyVersion: number },
>(
  rows: readonly T[],
) =>
  rows.map(({ workspaceId: _w, caseId: _c, savedAt, body, bodyVersion, treatment, go, ...row }) => ({
    ...row,
    ...ofTreatment({ treatment, go }),
    body: bodyNow('stop', bodyVersion, body),
    savedAt: savedAt.toISOString(),
  }));

const sha256Of = (bytes: PgColumn) => sql<string>`encode(sha256(${bytes}), 'hex')`;

function columnsBut<T extends PgTable, B extends string>(table: T, but: B) {
  const { [but]: _left, ...columns } = getTableColumns(table) as Record<string, PgColumn>;
  return columns as Omit<T['_']['columns'], B>;
}

/** The bytes of a picture or PDF of the workspace. */
export async function pictureBytes(tx: Tx, { of, id }: PictureSource): Promise<Buffer> {
  const [table, bytes] = (
    {
      photos: [t.photos, t.photos.jpeg],
      'plan-pictures': [t.planPictures, t.planPictures.jpeg],
      'label-files': [t.labelFiles, t.labelFiles.bytes],
    } as const
  )[of];
  const [row] = await tx
    .select({ bytes })
    .from(table)
    .where(and(eq(table.workspaceId, tx.workspaceId), eq(table.id, id)));
  if (!row) throw new Error('a picture is gone');
  return row.bytes;
}
