import { describe, expect, it } from 'vitest';
import { Memory, weightOf } from './remember';

describe('what is kept in memory', () => {
  it('is made once for its key, and again when it is gone', () => {
    const memory = new Memory<string>(10_000, (text) => text.length);
    let made = 0;
    const get = () => memory.get('a', () => `made ${++made}`);
    expect([get(), get()]).toEqual(['made 1', 'made 1']);
    expect([memory.find('a'), memory.find('b')]).toEqual(['made 1', undefined]);
  });

  it('stays within its bytes; what was not asked for the longest goes first', () => {
    const memory = new Memory<string>(5_000, (text) => text.length);
    for (const key of ['a', 'b', 'c', 'd']) memory.get(key, () => key.repeat(1000));
    memory.get('a', () => 'anew');
    memory.get('e', () => 'e'.repeat(1000));
    expect(memory.bytes).toBeLessThanOrEqual(5_000);
    expect(['a', 'b', 'c', 'd', 'e'].filter((key) => memory.find(key) !== undefined)).toEqual([
      'a',
      'c',
      'd',
      'e',
    ]);
  });

  it('holds one thing that is larger than all that it may hold, and nothing beside it', () => {
    const memory = new Memory<string>(1_000, (text) => text.length);
    memory.get('small', () => 'x');
    expect(memory.get('large', () => 'y'.repeat(9_000))).toHaveLength(9_000);
    expect(memory.find('small')).toBeUndefined();
    memory.get('next', () => 'z');
    expect(memory.find('large')).toBeUndefined();
    expect(memory.bytes).toBeLessThan(1_000);
  });

  it('never grows past its bytes however much passes through it, and keeps no long key', () => {
    const memory = new Memory<object>(100_000, weightOf);
    for (let n = 0; n < 5_000; n++) {
      memory.get(`${'key '.repeat(2_000)}${n}`, () => ({ n, text: 't'.repeat(n % 300) }));
      expect(memory.bytes).toBeLessThanOrEqual(100_000);
    }
    expect(memory.find(`${'key '.repeat(2_000)}4999`)).toMatchObject({ n: 4999 });
  });
});
