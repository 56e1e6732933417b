import type { StockReason, StockState } from '../core/choose';
import type { ClauseKey, Method, Site } from '../core/labels';

export const SITE_WORDS: Record<Site, string> = {
  turf: 'turf',
  mound: 'mounds of ants',
  bed: 'beds and borders',
  edible: 'beds of food plants',
  trees: 'trees and shrubs',
  ground: 'bare and hard ground',
  foundation: 'foundation, outside walls',
  nest: 'nests outdoors',
  water: 'still water',
  indoors: 'indoors, cracks and edges',
  'food-area': 'rooms where food is kept or made',
  drain: 'drains',
  textiles: 'carpets, textiles, mattresses',
  void: 'voids in walls and roofs',
};

export const METHOD_WORDS: Record<Method, string> = {
  spread: 'spread',
  spray: 'sprayed over the area',
  band: 'sprayed as a band',
  crevice: 'into cracks and crevices',
  spot: 'on spots',
  drops: 'as drops',
  stations: 'in stations',
  scatter: 'scattered',
  film: 'as a thin film',
  jet: 'as a jet from a distance',
  drench: 'poured as a drench',
  'soil-mix': 'mixed into soil taken out and put back',
  pour: 'poured in',
  cover: 'laid over',
  hang: 'hung or stood up',
  fog: 'into the air of a room',
};

export const STOCK_REASON_WORDS: Record<StockReason, string> = {
  counted: 'counted: so much is left',
  spill: 'spilled',
  used: 'used without a record',
  given: 'given away',
  disposed: 'taken to disposal',
};

export const STOCK_STATE_WORDS: Record<StockState, string> = {
  empty: 'empty',
  expired: 'expired',
  expiring: 'use soon',
  low: 'low',
  good: '',
};

export const CLAUSE_WORDS: Record<ClauseKey, string> = {
  pests: 'Pests',
  sites: 'Places',
  excluded: 'Not to be used on',
  rate: 'Rate',
  mix: 'Mixing',
  season: 'Season',
  interval: 'Interval',
  yearly: 'Most in a year',
  watering: 'Watering in',
  weather: 'Wind, rain and temperature',
  soil: 'Soil',
  buffer: 'From open water',
  hardGround: 'Hard ground and walls',
  height: 'Height',
  edibles: 'Food plants',
  food: 'Food and kitchens',
  electric: 'Electricity and fire',
  bloom: 'Flowering plants',
  pollinators: 'Bees',
  aquatic: 'Fish and water life',
  reEntry: 'People and pets',
  posting: 'Notices',
  preHarvest: 'Before harvest',
  ppe: 'To wear',
  firstAid: 'First aid',
  filter: 'Filters',
  compatibility: 'Mixing with others',
  storage: 'Storage',
  disposal: 'Rinsing and disposal',
  licence: 'Licence',
  allowed: 'Where allowed',
};
