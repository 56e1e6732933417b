import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS, FIELD_TESTS, SIGNS } from '../catalog';
import { checkLabel } from '../core/labels';
import { refusalSentence } from '../words';
import {
  knownNames,
  parseJob,
  fieldsOfCard,
  parseCard,
  parseLot,
  unfinished,
  parseProperty,
  parseRecord,
  parseStop,
  readStop,
  treeOf,
  type Fields,
} from '.';

const shelf = DEMONSTRATION_LABELS.map((label) => ({ label, containers: [] }));
const known = knownNames({ signs: SIGNS, candidates: CANDIDATES, tests: FIELD_TESTS, shelf });
const fields = (record: Record<string, string>): Fields => new Map(Object.entries(record));
const tape = { how: 'tape', unit: 'm', length: '24', width: '14.5', strip: '' };
const look = {
  surrounding: 'lawn',
  where: 'By the path',
  'signs.raster': 'rows-spread',
  lengthMm: '12.5',
  'signs.turf-lifts': 'yes',
  'signs.c-grubs': 'no',
  'signs.soil-cones': '',
  test: 'turf-flap',
  'frame.value': '0.1',
  'frame.unit': 'm2',
  'counts.0': '3',
  'counts.1': '',
  'counts.2': '0',
  vigour: 'fair',
  flowering: 'on',
  note: '',
};
const paths = (result: ReturnType<typeof parseStop>): string[] =>
  'refused' in result ? result.refused.map((r) => r.path) : [];

describe('what a form sends', () => {
  it('becomes an answer with numbers, blanks and ticks', () => {
    expect(parseStop('look', fields(look), known)).toEqual({
      ok: {
        purpose: 'control',
        because: null,
        surrounding: 'lawn',
        first: null,
        where: 'By the path',
        signs: { 'turf-lifts': true, 'c-grubs': false, raster: 'rows-spread' },
        lengthMm: 12.5,
        test: 'turf-flap',
        frame: { value: 0.1, unit: 'm2' },
        counts: [3, null, 0],
        ...{ countedOn: null, series: [], light: null, tried: [] },
        vigour: 'fair',
        flowering: true,
        damp: null,
        note: '',
      },
    });
    expect(parseStop('measure', fields(tape), known)).toMatchObject({
      ok: { length: 24, width: 14.5, strip: 0 },
    });
  });

  it('names what was found with its stages, or nothing on a routine visit', () => {
    const name = (record: Record<string, string>) => parseStop('name', fields(record), known);
    expect(name({ candidate: 'flea', 'stages.adult': 'on', 'stages.larva': 'on' })).toMatchObject({
      ok: { candidate: 'flea', stage: 'adult', stages: ['adult', 'larva'], also: [] },
    });
    // A select of one stage, as forms of before sent it.
    expect(name({ candidate: 'flea', stage: 'larva' })).toMatchObject({ ok: { stage: 'larva', stages: [] } });
    expect(name({ candidate: 'none' })).toMatchObject({ ok: { candidate: '', stage: null } });
    expect(paths(name({}))).toEqual(['candidate']);
    expect(paths(name({ candidate: '' }))).toEqual(['candidate']);
    expect(paths(name({ candidate: 'dragon' }))).toEqual(['candidate']);
    expect(paths(name({ candidate: 'flea', 'stages.adult': 'on', 'stages.egg-of-a-dragon': 'on' }))).toEqual([
      'stage',
    ]);
  });

  it('comes back from the database as it went in', () => {
    const parsed = parseStop('look', fields(look), known);
    if (!('ok' in parsed)) return expect.fail('refused');
    expect(readStop('look', JSON.parse(JSON.stringify(parsed.ok)))).toEqual(parsed.ok);
    expect(readStop('look', { where: 3 })).toBeUndefined();
    // Readings that were kept before they named their test are not lost.
    const reading = { on: '2027-09-01', frame: { value: 7, unit: 'count' }, counts: [11, null] };
    const kept = { ...JSON.parse(JSON.stringify(parsed.ok)), series: [reading] };
    expect(readStop('look', kept)).toMatchObject({ series: [{ ...reading, test: kept.test }] });
  });

  it('is refused with the field’s name for every kind of nonsense, never by a crash', () => {
    const nonsense = [
      '',
      'NaN',
      'Infinity',
      '-5',
      '1e300',
      '1e',
      'twelve',
      '0x10',
      '<b>3</b>',
      'x'.repeat(5000),
    ];
    for (const bad of nonsense)
      expect(paths(parseStop('measure', fields({ ...tape, length: bad }), known)), bad).toEqual(['length']);
    expect(paths(parseStop('measure', fields({ ...tape, unit: 'smidgen' }), known))).toEqual(['unit']);
    expect(paths(parseStop('look', fields({ ...look, 'counts.0': '2.5' }), known))).toEqual(['counts.0']);
    expect(paths(parseStop('look', fields({ ...look, 'signs.purple-rain': 'yes' }), known))).toEqual([
      'signs.purple-rain',
    ]);
    expect(paths(parseStop('look', fields({ ...look, where: '<script>alert(1)</script>' }), known))).toEqual([
      'where',
    ]);
    expect(paths(parseStop('name', fields({ candidate: 'unicorn', stage: '' }), known))).toEqual([
      'candidate',
    ]);
    expect(paths(parseStop('name', fields({ candidate: 'chafer-grub', stage: 'nest' }), known))).toEqual([
      'stage',
    ]);
    expect(paths(parseStop('choose', fields({ label: 'other', reason: '' }), known))).toEqual(['label']);
    expect(paths(parseStop('when', fields({ hour: '2027-02-30T10:00' }), known))).toEqual(['hour']);
  });

  it('survives any names and values at all', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string({ maxLength: 12 }), fc.string({ maxLength: 12 })), (raw) => {
        for (const stop of [
          'look',
          'name',
          'choose',
          'measure',
          'when',
          'mix',
          'place',
          'recheck',
        ] as const) {
          const result = parseStop(stop, fields(raw), known);
          if ('refused' in result) for (const r of result.refused) expect(refusalSentence(r)).toMatch(/\.$/);
        }
      }),
    );
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
    treeOf(fields({ '__proto__.polluted': 'yes', 'constructor.prototype.polluted': 'yes' }));
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });

  it('may say less than one, with a sign inside a sentence', () => {
    expect(parseStop('look', fields({ ...look, note: 'less than 5 < 7, fine' }), known)).toHaveProperty('ok');
  });
});

