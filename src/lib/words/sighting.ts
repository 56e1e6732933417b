import type { FirstSeen, Surrounding } from '../core/identify';
import { SURROUNDING_WORDS } from './terms';
import { capital } from './plain-nouns';

export const SEEN_WORDS: Readonly<Record<FirstSeen, string>> = {
  insects: 'insects',
  damage: 'damage',
  droppings: 'droppings or dirt',
  wings: 'wings',
  webbing: 'webbing',
  nest: 'a nest or traffic',
  bites: 'bites or stings',
  digging: 'animals digging',
  sound: 'a sound',
};

export const MANY_WORDS: Readonly<Record<string, string>> = {
  one: 'one',
  some: 'some',
  many: 'many',
};

/** A title for a case that was opened by a few taps: “Webbing in the larder, many”. */
export function sightingTitle(
  kind: FirstSeen | null,
  surrounding: Surrounding | null,
  many: string | null,
  light: 'day' | 'night' | null = null,
): string {
  const what = kind === null ? '' : SEEN_WORDS[kind];
  return [
    capital(what),
    surrounding ? `: ${SURROUNDING_WORDS[surrounding]}` : '',
    many ? `, ${MANY_WORDS[many] ?? many}` : '',
    light === null ? '' : light === 'night' ? ', at night' : ', by day',
  ].join('');
}
