import { describe, expect, it } from 'vitest';
import { DraftKeeper, forgetDrafts, sameState, type FormState } from './form-draft';

function shelf(full = false) {
  const kept = new Map<string, string>();
  return {
    kept,
    get length() {
      return kept.size;
    },
    key: (i: number) => [...kept.keys()][i] ?? null,
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (full) throw new Error('QuotaExceededError');
      kept.set(key, value);
    },
    removeItem: (key: string) => void kept.delete(key),
  };
}
const START: FormState = [
  ['name', ''],
  ['unit', 'ml'],
];
const TYPED: FormState = [
  ['name', 'Turf liquid'],
  ['unit', 'ml'],
];
const DAY = 86_400_000;

describe('the draft of a form', () => {
  it('is kept as it is typed, and offered to whoever opens the page again', () => {
    const on = shelf();
    const keeper = new DraftKeeper('w1 p1 /shelf/new', START, on, () => 1000);
    expect(keeper.offered()).toBeNull();
    keeper.typed(TYPED);
    expect([keeper.dirty, keeper.kept]).toEqual([true, true]);
    expect(new DraftKeeper('w1 p1 /shelf/new', START, on, () => 2000).offered()).toEqual({
      at: 1000,
      fields: TYPED,
    });
  });
  it('is of its form, its person and its workspace', () => {
    const on = shelf();
    new DraftKeeper('w1 p1 /shelf/new', START, on, () => 0).typed(TYPED);
    for (const key of ['w2 p1 /shelf/new', 'w1 p2 /shelf/new', 'w1 p1 /settings'])
      expect(new DraftKeeper(key, START, on, () => 0).offered()).toBeNull();
  });
  it('is gone once the form was taken, or stands again as it was', () => {
    const on = shelf();
    const keeper = new DraftKeeper('k', START, on, () => 0);
    keeper.typed(TYPED);
    keeper.forget();
    expect([keeper.dirty, on.kept.size]).toEqual([false, 0]);
    keeper.typed(TYPED);
    keeper.typed(START);
    expect([keeper.dirty, on.kept.size]).toEqual([false, 0]);
  });
  it('begins anew from what was taken: typed back to what the page opened with, it is a draft', () => {
    const on = shelf();
    const keeper = new DraftKeeper('k', START, on, () => 0);
    keeper.typed(TYPED);
    keeper.taken(TYPED);
    expect([keeper.dirty, on.kept.size]).toEqual([false, 0]);
    keeper.typed(TYPED);
    expect(keeper.dirty).toBe(false);
    keeper.typed(START);
    expect([keeper.dirty, on.kept.size]).toEqual([true, 1]);
  });
  it('is not offered where the page says the same already, nor after a month', () => {
    const on = shelf();
    new DraftKeeper('k', START, on, () => 0).typed(TYPED);
    expect(new DraftKeeper('k', [...TYPED].reverse(), on, () => 0).offered()).toBeNull();
    expect(new DraftKeeper('k', START, on, () => 32 * DAY).offered()).toBeNull();
    expect(on.kept.size).toBe(0);
  });
  it.each(['{', '[]', '{"at":1}', '{"at":1,"fields":[["a"]]}', '{"at":1,"fields":[["a",2]]}', '7'])(
    'that is broken (%s) is dropped',
    (text) => {
      const on = shelf();
      on.kept.set('nimsy-draft k', text);
      expect(new DraftKeeper('k', START, on, () => 0).offered()).toBeNull();
    },
  );
  it('says that it is not kept where the browser has no room, or lets nothing be kept', () => {
    const full = new DraftKeeper('k', START, shelf(true), () => 0);
    full.typed(TYPED);
    expect([full.dirty, full.kept]).toEqual([true, false]);
    const none = new DraftKeeper('k', START, null, () => 0);
    none.typed(TYPED);
    expect([none.dirty, none.kept, none.offered()]).toEqual([true, false, null]);
  });
  it('leaves with whoever signs out, and nothing else does', () => {
    const on = shelf();
    on.kept.set('nimsy.units', '{}');
    new DraftKeeper('a', START, on, () => 0).typed(TYPED);
    new DraftKeeper('b', START, on, () => 0).typed(TYPED);
    expect(forgetDrafts(on)).toBe(2);
    expect([...on.kept.keys()]).toEqual(['nimsy.units']);
  });
  it('takes what is empty for what is not there', () => {
    expect(
      sameState(
        [
          ['a', '1'],
          ['b', ''],
        ],
        [['a', '1']],
      ),
    ).toBe(true);
    expect(sameState([['a', '1']], [['a', '2']])).toBe(false);
  });
});
