import { getTableColumns, sql, type SQL } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';

/** The rows of a table as one JSON list, so that many lists come in one turn of the wire. */
export function jsonRows(table: PgTable, where: SQL | undefined, order?: SQL): SQL {
  const ordered = order ? sql` order by ${order}` : sql``;
  return sql`(select coalesce(json_agg(row_to_json(${table})${ordered}), '[]') from ${table} where ${where ?? sql`true`})`;
}

/** The rows that `jsonRows` gave, with the names and kinds of the table's columns. */
export function fromJsonRows<T extends PgTable>(table: T, list: unknown): T['$inferSelect'][] {
  const columns = Object.entries(getTableColumns(table));
  return (list as Record<string, unknown>[]).map((row) =>
    Object.fromEntries(
      columns.map(([key, column]) => {
        const value = row[column.name];
        return [key, value === null ? null : column.mapFromDriverValue(value)];
      }),
    ),
  ) as T['$inferSelect'][];
}
