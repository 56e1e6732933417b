/** Plain objects that say much the same: what most of them say once, then each only where it differs. */
export interface PackedAlike<T> {
  readonly most: Partial<T>;
  readonly rows: readonly Partial<T>[];
}

/** Packs objects of plain data; only what all of them say can be said once. */
export function packAlike<T extends object>(list: readonly T[]): PackedAlike<T> {
  const most: Partial<T> = {};
  const texts = list.map(
    (one) => new Map(entriesOf(one).map(([key, value]) => [key, JSON.stringify(value)])),
  );
  for (const [key] of entriesOf(list[0] ?? ({} as T))) {
    const counts = new Map<string | undefined, number>();
    for (const text of texts) counts.set(text.get(key), (counts.get(text.get(key)) ?? 0) + 1);
    if (counts.has(undefined)) continue;
    const [text] = [...counts].reduce((a, b) => (b[1] > a[1] ? b : a));
    most[key] = JSON.parse(text as string) as T[typeof key];
  }
  const common = new Map(entriesOf(most).map(([key, value]) => [key, JSON.stringify(value)]));
  return {
    most,
    rows: list.map(
      (one, i) =>
        Object.fromEntries(
          entriesOf(one).filter(([key]) => texts[i]?.get(key) !== common.get(key)),
        ) as Partial<T>,
    ),
  };
}

/** What `packAlike` packed. */
export const unpackAlike = <T extends object>({ most, rows }: PackedAlike<T>): T[] =>
  rows.map((row) => Object.assign({}, most, row) as T);

const entriesOf = <T extends object>(one: T) => Object.entries(one) as [keyof T, T[keyof T]][];
