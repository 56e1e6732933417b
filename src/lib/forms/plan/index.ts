export { MOST_ZONES, parsePlan, planSchema } from './plan-schema';
export { readGeoJson, type GeoJsonRefusal, type ReadGeoJson } from './read-geojson';
export { writeGeoJson } from './write-geojson';
