import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { METHOD_IDS, methodRow } from '../../core/method';

const source = readFileSync(new URL('./MethodFigure.svelte', import.meta.url), 'utf8');

describe('a figure of how it goes down', () => {
  it.each(METHOD_IDS.filter((id) => id !== 'without-product'))(
    '%s has one, or lanes, or a grid of points',
    (id) => {
      const { placing } = methodRow(id);
      const laned = placing === 'lanes' || placing === 'crossed';
      const named = new RegExp(`^    '?${id}'?: '[A-Z]`, 'm').test(source);
      expect(named).toBe(!laned && id !== 'points-grid');
      // What it is called is drawn as well.
      if (named) expect(source).toContain(`method === '${id}'`);
    },
  );
});
