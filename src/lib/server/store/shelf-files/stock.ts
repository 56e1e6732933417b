import { Readable } from 'node:stream';
import type { ReadableStream as NodeStream } from 'node:stream/web';
import { parse } from 'csv-parse';
import { stringify } from 'csv-stringify';
import { eq, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { ShelfEntry } from '../../../core/choose';
import { movedIn } from '../../../core/stock';
import { parseDay, type Unit } from '../../../core/units';
import type { Tx } from '../../db/client';
import * as t from '../../db/schema';
import { grouped } from '../grouped';

const COLUMNS = [
  ...([
    'label_id',
    'label',
    'lot',
    'size',
    'unit',
    'left',
    'price',
    'currency',
    'bought_on',
    'expires_on',
  ] as const),
  ...(['opened_on', 'kept_in'] as const),
] as const;
const NEEDED = ['lot', 'size', 'unit'] as const;
const MOST_ROWS = 100_000;
const MOST_TOLD = 20;
const MOST_WRONG = 1000;
const CHUNK = 1000;

/** The containers of a shelf as CSV, row by row. */
export function stockCsv(shelf: readonly ShelfEntry[]): ReadableStream<Uint8Array> {
  function* rows() {
    for (const { label, containers } of shelf)
      for (const c of containers)
        yield {
          ...{ label_id: label.id, label: label.name, lot: c.lot, size: c.size.value, unit: c.size.unit },
          ...{
            left: c.left.value,
            price: c.paid?.amount ?? null,
            currency: c.paid?.currency ?? '',
            bought_on: c.boughtOn,
            expires_on: c.expiresOn,
          },
          ...{ opened_on: c.openedOn, kept_in: c.keptIn },
        };
  }
  // What a spreadsheet would take for a formula stays text.
  const made = Readable.from(rows()).pipe(
    stringify({ header: true, columns: [...COLUMNS], escape_formulas: true }),
  );
  return Readable.toWeb(made) as unknown as ReadableStream<Uint8Array>;
}

const numberText = (from: number, to: number) =>
  z
    .string()
    .trim()
    .regex(/^\d+(\.\d+)?$/, 'a number with a point')
    .transform(Number)
    .refine((n) => n >= from && n <= to, `a number from ${from} to ${to}`);
const dayText = z
  .string()
  .trim()
  .transform((text) => (text === '' ? null : text))
  .refine((text) => text === null || parseDay(text) !== null, 'a date as 2027-09-15, or nothing');
const shortText = z.string().trim().max(60, 'at most 60 characters');

const row = z.object({
  label_id: shortText.default(''),
  label: z.string().trim().max(120, 'at most 120 characters').default(''),
  lot: shortText.min(1, 'a lot'),
  size: numberText(0.000001, 1e6),
  unit: z.string().trim(),
  left: z.union([z.literal('').transform(() => null), numberText(0, 1e6)]).default(null),
  price: z.union([z.literal('').transform(() => null), numberText(0, 1e6)]).default(null),
  currency: z
    .string()
    .trim()
    .regex(/^([A-Z]{3})?$/, 'three capital letters, or nothing')
    .default(''),
  bought_on: dayText.default(null),
  expires_on: dayText.default(null),
  opened_on: dayText.default(null),
  kept_in: shortText.default(''),
});

/** Ends a transaction that must leave nothing behind. */
export class WrongFile extends Error {
  constructor(readonly trouble: readonly string[]) {
    super('the file is refused');
  }
}

/**
 * Reads a CSV of containers as it comes in and puts them on the shelf; answers how many. Throws WrongFile with the line,
 * the column and what was expected of everything that is wrong; the transaction then takes nothing.
 */
export async function readStock(
  tx: Tx,
  file: ReadableStream<Uint8Array>,
  shelf: readonly ShelfEntry[],
  { by, now }: { by: string; now: Date },
): Promise<number> {
  const trouble: string[] = [];
  let wrong = 0;
  const tell = (line: number, column: string, expected: string): void => {
    wrong++;
    if (trouble.length < MOST_TOLD) trouble.push(`Line ${line}, ${column}: expected ${expected}.`);
    // It is another file, or another column: what stands behind is not looked at.
    if (wrong >= MOST_WRONG)
      throw new WrongFile([
        ...trouble,
        `and ${wrong - MOST_TOLD} more up to line ${line}; nothing behind it was read.`,
      ]);
  };
  const byId = new Map(shelf.map((entry) => [entry.label.id, entry.label]));
  const byName = new Map(shelf.map((entry) => [entry.label.name.toLowerCase(), entry.label]));
  const held = await tx
    .select({ labelId: t.containers.labelId, lot: t.containers.lot })
    .from(t.containers)
    .where(eq(t.containers.workspaceId, tx.workspaceId));
  const seen = new Set(held.map((c) => `${c.labelId}\n${c.lot}`));
  const units = new Map(shelf.map(({ label }) => [label.id, label.container.size.unit]));
  /** What records had moved in lots before they were entered. */
  const movedHere = await movedInLots(tx, units);
  let containers: (typeof t.containers.$inferInsert)[] = [];
  let changes: (typeof t.stockChanges.$inferInsert)[] = [];
  const write = async (): Promise<void> => {
    if (containers.length > 0) await tx.insert(t.containers).values(containers);
    const written = changes.length > 0 ? await tx.insert(t.stockChanges).values(changes).returning() : [];
    if (written.length > 0)
      await tx.insert(t.stockMovements).values(
        written.map(({ id, labelId, lot, amount }) => ({
          ...{ workspaceId: tx.workspaceId, source: id, labelId, lot, amount, of: 'change' as const },
          unit: units.get(labelId) ?? 'count',
        })),
      );
    [containers, changes] = [[], []];
  };
  const parser = Readable.fromWeb(file as unknown as NodeStream).pipe(
    parse({ bom: true, columns: headOf, info: true, relax_column_count: false, max_record_size: 10_000 }),
  );
  let count = 0;
  try {
    for await (const { record, info } of parser as AsyncIterable<{
      record: Record<string, string>;
      info: { lines: number };
    }>) {
      if (++count > MOST_ROWS) throw new WrongFile([`More than ${MOST_ROWS} rows. Send them in parts.`]);
      const parsed = row.safeParse(record);
      if (!parsed.success) {
        for (const issue of parsed.error.issues)
          tell(info.lines, issue.path.map(String).join('.'), issue.message.toLowerCase());
        continue;
      }
      const c = parsed.data;
      const label = c.label_id === '' ? byName.get(c.label.toLowerCase()) : byId.get(c.label_id);
      if (!label) {
        tell(info.lines, c.label_id === '' ? 'label' : 'label_id', 'a label that is on the shelf');
        continue;
      }
      const size = label.container.size.unit;
      if (c.unit !== size) {
        tell(info.lines, 'unit', `${size}, as on the card of ${label.name}`);
        continue;
      }
      const key = `${label.id}\n${c.lot}`;
      if (seen.has(key)) {
        tell(info.lines, 'lot', 'a lot that is not on the shelf yet and comes once');
        continue;
      }
      seen.add(key);
      if (c.left !== null && c.left > c.size) {
        tell(info.lines, 'left', `at most the size, ${c.size}`);
        continue;
      }
      if (wrong > 0) continue;
      containers.push({
        ...{ workspaceId: tx.workspaceId, labelId: label.id, lot: c.lot, size: c.size, unit: c.unit },
        ...{
          price: c.price,
          currency: c.currency,
          expiresOn: c.expires_on,
          boughtOn: c.bought_on,
          openedOn: c.opened_on,
        },
        keptIn: c.kept_in,
        moved:
          (movedHere.get(key) ?? 0) + (c.left === null ? 0 : c.left - c.size - (movedHere.get(key) ?? 0)),
      });
      const counted = c.left === null ? 0 : c.left - c.size - (movedHere.get(key) ?? 0);
      if (counted !== 0)
        changes.push({
          ...{ workspaceId: tx.workspaceId, labelId: label.id, lot: c.lot, amount: counted },
          ...{ reason: 'counted' as const, note: 'Read in from a file', at: now, by },
        });
      if (containers.length >= CHUNK) await write();
    }
  } catch (error) {
    if (error instanceof WrongFile) throw error;
    if (error instanceof Error && 'code' in error && String(error.code).startsWith('CSV_'))
      throw new WrongFile([`${error.message.replace(/\.$/, '')}. Choose a CSV of stock.`]);
    throw error;
  }
  if (wrong > 0)
    throw new WrongFile(wrong > MOST_TOLD ? [...trouble, `and ${wrong - MOST_TOLD} more.`] : trouble);
  await write();
  return count;
}

/** The columns of the first line, which may stand in any order. */
function headOf(names: string[]): string[] {
  const columns = names.map((name) => name.trim().toLowerCase());
  const missing = [
    ...NEEDED.filter((name) => !columns.includes(name)),
    ...(columns.includes('label_id') || columns.includes('label') ? [] : ['label_id']),
  ];
  const unknown = columns.filter((name) => !(COLUMNS as readonly string[]).includes(name));
  if (missing.length > 0 || unknown.length > 0)
    throw new WrongFile([
      ...missing.map((name) => `Line 1: expected a column ${name}, which is missing.`),
      ...unknown.map(
        (name) => `Line 1: expected no column “${name.slice(0, 40)}”. Known are ${COLUMNS.join(', ')}.`,
      ),
    ]);
  return columns;
}

/** What moved in each lot so far, in the unit of its label's containers. */
async function movedInLots(tx: Tx, units: ReadonlyMap<string, Unit>): Promise<ReadonlyMap<string, number>> {
  const rows = await tx
    .select({
      ...{ labelId: t.stockMovements.labelId, lot: t.stockMovements.lot, unit: t.stockMovements.unit },
      amount: sql<number>`sum(${t.stockMovements.amount})::float8`,
    })
    .from(t.stockMovements)
    .where(eq(t.stockMovements.workspaceId, tx.workspaceId))
    .groupBy(t.stockMovements.labelId, t.stockMovements.lot, t.stockMovements.unit);
  const lots = grouped(rows, ({ labelId, lot }) => `${labelId}\n${lot}`);
  return new Map(
    [...lots].map(([key, moved]) => {
      const unit = units.get(moved[0]?.labelId ?? '');
      return [key, unit ? movedIn(unit, moved as { amount: number; unit: Unit }[]) : 0];
    }),
  );
}
