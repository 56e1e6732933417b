import type { ClauseKey, LabelFigureKind } from '../core/labels';
import { unitNamed, type Unit } from '../core/units';
import { RATE_BASES } from './label-form';

/** A figure that a label's text states, as the fields of the label form take it. */
export interface LabelFigure {
  readonly what: LabelFigureKind;
  /** The sentence that it stands in, as it was pasted. */
  readonly sentence: string;
  /** What is written into the form, units before their numbers; of a use, by the names within the use. */
  readonly fields: readonly (readonly [name: string, value: string])[];
  readonly of: 'card' | 'use';
  /** The clause that the sentence is the label's own words for. */
  readonly clause: ClauseKey | null;
}
/** A label's leaflet is not longer; what is pasted beyond it is not read. */
export const LONGEST_LABEL_TEXT = 40_000;
const MOST_FIGURES = 60;
const LONGEST_SENTENCE = 600;

const N = String.raw`(\d{1,9}(?:[.,]\d{1,9})*(?: \d{1,3}\/\d{1,3})?[¼½¾⅓⅔⅛]?|\d{1,3}\/\d{1,3}|[¼½¾⅓⅔⅛])`;
const RANGE = String.raw`${N}(?: ?(?:to|-|–|—) ?${N})?`;
/** Longer names first: "fl oz" is no "fl". */
const PRODUCT = String.raw`(fl\.? ?oz\.?|fluid ounces?|teaspoons?|tsp|tablespoons?|tbsp|millilit(?:re|er)s?|ml|lit(?:re|er)s?|l|kilograms?|kg|grams?|g|pounds?|lbs?\.?|ounces?|oz\.?|million)`;
const GROUND = String.raw`(square feet|sq\.? ?ft\.?|ft2|ft²|square yards|sq\.? ?yd\.?|yd2|yd²|square met(?:re|er)s?|sq\.? ?m|m2|m²|acres?|hectares?|ha|linear feet|feet|ft|cubic feet|met(?:re|er)s|m)`;
const WATER = String.raw`(gallons?|gal\.?|lit(?:re|er)s?|l|quarts?|fl\.? ?oz\.?)`;
const WORDS = ['once', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const TIMES = String.raw`(\d{1,3}|once|one|twice|${WORDS.slice(1).join('|')})`;
const YEAR = String.raw`(?:per|a|in a|each|in any|in one|in) (?:calendar )?(?:year|season|12 months|twelve months)`;
const DAYS = String.raw`(days?|weeks?|months?)`;
const TEMP = String.raw`(-?\d{1,3}(?:[.,]\d{1,2})?) ?°? ?([CF])\b`;

const rx = (text: string): RegExp => new RegExp(text, 'i');

const UNIT_WORDS: Readonly<Record<string, Unit>> = {
  ...{ 'linear feet': 'ft', 'cubic feet': 'ft3', millilitre: 'ml', milliliter: 'ml', kilogram: 'kg' },
  ...{ gallon: 'gal', litre: 'l', liter: 'l', hectare: 'ha', metre: 'm', meter: 'm' },
};
/** The unit that a label prints; gallons are those of the workspace. */
function unitOf(word: string, uk: boolean): Unit | null {
  const plain = word.toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ').replace(/²/g, '2').trim();
  const single = plain.replace(/s$/, '');
  const spelled = plain.replace(/^fl ?oz$/, 'fl oz').replace(/^sq ?(ft|yd|m)$/, 'sq $1');
  const own = UNIT_WORDS[plain] ?? UNIT_WORDS[single];
  const found = own ?? unitNamed(spelled, 'g', ['mass', 'volume', 'area', 'length', 'things']);
  if (found === null || !uk) return found;
  return ({ gal: 'gal_uk', floz: 'floz_uk' } as Partial<Record<Unit, Unit>>)[found] ?? found;
}
const RATE_UNITS: readonly string[] = ['ml', 'l', 'floz', 'tsp', 'tbsp', 'g', 'kg', 'oz', 'lb', 'million'];
const MIXES: readonly string[] = ['l', 'ml', 'floz', 'quart', 'gal', 'gal_uk'];

const inDays = (number: string, word: string): string => {
  const times = /^week/i.test(word) ? 7 : /^month/i.test(word) ? 30 : 1;
  return String(Number(number) * times);
};
const asTimes = (word: string): string => {
  const at = WORDS.indexOf(word.toLowerCase());
  if (/^(one|once)$/i.test(word)) return '1';
  if (/^twice$/i.test(word)) return '2';
  return at > 0 ? String(at + 1) : word;
};

type Fields = LabelFigure['fields'];
interface Rule {
  readonly what: LabelFigureKind;
  readonly of: 'card' | 'use';
  readonly clause: ClauseKey | null;
  readonly pattern: RegExp;
  /** Sentences that it is not for. */
  readonly not?: RegExp;
  readonly fields: (found: readonly string[], uk: boolean) => Fields | null;
}

const STORED = /\b(?:store|stored|keep|storage)\b/i;
const SOIL = /\bsoil\b/i;

/** The cap of a year is read before the rate, whose shape it shares. */
const CAP = String.raw`(?:no more than|not more than|not exceed|at most|maximum of) ${N} ?${PRODUCT} (?:of (?:the )?product )?(?:per|for|on) (?:${N} )?${GROUND} ${YEAR}`;

const RULES: readonly Rule[] = [
  {
    ...{ what: 'signal-word', of: 'card', clause: null },
    pattern: /^(CAUTION|WARNING|DANGER)\b/,
    fields: ([word = '']) => [['signalWord', word.charAt(0) + word.slice(1).toLowerCase()]],
  },
  {
    ...{ what: 'registration', of: 'card', clause: null },
    pattern: /\b(?:registration|reg\.?) (?:number|no\.?|nr\.?):? ?([A-Z0-9][A-Z0-9./-]{1,30})/i,
    fields: ([number = '']) => [['registration', number.replace(/[.,]$/, '')]],
  },
  {
    ...{ what: 'strength', of: 'card', clause: null },
    pattern: /(?:active ingredients?:? )([a-z][a-z -]{2,50}?)[ .:]{1,40}(\d{1,3}(?:[.,]\d{1,4})?) ?%/i,
    fields: ([name = '', percent = '']) => [
      ['actives.0.name', name.trim()],
      ['actives.0.percent', percent],
    ],
  },
  {
    ...{ what: 'size', of: 'card', clause: null },
    pattern: rx(String.raw`\bnet (?:contents?|weight|wt\.?):? ?${N} ?${PRODUCT}(?![a-z])`),
    fields: ([number = '', word = ''], uk) => {
      const unit = unitOf(word, uk);
      return unit === null
        ? null
        : [
            ['size.unit', unit],
            ['size.value', number],
          ];
    },
  },
  {
    ...{ what: 'cap', of: 'use', clause: 'yearly' },
    pattern: rx(CAP),
    fields: ([number = '', word = '', per = '', ground = ''], uk) => {
      const [unit, base] = [unitOf(word, uk), unitOf(ground, uk)];
      if (unit === null || base === null || !RATE_BASES.some((one) => one === base)) return null;
      return [
        ['cap.unit', unit],
        ['cap.value', number],
        ['capPer.unit', base],
        ['capPer.value', per === '' ? '1' : per],
      ];
    },
  },
  {
    ...{ what: 'rate', of: 'use', clause: 'rate' },
    not: rx(CAP),
    pattern: rx(
      String.raw`${RANGE} ?${PRODUCT} (?:of (?:the )?(?:product|concentrate|granules|dust|bait) )?(?:in ${RANGE} ?${WATER} (?:of )?(?:water )?)?(?:per|for each|for every|for|to treat|over|on) (?:${N} )?${GROUND}(?![a-z])`,
    ),
    fields: ([least = '', most = '', word = '', , , , per = '', ground = ''], uk) => {
      const [unit, base] = [unitOf(word, uk), unitOf(ground, uk)];
      if (unit === null || base === null || !RATE_UNITS.includes(unit.replace('_uk', ''))) return null;
      if (!RATE_BASES.some((one) => one === base)) return null;
      return [
        ['basis', 'target'],
        ['rateUnit', unit],
        ['least', least],
        ['most', most === '' ? least : most],
        ['per.unit', base],
        ['per.value', per === '' ? '1' : per],
      ];
    },
  },
  {
    ...{ what: 'dilution', of: 'use', clause: 'rate' },
    pattern: rx(
      String.raw`${RANGE} ?${PRODUCT} (?:of (?:the )?(?:product|concentrate) )?(?:per|for each|for every|to each) (?:${N} )?${WATER}(?![a-z])`,
    ),
    fields: ([least = '', most = '', word = '', per = '', mix = ''], uk) => {
      const [unit, base] = [unitOf(word, uk), unitOf(mix, uk)];
      if (unit === null || base === null || !['l', 'gal', 'gal_uk'].includes(base)) return null;
      return [
        ['basis', 'mix'],
        ['rateUnit', unit],
        ['least', least],
        ['most', most === '' ? least : most],
        ['per.unit', base],
        ['per.value', per === '' ? '1' : per],
      ];
    },
  },
  {
    ...{ what: 'mix', of: 'use', clause: 'mix' },
    pattern: rx(
      String.raw`\b(?:in|with|into|using) (?:at least |enough water to make )?${RANGE} ?${WATER} (?:of )?(?:water|spray|finished|mix)`,
    ),
    fields: ([from = '', to = '', word = ''], uk) => {
      const unit = unitOf(word, uk);
      if (unit === null || !MIXES.includes(unit)) return null;
      return [['mix.unit', unit], ['mix.value', from], ...(to === '' ? [] : [['mixMost', to] as const])];
    },
  },
  {
    ...{ what: 'no-sooner', of: 'use', clause: 'interval' },
    pattern: rx(
      String.raw`(?:(?:no|not|never)[a-z ,]{0,40}?(?:sooner|earlier|more often) than|wait at least|minimum interval of)(?: every| once every| once in)? (\d{1,3}) ${DAYS}`,
    ),
    not: rx(String.raw`harvest`),
    fields: ([number = '', word = '']) => [['noSoonerThanDays', inDays(number, word)]],
  },
  {
    ...{ what: 'about-every', of: 'use', clause: 'interval' },
    pattern: rx(
      String.raw`\b(?:repeat|reapply|re-apply|renew|treat again)[a-z ]{0,30}?(?:about |approximately )?every (\d{1,3}) ${DAYS}`,
    ),
    not: /no more often|not more often/i,
    fields: ([number = '', word = '']) => [['aboutEveryDays', inDays(number, word)]],
  },
  {
    ...{ what: 'times', of: 'use', clause: 'yearly' },
    pattern: rx(
      String.raw`(?:no more than|not more than|at most|maximum of|do not (?:apply|use|treat) more (?:often )?than) ${TIMES} ?(?:applications?|treatments?|times?)? ${YEAR}`,
    ),
    fields: ([word = '']) => [['maxPerYear', asTimes(word)]],
  },
  {
    ...{ what: 'watering', of: 'use', clause: 'watering' },
    pattern: rx(
      String.raw`\b(?:water in|watered in|irrigate|water)[a-z ,]{0,60}?${N} ?(mm|inch(?:es)?|in\.?|cm)(?![a-z])(?:[a-z ,]{0,40}?within (\d{1,3}) hours?)?`,
    ),
    not: rx(String.raw`\b(?:feet|ft|metres|meters) (?:of|from)`),
    fields: ([depth = '', word = '', first = ''], _) => [
      ['waterMm', `${depth} ${/^i/i.test(word) ? 'in' : word.toLowerCase()}`],
      ...(first === '' ? [] : [['waterHours', first] as const]),
    ],
  },
  {
    ...{ what: 'stays-dry', of: 'use', clause: 'watering' },
    pattern:
      /\b(?:do not (?:water|irrigate|mow)|stay dry|stays dry|keep (?:it )?dry)[a-z ,]{0,40}? for (?:at least )?(\d{1,3}) hours?/i,
    fields: ([hours = '']) => [['dryHours', hours]],
  },
  {
    ...{ what: 'rain-free', of: 'use', clause: 'weather' },
    pattern: /\brain\b[a-z ,]{0,60}?(?:within|for|in)(?: at least| the next)? (\d{1,3}) hours?/i,
    fields: ([hours = '']) => [['rainFreeHours', hours]],
  },
  {
    ...{ what: 'wind', of: 'use', clause: 'weather' },
    pattern: rx(
      String.raw`\bwind\b[a-z ]{0,40}?(?:above|over|exceeds?|exceeding|more than|greater than|faster than) ${N} ?(mph|km\/h|m\/s|miles per hour)`,
    ),
    fields: ([speed = '', unit = '']) => [
      ['maxWindKmh', `${speed} ${unit.replace(/miles per hour/i, 'mph').toLowerCase()}`],
    ],
  },
  {
    ...{ what: 'keep', of: 'card', clause: 'storage' },
    pattern: rx(
      String.raw`\b(?:store|stored|keep|storage)\b[a-z ,]{0,60}?(?:between|from|at) (-?\d{1,3})(?: ?°? ?[CF])? ?(?:and|to|-|–) ?${TEMP}`,
    ),
    fields: ([from = '', to = '', degree = '']) => [
      ['storeFrom', `${from} °${degree.toUpperCase()}`],
      ['storeTo', `${to} °${degree.toUpperCase()}`],
    ],
  },
  ...(
    [
      ['soil-below', 'soilFrom', 'soil', 'below|under|less than|colder than'],
      ['soil-above', 'soilTo', 'soil', 'above|over|exceeds?|warmer than'],
      ['air-below', 'tempFrom', 'weather', 'below|under|less than|colder than'],
      ['air-above', 'tempTo', 'weather', 'above|over|exceeds?|warmer than|hotter than'],
    ] as const
  ).map(([what, name, clause, side]): Rule => ({
    ...{ what, of: 'use', clause },
    pattern: rx(
      clause === 'soil'
        ? String.raw`\bsoil\b[a-z ]{0,40}?(?:${side}) ${TEMP}`
        : String.raw`\b(?:${side}) ${TEMP}`,
    ),
    not: clause === 'soil' ? STORED : new RegExp(`${STORED.source}|${SOIL.source}`, 'i'),
    fields: ([degrees = '', unit = '']) => [[name, `${degrees} °${unit.toUpperCase()}`]],
  })),
  {
    ...{ what: 're-entry', of: 'use', clause: 'reEntry' },
    pattern:
      /\b(?:people|children|pets|persons|animals|anyone|re-?enter|re-?entry|entry)\b[a-z ,-]{0,80}?(?:for|until|within)(?: at least)? (\d{1,3}) hours?/i,
    fields: ([hours = '']) => [
      ['reEntry', 'hours'],
      ['reEntryHours', hours],
    ],
  },
  {
    ...{ what: 'until-dry', of: 'use', clause: 'reEntry' },
    pattern:
      /\b(?:people|children|pets|persons|animals|anyone|re-?enter)\b[a-z ,]{0,80}?until [a-z ]{0,40}?(dry|dried)\b/i,
    fields: () => [['reEntry', 'until-dry']],
  },
  {
    ...{ what: 'harvest', of: 'use', clause: 'preHarvest' },
    pattern: rx(
      String.raw`\b(\d{1,3}) ${DAYS} (?:before|of|prior to) (?:the )?(?:harvest|picking|cropping|harvesting)`,
    ),
    fields: ([number = '', word = '']) => [['preHarvestDays', inDays(number, word)]],
  },
  {
    ...{ what: 'water', of: 'use', clause: 'buffer' },
    pattern: rx(
      String.raw`\b(?:within|closer than|nearer than|at least) ${N} ?(feet|ft|metres|meters|m|yards)\.? (?:of|to|from|away from) [a-z ,]{0,60}?\b(?:water|ponds?|streams?|lakes?|rivers?|ditch(?:es)?)\b`,
    ),
    fields: ([number = '', word = '']) => [
      ['waterBufferM', `${number} ${/^f/i.test(word) ? 'ft' : /^y/i.test(word) ? 'yd' : 'm'}`],
    ],
  },
];

/** Sentences of a text: a full stop between digits, or behind a short word of a label, ends none. */
export function sentencesOf(text: string): string[] {
  return text
    .slice(0, LONGEST_LABEL_TEXT)
    .replace(/\r/g, '')
    .split(
      /\n+|;\s+|(?<!\b(?:fl|oz|sq|ft|yd|lb|lbs|gal|in|[Nn]o|[Rr]eg|[Nn]r|[Ww]t|approx)\.)(?<=[.!?])\s+(?=[A-Z(])/,
    )
    .map((sentence) => sentence.replace(/[ \t]+/g, ' ').trim())
    .filter((sentence) => sentence !== '')
    .map((sentence) => sentence.slice(0, LONGEST_SENTENCE));
}

/**
 * The figures that a label's text states in English, each with its sentence, for somebody to take or leave. What it is not
 * sure of it leaves out; numbers stay as they are printed, so that the fields read them in the workspace's manner and ask
 * where one could be read in two ways. `uk`: gallons and fluid ounces are those of the United Kingdom.
 */
export function figuresIn(text: string, uk = false): readonly LabelFigure[] {
  const figures: LabelFigure[] = [];
  for (const sentence of sentencesOf(text))
    for (const { what, of, clause, pattern, not, fields } of RULES) {
      if (not?.test(sentence)) continue;
      const found = pattern.exec(sentence);
      if (!found) continue;
      const taken = fields(
        found.slice(1).map((group) => (group as string | undefined) ?? ''),
        uk,
      );
      if (taken === null || figures.length >= MOST_FIGURES) continue;
      if (figures.some((one) => one.what === what && JSON.stringify(one.fields) === JSON.stringify(taken)))
        continue;
      figures.push({ what, of, clause, sentence, fields: taken });
    }
  return figures;
}
