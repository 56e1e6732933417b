import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS, GUIDE } from '../../catalog';
import type { Surrounding } from '../identify';
import { inHand } from '../labels';
import type { Licence } from '../premises';
import type { ApplicationRecord } from '../record';
import type { LocalRule } from '../rules';
import { addDays, parseDay, type CalendarDay } from '../units';
import {
  combinedPlan,
  comparisons,
  familyRows,
  rankLabels,
  treatReasons,
  type ChooseSituation,
  type Option,
  type Wish,
} from '.';
import written from './scenarios.json';

const LICENCE: Licence = {
  ...{ category: 'all', covers: ['turf', 'household', 'wood', 'health'], number: '1', by: 'b', until: null },
};

interface Scenario {
  readonly name: string;
  readonly pest: string;
  readonly stage?: string;
  readonly day: string;
  readonly place: Surrounding;
  readonly south?: boolean;
  readonly licensed?: boolean;
  readonly real?: boolean;
  readonly wishes?: readonly Wish[];
  readonly budget?: number;
  readonly ban?: string;
  readonly damp?: 'dry' | 'damp';
  /** Label, days ago, and what it was against where not the same. */
  readonly before?: readonly (readonly [string, number, string?])[];
  /** Mildest family that works. */
  readonly family: string;
  /** The card that stands first. */
  readonly first?: string;
  /** Cards and the codes that halt them. */
  readonly halted: Readonly<Record<string, readonly string[]>>;
  /** Cards that are not halted. */
  readonly open?: readonly string[];
  /** Codes of Cares that a card raises. */
  readonly cares?: Readonly<Record<string, readonly string[]>>;
}
const SCENARIOS = written as unknown as readonly Scenario[];
const day = (text: string): CalendarDay => parseDay(text) ?? expect.fail(text);

function recordOf(label: string, doneOn: CalendarDay, pest: string, i: number): ApplicationRecord {
  const rate = DEMONSTRATION_LABELS.find((l) => l.id === label)?.uses[0]?.rate ?? expect.fail(label);
  return {
    ...{ id: `r${i}`, caseNumber: 1, label: { id: label, version: 1, name: label }, pest, doneOn },
    ...{ startedAt: '08:00', endedAt: '09:00', product: { value: 0.001, unit: rate.unit }, finished: null },
    ...{ area: { value: 1, unit: 'm2' }, windKmh: null, tempC: null, lot: null, person: 'x', licence: null },
    ...{ note: '', ticked: [], planned: null, corrects: null, loggedAt: '' },
  };
}

function optionsOf(s: Scenario): Option[] {
  const pest = CANDIDATES.find((c) => c.id === s.pest) ?? expect.fail(s.pest);
  if (s.stage !== undefined) expect(pest.stages.map((stage) => stage.id)).toContain(s.stage);
  const today = day(s.day);
  const wanted = { pest: pest.id, stage: s.stage ?? null, surrounding: s.place };
  const rules: LocalRule[] =
    s.ban === undefined
      ? []
      : [{ kind: 'ban', ingredient: s.ban, fromMonth: null, toMonth: null, note: 'x' }];
  const records = (s.before ?? []).map(([label, ago, against], i) =>
    recordOf(label, addDays(today, -ago), against ?? s.pest, i),
  );
  const situation: ChooseSituation = {
    ...{
      pest,
      stage: s.stage ?? null,
      hemisphere: s.south ? 'south' : 'north',
      licence: (s.licensed ?? true) ? LICENCE : null,
    },
    guide: new Map(),
    ...{
      real: s.real ?? false,
      today,
      flowering: false,
      damp: s.damp ?? null,
      byWater: false,
      area: { value: 100, unit: 'm2' },
      counted: { places: 0, edgeM: 0, volumeM3: 0 },
      rules,
    },
    surrounding: s.place,
    records,
    parts: [records],
    wishes: { are: new Set(s.wishes ?? []), budget: s.budget ?? null },
  };
  return rankLabels(
    DEMONSTRATION_LABELS.flatMap((card) => {
      const label = inHand(card, wanted);
      return label ? [{ label, containers: [] }] : [];
    }),
    situation,
  );
}

describe('choosing scenarios', () => {
  it('are at least thirty', () => expect(SCENARIOS.length).toBeGreaterThanOrEqual(30));

  it.each(SCENARIOS)('$name', (s) => {
    const options = optionsOf(s);
    const of = (id: string): Option => options.find((o) => o.label.id === id) ?? expect.fail(id);
    for (const [id, codes] of Object.entries(s.halted))
      expect([id, ...of(id).halts.map((h) => h.code)]).toEqual([id, ...codes]);
    for (const id of s.open ?? []) expect([id, of(id).halts.map((h) => h.code)]).toEqual([id, []]);
    for (const [id, codes] of Object.entries(s.cares ?? {}))
      expect(of(id).notes.flatMap((n) => (n.rank === 'care' ? [n.code] : []))).toEqual(codes);
    // A Halt of the label stands with its clause.
    for (const { halts, label } of options)
      for (const { code, clause } of halts)
        if (code === 'out-of-season' || code === 'licence-needed' || code === 'interval-not-over')
          expect(clause, `${label.id}: ${code}`).not.toBeNull();
    if (s.first !== undefined) expect(options[0]?.label.id).toBe(s.first);
    const [family] = familyRows(GUIDE.get(s.pest) ?? null, options);
    expect(family?.family).toBe(s.family);
    for (const option of options)
      expect(option.score).toBe(option.points.reduce((sum, p) => sum + p.points, 0));
  });
});

