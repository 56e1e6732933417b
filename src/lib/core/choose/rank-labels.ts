import { dose, type DoseAnswer } from '../dose';
import type { Candidate, Hemisphere, Surrounding } from '../identify';
import {
  capOf,
  type CardInUse,
  type Caution,
  type CautionCode,
  cautionOf,
  type FactsOf,
  type EvidenceGrade,
  type Family,
  type LabelCard,
  type TargetOnLabel,
} from '../labels';
import type { Licence } from '../premises';
import { applicationsOf, type ApplicationRecord } from '../record';
import { ruleCautions, type LocalRule } from '../rules';
import { labelCautions, type LabelSituation } from '../safety';
import { nextDate } from '../schedule';
import { activeCautions } from './ledger';
import { beforeCautions, pastOf, type Past } from './before';
import { wishHalts, wishPoints, type Wishes, type WishPoint } from './wishes';
import { targetFor, type Counted } from '../ground';
import { inYearOf, isAbove, sameDimension, valueIn, type CalendarDay, type Quantity } from '../units';

/** A container on the shelf, with what the records have left in it. */
export interface ShelfContainer {
  readonly lot: string;
  readonly size: Quantity;
  readonly left: Quantity;
  /** What the records took beyond what it held, in its unit; 0 as a rule. */
  readonly overdrawn?: number;
  /** In the workspace's currency; null where it is not known, or was paid in another. */
  readonly price: number | null;
  /** What was paid, in what it was paid in. */
  readonly paid?: { readonly amount: number; readonly currency: string } | null;
  /** As printed on it. */
  readonly expiresOn: CalendarDay | null;
  readonly boughtOn: CalendarDay | null;
  readonly openedOn: CalendarDay | null;
  /** The last day on which it may be used: the printed one, or sooner once it is opened. */
  readonly until: CalendarDay | null;
  readonly keptIn: string;
}

export interface ShelfEntry {
  readonly label: LabelCard;
  readonly containers: readonly ShelfContainer[];
}

/** The same with the use of the label that a case looks at. */
export interface EntryInUse {
  readonly label: CardInUse;
  readonly containers: readonly ShelfContainer[];
}

export type ScoreReason = 'mildness' | 'evidence' | 'on-shelf' | 'quick' | 'lasting' | 'cost' | WishPoint;

export interface Option {
  readonly label: CardInUse;
  readonly halts: readonly Caution[];
  readonly notes: readonly Caution[];
  readonly grade: EvidenceGrade | null;
  readonly reason: string | null;
  /** The dose at the label's least rate for the measured area; null without one. */
  readonly dose: DoseAnswer | null;
  readonly score: number;
  readonly points: readonly { readonly because: ScoreReason; readonly points: number }[];
}

export interface ChooseSituation {
  /** null on a routine visit that names nothing: the targets are those of each card. */
  readonly pest: Candidate | null;
  readonly stage: string | null;
  /** All stages that are there: those found or to be prevented, else those of the calendar, several at once. */
  readonly stages?: readonly string[] | undefined;
  /** False where the calendar alone has them. */
  readonly stagesSeen?: boolean | undefined;
  /** What the case is for, where it is not to control what is there. */
  readonly purpose?: 'control' | 'prevent' | 'routine';
  readonly hemisphere: Hemisphere;
  readonly surrounding: Surrounding;
  /** Of whoever asks; null without one, and in a household. */
  readonly licence: Licence | null;
  readonly real: boolean;
  readonly today: CalendarDay;
  readonly flowering: boolean;
  readonly byWater: boolean;
  /** Whether the place is dry; null where nobody looked. */
  readonly damp: 'dry' | 'damp' | null;
  readonly area: Quantity | null;
  /** What else a label may be measured by here. */
  readonly counted: Counted;
  /** What went down on this ground before. */
  readonly records: readonly ApplicationRecord[];
  /** The same, part by part of the ground, each as if it had gone over the whole of it. */
  readonly parts: readonly (readonly ApplicationRecord[])[];
  /** What is in force here besides the label. */
  readonly rules: readonly LocalRule[];
  readonly wishes: Wishes;
  /** What the field guide says of a family of remedy against this pest; a card cannot vouch for itself. */
  readonly guide: ReadonlyMap<string, { readonly grade: EvidenceGrade; readonly note: string }>;
}

