import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import type { LabelCard } from '../labels';
import { valueIn } from '../units';
import { assess, factsFor, type CaseFacts, type StopBodies, type Treatment } from '.';
import { day, factsWith, stops } from './case.test-kit';
import { partnerAmounts } from './partner';
import { carrierOfBoth } from './shared-tank';

const card = (id: string): LabelCard => DEMONSTRATION_LABELS.find((one) => one.id === id) ?? expect.fail(id);
const [tarnside, sallowfold] = [card('tarnside-liquid'), card('sallowfold-bacterium')];
const JAR = { with: 1, jarOn: day('2027-09-15'), jarBy: 'R. Hallow', jarResult: 'mixes' } as const;

/** A, Tarnside with a tank of 15 l on 336 m²; B, Sallowfold, in the tank of A. */
const course = (
  shared: StopBodies['mix']['shared'],
  other: LabelCard = sallowfold,
  tankOfA: Partial<StopBodies['mix']> = {},
  tankOfB: Partial<StopBodies['mix']> = {},
): CaseFacts => {
  const { look, name, measure, when, mix, place } = stops;
  const treatment = (number: number, own: Treatment['stops']): Treatment => ({
    ...{ number, state: 'planned', onlyIf: '', go: 1, states: {}, settled: {}, ground: null, stops: own },
  });
  const a = {
    ...{ measure, when, place, mix: { ...mix, ...tankOfA } },
    choose: { label: tarnside.id, reason: '', wishes: [], budget: null },
  };
  const rate = other.uses[0]?.rate?.min ?? expect.fail();
  const b = {
    choose: { label: other.id, reason: '', wishes: [], budget: null },
    mix: { ...mix, rate, tank: null, tankName: '', step: null, shared: shared ?? null, ...tankOfB },
  };
  return factsWith({
    shelf: [tarnside, other].map((label) => ({ label, containers: [] })),
    ...{ treatment: 1, course: [treatment(1, a), treatment(2, b)] },
    stops: { look, name, ...a },
  });
};
const second = (facts: CaseFacts) => assess(factsFor(facts, 2) ?? expect.fail());
const partnerHalts = (facts: CaseFacts): string[][] =>
  [assess(facts), second(facts)].map((view) =>
    view.halts.flatMap(({ caution }) => (caution.code.startsWith('partner') ? [caution.code] : [])),
  );

describe('two treatments in one tank', () => {
  it('have one finished volume within both labels: 60 to 80 and 80 l for 1,000 m² are 80', () => {
    const facts = course(JAR);
    const [a, b] = [assess(facts), second(facts)];
    expect(partnerHalts(facts)).toEqual([[], []]);
    for (const view of [a, b]) expect(view.dose?.finished?.value).toBeCloseTo(0.08 * 336, 6);
    expect(b.dose?.loads.map(({ finished }) => finished.value)).toEqual(
      a.dose?.loads.map(({ finished }) => finished.value),
    );
    // Each has its own product at its own rate, on the same ground, by the same lanes.
    expect(b.dose?.exactProduct.unit).not.toBe('');
    expect([b.lawn?.area.value, b.lanes?.lineCount]).toEqual([a.lawn?.area.value, a.lanes?.lineCount]);
    expect(b.trail.find(({ stop }) => stop === 'measure')?.state).toBe('answered');
    expect(a.cautions.map(({ caution }) => caution.code)).toContain('partner-log');
  });
  it('share the second product over the loads of the tank, so that it comes to its own label’s rate', () => {
    const facts = course(JAR);
    const view = assess(facts);
    const { rate } = second(facts).label?.use ?? expect.fail();
    const amounts = partnerAmounts(
      second(facts).label ?? expect.fail(),
      rate.min,
      view.lawn ?? expect.fail(),
      view.dose ?? expect.fail(),
    );
    expect(amounts?.product.value).toBeCloseTo((rate.min * 336) / valueIn(rate.per, 'm2'), 6);
    expect(amounts?.loads.reduce((sum, load) => sum + load.value, 0)).toBeCloseTo(
      amounts?.product.value ?? 0,
      9,
    );
  });
  it('halt where the second is mixed at another rate than its label’s', () => {
    const { min } = second(course(JAR)).label?.use.rate ?? expect.fail();
    expect(partnerHalts(course(JAR, sallowfold, {}, { rate: min * 100 }))[0]).toEqual(['partner-rate']);
  });
  it('halt both until a jar stayed mixed', () => {
    expect(partnerHalts(course({ ...JAR, jarBy: '' }))[0]).toEqual(['partner-jar-missing']);

    expect(partnerHalts(course({ ...JAR, jarResult: null }))).toEqual([
      ...[['partner-jar-missing'], ['partner-jar-missing']],
    ]);
    expect(partnerHalts(course({ ...JAR, jarResult: 'separates' }))[1]).toEqual(['partner-jar-failed']);
  });
  it('halt where a label does not allow it, or wants another amount of mix', () => {
    expect(partnerHalts(course(JAR, card('stonewath-systemic')))[0]).toContain('partner-not-allowed');
    const [use = expect.fail()] = sallowfold.uses;
    const thick: LabelCard = {
      ...sallowfold,
      uses: [{ ...use, carrier: { amount: { value: 15, unit: 'l' }, per: { value: 1000, unit: 'm2' } } }],
    };
    expect(partnerHalts(course(JAR, thick))).toEqual([['partner-carrier'], ['partner-carrier']]);
    const carryOver = {
      finished: { value: 2, unit: 'l' as const },
      product: { value: 5, unit: 'ml' as const },
    };
    expect(partnerHalts(course(JAR, sallowfold, { carryOver }))[0]).toEqual(['partner-carry-over']);
  });
  it('stand each for itself where none shares, and where the other was dropped', () => {
    const alone = course(null);
    expect(partnerHalts(alone)).toEqual([[], []]);
    expect(second(alone).lawn).toBeNull();
    expect(assess(alone).dose?.finished?.value).toBeCloseTo(0.06 * 336, 6);
    const dropped = course(JAR);
    const facts = {
      ...dropped,
      course:
        dropped.course?.map((one) => (one.number === 2 ? { ...one, state: 'dropped' as const } : one)) ?? [],
    };
    expect(assess(facts).cautions.map(({ caution }) => caution.code)).not.toContain('partner-log');
  });
});

describe('one finished volume', () => {
  const carrier = (litres: number, m2: number, most?: number) => ({
    carrier: { amount: { value: litres, unit: 'l' as const }, per: { value: m2, unit: 'm2' as const } },
    carrierMost: most === undefined ? null : { value: most, unit: 'l' as const },
  });
  it('is the greater least of two ranges that meet, told as the first tells its own', () => {
    expect(carrierOfBoth(carrier(60, 1000, 80), carrier(8, 100))?.amount.value).toBeCloseTo(80, 9);
    expect(carrierOfBoth(carrier(4, 100, 8), carrier(60, 1000, 100))?.amount).toEqual({
      value: 6,
      unit: 'l',
    });
    expect(carrierOfBoth(carrier(4, 100), carrier(60, 1000))).toBeNull();
    expect(carrierOfBoth({ carrier: null }, carrier(60, 1000))).toBeNull();
  });
});
