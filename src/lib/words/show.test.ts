import { describe, expect, it } from 'vitest';
import { percentText, PLAIN, PLAIN_MANNER, showIn } from '.';

const us = showIn({ ...PLAIN_MANNER, units: 'us', dates: 'month-day' });
const uk = showIn({ ...PLAIN_MANNER, units: 'uk' });
const continental = showIn({ ...PLAIN_MANNER, numbers: '1.234,5', currency: 'EUR', dates: 'year-month-day' });

describe('the manner of a workspace', () => {
  it('writes weather and lengths in the units that people there read', () => {
    expect([PLAIN, us, uk].map((show) => show.windText(16.09344))).toEqual(['16 km/h', '10 mph', '10 mph']);
    expect([PLAIN, us, uk].map((show) => show.degreesText(20))).toEqual(['20 °C', '68 °F', '20 °C']);
    expect([PLAIN, us].map((show) => show.rainText(12.7))).toEqual(['12.7 mm', '0.5 in']);
    expect([PLAIN, us].map((show) => show.lengthText(3.048))).toEqual(['3.05 m', '10 ft']);
    expect([PLAIN, us].map((show) => show.areaText(92.90304))).toEqual(['92.9 m²', '1,000 ft²']);
  });

  it('counts insects to the square foot where frames are feet', () => {
    expect(PLAIN.densityText(107.639)).toBe('108 per m²');
    expect(us.densityText(107.639)).toBe('10 per ft²');
  });

  it('puts the other system beside an amount, by the gallon of the place', () => {
    const tank = { value: 4.54609, unit: 'l' as const };
    expect(uk.besideText(tank)).toBe('1 gal (UK)');
    expect(us.besideText(tank)).toBe('1.2 gal (US)');
  });

  it('keeps to the workspace’s point, grouping and currency', () => {
    expect(PLAIN.numberText(12345.6)).toBe('12,346');
    expect(continental.numberText(12345.6)).toBe('12.346');
    expect(continental.numberText(1.25)).toBe('1,25');
    expect(continental.priceText(1234.5)).toBe('EUR 1.234,50');
    expect(PLAIN.priceText(4.789)).toBe('4.79');
    expect(PLAIN.numberText(-3)).toBe('−3');
  });

  it('names days in the order of the place', () => {
    expect([PLAIN, us, continental].map((show) => show.dayText('2027-09-15', '2027-01-01'))).toEqual([
      'Wed 15 Sep',
      'Wed Sep 15',
      '2027-09-15',
    ]);
    expect(us.longDayText('2027-09-15')).toBe('Wednesday, September 15, 2027');
    expect(PLAIN.dayText('2026-09-15', '2027-01-01')).toBe('Tue 15 Sep 2026');
  });

  it('tells no likelihood as certain that is none', () => {
    expect([0.9962, 0.994, 0.5, 0.0049, 0.0051].map(percentText)).toEqual([
      ...['over 99 %', '99 %', '50 %', 'under 1 %', '1 %'],
    ]);
    expect([1, 0].map(percentText)).toEqual(['100 %', '0 %']);
  });
});
