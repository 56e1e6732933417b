import { isIndoors, type Surrounding } from '../identify';
import type { CardInUse, Caution, ClauseFacts, LabelCard, LabelUse, MoreKey } from '../labels';
import type { PremisesFact } from '../premises';
import type { Ground } from '../ground';
import { addDays, inBase, type CalendarDay } from '../units';
import { Collector } from './collect';

/** Where, when and among whom a label is to be used. */
export interface ClauseSituation {
  readonly label: CardInUse;
  /** It is used on something that stings in defence of its nest. */
  readonly stinging: boolean;
  readonly surrounding: Surrounding;
  /** The day of the work, and the hour of it by the clock of the place, 0 to 23; null where none was chosen. */
  readonly day: CalendarDay;
  readonly hourOfDay: number | null;
  readonly lawn: Pick<Ground, 'area'> | null;
  /** Open water borders the place, or is drawn on its plan. */
  readonly byWater: boolean;
  readonly flowering: boolean;
  readonly fact: (fact: PremisesFact) => 'yes' | 'no' | 'unknown';
}

export type Field =
  | `card.${Exclude<keyof LabelCard, 'uses' | 'more'>}`
  | `use.${Exclude<keyof LabelUse, 'more'>}`
  | `more.${MoreKey}`;
type Raise = (s: ClauseSituation, found: Collector) => void;

const OUTDOOR_GROUND: ReadonlySet<Surrounding> = new Set(['lawn', 'bed', 'ground', 'wall', 'tree']);
const FOOD_ROOMS: ReadonlySet<Surrounding> = new Set(['kitchen', 'store']);
const PLANTED: ReadonlySet<Surrounding> = new Set(['bed', 'tree']);
const HIGH: ReadonlySet<Surrounding> = new Set(['wall', 'tree', 'loft', 'room', 'cellar']);
const OPEN_BAITS: ReadonlySet<string> = new Set(['gel', 'bait-granule', 'station']);
/** What is enclosed, hung up or laid over the ground reaches no plant. */
const ENCLOSED: ReadonlySet<string> = new Set(['gel', 'station', 'trap', 'sheet']);
/** What hangs in the air for a while, or is dust in it. */
const IN_THE_AIR: ReadonlySet<string> = new Set(['spray', 'fog', 'film', 'jet', 'crevice', 'spot', 'band']);
const BROAD: ReadonlySet<string> = new Set(['spread', 'spray', 'fog']);
/** From mid-morning until evening bees fly. */
const BEES_FLY = [9, 18] as const;
const EVENING = 18;

const outdoors = (s: ClauseSituation): boolean => !isIndoors(s.surrounding);
/** Group 3A of the resistance committee: pyrethroids and pyrethrins, which cats cannot break down and fish die of. */
const isPyrethroid = ({ actives }: LabelCard): boolean =>
  actives.some(({ group }) => /^3A?$/i.test(group ?? ''));
const harmsFish = ({ clauses, use, ...card }: CardInUse): boolean =>
  clauses.aquatic !== undefined || use.waterBufferM !== null || isPyrethroid({ clauses, ...card });

/** Raises where a fact of the place is so, and asks for it where nobody knows. */
function where(s: ClauseSituation, found: Collector, fact: PremisesFact, then: () => void): void {
  const known = s.fact(fact);
  if (known === 'yes') then();
  if (known === 'unknown') found.ask(fact);
}

const more =
  (key: MoreKey, raises: (value: string | number | boolean, s: ClauseSituation, found: Collector) => void) =>
  (s: ClauseSituation, found: Collector): void => {
    const value = s.label.use.more?.[key] ?? s.label.more?.[key];
    if (value !== undefined && value !== false && value !== '') raises(value, s, found);
  };

/**
 * What a field of a card raises, and where: all that stands on the card reaches the hand. The fields that raise nothing here
 * have their reason in `without-effect.ts`; together they are every field.
 */
