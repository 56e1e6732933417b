import {
  cautionOf,
  type CardInUse,
  type Caution,
  type CautionCode,
  type FactsOf,
  type LabelCard,
} from '../labels';
import { standing, type ApplicationRecord } from '../record';
import { daysBetween, type CalendarDay } from '../units';

/** A repellent residue keeps insects from a bait for so long where the label says nothing shorter. */
const RESIDUE_DAYS = 60;
/** Soil insecticide harms nematodes that follow it within so many days. */
const SOIL_DAYS = 14;
const SPLIT_BY_REPELLENTS: ReadonlySet<string> = new Set(['pharaoh-ant', 'ghost-ant']);
const IN_A_ROW = 2;
const SOIL_FAMILIES: ReadonlySet<string> = new Set(['residual', 'systemic', 'soil-drench']);

/** A repellent, and any dust or residual spray: on it or beside it a bait is not eaten. */
const keepsFromBait = (card: LabelCard): boolean =>
  card.repellent || card.family === 'dust' || card.family === 'residual';

export interface Past {
  readonly record: ApplicationRecord;
  readonly label: LabelCard;
  /** Days before the day of the work. */
  readonly ago: number;
}

/** What went down at the property, the latest first, with the cards that are known. */
export function pastOf(
  records: readonly ApplicationRecord[],
  cards: ReadonlyMap<string, LabelCard>,
  today: CalendarDay,
): Past[] {
  return standing(records)
    .flatMap((record) => {
      const label = cards.get(record.label.id);
      const ago = daysBetween(record.doneOn, today);
      return label && ago >= 0 ? [{ record, label, ago }] : [];
    })
    .sort((a, b) => a.ago - b.ago);
}

/**
 * What went down at the property before, against what is to follow: a bait after a repellent or a repellent after a
 * bait, the living after a soil insecticide, one mode of action a third time in a row; and repellents against ants whose
 * nests they split.
 */
export function beforeCautions(card: CardInUse, pest: string, past: readonly Past[]): Caution[] {
  const found: Caution[] = [];
  const make = <Code extends CautionCode>(
    code: Code,
    rank: Caution['rank'],
    settledBy: Caution['settledBy'],
    facts: FactsOf<Code>,
  ): void => {
    const clause = code === 'same-group-again' ? null : (card.clauses.compatibility ?? null);
    found.push(cautionOf(code, rank, 'choose', settledBy, facts, clause));
  };
  if (card.repellent && SPLIT_BY_REPELLENTS.has(pest))
    make('splits-the-colony', 'halt', 'change', { label: card.name });
  if (past.length === 0) return found;
  const residue = past.find((p) => keepsFromBait(p.label) && p.ago <= RESIDUE_DAYS);
  if (card.family === 'bait' && residue)
    make('bait-on-repellent', 'care', 'tick', { other: residue.label.name, last: residue.record.doneOn });
  const bait = past.find((p) => p.label.family === 'bait' && p.ago <= RESIDUE_DAYS);
  if (keepsFromBait(card) && bait)
    make('repellent-on-bait', 'care', 'tick', { other: bait.label.name, last: bait.record.doneOn });
  const soil = past.find(
    (p) =>
      SOIL_FAMILIES.has(p.label.family) &&
      p.label.uses.some((use) => use.sites.includes('turf')) &&
      p.ago <= SOIL_DAYS,
  );
  if (card.form === 'nematodes' && soil)
    make('living-after-insecticide', 'care', 'tick', { other: soil.label.name, last: soil.record.doneOn });
  const groups = groupsOf(card);
  const same = past
    .filter((p) => p.record.pest === pest)
    .slice(0, IN_A_ROW)
    .filter((p) => groupsOf(p.label).some((group) => groups.includes(group)));
  if (same.length === IN_A_ROW)
    make('same-group-again', 'care', 'tick', { group: groups.join(', '), times: IN_A_ROW });
  return found;
}

const groupsOf = ({ actives }: LabelCard): string[] =>
  actives.flatMap(({ group }) => (group === null ? [] : [group]));
