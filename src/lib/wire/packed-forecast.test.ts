import { expect, it } from 'vitest';
import { syntheticHours } from '../core/weather';
import { packForecast, unpackForecast } from './packed-forecast';

it('a packed forecast is the same forecast in less than half the text', () => {
  const hours = syntheticHours({ seed: 3, latitude: 50 }, 505_000, 96);
  const forecast = { startHour: 505_000, issuedHour: 505_000, source: 'stand-in' as const, hours };
  const packed = packForecast(forecast);
  expect(unpackForecast(JSON.parse(JSON.stringify(packed)) as typeof packed)).toEqual(forecast);
  expect(JSON.stringify(packed).length).toBeLessThan(JSON.stringify(forecast).length / 2);
  expect(unpackForecast(packForecast(null))).toBeNull();
});
