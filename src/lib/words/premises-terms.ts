import type { LicenceCategory, PremisesFact } from '../core/premises';

/** What is asked of a place, and how it stands in a sentence: "a fish tank or a pond". */
export const PREMISES_WORDS: Readonly<Record<PremisesFact, { readonly ask: string; readonly is: string }>> = {
  infants: { ask: 'Infants or small children', is: 'infants or small children' },
  pregnancy: { ask: 'Somebody pregnant', is: 'somebody pregnant' },
  asthma: { ask: 'Asthma or weak lungs', is: 'asthma or weak lungs' },
  stingAllergy: { ask: 'Allergy to stings', is: 'an allergy to stings' },
  tenants: { ask: 'Tenants or guests', is: 'tenants or guests' },
  school: { ask: 'A school or day care', is: 'a school or day care' },
  cats: { ask: 'Cats', is: 'cats' },
  dogs: { ask: 'Dogs', is: 'dogs' },
  birds: { ask: 'Birds in a cage or a coop', is: 'birds in a cage or a coop' },
  fish: { ask: 'A fish tank or a pond', is: 'a fish tank or a pond' },
  bees: { ask: 'Bees kept here or next door', is: 'bees kept here or next door' },
  edibles: { ask: 'Plants that are eaten', is: 'plants that are eaten' },
  playArea: { ask: 'A place where children play', is: 'a place where children play' },
  wells: { ask: 'A well or a spring', is: 'a well or a spring' },
  drains: { ask: 'Gullies or storm drains', is: 'gullies or storm drains' },
  gasFlame: { ask: 'A gas flame or a pilot light', is: 'a gas flame or a pilot light' },
  airDucts: { ask: 'Air ducts', is: 'air ducts' },
  liveWires: {
    ask: 'Open wires or sockets where it is treated',
    is: 'open wires or sockets where it is treated',
  },
};

/** Facts in a row: "a gas flame or a pilot light, birds in a cage or a coop". */
export const premisesList = (keys: readonly string[]): string =>
  keys.map((key) => PREMISES_WORDS[key as PremisesFact]?.is ?? key).join('; ');

/** What each kind of licensed work is called; a place may name it otherwise. */
export const LICENCE_CATEGORY_WORDS: Readonly<Record<LicenceCategory, string>> = {
  turf: 'lawns and plants',
  household: 'houses and food places',
  wood: 'insects that eat timber',
  health: 'insects that bite, sting or carry disease',
};

/** "lawns and plants or houses and food places", from codes that commas part. */
export const categoriesText = (codes: string | number | undefined): string =>
  String(codes ?? '')
    .split(',')
    .flatMap((code) => LICENCE_CATEGORY_WORDS[code as LicenceCategory] ?? [])
    .join(', or ');
