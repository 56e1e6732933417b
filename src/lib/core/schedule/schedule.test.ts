import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { inHand } from '../labels';
import { syntheticHours } from '../weather';
import { addDays, inYearOf, parseDay, type CalendarDay } from '../units';
import { findWindows, judgeHours, nextDate, retreat, type Forecast } from '.';

const day = (text: string): CalendarDay => parseDay(text) ?? expect.fail(text);
const label = (id: string) => {
  const card = DEMONSTRATION_LABELS.find((l) => l.id === id) ?? expect.fail(id);
  return inHand(card, { pest: null, stage: null, surrounding: 'lawn' }) ?? expect.fail(id);
};

describe('when again', () => {
  it('never puts two treatments closer than the label’s interval, nor more in a year than it allows', () => {
    fc.assert(
      fc.property(
        fc.record({
          interval: fc.integer({ min: 1, max: 90 }),
          residual: fc.option(fc.integer({ min: 1, max: 120 }), { nil: undefined }),
          most: fc.integer({ min: 1, max: 6 }),
          press: fc.boolean(),
          priors: fc.array(fc.integer({ min: 1, max: 500 }), { maxLength: 4 }),
        }),
        ({ interval, residual, most, press, priors }) => {
          const first = day('2027-04-01');
          const prior = priors.map((ago) => ({ date: addDays(first, -ago) }));
          const result = retreat({
            first,
            seasonEnd: day('2028-10-01'),
            minIntervalDays: interval,
            residualDays: residual,
            maxPerYear: most,
            strategy: press ? 'press' : 'protect',
            prior,
          });
          if ('refused' in result) return expect.fail('refused');
          const dates = result.ok.dates;
          for (const [i, date] of dates.entries()) {
            const before = [...prior.map((p) => p.date), ...dates.slice(0, i)];
            for (const other of before) expect(addDays(other, interval) <= date).toBe(true);
            const inYear = before.filter((d) => d > addDays(date, -365) && d <= date).length;
            expect(inYear).toBeLessThan(most);
          }
        },
      ),
    );
  });

  it('gives no second date where the label states no interval', () => {
    const result = retreat({ first: day('2027-05-01'), seasonEnd: day('2027-12-01') });
    expect(result).toMatchObject({ ok: { dates: ['2027-05-01'], stoppedBy: 'interval-not-stated' } });
  });
});

