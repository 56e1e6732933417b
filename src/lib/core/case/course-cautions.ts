import { mayOverlap } from '../premises';
import { capOf, type Caution, type CardInUse } from '../labels';
import { standing } from '../record';
import { daysBetween, inYearOf, isAbove, sameDimension, valueIn, type CalendarDay } from '../units';
import { letterOf, numberOf, standingCourse } from './course';
import { dayOfHour, dayOfWork } from './day-of-work';
import type { CaseFacts } from './facts';
import type { CaseView } from './view';

/** Another treatment of the same case, as far as it is planned. */
interface Other {
  readonly number: number;
  readonly letter: string;
  readonly label: CardInUse;
  /** What its ground is called. */
  readonly name: string | undefined;
  readonly day: CalendarDay | null;
  readonly view: CaseView;
}

const overlaps = ({ property, stops, today }: CaseFacts, name: string | undefined, day = today): boolean =>
  mayOverlap(property.grounds ?? [], stops.measure?.name, name, day);

const plannedDay = (facts: CaseFacts): CalendarDay | null =>
  facts.stops.when ? dayOfHour(facts.stops.when.hour) : null;

/**
 * What stands against a treatment because of the others of its course: bait and what repels on one ground, the same label
 * twice within its interval, and the year's most over all that is planned. Work without a product stands against nothing.
 * `viewOf` gives what follows from another treatment alone.
 */
export function courseCautions(
  facts: CaseFacts,
  view: CaseView,
  viewOf: (facts: CaseFacts) => CaseView,
  factsOf: (number: number) => CaseFacts | null,
): Caution[] {
  const { label } = view;
  if (!label) return [];
  const others = standingCourse(facts).flatMap((one): Other[] => {
    if (one.number === numberOf(facts)) return [];
    const theirs = factsOf(one.number);
    const seen = theirs && viewOf(theirs);
    // What is logged counts as what went down, not as what is planned.
    if (!theirs || !seen?.label || seen.records.length > 0) return [];
    return [
      {
        ...{ number: one.number, letter: letterOf(facts, one.number) },
        ...{ label: seen.label, day: plannedDay(theirs), view: seen },
        name: theirs.stops.measure?.name,
      },
    ];
  });
  // What the label holds to one ground is not held against another that the property knows by its name.
  const here = others.filter(({ name }) => overlaps(facts, name));
  return [
    ...others.flatMap((other) => apart(label, other)),
    ...here.flatMap((other) => tooSoon(label, plannedDay(facts), other)),
    ...overYear(label, view, here),
    ...tooMany(label, facts, here),
  ];
}

/** Keys of what a treatment leaves alive and others of its course work on. */
export function coveredByOthers(
  facts: CaseFacts,
  view: CaseView,
  viewOf: (facts: CaseFacts) => CaseView,
  factsOf: (number: number) => CaseFacts | null,
): string[] {
  const pest = view.named?.id;
  const worksOn = new Set(
    standingCourse(facts).flatMap(({ number }) => {
      const theirs = number === numberOf(facts) ? null : factsOf(number);
      const label = theirs && viewOf(theirs).label;
      return label ? label.use.targets.flatMap((t) => (t.pest === pest ? t.stages : [])) : [];
    }),
  );
  return view.cautions.flatMap(({ key, caution }) =>
    caution.code === 'stages-left' &&
    String(caution.facts.leftIds)
      .split(',')
      .every((one) => worksOn.has(one))
      ? [key]
      : [],
  );
}

const isBait = ({ family }: CardInUse): boolean => family === 'bait';

/** Bait that lies where something repels is not eaten, whichever of the two comes first. */
function apart(label: CardInUse, other: Other): Caution[] {
  const one = isBait(label) && other.label.repellent;
  const two = label.repellent && isBait(other.label);
  if (!one && !two) return [];
  return [
    {
      ...{ code: 'course-apart', rank: 'care', stop: 'place', settledBy: 'tick' },
      clause: (one ? label : other.label).clauses.compatibility ?? null,
      facts: { other: other.label.name, letter: other.letter, about: String(other.number) },
    },
  ];
}

function tooSoon(label: CardInUse, day: CalendarDay | null, other: Other): Caution[] {
  const wanted = label.use.noSoonerThanDays;
  if (other.label.id !== label.id || wanted === null || day === null || other.day === null) return [];
  const days = Math.abs(daysBetween(other.day, day));
  if (days >= wanted) return [];
  return [
    {
      ...{ code: 'course-too-soon', rank: 'halt', stop: 'when', settledBy: 'change' },
      clause: label.clauses.interval ?? null,
      facts: { letter: other.letter, days, between: wanted, about: String(other.number) },
    },
  ];
}

/** The year's most of the product holds over all treatments that lay it on ground that may be the same. */
function overYear(label: CardInUse, view: CaseView, others: readonly Other[]): Caution[] {
  const cap = view.dose?.cap;
  if (!cap || !capOf(label.use, 'product') || cap.exceeded) return [];
  const same = others.filter(({ label: { id }, view: { dose } }) => id === label.id && dose !== null);
  const unit = cap.left.unit;
  const theirs = same.reduce((sum, { view: { dose } }) => {
    const amount = dose?.exactProduct;
    return amount && sameDimension(amount, { unit }) ? sum + valueIn(amount, unit) : sum;
  }, 0);
  if (theirs === 0 || !isAbove(theirs, cap.left.value)) return [];
  return [
    {
      ...{ code: 'course-over-year', rank: 'halt', stop: 'choose', settledBy: 'change' },
      clause: label.clauses.yearly ?? null,
      facts: {
        ...{ left: Math.max(0, cap.left.value), planned: theirs, unit },
        letters: same.map(({ letter }) => letter).join(', '),
      },
    },
  ];
}

/** The times that a label may be used in a year: those that were, this one, and the others that are planned. */
function tooMany(label: CardInUse, facts: CaseFacts, others: readonly Other[]): Caution[] {
  const most = label.use.maxPerYear;
  const same = others.filter((other) => other.label.id === label.id);
  if (most === null || same.length === 0) return [];
  const lately = standing(facts.records).filter(
    (record) =>
      record.label.id === label.id &&
      overlaps(facts, record.ground?.name, record.doneOn) &&
      inYearOf(record.doneOn, dayOfWork(facts), 'rolling'),
  ).length;
  const all = lately + 1 + same.length;
  if (all <= most) return [];
  return [
    {
      ...{ code: 'course-too-many', rank: 'halt', stop: 'choose', settledBy: 'change' },
      clause: label.clauses.yearly ?? null,
      facts: { all, most, letters: same.map(({ letter }) => letter).join(', ') },
    },
  ];
}
