import { inHand, type CardInUse } from '../labels';
import { underRules } from '../rules';
import { isAbove, sameDimension, valueIn, type Quantity } from '../units';
import { factsFor, numberOf, standingCourse } from './course';
import type { CaseFacts, Jar } from './facts';

/** The treatment of the course whose tank this one goes into; null where it has its own. */
export function tankMateOf(facts: CaseFacts): CaseFacts | null {
  const shared = facts.stops.mix?.shared;
  if (!shared || shared.with === numberOf(facts)) return null;
  if (!standingCourse(facts).some(({ number }) => number === shared.with)) return null;
  const mate = factsFor(facts, shared.with);
  // A tank that is itself in another’s is nobody’s.
  return mate && !mate.stops.mix?.shared ? mate : null;
}

/**
 * A treatment that shares a tank has the ground, the hours, the tank and the lanes of the one whose tank it is; its product, rate,
 * lot and jar stay its own.
 */
export function inSharedTank(facts: CaseFacts): CaseFacts {
  const mate = tankMateOf(facts);
  const { mix } = facts.stops;
  if (!mate || !mix) return facts;
  const { measure, when, place, mix: theirs } = mate.stops;
  const { measure: _m, when: _w, place: _p, ...own } = facts.stops;
  return {
    ...facts,
    ground: mate.ground,
    stops: {
      ...own,
      ...(measure ? { measure } : {}),
      ...(when ? { when } : {}),
      ...(place ? { place } : {}),
      mix: {
        ...mix,
        ...(theirs
          ? { tank: theirs.tank, tankName: theirs.tankName, tankMark: theirs.tankMark, split: theirs.split }
          : {}),
        ...{
          carryOver: theirs?.carryOver ? { ...theirs.carryOver } : null,
          before: theirs?.before ?? 'clean',
        },
      },
    },
  };
}

/** Treatments of the course whose product is in this one's tank. */
export const guestsOf = (facts: CaseFacts): readonly number[] =>
  standingCourse(facts).flatMap(({ number, stops }) =>
    number !== numberOf(facts) && stops.mix?.shared?.with === numberOf(facts) ? [number] : [],
  );

/** Treatments of the course whose tank this one could go into: those that have one of their own. */
export const tanksOf = (facts: CaseFacts): readonly CaseFacts[] =>
  standingCourse(facts).flatMap(({ number, stops }) => {
    const theirs = number === numberOf(facts) || stops.mix?.shared ? null : factsFor(facts, number);
    return theirs && cardIn(theirs, theirs.stops.name?.candidate ?? null)?.use.carrier ? [theirs] : [];
  });

/** A card of the shelf, that of the treatment unless another is named, as it is in hand at the case. */
export function cardIn(
  facts: CaseFacts,
  pest: string | null,
  id: string | null | undefined = facts.stops.choose?.label,
): CardInUse | null {
  const entry = facts.shelf.find(({ label }) => label.id === id);
  const card =
    entry &&
    inHand(entry.label, {
      ...{ pest, stage: facts.stops.name?.stage ?? null },
      surrounding: facts.stops.look?.surrounding ?? 'lawn',
      severity: facts.stops.mix?.severity ?? null,
    });
  return card ? underRules(card, facts.rules) : null;
}

/** The other product of a tank, and the jar of both. */
export interface SecondProduct extends Jar {
  readonly label: string;
  /** In the unit of its own label. */
  readonly rate: number;
}

/** Whom this treatment shares its tank with, from whichever of the two it is asked: the other’s product, rate and the jar. */
export function partnerOf(facts: CaseFacts, pest: string | null): SecondProduct | null {
  const told = (
    other: CaseFacts,
    shared: NonNullable<CaseFacts['stops']['mix']>['shared'],
  ): SecondProduct | null => {
    const label = other.stops.choose?.label;
    const rate = other.stops.mix?.rate ?? cardIn(other, pest)?.use.rate.min;
    if (!label || rate === undefined || !shared) return null;
    return { label, rate, jarOn: shared.jarOn, jarBy: shared.jarBy, jarResult: shared.jarResult };
  };
  const mate = tankMateOf(facts);
  if (mate) return told(mate, facts.stops.mix?.shared ?? null);
  const [guest] = guestsOf(facts);
  const other = guest === undefined ? null : factsFor(facts, guest);
  return other && told(other, other.stops.mix?.shared ?? null);
}

type Carried = Pick<CardInUse['use'], 'carrier' | 'carrierMost'>;

/**
 * The one finished volume that lies within what both labels let their mix be made up to, told as the first one tells its own: the
 * greater of the two least. null where there is none, where a label has no mix, or where they reckon by other measures.
 *
 * @example carrierOfBoth(60 to 80 l over 1,000 m², 8 l over 100 m²) // 80 l over 1,000 m²
 */
export function carrierOfBoth(one: Carried, other: Carried): Carried['carrier'] {
  const [own, theirs] = [one.carrier, other.carrier];
  if (!own || !theirs || !sameDimension(own.per, theirs.per) || !sameDimension(own.amount, theirs.amount))
    return null;
  const range = ({ carrier, carrierMost }: Carried): [number, number] => {
    const times = carrier ? valueIn(carrier.per, own.per.unit) / own.per.value : 1;
    const told = (amount: Quantity): number => valueIn(amount, own.amount.unit) / times;
    const least = carrier ? told(carrier.amount) : 0;
    return [least, carrierMost ? told(carrierMost) : least];
  };
  const [[least, most], [otherLeast, otherMost]] = [range(one), range(other)];
  const volume = Math.max(least, otherLeast);
  // So far two hands measure alike.
  if (isAbove(volume, Math.min(most, otherMost) * (1 + ALIKE_SHARE))) return null;
  return { ...own, amount: { value: volume, unit: own.amount.unit } };
}
const ALIKE_SHARE = 0.02;
