import type { Forecast } from '../core/schedule';

type Hour = Forecast['hours'][number];

/** A forecast with its hours as rows of numbers: a quarter of the text of named ones. */
export interface PackedForecast extends Omit<Forecast, 'hours'> {
  readonly rows: readonly (readonly [number, number, number, number, number])[];
}

export function packForecast(forecast: Forecast | null): PackedForecast | null {
  if (!forecast) return null;
  const { hours, ...rest } = forecast;
  return {
    ...rest,
    rows: hours.map((h) => [h.tempC, h.soilC, h.windKmh, h.windFromDeg, h.rainMm]),
  };
}

export function unpackForecast(packed: PackedForecast | null): Forecast | null {
  if (!packed) return null;
  const { rows, ...rest } = packed;
  return {
    ...rest,
    hours: rows.map(([tempC, soilC, windKmh, windFromDeg, rainMm]): Hour => ({
      tempC,
      soilC,
      windKmh,
      windFromDeg,
      rainMm,
    })),
  };
}
