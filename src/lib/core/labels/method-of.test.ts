import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { METHOD_IDS, methodRow } from '../method';
import { inHand, measuredFor, methodOf } from '.';

const of = (id: string, use = 0) => {
  const card = DEMONSTRATION_LABELS.find((one) => one.id === id) ?? expect.fail(id);
  return methodOf(card, card.uses[use] ?? expect.fail(`${id} has no use ${use}`));
};

describe('the method of a use', () => {
  it.each([
    ['tarnside-liquid', 0, 'spray-ground', 'lanes', 'load'],
    ['hazelmoor-granule', 0, 'granule-spreader', 'crossed', 'pass'],
    ['wath-nematodes', 0, 'nematodes', 'lanes', 'load'],
    ['cinderfold-bait', 0, 'bait-granule', 'lanes', 'pass'],
    ['alderhow-regulator', 0, 'spray-room', 'list', 'load'],
    ['alderhow-regulator', 1, 'spray-cracks', 'cracks', 'load'],
    ['ferncote-gel', 0, 'gel-drops', 'points', 'places'],
    ['larkbeck-stations', 0, 'bait-station', 'points', 'places'],
    ['flintholm-mineral', 0, 'dust-film', 'cracks', 'places'],
    ['limewath-dust', 1, 'dust-void', 'void', 'places'],
    ['gillfold-perimeter', 0, 'spray-band', 'band', 'load'],
    ['gillfold-perimeter', 1, 'spray-cracks', 'cracks', 'load'],
    ['ashrigg-aerosol', 0, 'aerosol', 'cracks', 'places'],
    ['heronfold-jet', 0, 'nest-jet', 'points', 'places'],
    ['kelfold-drench', 0, 'drench', 'points', 'places'],
    ['loamfold-soil-mix', 0, 'dug-soil', 'pour', 'places'],
    ['chalkfold-spore', 0, 'points-grid', 'points', 'places'],
    ['duskfold-sheet', 0, 'ground-sheet', 'sheet', 'nights'],
    ['larderfold-trap', 0, 'trap', 'list', 'places'],
    ['drainfold-foam', 0, 'drain', 'pour', 'places'],
    ['sedgefold-granule', 0, 'water', 'pour', 'places'],
  ] as const)(
    'of %s, use %i, is %s: it is placed by %s and followed by %s',
    (id, use, method, placing, by) => {
      expect(of(id, use)).toMatchObject({ id: method, placing, progress: by });
    },
  );

  it('asks for no weather in rooms, and runs past midnight under a sheet alone', () => {
    for (const id of ['ferncote-gel', 'flintholm-mineral', 'ashrigg-aerosol', 'larderfold-trap'])
      expect(of(id).weather, id).toBe(false);
    const night = METHOD_IDS.filter((id) => methodRow(id).pastMidnight);
    expect(night).toEqual(['ground-sheet']);
  });

  it('is measured by what its label reckons by, for every shipped card', () => {
    const measured = DEMONSTRATION_LABELS.flatMap((card) => {
      const pest = card.uses[0]?.targets[0]?.pest ?? null;
      const hand = inHand(card, { pest, stage: null, surrounding: 'lawn' });
      return hand ? [[card.id, measuredFor(hand, methodOf(hand, hand.use))] as const] : [];
    });
    expect(measured.length).toBeGreaterThan(20);
    const told = Object.fromEntries(measured);
    expect(told).toMatchObject({
      ...{ 'ferncote-gel': 'places', 'tarnside-liquid': 'area', 'ashrigg-aerosol': 'edge' },
      ...{ 'loamfold-soil-mix': 'volume', 'kelfold-drench': 'places', 'alderhow-regulator': 'area' },
    });
  });
});