const MILDNESS: Record<Family, number> = {
  culture: 45,
  physical: 45,
  living: 45,
  regulator: 32,
  bait: 32,
  selective: 28,
  systemic: 15,
  dust: 12,
  'soil-drench': 8,
  residual: 5,
};
const EVIDENCE: Record<EvidenceGrade, number> = { strong: 40, fair: 25, weak: 8, none: 0, harmful: -40 };

/**
 * The labels on the shelf for this pest, stage and place: those without a Halt first, by a score whose every point is
 * told; those with one after them, each with the clause that halts.
 */
export function rankLabels(shelf: readonly EntryInUse[], situation: ChooseSituation): Option[] {
  const cards = new Map(shelf.map(({ label }) => [label.id, label]));
  const past = pastOf(situation.records, cards, situation.today);
  const options = shelf.map((entry) => optionOf(entry, situation, past, cards));
  const cheapest = Math.min(...options.map((o) => o.dose?.container?.costUsed ?? Infinity));
  return options
    .map((option) => withCost(option, cheapest))
    .sort((a, b) => Math.sign(a.halts.length) - Math.sign(b.halts.length) || b.score - a.score);
}

function optionOf(
  entry: EntryInUse,
  situation: ChooseSituation,
  past: readonly Past[],
  cards: ReadonlyMap<string, LabelCard>,
): Option {
  const { label } = entry;
  const { pest } = situation;
  const target = targetOf(label, pest);
  const halts: Caution[] = [];
  const notes: Caution[] = [];
  // Thousands of these are made with every key typed: one list for each, and no copies.
  const sort = (found: readonly Caution[]): void => {
    for (const one of found) (one.rank === 'halt' ? halts : notes).push(one);
  };
  sort(labelCautions(situationOf(entry, situation, target)));
  const guided = situation.guide.get(label.family);
  if (pest && guided?.grade === 'harmful') halts.push(harmful(label, pest, guided.note));
  if (situation.records.length > 0) sort(timingHalts(label, situation));
  if (situation.rules.length > 0)
    sort(ruleCautions(label, situation.rules, situation.today, situation.purpose));
  if (situation.wishes.are.size > 0) sort(wishHalts(label, situation.wishes));
  sort(beforeCautions(label, pest?.id ?? '', past));
  if (label.form === 'dust') sort(dustCautions(label, situation.damp));
  // Of what is halted no amount is told.
  let amount =
    situation.area && halts.length === 0 && label.use.instruction === null
      ? plainDose(entry, targetFor({ area: situation.area, counted: situation.counted }, label.use.rate.per))
      : null;
  if (amount && situation.area && capOf(label.use, 'active') !== null) {
    const planned = { product: amount.product, area: situation.area };
    const over = activeCautions(label, planned, situation.parts, cards, situation.today);
    sort(over.filter((c) => c.rank === 'halt'));
    if (halts.length > 0) amount = null;
  }
  const points = pointsOf(entry, target, amount, situation);
  return {
    label,
    halts,
    notes,
    grade: target?.grade ?? null,
    reason: target?.reason ?? null,
    dose: amount,
    points,
    score: points.reduce((sum, p) => sum + p.points, 0),
  };
}

function pointsOf(
  { label, containers }: EntryInUse,
  target: TargetOnLabel | null,
  amount: DoseAnswer | null,
  { wishes }: ChooseSituation,
): Option['points'] {
  const points: Option['points'][number][] = [
    { because: 'mildness', points: MILDNESS[label.family] },
    { because: 'evidence', points: target?.grade ? EVIDENCE[target.grade] : 0 },
  ];
  const need = amount?.product ?? null;
  // A card may measure its rate otherwise than its container: the label check says so, here nothing is enough then.
  const { unit } = label.use.rate;
  const have = containers.reduce(
    (sum, { left }) => sum + (sameDimension(left, { unit }) ? valueIn(left, unit) : 0),
    0,
  );
  const enough = need !== null && !isAbove(valueIn(need, unit), have);
  if (have > 0) points.push({ because: 'on-shelf', points: enough ? 8 : 3 });
  if ((label.use.daysToEffect?.[1] ?? Infinity) <= 7) points.push({ because: 'quick', points: 5 });
  if ((label.use.protectsDays ?? 0) >= 30) points.push({ because: 'lasting', points: 5 });
  if (wishes.are.size > 0 || wishes.budget !== null)
    points.push(...wishPoints(label, wishes, amount?.container?.costUsed ?? null));
  return points;
}

