import type { Plain } from '../core/case';
import type { Quantity } from '../core/units';
import type { Show } from './show';

/** Any kept value in a few words, for telling two of them apart. */
export function plainText(value: Plain, show: Show): string {
  if (value === null || value === '') return 'empty';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return show.numberText(value);
  if (typeof value === 'string') return value;
  if (Array.isArray(value)) return value.map((entry) => plainText(entry as Plain, show)).join(', ');
  if ('value' in value && 'unit' in value) return show.quantityText(value as unknown as Quantity);
  return Object.entries(value)
    .map(([key, child]) => `${key} ${plainText(child, show)}`)
    .join(', ');
}
