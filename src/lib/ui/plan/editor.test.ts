import { beforeEach, describe, expect, it } from 'vitest';
import { EMPTY_PLAN, type Plan, type ZoneShape } from '../../core/plan';
import { PlanEditor } from './editor.svelte';

const square = (at: number, side = 10): ZoneShape => ({
  kind: 'polygon',
  holes: [],
  corners: [
    [at, 0],
    [at + side, 0],
    [at + side, side],
    [at, side],
  ],
});
const names = (plan: Plan): string[] => plan.zones.map((zone) => zone.name);

describe('the plan in hand', () => {
  let editor: PlanEditor;
  beforeEach(() => {
    editor = new PlanEditor(EMPTY_PLAN);
    let ids = 0;
    editor.newId = () => `z${(ids += 1)}`;
  });

  it('takes back what was drawn, and does it again, with the very plans', () => {
    editor.add(square(0), 'Lawn 1');
    const one = editor.plan;
    editor.add(square(20), 'Lawn 2');
    const two = editor.plan;
    expect([editor.canUndo, editor.canRedo]).toEqual([true, false]);
    editor.undo();
    expect(editor.plan).toBe(one);
    editor.undo();
    expect(editor.plan).toBe(EMPTY_PLAN);
    expect([editor.canUndo, editor.canRedo]).toEqual([false, true]);
    editor.undo();
    expect(editor.plan).toBe(EMPTY_PLAN);
    editor.redo();
    editor.redo();
    expect(editor.plan).toBe(two);
    editor.redo();
    expect(editor.plan).toBe(two);
  });

  it('forgets what could be done again once something else is drawn', () => {
    editor.add(square(0), 'Lawn 1');
    editor.undo();
    editor.add(square(5), 'Lawn, other');
    expect(editor.canRedo).toBe(false);
    expect(names(editor.plan)).toEqual(['Lawn, other']);
  });

  it('takes a drag back as one, and the next drag as another', () => {
    editor.add(square(0), 'Lawn 1');
    const before = editor.plan;
    for (let i = 1; i <= 20; i++) editor.reshape('z1', square(i / 10), 'drag-z1');
    const dragged = editor.plan;
    editor.rest();
    for (let i = 1; i <= 20; i++) editor.reshape('z1', square(2 + i / 10), 'drag-z1');
    editor.undo();
    expect(editor.plan).toBe(dragged);
    editor.undo();
    expect(editor.plan).toBe(before);
  });

  it('keeps a name being typed apart from a drag of the same zone', () => {
    editor.add(square(0), 'L');
    editor.changeZone('z1', { name: 'La' }, 'name-z1');
    editor.changeZone('z1', { name: 'Law' }, 'name-z1');
    editor.reshape('z1', square(1), 'drag-z1');
    editor.undo();
    expect(names(editor.plan)).toEqual(['Law']);
    editor.undo();
    expect(names(editor.plan)).toEqual(['L']);
  });

  it('has nothing to take back where nothing changed, or somebody else saved', () => {
    editor.change(editor.plan);
    expect(editor.canUndo).toBe(false);
    editor.replace({ ...EMPTY_PLAN, north: 30 });
    expect([editor.canUndo, editor.plan.north]).toEqual([false, 30]);
  });

  it('puts the parts of a zone in its place, chosen', () => {
    for (const [at, name] of [
      [0, 'A'],
      [20, 'B'],
      [40, 'C'],
    ] as const)
      editor.add(square(at), name);
    const b = editor.plan.zones[1];
    if (!b) return expect.fail();
    editor.swap(
      ['z2'],
      [
        { ...b, id: 'b1', name: 'B 1' },
        { ...b, id: 'b2', name: 'B 2' },
      ],
    );
    expect(names(editor.plan)).toEqual(['A', 'B 1', 'B 2', 'C']);
    expect(editor.selected).toEqual(['b1', 'b2']);
    editor.remove();
    expect([names(editor.plan), editor.selected]).toEqual([['A', 'C'], []]);
    editor.undo();
    expect(names(editor.plan)).toEqual(['A', 'B 1', 'B 2', 'C']);
  });

  it('chooses one, more, and none', () => {
    editor.add(square(0), 'A');
    editor.add(square(20), 'B');
    editor.select('z1');
    expect(editor.one?.name).toBe('A');
    editor.select('z2', true);
    expect([editor.one, editor.chosen.map((zone) => zone.name)]).toEqual([null, ['A', 'B']]);
    editor.select('z1', true);
    expect(editor.one?.name).toBe('B');
    editor.select(null);
    expect(editor.chosen).toEqual([]);
  });

  it('shows the layer that is worked on alone', () => {
    editor.add(square(0), 'Lawn');
    editor.layer = 'indoors' as typeof editor.layer;
    expect(editor.zones).toEqual([]);
    expect(editor.plan.zones).toHaveLength(1);
  });

  it('types in the plan’s unit until another is chosen, and in that one for every shape after', () => {
    const feet = new PlanEditor({ ...EMPTY_PLAN, unit: 'ft' });
    expect(feet.typedIn).toBe('ft');
    feet.typeIn('m');
    feet.draw('bed', 'rectangle');
    feet.draw('lawn', 'corners');
    expect([feet.typedIn, feet.by]).toEqual(['m', 'tape']);
    feet.typeIn('paces');
    expect(feet.by).toBe('paces');
    feet.typeIn('ft');
    expect(feet.by).toBe('tape');
    feet.by = 'picture';
    feet.typeIn('m');
    expect(feet.by).toBe('picture');
  });

  it.each([
    ['tape', 0.5],
    ['eye', 15],
    ['picture', 2],
    ['paces', 8],
  ] as const)('gives what was measured by %s its error, %s %%', (by, errorPct) => {
    editor.by = by;
    editor.pace = { m: 0.7, errorPct: 8 };
    editor.add(square(0), 'Lawn');
    expect(editor.one?.measured).toEqual({ how: by, errorPct });
  });

  it('lays corners for one shape at a time, and drops them when it is left', () => {
    editor.draw('lawn', 'corners');
    editor.points = [
      [0, 0],
      [5, 0],
    ];
    editor.draw('bed', 'corners');
    expect([editor.points, editor.mode, editor.kind]).toEqual([[], 'draw', 'bed']);
    editor.points = [[0, 0]];
    editor.leave();
    expect([editor.points, editor.mode]).toEqual([[], 'look']);
  });

  it('numbers marks on, also after one in the middle was taken off', () => {
    editor.addMark([0, 0]);
    editor.addMark([1, 0]);
    editor.addMark([2, 0]);
    editor.changeMark('z2', null);
    editor.addMark([3, 0]);
    expect(editor.plan.marks.map((mark) => mark.number)).toEqual([1, 3, 4]);
    editor.changeMark('z1', { at: [9, 9] });
    expect(editor.plan.marks[0]?.at).toEqual([9, 9]);
    editor.undo();
    editor.undo();
    editor.undo();
    expect(editor.plan.marks.map((mark) => mark.number)).toEqual([1, 2, 3]);
  });
});
