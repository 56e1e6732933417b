import { invalid, refusal, type Refusal } from '../result';
import { hasDimension, sameDimension, type Quantity } from './quantity';
import type { Dimension } from './unit';

type Refusals<C extends string> = readonly Refusal<C>[];

/** The refusals of the first stage that has any: later checks may rely on what earlier ones settled. */
export function firstRefusals<C extends string>(...stages: (() => Refusals<C>)[]): Refusals<C> {
  for (const stage of stages) {
    const found = stage();
    if (found.length > 0) return found;
  }
  return [];
}

export const aboveZero = (path: string, value: number | undefined): Refusals<'invalid-input'> =>
  value === undefined || value > 0 ? [] : [invalid(path, 'above-zero', { seen: value })];

export const notNegative = (path: string, value: number | undefined): Refusals<'invalid-input'> =>
  value === undefined || value >= 0 ? [] : [invalid(path, 'not-negative', { seen: value })];

/** The quantity must measure one of the wanted things. */
export function measures(
  path: string,
  q: Quantity | undefined,
  ...wanted: Dimension[]
): Refusals<'units-do-not-match'> {
  if (!q || hasDimension(q, ...wanted)) return [];
  return [refusal('units-do-not-match', path, { have: q.unit, want: wanted.join(' or ') })];
}

/** The quantity must measure the same thing as the other one. */
export function alike(
  path: string,
  q: { unit: Quantity['unit'] } | undefined,
  other: { unit: Quantity['unit'] },
): Refusals<'units-do-not-match'> {
  if (!q || sameDimension(q, other)) return [];
  return [refusal('units-do-not-match', path, { have: q.unit, want: other.unit })];
}
