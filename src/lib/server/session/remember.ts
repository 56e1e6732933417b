const MOST = 5000;

/**
 * What was made for a key before, or made now: for things that follow from their key alone. At most `most` are kept; the
 * one that was not asked for the longest goes first.
 */
export function remember<T>(known: Map<string, T>, key: string, make: () => T, most = MOST): T {
  const before = known.get(key);
  const value = before ?? make();
  known.delete(key);
  known.set(key, value);
  const [oldest] = known.keys();
  if (known.size > most && oldest !== undefined) known.delete(oldest);
  return value;
}
