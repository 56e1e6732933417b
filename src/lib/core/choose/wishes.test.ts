import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { inHand, type CardInUse } from '../labels';
import { wishHalts, wishPoints, WISHES, type Wish } from './wishes';

function cardOf(id: string): CardInUse {
  const card = DEMONSTRATION_LABELS.find((one) => one.id === id) ?? expect.fail(id);
  const use = card.uses[0] ?? expect.fail(id);
  const wanted = {
    pest: use.targets[0]?.pest ?? null,
    stage: null,
    surrounding: 'lawn',
    severity: null,
  } as const;
  return inHand(card, wanted) ?? expect.fail(id);
}
const wishing = (...are: Wish[]) => ({ are: new Set(are), budget: null });
const pointsFor = (id: string, wish: Wish): number =>
  wishPoints(cardOf(id), wishing(wish), null).reduce((sum, { points }) => sum + points, 0);

describe('what the people of a place wish', () => {
  it.each([
    ['wath-nematodes', 10],
    ['duskfold-sheet', 10],
    // A mineral is dug, not made: it neither gains nor loses.
    ['flintholm-mineral', 0],
    ['larkbeck-stations', 0],
    ['pelletfold-slug', 0],
    ['limewath-dust', -50],
    ['tarnside-liquid', -50],
    // A flower's poison, with a synthetic beside it that makes it last.
    ['ashrigg-aerosol', -50],
  ] as const)('nothing synthetic: %s %d', (id, points) => {
    expect(pointsFor(id, 'no-synthetics')).toBe(points);
  });

  it('children and pets count against what lies open, and for what is enclosed', () => {
    expect(pointsFor('larkbeck-stations', 'children')).toBe(5);
    expect(pointsFor('ferncote-gel', 'pets')).toBe(5);
    expect(pointsFor('tarnside-liquid', 'children')).toBe(-15);
    // Closed to people for hours: worse than until it is dry.
    expect(pointsFor('limewath-dust', 'children')).toBe(-25);
    expect(pointsFor('cinderfold-bait', 'pets')).toBe(-10);
  });

  it('a budget counts once it is passed, and not where nothing is known to cost', () => {
    const within = { are: new Set<Wish>(), budget: 20 };
    expect(wishPoints(cardOf('tarnside-liquid'), within, 20.01)).toEqual([
      { because: 'wish-budget', points: -25 },
    ]);
    expect(wishPoints(cardOf('tarnside-liquid'), within, 20)).toEqual([]);
    expect(wishPoints(cardOf('tarnside-liquid'), within, null)).toEqual([]);
  });

  it('what is not wished changes nothing, for any card of the shelf', () => {
    for (const { id } of DEMONSTRATION_LABELS) expect(wishPoints(cardOf(id), wishing(), 5)).toEqual([]);
    for (const { id } of DEMONSTRATION_LABELS)
      for (const { points } of wishPoints(cardOf(id), wishing(...WISHES), null)) expect(points).not.toBe(0);
  });

  it('food that grows there halts what its label keeps off food, and nothing else does', () => {
    const halted = (id: string, ...are: Wish[]) =>
      wishHalts(cardOf(id), wishing(...are)).map(({ code }) => code);
    expect(halted('loamfold-soil-mix', 'edibles')).toEqual(['food-plants-here']);
    expect(halted('loamfold-soil-mix', 'children')).toEqual([]);
    expect(halted('yarrowfold-botanical', 'edibles')).toEqual([]);
  });
});
