export { syntheticHours } from './climate';
export type { ClimatePlace, WeatherHour } from './climate';
