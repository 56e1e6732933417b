import { describe, expect, it } from 'vitest';
import { movedIn } from './dragged';

describe('a treatment that is dragged in its course', () => {
  it('is found by its number and the place where it was let go', () => {
    expect(movedIn([1, 2, 3, 4], [2, 3, 1, 4])).toEqual({ number: 1, to: 2 });
    expect(movedIn([1, 2, 3, 4], [4, 1, 2, 3])).toEqual({ number: 4, to: 0 });
    expect(movedIn([1, 2, 3, 4], [1, 4, 2, 3])).toEqual({ number: 4, to: 1 });
    // Two that change places: either of them moved.
    const swapped = movedIn([7, 9], [9, 7]);
    expect([{ number: 7, to: 1 }, { number: 9, to: 0 }]).toContainEqual(swapped); // prettier-ignore
  });
  it('moved nowhere where it was let go at its own place', () => {
    expect(movedIn([1, 2, 3], [1, 2, 3])).toBeNull();
    expect(movedIn([1, 2], [1, 2, 3])).toBeNull();
    expect(movedIn([], [])).toBeNull();
  });
  it('whichever of five goes to whichever place, the order that it makes is the one that was seen', () => {
    const before = [5, 3, 8, 1, 9];
    for (let from = 0; from < 5; from++)
      for (let to = 0; to < 5; to++) {
        const after = [...before];
        after.splice(to, 0, ...after.splice(from, 1));
        const moved = movedIn(before, after);
        if (from === to) expect(moved).toBeNull();
        else {
          const made = before.filter((one) => one !== moved?.number);
          made.splice(moved?.to ?? 0, 0, moved?.number ?? 0);
          expect(made).toEqual(after);
        }
      }
  });
});
