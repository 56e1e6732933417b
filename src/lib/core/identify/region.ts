/** Parts of the world whose insects differ: continents, cut by climate where that decides. */
export const REGIONS = [
  ...(['europe', 'mediterranean', 'america-north', 'america-warm', 'latin', 'africa'] as const),
  ...(['asia', 'tropics', 'australia', 'new-zealand'] as const),
] as const;
export type Region = (typeof REGIONS)[number];

/** From here northwards Europe is cool; what lives around the Mediterranean seldom winters there. */
const COOL_EUROPE = 45.5;
/** South of it North America has no winter that ends warm-season pests. */
const WARM_AMERICA = 37;
const TROPIC = 23.5;
/** Asia is temperate from here on. */
const TEMPERATE_ASIA = 27;
/** Winters of a coast that are warm farther north. */
const WEST_COAST: ReadonlySet<string> = new Set(['America/Los_Angeles', 'America/Tijuana']);
const WARM_WEST_COAST = 39;

/** So near to the equator no winter parts one year of insects from the next; rain does more than the month. */
const NO_WINTER = 20;
/** Whether insects are about all the year at a latitude in degrees, −90 to 90. */
export const isYearRound = (latitude: number): boolean => Math.abs(latitude) < NO_WINTER;

/**
 * The region of a place by its time zone (IANA) and latitude in degrees, −90 to 90; null where the zone tells no place.
 *
 * @example regionOf('Australia/Perth', -31.9) // 'australia'
 */
export function regionOf(timeZone: string, latitude: number): Region | null {
  const [part = ''] = timeZone.split('/');
  const north = Math.abs(latitude);
  switch (part) {
    case 'Europe':
      return latitude >= COOL_EUROPE ? 'europe' : 'mediterranean';
    case 'America':
    case 'US':
    case 'Canada': {
      if (latitude < TROPIC) return 'latin';
      const warm = WEST_COAST.has(timeZone) ? WARM_WEST_COAST : WARM_AMERICA;
      return latitude >= warm ? 'america-north' : 'america-warm';
    }
    case 'Atlantic':
      return latitude >= COOL_EUROPE ? 'europe' : north < TROPIC ? 'tropics' : 'mediterranean';
    case 'Australia':
      return 'australia';
    case 'Africa':
      return latitude > 30 ? 'mediterranean' : 'africa';
    case 'Asia':
      return latitude >= TEMPERATE_ASIA ? 'asia' : 'tropics';
    case 'Indian':
      return 'tropics';
    case 'NZ':
      return 'new-zealand';
    case 'Pacific':
      return /Auckland|Chatham/.test(timeZone) ? 'new-zealand' : 'tropics';
    default:
      return null;
  }
}
