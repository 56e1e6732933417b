import { entryText, valueIn, writeNumber, type NumberManner, type System, type Unit } from '../core/units';

/** Metric measures that stand in running text, and what people of other systems say for them. */
const SAID_IN: Readonly<Record<System, Readonly<Record<string, Unit>>>> = {
  metric: {},
  uk: {},
  us: {
    ...{ mm: 'in', cm: 'in', m: 'ft', km: 'mi', 'm²': 'ft2', ml: 'floz', l: 'gal', g: 'oz', kg: 'lb' },
    '°C': 'F',
  },
};
const WRITTEN: Readonly<Record<string, Unit>> = {
  ...{ mm: 'mm', cm: 'cm', m: 'm', km: 'km', 'm²': 'm2', ml: 'ml', l: 'l', g: 'g', kg: 'kg', '°C': 'C' },
};
const SHOWN: Partial<Record<Unit, string>> = { floz: 'fl oz', ft2: 'ft²', F: '°F' };

/** "8 cm", "10 to 15 m", "10 × 10 cm", "0.5 mm": at most three numbers before a unit; numbers of up to seven signs. */
const MEASURE =
  /(\d[\d.]{0,6})(?:( to | × |–)(\d[\d.]{0,6}))? (mm|cm|m²|ml|kg|km|°C|m|l|g)(?![\p{L}\p{N}²³/])/gu;
/** A number with decimals that stands alone; clause numbers and versions have a second point or a word before them. */
const DECIMAL = /(?<![\d.,])(\d{1,6})\.(\d{1,4})(?![\d.])/g;

/** A figure as somebody says it: halves of an inch, whole feet, tens of hundreds. */
function handy(value: number, unit: Unit): number {
  if (unit === 'F') return Math.round(value);
  if (value < 1) return Math.max(0.1, Math.round(value * 10) / 10);
  if (value < 10) return Math.round(value * 2) / 2;
  if (value < 100) return Math.round(value);
  return Number(value.toPrecision(2));
}

/**
 * Running text with its measures in the system of whoever reads it, rounded as people say them, and its decimals with
 * their mark. Text is written in metric.
 *
 * @example proseText('Cut 8 cm deep', 'us', '1,234.5') // 'Cut 3 in deep'
 */
export function proseText(text: string, system: System, numbers: NumberManner): string {
  const in_ = SAID_IN[system];
  const turned = text.replace(
    MEASURE,
    (whole, first: string, between: string | undefined, second: string | undefined, unit: string) => {
      const [to, from] = [in_[unit], WRITTEN[unit]];
      if (to === undefined || from === undefined) return whole;
      const say = (figure: string): string =>
        entryText(handy(valueIn({ value: Number(figure), unit: from }, to), to), '1,234.5');
      return `${say(first)}${between === undefined ? '' : `${between}${say(second ?? '')}`} ${SHOWN[to] ?? to}`;
    },
  );
  return numbers === '1,234.5'
    ? turned
    : turned.replace(DECIMAL, (_, whole: string, part: string) => `${whole},${part}`);
}

/** Kitchen and tank measures that are marked in halves, quarters and eighths. */
const IN_EIGHTHS: ReadonlySet<Unit> = new Set<Unit>([
  ...(['gal', 'gal_uk', 'quart', 'pint', 'pint_uk', 'cup', 'tbsp', 'tsp', 'in', 'lb'] as const),
]);
const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

/** A number on a mark: "1 1/2" where the unit is marked in eighths, decimals otherwise. */
export function markedNumber(value: number, unit: Unit, numbers: NumberManner): string {
  const eighths = Math.round(value * 8);
  if (!IN_EIGHTHS.has(unit) || Math.abs(value * 8 - eighths) > 1e-6) return writeNumber(value, numbers, 3);
  const [whole, part] = [Math.floor(eighths / 8), EIGHTHS[eighths % 8] ?? ''];
  if (part === '') return writeNumber(whole, numbers, 0);
  return whole === 0 ? part : `${writeNumber(whole, numbers, 0)} ${part}`;
}
