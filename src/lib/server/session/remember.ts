const MOST = 5000;

/** What was made for a key before, or made now: for things that are checked once and never change under their key. */
export function remember<T>(known: Map<string, T>, key: string, make: () => T): T {
  const before = known.get(key);
  if (before !== undefined) return before;
  const made = make();
  if (known.size >= MOST) known.clear();
  known.set(key, made);
  return made;
}
