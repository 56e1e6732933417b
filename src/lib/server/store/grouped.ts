/** Rows by a key of theirs, in the order in which they came. */
export function grouped<T, K>(rows: readonly T[], keyOf: (row: T) => K): ReadonlyMap<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const row of rows) {
    const group = groups.get(keyOf(row));
    if (group) group.push(row);
    else groups.set(keyOf(row), [row]);
  }
  return groups;
}
