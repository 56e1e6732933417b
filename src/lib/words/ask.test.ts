import { PREMISES_KEYS } from '../core/premises';
import { describe, expect, it } from 'vitest';
import { expertSheet, PLAIN, sheetText, sightingReport, toBeReported } from '.';
import { CANDIDATES, FIELD_TESTS, SIGNS } from '../catalog';
import { assess, type CaseFacts, type LookBody } from '../core/case';
import type { CalendarDay } from '../core/units';

const day = '2027-09-15' as CalendarDay;
const look: LookBody = {
  ...{ surrounding: 'lawn', where: 'By the gate', lengthMm: 4, test: 'lure-grid', vigour: 'fair' },
  ...{
    frame: { value: 1, unit: 'count' },
    counts: [3, null, 8],
    flowering: false,
    damp: null,
    note: 'Dog stung',
  },
  signs: { 'ant-mounds': true, 'mound-defence': true, 'sting-burns': 'blister', 'raised-tunnels': false },
};
const facts = (signs: LookBody['signs']): CaseFacts => ({
  ...{
    number: 3,
    title: 'Mounds',
    openedOn: day,
    today: day,
    nowHour: 0,
    real: true,
    licence: null,
    elsewhere: 0,
    states: {},
    settled: {},
    ground: null,
  },
  ...{ records: [], shelf: [], forecast: null, rules: [], ownThresholds: [] },
  property: {
    name: 'Quay House',
    hemisphere: 'north',
    byWater: false,
    avoidTowards: null,
    history: {},
    premises: {
      answers: Object.fromEntries(PREMISES_KEYS.map((key) => [key, 'no'])),
      askedOn: '2027-09-01' as never,
    },
  },
  stops: { look: { ...look, signs } },
  ...{ candidates: CANDIDATES, signs: SIGNS, tests: FIELD_TESTS, guide: {} },
});

describe('asking and telling', () => {
  it('gives an expert what was seen, counted and measured, and how to pack a sample', () => {
    const one = facts(look.signs);
    const text = sheetText(expertSheet(one, assess(one), PLAIN));
    for (const line of [
      '- Quay House, lawn: By the gate',
      '- People were stung by small reddish ants: a white blister the day after',
      '- Raised, finger-wide spongy tunnels: looked for, not seen',
      '- Food lures on a grid, frame 1: lure 1: 3, lure 3: 8',
      '- Body length 4 mm',
      '- Note: Dog stung',
    ])
      expect(text.split('\n')).toContain(line);
    expect(text).toMatch(/HOW TO PACK A SAMPLE\n- Insects: five or more/);
  });

  it('writes a report where something is to be reported, and only there', () => {
    const one = facts(look.signs);
    const view = assess(one);
    const suspect = toBeReported(one, view);
    expect(suspect?.id).toBe('fire-ant');
    if (suspect)
      expect(sheetText(sightingReport(one, view, suspect, PLAIN))).toContain('suspected imported fire ant');
    const other = facts({ 'chewed-blades': true, 'green-pellets': true, 'mound-defence': false });
    expect(toBeReported(other, assess(other))).toBeNull();
  });
});
