import { expect, it } from 'vitest';
import type { ShelfEntry } from '../core/choose';
import { DEMONSTRATION_LABELS } from '../catalog';
import { packShelf, unpackShelf } from './packed-shelf';

it('a packed shelf is the same shelf in three quarters of the text', () => {
  const container = (lot: string) => ({
    ...{ lot, size: { value: 1, unit: 'l' }, left: { value: 1, unit: 'l' }, price: null, keptIn: '' },
    ...{ expiresOn: null, boughtOn: null, openedOn: null, until: null },
  });
  // Some have none, some one, some two.
  const shelf = DEMONSTRATION_LABELS.map((label, n) => ({
    label,
    containers: ['A', 'B'].slice(0, n % 3).map((lot) => container(`${lot}${n}`)),
  })) as ShelfEntry[];
  const packed = JSON.stringify(packShelf(shelf));
  expect(unpackShelf(JSON.parse(packed) as ReturnType<typeof packShelf>)).toEqual(shelf);
  expect(packed.length).toBeLessThan(JSON.stringify(shelf).length * 0.75);
});
