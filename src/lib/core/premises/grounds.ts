import type { CalendarDay } from '../units';

/** A ground of a property that has a name, and since when it is known to lie apart from the others that have one. */
export interface NamedGround {
  readonly name: string;
  readonly since: CalendarDay;
  readonly by: string;
  /** Zones of the property's plan that it is, and since when that is known; absent where nobody said. */
  readonly zones?: readonly string[] | undefined;
  readonly tiedOn?: CalendarDay | undefined;
  /** Ids of the records that lie elsewhere by the plan; worked out anew each time, empty or absent where nothing shows it. */
  readonly apart?: readonly string[] | undefined;
}

const plain = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase();

/** "Front lawn" and " front  lawn" are one ground. */
export const sameGround = (a: string, b: string): boolean => plain(a) === plain(b);

/** The ground that is called so; null where the property has none of that name, and for no name. */
export const groundCalled = (known: readonly NamedGround[], name: string | undefined): NamedGround | null =>
  name ? (known.find((ground) => sameGround(ground.name, name)) ?? null) : null;

/**
 * The zones on which what was logged on a day under a name lies; null where nobody said then where that ground is. What was
 * logged before it was said may lie anywhere.
 */
export function zonesOfGround(
  known: readonly NamedGround[],
  name: string | undefined,
  day: CalendarDay,
): readonly string[] | null {
  const ground = groundCalled(known, name);
  return ground?.zones && ground.zones.length > 0 && ground.tiedOn && ground.tiedOn <= day
    ? ground.zones
    : null;
}

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
