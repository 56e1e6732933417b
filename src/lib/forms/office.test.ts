import { describe, expect, it } from 'vitest';
import {
  DEFAULT_SETTINGS,
  parseCalibration,
  parseCustomer,
  parseEquipment,
  parseInvitation,
  parseJoin,
  parseNewPassword,
  parseSettings,
  parseShare,
  parseSignIn,
  parseFounding,
  parseLicence,
  parseTick,
  parseWelcome,
  readSettings,
} from '.';
import { isRefused, type Result } from '../core/result';
import { refusalSentence } from '../words';

const fields = (entries: Record<string, string>) => new Map(Object.entries(entries));
const sentences = (result: Result<unknown>): string[] =>
  isRefused(result) ? result.refused.map((r) => refusalSentence(r)) : [];
const answerOf = <T>(result: Result<T>): T =>
  isRefused(result) ? expect.fail(sentences(result).join(' ')) : result.ok;

describe('settings, as an owner fills them in', () => {
  const plain = { units: 'us', dates: 'month-day', numbers: '1 234,5', currency: 'usd', retentionYears: '3' };

  it('take rules and thresholds row by row, and leave empty rows out', () => {
    const settings = answerOf(
      parseSettings(
        fields({
          ...plain,
          'rules.0.kind': 'ban',
          'rules.0.ingredient': 'deltamethrin',
          'rules.0.fromMonth': '11',
          'rules.0.toMonth': '3',
          'rules.0.note': 'Town order 12',
          'rules.1.kind': '',
          'rules.2.kind': 'wind',
          'rules.2.kmh': '12',
          'rules.2.note': 'District',
          'thresholds.0.candidate': 'chafer-grub',
          'thresholds.0.perM2.0': '30',
          'thresholds.0.perM2.1': '60',
          'thresholds.0.source': 'our greens',
        }),
      ),
    );
    expect(settings.rules).toEqual([
      { kind: 'ban', ingredient: 'deltamethrin', fromMonth: 11, toMonth: 3, note: 'Town order 12' },
      { kind: 'wind', kmh: 12, note: 'District' },
    ]);
    expect(settings.thresholds).toEqual([
      { candidate: 'chafer-grub', perM2: [30, 60], source: 'our greens' },
    ]);
    expect([settings.units, settings.currency, settings.retentionYears]).toEqual(['us', 'USD', 3]);
    // What was parsed once is kept, and read back the same.
    expect(readSettings(JSON.parse(JSON.stringify(settings)))).toEqual(settings);
  });

  it('say which rule and which field of it is wrong', () => {
    const told = sentences(
      parseSettings(
        fields({
          ...plain,
          'rules.0.kind': 'water-buffer',
          'rules.0.metres': 'wide',
          'rules.0.note': '',
          'thresholds.0.candidate': 'chafer-grub',
          'thresholds.0.perM2.0': '60',
          'thresholds.0.perM2.1': '30',
          'thresholds.0.source': 'x',
        }),
      ),
    );
    expect(told).toContain('Rule 1, the buffer must be a number; it is wide.');
    expect(told.some((text) => text.startsWith('Rule 1, where it is written'))).toBe(true);
    expect(told.some((text) => text.startsWith('Threshold 1, the figure for strong turf'))).toBe(true);
    expect(sentences(parseSettings(fields({ ...plain, currency: 'dollars' })))).toHaveLength(1);
    expect(sentences(parseSettings(fields({ ...plain, timeZone: 'Mars/Olympus' })))).toHaveLength(1);
  });

  it('of which one part cannot be read any more keep all the others', () => {
    const kept = { ...DEFAULT_SETTINGS, units: 'uk', rules: [{ kind: 'curfew' }] };
    expect(readSettings(kept)).toEqual({ ...DEFAULT_SETTINGS, units: 'uk' });
    for (const nonsense of [null, 7, [], {}, { units: 'ells' }])
      expect(readSettings(nonsense)).toEqual(DEFAULT_SETTINGS);
  });
});

