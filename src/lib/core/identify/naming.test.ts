import { describe, expect, it } from 'vitest';
import { CANDIDATES, FIELD_TESTS, SIGNS } from '../../catalog';
import {
  askingOf,
  candidatesIn,
  groupNamed,
  hasOwnMark,
  NONE_OF_THESE,
  partedBy,
  questionsAhead,
  rankCase,
  regionOf,
  type Circumstances,
  type Finding,
  type Region,
} from '.';

const rank = (
  found: Readonly<Record<string, Finding>>,
  at: {
    month?: number;
    region?: Region | null;
    surrounding?: 'lawn' | 'cellar' | 'kitchen' | 'wall';
  } & Pick<Circumstances, 'light' | 'counted'> = {},
) =>
  rankCase(CANDIDATES, SIGNS, found, {
    ...{ month: at.month ?? 9, surrounding: at.surrounding ?? 'lawn', region: at.region ?? null },
    ...{ history: {}, lengthMm: null, light: at.light ?? null, counted: at.counted ?? null },
    hemisphere: at.region === 'australia' || at.region === 'new-zealand' ? 'south' : 'north',
  });
const p = (ranking: ReturnType<typeof rank>, id: string): number =>
  ranking.ranked.find((one) => one.id === id)?.p ?? 0;

describe('what was counted, and at what hour', () => {
  const testOf = (id: string) => FIELD_TESTS.find((one) => one.id === id)!;
  const counted = (test: string, mean: number) => ({ test: testOf(test), mean });
  const grubs = (ranking: ReturnType<typeof rank>): number =>
    ranking.ranked.reduce((sum, { id, p: share }) => sum + (GRUBS.has(id) ? share : 0), 0);
  const GRUBS = new Set(CANDIDATES.flatMap((c) => (c.threshold?.test === 'turf-flap' ? [c.id] : [])));

  it('speaks for what the test counts by how near it comes to where it harms, and nought against', () => {
    const at = (mean: number | null) =>
      grubs(rank({}, mean === null ? {} : { counted: counted('turf-flap', mean) }));
    const [none, few, many] = [at(0), at(10), at(150)];
    expect(none).toBeLessThan(at(null) / 2);
    // A few grubs live under most lawns.
    expect(few).toBeGreaterThan(none);
    expect(few).toBeLessThan(at(null) * 1.4);
    expect(many).toBeGreaterThan(at(null) * 1.4);
  });

  it('speaks for nothing that the test cannot count: ants at lures make no grubs', () => {
    const kitchen = { surrounding: 'kitchen' as const };
    const trail = { 'ant-trail': true } as const;
    const [before, after] = [
      rank(trail, kitchen),
      rank(trail, { ...kitchen, counted: counted('lure-grid', 12) }),
    ];
    const against = (one: ReturnType<typeof rank>) => p(one, 'black-house-ant') / p(one, 'fruit-fly');
    expect(against(after)).toBeGreaterThan(2 * against(before));
  });

  it('parts what is about by night from what flies by day, and says nothing where a look by night has said it', () => {
    const kitchen = { surrounding: 'kitchen' as const };
    const roaches = (light: 'day' | 'night' | null, found: Readonly<Record<string, Finding>> = {}) =>
      p(rank(found, { ...kitchen, light }), 'german-cockroach');
    expect(roaches('night')).toBeGreaterThan(roaches(null));
    expect(roaches('day')).toBeLessThan(roaches(null));
    const scatter = { 'seen-at-night': true } as const;
    expect(roaches('night', scatter)).toBe(roaches(null, scatter));
    // No wasp by night, and nothing is ruled out by the hour alone.
    const wasps = (light: 'day' | 'night') => p(rank({}, { surrounding: 'wall', light }), 'yellowjacket');
    expect(wasps('night')).toBeGreaterThan(0);
    expect(wasps('night')).toBeLessThan(wasps('day') / 3);
  });
});

