import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { agendaOf, assess, factsFor, type CaseFacts, type StopBodies, type Treatment } from '.';
import { day, factsWith, record, stops } from './case.test-kit';

const shelfOf = (...ids: string[]): CaseFacts['shelf'] =>
  DEMONSTRATION_LABELS.filter(({ id }) => ids.includes(id)).map((label) => ({
    label,
    containers: [
      {
        ...{ lot: 'T1', size: label.container.size, left: label.container.size, price: 30 },
        ...{ expiresOn: null, boughtOn: null, openedOn: null, until: null, keptIn: 'shed' },
      },
    ],
  }));
const halts = (facts: CaseFacts): string[] => assess(facts).halts.map((h) => h.caution.code);
const cares = (facts: CaseFacts): string[] =>
  assess(facts).cautions.flatMap(({ caution }) => (caution.rank === 'care' ? [caution.code] : []));
const unseen = { signs: {}, counts: [null, null, null], lengthMm: null } as const;

describe('a stage that is to be prevented', () => {
  const look: StopBodies['look'] = { ...stops.look, ...unseen, purpose: 'prevent', because: 'history' };
  const facts = (change: Partial<StopBodies> = {}, more: Partial<CaseFacts> = {}): CaseFacts =>
    factsWith(
      {
        today: day('2027-05-20'),
        shelf: shelfOf('merebank-preventive', 'wath-nematodes'),
        ...more,
        stops: {
          ...{ look, measure: stops.measure },
          name: { candidate: 'chafer-grub', stage: 'small', stages: ['small'], also: [] },
          choose: { label: 'merebank-preventive', reason: '', wishes: [], budget: null },
          ...change,
        },
      },
      [],
    );
  it('needs no count: nothing is under a threshold that nobody counted against', () => {
    const view = assess(facts());
    expect(view.density).toBeNull();
    expect(view.named?.id).toBe('chafer-grub');
    expect(cares(facts())).not.toContain('below-threshold');
    expect(halts(facts())).not.toContain('stage-not-on-label');
    // 336 m² at the label’s least.
    expect(view.dose?.product.value).toBeGreaterThan(0);
    const few = { ...look, counts: [0, 0, 0] };
    expect(cares(facts({ look: few }))).not.toContain('below-threshold');
    expect(cares(facts({ look: { ...few, purpose: 'control', test: 'turf-flap' } }))).toContain(
      'below-threshold',
    );
  });
  it('is not held up by what nobody saw, but by what is named', () => {
    expect(halts(facts())).not.toContain('must-rule-out');
    const named = { candidate: 'mining-bee', stage: null, also: [] };
    expect(halts(facts({ name: named }))).toContain('must-rule-out');
  });
  it('is judged against the threshold afterwards, and says what is done only if the count says so', () => {
    const done = record({
      caseNumber: 4,
      doneOn: day('2027-06-01'),
      label: { id: 'merebank-preventive', version: 2, name: 'M' },
    });
    const after = (counts: number[]): CaseFacts =>
      facts(
        {
          recheck: { counts, control: null, countedOn: day('2027-09-01'), note: '' },
          look: { ...look, test: 'turf-flap', frame: { value: 0.1, unit: 'm2' } },
        },
        { records: [done], today: day('2027-09-01') },
      );
    expect(assess(after([0, 0, 0, 0, 0])).recheck).toMatchObject({ verdict: 'done', pct: null });
    const over = after([12, 11, 13, 12, 12]);
    expect(assess(over).recheck?.verdict).toBe('over-threshold');
    // It was counted: what follows is to be chosen, and no count is late.
    expect(agendaOf(over, assess(over))).toMatchObject({ kind: 'answer', nextStop: 'choose' });
  });
  it('stops where a local rule wants a count first', () => {
    const rules: CaseFacts['rules'] = [{ kind: 'purpose', purpose: 'prevent', note: 'town order 4' }];
    expect(halts(facts({}, { rules }))).toContain('purpose-not-allowed');
    const control = { ...stops.look, purpose: 'control' as const };
    expect(halts(facts({ look: control }, { rules }))).not.toContain('purpose-not-allowed');
  });
});

