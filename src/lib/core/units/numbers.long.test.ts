import { describe, expect, it } from 'vitest';
import { entryText, NUMBER_MANNERS, readNumber, writeNumber } from '.';

const MANY = 1_000_000;

/** Numbers of every size by a seeded generator (Park and Miller), so that a failure is found again. */
function* numbers(seed: number): Generator<number> {
  let state = seed;
  const next = (): number => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
  for (let i = 0; i < MANY; i++) {
    const size = 10 ** (Math.floor(next() * 13) - 5);
    const digits = Math.floor(next() * 9);
    const value = Number((next() * size).toFixed(digits));
    yield next() < 0.1 ? -value : value;
  }
}

describe('a million numbers', () => {
  it.each(NUMBER_MANNERS)(
    'written into a field in the manner %s are read back as themselves, and are never doubtful',
    (manner) => {
      let wrong = 0;
      for (const value of numbers(20_271_127)) {
        const text = entryText(value, manner);
        const read = readNumber(text, manner);
        if (read.kind !== 'number' || read.value !== value + 0) {
          wrong += 1;
          expect.soft(`${value} as ${text}: ${JSON.stringify(read)}`).toBe('');
          if (wrong > 5) break;
        }
      }
      expect(wrong).toBe(0);
    },
  );

  it.each(NUMBER_MANNERS)('written for reading in the manner %s are read back as what is shown', (manner) => {
    let wrong = 0;
    for (const value of numbers(7_919)) {
      const shown = Number(value.toFixed(2));
      const read = readNumber(writeNumber(shown, manner, 2), manner);
      if (read.kind !== 'number' || read.value !== shown + 0) wrong += 1;
    }
    expect(wrong).toBe(0);
  });
});
