/** A stretch of a line, from ≤ to. */
export type Stretch = readonly [from: number, to: number];

/** Stretches put in order, and together where they meet (closer than `gap`). */
export function joined(stretches: readonly Stretch[], gap = 0): Stretch[] {
  const sorted = [...stretches].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const out: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = out[out.length - 1];
    if (last && from <= last[1] + gap) last[1] = Math.max(last[1], to);
    else out.push([from, to]);
  }
  return out;
}

/** What of a stretch none of the others takes. The others are joined. */
export function without([from, to]: Stretch, taken: readonly Stretch[]): Stretch[] {
  const out: Stretch[] = [];
  let at = from;
  for (const [a, b] of taken) {
    if (b <= at) continue;
    if (a >= to) break;
    if (a > at) out.push([at, a]);
    at = Math.max(at, b);
  }
  if (at < to) out.push([at, to]);
  return out;
}

/** What two lists of joined stretches have in common. */
export function shared(some: readonly Stretch[], others: readonly Stretch[]): Stretch[] {
  const out: Stretch[] = [];
  let j = 0;
  for (const [from, to] of some) {
    while (j < others.length && (others[j]?.[1] ?? 0) <= from) j++;
    for (let k = j; k < others.length; k++) {
      const [a, b] = others[k] ?? [0, 0];
      if (a >= to) break;
      if (Math.min(to, b) > Math.max(from, a)) out.push([Math.max(from, a), Math.min(to, b)]);
    }
  }
  return out;
}

export const lengthOf = (stretches: readonly Stretch[]): number =>
  stretches.reduce((sum, [from, to]) => sum + (to - from), 0);
