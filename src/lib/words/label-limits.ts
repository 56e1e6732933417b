import { moreFields, otherHalf, type ClauseKey, type Ends, type LabelUse, type More } from '../core/labels';
import { days, endsText, timesText } from './label';
import { MORE_WORDS, moreText } from './more-terms';
import type { Show } from './show';

export interface Limit {
  readonly name: string;
  /** null: not stated. */
  readonly text: string | null;
  readonly clause: ClauseKey | null;
}

const monthName = (month: number): string =>
  ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'][month - 1] ?? '';
const HARD_WORDS = { band: 'as a band', spots: 'spots and cracks only', no: 'not at all' };
const FOOD_WORDS = { yes: 'yes', crevices: 'in cracks alone', no: 'no' };

/** Every limit of a use, stated or not, with the clause where it would stand. */
export function useLimits(use: LabelUse, show: Show): Limit[] {
  const { wateringIn, tempC, soilC } = use;
  const limit = (name: string, clause: ClauseKey, text: string | null): Limit => ({ name, text, clause });
  const degrees = (range: Ends | null): string | null => range && endsText(range, show.degreesText);
  const when = <T>(value: T | null, text: (value: T) => string): string | null =>
    value === null ? null : text(value);
  return [
    limit(
      use.monthsFor === 'south' ? 'Months (southern)' : 'Months (northern)',
      'season',
      when(use.months, (months) =>
        (use.monthsFor === 'south' ? months.map(otherHalf).sort((a, b) => a - b) : months)
          .map(monthName)
          .join(', '),
      ),
    ),
    limit('No sooner than', 'interval', when(use.noSoonerThanDays, days)),
    limit('Repeat about every', 'interval', when(use.aboutEveryDays, days)),
    limit('Most in 12 months', 'yearly', when(use.maxPerYear, timesText)),
    limit(
      'Water in',
      'watering',
      when(
        wateringIn,
        (w) =>
          `${show.rainText(w.mm)}${w.mostMm === null ? '' : `, at most ${show.rainText(w.mostMm)},`} within ${w.withinHours} h`,
      ),
    ),
    limit(
      'Stays dry for',
      'watering',
      when(use.dryHours, (h) => `${h} h`),
    ),
    limit(
      'Rain-free after',
      'weather',
      when(use.rainFreeHours, (h) => `${h} h`),
    ),
    limit('Wind at most', 'weather', when(use.maxWindKmh, show.windText)),
    limit('Wind at least', 'weather', when(use.minWindKmh, show.windText)),
    limit('Air', 'weather', degrees(tempC)),
    limit('Sun', 'weather', use.keepFromSun ? 'not in sunshine' : null),
    limit('Soil', 'soil', degrees(soilC)),
    limit('From open water', 'buffer', when(use.waterBufferM, show.lengthText)),
    limit('Flowering plants', 'bloom', use.notOnBloom ? 'mow first' : null),
    limit(
      'Hard ground',
      'hardGround',
      when(use.hardGround, (value) => HARD_WORDS[value]),
    ),
    limit('Walls above hard ground', 'hardGround', use.wallAboveHard),
    limit(
      'Height',
      'height',
      when(use.maxHeightM, (m) => `up to ${show.lengthText(m)}`),
    ),
    limit(
      'Food plants',
      'edibles',
      when(use.edibles, (value) => (value === 'yes' ? 'on the label' : 'no')),
    ),
    limit('Before harvest', 'preHarvest', when(use.preHarvestDays, days)),
    limit(
      'Rooms with food',
      'food',
      when(use.foodAreas, (value) => FOOD_WORDS[value]),
    ),
    limit('What food touches', 'food', use.notOnFoodContact ? 'never' : null),
    limit('Live wires', 'electric', use.keepFromLive ? 'keep away' : null),
    limit(
      'People and pets off',
      'reEntry',
      use.reEntry === 'none'
        ? null
        : use.reEntry === 'hours'
          ? `for ${use.reEntryHours ?? '?'} hours`
          : use.reEntry.replaceAll('-', ' '),
    ),
    limit(
      'Works in',
      'rate',
      when(use.daysToEffect, ([from, to]) => (from === to ? days(to) : `${from} to ${days(to)}`)),
    ),
    limit('Protects', 'rate', when(use.protectsDays, days)),
    ...moreLimits(use.more, 'use', show),
  ];
}

/** What else a card or a use says. What is not stated of these is not missed by a plan, and stays away. */
export function moreLimits(more: More | undefined, of: 'card' | 'use', show: Show): Limit[] {
  return moreFields(of).flatMap(([key, field]) => {
    const value = more?.[key];
    // No clause of the card has their words.
    return value === undefined
      ? []
      : [{ name: MORE_WORDS[key], clause: null, text: moreText(field, value, show) }];
  });
}
