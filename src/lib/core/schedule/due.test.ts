import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { inHand, methodOf, type CardInUse } from '../labels';
import type { ApplicationRecord } from '../record';
import { parseDay } from '../units';
import { dueAfter, dueKey } from '.';

const card = (id: string, pest: string, surrounding: 'lawn' | 'kitchen' = 'lawn'): CardInUse => {
  const found = DEMONSTRATION_LABELS.find((one) => one.id === id) ?? expect.fail(id);
  return inHand(found, { pest, stage: null, surrounding }) ?? expect.fail(`${id} has no rate`);
};
const entry = (startedAt: string, endedAt: string): ApplicationRecord =>
  ({ id: 'r1', doneOn: parseDay('2027-09-15'), startedAt, endedAt }) as unknown as ApplicationRecord;
const due = (of: CardInUse, record = entry('07:30', '08:30')) =>
  dueAfter(record, of, methodOf(of, of.use)).map(({ kind, day, clock }) => [kind, day, clock]);

describe('what an entry leaves to be done', () => {
  it('is watering in within the label’s hours, counted from the end of the work', () => {
    const nematodes = card('brackenfold-powder', 'sod-webworm');
    // 4 mm within 2 h: ended at 08:30, so by 10:30.
    expect(nematodes.use.wateringIn).toMatchObject({ mm: 4, withinHours: 2 });
    expect(due(nematodes)).toContainEqual(['water-in', '2027-09-15', '10:30']);
    // A job over midnight: from 23:10 to 00:20 it ends on the 16th, and 2 h later it is 02:20.
    expect(due(nematodes, entry('23:10', '00:20'))).toContainEqual(['water-in', '2027-09-16', '02:20']);
  });

  it('is keeping dry for the longer of drying and rain-free hours where nothing is watered in', () => {
    const bait = card('cinderfold-bait', 'fire-ant');
    expect([bait.use.dryHours, bait.use.rainFreeHours, bait.use.wateringIn]).toEqual([24, 24, null]);
    const found = due(bait);
    expect(found).toContainEqual(['keep-dry', '2027-09-16', '08:30']);
    // Crumbs are brushed off hard ground, and bait is looked at when the label says that it works.
    expect(found).toContainEqual(['brush-off', '2027-09-15', null]);
    expect(found).toContainEqual(['look-at-bait', '2027-09-22', null]);
    expect(found.map(([kind]) => kind)).not.toContain('water-in');
  });

  it('is lifting a sheet at the next dawn', () => {
    expect(due(card('duskfold-sheet', 'crane-fly-larva'), entry('20:00', '20:40'))).toContainEqual([
      'lift',
      '2027-09-16',
      null,
    ]);
  });

  it('is known again by its kind and its entry, so that one tick never serves another', () => {
    expect(dueKey({ kind: 'lift', record: 'r1' })).not.toBe(dueKey({ kind: 'lift', record: 'r2' }));
    expect(dueKey({ kind: 'lift', record: 'r1' })).not.toBe(dueKey({ kind: 'water-in', record: 'r1' }));
  });
});
