import type { Mark, Plan, Zone } from './plan';

export interface MergedPlan {
  readonly plan: Plan;
  /** Names of zones and numbers of marks that both changed: theirs was kept, ours is in the copy beside it. */
  readonly both: readonly string[];
}

/**
 * Two changes of one plan, put together zone by zone: what only one side changed is taken from it. Where both changed the
 * same zone, theirs stays and ours is kept beside it under its own id, so that nothing is lost.
 */
export function mergePlans(base: Plan, ours: Plan, theirs: Plan, nextId: () => string): MergedPlan {
  const both: string[] = [];
  const zones = mergeList<Zone>(base.zones, ours.zones, theirs.zones, (mine) => {
    both.push(mine.name);
    return { ...mine, id: nextId(), name: `${mine.name} (yours)` };
  });
  const marks = mergeList<Mark>(base.marks, ours.marks, theirs.marks, (mine) => {
    both.push(`mark ${mine.number}`);
    return { ...mine, id: nextId() };
  });
  const one = <K extends 'unit' | 'anchor' | 'north' | 'underlay'>(key: K): Plan[K] =>
    same(ours[key], base[key]) ? theirs[key] : ours[key];
  return {
    plan: {
      ...{ unit: one('unit'), anchor: one('anchor'), north: one('north'), underlay: one('underlay') },
      ...{ zones, marks },
    },
    both,
  };
}

const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

function mergeList<T extends { readonly id: string }>(
  base: readonly T[],
  ours: readonly T[],
  theirs: readonly T[],
  aside: (mine: T) => T,
): T[] {
  const [before, mine] = [base, ours].map((list) => new Map(list.map((item) => [item.id, item]))) as [
    Map<string, T>,
    Map<string, T>,
  ];
  const result: T[] = [];
  for (const other of theirs) {
    const [was, own] = [before.get(other.id), mine.get(other.id)];
    if (!was) {
      result.push(other);
      if (own && !same(own, other)) result.push(aside(own));
    } else if (!own) {
      // We removed it: it goes, unless they changed it meanwhile.
      if (!same(was, other)) result.push(other);
    } else if (same(own, was)) result.push(other);
    else if (same(other, was)) result.push(own);
    else result.push(other, ...(same(own, other) ? [] : [aside(own)]));
  }
  const theirIds = new Set(theirs.map((item) => item.id));
  for (const own of ours) {
    if (theirIds.has(own.id)) continue;
    const was = before.get(own.id);
    // New, or changed by us while they removed it.
    if (!was || !same(was, own)) result.push(own);
  }
  return result;
}
