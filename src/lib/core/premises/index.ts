export {
  ASKED_AGAIN_AFTER_DAYS,
  factOn,
  isDue,
  NOTHING_ASKED,
  PREMISES_FACTS,
  PREMISES_KEYS,
} from './premises';
export type { Premises, PremisesFact } from './premises';
export { groundCalled, mayOverlap, sameGround, zonesOfGround } from './grounds';
export type { NamedGround } from './grounds';
export { isValidOn, LICENCE_CATEGORIES, licenceLack } from './licence';
export type { Licence, LicenceCategory, LicenceLack } from './licence';
