import { describe, expect, it } from 'vitest';
import { asTyped, fieldsOf, parseRecord } from '.';
import { isRefused } from '../core/result';
import { enteredNumber, enteredUnit, fromKept, KEPT_IN, toKept, type Measure } from '../core/units';
import { refusalSentence } from '../words';

function sent(entries: Record<string, string>) {
  const form = new FormData();
  for (const [name, value] of Object.entries(entries)) form.append(name, value);
  return fieldsOf(form);
}

describe('numbers typed in the units of the workspace', () => {
  it('are kept in metric: miles an hour, Fahrenheit, feet, inches, per square foot', () => {
    const fields = sent({
      ...{ windKmh: '10', 'windKmh~in': 'mph' },
      ...{ tempC: '50', 'tempC~in': 'F' },
      ...{ swathM: '5', 'swathM~in': 'ft' },
      ...{ waterMm: '0.5', 'waterMm~in': 'in' },
      ...{ 'perM2.0': '2', 'perM2.0~in': 'per ft2' },
    });
    const got = ['windKmh', 'tempC', 'swathM', 'waterMm', 'perM2.0'].map((name) => Number(fields.get(name)));
    [16.09344, 10, 1.524, 12.7, 2 / 0.09290304].forEach((want, i) => expect(got[i]).toBeCloseTo(want, 9));
  });

  it('do not drift when a form is saved again as it stands', () => {
    for (const measure of Object.keys(KEPT_IN) as Measure[])
      for (const system of ['us', 'uk', 'metric'] as const)
        for (const kept of [0.3, 1.5, 7, 33.333, 999]) {
          const unit = enteredUnit(measure, system);
          const fields = sent({
            x: String(enteredNumber(kept, unit)),
            'x~in': unit,
            'x~before': String(kept),
          });
          expect(Number(fields.get('x'))).toBe(kept);
          expect(toKept(fromKept(kept, unit), unit)).toBeCloseTo(kept, 9);
        }
  });

  it('are refused with the bounds in the unit that was typed, and text is left as it was', () => {
    const fields = sent({ windKmh: '200', 'windKmh~in': 'mph', tempC: 'warm', 'tempC~in': 'F' });
    const parsed = parseRecord(fields);
    const sentences = isRefused(parsed) ? asTyped(parsed.refused, fields).map((r) => refusalSentence(r)) : [];
    expect(sentences).toContain('The wind must lie between 0 and 93.2; it is 200.');
    expect(sentences.find((s) => s.startsWith('The temperature'))).toMatch(/must be a number; it is warm/);
  });
});