function withCost(option: Option, cheapest: number): Option {
  if (option.dose?.container === undefined || option.dose.container.costUsed > cheapest) return option;
  const points = [...option.points, { because: 'cost' as const, points: 5 }];
  return { ...option, points, score: option.score + 5 };
}

const harmful = (label: CardInUse, pest: Candidate, note: string): Caution => ({
  ...({ code: 'harmful-here', rank: 'halt', stop: 'choose', settledBy: 'change', clause: null } as const),
  facts: { label: label.name, pest: pest.name, note },
});

const targetOf = ({ use }: CardInUse, pest: Candidate | null): TargetOnLabel | null =>
  use.targets.find((t) => t.pest === pest?.id) ?? null;

export function situationOf(
  { label, containers }: EntryInUse,
  s: ChooseSituation,
  target = targetOf(label, s.pest),
): LabelSituation {
  // Written out: thousands of these are made with every key typed, and a spread of them takes longer than their checks.
  return {
    label,
    pest: s.pest,
    target,
    stage: s.stage,
    stages: s.stages,
    stagesSeen: s.stagesSeen,
    hemisphere: s.hemisphere,
    surrounding: s.surrounding,
    licence: s.licence,
    real: s.real,
    today: s.today,
    flowering: s.flowering,
    byWater: s.byWater,
    containers: containers.map((c) => ({ expiresOn: c.until, left: c.left.value })),
  };
}

function plainDose({ label, containers }: EntryInUse, target: Quantity): DoseAnswer | null {
  const [first] = containers;
  const price = first && sameDimension(first.size, label.use.rate) ? (first.price ?? undefined) : undefined;
  const result = dose({
    rate: label.use.rate,
    ...(label.use.carrier ? { carrier: label.use.carrier } : {}),
    target,
    ...(price === undefined
      ? {}
      : { container: { size: containers[0]?.size ?? label.container.size, price } }),
  });
  return 'ok' in result ? result.ok : null;
}

/** Dust is for dry places: in damp ones it cakes and keeps nothing away. */
function dustCautions(label: CardInUse, damp: ChooseSituation['damp']): Caution[] {
  if (label.form !== 'dust' || damp === 'dry') return [];
  const facts = { label: label.name };
  const clause = label.clauses.sites ?? null;
  return damp === 'damp'
    ? [{ code: 'dust-in-damp', rank: 'halt', stop: 'choose', settledBy: 'change', clause, facts }]
    : [{ code: 'dust-when-dry', rank: 'care', stop: 'choose', settledBy: 'tick', clause, facts }];
}

/** The label's interval and yearly count against what went down here before. */
export function timingHalts(
  label: CardInUse,
  { parts, today }: Pick<ChooseSituation, 'parts' | 'today'>,
): Caution[] {
  for (const records of parts) {
    const halts = timingOnPart(label, records, today);
    if (halts.length > 0) return halts;
  }
  return [];
}

/** What only reminds, or is not stated, is an act of whoever treats. */
const CARE = { rank: 'care', settledBy: 'tick' } as const;

function timingOnPart(
  label: CardInUse,
  records: readonly ApplicationRecord[],
  today: CalendarDay,
): Caution[] {
  const { use } = label;
  const applications = applicationsOf(records, label.id, use.rate.unit);
  const last = applications[applications.length - 1];
  if (!last) return [];
  const halt = <Code extends CautionCode>(
    code: Code,
    at: 'interval' | 'yearly',
    facts: FactsOf<Code>,
  ): Caution => cautionOf(code, 'halt', 'choose', 'change', facts, label.clauses[at] ?? null);
  const thisYear = applications.filter((a) => inYearOf(a.date, today, 'rolling')).length;
  if (use.maxPerYear !== null && thisYear >= use.maxPerYear)
    return [
      halt('max-per-year-reached', 'yearly', { most: use.maxPerYear, done: thisYear, last: last.date }),
    ];
  const next = nextDate({ use, today, applications });
  if (next.because === 'not-stated')
    return [{ ...halt('interval-not-stated', 'interval', { last: last.date }), ...CARE }];
  if (next.day === null || next.day <= today) return [];
  return next.stated
    ? [
        halt('interval-not-over', 'interval', {
          ...{ until: next.day, last: last.date, days: use.noSoonerThanDays ?? 0 },
        }),
      ]
    : [
        {
          ...halt('sooner-than-usual', 'interval', {
            ...{ until: next.day, last: last.date, days: use.aboutEveryDays ?? 0 },
          }),
          ...CARE,
        },
      ];
}