describe('a routine visit', () => {
  const look: StopBodies['look'] = { ...stops.look, ...unseen, purpose: 'routine', surrounding: 'wall' };
  const measure: StopBodies['measure'] = {
    ...stops.measure,
    ...{ how: 'edges', length: 0, width: 0, strip: 0 },
    edge: {
      ...{ run: 46, hard: 12, up: 0.6, out: 0.9, wallAboveHard: false },
      more: [{ kind: 'eaves', run: 20, wide: 0.3 }],
    },
  };
  const facts = (change: Partial<StopBodies> = {}, more: Partial<CaseFacts> = {}): CaseFacts =>
    factsWith(
      {
        shelf: shelfOf('gillfold-perimeter', 'alderhow-regulator'),
        property: { ...factsWith().property, byWater: false },
        ...more,
        stops: {
          ...{ look, measure },
          choose: { label: 'gillfold-perimeter', reason: '', wishes: [], budget: null },
          ...change,
        },
      },
      [],
    );
  it('names nothing and has amounts: 34 m of soil by 1.5 m, and 20 m of eaves by 0.3 m are 57 m²', () => {
    const view = assess(facts());
    expect(view.named).toBeNull();
    expect(halts(facts())).toEqual([]);
    expect(view.lawn?.area.value).toBeCloseTo(57, 9);
    expect(view.lawn?.counted.edgeM).toBe(66);
    // 4 l over 100 m², 2.5 ml in each.
    expect(view.dose?.finished?.value).toBeCloseTo(2.28, 6);
    expect(view.dose?.exactProduct.value).toBeCloseTo(5.7, 6);
    expect(view.options.map(({ label }) => label.id)).toContain('gillfold-perimeter');
    expect(view.trail.find(({ stop }) => stop === 'name')?.state).toBe('answered');
  });
  it('asks for flowers and for water like any other', () => {
    expect(halts(facts({ look: { ...look, flowering: true } }))).toContain('flowering-turf');
    expect(halts(facts({}, { property: { ...factsWith().property, byWater: true } }))).toContain(
      'water-buffer',
    );
  });
  it('counts by what was found where something was found and named', () => {
    const view = assess(facts({ name: { candidate: 'pavement-ant', stage: null, also: [] } }));
    expect(view.named?.id).toBe('pavement-ant');
    expect(halts(facts({ name: { candidate: 'bed-bug', stage: null, also: [] } }))).toContain(
      'pest-not-on-label',
    );
  });
  it('is closed with its entry: no count falls due', () => {
    const done = record({ caseNumber: 4, pest: '', doneOn: day('2027-09-15') });
    const now = facts({}, { records: [done] });
    expect(agendaOf(now, assess(now)).kind).toBe('close');
  });
});

describe('life stages', () => {
  const flea = (stages: string[], label: string): CaseFacts =>
    factsWith(
      {
        shelf: shelfOf('alderhow-regulator', 'ashrigg-aerosol', 'skirtfold-ready'),
        stops: {
          look: { ...stops.look, surrounding: 'room', signs: {} },
          name: { candidate: 'flea', stage: stages[0] ?? null, stages, also: [] },
          measure: { ...stops.measure, strip: 0 },
          choose: { label, reason: '', wishes: [], budget: null },
        },
      },
      [],
    );
  it('that were found and that a card leaves alive are said, with what would cover them', () => {
    const facts = flea(['larva', 'adult'], 'alderhow-regulator');
    const left = assess(facts).cautions.find(({ caution }) => caution.code === 'stages-left');
    expect(left?.caution.facts).toMatchObject({ leftIds: 'adult' });
    expect(halts(facts)).not.toContain('stage-not-on-label');
  });
  it('halt a card that works on none that was found, and only remind where the calendar alone has them', () => {
    expect(halts(flea(['adult'], 'alderhow-regulator'))).toContain('stage-not-on-label');
    const webworm = (name: StopBodies['name'], today: string): CaseFacts =>
      factsWith({ today: day(today), stops: { ...stops, name } });
    const found = webworm(
      { candidate: 'sod-webworm', stage: 'adult', stages: ['adult'], also: [] },
      '2027-09-15',
    );
    expect(halts(found)).toContain('stage-not-on-label');
    // In January the calendar has other stages than the label names.
    const winter = webworm({ candidate: 'sod-webworm', stage: null, stages: [], also: [] }, '2027-01-15');
    expect(halts(winter)).not.toContain('stage-not-on-label');
  });
  it('that another treatment of the course covers are left by none', () => {
    const one = flea(['larva', 'adult'], 'alderhow-regulator');
    const covers = one.shelf.find(({ label }) =>
      label.uses.some((use) => use.targets.some((t) => t.pest === 'flea' && t.stages.includes('adult'))),
    );
    const treatment = (number: number, label: string): Treatment => ({
      ...{ number, state: 'planned', onlyIf: '', go: 1, states: {}, settled: {}, ground: null },
      stops: {
        ...(one.stops.measure ? { measure: one.stops.measure } : {}),
        choose: { label, reason: '', wishes: [], budget: null },
      },
    });
    const both: CaseFacts = {
      ...one,
      ...{ treatment: 1, course: [treatment(1, 'alderhow-regulator'), treatment(2, covers?.label.id ?? '')] },
    };
    expect(cares(both)).not.toContain('stages-left');
    const second = factsFor(both, 2);
    expect(second && cares(second)).not.toContain('stages-left');
  });
});
