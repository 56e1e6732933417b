import { addDays, type CalendarDay } from '../units';

/**
 * What is asked once of a place: who lives, works and is kept there, and what a product could reach. `people` is about
 * people, `animals` about what is kept, `place` about the ground and the rooms.
 */
export const PREMISES_FACTS = {
  infants: 'people',
  pregnancy: 'people',
  asthma: 'people',
  stingAllergy: 'people',
  tenants: 'people',
  school: 'people',
  cats: 'animals',
  dogs: 'animals',
  birds: 'animals',
  fish: 'animals',
  bees: 'animals',
  edibles: 'place',
  playArea: 'place',
  wells: 'place',
  drains: 'place',
  gasFlame: 'place',
  airDucts: 'place',
  liveWires: 'place',
} as const satisfies Readonly<Record<string, 'people' | 'animals' | 'place'>>;

export type PremisesFact = keyof typeof PREMISES_FACTS;
export const PREMISES_KEYS = Object.keys(PREMISES_FACTS) as readonly PremisesFact[];

/** What was answered, and on which day it was asked last; a fact that is not there was not asked. */
export interface Premises {
  readonly answers: Readonly<Partial<Record<PremisesFact, 'yes' | 'no'>>>;
  readonly askedOn: CalendarDay | null;
}

export const NOTHING_ASKED: Premises = { answers: {}, askedOn: null };

/** After a season people have moved in, animals were bought and gardens dug: what was not so then is asked again. */
export const ASKED_AGAIN_AFTER_DAYS = 182;

/** The answers are older than a season on `today`, or nobody was ever asked. */
export const isDue = ({ askedOn }: Premises, today: CalendarDay): boolean =>
  askedOn === null || addDays(askedOn, ASKED_AGAIN_AFTER_DAYS) < today;

/**
 * Whether a fact is so on a day. A "yes" stays one until somebody says otherwise; a "no" that is older than a season, and
 * what was never asked, is not known.
 */
export function factOn(premises: Premises, fact: PremisesFact, today: CalendarDay): 'yes' | 'no' | 'unknown' {
  const answer = premises.answers[fact];
  return answer === 'yes' ? 'yes' : answer === 'no' && !isDue(premises, today) ? 'no' : 'unknown';
}
