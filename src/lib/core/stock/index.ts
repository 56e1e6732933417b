export { countedMovement, leftOf, movedIn, movementsOf } from './movements';
export type { Movement } from './movements';
