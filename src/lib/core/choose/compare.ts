import type { Family } from '../labels';
import { quantity, type Quantity } from '../units';
import { seasonTimes } from './families';
import type { Option } from './rank-labels';

export type Question = 'granule-or-liquid' | 'blanket-or-spot' | 'prevent-or-cure';

/** One side of a comparison, in numbers for the measured area. */
export interface Side {
  readonly as: 'granule' | 'liquid' | 'blanket' | 'spot' | 'prevent' | 'cure';
  readonly option: Option;
  readonly product: Quantity;
  /** Finished mix; null where it is put down as it is. */
  readonly mix: Quantity | null;
  readonly costOnce: number | null;
  readonly costSeason: number | null;
}

export interface Comparison {
  readonly question: Question;
  readonly sides: readonly [Side, Side];
}

const LIQUID = new Set(['concentrate', 'powder', 'nematodes', 'ready']);
const SLOW: ReadonlySet<Family> = new Set(['systemic', 'selective', 'regulator']);
const LASTS_DAYS = 60;
const QUICK_DAYS = 7;

function side(as: Side['as'], option: Option, share = 1): Side | null {
  const { dose } = option;
  if (!dose) return null;
  const cost = dose.container?.costUsed ?? null;
  const part = (q: Quantity): Quantity => quantity(q.value * share, q.unit);
  return {
    as,
    option,
    product: part(dose.exactProduct),
    mix: dose.finished ? part(dose.finished) : null,
    costOnce: cost === null ? null : cost * share,
    costSeason: cost === null ? null : cost * share * seasonTimes(option),
  };
}

/**
 * What people disagree about, with its consequences in numbers: granule or liquid, the whole area or the affected share
 * of it (0 to 1), before the damage or after. Only what has two sides on the shelf without a Halt is told; options come
 * as they are ranked, the best first.
 */
export function comparisons(options: readonly Option[], affected: number): Comparison[] {
  const open = options.filter((o) => o.halts.length === 0 && o.dose !== null);
  const found: Comparison[] = [];
  const add = (question: Question, a: Side | null | undefined, b: Side | null | undefined): void => {
    if (a && b) found.push({ question, sides: [a, b] });
  };
  const first = (is: (o: Option) => boolean): Option | undefined => open.find(is);
  const of = (as: Side['as'], option: Option | undefined): Side | null => (option ? side(as, option) : null);
  add(
    'granule-or-liquid',
    of(
      'granule',
      first((o) => o.label.form === 'granule'),
    ),
    of(
      'liquid',
      first((o) => LIQUID.has(o.label.form)),
    ),
  );
  const [best] = open;
  if (best && affected > 0 && affected < 1)
    add('blanket-or-spot', side('blanket', best), side('spot', best, affected));
  add(
    'prevent-or-cure',
    of(
      'prevent',
      first((o) => SLOW.has(o.label.family) && (o.label.use.protectsDays ?? 0) >= LASTS_DAYS),
    ),
    of(
      'cure',
      first((o) => !SLOW.has(o.label.family) && (o.label.use.daysToEffect?.[1] ?? Infinity) <= QUICK_DAYS),
    ),
  );
  return found;
}