describe('people, as they type themselves', () => {
  it('have addresses in lower case and passwords as they are, blanks and all', () => {
    const joined = answerOf(
      parseJoin(
        fields({ name: ' N. Ash ', email: ' N.Ash@Ostermere.Example ', password: '  a b c d e f  ' }),
      ),
    );
    expect(joined).toEqual({ name: 'N. Ash', email: 'n.ash@ostermere.example', password: '  a b c d e f  ' });
    for (const email of [
      '',
      'ash',
      'ash@',
      '@ostermere.example',
      'a b@c.example',
      'a@b',
      '<a@b.example>',
      'a@b.example, c@d.example',
    ])
      expect(sentences(parseSignIn(fields({ email, password: 'x' }))), email).toHaveLength(1);
  });

  it('choose passwords of ten characters or more, and type them twice alike', () => {
    const set = (password: string, again: string) => sentences(parseNewPassword(fields({ password, again })));
    expect(set('nine long', 'nine long')[0]).toContain('at least 10 characters');
    expect(set('ten enough', 'ten enougH')[0]).toContain('differ');
    expect(set('ten enough', 'ten enough')).toEqual([]);
    expect(set('x'.repeat(201), 'x'.repeat(201)).length).toBeGreaterThan(0);
  });

  it('begin alone without an address, or as an owner with one', () => {
    expect(answerOf(parseWelcome(fields({ how: 'only-me', name: 'A', workspace: 'W' })))).toEqual({
      ...{ how: 'only-me', name: 'A', workspace: 'W', kind: 'firm', timeZone: 'UTC' },
      emergency: { poison: '', police: '' },
    });
    expect(sentences(parseWelcome(fields({ how: 'people', name: 'A', workspace: 'W' })))).toHaveLength(2);
    expect(sentences(parseWelcome(fields({ how: 'root', name: 'A', workspace: 'W' })))).toHaveLength(1);
  });

  it('found a workspace with what it is, its clock and the numbers of its place, or with none of them', () => {
    const typed = { workspace: ' Weir Cottage ', kind: 'household', timeZone: 'Europe/Berlin' };
    expect(
      answerOf(
        parseFounding(fields({ ...typed, 'emergency.poison': '555 0142', 'emergency.police': '112' })),
      ),
    ).toEqual({
      ...{ workspace: 'Weir Cottage', kind: 'household', timeZone: 'Europe/Berlin' },
      emergency: { poison: '555 0142', police: '112' },
    });
    expect(answerOf(parseFounding(fields({ workspace: 'W', timeZone: '' })))).toMatchObject({
      timeZone: 'UTC',
    });
    expect(sentences(parseFounding(fields({ workspace: '', timeZone: 'Middle/Earth' })))).toHaveLength(2);
  });

  it('write a licence down whole, with what it covers, or none at all', () => {
    const personId = '00000000-0000-4000-8000-000000000001';
    const whole = {
      ...{ personId, 'licence.category': 'Turf', 'licence.number': 'OST-9', 'licence.by': 'Ostermere' },
      ...{ 'licence.covers.turf': 'on', 'licence.covers.health': 'on', 'licence.until': '' },
    };
    expect(answerOf(parseLicence(fields(whole))).licence).toEqual({
      ...{ category: 'Turf', covers: ['turf', 'health'], number: 'OST-9', by: 'Ostermere', until: null },
    });
    expect(answerOf(parseLicence(fields({ personId, 'licence.number': ' ' }))).licence).toBeNull();
    // One tick alone is not nothing: the rest is asked for.
    expect(sentences(parseLicence(fields({ personId, 'licence.covers.wood': 'on' })))).toHaveLength(3);
    expect(sentences(parseLicence(fields({ ...whole, 'licence.covers.all': 'on' })))).toHaveLength(1);
  });

  it('tick with what they wrote beside it, and never more than a line of it', () => {
    expect(answerOf(parseTick(fields({ key: 'permit-or-report:hornet', said: ' P-118 ' })))).toEqual({
      ...{ key: 'permit-or-report:hornet', tick: 'on', said: 'P-118' },
    });
    expect(answerOf(parseTick(fields({ key: 'x', tick: 'off' }))).tick).toBe('off');
    expect(sentences(parseTick(fields({ key: 'x', said: 'p'.repeat(201) })))).toHaveLength(1);
  });

  it('are invited into one of three roles, and see links of a few lengths', () => {
    expect(sentences(parseInvitation(fields({ email: 'a@b.example', role: 'king' })))).toHaveLength(1);
    expect(answerOf(parseShare(fields({ what: 'notice', days: '30' })))).toEqual({
      what: 'notice',
      days: 30,
    });
    for (const wrong of [
      { what: 'all', days: '30' },
      { what: 'notice', days: '31' },
      { what: 'notice', days: '' },
    ])
      expect(sentences(parseShare(fields(wrong)))).toHaveLength(1);
  });

  it('keep markup out of what is told of a customer', () => {
    expect(sentences(parseCustomer(fields({ name: 'A', access: '<b>gate</b>' })))[0]).toContain('plain text');
    expect(
      answerOf(parseCustomer(fields({ name: 'A', pets: '1 < 2 dogs', consentsToNotices: 'on' }))),
    ).toMatchObject({
      pets: '1 < 2 dogs',
      consentsToNotices: true,
    });
  });
});

