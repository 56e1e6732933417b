export { lanesOver, MOST_LANES } from './lanes';
export type { Lane, Lanes, LanesOver, LanesRefusal, TrimPass, TrimPassOf } from './lanes';
export { placeAt, quarterMarks, refillPoints, type PlaceOnTheWay } from './along';
export type { Coverage } from './coverage';
export { lanesOverPieces } from './pieces';
