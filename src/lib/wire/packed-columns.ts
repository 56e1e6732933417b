/**
 * Plain objects of the same keys, column by column: what differs in each stands in a list, what few values share is said
 * once and named by its place.
 */
export interface PackedColumns<T> {
  readonly keys: readonly (keyof T)[];
  /** A column: its values as they come, or its few values and for each object the place of its own. */
  readonly columns: readonly (
    | { readonly all: readonly unknown[] }
    | { readonly few: readonly unknown[]; readonly at: readonly number[] }
  )[];
  readonly many: number;
}

/** Packs objects of plain data; a key that some of them lack comes back as lacking. */
export function packColumns<T extends object>(list: readonly T[]): PackedColumns<T> {
  const keys = [...new Set(list.flatMap((one) => Object.keys(one) as (keyof T)[]))];
  return { keys, columns: keys.map((key) => packed(list.map((one) => one[key]))), many: list.length };
}

function packed(values: readonly unknown[]): PackedColumns<object>['columns'][number] {
  const places = new Map<string, number>();
  const few: unknown[] = [];
  const at = values.map((value) => {
    const text = JSON.stringify(value) ?? '';
    const place = places.get(text) ?? few.push(value ?? null) - 1;
    places.set(text, place);
    return text === '' ? -1 : place;
  });
  return few.length * 2 > values.length && !at.includes(-1) ? { all: values } : { few, at };
}

/** What `packColumns` packed. */
export function unpackColumns<T extends object>({ keys, columns, many }: PackedColumns<T>): T[] {
  return Array.from({ length: many }, (_, row) => {
    const one: Partial<T> = {};
    keys.forEach((key, i) => {
      const column = columns[i]!;
      if ('all' in column) one[key] = column.all[row] as T[typeof key];
      else if ((column.at[row] ?? -1) >= 0) one[key] = column.few[column.at[row]!] as T[typeof key];
    });
    return one as T;
  });
}
