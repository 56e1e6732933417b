import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FIRST_SEEN } from '../../../core/identify';
import { INSECTS, SIGN_ART } from '.';

describe('what somebody comes with', () => {
  it('has a drawing for each thing, and each drawing is there', () => {
    const page = readFileSync('src/routes/cases/new/+page.svelte', 'utf8');
    const table = /const DRAWN[\s\S]*?\n {2}\};/.exec(page)?.[0] ?? '';
    const drawn = new Map(
      [...table.matchAll(/(\w+): '([a-z-]+)'/g)].map(([, kind = '', id = '']) => [kind, id]),
    );
    expect([...drawn.keys()].sort()).toEqual([...FIRST_SEEN].sort());
    for (const id of drawn.values()) expect(id in INSECTS || id in SIGN_ART, id).toBe(true);
  });
});
