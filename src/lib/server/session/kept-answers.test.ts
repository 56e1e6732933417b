import { describe, expect, it } from 'vitest';
import { DEFAULT_SETTINGS } from '../../forms';
import { parseDay } from '../../core/units';
import { answerAt, type Reading } from './kept-answers';

const reading = (revision: number, more: { role?: 'owner' | 'viewer'; at?: string } = {}): Reading => ({
  who: { workspaceId: 'w', revision, role: more.role ?? 'owner' },
  around: {
    now: new Date(more.at ?? '2027-09-15T06:31:00Z'),
    today: parseDay('2027-09-15') ?? (0 as never),
    ...{ real: false, settings: DEFAULT_SETTINGS, licence: null },
  },
});

describe('what a page is made of', () => {
  let read = 0;
  const ask = (at: Reading, what = 'case 6') =>
    answerAt(
      at,
      what,
      () => Promise.resolve({ read: ++read }),
      () => 100,
    );

  it('is read once while nothing of the workspace changes, and anew after any change', async () => {
    const first = await ask(reading(1));
    expect(await ask(reading(1))).toBe(first);
    expect(await ask(reading(2))).not.toBe(first);
    // Somebody whose request began before the change may still be answered as it was then.
    expect(await ask(reading(1))).toBe(first);
  });

  it('is another one in another page, role or quarter of an hour', async () => {
    const first = await ask(reading(7));
    for (const other of [
      ask(reading(7), 'case 7'),
      ask(reading(7, { role: 'viewer' })),
      ask(reading(7, { at: '2027-09-15T06:46:00Z' })),
    ])
      expect(await other).not.toBe(first);
    expect(await ask(reading(7, { at: '2027-09-15T06:44:59Z' }))).toBe(first);
  });

  it('that is not there is not kept: names that anybody can think of would push out the rest', async () => {
    let asked = 0;
    const nothing = () =>
      answerAt(
        reading(1),
        'case 999',
        () => Promise.resolve((asked++, null)),
        () => 1,
      );
    expect([await nothing(), await nothing(), asked]).toEqual([null, null, 2]);
  });
});
