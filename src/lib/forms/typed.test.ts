import { describe, expect, it } from 'vitest';
import { fieldsOf, parseJob, parseRecord, parseStop } from '.';
import { isRefused, type Refusal } from '../core/result';
import { refusalSentence } from '../words';

const sent = (entries: Record<string, string>) => {
  const form = new FormData();
  for (const [name, value] of Object.entries(entries)) form.append(name, value);
  return fieldsOf(form);
};
const NOBODY = {
  signs: new Map(),
  tests: new Set<string>(),
  candidates: new Map(),
  labels: new Set<string>(),
};
const tape = (length: string, manner: string, unit = 'm') =>
  parseStop(
    'measure',
    sent({
      ...{ how: 'tape', unit, length, 'length~as': manner, 'length~unit': unit },
      ...{ width: '10', 'width~as': manner, strip: '' },
    }),
    NOBODY,
  );
const lengthOf = (length: string, manner: string, unit = 'm'): number | string => {
  const read = tape(length, manner, unit);
  return isRefused(read) ? refusalSentence(read.refused[0] as Refusal) : (read.ok?.length ?? 0);
};

describe('numbers that a form sends in the manner they were typed in', () => {
  it('keep their decimals behind a comma, and their thousands', () => {
    expect(lengthOf('12,5', '1.234,5')).toBe(12.5);
    expect(lengthOf('12,5', '1,234.5')).toBe(12.5);
    expect(lengthOf('1.250', '1.234,5')).toBe(1250);
    expect(lengthOf('1,250', '1,234.5')).toBe(1250);
  });
  it('are asked for again, with both readings, where they can be read in two ways', () => {
    expect(lengthOf('1.250', '1,234.5')).toBe(
      'The length can be read as 1.25 or as 1,250. Type 1.25 or 1250.',
    );
  });
  it('are converted where another unit stands behind them', () => {
    expect(lengthOf(`5'6"`, '1,234.5', 'ft')).toBe(5.5);
    expect(lengthOf('12 ft', '1.234,5', 'm')).toBe(3.6576);
  });
  it('are left to be refused where they are no numbers, and a manner that nobody knows changes nothing', () => {
    expect(lengthOf('long', '1,234.5')).toBe('The length must be a number; it is long.');
    expect(lengthOf('12,5', '__proto__')).toMatch(/must be a number/);
  });
  it('take the unit of their pair at How much', () => {
    const job = parseJob(
      sent({
        ...{ method: 'tank', least: '1', 'least~as': '1.234,5', rateUnit: 'floz', 'per.value': '1.000' },
        ...{ 'per.value~as': '1.234,5', 'per.unit': 'ft2', 'target.value': '30 ft x 25 ft' },
        ...{ 'target.value~as': '1.234,5', 'target.unit': 'ft2' },
      }),
    );
    expect(job).toMatchObject({
      ok: { rate: { min: 1, unit: 'floz', per: { value: 1000, unit: 'ft2' } }, target: { value: 750 } },
    });
  });
  it('come with days and times as they were typed', () => {
    const record = parseRecord(
      sent({
        ...{ doneOn: '9/15/27', 'doneOn~day': 'month-day', 'doneOn~today': '2027-09-15' },
        ...{ startedAt: '6.30 pm', 'startedAt~clock': '24', endedAt: '19', 'endedAt~clock': '24' },
        ...{ 'product.value': '4', 'product.unit': 'ml', 'area.value': '10', 'area.unit': 'm2', person: 'R' },
      }),
    );
    expect(record).toMatchObject({ ok: { doneOn: '2027-09-15', startedAt: '18:30', endedAt: '19:00' } });
  });
  it('are not searched in a field of four million digits', () => {
    const started = performance.now();
    const fields = sent({ windKmh: '1'.repeat(4_000_000), 'windKmh~in': 'mph', 'windKmh~as': '1,234.5' });
    expect(isRefused(parseRecord(fields))).toBe(true);
    expect(performance.now() - started).toBeLessThan(1000);
  });
});
