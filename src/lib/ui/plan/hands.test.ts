import { beforeEach, describe, expect, it } from 'vitest';
import type { Point } from '../../core/geometry';
import { EMPTY_PLAN, type Zone, type ZoneShape } from '../../core/plan';
import { PlanEditor } from './editor.svelte';
import { SheetHands } from './hands.svelte';
import type { SheetView } from './view.svelte';

/** 20 pixels to a metre, the plan's origin at the lower left of a sheet of 800 by 560. */
const K = 20;
const VIEW = {
  k: K,
  gridM: 1,
  stroke: () => undefined,
  toPlan: ({ clientX, clientY }: { clientX: number; clientY: number }): Point => [
    clientX / K,
    (560 - clientY) / K,
  ],
} as unknown as SheetView;
const square = (x: number, y: number, side = 10): ZoneShape => ({
  kind: 'polygon',
  holes: [],
  corners: [
    [x, y],
    [x + side, y],
    [x + side, y + side],
    [x, y + side],
  ],
});
interface On {
  readonly corner?: number;
  readonly hold?: boolean;
  readonly zone?: string;
  readonly second?: boolean;
  readonly button?: number;
  readonly shift?: boolean;
}
const at = ([x, y]: readonly [number, number], on: On = {}): PointerEvent =>
  ({
    ...{ isPrimary: !on.second, button: on.button ?? 0, pointerId: 1, shiftKey: on.shift ?? false },
    ...{ clientX: x * K, clientY: 560 - y * K, currentTarget: { setPointerCapture: () => undefined } },
    target: {
      closest: (what: string) =>
        what === '[data-corner]' && on.corner !== undefined
          ? { dataset: { ring: '0', corner: String(on.corner) } }
          : what === '[data-hold]' && on.hold
            ? {}
            : what === '[data-zone]' && on.zone
              ? { dataset: { zone: on.zone } }
              : null,
    },
  }) as unknown as PointerEvent;
const key = (name: string, shiftKey = false) => {
  const pressed = {
    key: name,
    shiftKey,
    prevented: 0,
    preventDefault: () => (pressed.prevented += 1),
    stopPropagation: () => undefined,
  };
  return pressed;
};

