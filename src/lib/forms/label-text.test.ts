import { describe, expect, it } from 'vitest';
import { figuresIn, LONGEST_LABEL_TEXT, sentencesOf, type LabelFigure } from './label-text';

/** A made-up label as a person would photograph or paste it. */
const LEAFLET = `WARNING
Fenholme Lawn Concentrate
Active ingredient: lambda-cyhalothrin ........ 9.7 %
Registration no. X-4471-2
Net contents 32 fl oz.
For chinch bugs in turf apply 0.5 to 1.5 fl oz of product per 1,000 sq ft in 2 to 4 gallons of water.
For ants on mounds use 1 tbsp per gallon of water.
Do not apply more often than every 7 days; do not use more than six times per year.
Do not exceed 4.5 fl oz of product per 1,000 sq. ft. per year.
Water in with 1/4 inch of water within 24 hours.
Do not apply if rain is expected within 24 hours, when wind speed is above 10 mph or when it is above 85 °F.
Do not apply where soil temperature is below 54 °F.
Keep people and pets off treated ground until the spray has dried.
Workers: no entry for 12 hours.
Do not apply within 25 feet of ponds, streams or lakes. Do not use within 14 days of harvest.
Store between 40 and 100 °F. Keep from frost.`;

const found = (text: string, uk = false): ReadonlyMap<string, LabelFigure> =>
  new Map(figuresIn(text, uk).map((figure) => [figure.what, figure]));
const fields = (text: string, what: string, uk = false): Record<string, string> =>
  Object.fromEntries(found(text, uk).get(what)?.fields ?? []);

describe('the text of a label', () => {
  it('offers every figure of a leaflet, each with the sentence that it stands in', () => {
    const all = found(LEAFLET);
    expect([...all.keys()].sort()).toEqual(
      [
        ...['signal-word', 'strength', 'registration', 'size', 'rate', 'mix', 'dilution', 'no-sooner'],
        ...['times', 'cap', 'watering', 'rain-free', 'wind', 'air-above', 'soil-below', 'until-dry'],
        ...['re-entry', 'water', 'harvest', 'keep'],
      ].sort(),
    );
    for (const figure of all.values()) expect(LEAFLET).toContain(figure.sentence);
    expect(all.get('harvest')?.sentence).toBe('Do not use within 14 days of harvest.');
    expect(all.get('times')?.sentence).toBe('do not use more than six times per year.');
  });

  it.each([
    ['rate', { least: '0.5', most: '1.5', rateUnit: 'floz', 'per.value': '1,000', 'per.unit': 'ft2' }],
    ['mix', { 'mix.value': '2', mixMost: '4', 'mix.unit': 'gal' }],
    ['dilution', { basis: 'mix', least: '1', most: '1', rateUnit: 'tbsp', 'per.unit': 'gal' }],
    ['cap', { 'cap.value': '4.5', 'cap.unit': 'floz', 'capPer.value': '1,000', 'capPer.unit': 'ft2' }],
    ['no-sooner', { noSoonerThanDays: '7' }],
    ['times', { maxPerYear: '6' }],
    ['watering', { waterMm: '1/4 in', waterHours: '24' }],
    ['rain-free', { rainFreeHours: '24' }],
    ['wind', { maxWindKmh: '10 mph' }],
    ['air-above', { tempTo: '85 °F' }],
    ['soil-below', { soilFrom: '54 °F' }],
    ['water', { waterBufferM: '25 ft' }],
    ['harvest', { preHarvestDays: '14' }],
    ['keep', { storeFrom: '40 °F', storeTo: '100 °F' }],
    ['strength', { 'actives.0.name': 'lambda-cyhalothrin', 'actives.0.percent': '9.7' }],
    ['registration', { registration: 'X-4471-2' }],
    ['signal-word', { signalWord: 'Warning' }],
    ['size', { 'size.value': '32', 'size.unit': 'floz' }],
    ['re-entry', { reEntry: 'hours', reEntryHours: '12' }],
  ])('gives its %s as the form takes it', (what, expected) => {
    expect(fields(LEAFLET, what)).toMatchObject(expected);
  });

  it.each([
    ['Apply 12,5 g per 10 m².', 'rate', { least: '12,5', most: '12,5', rateUnit: 'g', 'per.value': '10' }],
    ['Spread 2–3 lb per 1,000 square feet.', 'rate', { least: '2', most: '3', rateUnit: 'lb' }],
    ['Use 1 1/2 oz for each 100 sq. yd.', 'rate', { least: '1 1/2', rateUnit: 'oz', 'per.unit': 'yd2' }],
    ['Use ¾ fl oz per gallon.', 'dilution', { least: '¾', 'per.value': '1' }],
    ['Repeat applications about every 2 weeks.', 'about-every', { aboutEveryDays: '14' }],
    ['No more than twice a year.', 'times', { maxPerYear: '2' }],
    ['Do not mow or water; do not water for 24 hours.', 'stays-dry', { dryHours: '24' }],
    ['Do not apply below 10 °C.', 'air-below', { tempFrom: '10 °C' }],
    ['Wait at least 3 months.', 'no-sooner', { noSoonerThanDays: '90' }],
  ])('reads “%s”', (text, what, expected) => {
    expect(fields(text, what)).toMatchObject(expected);
  });

  it('takes gallons and fluid ounces as those of the workspace', () => {
    const text = 'Use 2 fl oz per gallon of water.';
    expect(fields(text, 'dilution')).toMatchObject({ rateUnit: 'floz', 'per.unit': 'gal' });
    expect(fields(text, 'dilution', true)).toMatchObject({ rateUnit: 'floz_uk', 'per.unit': 'gal_uk' });
  });

  it.each([
    'Made for lawns.',
    'Call 555 0134 in an emergency.',
    'Store it away from food, at 1 m above the floor.',
    'Covers up to 5,000 sq ft.',
    'Kills 100 kinds of insects on contact.',
  ])('offers no figure of a dose or a limit for “%s”', (text) => {
    const doses = ['rate', 'dilution', 'mix', 'cap', 'no-sooner', 'times', 're-entry', 'harvest'];
    expect([...found(text).keys()].filter((what) => doses.includes(what))).toEqual([]);
  });

  it('takes what bears a year for the cap, and never for the rate of one treatment', () => {
    const text = 'No more than 15 ml per 100 m2 per year.';
    expect([...found(text).keys()]).toEqual(['cap']);
  });

  it('ends no sentence within a number or behind a short unit', () => {
    expect(sentencesOf('Use 1.5 fl. oz. per 1,000 sq. ft. of turf. Water in.')).toEqual([
      'Use 1.5 fl. oz. per 1,000 sq. ft. of turf.',
      'Water in.',
    ]);
  });

  it('reads no more than a leaflet holds, whatever is pasted', () => {
    const long = `${'apply 1 '.repeat(20_000)} 3 g per 10 m2.`;
    expect(figuresIn(long)).toEqual([]);
    expect(sentencesOf('x'.repeat(LONGEST_LABEL_TEXT * 2)).join('').length).toBeLessThanOrEqual(600);
    expect(figuresIn('1'.repeat(50_000))).toEqual([]);
  });
});
