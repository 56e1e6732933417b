import { NEST_STEPS } from '../core/safety';
import { DUE_KINDS } from '../core/schedule';
import { dueWords } from './due-terms';
import { describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { JOB_FIELDS, takingForm, tryingForm } from '../forms';
import { caseForm, propertyForm } from '../forms/open-forms';
import { customerForm } from '../forms/office-forms';
import { recordForm } from '../forms/record-form';
import { settingsShape } from '../forms/settings-form';
import { cardForm } from '../forms/label-form';
import { BODIES } from '../forms/stops/bodies';
import { invalid, refusal, type Expected, type Refusal } from '../core/result';
import type { CautionCode, CautionFacts } from '../core/labels';
import type { CalendarDay } from '../core/units';
import { fieldName, knownFieldName } from './field-names';
import { CAUTION_CODES, cautionWords, tickText } from './cautions';
import { refusalSentence } from './refusals';
import { PLAIN, PLAIN_MANNER, showIn } from './show';

/** Every path that a shape can refuse, lists by their first entry, records by a name. */
function pathsOf(shape: unknown, at = ''): string[] {
  const def = (shape as { _zod?: { def?: Record<string, unknown> } })._zod?.def;
  if (!def) return [at];
  const join = (key: string): string => (at === '' ? key : `${at}.${key}`);
  switch (def.type) {
    case 'object':
      return Object.entries(def.shape as Record<string, unknown>).flatMap(([key, value]) =>
        pathsOf(value, join(key)),
      );
    case 'array':
      return [at, ...pathsOf(def.element, join('0'))];
    case 'tuple':
      return [at, ...(def.items as unknown[]).flatMap((item, i) => pathsOf(item, join(String(i))))];
    case 'record':
      return [at];
    case 'union':
      return (def.options as unknown[]).flatMap((option) => pathsOf(option, at));
    case 'pipe':
      return [...pathsOf(def.in, at), ...pathsOf(def.out, at)];
    case 'transform':
      return [at];
    case 'nullable':
    case 'optional':
    case 'default':
    case 'readonly':
      return pathsOf(def.innerType, at);
    default:
      return [at];
  }
}

const FORMS: Readonly<Record<string, z.ZodType>> = {
  ...Object.fromEntries(Object.entries(BODIES).map(([stop, body]) => [`stop ${stop}`, body as z.ZodType])),
  ...{ card: cardForm, record: recordForm, property: propertyForm, case: caseForm },
  ...{ customer: customerForm, settings: settingsShape, taking: takingForm, trying: tryingForm },
};
const jobPaths = Object.values(JOB_FIELDS).flatMap(({ fields }) =>
  fields.flatMap(({ name }) => [name, `${name}.value`, `${name}.unit`]),
);

/** Words of the program: names with dots, camel case, dashes between lower-case words, quoted keys, NaN. */
const PROGRAM =
  /“[a-z][\w.]*”|\b[a-z]+[A-Z]\w*\b|(?<!@)\b[a-z]+\.[a-z]+\b|\bNaN\b|\bundefined\b|\bnull\b|\[object|\bin count\b|\bft2\b|\bm2\b/;

describe('every field that a form can refuse', () => {
  it.each(Object.entries(FORMS))('of the form %s is called as a person knows it', (_, form) => {
    const paths = [...new Set(pathsOf(form))].filter((path) => path !== '');
    expect(paths.length).toBeGreaterThan(0);
    for (const path of paths) {
      expect(knownFieldName(path), path).not.toBeNull();
      expect(fieldName(path).match(PROGRAM)?.[0], path).toBeUndefined();
    }
  });
  it('of How much has a name too', () => {
    for (const path of jobPaths) expect(knownFieldName(path), path).not.toBeNull();
  });
});

const EXPECTED: readonly Expected[] = [
  ...([
    'a-number',
    'a-number-in-range',
    'one-reading',
    'text',
    'true-or-false',
    'a-list',
    'an-object',
  ] as const),
  ...(['a-known-key', 'one-of', 'a-date', 'an-hour', 'above-zero', 'not-negative', 'at-most'] as const),
  ...(['whole-number', 'shorter-list', 'not-empty', 'rising-dates', 'lists-of-one-length'] as const),
  ...([
    'a-finite-result',
    'needs-other-key',
    'not-together',
    'needed',
    'shorter-text',
    'plain-text',
  ] as const),
  ...(['later-than-start', 'a-clock-time', 'not-below-least', 'an-email', 'a-longer-password'] as const),
  'the-same-again',
];
const FACTS = {
  ...{
    from: 1,
    to: 5000,
    limit: 7,
    seen: 'x',
    first: 1.25,
    second: 1250,
    length: 3,
    have: 'count',
    want: 'ft2',
  },
  ...{
    key: 'tank',
    needs: 'carrier',
    other: 'tank',
    choices: ['a', 'b'],
    unit: 'ft2',
    min: 1,
    max: 2,
    chosen: 3,
  },
  ...{ carried: 3, capacity: 2, edge: 1, sign: 'a sign', today: '2027-09-15' },
  ...{ value: 40, day: '2027-09-15', time: '07:30' },
};
const CODES = [
  ...['unknown-unit', 'units-do-not-match', 'rate-not-positive', 'target-not-positive', 'rate-basis-missing'],
  ...['carry-over-exceeds-tank', 'pace-missing', 'area-not-positive', 'too-few-points', 'no-water-caught'],
  ...['polygon-crosses-itself', 'unknown-sign', 'no-baseline', 'record-not-correctable', 'no-remedy-chosen'],
  ...['in-the-future', 'strength-out-of-range', 'strength-incomplete', 'progress-out-of-range', 'who-knows'],
  'sent-before-otherwise',
];
const german = showIn({ ...PLAIN_MANNER, numbers: '1.234,5' });

describe('every refusal', () => {
  const all: Refusal[] = [
    ...EXPECTED.map((expected) => invalid('length', expected, FACTS)),
    ...CODES.map((code) => refusal(code, 'length', FACTS)),
    ...CODES.map((code) => refusal(code, 'rate.per.unit', FACTS)),
    ...EXPECTED.map((expected) => invalid('some.unheard.of', expected, FACTS)),
  ];
  it.each(all.map((one) => [`${one.code} ${String(one.facts.expected ?? '')} at ${one.path}`, one] as const))(
    '%s is a sentence without a word of the program',
    (_, one) => {
      const sentence = refusalSentence(one);
      expect(sentence).toMatch(/^\S.*\.$/);
      expect(sentence.match(PROGRAM)?.[0]).toBeUndefined();
    },
  );
  it('writes its numbers in the manner of the workspace', () => {
    expect(refusalSentence(invalid('length', 'a-number-in-range', { from: 0.1, to: 5000 }), german)).toBe(
      'The length must lie between 0,1 and 5.000.',
    );
  });
  it('of what was measured otherwise than the label wants says what to measure', () => {
    expect(
      refusalSentence(refusal('units-do-not-match', 'rate.per.unit', { have: 'count', want: 'ft2' })),
    ).toBe(
      'This label is for a number of pieces, and an area was measured. Measure a number of pieces at Measure, or choose another remedy.',
    );
  });
});

/** All that the sentences of cautions ask for: what one of them reads and does not stand here does not compile. */
type Every<Union> = (Union extends unknown ? (one: Union) => void : never) extends (all: infer All) => void
  ? All
  : never;
const CAUTION_FACTS: Every<CautionFacts[Exclude<CautionCode, 'label-asks' | 'label-tells'>]> = {
  ...{
    letter: 'B',
    letters: 'B, C',
    wanted: 'turf',
    lack: 'none',
    between: 14,
    all: 3,
    purpose: 'prevent',
    onto: 'lawn',
    where: 'lawn',
  },
  ...{
    sign: 'mark',
    how: 'Look at it',
    note: 'Known to fail',
    pestId: 'chafer-grub',
    leftIds: 'egg',
    lot: 'T1',
  },
  ...{
    p: 0.4,
    name: 'Yellowjackets',
    status: 'dangerous',
    doNow: 'Keep away',
    doNot: 'Do not close the hole',
  },
  ...{
    mark: 'Bands',
    label: 'Tarnside',
    pest: 'Chafer grub',
    other: 'Gillfold',
    last: '2027-09-01' as CalendarDay,
    times: 2,
  },
  ...{
    group: '3A',
    leaves: 'eggs',
    about: 'find-exits',
    would: 1.2,
    metre: 12.5,
    metreUnit: 'g',
    works: 'small',
    stages: 'full',
    cover: 'Skirtfold',
    orElse: '',
    until: '2027-10-06' as CalendarDay,
    days: 21,
    done: 2,
    most: 3,
    left: -4.5,
    unit: 'ml',
    active: 'borax',
  },
  ...{ allowed: 40, used: 30, planned: 20, limit: 8, basis: 'm2', ingredient: 'borax', text: 'Tell them' },
  ...{ reason: 'By trials', safe: 10, least: 9, buffer: 3, strip: 2, soil: 9, from: 12, to: 30, chosen: 25 },
  ...{ tank: 'Knapsack', perM2: 100_000, ppe: 'gloves', hours: 24, mm: 6, was: 300, is: 320, lot: 'T1' },
};
const american = showIn({ ...PLAIN_MANNER, units: 'us', dates: 'month-day' });

describe('every caution', () => {
  // What a label asks and tells is read clause by clause beside those sentences.
  it.each(CAUTION_CODES.filter((code) => !code.startsWith('label-')))(
    '%s says what is the matter in plain words, wherever it is read',
    (code) => {
      for (const show of [PLAIN, german, american]) {
        const { title, text, tick } = cautionWords({ code, facts: CAUTION_FACTS }, show);
        for (const words of [title, text, tick]) {
          expect(words.length).toBeGreaterThan(2);
          expect(words.match(PROGRAM)?.[0], words).toBeUndefined();
          expect(words, words).not.toMatch(/\d{4}-\d{2}-\d{2}/);
        }
        if (show === american) expect(`${title} ${text}`).not.toMatch(/\d (m|mm|km\/h|m²|per m²)\b|°C/);
        if (show === german) expect(`${title} ${text}`).not.toMatch(/\d\.\d(?!\d\d)/);
      }
    },
  );
  it.each(NEST_STEPS)('at a nest, %s is a title, a reason and a tick of its own', (about) => {
    const said = cautionWords({ code: 'nest-step', facts: { about, name: 'Hornets' } }, PLAIN);
    expect([said.title.length, said.text.length, said.tick.length].every((n) => n > 5)).toBe(true);
    expect(tickText(`nest-step:${about}`)).toBe(said.tick.toLowerCase());
  });
  it('is told in a record by what was ticked, not by its code', () => {
    expect(tickText('wear-ppe')).toBe('protective wear on');
    for (const code of CAUTION_CODES) expect(tickText(code)).not.toMatch(/[a-z]-[a-z]+-/);
    expect(tickText('something-of-another-version')).toBe('something of another version');
  });
});

describe('what an entry leaves to be done', () => {
  it.each(DUE_KINDS)('%s is said in plain words, in every manner', (kind) => {
    const facts = { mm: 6, most: 12, hours: 24, until: 'until-dry', by: '2027-09-29' };
    for (const show of [PLAIN, german, american]) {
      const { title, tick } = dueWords(
        { kind, record: 'r', day: '2027-09-16' as never, clock: '10:30', facts },
        show,
      );
      for (const words of [title, tick]) {
        expect(words.length).toBeGreaterThan(4);
        expect(words.match(PROGRAM)?.[0], words).toBeUndefined();
      }
      if (show === american) expect(title).not.toMatch(/\d mm\b/);
    }
  });
});
