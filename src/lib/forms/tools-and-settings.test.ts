import { describe, expect, it } from 'vitest';
import { EQUIPMENT_KINDS } from '../core/equipment';
import { parseCalibration, parseEquipment, SIZE_UNITS } from './equipment-form';
import { DEFAULT_SETTINGS, parseSettings, readSettings } from './settings-form';

const fields = (of: Record<string, string>) => new Map(Object.entries(of));
const pathsOf = (parsed: object): unknown =>
  'refused' in parsed ? (parsed.refused as { path: string }[]).map(({ path }) => path) : parsed;

describe('a tool as it is entered', () => {
  const tank = { kind: 'tank', name: 'Knapsack', 'size.value': '15', 'size.unit': 'l' };

  it.each(EQUIPMENT_KINDS)(
    '%s is taken with what it holds, or with nothing where it holds nothing',
    (kind) => {
      const [unit] = SIZE_UNITS[kind];
      const holds: Record<string, string> =
        unit === undefined ? {} : { 'size.value': '12', 'size.unit': unit };
      expect(parseEquipment(fields({ kind, name: 'A tool', ...holds }))).toMatchObject({
        ok: { kind, name: 'A tool', size: unit === undefined ? 1 : 12, unit: unit ?? 'count', price: null },
      });
    },
  );

  it.each([
    [{ kind: 'wheelbarrow' }, ['kind']],
    [{ name: ' ' }, ['name']],
    [{ 'size.value': '' }, ['size.value']],
    [{ 'size.value': '0' }, ['size.value']],
    [{ 'size.unit': 'kg' }, ['size.unit']],
    [{ undrawn: '15' }, ['undrawn']],
    [{ marks: '16' }, ['marks']],
    [{ swathM: '31' }, ['swathM']],
    [{ dueDays: '0.5' }, ['dueDays']],
    [{ price: '-1' }, ['price']],
    [{ lifeJobs: 'many' }, ['lifeJobs']],
  ])('with %o is refused there', (change, paths) => {
    expect(pathsOf(parseEquipment(fields({ ...tank, ...change } as Record<string, string>)))).toEqual(paths);
  });

  it('keeps what stays in the pipe of a tank, and asks nothing of the kind of a measure', () => {
    expect(parseEquipment(fields({ ...tank, undrawn: '0.2' }))).toMatchObject({ ok: { undrawn: 0.2 } });
    expect(parseEquipment(fields({ ...tank, marks: '0.5' }))).toMatchObject({ ok: { marks: 0.5 } });
    const jug = { ...tank, marks: '1', kind: 'measure', 'size.value': '5', 'size.unit': 'ml', undrawn: '3' };
    expect(parseEquipment(fields({ ...jug, holds: '250' }))).toMatchObject({
      ok: { undrawn: null, marks: null, holds: 250 },
    });
    expect(pathsOf(parseEquipment(fields({ ...jug, holds: '4' })))).toEqual(['holds']);
  });
});

describe('a calibration as it is read off', () => {
  const catchOf = { kind: 'flow', doneOn: '2027-09-15', product: 'water', note: '', unit: 'ml' };
  const rows = (...readings: Record<string, string>[]) =>
    Object.fromEntries(
      readings.flatMap((row, i) =>
        Object.entries(row).map(([key, value]) => [`readings.${i}.${key}`, value]),
      ),
    );

  it('leaves blank rows out and names a wrong one by its row on the page', () => {
    const wrong = parseCalibration(
      'tank',
      fields({
        ...catchOf,
        ...rows(
          { amount: '800', seconds: '30' },
          { amount: '', seconds: '' },
          { amount: 'x', seconds: '30' },
        ),
      }),
    );
    expect(pathsOf(wrong)).toEqual(['readings.2.amount']);
    const right = parseCalibration(
      'tank',
      fields({
        ...catchOf,
        ...rows(
          { amount: '800', seconds: '30' },
          { amount: ' ', seconds: '' },
          { amount: '820', seconds: '30' },
        ),
      }),
    );
    expect(right).toMatchObject({ ok: { readings: [{ amount: 800 }, { amount: 820 }] } });
  });

  it('wants one row, and a kind that the tool has', () => {
    expect(pathsOf(parseCalibration('tank', fields(catchOf)))).toEqual(['readings.0']);
    expect(
      pathsOf(parseCalibration('person', fields({ ...catchOf, ...rows({ amount: '1', seconds: '1' }) }))),
    ).toEqual(['kind']);
  });
});

describe('settings', () => {
  it('begin in metres, days first, with nothing made up', () => {
    expect(DEFAULT_SETTINGS).toMatchObject({ units: 'metric', dates: 'day-month', currency: '', rules: [] });
    expect(parseSettings(fields({}))).toEqual({ ok: DEFAULT_SETTINGS });
  });

  it.each([
    [{ units: 'cubits' }, ['units']],
    [{ timeZone: 'Mars/Olympus' }, ['timeZone']],
    [{ currency: 'EURO' }, ['currency']],
    [{ retentionYears: '51' }, ['retentionYears']],
    [{ 'rules.0.kind': 'wind', 'rules.0.kmh': '12', 'rules.0.note': '' }, ['rules.0.note']],
    [
      {
        'rules.0.kind': 'ban',
        'rules.0.ingredient': 'fipronil',
        'rules.0.fromMonth': '4',
        'rules.0.note': 'by-law',
      },
      ['rules.0.toMonth'],
    ],
    [
      {
        ...{ 'thresholds.0.candidate': 'chafer-grub', 'thresholds.0.perM2.0': '90' },
        ...{ 'thresholds.0.perM2.1': '40', 'thresholds.0.source': 'own counts' },
      },
      ['thresholds.0.perM2.1'],
    ],
  ])('refuse %o at the field', (sent, paths) => {
    expect(pathsOf(parseSettings(fields(sent as Record<string, string>)))).toEqual(paths);
  });

  it('take rules whose rows were left empty for not there, and a currency in small letters', () => {
    const sent = {
      ...{ currency: ' eur ', 'rules.0.kind': '', 'rules.1.kind': 'water-buffer', 'rules.1.metres': '12' },
      'rules.1.note': 'the lake’s by-law',
    };
    expect(parseSettings(fields(sent))).toMatchObject({
      ok: { currency: 'EUR', rules: [{ kind: 'water-buffer', metres: 12 }] },
    });
  });

  it('that were kept by an older version lose only the part that does not fit', () => {
    expect(readSettings(null)).toBe(DEFAULT_SETTINGS);
    expect(readSettings({})).toBe(DEFAULT_SETTINGS);
    expect(readSettings({ units: 'us', dates: 'backwards', currency: 'USD' })).toMatchObject({
      ...{ units: 'us', currency: 'USD', dates: DEFAULT_SETTINGS.dates },
    });
  });
});