export const RAISES = {
  'card.family':
    // What kills fungi or worms kills these too, and no record of ours knows what a green-keeper or gardener put down.
    ({ label }, found) => {
      if (label.form === 'nematodes') found.care('fungicide', 'choose', 'compatibility');
    },
  'card.actives':
    // Cats and pyrethroids: on wet ground, in the air, in dust.
    (s, found) => {
      if (isPyrethroid(s.label) && !ENCLOSED.has(s.label.form))
        where(s, found, 'cats', () => found.care('cats', 'place', 'reEntry'));
    },
  'card.clauses': (s, found) => {
    const { label } = s;
    if (harmsFish(label) && !ENCLOSED.has(label.form)) {
      if (outdoors(s)) {
        where(s, found, 'fish', () => found.care('pond', 'place', 'aquatic'));
        if (label.use.carrier) where(s, found, 'drains', () => found.care('drains', 'place', 'aquatic'));
      } else if (IN_THE_AIR.has(label.use.method))
        where(s, found, 'fish', () => found.halt('fish', 'aquatic'));
    }
    if ((label.use.notOnBloom || label.clauses.pollinators) && outdoors(s))
      where(s, found, 'bees', () => found.care('bees', 'place', 'pollinators'));
  },
  'card.flammable': (s, found) => {
    if (s.label.flammable) flames(s, found, '');
  },

  'use.method': (s, found) => {
    const { label } = s;
    if (!outdoors(s) && (IN_THE_AIR.has(label.use.method) || label.form === 'aerosol')) {
      const hours = label.use.reEntryHours ?? 0;
      const who = (['infants', 'pregnancy', 'asthma'] as const).filter((fact) => s.fact(fact) === 'yes');
      for (const fact of ['infants', 'pregnancy', 'asthma'] as const)
        if (s.fact(fact) === 'unknown') found.ask(fact);
      if (who.length > 0) found.care('breathe', 'place', 'reEntry', { who: who.join(','), hours });
      where(s, found, 'birds', () => found.halt('birds', 'reEntry'));
    }
    if (OPEN_BAITS.has(label.form)) {
      const who = (['infants', 'cats', 'dogs'] as const).filter((fact) => s.fact(fact) === 'yes');
      for (const fact of ['infants', 'cats', 'dogs'] as const)
        if (s.fact(fact) === 'unknown') found.ask(fact);
      if (who.length > 0) found.care('baitReach', 'place', null, { who: who.join(',') });
    }
    if (s.stinging) where(s, found, 'stingAllergy', () => found.halt('stings', null));
  },
  'use.hardGround': ({ label: { use, form }, surrounding }, found) => {
    if (!OUTDOOR_GROUND.has(surrounding) || ENCLOSED.has(form)) return;
    if (use.hardGround === 'no') found.care('hardGround', 'place', 'hardGround');
    if (use.hardGround === 'spots') found.care('hardGroundSpots', 'place', 'hardGround');
  },
  'use.wallAboveHard': ({ label: { use, form }, surrounding }, found) => {
    if (surrounding === 'wall' && !ENCLOSED.has(form) && use.wallAboveHard === 'no')
      found.care('wallAboveHard', 'place', 'hardGround');
  },
  'use.maxHeightM': ({ label: { use }, surrounding }, found) => {
    if (use.maxHeightM !== null && HIGH.has(surrounding))
      found.care('height', 'place', 'height', { metres: use.maxHeightM });
  },
  'use.edibles': (s, found) => {
    const { use, form } = s.label;
    if (!OUTDOOR_GROUND.has(s.surrounding) || ENCLOSED.has(form) || use.edibles === 'yes') return;
    where(s, found, 'edibles', () => {
      if (!PLANTED.has(s.surrounding)) found.care('ediblesNear', 'place', 'edibles');
      else found.halt(use.edibles === 'no' ? 'edibles' : 'ediblesNotStated', 'edibles');
    });
  },
  'use.preHarvestDays': (s, found) => {
    const { use } = s.label;
    const days = use.preHarvestDays;
    if (days === null || days === 0 || !OUTDOOR_GROUND.has(s.surrounding)) return;
    where(s, found, 'edibles', () =>
      found.care('preHarvest', 'place', 'preHarvest', { days, until: addDays(s.day, days) }),
    );
  },
  'use.foodAreas': ({ label: { use }, surrounding }, found) => {
    if (use.foodAreas === 'crevices' && FOOD_ROOMS.has(surrounding))
      found.care('cracksOnly', 'place', 'food');
  },
  'use.notOnFoodContact': ({ label: { use }, surrounding }, found) => {
    if (use.notOnFoodContact && FOOD_ROOMS.has(surrounding)) found.care('foodContact', 'place', 'food');
  },
  'use.keepFromLive': (s, found) => {
    if (s.label.use.keepFromLive && (!outdoors(s) || s.surrounding === 'wall'))
      where(s, found, 'liveWires', () => found.halt('liveWires', 'electric'));
  },
  'use.notOnBloom': (s, found) => {
    // What flowered when somebody looked is a Halt of its own; what opened since is seen only by looking again.
    if (s.label.use.notOnBloom && OUTDOOR_GROUND.has(s.surrounding) && !s.flowering)
      found.care('bloomNow', 'place', 'bloom', { where: s.surrounding });
  },
  'use.reEntry': (s, found) => {
    const { use } = s.label;
    if (use.reEntry === 'none') return;
    if (outdoors(s)) where(s, found, 'playArea', () => found.care('playArea', 'place', 'reEntry'));
    if (s.fact('tenants') === 'yes') found.care('tenants', 'place', 'posting');
    if (s.fact('school') === 'yes') found.care('school', 'place', 'posting');
  },

  // Taken over from How much: nobody copied what the label lets be done, where, and by whom.
  'more.figuresOnly': more('figuresOnly', (_v, _s, f) => f.halt('figuresOnly', null)),
  'more.notAPesticide': more('notAPesticide', (_v, _s, f) => f.tell('notAPesticide', 'log', null)),
  'more.wearToMix': more('wearToMix', (text, _s, f) => f.care('wearToMix', 'mix', 'ppe', told(text))),
  'more.wearToApply': more('wearToApply', (text, _s, f) => f.care('wearToApply', 'place', 'ppe', told(text))),
  'more.respirator': more('respirator', (text, _s, f) => f.care('respirator', 'mix', 'ppe', told(text))),
  'more.agitation': more('agitation', (text, _s, f) => f.tell('agitation', 'mix', 'mix', told(text))),
  'more.ignition': more('ignition', (text, s, f) => {
    if (!s.label.flammable) flames(s, f, String(text));
  }),
  'more.resistanceGenerations': more('resistanceGenerations', (n, _s, f) =>
    f.tell('generations', 'choose', null, told(n)),
  ),
  'more.instruction': more('instruction', (text, _s, f) => f.tell('instruction', 'place', null, told(text))),
  'more.nozzle': more('nozzle', (text, _s, f) => f.tell('nozzle', 'place', null, told(text))),
  'more.crackOnly': more('crackOnly', (_v, s, f) =>
    BROAD.has(s.label.use.method) ? f.forbid('broadcast', 'rate') : f.care('cracksOnly', 'place', 'rate'),
  ),
  'more.noBroadcast': more('noBroadcast', (_v, s, f) =>
    BROAD.has(s.label.use.method) ? f.forbid('broadcast', 'rate') : f.care('noBroadcast', 'place', 'rate'),
  ),
  'more.stationsClosed': more('stationsClosed', (_v, _s, f) => f.care('stationsClosed', 'place', null)),
  'more.baitPerStation': more('baitPerStation', (grams, _s, f) =>
    f.tell('baitPerStation', 'place', 'rate', told(grams)),
  ),
  'more.mostGroundPerDayM2': more('mostGroundPerDayM2', (most, { lawn }, f) => {
    if (lawn && inBase(lawn.area) > Number(most))
      f.forbid('groundPerDay', 'yearly', { most: Number(most), is: inBase(lawn.area) });
  }),
  'more.mostPerHouse': more('mostPerHouse', (text, _s, f) => f.care('perHouse', 'mix', 'yearly', told(text))),
  'more.neverWaterIn': more('neverWaterIn', (_v, _s, f) => f.care('dry', 'when', 'watering')),
  'more.workerReEntryHours': more('workerReEntryHours', (hours, _s, f) =>
    f.care('workers', 'place', 'reEntry', told(hours)),
  ),
  'more.airingHours': more('airingHours', (hours, s, f) => {
    if (!outdoors(s)) f.care('airing', 'place', 'reEntry', told(hours));
  }),
  'more.untilSettled': more('untilSettled', (_v, _s, f) => f.care('settled', 'place', 'reEntry')),
  'more.grazingDays': more('grazingDays', (days, s, f) => {
    if (outdoors(s))
      f.tell('grazing', 'place', null, { days: Number(days), until: addDays(s.day, Number(days)) });
  }),
  'more.plantBackDays': more('plantBackDays', (days, s, f) => {
    if (outdoors(s))
      f.tell('plantBack', 'place', null, { days: Number(days), until: addDays(s.day, Number(days)) });
  }),
  'more.keepClippings': more('keepClippings', (_v, s, f) => {
    if (s.surrounding === 'lawn') f.care('clippings', 'place', null);
  }),
  'more.vegetatedStripM': more('vegetatedStripM', (metres, s, f) => {
    if (s.byWater) f.halt('vegetatedStrip', 'buffer', { metres: Number(metres) });
  }),
  'more.wellM': more('wellM', (metres, s, f) => {
    if (outdoors(s)) where(s, f, 'wells', () => f.halt('well', 'buffer', { metres: Number(metres) }));
  }),
  'more.notOnSaturated': more('notOnSaturated', (_v, s, f) => {
    if (outdoors(s)) f.care('saturated', 'when', 'soil');
  }),
  'more.protectedSpecies': more('protectedSpecies', (text, s, f) => {
    if (outdoors(s)) f.care('species', 'place', null, told(text));
  }),
  'more.notInAirDucts': more('notInAirDucts', (_v, s, f) => {
    if (!outdoors(s)) where(s, f, 'airDucts', () => f.care('airDucts', 'place', null));
  }),
  'more.notInElectricPanels': more('notInElectricPanels', (_v, s, f) => {
    if (!outdoors(s)) f.care('panels', 'place', 'electric');
  }),
  'more.pollinatorHours': more('pollinatorHours', (when, s, f) => {
    if (!outdoors(s) || when === 'days-before-bloom') return;
    const hour = s.hourOfDay;
    const flying = hour !== null && hour >= BEES_FLY[0] && hour < BEES_FLY[1];
    if (hour !== null && (when === 'evening' ? hour < EVENING : flying))
      f.forbid('pollinatorHours', 'pollinators', { when: String(when), hour });
    else f.care('pollinatorDay', 'when', 'pollinators', { when: String(when) });
  }),
  'more.daysBeforeBloom': more('daysBeforeBloom', (days, s, f) => {
    if (outdoors(s)) f.care('beforeBloom', 'when', 'pollinators', { days: Number(days) });
  }),
} satisfies Partial<Record<Field, Raise>>;

const told = (value: string | number | boolean): ClauseFacts => ({
  value: typeof value === 'boolean' ? 1 : value,
});

/** What burns, near what lights it. */
function flames(s: ClauseSituation, found: Collector, text: string): void {
  if (!outdoors(s) && s.fact('gasFlame') === 'yes') found.halt('flames', null, { text });
  else found.care('flames', 'place', null, { text });
  if (!outdoors(s) && s.fact('gasFlame') === 'unknown') found.ask('gasFlame');
}

/** What the clauses of a label raise here, and one Care for what of the place would have to be known for it. */
export function clauseCautions(situation: ClauseSituation): Caution[] {
  const found = new Collector(situation.label);
  for (const raises of Object.values(RAISES)) raises(situation, found);
  const asks = [...found.asks].sort();
  if (asks.length === 0) return found.found;
  return [
    ...found.found,
    {
      ...({ code: 'not-asked', rank: 'care', stop: 'choose', settledBy: 'tick', clause: null } as const),
      // A tick for one question is none for another.
      facts: { about: asks.join('+') },
    },
  ];
}
