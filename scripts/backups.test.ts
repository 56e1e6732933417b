import { describe, expect, it } from 'vitest';
import { keptDays } from './backups.mjs';

const daysBack = (count: number, from = '2027-09-15'): string[] =>
  Array.from({ length: count }, (_, back) =>
    new Date(Date.parse(from) - back * 86_400_000).toISOString().slice(0, 10),
  );

describe('the backups that are kept', () => {
  it('are all of them while there are few', () => {
    expect(keptDays(daysBack(7))).toEqual(new Set(daysBack(7)));
    expect(keptDays([])).toEqual(new Set());
  });

  it('are seven days, five weeks and twelve months of three years of nights', () => {
    const kept = [...keptDays(daysBack(1000))].sort().reverse();
    expect(kept.slice(0, 7)).toEqual(daysBack(7));
    // 15 September 2027 is a Wednesday: the newest of each week before is a Sunday.
    expect(kept).toEqual(expect.arrayContaining(['2027-09-12', '2027-09-05', '2027-08-29', '2027-08-22']));
    expect(kept.filter((day) => day < '2027-08-01')).toEqual([
      ...['2027-07-31', '2027-06-30', '2027-05-31', '2027-04-30', '2027-03-31', '2027-02-28', '2027-01-31'],
      ...['2026-12-31', '2026-11-30', '2026-10-31'],
    ]);
    expect(kept.length).toBeLessThanOrEqual(24);
  });

  it('never shrink by one more night: what is kept today was kept yesterday, but for the night itself', () => {
    for (let night = 0; night < 400; night++) {
      const [today = '', ...before] = daysBack(500, daysBack(400, '2028-10-15')[night]);
      const yesterday = keptDays(before);
      for (const day of keptDays([today, ...yesterday]))
        expect(day === today || yesterday.has(day)).toBe(true);
    }
  });
});
