import type { CalendarDay } from '../units';

/** A ground of a property that has a name, and since when it is known to lie apart from the others that have one. */
export interface NamedGround {
  readonly name: string;
  readonly since: CalendarDay;
  readonly by: string;
}

const plain = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase();

/** "Front lawn" and " front  lawn" are one ground. */
export const sameGround = (a: string, b: string): boolean => plain(a) === plain(b);

/** The ground that is called so; null where the property has none of that name, and for no name. */
export const groundCalled = (known: readonly NamedGround[], name: string | undefined): NamedGround | null =>
  name ? (known.find((ground) => sameGround(ground.name, name)) ?? null) : null;

/**
 * Whether what went down on `there` on a day may lie on `here`. Only two grounds that the property knew by then lie apart: a name
 * that it does not know, or that was given later, frees nothing.
 *
 * @example mayOverlap([front, back], 'front lawn', 'back lawn', day) // false
 */
export function mayOverlap(
  known: readonly NamedGround[],
  here: string | undefined,
  there: string | undefined,
  day: CalendarDay,
): boolean {
  const [one, other] = [groundCalled(known, here), groundCalled(known, there)];
  if (!one || !other || one === other) return true;
  return other.since > day;
}
