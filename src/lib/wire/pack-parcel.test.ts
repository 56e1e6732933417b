import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../catalog';
import { parcelOf } from './pack-parcel';
import { Parcel } from './parcel';

describe('a parcel', () => {
  it('is opened as it was packed, whatever signs are in it', async () => {
    await fc.assert(
      fc.asyncProperty(fc.jsonValue(), fc.string({ unit: 'binary' }), async (value, text) => {
        const content = { value, text: text.toWellFormed?.() ?? text, more: '½ ° — 虫 🐝 </script>' };
        const { text: sent } = parcelOf(content);
        expect(sent).toMatch(/^[\w+/]*=*$/);
        expect(await new Parcel(sent).open()).toEqual(JSON.parse(JSON.stringify(content)));
      }),
      { numRuns: 200, endOnFailure: true },
    );
  });

  it('with the shipped cards travels in less than a quarter of their JSON, and weighs what that is long', () => {
    const parcel = parcelOf(DEMONSTRATION_LABELS);
    expect(parcel.length).toBe(JSON.stringify(DEMONSTRATION_LABELS).length);
    expect(parcel.text.length / parcel.length).toBeLessThan(0.25);
  });
});
