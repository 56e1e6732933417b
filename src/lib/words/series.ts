import type { Series, Trend } from '../core/review';
import { capital, many } from './plain-nouns';

/** What one count stands for, where it is no ground. */
export const FRAME_WORDS = { night: 'Nights', minute: 'Minutes', spot: 'Spots in one' } as const;

/** What readings over weeks say together, and what to do on it. */
export const SERIES_WORDS: Readonly<Record<Trend, { readonly title: string; readonly text: string }>> = {
  rising: {
    title: 'It is rising',
    text: 'By more than chance makes counts go up and down: what was done so far does not hold it.',
  },
  falling: {
    title: 'It is falling',
    text: 'By more than chance makes counts go up and down: go on as it is, and read again.',
  },
  level: {
    title: 'No change that can be told',
    text: 'These counts go up and down no more than chance makes them.',
  },
  'too-few': {
    title: 'Too few for a trend',
    text: 'Fewer than ten in all tell no rise and no fall. Read on.',
  },
};

const numbers = (list: readonly number[]): string =>
  list.length < 2 ? list.join('') : `${list.slice(0, -1).join(', ')} and ${list[list.length - 1]}`;
const named = (list: readonly number[], each: string): string =>
  `${list.length === 1 ? each : many(each)} ${numbers(list)}`;

/** Where it is caught and where it never was, and what follows from that; "" where neither tells anything. */
export function seriesPlacesText({ hot, idle, noughts }: Series, each: string): string {
  return [
    ...(noughts >= 2 ? [`None in the last ${noughts} readings.`] : []),
    ...(hot.length > 0
      ? [`Nearly all is at ${named(hot, each)}: look for where they live within a few steps of there.`]
      : []),
    ...(idle.length > 0
      ? [
          `${capital(named(idle, each))} never held any${hot.length > 0 ? `: move ${idle.length === 1 ? 'it' : 'them'} there` : ''}.`,
        ]
      : []),
  ].join(' ');
}
