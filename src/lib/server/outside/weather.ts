import { syntheticHours, type ClimatePlace, type WeatherHour } from '../../core/weather';
import type { Forecast } from '../../core/schedule';
import { Memory, weightOf } from '../session/remember';

/** Where a forecast comes from: the simulated stand-in of the demonstration, or nothing. A real source fits here too. */
export interface WeatherSource {
  readonly forecast: (
    place: { readonly id: string; readonly latitude: number },
    nowHour: number,
  ) => Forecast | null;
}

/** In real use no weather is invented. */
export const noWeather: WeatherSource = { forecast: () => null };

const HOURS_AHEAD = 96;
/** A new forecast comes out this often. */
const ISSUED_EVERY_HOURS = 6;
/** All places of the demonstration share one district's sky. */
const DISTRICT_SEED = 7;

/** The stand-in: the seeded climate as it will be, with an error that grows with the hours ahead. */
export const standInWeather: WeatherSource = {
  forecast: ({ latitude }, nowHour) =>
    FORECASTS.get(`${latitude} ${nowHour}`, () => forecastAt(latitude, nowHour)),
};

/** A forecast is the same for everybody until the hour is over. */
const FORECASTS = new Memory<Forecast>(4_000_000, weightOf);

function forecastAt(latitude: number, nowHour: number): Forecast {
  const place: ClimatePlace = { seed: DISTRICT_SEED, latitude };
  const startHour = Math.floor(nowHour / 24) * 24;
  const issuedHour = Math.floor(nowHour / ISSUED_EVERY_HOURS) * ISSUED_EVERY_HOURS;
  const truth = syntheticHours(place, startHour, HOURS_AHEAD);
  const other = syntheticHours({ ...place, seed: DISTRICT_SEED + issuedHour }, startHour, HOURS_AHEAD);
  const hours = truth.map((hour, i) => blend(hour, other[i] ?? hour, errorShare(startHour + i - issuedHour)));
  return { startHour, issuedHour, source: 'stand-in', hours };
}

/** How much of another possible weather a forecast holds: nothing for hours past, a quarter after four days. */
const errorShare = (hoursAhead: number): number => Math.min(0.25, Math.max(0, hoursAhead) / 384);

function blend(truth: WeatherHour, other: WeatherHour, share: number): WeatherHour {
  const mix = (a: number, b: number): number => Math.round((a + (b - a) * share) * 10) / 10;
  return {
    tempC: mix(truth.tempC, other.tempC),
    soilC: mix(truth.soilC, other.soilC),
    windKmh: mix(truth.windKmh, other.windKmh),
    windFromDeg: truth.windFromDeg,
    rainMm: mix(truth.rainMm, other.rainMm),
  };
}
