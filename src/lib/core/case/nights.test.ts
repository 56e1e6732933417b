import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { assess, countIn, type CaseFacts } from '.';
import { day, dry, factsWith, NOON, record, stops } from './case.test-kit';

const sheet = DEMONSTRATION_LABELS.find(({ id }) => id === 'duskfold-sheet') ?? expect.fail();
const night = (n: number, go: number) =>
  record({
    ...{ id: `n${n}`, caseNumber: 4, go, label: { id: sheet.id, version: 1, name: sheet.name } },
    ...{ doneOn: day(`2027-09-1${n}`), startedAt: '19:30', endedAt: '06:10' },
    ...{ product: { value: 2, unit: 'count' as const }, area: { value: 24, unit: 'm2' as const } },
  });
/** Nights on the 11th, 12th, 13th …, each with what was said when its sheet was lifted. */
const facts = (...said: (string | null)[]): CaseFacts =>
  factsWith({
    ...{ go: said.length, shelf: [{ label: sheet, containers: [] }] },
    stops: {
      look: stops.look,
      name: { candidate: 'crane-fly', stage: 'large', also: [] },
      choose: { label: sheet.id, reason: '', wishes: [], budget: null },
      measure: { ...stops.measure, length: 6, width: 4, strip: 0 },
    },
    records: said.map((_, i) => night(i + 1, i + 1)),
    settled: Object.fromEntries(
      said.flatMap((count, i) =>
        count === null ? [] : [[`due lift n${i + 1}`, { by: 'R.', at: '', said: count }] as const],
      ),
    ),
  });
const verdict = (...said: (string | null)[]) => assess(facts(...said)).nights?.verdict;

describe('a sheet over night', () => {
  it('is laid from dusk on and lifted on the next day, with no lanes', () => {
    const view = assess(facts(null));
    expect(view.lanes).toBeNull();
    expect(view.dues.map(({ due }) => [due.kind, due.day])).toEqual([['lift', '2027-09-12']]);
    // 24 m² at a sheet for each 12.
    expect(view.dose?.product).toEqual({ value: 2, unit: 'count' });
    const hours = view.hours?.windows.map(({ from, to }) => [(from - NOON + 12) % 24, to - from]) ?? [];
    expect(hours[0]).toEqual([17, 6]);
  });
  it('in rain too: the turf is to be soaked', () => {
    const wet = { ...dry, hours: dry.hours.map((hour) => ({ ...hour, rainMm: 3 })) };
    expect(assess({ ...facts(null), forecast: wet }).hours?.windows.length).toBeGreaterThan(0);
  });
  it('is laid again while the count falls, and no more when it does not', () => {
    expect(verdict(null)).toBe('count-first');
    expect(verdict('34')).toBe('again');
    expect(verdict('34', '20')).toBe('again');
    expect(verdict('34', '20', '22')).toBe('stop');
    expect(verdict('34', '20', '20')).toBe('stop');
    expect(verdict('34', '0 under it')).toBe('none-left');
    expect(verdict('34', null)).toBe('count-first');
    expect(assess(factsWith()).nights).toBeNull();
  });
  it('reads the number that was said first, and no part of another', () => {
    expect([
      countIn('34 larvae'),
      countIn(' 0'),
      countIn('some'),
      countIn('3.5'),
      countIn(undefined),
    ]).toEqual([...[34, 0, null, null, null]]);
  });
});
