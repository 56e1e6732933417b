import type { Threshold } from '../identify';
import type { Caution, Clause, CardInUse } from '../labels';
import { monthOf, type CalendarDay } from '../units';

/** What is in force at a place besides the label. It can only be stricter than the label, never looser. */
export type LocalRule =
  | {
      /** An active ingredient (by name or by mode-of-action group) that is not allowed on turf here; "" for any. */
      readonly kind: 'ban';
      readonly ingredient: string;
      /** First and last month of the year in which it holds, both included; null for the whole year. */
      readonly fromMonth: number | null;
      readonly toMonth: number | null;
      readonly note: string;
    }
  | { readonly kind: 'water-buffer'; readonly metres: number; readonly note: string }
  | { readonly kind: 'wind'; readonly kmh: number; readonly note: string }
  /** What is to be reported elsewhere and ordinary here: this place lives with it. */
  | { readonly kind: 'lives-with'; readonly candidate: string; readonly note: string }
  /** Treating ahead of any count, or as a matter of course, is not allowed here. */
  | { readonly kind: 'purpose'; readonly purpose: 'prevent' | 'routine'; readonly note: string }
  /** Something to see to before the work, ticked with name and time. */
  | { readonly kind: 'caution'; readonly note: string };

/** The density at which this workspace treats, instead of the catalogue's. */
export interface OwnThreshold {
  readonly candidate: string;
  readonly perM2: readonly [weak: number, strong: number];
  readonly source: string;
}

const localClause = (note: string): Clause => ({ at: 'local rule', text: note });

/**
 * The label as it may be used here: the wider of the two buffers beside water (m), the lower of the two wind limits
 * (km/h). A limit that the label does not state is the local one. The clause shown is that of whoever is stricter.
 *
 * @example underRules(label with a buffer of 3 m, [{ kind: 'water-buffer', metres: 10, note }]).use.waterBufferM // 10
 */
export function underRules(label: CardInUse, rules: readonly LocalRule[]): CardInUse {
  let { waterBufferM, maxWindKmh } = label.use;
  const clauses = { ...label.clauses };
  for (const rule of rules) {
    if (rule.kind === 'water-buffer' && rule.metres > (waterBufferM ?? 0)) {
      waterBufferM = rule.metres;
      clauses.buffer = localClause(rule.note);
    }
    if (rule.kind === 'wind' && rule.kmh < (maxWindKmh ?? Infinity)) {
      maxWindKmh = rule.kmh;
      clauses.weather = localClause(rule.note);
    }
  }
  return waterBufferM === label.use.waterBufferM && maxWindKmh === label.use.maxWindKmh
    ? label
    : { ...label, clauses, use: { ...label.use, waterBufferM, maxWindKmh } };
}

/** Halts for what is not allowed here on that day, and Cares for what has to be seen to. */
export function ruleCautions(
  label: CardInUse,
  rules: readonly LocalRule[],
  day: CalendarDay,
  purpose: 'control' | 'prevent' | 'routine' = 'control',
): Caution[] {
  return rules.flatMap((rule, i): Caution[] => {
    if (rule.kind === 'purpose')
      return rule.purpose === purpose
        ? [
            {
              ...({ code: 'purpose-not-allowed', rank: 'halt', stop: 'look', settledBy: 'change' } as const),
              ...{ clause: localClause(rule.note), facts: { purpose } },
            },
          ]
        : [];
    if (rule.kind === 'caution')
      return [
        {
          code: 'local-care',
          rank: 'care',
          stop: 'choose',
          settledBy: 'tick',
          clause: null,
          facts: { about: `${i}-${rule.note.slice(0, 40)}`, text: rule.note },
        },
      ];
    if (rule.kind !== 'ban' || !holdsIn(rule, monthOf(day))) return [];
    const wanted = rule.ingredient.trim().toLowerCase();
    const active = label.actives.find(
      ({ name, group }) => wanted === '' || name.toLowerCase() === wanted || group?.toLowerCase() === wanted,
    );
    return active
      ? [
          {
            code: 'banned-here',
            rank: 'halt',
            stop: 'choose',
            settledBy: 'change',
            clause: localClause(rule.note),
            facts: { label: label.name, ingredient: active.name },
          },
        ]
      : [];
  });
}

/** From November to March runs over the turn of the year. */
function holdsIn(
  { fromMonth, toMonth }: { fromMonth: number | null; toMonth: number | null },
  month: number,
): boolean {
  if (fromMonth === null || toMonth === null) return true;
  return fromMonth <= toMonth
    ? month >= fromMonth && month <= toMonth
    : month >= fromMonth || month <= toMonth;
}

/** The workspace's own threshold for a candidate, or the catalogue's. */
export function ownThreshold(
  candidate: { readonly id: string; readonly threshold: Threshold | null },
  own: readonly OwnThreshold[],
): Threshold | null {
  const found = own.find((threshold) => threshold.candidate === candidate.id);
  if (!found) return candidate.threshold;
  return {
    test: candidate.threshold?.test ?? 'turf-flap',
    at: found.perM2,
    source: found.source,
  };
}
