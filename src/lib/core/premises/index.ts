export {
  ASKED_AGAIN_AFTER_DAYS,
  factOn,
  isDue,
  NOTHING_ASKED,
  PREMISES_FACTS,
  PREMISES_KEYS,
} from './premises';
export type { Premises, PremisesFact } from './premises';
export { isValidOn } from './licence';
export type { Licence } from './licence';