describe('where an insect lives', () => {
  it.each<[string, number, Region | null]>([
    ['Europe/London', 54.4, 'europe'],
    ['Europe/Rome', 41.9, 'mediterranean'],
    ['America/New_York', 40.7, 'america-north'],
    ['America/Chicago', 30.3, 'america-warm'],
    ['America/Los_Angeles', 38.5, 'america-warm'],
    ['America/Sao_Paulo', -23.6, 'latin'],
    ['Australia/Perth', -31.9, 'australia'],
    ['Pacific/Auckland', -37.8, 'new-zealand'],
    ['Asia/Singapore', 1.3, 'tropics'],
    ['Asia/Tokyo', 35.7, 'asia'],
    ['Africa/Johannesburg', -26.2, 'africa'],
    ['UTC', 50, null],
  ])('is told by the time zone and the latitude: %s at %d', (zone, latitude, region) => {
    expect(regionOf(zone, latitude)).toBe(region);
  });
  it('makes a C-shaped grub of Perth in January an African black beetle, and no Japanese one', () => {
    const perth = rank({ 'c-grubs': true }, { month: 1, region: 'australia' });
    expect(perth.ranked[0]?.id).toBe('black-beetle');
    expect(p(perth, 'japanese-beetle')).toBeLessThan(p(perth, 'black-beetle') / 10);
    // A newcomer has its chance: its own mark finds it all the same.
    const brought = rank(
      { 'c-grubs': true, raster: 'short-v', 'beetles-seen': 'green-copper' },
      { month: 1, region: 'australia' },
    );
    expect(brought.ranked[0]?.id).toBe('japanese-beetle');
  });
  it('decides what is to be reported: fire ants are ordinary where the region lives with them', () => {
    const status = (region: Region | null, id: string) =>
      candidatesIn(CANDIDATES, region).find((one) => one.id === id)?.status;
    expect(status('america-warm', 'fire-ant')).toBe('pest');
    expect(status('australia', 'fire-ant')).toBe('notifiable');
    expect([status('europe', 'carpenter-bee'), status('america-north', 'carpenter-bee')]).toEqual([
      ...['protected', 'pest'],
    ]);
    // The same list for the same region: what is made of it once is made once.
    expect(candidatesIn(CANDIDATES, 'latin')).toBe(candidatesIn(CANDIDATES, 'latin'));
    expect(candidatesIn(CANDIDATES, null)).toBe(CANDIDATES);
  });
});

describe('marks', () => {
  it('that nothing else has count as such: a red mark below is a widow', () => {
    const seen = rank({ 'spider-mark': 'red-mark' }, { surrounding: 'cellar' });
    expect(seen.ranked[0]?.id).toBe('harmful-spider');
    // It was 51 %.
    expect(p(seen, 'harmful-spider')).toBeGreaterThan(0.85);
    expect(seen.sure).toBe(true);
  });
  it('that are none of several speak against whatever shows one of them, and for nothing else', () => {
    const before = rank({ 'seen-at-night': true }, { surrounding: 'kitchen' });
    const after = rank({ 'seen-at-night': true, 'roach-look': NONE_OF_THESE }, { surrounding: 'kitchen' });
    expect(p(after, 'german-cockroach')).toBeLessThan(p(before, 'german-cockroach') / 2);
    expect(p(after, 'silverfish')).toBeGreaterThan(p(before, 'silverfish'));
    expect(after.next.map(({ sign }) => sign)).not.toContain('roach-look');
  });
  it('of which one alone carries the name are looked at again before the name is said plainly', () => {
    const alone = rank(
      { 'flier-look': 'black-white-face' },
      { surrounding: 'wall', region: 'america-north' },
    );
    expect(p(alone, 'bald-faced-hornet')).toBeGreaterThan(0.75);
    expect([alone.sure, alone.hangsOn]).toEqual([false, 'flier-look']);
    // Two readings, each of which would do alone, bear one another out.
    const twice = rank({ 'flier-look': 'thread-waist', 'nest-kind': 'mud-tubes' }, { surrounding: 'wall' });
    expect([twice.ranked[0]?.id, twice.sure, twice.hangsOn]).toEqual(['mud-dauber', true, null]);
  });
});

describe('groups', () => {
  const lawn = { 'c-grubs': true, 'turf-lifts': true, 'animals-digging': true };
  it('are a name good enough to act on: white grubs at 99 % are never “not sure, 35 %”', () => {
    const seen = rank(lawn, { region: 'america-north' });
    expect(seen.sure).toBe(false);
    const group = groupNamed(seen, CANDIDATES);
    expect(group?.group).toBe('White grubs');
    expect(group?.p).toBeGreaterThan(0.95);
  });
  it('are not named where one of them is sure, nor where all of them together are not', () => {
    const sure = rank({ ...lawn, raster: 'short-v', 'beetles-seen': 'green-copper' });
    expect([sure.sure, groupNamed(sure, CANDIDATES)]).toEqual([true, null]);
    expect(groupNamed(rank({}), CANDIDATES)).toBeNull();
  });
});

