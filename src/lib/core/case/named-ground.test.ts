import { describe, expect, it } from 'vitest';
import { assess, type CaseFacts } from '.';
import { day, factsWith, record, stops } from './case.test-kit';

const GROUNDS: CaseFacts['property']['grounds'] = ['front lawn', 'lake side'].map((name) => ({
  ...{ name, since: day('2027-01-01'), by: 'R. Hallow' },
}));
const facts = (name: string, laidOn: string | undefined, grounds = GROUNDS): CaseFacts => ({
  ...factsWith({
    stops: { ...stops, measure: { ...stops.measure, name } },
    records: [record(laidOn === undefined ? {} : { ground: { zones: [], footprint: null, name: laidOn } })],
  }),
  property: { ...factsWith().property, ...(grounds ? { grounds } : {}) },
});
const halts = (of: CaseFacts): string[] => assess(of).halts.map((h) => h.caution.code);

// Ten days after the lake side had its 40 ml, its label wants 21 days between.
describe('an interval and a year’s most', () => {
  it('hold for the ground that was treated, where the property knows both by their names', () => {
    expect(halts(facts('Lake side', 'lake side'))).toContain('interval-not-over');
    expect(halts(facts('front lawn', 'lake side'))).not.toContain('interval-not-over');
    expect(assess(facts('front lawn', 'lake side')).nextAllowed?.day ?? null).toBeNull();
  });
  it('are not freed by a new name, by none, or by what went down without one', () => {
    expect(halts(facts('lawn in front', 'lake side'))).toContain('interval-not-over');
    expect(halts(facts('', 'lake side'))).toContain('interval-not-over');
    expect(halts(facts('front lawn', undefined))).toContain('interval-not-over');
    expect(halts(facts('front lawn', 'somewhere'))).toContain('interval-not-over');
    expect(halts(facts('front lawn', 'lake side', []))).toContain('interval-not-over');
  });
  it('are freed of what the plan shows elsewhere, once it is said where the ground lies', () => {
    const id = record({}).id;
    const tied = (apart: string[]) =>
      GROUNDS?.map((one) => (one.name === 'front lawn' ? { ...one, apart } : one));
    expect(halts(facts('Front lawn', undefined, tied([])))).toContain('interval-not-over');
    expect(halts(facts('Front lawn', undefined, tied([id])))).not.toContain('interval-not-over');
    expect(halts(facts('lake side', undefined, tied([id])))).toContain('interval-not-over');
  });
  it('count the year’s most of the ground by itself too', () => {
    const used = (name: string): number => {
      const view = assess(facts(name, 'lake side'));
      return view.allowance?.used.value ?? -1;
    };
    expect(used('lake side')).toBeCloseTo(40, 6);
    expect(used('front lawn')).toBe(0);
  });
});
