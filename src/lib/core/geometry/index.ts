export { polygonArea, simplePolygon } from './polygon';
export type { Point, PolygonRefusal } from './polygon';
export {
  areaOf,
  boxesMeet,
  boxOf,
  convexHull,
  distance,
  distanceToEdge,
  roomyPlace,
  insideStretches,
  isInside,
  perimeterOf,
  piecesOf,
  ringArea,
  smallestRectangle,
  type Box,
  type Ring,
  type Rings,
} from './rings';
export { circleRing, flattened, type Corner } from './curve';
export {
  legEnd,
  parseLeg,
  parseSize,
  triangulate,
  type Doubt,
  type Leg,
  type LegUnit,
  type TapedCorner,
  type TypedSize,
} from './tape';
export { areaOnEarth, toEarth, toPlane, type Anchor } from './earth';