describe('the hours of a label', () => {
  const hours = (
    change: Partial<{ wind: number; rain: number; soil: number; from: number }>,
    count = 72,
  ): Forecast => ({
    startHour: 500_000 - (500_000 % 24),
    issuedHour: 500_000,
    source: 'stand-in',
    hours: Array.from({ length: count }, () => ({
      tempC: 16,
      soilC: change.soil ?? 16,
      windKmh: change.wind ?? 9,
      windFromDeg: change.from ?? 250,
      rainMm: change.rain ?? 0,
    })),
  });
  const none = { avoidTowards: null, jobHours: 2, indoors: false };

  it('fit by day for a spray, in the evening and at night for living products', () => {
    const spray = judgeHours(label('tarnside-liquid').use, hours({}), none).hours;
    expect(spray[12]?.state).toBe('fits');
    expect(spray[2]?.because).toEqual(['out-of-hours']);
    const living = judgeHours(label('wath-nematodes').use, hours({}), none).hours;
    expect(living[12]?.state).toBe('no');
    expect(living[20]?.state).toBe('fits');
  });

  it('do not fit in wind above the clause, and are a Care in calm air', () => {
    const use = label('tarnside-liquid').use;
    expect(judgeHours(use, hours({ wind: 16 }), none).hours[12]?.because).toEqual(['wind']);
    expect(judgeHours(use, hours({ wind: 3 }), none).hours[12]).toMatchObject({
      state: 'care',
      because: ['calm-air'],
    });
  });

  it('do not fit while the wind blows towards the water', () => {
    const use = label('tarnside-liquid').use;
    const towards = { avoidTowards: { fromDeg: 200, toDeg: 300 }, jobHours: 2, indoors: false };
    expect(judgeHours(use, hours({ from: 70 }), towards).hours[12]?.because).toEqual(['drift']);
    expect(judgeHours(use, hours({ from: 250 }), towards).hours[12]?.state).toBe('fits');
  });

  it('fit by day under a roof, whatever the weather does outside', () => {
    const storm = hours({ wind: 40, rain: 8, soil: 2 });
    const inside = judgeHours(label('tarnside-liquid').use, storm, { ...none, indoors: true }).hours;
    expect([inside[12]?.state, inside[2]?.because]).toEqual(['fits', ['out-of-hours']]);
    expect(judgeHours(label('tarnside-liquid').use, storm, none).hours[12]?.state).toBe('no');
  });

  it('do not fit on cold soil, and say how much water is missing', () => {
    const use = label('wath-nematodes').use;
    expect(judgeHours(use, hours({ soil: 9 }), none).hours[20]?.because).toContain('soil-cold');
    expect(judgeHours(use, hours({ rain: 1 }), none).windows[0]?.waterInMm).toBeCloseTo(2, 9);
  });

  it('of a nest are those after dark alone, of a sheet those in which it is laid for the night', () => {
    const open = (id: string, method: 'dark' | 'night'): number[] =>
      judgeHours(label(id).use, hours({}), { ...none, hours: method })
        .hours.filter(({ state }) => state !== 'no')
        .map(({ hour }) => hour % 24);
    expect([...new Set(open('heronfold-jet', 'dark'))].sort((a, b) => a - b)).toEqual([
      0, 1, 2, 3, 4, 21, 22, 23,
    ]);
    expect([...new Set(open('tarnside-liquid', 'night'))].every((hour) => hour >= 17 && hour < 23)).toBe(
      true,
    );
  });

  it('stop where the forecast ends before the rain-free hours do', () => {
    const judged = judgeHours(label('tarnside-liquid').use, hours({}, 24), none).hours;
    expect(judged[18]?.because).toContain('forecast-ends');
  });

  it('make windows that are free in every hour and as long as the job', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 30, noNaN: true }), { minLength: 1, maxLength: 60 }),
        fc.integer({ min: 1, max: 5 }),
        (wind, jobHours) => {
          const zeros = wind.map(() => 0);
          const { windows, blocked } = findWindows(
            { startHour: 0, tempC: zeros, windKmh: wind, rainMm: zeros },
            { maxWindKmh: 15, jobHours },
          );
          for (const { from, to } of windows) {
            expect(to - from).toBeGreaterThanOrEqual(jobHours);
            for (let h = from; h < to; h++) expect(blocked[h]).toEqual([]);
            expect(blocked[from - 1]?.length ?? 1).toBeGreaterThan(0);
            expect(blocked[to]?.length ?? 1).toBeGreaterThan(0);
          }
        },
      ),
    );
  });
});

describe('the simulated climate', () => {
  const place = { seed: 7, latitude: 54 };

  it('tells the same hour the same way from wherever one starts', () => {
    expect(syntheticHours(place, 500_000, 30)[29]).toEqual(syntheticHours(place, 500_029, 1)[0]);
  });

  it('is warmer in July than in January in the north, and the other way round in the south', () => {
    const mean = (latitude: number, date: string): number => {
      const hours = syntheticHours({ seed: 3, latitude }, Date.parse(date) / 3_600_000, 24 * 28);
      return hours.reduce((sum, h) => sum + h.tempC, 0) / hours.length;
    };
    expect(mean(54, '2027-07-02')).toBeGreaterThan(mean(54, '2027-01-02') + 8);
    expect(mean(-38, '2027-01-02')).toBeGreaterThan(mean(-38, '2027-07-02') + 5);
  });

  it('stays within what an instrument would show', () => {
    for (const h of syntheticHours(place, 480_000, 8760)) {
      expect(h.rainMm).toBeGreaterThanOrEqual(0);
      expect(h.windKmh).toBeGreaterThan(0);
      expect(h.windKmh).toBeLessThan(60);
      expect(h.windFromDeg).toBeGreaterThanOrEqual(0);
      expect(h.windFromDeg).toBeLessThanOrEqual(360);
      expect(Math.abs(h.tempC)).toBeLessThan(45);
    }
  });
});

