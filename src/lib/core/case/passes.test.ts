import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { valueIn } from '../units';
import { assess, type CaseFacts, type StopBodies } from '.';
import { factsWith, stops } from './case.test-kit';

const granule = DEMONSTRATION_LABELS.find(({ id }) => id === 'hazelmoor-granule') ?? expect.fail();
// 10 × 10 m with a swath of 3 m: four lines each way, 2.33 m apart as they lie.
const facts = (rate: number, place: Partial<StopBodies['place']> = {}): CaseFacts => {
  const pest = granule.uses[0]?.targets[0] ?? expect.fail();
  return factsWith(
    {
      ...{ property: { ...factsWith().property, byWater: false } },
      stops: {
        ...stops,
        name: { candidate: pest.pest, stage: pest.stages[0] ?? null, also: [] },
        choose: { label: granule.id, reason: '', wishes: [], budget: null },
        measure: { ...stops.measure, length: 10, width: 10, strip: 0 },
        mix: { ...stops.mix, rate, tank: null, step: { value: 1, unit: 'g' } },
        place: { ...stops.place, swathM: 3, ...place },
      },
    },
    ['recheck'],
  );
};
const most = granule.uses[0]?.rate?.max ?? expect.fail();
const least = granule.uses[0]?.rate?.min ?? expect.fail();
const halts = (of: CaseFacts): string[] => assess(of).halts.map((h) => h.caution.code);

describe('crossed passes of granules', () => {
  it('with a swath of 3 m over 10 m go over the ground 2.4 times: a gate at half the rate lays down a fifth more', () => {
    const view = assess(facts(least));
    expect([view.lanes?.lineCount, view.crossed?.lineCount]).toEqual([4, 4]);
    expect(view.passes?.times).toBeCloseTo((8 * 10 * 3) / 100, 6);
    expect(view.passes?.atHalf).toBeCloseTo(1.2 * (view.dose?.actualRate ?? 0), 6);
  });
  it('get over each metre what makes Mix’s amount over all of both, whatever the overlap', () => {
    for (const overlap of [0, 0.3, 0.5]) {
      const view = assess(facts(least, { overlap }));
      const walked = (view.lanes?.sprayedLength ?? 0) + (view.crossed?.sprayedLength ?? 0);
      const amount = view.dose?.product ?? expect.fail();
      expect(valueIn(view.perMetre ?? expect.fail(), amount.unit) * walked).toBeCloseTo(amount.value, 6);
    }
  });
  it('halt where half the rate in each would pass the label’s most, until the gate is set by the metre', () => {
    expect(halts(facts(most))).toContain('passes-over-most');
    const open = facts(most);
    const key = assess(open).halts.find((h) => h.caution.code === 'passes-over-most')?.key ?? '';
    const told = { ...open, settled: { [key]: { by: 'R. Hallow', at: '2027-09-15T08:00:00Z' } } };
    expect(halts(told)).not.toContain('passes-over-most');
    // With lanes a whole swath apart half the rate in each is the rate.
    expect(halts(facts(most, { swathM: 2.5 }))).not.toContain('passes-over-most');
    expect(halts(facts(most, { swathM: 2.5, overlap: 0.5 }))).toContain('passes-over-most');
  });
});