describe('hands on the sheet', () => {
  let editor: PlanEditor;
  let hands: SheetHands;
  let may: boolean;
  let laid: Point[];
  const zone = (): Zone => editor.plan.zones[0] ?? expect.fail('no zone');
  const corners = (): readonly (readonly [number, number])[] => {
    const { shape } = zone();
    return shape.kind === 'polygon' ? shape.corners.map(([x, y]) => [x, y] as const) : expect.fail();
  };

  beforeEach(() => {
    editor = new PlanEditor(EMPTY_PLAN);
    editor.add(square(5, 5), 'Lawn');
    [may, laid] = [true, []];
    hands = new SheetHands(
      editor,
      VIEW,
      () => may,
      (point) => laid.push(point),
    );
  });

  it('drag a zone by whole steps of the grid, and it is taken back as one', () => {
    const before = editor.plan;
    hands.press(at([8, 8], { hold: true }));
    for (const x of [8.2, 9, 10, 11.1]) hands.drag(at([x, 8], { hold: true }));
    hands.release(at([11.1, 8]));
    expect(corners()[0]).toEqual([8, 5]);
    editor.undo();
    expect(editor.plan).toBe(before);
  });

  it('press without moving, and nothing is changed', () => {
    const before = editor.plan;
    hands.press(at([8, 8], { hold: true }));
    hands.drag(at([8.1, 8.05]));
    hands.release(at([8.1, 8.05]));
    expect(editor.plan).toBe(before);
    expect(editor.selected).toHaveLength(1);
  });

  it('do not choose what lies under the end of a drag', () => {
    hands.press(at([8, 8], { hold: true }));
    hands.drag(at([12, 8]));
    hands.release(at([12, 8]));
    hands.choose(at([12, 8]));
    expect(editor.one?.name).toBe('Lawn');
    hands.press(at([30, 20]));
    hands.release(at([30, 20]));
    hands.choose(at([30, 20]));
    expect(editor.selected).toEqual([]);
  });

  it('pull one corner, and leave the others where they are', () => {
    hands.press(at([15, 15], { corner: 2 }));
    hands.drag(at([18, 17], { corner: 2 }));
    hands.release(at([18, 17]));
    expect(corners()).toEqual([
      [5, 5],
      [15, 5],
      [18, 17],
      [5, 15],
    ]);
  });

  it('let go of what they held when a second finger comes down, as it was', () => {
    hands.press(at([8, 8], { hold: true }));
    hands.drag(at([14, 8]));
    expect(corners()[0]).toEqual([11, 5]);
    hands.press(at([20, 20], { second: true }));
    expect(corners()[0]).toEqual([5, 5]);
    hands.drag(at([25, 8]));
    hands.release(at([25, 8]));
    hands.choose(at([25, 8], { zone: 'other' }));
    expect([corners()[0], laid, editor.one?.name]).toEqual([[5, 5], [], 'Lawn']);
  });

  it('lay a corner where a tap ends, snapped, and draw nothing with two fingers or another button', () => {
    editor.draw('bed', 'corners');
    hands.press(at([20.3, 3.1]));
    hands.drag(at([20.4, 3.1]));
    expect(hands.pointer).not.toBeNull();
    hands.release(at([20.4, 3.1]));
    expect(laid).toEqual([[20.5, 3]]);
    hands.press(at([22, 3], { second: true }));
    hands.release(at([22, 3]));
    hands.press(at([22, 3], { button: 2 }));
    hands.release(at([22, 3], { button: 2 }));
    expect(laid).toHaveLength(1);
  });

  it('snap to a corner of what is drawn already', () => {
    editor.draw('bed', 'corners');
    hands.press(at([15.2, 4.9]));
    hands.release(at([15.2, 4.9]));
    expect(laid).toEqual([[15, 5]]);
  });

  it('change nothing for somebody who may only look', () => {
    may = false;
    const before = editor.plan;
    hands.press(at([8, 8], { hold: true }));
    hands.drag(at([14, 8]));
    hands.release(at([14, 8]));
    hands.zoneKey(key('ArrowRight') as unknown as KeyboardEvent, zone());
    expect(editor.plan).toBe(before);
  });

  it.each([
    ['ArrowLeft', false, [4.9, 5]],
    ['ArrowRight', true, [6, 5]],
    ['ArrowUp', false, [5, 5.1]],
    ['ArrowDown', true, [5, 4]],
  ] as const)('move by the keys: %s, shift %s', (name, shift, expected) => {
    const pressed = key(name, shift);
    hands.zoneKey(pressed as unknown as KeyboardEvent, zone());
    const [x = 0, y = 0] = corners()[0] ?? [];
    expect([x, y].map((n) => Math.round(n * 1000) / 1000)).toEqual(expected);
    expect(pressed.prevented).toBe(1);
  });

  it('move a corner by the keys, a row of presses taken back as one', () => {
    const before = editor.plan;
    for (let i = 0; i < 5; i++)
      hands.cornerKey(key('ArrowUp', true) as unknown as KeyboardEvent, 0, 2, corners()[2] ?? [0, 0]);
    expect(corners()[2]).toEqual([15, 20]);
    editor.undo();
    expect(editor.plan).toBe(before);
  });

  it('choose by Enter, and more with Shift', () => {
    editor.add(square(20, 5), 'Bed');
    const [lawn, bed] = editor.plan.zones;
    if (!lawn || !bed) return expect.fail();
    hands.zoneKey(key('Enter') as unknown as KeyboardEvent, lawn);
    expect(editor.one).toBe(lawn);
    hands.zoneKey(key(' ', true) as unknown as KeyboardEvent, bed);
    expect(editor.chosen).toEqual([lawn, bed]);
    const other = key('x');
    hands.zoneKey(other as unknown as KeyboardEvent, lawn);
    expect(other.prevented).toBe(0);
  });
});
