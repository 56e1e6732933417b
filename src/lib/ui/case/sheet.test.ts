import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CANDIDATES, FIELD_TESTS, GUIDE, SIGNS } from '../../catalog';
import type { AnsweredStop, CaseFacts, MeasureBody, StopBodies } from '../../core/case';
import type { CalendarDay } from '../../core/units';
import { PLAIN } from '../../words/show';
import { CaseSheet } from './sheet.svelte';

const NOON = Date.parse('2027-09-15T12:00:00Z') / 3_600_000;
const TAPE: MeasureBody = {
  ...{ how: 'tape', unit: 'm', length: 20, width: 10, paces: [0, 0], walked: 0, walkedPaces: 0 },
  ...{ paceErrorPct: 0, strip: 0, plan: null },
};
function factsOf(stops: Partial<StopBodies>, revision = 2): CaseFacts {
  return {
    ...{ id: 'c', title: 'Patches', closed: false, createdOn: '2027-09-15' as CalendarDay },
    ...{ today: '2027-09-15' as CalendarDay, thisHour: NOON, nowMinutes: 720 },
    ...{ hemisphere: 'north', person: 'R. Hallow', stops, candidates: CANDIDATES, guide: GUIDE },
    ...{ signs: SIGNS, tests: FIELD_TESTS, shelf: [], records: [], stock: [], equipment: [], ticks: [] },
    states: Object.fromEntries(
      Object.keys(stops).map((stop) => [stop, { revision, upstream: {}, savedAt: '', savedBy: '' }]),
    ),
  } as unknown as CaseFacts;
}
const tape = (length: string): Record<string, string> => ({
  ...{ how: 'tape', unit: 'm', length, width: '10', strip: '0' },
});

describe('the sheet of a case', () => {
  let saved: CaseFacts;
  let sheet: CaseSheet;
  const type = (stop: AnsweredStop, fields: Record<string, string>): Promise<void> =>
    sheet.propose(stop, fields as unknown as HTMLFormElement);
  const length = (): number | undefined => sheet.facts.stops.measure?.length;

  beforeEach(() => {
    // A form is only read here: what stands in its fields.
    const Real = FormData;
    vi.stubGlobal(
      'FormData',
      class extends Real {
        constructor(fields: Record<string, string> = {}) {
          super();
          for (const [name, value] of Object.entries(fields)) this.set(name, value);
        }
      },
    );
    saved = factsOf({ measure: TAPE });
    sheet = new CaseSheet(() => saved, PLAIN);
  });
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it('shows what is saved until something is typed', () => {
    expect(sheet.facts).toBe(saved);
    expect([sheet.isDraft('measure'), sheet.baseOf('measure'), sheet.baseOf('when')]).toEqual([false, 2, 0]);
  });

  it('lays what is typed over it, in the workspace’s own marks, and is told apart by half a revision', async () => {
    await type('measure', { ...tape('12,5'), 'length~as': '1.234,5' });
    expect(length()).toBe(12.5);
    expect(sheet.isDraft('measure')).toBe(true);
    expect(sheet.facts.states.measure?.revision).toBe(2.5);
    expect(saved.stops.measure?.length).toBe(20);
  });

  it('keeps the last good answer while a field is wrong, and says what is wrong with it', async () => {
    await type('measure', tape('30'));
    await type('measure', tape('thirty'));
    expect(length()).toBe(30);
    expect(sheet.typing.map(({ path }) => path)).toEqual(['length']);
    expect(sheet.typing[0]?.message).toMatch(/^The length/);
    await type('measure', tape('31'));
    expect([length(), sheet.typing]).toEqual([31, []]);
  });

  it('has what draws a pass along the edges once somebody asks for one, and not before', async () => {
    const place = { swathM: '1.5', overlap: '0', direction: 'auto', start: 'this-end' };
    await type('place', { ...place, edges: 'cover' });
    expect(sheet.facts.trimPass).toBeUndefined();
    await type('place', { ...place, edges: 'trim' });
    expect(sheet.facts.stops.place?.edges).toBe('trim');
    // 24 × 14 m, 1 m inside.
    const rings = sheet.facts.trimPass?.([[[0, 0], [24, 0], [24, 14], [0, 14]]], 2, 0).rings; // prettier-ignore
    expect(rings?.[0]?.map((point) => point.map(Math.round)).sort()).toEqual([[1, 1], [1, 13], [23, 1], [23, 13]]); // prettier-ignore
  });

  it('takes what was typed while a save was on its way as built on that save, not as somebody else’s', async () => {
    await type('measure', tape('30'));
    sheet.forget('measure');
    // The page still shows revision 2: its own save, 3, is read a moment later.
    await type('measure', tape('31'));
    expect(sheet.baseOf('measure')).toBe(2);
    saved = factsOf({ measure: { ...TAPE, length: 30 } }, 3);
    sheet.builtOn('measure', 3);
    expect([sheet.baseOf('measure'), length()]).toEqual([3, 31]);
    // Nothing was typed: the revision that is shown is the base, whoever saved it.
    sheet.forget('measure');
    sheet.builtOn('measure', 3);
    saved = factsOf({ measure: TAPE }, 4);
    expect(sheet.baseOf('measure')).toBe(4);
  });

  it('is built on the revision that stood when the typing began, whatever others save meanwhile', async () => {
    await type('measure', tape('30'));
    saved = factsOf({ measure: { ...TAPE, width: 99 } }, 5);
    await type('measure', tape('31'));
    expect(sheet.baseOf('measure')).toBe(2);
    sheet.forget('measure');
    expect(sheet.baseOf('measure')).toBe(5);
  });

  it('takes the last of two that were typed quickly, whichever was read first', async () => {
    await Promise.all([type('measure', tape('40')), type('measure', tape('41'))]);
    expect(length()).toBe(41);
  });

  it('is no draft where what was typed is what is saved, and none once it was forgotten', async () => {
    await type('measure', tape('25'));
    const body = sheet.facts.stops.measure ?? expect.fail('nothing');
    expect(sheet.isDraft('measure')).toBe(true);
    saved = factsOf({ measure: body });
    expect(sheet.isDraft('measure')).toBe(false);
    await type('measure', tape('26'));
    sheet.forget('measure');
    expect([sheet.isDraft('measure'), sheet.typing]).toEqual([false, []]);
  });

  it('assumes what a stop opens with where nothing was saved, and never over what was', () => {
    sheet.assume('measure', { ...TAPE, length: 1 });
    expect(length()).toBe(20);
    saved = factsOf({});
    sheet = new CaseSheet(() => saved, PLAIN);
    sheet.assume('measure', { ...TAPE, length: 1 });
    expect(length()).toBe(1);
  });

  it('lets what counts at a place bear on the ranking before anything is chosen', async () => {
    await type('choose', { 'wishes.bees': 'on' });
    expect(sheet.typing).toEqual([]);
    expect(sheet.facts.stops.choose).toMatchObject({ label: '', wishes: ['bees'] });
  });
});