const scenario = (change: Partial<Scenario>): Scenario => ({
  ...{ name: '', pest: 'german-cockroach', stage: 'nymph', day: '2027-03-02', place: 'room' as const },
  ...{ family: '', halted: {} },
  ...change,
});
const plan = (s: Scenario) =>
  combinedPlan(familyRows(GUIDE.get(s.pest) ?? null, optionsOf(s))) ?? expect.fail('no plan');

describe('where one remedy is not enough', () => {
  it('lets a dust wait until what wets the same place has dried', () => {
    const { apart } = plan(scenario({}));
    expect(apart.map(({ a, b, because }) => [a.card?.id, b.card?.id, because])).toEqual([
      ['alderhow-regulator', 'flintholm-mineral', 'dust-beside-wet'],
    ]);
  });

  it('baits, then regulates, then dusts the voids against cockroaches', () => {
    expect(plan(scenario({})).steps.map((step) => [step.family, step.card?.id])).toEqual([
      ['bait', 'ferncote-gel'],
      ['regulator', 'alderhow-regulator'],
      ['dust', 'flintholm-mineral'],
    ]);
  });

  it('leaves a repellent spray out beside bait, and says beside what', () => {
    const { leftOut } = plan(scenario({ pest: 'pavement-ant', stage: 'worker', place: 'wall' }));
    expect(leftOut.map((out) => [out.step.family, out.because, out.with.family])).toEqual([
      ['residual', 'bait-beside-repellent', 'bait'],
    ]);
  });

  it('does not put nematodes beside a soil insecticide', () => {
    const { steps, leftOut } = plan(
      scenario({ pest: 'japanese-beetle', stage: 'small', day: '2027-08-10', place: 'lawn' }),
    );
    expect(steps.map((step) => step.family)).toContain('living');
    expect(leftOut.map((out) => out.because)).toEqual(['living-beside-soil-insecticide']);
  });
});

describe('treating at all', () => {
  const pest = (id: string) => CANDIDATES.find((c) => c.id === id) ?? expect.fail(id);
  const codes = (id: string, stage: string, month: number, south = false, confirmed = 0) =>
    treatReasons(pest(id), pest(id).stages.find((s) => s.id === stage) ?? null, {
      ...{ month, hemisphere: south ? 'south' : 'north', confirmed, threshold: pest(id).threshold !== null },
    }).map((reason) => reason.code);
  it('goes by stage, month, hemisphere and what was here before', () => {
    expect(codes('chafer-grub', 'small', 8)).toEqual(['stage-in-season', 'never-before']);
    expect(codes('chafer-grub', 'small', 2)).toEqual(['stage-out-of-season', 'never-before']);
    expect(codes('chafer-grub', 'small', 2, true, 2)).toEqual(['stage-in-season', 'confirmed-before']);
  });
  it('goes by presence for what harms people, and by nothing where nothing is known', () => {
    expect(codes('mosquito', 'larva', 6)[0]).toBe('by-presence');
    expect(codes('earwig', 'adult', 6)[0]).toBe('no-threshold');
  });
});

describe('one way or the other', () => {
  const lawn = scenario({ pest: 'japanese-beetle', stage: 'small', day: '2027-08-10', place: 'lawn' });
  it('compares granule with liquid, and the whole area with a share, by the very doses', () => {
    const options = optionsOf(lawn);
    const [first, second] = comparisons(options, 0.25);
    expect(first?.sides.map((side) => [side.as, side.option.label.form])).toEqual([
      ['granule', 'granule'],
      ['liquid', 'nematodes'],
    ]);
    const [whole, spot] = second?.sides ?? expect.fail();
    expect([second?.question, spot.product.value]).toEqual(['blanket-or-spot', whole.product.value / 4]);
    expect(whole.product.value).toBe(options[0]?.dose?.exactProduct.value);
  });
  it('asks nothing where only one side is on the shelf', () => {
    expect(comparisons(optionsOf(lawn).slice(0, 1), 1)).toEqual([]);
  });
});

describe('what a dust needs', () => {
  const dusts = (damp?: 'dry' | 'damp') => {
    const dust =
      optionsOf(scenario(damp ? { damp } : {})).find((o) => o.label.id === 'flintholm-mineral') ??
      expect.fail('no dust');
    return [...dust.halts, ...dust.notes].map((c) => c.code).filter((code) => code.startsWith('dust'));
  };
  it('is a dry place: a Halt in a damp one, a Care where nobody looked', () => {
    expect(dusts('damp')).toEqual(['dust-in-damp']);
    expect(dusts()).toEqual(['dust-when-dry']);
    expect(dusts('dry')).toEqual([]);
  });
});

describe('the rate of a label for how bad it is', () => {
  const gel = DEMONSTRATION_LABELS.find((l) => l.id === 'ferncote-gel') ?? expect.fail('no gel');
  const wanted = { pest: 'german-cockroach', stage: 'nymph', surrounding: 'kitchen' } as const;
  it('is its general one unless somebody says how bad it is', () => {
    expect(inHand(gel, wanted)?.use.rate).toMatchObject({ min: 0.1, max: 0.2 });
    expect(inHand(gel, { ...wanted, severity: 'heavy' })?.use.rate).toMatchObject({ min: 0.2, max: 0.4 });
    expect(inHand(gel, { ...wanted, severity: 'light' })?.use.rate).toMatchObject({ min: 0.1, max: 0.2 });
    expect(inHand(gel, wanted)?.use.severities).toEqual(['heavy']);
  });
});