describe('the record of what was done', () => {
  const done = {
    doneOn: '2027-09-15',
    startedAt: '07:10',
    endedAt: '07:50',
    'product.value': '38',
    'product.unit': 'ml',
    'area.value': '336',
    'area.unit': 'm2',
    person: 'R. Hallow',
    note: '',
  };
  it('needs who, when, how much and how large, and may lack the weather', () => {
    expect(parseRecord(fields(done))).toMatchObject({
      ok: { product: { value: 38, unit: 'ml' }, windKmh: null, lot: null },
    });
    for (const need of ['doneOn', 'startedAt', 'endedAt', 'product.value', 'area.value', 'person']) {
      const { [need]: _gone, ...rest } = done as Record<string, string>;
      expect(parseRecord(fields(rest)), need).toHaveProperty('refused');
    }
  });
  it('does not end before it starts', () => {
    expect(parseRecord(fields({ ...done, endedAt: '07:00' }))).toMatchObject({
      refused: [{ path: 'endedAt', facts: { expected: 'later-than-start' } }],
    });
  });
});

describe('a label copied from a container', () => {
  const use = {
    ...{ 'sites.turf': 'on', method: 'spray', basis: 'target', 'targets.0.pest': 'sod-webworm' },
    ...{ 'targets.0.grade': 'fair', least: '2', most: '3', rateUnit: 'ml', 'per.value': '100' },
    ...{ 'per.unit': 'm2', reEntry: 'until-dry', effectFrom: '2', effectTo: '7' },
  };
  const inUse = (fields: Record<string, string>, i = 0) =>
    Object.fromEntries(Object.entries(fields).map(([name, value]) => [`uses.${i}.${name}`, value]));
  const label = {
    ...{ name: 'From my shed', form: 'concentrate', family: 'residual' },
    ...{ 'size.value': '500', 'size.unit': 'ml' },
    ...inUse(use),
  };
  const card = (change: Record<string, string>) => {
    const parsed = parseCard(fields({ ...label, ...change }), CANDIDATES, 'own-1');
    return 'ok' in parsed ? parsed.ok : expect.fail(JSON.stringify(parsed.refused));
  };

  it('leaves blank what the label does not state', () => {
    const [only] = card({}).uses;
    expect(only).toMatchObject({ noSoonerThanDays: null, maxPerYear: null, cap: null, soilC: null });
    expect(only).toMatchObject({ carrier: null, months: null, edibles: null, steps: [] });
    expect(card({ 'uses.0.least': '' }).uses[0]?.rate).toMatchObject({ min: null, max: 3 });
    expect(card({ 'uses.0.least': '', 'uses.0.most': '' }).uses[0]?.rate).toBeNull();
  });

  it('takes a contradiction as the label has it, for the label check to find', () => {
    const found = checkLabel({ ...card({ 'uses.0.most': '1' }), version: 1 });
    expect(found[0]).toMatchObject({ rule: 'least-above-most', use: 0 });
  });

  it('is refused without a place, without a size, and with a pest that nobody knows', () => {
    const paths = (change: Record<string, string>): string[] => {
      const parsed = parseCard(fields({ ...label, ...change }), CANDIDATES, 'x');
      return 'refused' in parsed ? parsed.refused.map((r) => r.path) : [];
    };
    expect(paths({ 'uses.0.sites.turf': '' })).toEqual(['uses.0.sites']);
    expect(paths({ 'size.value': '' })).toEqual(['size.value']);
    expect(paths({ 'uses.0.targets.0.pest': 'dragon' })).toEqual(['uses.0.targets.0.pest']);
    expect(paths({ 'uses.0.waterMm': '6' })).toEqual(['uses.0.waterHours']);
    expect(paths({ storeFrom: '0' })).toEqual(['storeTo']);
    expect(unfinished(fields({ 'uses.0.rateUnit': 'kg' })).get('size.unit')).toBe('g');
  });

  it('keeps everything of a card through its fields and back', () => {
    for (const { version: _, demonstration: __, ...whole } of DEMONSTRATION_LABELS) {
      const back = parseCard(
        new Map(Object.entries(fieldsOfCard({ ...whole, demonstration: false }))),
        CANDIDATES,
        whole.id,
      );
      expect('ok' in back ? back.ok : back.refused, whole.id).toEqual({ ...whole, demonstration: false });
    }
  });

  it('comes with a container, or with none', () => {
    const size = { value: 500, unit: 'ml' as const };
    expect(parseLot(fields({ lot: ' ' }), size)).toEqual({ ok: null });
    expect(parseLot(fields({ lot: 'A1', price: 'much' }), size)).toMatchObject({
      refused: [{ path: 'price' }],
    });
  });
});

