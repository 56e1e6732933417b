/**
 * A seeded synthetic climate, for the demonstration and tests only: plausible hours for any latitude and either
 * hemisphere. The same seed and hour always give the same weather, from whatever hour one starts.
 */
export interface WeatherHour {
  readonly tempC: number;
  readonly soilC: number;
  readonly windKmh: number;
  readonly windFromDeg: number;
  readonly rainMm: number;
}

export interface ClimatePlace {
  readonly seed: number;
  /** Degrees, south negative. */
  readonly latitude: number;
}

const HOURS_A_YEAR = 8766;
/** Weather systems pass in about two and a half days. */
const SYSTEM_HOURS = 60;

/**
 * Hours of the climate from `startHour` (hours since 1970-01-01T00 in the place's own fixed offset).
 *
 * @example syntheticHours({ seed: 7, latitude: 54.4 }, 505_000, 72) // 72 hours, °C, km/h and mm
 */
export function syntheticHours(place: ClimatePlace, startHour: number, count: number): WeatherHour[] {
  return Array.from({ length: count }, (_, i) => hourAt(place, startHour + i));
}

function hourAt(place: ClimatePlace, hour: number): WeatherHour {
  const system = wave(place.seed, hour / SYSTEM_HOURS);
  const gust = wave(place.seed + 11, hour / 5);
  const shower = wave(place.seed + 23, hour / 4);
  const ofDay = ((hour % 24) + 24) % 24;
  const daylight = Math.max(0, Math.sin(((ofDay - 6) / 12) * Math.PI));
  const range = 4 + 3 * (system + 1);
  const mean = seasonalMean(place.latitude, hour);
  const tempC =
    mean + 2.5 * wave(place.seed + 5, hour / 96) + range * (Math.sin(((ofDay - 9) / 24) * 2 * Math.PI) * 0.5);
  const rainy = Math.max(0, -system - 0.3) * Math.max(0, shower + 0.35);
  const windKmh = Math.max(1, 6 + 7 * (1 - system) * (0.35 + 0.65 * daylight) * 0.6 + 3 * gust);
  return {
    tempC: round(tempC, 1),
    soilC: round(
      seasonalMean(place.latitude, hour - 24 * 12) +
        1.2 * wave(place.seed + 5, (hour - 30) / 96) +
        0.8 * Math.sin(((ofDay - 13) / 24) * 2 * Math.PI),
      1,
    ),
    windKmh: round(windKmh, 1),
    windFromDeg: Math.round((((230 + 90 * wave(place.seed + 31, hour / 40)) % 360) + 360) % 360),
    rainMm: round(rainy * 4, 1),
  };
}

/** Mean temperature of the season: colder and more seasonal towards the poles, the south six months on. */
function seasonalMean(latitude: number, hour: number): number {
  const poleward = Math.min(90, Math.abs(latitude));
  const phase = 2 * Math.PI * (hour / HOURS_A_YEAR - 0.55);
  const swing = 0.13 * poleward * (latitude < 0 ? -1 : 1);
  return 27 - 0.32 * poleward + swing * Math.cos(phase);
}

/** Smooth noise in −1…1 through one random value for each whole x. */
function wave(seed: number, x: number): number {
  const left = Math.floor(x);
  const t = x - left;
  const smooth = t * t * (3 - 2 * t);
  return chance(seed, left) * (1 - smooth) + chance(seed, left + 1) * smooth;
}

/** A repeatable number in −1…1 for each seed and index (integer hash by multiplication and shifts). */
function chance(seed: number, index: number): number {
  let h = Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) ^ Math.imul(index | 0, 0xc2b2ae35);
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d);
  h = Math.imul(h ^ (h >>> 12), 0x297a2d39);
  return ((h ^ (h >>> 15)) >>> 0) / 0x7fffffff - 1;
}

function round(value: number, digits: number): number {
  const scale = 10 ** digits;
  return Math.round(value * scale) / scale;
}