describe('one question at a time', () => {
  const nothing = { skipped: new Set<string>(), first: null } as const;
  it('asks what gains most, passes over what was skipped, and keeps to what somebody came with', () => {
    const start = rank({});
    const first = askingOf(start, SIGNS, nothing);
    expect(first.ask).toBe(start.next[0]?.sign);
    const other = askingOf(start, SIGNS, { ...nothing, skipped: new Set([first.ask ?? '']) });
    expect(other.ask).toBe(start.next[1]?.sign);
    const digging = askingOf(start, SIGNS, { ...nothing, first: 'digging' });
    expect(SIGNS.find(({ id }) => id === digging.ask)?.about).toContain('digging');
  });
  it('ends with a name, or where nothing that is left would change much', () => {
    const sure = rank({ 'c-grubs': true, raster: 'short-v', 'beetles-seen': 'green-copper' });
    expect(askingOf(sure, SIGNS, nothing)).toEqual({ ask: null, end: 'named' });
    const passed = { ...nothing, skipped: new Set(SIGNS.map(({ id }) => id)) };
    expect(askingOf(rank({}), SIGNS, passed)).toEqual({ ask: null, end: 'nothing-more' });
  });
  it('tells about how many are to come: as many as it takes where what leads shows what it usually shows', () => {
    const about = (found: Record<string, Finding>) =>
      questionsAhead({ candidates: CANDIDATES, signs: SIGNS }, (seen) => rank(seen), found, nothing);
    const start = { 'c-grubs': true, 'turf-lifts': true };
    const ahead = about(start) ?? expect.fail('too many');
    expect(ahead).toBeGreaterThanOrEqual(1);
    // Gone through by hand, each question answered as the leader usually shows it: so many until a name stands.
    const leader = CANDIDATES.find(({ id }) => id === rank(start).ranked[0]?.id) ?? expect.fail();
    let [found, asked]: [Record<string, Finding>, number] = [start, 0];
    for (;;) {
      const { ask } = askingOf(rank(found), SIGNS, nothing);
      if (ask === null) break;
      const given = leader.signs[ask];
      const sign = SIGNS.find(({ id }) => id === ask) ?? expect.fail(ask);
      const values = typeof given === 'object' ? Object.entries(given).sort((a, b) => b[1] - a[1]) : [];
      found = {
        ...found,
        [ask]: sign.values
          ? (values[0]?.[0] ?? 'none-of-these')
          : (typeof given === 'number' ? given : sign.usual) >= 0.5,
      };
      asked += 1;
    }
    expect(ahead).toBe(asked);
    expect(about({ ...start, raster: 'short-v', 'beetles-seen': 'green-copper' })).toBe(0);
  });
  it('says which two likely causes it parts', () => {
    const seen = rank({ 'c-grubs': true, 'turf-lifts': true });
    const raster = SIGNS.find(({ id }) => id === 'raster') ?? expect.fail();
    const parted = partedBy(raster, CANDIDATES, seen) ?? expect.fail();
    const likely = seen.ranked.slice(0, 6).map(({ id }) => id);
    for (const id of parted) expect(likely).toContain(id);
    expect(parted[0]).not.toBe(parted[1]);
  });
});

describe('a mark of one’s own', () => {
  it('is what the data says is always there, however often it is misread, and never “none of these”', () => {
    const named = (id: string) => CANDIDATES.find((one) => one.id === id) ?? expect.fail(id);
    const [japanese, bee] = [named('japanese-beetle'), named('mining-bee')];
    expect(hasOwnMark(japanese, bee, SIGNS, { raster: 'short-v' })).toBe(true);
    for (const { id, values } of SIGNS)
      for (const one of values === null ? [] : CANDIDATES)
        expect(hasOwnMark(one, bee, SIGNS, { [id]: NONE_OF_THESE }), `${one.id} by ${id}`).toBe(false);
  });
});

describe('a name that hangs on one reading', () => {
  /** Black and shiny, in a cellar: an oriental cockroach by that alone. */
  const ranking = rank({ 'roach-look': 'black-shiny' }, { surrounding: 'cellar', region: 'europe' });
  const ask = (skipped: readonly string[]) =>
    askingOf(ranking, SIGNS, { skipped: new Set(skipped), first: null }).ask;
  it('is asked for once more, by what would tell without that reading', () => {
    expect(ranking.ranked[0]?.p).toBeGreaterThan(0.8);
    expect(ranking).toMatchObject({ sure: false, hangsOn: 'roach-look' });
    expect(ranking.bearsOut.map(({ sign }) => sign)).not.toContain('roach-look');
    // Its short wings first; whoever cannot see them is asked for droppings.
    expect(ask([])).toBe('close-mark');
    expect(ask(['close-mark', 'cannot-climb', 'flight'])).toBe('droppings');
    const borne = rank(
      { 'roach-look': 'black-shiny', droppings: true, 'from-the-drain': true },
      { surrounding: 'cellar' },
    );
    expect(borne).toMatchObject({ sure: true, hangsOn: null });
    expect(borne.bearsOut).toEqual([]);
  });
});
