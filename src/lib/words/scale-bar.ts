import { valueIn } from '../core/units';

/** A scale bar of a round length in `unit` of about a fifth of the picture; in metres. */
export function barLength(widthM: number, unit: 'm' | 'ft' = 'm'): number {
  const perUnit = valueIn({ value: 1, unit }, 'm');
  const about = widthM / perUnit / 5;
  const ten = 10 ** Math.floor(Math.log10(about));
  return ([5, 2, 1].find((step) => step * ten <= about) ?? 1) * ten * perUnit;
}
