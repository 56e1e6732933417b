import type { TankBefore } from '../core/case';

export const TANK_BEFORE_WORDS: Readonly<Record<TankBefore, string>> = {
  clean: 'nothing, or it was cleaned since',
  same: 'this same product',
  other: 'another insecticide or a feed',
  herbicide: 'weed killer',
};