describe('equipment and its calibrations', () => {
  const tank = { kind: 'tank', name: 'Knapsack', 'size.value': '15', 'size.unit': 'l' };
  it('is taken with what its kind has, and nothing else', () => {
    expect(answerOf(parseEquipment(fields({ ...tank, holds: '3', undrawn: '0.2', swathM: '1.5' })))).toEqual({
      ...{
        kind: 'tank',
        name: 'Knapsack',
        size: 15,
        unit: 'l',
        holds: null,
        undrawn: 0.2,
        marks: null,
        swathM: 1.5,
        dueDays: null,
        ...{ makers: null, price: null, lifeJobs: null },
      },
    });
    expect(answerOf(parseEquipment(fields({ kind: 'person', name: 'R. Hallow' })))).toMatchObject({
      ...{ size: 1, unit: 'count' },
    });
    expect(
      sentences(
        parseEquipment(
          fields({ ...tank, kind: 'measure', 'size.unit': 'ml', 'size.value': '5', holds: '3' }),
        ),
      ),
    ).toEqual(['What it holds when full must lie between 5 and 100,000.']);
    expect(sentences(parseEquipment(fields({ ...tank, kind: 'unicorn' })))[0]).toContain('What it is');
  });

  const flow = { kind: 'flow', doneOn: '2027-09-03', unit: 'ml' };
  it('is taken without its blank rows, wherever they are', () => {
    const row = (n: number, amount: string, seconds: string) => ({
      [`readings.${n}.amount`]: amount,
      [`readings.${n}.seconds`]: seconds,
    });
    const sent = { ...flow, ...row(0, '940', '60'), ...row(1, ' ', ''), ...row(3, '470', '30') };
    expect(answerOf(parseCalibration('tank', fields(sent)))).toMatchObject({
      ...{ kind: 'flow', unit: 'ml', setup: null },
      readings: [
        { amount: 940, seconds: 60 },
        { amount: 470, seconds: 30 },
      ],
    });
    expect(sentences(parseCalibration('tank', fields({ ...sent, 'readings.3.seconds': '0' })))).toEqual([
      'Row 4, seconds must lie between 1 and 7,200; it is 0.',
    ]);
    expect(sentences(parseCalibration('tank', fields(flow)))[0]).toContain('Row 1');
  });
  it('is refused where it is not of this equipment, or what belongs to all rows is missing', () => {
    expect(sentences(parseCalibration('person', fields(flow)))[0]).toContain('What it is');
    const pass = { kind: 'weighed-pass', doneOn: '2027-09-03', unit: 'g', 'readings.0.setting': '3' };
    expect(
      sentences(
        parseCalibration(
          'spreader',
          fields({ ...pass, 'readings.0.amount': '130', 'readings.0.metres': '25' }),
        ),
      )[0],
    ).toContain('The width, distance or time');
  });
});
