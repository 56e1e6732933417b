export { goesByArea, METHOD_IDS, methodRow } from './method';
export type {
  GroundNoun,
  LeftOver,
  Measured,
  MethodId,
  MethodRow,
  PlaceNoun,
  Placing,
  ProgressBy,
} from './method';
