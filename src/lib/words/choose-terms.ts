import type { Clash, Side, Wish } from '../core/choose';

export const CLASH_WORDS: Record<Clash, string> = {
  'bait-beside-repellent': 'they do not come to a bait beside it',
  'living-beside-soil-insecticide': 'it may kill the nematodes; two weeks between them',
  'not-in-one-tank': 'never in one tank unless both labels allow it and a jar test was done',
  'dust-beside-wet': 'the dust only once the other has dried, or it cakes',
};

export const SIDE_WORDS: Record<Side['as'], string> = {
  granule: 'Granule',
  liquid: 'Liquid',
  blanket: 'The whole area',
  spot: 'The affected share',
  prevent: 'Before the damage',
  cure: 'Once it is seen',
};

export const WISH_WORDS: Record<Wish, string> = {
  children: 'children are here',
  pets: 'pets are here',
  bees: 'bees above all',
  water: 'water or fish beside it',
  edibles: 'food grows here',
  'no-synthetics': 'nothing synthetic',
  'no-licence': 'nobody with a licence',
};
