import type { Surrounding } from '../identify';
import type { Quantity } from '../units';
import type { CardInUse, LabelCard, LabelUse, Site, UseInHand } from './label';

const SITES_OF: Readonly<Record<Surrounding, readonly Site[]>> = {
  lawn: ['turf', 'mound', 'nest'],
  bed: ['bed', 'edible', 'nest'],
  ground: ['ground', 'mound', 'nest'],
  wall: ['foundation', 'nest'],
  tree: ['trees', 'nest'],
  water: ['water'],
  kitchen: ['food-area', 'indoors', 'drain'],
  store: ['food-area', 'indoors'],
  bath: ['indoors', 'drain'],
  room: ['indoors', 'textiles'],
  bedroom: ['indoors', 'textiles'],
  cellar: ['indoors', 'void'],
  loft: ['void', 'indoors', 'nest'],
};

/** The sites of labels that a place of a case is. */
export const sitesOf = (surrounding: Surrounding): readonly Site[] => SITES_OF[surrounding];

export const fitsSite = (use: LabelUse, surrounding: Surrounding): boolean =>
  use.sites.some((site) => SITES_OF[surrounding].includes(site));

/** Whom, and where, a use is looked for. */
export interface Wanted {
  readonly pest: string | null;
  readonly stage: string | null;
  readonly surrounding: Surrounding;
  /** How bad it is, where the label has a rate for it; null for its general rate. */
  readonly severity?: string | null;
  /** What one drop of the tool in hand weighs, in mg; null where it was never weighed. */
  readonly dropMg?: number | null;
}

/**
 * The use of a card for a pest, stage and place: the site weighs most, then the pest, then the stage; the first of
 * several equal ones. Its rate is that of the step for this severity, stage or pest where the label has one; where only one end
 * of the rate is stated, the other is the same. A use without a rate in numbers is used by its instruction, where it has one.
 * null where no use states either.
 */
export function inHand(card: LabelCard, wanted: Wanted): CardInUse | null {
  const last = ASKED.get(card);
  if (last && sameWish(last.wanted, wanted)) return last.found;
  const found = lookFor(card, wanted);
  ASKED.set(card, { wanted, found });
  return found;
}

/** What was asked of a card last: while somebody types, the same is asked of thousands of cards with every key. */
const ASKED = new WeakMap<LabelCard, { readonly wanted: Wanted; readonly found: CardInUse | null }>();

const sameWish = (a: Wanted, b: Wanted): boolean =>
  a.pest === b.pest &&
  a.stage === b.stage &&
  a.surrounding === b.surrounding &&
  (a.severity ?? null) === (b.severity ?? null) &&
  (a.dropMg ?? null) === (b.dropMg ?? null);

function lookFor(card: LabelCard, wanted: Wanted): CardInUse | null {
  let best: { use: LabelUse; rate: UseInHand['rate']; fit: number } | null = null;
  for (const use of card.uses) {
    const fit = fitOf(use, wanted);
    if (best !== null && fit <= best.fit) continue;
    const rate = rateFor(use, wanted) ?? unrated(card, use);
    if (rate !== null) best = { use, rate, fit };
  }
  return best === null ? null : opened(card, best.use, best.rate, best.fit >= SITE);
}

/** Cards that were opened at one of their uses before: choosing asks for the same ones again with every key typed. */
const OPENED = new WeakMap<LabelCard, CardInUse[]>();

function opened(card: LabelCard, whole: LabelUse, rate: UseInHand['rate'], siteFits: boolean): CardInUse {
  const before = OPENED.get(card) ?? [];
  const same = before.find(
    ({ use, siteFits: fits }) =>
      fits === siteFits &&
      use.targets === whole.targets &&
      use.sites === whole.sites &&
      use.rate.per === rate.per &&
      use.rate.min === rate.min &&
      use.rate.max === rate.max,
  );
  if (same) return same;
  const severities = [
    ...new Set(
      whole.steps.flatMap((s) =>
        [s, ...(s.and ?? [])].flatMap(({ by, of }) => (by === 'severity' ? [of] : [])),
      ),
    ),
  ];
  // Objects of so many fields that are made by spreading get a layout each, and everything that reads thousands of them
  // is then twice as slow; assigned, they share one.
  const instruction = rate.max === 0 ? instructionOf(whole) : null;
  const use: UseInHand = Object.assign({}, whole, { rate, instruction, severities });
  const made: CardInUse = Object.assign({}, card, { use, siteFits });
  OPENED.set(card, [...before, made]);
  return made;
}

const [SITE, PEST, STAGE] = [4, 2, 1];

function fitOf(use: LabelUse, { pest, stage, surrounding }: Wanted): number {
  const target = use.targets.find((t) => t.pest === pest);
  return (
    (fitsSite(use, surrounding) ? SITE : 0) +
    (target ? PEST + (stage !== null && target.stages.includes(stage) ? STAGE : 0) : 0)
  );
}

const instructionOf = ({ more }: LabelUse): string | null =>
  typeof more?.instruction === 'string' && more.instruction !== '' ? more.instruction : null;

const EACH_PLACE: Quantity = { value: 1, unit: 'count' };

/** A use that states no rate in numbers and says how it is used: nothing of it is reckoned. */
const unrated = (card: LabelCard, use: LabelUse): UseInHand['rate'] | null =>
  (use.rate === null || (use.rate.min === null && use.rate.max === null)) && instructionOf(use) !== null
    ? { min: 0, max: 0, unit: card.container.size.unit, per: EACH_PLACE, basis: 'target' }
    : null;

const ORDER = ['severity', 'stage', 'pest', 'drop'] as const;
/** A drop that is a quarter off one size of the label is none of that size. */
const SAME_DROP = 0.25;

/** The size of drop on the label that the weighed one is, as the label's steps write it; null for none of them. */
function nearestDrop(steps: LabelUse['steps'], dropMg: number | null): string | null {
  if (dropMg === null) return null;
  const off = (of: string): number => Math.abs(Number(of) - dropMg) / Number(of);
  const [nearest] = steps
    .flatMap((s) => [s, ...(s.and ?? [])].flatMap(({ by, of }) => (by === 'drop' ? [of] : [])))
    .sort((a, b) => off(a) - off(b));
  return nearest !== undefined && off(nearest) <= SAME_DROP ? nearest : null;
}

function rateFor(
  { rate, steps }: LabelUse,
  { pest, stage, severity, dropMg }: Wanted,
): UseInHand['rate'] | null {
  if (rate === null) return null;
  const wanted = { severity: severity ?? null, stage, pest, drop: nearestDrop(steps, dropMg ?? null) };
  // The step that asks for most goes first, then severity before stage before pest.
  const step = steps
    .filter((s) => [s, ...(s.and ?? [])].every(({ by, of }) => wanted[by] === of))
    .sort(
      (a, b) => (b.and?.length ?? 0) - (a.and?.length ?? 0) || ORDER.indexOf(a.by) - ORDER.indexOf(b.by),
    )[0];
  const min = step?.min ?? rate.min ?? rate.max;
  const max = step?.max ?? rate.max ?? rate.min;
  return min === null || max === null || min > max ? null : { ...rate, min, max };
}
