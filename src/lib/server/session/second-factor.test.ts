import { describe, expect, it } from 'vitest';
import { newRecoveryCodes, newSecret, secretPicture, stepOf } from './second-factor';

describe('the code of a second factor', () => {
  // RFC 6238, appendix B: the secret “12345678901234567890”, the last six of its eight digits.
  const secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
  it.each([
    [59, '287082', 1],
    [1_111_111_109, '081804', 37_037_036],
    [1_234_567_890, '005924', 41_152_263],
    [20_000_000_000, '353130', 666_666_666],
  ])('at %i s is the one of the standard', (seconds, code, step) => {
    expect(stepOf(secret, code, seconds * 1000)).toBe(step);
  });

  it('is taken one step early or late and no more, with spaces or not', () => {
    expect(stepOf(secret, '287 082', 59_000 + 30_000)).toBe(1);
    expect(stepOf(secret, '287082', 59_000 - 30_000)).toBe(1);
    expect(stepOf(secret, '287082', 59_000 + 61_000)).toBeNull();
  });

  it('is six digits and nothing else', () => {
    for (const code of ['', '28708', '2870821', 'abcdef', '２８７０８２'])
      expect(stepOf(secret, code, 59_000)).toBeNull();
  });

  it('comes from a secret of 160 bits that an authenticator can read off the screen', async () => {
    expect(newSecret()).toMatch(/^[A-Z2-7]{32}$/);
    expect(newSecret()).not.toBe(newSecret());
    expect(await secretPicture(secret, 'marta@ostermere.example')).toMatch(/^<svg[\s\S]*<path/);
  });

  it('may be lost: ten codes to keep, all different', () => {
    const codes = newRecoveryCodes();
    expect(new Set(codes).size).toBe(10);
    for (const code of codes) expect(code).toMatch(/^[a-z2-9]{5}-[a-z2-9]{5}$/);
  });
});
