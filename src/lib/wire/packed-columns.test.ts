import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { packColumns, unpackColumns, type PackedColumns } from './packed-columns';

const sent = <T extends object>(list: readonly T[]): T[] =>
  unpackColumns(JSON.parse(JSON.stringify(packColumns(list))) as PackedColumns<T>);

describe('a list packed by its columns', () => {
  it('comes back as it was, whatever its objects say and lack', () => {
    const one = fc.record(
      {
        lot: fc.string(),
        left: fc.record({ value: fc.integer() }),
        until: fc.option(fc.constantFrom('a', 'b')),
      },
      { requiredKeys: ['lot'] },
    );
    fc.assert(
      fc.property(fc.array(one, { maxLength: 12 }), (list) => {
        expect(sent(list)).toEqual(list);
      }),
      { numRuns: 200, endOnFailure: true },
    );
  });

  it('says what many containers share once: 320 of them in less than a quarter of the text', () => {
    const containers = Array.from({ length: 320 }, (_, n) => ({
      ...{
        lot: `L${n}`,
        size: { value: 50, unit: 'million' },
        left: { value: 50, unit: 'million' },
        overdrawn: 0,
      },
      ...{
        price: 20,
        paid: { amount: 20, currency: 'GBP' },
        boughtOn: null,
        openedOn: null,
        keptIn: 'Store',
      },
      ...{ expiresOn: `2027-10-${10 + (n % 20)}`, until: `2027-10-${10 + (n % 20)}` },
    }));
    expect(sent(containers)).toEqual(containers);
    const lengths = [packColumns(containers), containers].map((value) => JSON.stringify(value).length);
    expect(lengths[0]! / lengths[1]!).toBeLessThan(0.25);
  });
});
