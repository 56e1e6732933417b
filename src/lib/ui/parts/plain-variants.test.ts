import { describe, expect, it } from 'vitest';
import { tv } from './plain-variants';

describe('a theme without a look', () => {
  it('gives a part the classes that it is given, and no other', () => {
    const button = tv({}) as (given?: { class?: unknown }) => string;
    expect([button({ class: 'button button-main' }), button({}), button()]).toEqual([
      'button button-main',
      '',
      '',
    ]);
    expect(button({ class: ['a', ['b', undefined], false, 'c'] })).toBe('a b c');
  });
  it('has a function for each of its places, its base among them', () => {
    const checkbox = tv({ slots: { div: '' } }) as () => Record<
      string,
      (given?: { class?: unknown }) => string
    >;
    const { base, div } = checkbox();
    expect([base?.({ class: 'box' }), div?.({ class: 'tick' }), Object.keys(checkbox())]).toEqual([
      ...['box', 'tick', ['base', 'div']],
    ]);
  });
});
