import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ApplicationRecord } from '../record';
import type { Quantity } from '../units';
import { countedMovement, leftOf, movedIn, movementsOf, type Movement } from './movements';

type Taken = Pick<ApplicationRecord, 'label' | 'lot' | 'product'>;
const record = (lot: string | null, value: number, unit: Quantity['unit'] = 'ml', id = 'pyre'): Taken => ({
  label: { id, version: 1, name: id },
  lot,
  product: { value, unit },
});
const size: Quantity = { value: 250, unit: 'ml' };

describe('what moves in a container', () => {
  it('is what a record took out of the lot that it names', () => {
    expect(movementsOf(record('L1', 40), null)).toEqual([
      { labelId: 'pyre', lot: 'L1', amount: -40, unit: 'ml', of: 'record' },
    ]);
    expect(movementsOf(record(null, 40), null)).toEqual([]);
    expect(movementsOf(record('L1', 0), null)).toEqual([]);
  });

  it('goes back where a correction takes the place of the record, also from another lot or label', () => {
    expect(movementsOf(record('L2', 30), record('L1', 40))).toEqual([
      { labelId: 'pyre', lot: 'L1', amount: 40, unit: 'ml', of: 'correction' },
      { labelId: 'pyre', lot: 'L2', amount: -30, unit: 'ml', of: 'record' },
    ]);
  });

  it('is summed in the unit of the container; what is of another kind is left out', () => {
    expect(movedIn('ml', [{ amount: -1, unit: 'floz' }])).toBeCloseTo(-29.5735, 3);
    expect(
      movedIn('ml', [
        { amount: -0.1, unit: 'l' },
        { amount: -20, unit: 'ml' },
        { amount: -5, unit: 'g' },
      ]),
    ).toBeCloseTo(-120, 9);
  });
});

describe('what is left', () => {
  it('is the size and what moved, and never below nothing', () => {
    expect(leftOf(size, -40)).toEqual({ left: { value: 210, unit: 'ml' }, overdrawn: 0 });
    expect(leftOf(size, -300)).toEqual({ left: { value: 0, unit: 'ml' }, overdrawn: 50 });
    // Ten times 25 ml of 250 ml leave -2.8e-14 by the arithmetic.
    expect(
      leftOf(
        size,
        Array.from({ length: 10 }, () => -25.000_000_000_000_01).reduce((a, b) => a + b),
      ),
    ).toEqual({
      left: { value: 0, unit: 'ml' },
      overdrawn: 0,
    });
  });

  // Counting an overdrawn one once began at 0 instead of at -50, and left 50 of the 100 that were counted.
  it('is what was counted after it was counted, also in a container that was overdrawn', () => {
    const moved = -300;
    const counted = countedMovement(size, moved, 100);
    expect(counted).toBe(150);
    expect(leftOf(size, moved + counted)).toEqual({ left: { value: 100, unit: 'ml' }, overdrawn: 0 });
  });

  it('comes to the same whether movements are summed as they are written or all anew, with corrections of corrections', () => {
    let corrections = 0;
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            amount: fc.integer({ min: 0, max: 90 }),
            lot: fc.constantFrom('L1', 'L2', null),
            corrects: fc.option(fc.nat(20)),
          }),
          { maxLength: 20 },
        ),
        (entries) => {
          const written: (Taken & { corrected: boolean })[] = [];
          const movements: Movement[] = [];
          for (const { amount, lot, corrects } of entries) {
            const old = corrects === null ? undefined : written[corrects];
            const replaced = old && !old.corrected ? old : null;
            if (replaced) {
              replaced.corrected = true;
              corrections++;
            }
            const next = { ...record(lot, amount), corrected: false };
            movements.push(...movementsOf(next, replaced));
            written.push(next);
          }
          for (const lot of ['L1', 'L2']) {
            const standing = written
              .filter((r) => !r.corrected && r.lot === lot)
              .reduce((sum, r) => sum + r.product.value, 0);
            expect(
              movedIn(
                'ml',
                movements.filter((m) => m.lot === lot),
              ),
            ).toBeCloseTo(-standing, 9);
          }
        },
      ),
    );
    expect(corrections).toBeGreaterThan(20);
  });
});
