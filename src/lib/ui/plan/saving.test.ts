import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { EMPTY_PLAN, type Plan, type Zone } from '../../core/plan';
import { PlanSaving } from './saving.svelte';

const zone = (id: string, name: string): Zone => ({
  ...{ id, name, kind: 'lawn', layer: 'outside', note: '', from: [], foreign: null, height: null },
  ...{ measured: { how: 'tape', errorPct: 0.5 }, openings: [] },
  shape: {
    kind: 'polygon',
    holes: [],
    corners: [
      [0, 0],
      [1, 0],
      [1, 1],
    ],
  },
});
const planOf = (...names: string[]): Plan => ({
  ...EMPTY_PLAN,
  zones: names.map((name) => zone(name, name)),
});
const names = (plan: Plan): string[] => plan.zones.map((one) => one.name);

type Said = { status: number; body: object } | 'away';

describe('a plan is saved as it is drawn', () => {
  let plan: Plan;
  let answers: Said[];
  let sent: { plan: Plan; revision: number }[];
  let kept: Map<string, string>;
  let saving: PlanSaving;
  /** How long the server takes. */
  let takes: number;
  const begun = (base: Plan, revision = 3): void => {
    plan = base;
    saving = new PlanSaving(
      'p1',
      base,
      revision,
      () => plan,
      (taken) => (plan = taken),
      (read) => (read as Plan | null) ?? null,
      () => 'fresh',
    );
    saving.begin();
  };
  const draw = (next: Plan): void => {
    plan = next;
    saving.changed();
  };

  beforeEach(() => {
    vi.useFakeTimers();
    [answers, sent, kept, takes] = [[], [], new Map(), 0];
    vi.stubGlobal('addEventListener', () => undefined);
    vi.stubGlobal('removeEventListener', () => undefined);
    vi.stubGlobal('document', { hidden: false });
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    });
    vi.stubGlobal('fetch', (_: string, init?: { body: string }) => {
      if (init) sent.push(JSON.parse(init.body) as (typeof sent)[number]);
      const answer = answers.shift() ?? { status: 204, body: {} };
      return new Promise((resolve, reject) => {
        setTimeout(() => {
          if (answer === 'away') reject(new TypeError('no way there'));
          else
            resolve({
              ok: answer.status < 300,
              status: answer.status,
              json: () => Promise.resolve(answer.body),
            });
        }, takes);
      });
    });
  });
  afterEach(() => {
    saving.end();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('waits until the hand rests, sends once, and is saved', async () => {
    begun(planOf());
    answers = [{ status: 200, body: { revision: 4 } }];
    for (let i = 1; i <= 3; i++) {
      draw(planOf(...Array.from({ length: i }, (_, k) => `L${k}`)));
      await vi.advanceTimersByTimeAsync(300);
    }
    expect([saving.state, sent]).toEqual(['waiting', []]);
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toHaveLength(1);
    expect([names(sent[0]?.plan ?? EMPTY_PLAN), sent[0]?.revision, saving.state]).toEqual([
      ['L0', 'L1', 'L2'],
      3,
      'saved',
    ]);
    expect(kept.size).toBe(0);
  });

  it('does not wait for ever while somebody draws on without a rest', async () => {
    begun(planOf());
    answers = [{ status: 200, body: { revision: 4 } }];
    for (let i = 0; i < 20; i++) {
      draw(planOf(`L${i}`));
      await vi.advanceTimersByTimeAsync(100);
    }
    expect(sent.length).toBeGreaterThan(0);
  });

  it('sends what was drawn while the first was on its way, on the revision that came back', async () => {
    begun(planOf());
    answers = [
      { status: 200, body: { revision: 4 } },
      { status: 200, body: { revision: 5 } },
    ];
    takes = 1000;
    draw(planOf('A'));
    await vi.advanceTimersByTimeAsync(900);
    expect(saving.state).toBe('sending');
    draw(planOf('A', 'B'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent.map((one) => [one.revision, names(one.plan)])).toEqual([
      [3, ['A']],
      [4, ['A', 'B']],
    ]);
    expect(saving.state).toBe('saved');
  });

  it('keeps it in the browser without a network, and sends it when there is one', async () => {
    begun(planOf());
    answers = ['away', { status: 503, body: {} }, { status: 200, body: { revision: 4 } }];
    draw(planOf('A'));
    await vi.advanceTimersByTimeAsync(1000);
    expect(saving.state).toBe('kept-here');
    expect([...kept.values()].join('')).toContain('"A"');
    await vi.advanceTimersByTimeAsync(4100);
    expect(saving.state).toBe('kept-here');
    await vi.advanceTimersByTimeAsync(4100);
    expect([saving.state, kept.size]).toEqual(['saved', 0]);
  });

  it('puts both together where somebody else saved, says so, and sends the two on their revision', async () => {
    begun(planOf('Old'));
    answers = [
      { status: 409, body: { revision: 7, plan: planOf('Old', 'Theirs'), savedBy: 'P. Finch' } },
      { status: 200, body: { revision: 8 } },
    ];
    draw(planOf('Old', 'Ours'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(names(plan).sort()).toEqual(['Old', 'Ours', 'Theirs']);
    expect(saving.told).toBe('P. Finch changed this plan meanwhile. Both changes were put together.');
    expect(sent.map((one) => one.revision)).toEqual([3, 7]);
    expect(names(sent[1]?.plan ?? EMPTY_PLAN).sort()).toEqual(['Old', 'Ours', 'Theirs']);
    expect(saving.state).toBe('saved');
  });

  it('says why it was refused, and tries no more by itself', async () => {
    begun(planOf());
    answers = [{ status: 400, body: { message: 'Zone 1 crosses itself.' } }];
    draw(planOf('A'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect([saving.state, saving.told, sent.length]).toEqual(['refused', 'Zone 1 crosses itself.', 1]);
    expect(names(plan)).toEqual(['A']);
  });

  it('takes a draft of this browser up again, and one that was drawn on an older plan together with it', async () => {
    begun(planOf('Old'));
    answers = ['away'];
    draw(planOf('Old', 'Unsent'));
    await vi.advanceTimersByTimeAsync(1000);
    saving.end();
    begun(planOf('Old'));
    expect([names(plan), saving.told !== '']).toEqual([['Old', 'Unsent'], true]);
    answers = ['away'];
    await vi.advanceTimersByTimeAsync(1000);
    saving.end();
    begun(planOf('Old', 'Newer'), 9);
    expect(names(plan).sort()).toEqual(['Newer', 'Old', 'Unsent']);
  });

  it('takes in what others saved while nothing of one’s own is on its way', async () => {
    begun(planOf('Old'));
    answers = [{ status: 200, body: { revision: 6, plan: planOf('Old', 'Theirs'), savedBy: 'P. Finch' } }];
    await vi.advanceTimersByTimeAsync(8100);
    expect([names(plan), saving.told]).toEqual([
      ['Old', 'Theirs'],
      'P. Finch changed this plan; what they saved stands here now.',
    ]);
    expect(sent).toEqual([]);
  });
});
