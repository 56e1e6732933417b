/** An answer as plain data: what a form of a stop, a property or the settings keeps. */
export type Plain = null | boolean | number | string | readonly Plain[] | { readonly [key: string]: Plain };

export interface TheirChange {
  /** Dotted path of the value. */
  readonly path: string;
  readonly from: Plain;
  readonly to: Plain;
}

export interface Clash {
  readonly path: string;
  readonly theirs: Plain;
  readonly mine: Plain;
}

export interface Merged {
  readonly merged: Plain;
  /** What only they changed; it is in the merged answer. */
  readonly theirs: readonly TheirChange[];
  /** What both changed, to different values; theirs stands until somebody chooses. */
  readonly clashes: readonly Clash[];
}

const ABSENT = Symbol('absent');
type Value = Plain | typeof ABSENT;

/**
 * Merges two people's changes of one answer, value by value: what one of them changed is taken, what both changed alike
 * is taken, what both changed differently is a clash. An amount (value with unit) is one value, so that nobody's number
 * meets somebody else's unit. `choices` settles clashes: `mine` for the paths in it.
 *
 * @example mergeAnswers({ length: 20, width: 10 }, { length: 24, width: 10 }, { length: 20, width: 12 })
 * // merged { length: 24, width: 12 }, theirs [length], no clash
 */
export function mergeAnswers(
  base: Plain,
  theirs: Plain,
  mine: Plain,
  choices: ReadonlySet<string> = new Set(),
): Merged {
  const told: { theirs: TheirChange[]; clashes: Clash[] } = { theirs: [], clashes: [] };
  const merged = mergeAt('', base, theirs, mine, choices, told);
  return { merged: merged === ABSENT ? null : merged, ...told };
}

function mergeAt(
  path: string,
  base: Value,
  theirs: Value,
  mine: Value,
  choices: ReadonlySet<string>,
  told: { theirs: TheirChange[]; clashes: Clash[] },
): Value {
  if (isTree(theirs) && isTree(mine)) {
    const under = isTree(base) ? base : {};
    const keys = new Set([...Object.keys(theirs), ...Object.keys(mine), ...Object.keys(under)]);
    const entries = [...keys].map((key): [string, Value] => [
      key,
      mergeAt(
        path === '' ? key : `${path}.${key}`,
        at(under, key),
        at(theirs, key),
        at(mine, key),
        choices,
        told,
      ),
    ]);
    const kept = entries.filter((entry): entry is [string, Plain] => entry[1] !== ABSENT);
    return Array.isArray(theirs) && Array.isArray(mine)
      ? kept.map(([, value]) => value)
      : Object.fromEntries(kept);
  }
  if (same(theirs, mine)) return theirs;
  if (same(theirs, base)) return mine;
  if (same(mine, base)) {
    told.theirs.push({ path, from: plain(base), to: plain(theirs) });
    return theirs;
  }
  told.clashes.push({ path, theirs: plain(theirs), mine: plain(mine) });
  return choices.has(path) ? mine : theirs;
}

const plain = (value: Value): Plain => (value === ABSENT ? null : value);
const at = (tree: object, key: string): Value =>
  Object.hasOwn(tree, key) ? (tree as Record<string, Plain>)[key]! : ABSENT;

/** An amount is one value. */
const isTree = (value: Value): value is { readonly [key: string]: Plain } | readonly Plain[] =>
  typeof value === 'object' && value !== null && !('value' in value && 'unit' in value);

function same(a: Value, b: Value): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((key) => same(at(a, key), at(b, key)));
}