describe('the next date on the same ground', () => {
  const use = { noSoonerThanDays: null, aboutEveryDays: null, maxPerYear: null } as const;
  const day = (text: string) => text as CalendarDay;
  const today = day('2027-06-01');
  const once = [{ date: day('2027-05-20'), amount: 10 }];
  it('is today where nothing went down yet', () =>
    expect(nextDate({ use, today, applications: [] })).toEqual({
      day: today,
      because: 'free',
      stated: false,
    }));
  it('comes after the stated interval, which forbids', () =>
    expect(nextDate({ use: { ...use, noSoonerThanDays: 21 }, today, applications: once })).toEqual({
      ...{ day: '2027-06-10', because: 'interval', stated: true },
    }));
  it('is reminded of by “about every” alone, which forbids nothing', () =>
    expect(nextDate({ use: { ...use, aboutEveryDays: 30 }, today, applications: once })).toEqual({
      ...{ day: '2027-06-19', because: 'about-every', stated: false },
    }));
  it('is not told where the label states neither', () =>
    expect(nextDate({ use, today, applications: once })).toMatchObject({ day: null, because: 'not-stated' }));
  it('waits until the year’s number has room: the same day a year later, over a leap day too', () => {
    const two = [{ date: day('2027-04-01') }, { date: day('2027-05-20') }];
    expect(
      nextDate({ use: { ...use, noSoonerThanDays: 21, maxPerYear: 2 }, today, applications: two }),
    ).toEqual({ day: '2028-04-01', because: 'number', stated: true });
    expect(
      nextDate({
        use: { ...use, noSoonerThanDays: 21, maxPerYear: 1 },
        ...{ today: day('2028-03-05'), applications: [{ date: day('2028-02-29') }] },
      }).day,
    ).toBe('2029-03-01');
  });
  it('waits until the year’s most has room for what would go down', () => {
    const applications = [
      { date: day('2026-09-01'), amount: 6 },
      { date: day('2027-05-01'), amount: 8 },
    ];
    const cap = { use: { ...use, noSoonerThanDays: 14 }, today, applications, amount: 5, capAmount: 15 };
    expect(nextDate(cap)).toEqual({ day: '2027-09-01', because: 'cap', stated: true });
    expect(nextDate({ ...cap, capAmount: 20 })).toMatchObject({ day: today, because: 'interval' });
  });
  it('never lies inside the interval, nor where number or most is passed', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ ago: fc.integer({ min: 0, max: 700 }), amount: fc.integer({ min: 1, max: 9 }) }),
          {
            maxLength: 8,
          },
        ),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 9, max: 30 }),
        (before, noSoonerThanDays, maxPerYear, capAmount) => {
          const applications = before.map(({ ago, amount }) => ({ date: addDays(today, -ago), amount }));
          const next = nextDate({
            use: { ...use, noSoonerThanDays, maxPerYear },
            ...{ today, applications, amount: 5, capAmount },
          });
          if (next.day === null) return expect.fail('there is always a day');
          const at = next.day;
          const year = applications.filter(({ date }) => inYearOf(date, at, 'rolling'));
          expect(year.length).toBeLessThan(maxPerYear);
          expect(year.reduce((sum, a) => sum + a.amount, 0) + 5).toBeLessThanOrEqual(capAmount);
          for (const { date } of applications) expect(addDays(date, noSoonerThanDays) <= at).toBe(true);
        },
      ),
    );
  });
});
