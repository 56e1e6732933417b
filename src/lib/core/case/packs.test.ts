import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { assess, outsideOf, type CaseFacts, type StopBodies } from '.';
import { day, factsWith, record, stops } from './case.test-kit';

const sponge = DEMONSTRATION_LABELS.find(({ id }) => id === 'mossfold-sponge') ?? expect.fail();
/** 24 × 14 m with its sponges of 50 million, each rinsed out into 5 l, in tanks of 15 l. */
const facts = (mix: Partial<StopBodies['mix']> = {}, more: Partial<CaseFacts> = {}): CaseFacts =>
  factsWith({
    shelf: [{ label: sponge, containers: [] }],
    ...more,
    stops: {
      look: stops.look,
      name: { candidate: 'crane-fly', stage: 'small', stages: ['small'], also: [] },
      choose: { label: sponge.id, reason: '', wishes: [], budget: null },
      measure: { ...stops.measure, strip: 6 },
      mix: { ...stops.mix, rate: 50, step: null, ...mix },
    },
  });

describe('nematodes on a sponge', () => {
  it('are whole packs in stock, so much of it for each fill: 336 m² are four of them in 20 l', () => {
    const view = assess(facts());
    expect(view.dose?.product).toEqual({ value: 200, unit: 'million' });
    expect(view.dose?.problems).toEqual([]);
    expect(view.stock).toMatchObject({ packs: 4, litres: 20, share: 1 });
    expect(view.stock?.fills).toHaveLength(view.dose?.loads.length ?? 0);
    expect(view.stock?.fills.reduce((a, b) => a + b, 0)).toBeCloseTo(20, 9);
    // 67.2 l of mix in tanks of 15 l: the first of five fills gets 15 ÷ 67.2 of the stock.
    expect(view.stock?.fills[0]).toBeCloseTo((15 / 67.2) * 20, 6);
  });
  it('or just what is needed, the rest of the stock told', () => {
    const view = assess(facts({ packs: 'exact' }));
    expect(view.dose?.product.value).toBeCloseTo(168, 9);
    expect(view.stock).toMatchObject({ packs: 4, litres: 20 });
    expect(view.stock?.share).toBeCloseTo(0.84, 9);
  });
  it('in two halves keep within the label, and the second falls due one to two weeks later', () => {
    const half = { half: true } as const;
    const view = assess(facts(half));
    expect(view.stock).toMatchObject({ packs: 2, litres: 10 });
    expect(view.dose?.product.value).toBe(100);
    expect(view.dose?.problems).toEqual([]);
    const first = record({
      ...{
        caseNumber: 4,
        label: { id: sponge.id, version: 1, name: sponge.name },
        part: 'first-half' as const,
      },
      ...{ doneOn: day('2027-09-15'), product: { value: 100, unit: 'million' as const } },
    });
    const due = assess(facts(half, { records: [first] })).dues.find(
      ({ due }) => due.kind === 'second-half',
    )?.due;
    expect([due?.day, due?.facts.by]).toEqual(['2027-09-22', '2027-09-29']);
    // Logged as it was planned it lies outside nothing; the whole of it at once would.
    const codes = (million: number): string[] =>
      outsideOf(facts(half), view, { ...first, product: { value: million, unit: 'million' } }).map(
        ({ code }) => code,
      );
    expect(codes(100)).not.toContain('below-least');
    expect(codes(200)).toContain('above-most');
    const whole = { ...first, part: undefined } as unknown as typeof first;
    expect(assess(facts({}, { records: [whole] })).dues.some(({ due: d }) => d.kind === 'second-half')).toBe(
      false,
    );
  });
});
