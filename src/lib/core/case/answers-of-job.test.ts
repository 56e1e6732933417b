import { describe, expect, it } from 'vitest';
import { readCard } from '../../catalog';
import type { Surrounding } from '../identify';
import { cardOfJob, FAMILIES_BY, howMuch, type Job } from '../job';
import type { Family } from '../labels';
import { expectAnswer } from '../result';
import { quantity, type Quantity } from '../units';
import { answersOfJob, assess, type CaseFacts } from '.';
import { factsWith, stops } from './case.test-kit';

const m2 = (value: number) => quantity(value, 'm2');
const count = (value: number) => quantity(value, 'count');
const rate = (min: number, unit: Quantity['unit'], per: Quantity, max = min): Job['rate'] => ({
  ...{ min, max, chosen: min, unit, per },
});
const carrier = { amount: quantity(60, 'l'), per: m2(1000) };

/** The facts of a case into which a job was taken. */
function taken(
  job: Job,
  surrounding: Surrounding = 'lawn',
  pest: string | null = 'sod-webworm',
  family: Family = FAMILIES_BY[job.method].at(-1) ?? 'residual',
): CaseFacts {
  const blank = factsWith();
  const named = blank.candidates.find(({ id }) => id === pest) ?? null;
  const label = readCard({
    ...cardOfJob(job, {
      ...{ id: 'own-1', name: 'Marram', maker: 'M', holds: job.pack ?? quantity(500, job.rate.unit) },
      ...{ pest: named, surrounding, family },
    }),
    version: 1,
  });
  const { measure, mix } = answersOfJob(job);
  return factsWith({
    shelf: [{ label, containers: [] }],
    stops: {
      look: { ...stops.look, surrounding, ...(pest === null ? { signs: {}, counts: [] } : {}) },
      ...(named ? { name: { candidate: named.id, stage: null, also: [] } } : {}),
      choose: { label: label.id, reason: '', wishes: [], budget: null },
      ...(measure ? { measure } : {}),
      mix,
    },
  });
}

/** What How much says of a job, and what the case says of it. */
function both(job: Job, surrounding: Surrounding = 'lawn') {
  const alone = expectAnswer(howMuch(job)).figures[0]?.value;
  const view = assess(taken(job, surrounding));
  return { alone, inCase: view.dose?.product, method: view.method?.id, view };
}

