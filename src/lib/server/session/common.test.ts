import { describe, expect, it } from 'vitest';
import { isCommon } from './common';

describe('a password', () => {
  it('that is tried first is told as such', () => {
    for (const password of [
      'password123',
      'qwertyuiop',
      '1234567890',
      'aaaaaaaaaa',
      'iloveyou123',
      'letmein2024',
    ])
      expect(isCommon(password, []), password).toBe(true);
  });

  it('made of one’s own name or address is told as such', () => {
    expect(isCommon('marta.quill1', ['Marta Quill', 'marta.quill@ostermere.example'])).toBe(true);
    expect(isCommon('ostermere99', ['Marta Quill', 'marta.quill@ostermere.example'])).toBe(true);
  });

  it('of words that do not belong together is taken, and a long one takes no longer to judge', () => {
    for (const password of [
      'croquet hinge walnut',
      'brown-kettle-nine-yard',
      'x7Kq!pv0Rw2z',
      'ab'.repeat(100) + 'Tq9 walnut',
    ])
      expect(isCommon(password, ['Marta Quill']), password).toBe(password.startsWith('abab'));
  });
});
