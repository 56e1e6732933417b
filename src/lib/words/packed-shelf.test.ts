import { expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../catalog';
import { packShelf, unpackShelf } from './packed-shelf';

it('a packed shelf is the same shelf in three quarters of the text', () => {
  const shelf = DEMONSTRATION_LABELS.map((label) => ({ label, containers: [] }));
  const packed = JSON.stringify(packShelf(shelf));
  expect(unpackShelf(JSON.parse(packed) as ReturnType<typeof packShelf>)).toEqual(shelf);
  expect(packed.length).toBeLessThan(JSON.stringify(shelf).length * 0.75);
});