describe('readings over weeks', () => {
  const read = {
    ...{
      purpose: 'control',
      surrounding: 'kitchen',
      where: 'Behind the oven',
      test: 'sticky-monitor',
      note: '',
    },
    ...{ 'frame.value': '7', 'frame.unit': 'count', 'counts.0': '4', 'counts.1': '', vigour: 'fair' },
    ...{ countedOn: '2027-09-15', light: 'night' },
    ...{ 'series.0.test': 'sticky-monitor', 'series.1.test': 'sticky-monitor' },
    ...{ 'series.0.on': '2027-09-01', 'series.0.frame.value': '14', 'series.0.frame.unit': 'count' },
    ...{ 'series.0.counts.0': '11', 'series.0.counts.1': '3', 'series.1.on': '2027-09-08' },
    ...{ 'series.1.frame.value': '7', 'series.1.frame.unit': 'count', 'series.1.counts.0': '6' },
  };
  it('keep their days, nights and traps, beside the newest one', () => {
    expect(parseStop('look', fields(read), known)).toMatchObject({
      ok: {
        ...{ counts: [4, null], countedOn: '2027-09-15', light: 'night' },
        series: [
          { on: '2027-09-01', frame: { value: 14, unit: 'count' }, counts: [11, 3] },
          { on: '2027-09-08', frame: { value: 7, unit: 'count' }, counts: [6] },
        ],
      },
    });
  });
  it('and what is tried keeps its day to stop, which is later than its first', () => {
    const tried = (until: string) =>
      parseStop(
        'look',
        fields({ ...read, 'tried.0.what': 'Beer cup', 'tried.0.from': '2027-09-15', 'tried.0.until': until }),
        known,
      );
    expect(tried('2027-09-22')).toMatchObject({ ok: { tried: [{ what: 'Beer cup', until: '2027-09-22' }] } });
    expect(tried('2027-09-15')).toMatchObject({
      refused: [{ path: 'tried.0.until', facts: { expected: 'a-later-day' } }],
    });
  });
  it('are none where nobody took any, and one without its day is asked for it', () => {
    const { 'series.0.on': _, ...without } = read;
    expect(parseStop('look', fields(without), known)).toMatchObject({
      refused: [{ path: 'series.0.on' }],
    });
    const plain = Object.fromEntries(
      Object.entries(read).filter(([name]) => !/^(series|countedOn|light)/.test(name)),
    );
    expect(parseStop('look', fields(plain), known)).toMatchObject({
      ok: { series: [], countedOn: null, light: null },
    });
  });
});

describe('how much and the property', () => {
  it('takes the label’s least where no most and no rate are typed', () => {
    const typed = {
      least: '2',
      rateUnit: 'ml',
      'per.value': '100',
      'per.unit': 'm2',
      'target.value': '50',
      'target.unit': 'm2',
    };
    expect(parseJob(fields(typed))).toMatchObject({ ok: { rate: { min: 2, max: 2, chosen: 2 } } });
  });
  it('refuses a latitude off the globe and a zone that nobody lives in', () => {
    const place = { name: 'p', address: '', latitude: '91', timeZone: 'Mars/Olympus', note: '' };
    expect(parseProperty(fields(place))).toMatchObject({
      refused: [{ path: 'latitude' }, { path: 'timeZone' }],
    });
  });
});
