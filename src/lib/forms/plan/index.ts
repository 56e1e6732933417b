export { MOST_ZONES, parsePlan, planSchema } from './plan-schema';
export { readGeoJson, writeGeoJson, type GeoJsonRefusal, type ReadGeoJson } from './geojson';