describe('a job of How much that is taken into a case', () => {
  it.each<[string, string, Job, Surrounding]>([
    [
      'a tank over an area that is known',
      'spray-ground',
      { method: 'tank', rate: rate(125, 'ml', m2(1000)), target: m2(336), carrier, tank: quantity(15, 'l') },
      'lawn',
    ],
    [
      'a tank along a wall',
      'spray-band',
      {
        ...{ method: 'tank', rate: rate(20, 'ml', quantity(10, 'm')), target: quantity(46, 'm') },
        ...{ carrier: { amount: quantity(1, 'l'), per: quantity(10, 'm') }, tank: quantity(5, 'l') },
      },
      'wall',
    ],
    [
      'granules in crossed passes',
      'granule-spreader',
      { method: 'granule', rate: rate(1.2, 'kg', m2(100)), target: m2(420), passes: 2 },
      'lawn',
    ],
    [
      'drops of gel at places',
      'gel-drops',
      { method: 'drops', rate: rate(0.25, 'g', count(1), 0.5), target: count(24), each: quantity(0.05, 'g') },
      'kitchen',
    ],
    [
      'nematodes in whole packs',
      'nematodes',
      {
        ...{ method: 'nematodes', rate: rate(50, 'million', m2(100)), target: m2(400) },
        ...{ carrier: { amount: quantity(20, 'l'), per: m2(100) }, pack: quantity(50, 'million') },
      },
      'lawn',
    ],
    [
      'a dug-out nest by its soil',
      'dug-soil',
      {
        ...{ method: 'soil', rate: { ...rate(8, 'ml', quantity(1, 'm3')), basis: 'target' } },
        sides: { length: quantity(4, 'ft'), width: quantity(4, 'ft'), depth: quantity(20, 'in') },
        carrier: { amount: quantity(20, 'l'), per: quantity(1, 'm3') },
      },
      'ground',
    ],
    [
      'a powder in a void',
      'dust-void',
      {
        ...{ method: 'void', rate: rate(5, 'g', quantity(1, 'm3')) },
        sides: { length: quantity(2.4, 'm'), width: quantity(0.6, 'm'), depth: quantity(10, 'cm') },
      },
      'loft',
    ],
    [
      'points of a grid',
      'points-grid',
      {
        ...{ method: 'grid', rate: rate(0.5, 'g', count(1)), radius: quantity(7.0710678118, 'm') },
        sides: { length: quantity(40, 'm'), width: quantity(30, 'm') },
      },
      'lawn',
    ],
  ])('comes to the same there: %s', (_title, method, job, surrounding) => {
    const told = both(job, surrounding);
    expect(told.method).toBe(method);
    expect(told.inCase?.unit).toBe(told.alone?.unit);
    expect(told.inCase?.value).toBeCloseTo(told.alone?.value ?? NaN, 6);
    expect(told.view.lawnRefused).toEqual([]);
  });

  it('keeps loads, marks and measure: 15 l with marks of 1 l, a syringe of 1 ml', () => {
    const job: Job = {
      ...{ method: 'tank', rate: rate(125, 'ml', m2(1000), 150), target: m2(336), carrier },
      ...{ tank: quantity(15, 'l'), mark: quantity(1, 'l'), step: quantity(1, 'ml') },
    };
    const { view } = both(job);
    expect(view.dose?.loads.map(({ finished }) => finished.value)).toEqual(
      expectAnswer(howMuch(job)).loads.map(({ finished }) => finished.value),
    );
    expect(taken(job).stops.mix).toMatchObject({ tankMark: 1, step: { value: 1, unit: 'ml' }, rate: 125 });
    expect(view.label?.use.rate).toMatchObject({ min: 125, max: 150 });
  });

  it('keeps a dilution one: 5 ml in every litre of the 20.16 that the ground takes', () => {
    const job: Job = {
      ...{ method: 'tank', rate: rate(5, 'ml', quantity(1, 'l')), target: m2(336), carrier },
      tank: quantity(15, 'l'),
    };
    expect(both(job).view.label?.use.rate.basis).toBe('mix');
    expect(both(job).inCase?.value).toBeCloseTo(100.8, 9);
    expect(both(job).alone?.value).toBeCloseTo(100.8, 9);
  });

  it('is held by whatever holds the case, and until somebody has read the label', () => {
    const job: Job = {
      ...{ method: 'tank', rate: rate(125, 'ml', m2(1000)), target: m2(336), carrier },
      tank: quantity(15, 'l'),
    };
    const asks = (facts: CaseFacts): unknown[] => assess(facts).halts.map(({ caution }) => caution.facts);
    expect(asks(taken(job))).toContainEqual(expect.objectContaining({ about: 'figuresOnly' }));
    // A nest that stings holds it as well for whoever has no licence.
    const nest = taken({ ...job, rate: rate(23, 'ml', count(1)), target: count(1) }, 'wall', 'paper-wasp');
    expect(assess({ ...nest, licence: null }).halts.length).toBeGreaterThan(1);
    // What the guide says of a family holds for what was said to be of it.
    const harms = (family: Family): boolean => {
      const facts = taken(job, 'kitchen', 'pharaoh-ant', family);
      return assess(facts).halts.some(({ caution }) => caution.code === 'harmful-here');
    };
    expect([harms('residual'), harms('regulator')]).toEqual([true, false]);
    // Nothing is made up for what nobody copied.
    const [use] = taken(job).shelf[0]?.label.uses ?? [];
    expect(use).toMatchObject({ noSoonerThanDays: null, maxPerYear: null, daysToEffect: null });
  });
});
