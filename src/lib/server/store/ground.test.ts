import { describe, expect, it } from 'vitest';
import type { Plan, Zone } from '../../core/plan';
import type { NamedGround } from '../../core/premises';
import type { ApplicationRecord } from '../../core/record';
import type { CalendarDay } from '../../core/units';
import { groundOf, groundsOnPlan } from './ground';

const day = (text: string): CalendarDay => text as CalendarDay;
const lawn = (id: string, x: number, from: readonly string[] = []): Zone => ({
  ...{
    id,
    name: id,
    kind: 'lawn',
    layer: 'outside',
    from,
    note: '',
    openings: [],
    height: null,
    foreign: null,
  },
  measured: { how: 'drawn', errorPct: 0 } as unknown as Zone['measured'],
  shape: {
    kind: 'rectangle',
    ...{ at: [x, 0], length: 10, width: 10, turn: 0 },
  },
});
const plan = (...zones: Zone[]): Plan => ({
  ...{ unit: 'm', anchor: null, north: 0, underlay: null, marks: [] },
  zones,
});
const record = (id: string, doneOn: string, ground: ApplicationRecord['ground']): ApplicationRecord =>
  ({ id, doneOn: day(doneOn), ground, corrects: null }) as unknown as ApplicationRecord;
const named = (name: string, zones?: readonly string[], tiedOn = '2027-05-01'): NamedGround => ({
  ...{ name, since: day('2027-01-01'), by: 'R. Hallow' },
  ...(zones ? { zones, tiedOn: day(tiedOn) } : {}),
});
const square = (x: number) => [[[x, 0], [x + 10, 0], [x + 10, 10], [x, 10]]] as const; // prettier-ignore

/** Two lawns of 10 × 10 m, 10 m apart: what went down on the east one by its outline, on the west one by its zone. */
const RECORDS = [
  record('east', '2027-04-02', { zones: ['b'], footprint: square(20) }),
  record('west', '2027-04-02', { zones: ['a'], footprint: null }),
  record('nowhere', '2027-04-02', null),
  record('before', '2027-04-20', { zones: [], footprint: null, name: 'Front lawn' }),
  record('after', '2027-06-20', { zones: [], footprint: null, name: 'front  lawn' }),
];
const apart = (zones: Zone[], ...grounds: NamedGround[]): (readonly string[] | undefined)[] =>
  groundsOnPlan(plan(...zones), grounds, RECORDS).map((one) => one.apart);

describe('a named ground that is tied to the plan', () => {
  const drawn = [lawn('a', 0), lawn('b', 20)];
  it('is not laid upon by what the plan shows elsewhere, nor by what was logged under a name that is tied elsewhere', () => {
    expect(apart(drawn, named('back lawn', ['b']), named('front lawn', ['a']))).toEqual([
      // Under the name of the other before anybody said where that lies, it may have been here.
      ['west', 'after'],
      ['east'],
    ]);
  });
  it('keeps its place when its zone is cut in two, and loses it when that is gone', () => {
    expect(apart([lawn('c', 0, ['a']), lawn('b', 20)], named('front lawn', ['a']))).toEqual([['east']]);
    expect(apart([lawn('b', 20)], named('front lawn', ['a']))).toEqual([undefined]);
  });
  it('frees nothing where its zone, or that of a record, was drawn anew: what was known of it is known no more', () => {
    // The west lawn is now "n": what lay on "a", by its zone or by a name that was tied to it, may lie there.
    const anew = [lawn('n', 0), lawn('b', 20)];
    expect(apart(anew, named('new lawn', ['n']), named('front lawn', ['a']))).toEqual([['east'], undefined]);
    const measure = { plan: { zones: ['n'], waterM: 0, hardM: 0, ediblesM: 0 } } as never;
    const cells = groundOf(plan(...anew), measure, RECORDS, [named('front lawn', ['a'])])?.cells.flat();
    expect([...new Set(cells)].sort()).toEqual(['after', 'before', 'nowhere', 'west']);
  });
  it('frees nothing as long as nobody said where it lies', () => {
    expect(apart(drawn, named('front lawn'))).toEqual([undefined]);
    expect(groundsOnPlan(null, [named('front lawn', ['a'])], RECORDS)[0]?.apart).toBeUndefined();
  });
  it('lies on its zones for a treatment that is measured on the plan, from the day on that this was said', () => {
    const measure = { plan: { zones: ['b'], waterM: 0, hardM: 0, ediblesM: 0 } } as never;
    const on = (grounds: NamedGround[]): string[] => [
      ...new Set(groundOf(plan(...drawn), measure, RECORDS, grounds)?.cells.flat()),
    ];
    expect(on([])).toEqual(['east', 'nowhere', 'before', 'after']);
    expect(on([named('front lawn', ['a'])])).toEqual(['east', 'nowhere', 'before']);
    expect(on([named('front lawn', ['b'])])).toEqual(['after', 'east', 'nowhere', 'before']);
  });
});
