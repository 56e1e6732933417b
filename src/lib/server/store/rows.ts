import { readCard } from '../../catalog';
import type { AnsweredStop, CaseFacts, StopBodies, StopState } from '../../core/case';
import { usableUntil, type ShelfEntry } from '../../core/choose';
import type { LabelCard } from '../../core/labels';
import type { ApplicationRecord } from '../../core/record';
import { leftOf } from '../../core/stock';
import type { CalendarDay, Unit } from '../../core/units';
import { readStop } from '../../forms';
import type * as tables from '../db/schema';
import { Memory, weightOf } from '../session/remember';
import { bodyNow } from './body-versions';
import type { Broken } from './broken';
import { grouped } from './grouped';
import { readBody, type RecordBody } from './record-shape';

type Row<T extends { $inferSelect: unknown }> = T['$inferSelect'];

/** Checked once: a version of a label never changes, and neither does a revision of an answer. */
const CARDS = new Memory<{ readonly card: LabelCard | null }>(48_000_000, weightOf);
const ANSWERS = new Memory<{ readonly body: StopBodies[AnsweredStop] | undefined }>(24_000_000, weightOf);

const BODIES = new Memory<{ readonly body: RecordBody | null }>(32_000_000, weightOf);

type Version = Pick<Row<typeof tables.labels>, 'workspaceId' | 'labelId' | 'version'>;
const versionKey = ({ workspaceId, labelId, version }: Version): string =>
  `${workspaceId} ${version} ${labelId}`;

/** A card as the database gave it back; null where it cannot be read. */
export const cardOf = (row: Row<typeof tables.labels>): LabelCard | null =>
  CARDS.get(versionKey(row), () => ({ card: readable(bodyNow('card', row.bodyVersion, row.card)) })).card;

function readable(card: unknown): LabelCard | null {
  try {
    return readCard(card);
  } catch {
    return null;
  }
}

/** A version of a card that was read before. */
export const knownCard = (version: Version): LabelCard | null | undefined =>
  CARDS.find(versionKey(version))?.card;

/** Of each label its newest version. */
export function newestOf<T extends { readonly labelId: string; readonly version: number }>(
  versions: readonly T[],
): T[] {
  const newest = new Map<string, T>();
  for (const row of [...versions].sort((a, b) => a.version - b.version)) newest.set(row.labelId, row);
  return [...newest.values()];
}

/** A record as the database gave it back; null where it cannot be read. A record never changes: it is read once. */
export function recordFromRow(row: Row<typeof tables.records>): ApplicationRecord | null {
  const { body } = BODIES.get(`${row.workspaceId} ${row.id}`, () => ({
    body: readBody(bodyNow('record', row.bodyVersion, row.body)),
  }));
  if (!body) return null;
  return {
    ...body,
    id: row.id,
    doneOn: row.doneOn as CalendarDay,
    corrects: row.corrects,
    loggedAt: row.loggedAt.toISOString(),
    ...(row.account === '' ? {} : { account: row.account }),
    ...(row.cameFrom === '' ? {} : { cameFrom: row.cameFrom }),
    ...(row.importedAt === null ? {} : { importedAt: row.importedAt.toISOString() }),
  };
}

/** The newest version of each label with its containers, nearest expiry first; what is left follows from what moved. */
export function shelfFromRows(
  cards: readonly LabelCard[],
  containers: readonly Row<typeof tables.containers>[],
  currency: string,
): ShelfEntry[] {
  const held = grouped(containers, (c) => c.labelId);
  return cards.map((label) => ({
    label,
    containers: (held.get(label.id) ?? [])
      .map((c) => {
        const size = { value: c.size, unit: c.unit as Unit };
        const days = {
          expiresOn: c.expiresOn as CalendarDay | null,
          boughtOn: c.boughtOn as CalendarDay | null,
          openedOn: c.openedOn as CalendarDay | null,
        };
        return {
          lot: c.lot,
          size,
          ...leftOf(size, c.moved ?? 0),
          price: c.currency === '' || c.currency === currency ? c.price : null,
          paid: c.price === null ? null : { amount: c.price, currency: c.currency },
          ...days,
          until: usableUntil(days, label),
          keptIn: c.keptIn,
        };
      })
      .sort((a, b) => ((a.until ?? '9999') < (b.until ?? '9999') ? -1 : 1)),
  }));
}

/** The answers of a case that are kept and cannot be read. */
export const brokenStops = (rows: readonly Row<typeof tables.caseStops>[]): Broken[] =>
  rows.flatMap((row) =>
    row.stop in stopsFromRows([row]).stops ? [] : [{ what: 'stop' as const, name: row.stop }],
  );

export function stopsFromRows(
  rows: readonly Row<typeof tables.caseStops>[],
): Pick<CaseFacts, 'stops' | 'states'> {
  const stops: Partial<Record<AnsweredStop, StopBodies[AnsweredStop]>> = {};
  const states: Partial<Record<AnsweredStop, StopState>> = {};
  for (const row of rows) {
    const stop = row.stop as AnsweredStop;
    const { body } = ANSWERS.get(
      `${row.workspaceId} ${row.caseId} ${stop} ${row.treatment} ${row.go} ${row.revision}`,
      () => ({
        body: readStop(stop, bodyNow('stop', row.bodyVersion, row.body)),
      }),
    );
    if (body === undefined) continue;
    stops[stop] = body;
    states[stop] = { revision: row.revision, upstream: row.upstream as StopState['upstream'] };
  }
  return { stops: stops as Partial<StopBodies>, states };
}

export function settledFromRows(rows: readonly Row<typeof tables.settlements>[]): CaseFacts['settled'] {
  return Object.fromEntries(
    rows.map(({ key, by, at, said }) => [
      key,
      { by, at: at.toISOString(), ...(said === null ? {} : { said }) },
    ]),
  );
}
