import type { CardInUse, Caution, Family } from '../labels';

/** What the people of a place ask for; each changes the ranking, none of them the label. */
export const WISHES = [
  ...(['children', 'pets', 'bees', 'water', 'edibles', 'no-synthetics', 'no-licence'] as const),
] as const;
export type Wish = (typeof WISHES)[number];

export interface Wishes {
  readonly are: ReadonlySet<Wish>;
  /** What the treatment may cost in all, in the workspace's money; null: no limit. */
  readonly budget: number | null;
}

export const NO_WISHES: Wishes = { are: new Set(), budget: null };

export type WishPoint = `wish-${Wish}` | 'wish-budget';

/** Put down where hands and paws come, wet or loose. */
const EXPOSED: ReadonlySet<Family> = new Set(['residual', 'soil-drench', 'dust', 'systemic']);
const NATURAL: ReadonlySet<Family> = new Set(['culture', 'physical', 'living']);
/** Groups of the resistance committee that are minerals: what abrades and dries out, and borates. */
const MINERAL: ReadonlySet<string> = new Set(['UNM', '8D']);
/** Ferric phosphate carries no group: it is no insecticide. */
const isMineral = ({ actives }: CardInUse): boolean =>
  actives.length > 0 &&
  actives.every(({ name, group }) => MINERAL.has(group ?? '') || /^(ferric|iron) phosphate/i.test(name));

/** Points that the wishes of a place take off a card, or give it. */
export function wishPoints(
  card: CardInUse,
  { are, budget }: Wishes,
  cost: number | null,
): { readonly because: WishPoint; readonly points: number }[] {
  const { use, family, form } = card;
  const found: { because: WishPoint; points: number }[] = [];
  const add = (wish: Wish, points: number): void => {
    if (are.has(wish) && points !== 0) found.push({ because: `wish-${wish}`, points });
  };
  const hours = use.reEntry === 'hours' ? 10 : 0;
  const enclosed = form === 'station' || form === 'gel' || form === 'trap' ? 5 : 0;
  add('children', EXPOSED.has(family) ? -15 - hours : enclosed);
  add('pets', EXPOSED.has(family) ? -15 - hours : form === 'bait-granule' ? -10 : enclosed);
  add('bees', use.notOnBloom || card.clauses.pollinators ? -20 : 0);
  add('water', use.waterBufferM !== null || card.clauses.aquatic ? -20 : 0);
  add('edibles', use.edibles === 'yes' ? 10 : NATURAL.has(family) ? 0 : -20);
  add('no-synthetics', NATURAL.has(family) ? 10 : isMineral(card) ? 0 : -50);
  add('no-licence', card.licenceNeeded === true ? -50 : 0);
  if (budget !== null && cost !== null && cost > budget) found.push({ because: 'wish-budget', points: -25 });
  return found;
}

/** What the wishes make impossible: food grows here, and the label keeps off it. */
export function wishHalts(card: CardInUse, { are }: Wishes): Caution[] {
  return are.has('edibles') && card.use.edibles === 'no'
    ? [
        {
          code: 'food-plants-here',
          rank: 'halt',
          stop: 'choose',
          settledBy: 'change',
          clause: card.clauses.edibles ?? null,
          facts: { label: card.name },
        },
      ]
    : [];
}
