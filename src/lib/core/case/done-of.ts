import type { Ground } from '../ground';
import type { Measured } from '../method';
import { quantity, valueIn, type Quantity } from '../units';

/**
 * What of a ground is written down as done, by what its label reckons by: its places, the length of its edges, its volume, or
 * its area; the area where the ground was not measured so.
 */
export function doneOf({ area, counted }: Ground, measured: Measured | null): Quantity {
  const feet = area.unit === 'ft2';
  const told = (value: number, unit: 'm' | 'm3', as: 'm' | 'ft' | 'l' | 'gal'): Quantity =>
    quantity(valueIn({ value, unit }, as), as);
  const { places, edgeM, volumeM3 } = counted;
  if (places > 0 && (measured === 'places' || measured === 'instruction')) return quantity(places, 'count');
  if (edgeM > 0 && (measured === 'edge' || area.value === 0)) return told(edgeM, 'm', feet ? 'ft' : 'm');
  if (volumeM3 > 0 && (measured === 'volume' || area.value === 0))
    return told(volumeM3, 'm3', feet ? 'gal' : 'l');
  return area.value === 0 && places > 0 ? quantity(places, 'count') : area;
}
