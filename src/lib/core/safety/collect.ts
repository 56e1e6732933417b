import {
  cautionOf,
  type CardInUse,
  type Caution,
  type CautionRank,
  type ClauseFacts,
  type ClauseKey,
  type Stop,
} from '../labels';
import type { PremisesFact } from '../premises';

/** What a clause asks for, or a fact about the people of the place, beside what the label is called after in the words. */
export const ASKS = [
  ...([
    'figuresOnly',
    'liveWires',
    'flames',
    'foodContact',
    'cracksOnly',
    'edibles',
    'ediblesNotStated',
  ] as const),
  ...(['ediblesNear', 'preHarvest', 'height', 'hardGround', 'hardGroundSpots', 'wallAboveHard'] as const),
  ...([
    'fish',
    'pond',
    'breathe',
    'baitReach',
    'cats',
    'birds',
    'bees',
    'stings',
    'tenants',
    'school',
  ] as const),
  ...(['playArea', 'drains', 'airDucts', 'panels', 'well', 'vegetatedStrip', 'saturated'] as const),
  ...(['species', 'broadcast', 'noBroadcast', 'stationsClosed', 'groundPerDay', 'perHouse'] as const),
  ...(['dry', 'workers', 'airing', 'settled', 'clippings', 'pollinatorHours', 'pollinatorDay'] as const),
  ...(['bloomNow', 'beforeBloom', 'wearToMix', 'wearToApply', 'respirator', 'fungicide'] as const),
] as const;
export type Ask = (typeof ASKS)[number];

/** What a clause only tells, where the hand is. */
export const TELLS = [
  ...(['instruction', 'agitation', 'baitPerStation', 'grazing', 'plantBack', 'notAPesticide'] as const),
  ...(['generations', 'nozzle'] as const),
] as const;
export type Tell = (typeof TELLS)[number];

/** Gathers what the clauses of one label raise in one situation, and which facts of the place they would need. */
export class Collector {
  readonly found: Caution[] = [];
  readonly asks = new Set<PremisesFact>();
  readonly #label: CardInUse;

  constructor(label: CardInUse) {
    this.#label = label;
  }

  #add(
    code: 'label-asks' | 'label-tells',
    rank: CautionRank,
    stop: Stop,
    settledBy: Caution['settledBy'],
    at: ClauseKey | null,
    facts: ClauseFacts & { readonly about: string },
  ): void {
    const clause = (at && this.#label.clauses[at]) ?? null;
    const told = { label: this.#label.name, ...facts };
    this.found.push(cautionOf(code, rank, stop, settledBy, told, clause));
  }

  /** An act without which nothing is measured out. */
  halt(ask: Ask, at: ClauseKey | null, facts: ClauseFacts = {}): void {
    this.#add('label-asks', 'halt', 'mix', 'tick', at, { ...facts, about: ask });
  }

  /** A plan that has to change. */
  forbid(ask: Ask, at: ClauseKey | null, facts: ClauseFacts = {}): void {
    this.#add('label-asks', 'halt', 'mix', 'change', at, { ...facts, about: ask });
  }

  /** An act, ticked with name and time. */
  care(ask: Ask, stop: Stop, at: ClauseKey | null, facts: ClauseFacts = {}): void {
    this.#add('label-asks', 'care', stop, 'tick', at, { ...facts, about: ask });
  }

  tell(tell: Tell, stop: Stop, at: ClauseKey | null, facts: ClauseFacts = {}): void {
    this.#add('label-tells', 'note', stop, 'change', at, { ...facts, about: tell });
  }

  /** A fact that bears on this label here, and that nobody was asked for lately. */
  ask(fact: PremisesFact): void {
    this.asks.add(fact);
  }
}
