export { polygonArea, simplePolygon } from './polygon';
export type { Point, PolygonRefusal } from './polygon';
