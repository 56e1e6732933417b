import fc from 'fast-check';
import { expect, test } from 'vitest';
import { packAlike, unpackAlike } from './packed-alike';

const row = fc.record(
  {
    a: fc.constantFrom(null, 1, 'x'),
    b: fc.array(fc.nat(3), { maxLength: 2 }),
    c: fc.record({ d: fc.option(fc.nat(2)) }),
  },
  { requiredKeys: ['a', 'b'] },
);

test('objects come back as they went, and shorter where they are alike', () => {
  fc.assert(
    fc.property(fc.array(row), (list) => {
      const sent = JSON.parse(JSON.stringify(packAlike(list))) as ReturnType<
        typeof packAlike<(typeof list)[0]>
      >;
      expect(unpackAlike(sent)).toEqual(list);
    }),
  );
  expect(
    packAlike([
      { a: null, b: 1 },
      { a: null, b: 2 },
      { a: 3, b: 2 },
    ]),
  ).toEqual({
    most: { a: null, b: 2 },
    rows: [{ b: 1 }, {}, { a: 3 }],
  });
});
