import { distance, type Point } from '../../core/geometry';
import { movedShape, snap, withCorner, type Zone } from '../../core/plan';
import type { PlanEditor } from './editor.svelte';
import type { SheetView } from './view.svelte';

type Snapped = ReturnType<typeof snap>;

/** How far an arrow key moves what has the focus; ten times as far with Shift. */
const STEP_M = 0.1;
const REACH_PX = 12;
/** A hand that moved less than this pressed, and did not drag. */
const STILL_PX = 3;

/** What the pointer and the arrow keys do on the sheet: hold, drag, draw and choose. */
export class SheetHands {
  pointer = $state.raw<Snapped | null>(null);
  #held: { zone: Zone; from: Point; ring: number; corner: number; moved: boolean } | null = null;
  /** The click that ends a drag chooses nothing. */
  #dragged = false;

  /** A second finger is down: the sheet moves, and nothing is drawn or dragged until both are up. */
  #two = false;

  constructor(
    private readonly editor: PlanEditor,
    private readonly view: SheetView,
    private readonly may: () => boolean,
    private readonly lay: (at: Point) => void,
  ) {}

  get drawing(): boolean {
    const { mode } = this.editor;
    return mode === 'draw' || mode === 'split' || mode === 'cut';
  }

  readonly others = $derived.by((): readonly Zone[] => {
    const { zones, selected } = this.editor;
    return this.drawing ? zones : zones.filter((zone) => !selected.includes(zone.id));
  });

  snapped(at: Point): Snapped {
    const [last, one] = [this.editor.points.at(-1), this.editor.points.at(-2)];
    return snap(at, this.others, {
      ...{ reach: REACH_PX / this.view.k, grid: this.view.gridM / 2 },
      ...{ from: last ? [last[0], last[1]] : null, before: one ? [one[0], one[1]] : null },
    });
  }

  press = (event: PointerEvent): void => {
    this.view.stroke();
    this.#two = !event.isPrimary;
    if (this.#two) return this.#letGo();
    this.#dragged = false;
    const { mode, one } = this.editor;
    if (event.button !== 0 || this.drawing || mode === 'mark' || mode === 'scale') return;
    const target = event.target as Element;
    const handle = target.closest<SVGElement>('[data-corner]');
    if (!one || !this.may()) return;
    const hold = (ring: number, corner: number): void => {
      this.#held = { zone: one, from: this.view.toPlan(event), ring, corner, moved: false };
      (event.currentTarget as Element).setPointerCapture(event.pointerId);
    };
    if (handle) hold(Number(handle.dataset.ring), Number(handle.dataset.corner));
    else if (target.closest('[data-hold]')) hold(-1, -1);
  };

  drag = (event: PointerEvent): void => {
    if (this.#two) return;
    const held = this.#held;
    if (!held) {
      if (this.editor.mode === 'look') return;
      this.view.stroke();
      this.pointer = this.snapped(this.view.toPlan(event));
      return;
    }
    const at = this.view.toPlan(event);
    const { zone, from, ring, corner } = held;
    if (!held.moved && distance(at, from) * this.view.k < STILL_PX) return;
    held.moved = true;
    const grid = this.view.gridM / 2;
    const [dx, dy] = [at[0] - from[0], at[1] - from[1]].map((d) => Math.round(d / grid) * grid);
    const shape =
      corner >= 0
        ? withCorner(zone.shape, ring, corner, this.snapped(at).at)
        : movedShape(zone.shape, dx ?? 0, dy ?? 0);
    this.editor.reshape(zone.id, shape, `drag-${zone.id}`);
  };

  release = (event: PointerEvent): void => {
    if (this.#held) {
      const { moved } = this.#held;
      this.#held = null;
      this.editor.rest();
      this.#dragged = moved;
      if (moved) return;
    }
    if (this.#two || event.button !== 0 || this.editor.mode === 'look') return;
    // What was drawn with this tap stays chosen.
    this.#dragged = true;
    this.lay(this.snapped(this.view.toPlan(event)).at);
  };

  /** What was held goes back to where it was. */
  #letGo(): void {
    const held = this.#held;
    this.#held = null;
    this.#dragged = true;
    if (!held?.moved) return;
    this.editor.reshape(held.zone.id, held.zone.shape, `drag-${held.zone.id}`);
    this.editor.rest();
  }

  choose = (event: MouseEvent): void => {
    if (this.editor.mode !== 'look' || this.#dragged) return;
    const zone = (event.target as Element).closest<SVGElement>('[data-zone]');
    this.editor.select(zone?.dataset.zone ?? null, event.shiftKey);
  };

  zoneKey(event: KeyboardEvent, zone: Zone): void {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      this.editor.select(zone.id, event.shiftKey);
    }
    const by = arrow(event);
    if (!by || !this.may() || this.editor.one !== zone) return;
    event.preventDefault();
    this.editor.reshape(zone.id, movedShape(zone.shape, ...by), `arrow-${zone.id}`);
  }

  cornerKey(event: KeyboardEvent, ring: number, corner: number, at: readonly [number, number]): void {
    const by = arrow(event);
    const zone = this.editor.one;
    if (!by || !zone) return;
    event.preventDefault();
    event.stopPropagation();
    const shape = withCorner(zone.shape, ring, corner, [at[0] + by[0], at[1] + by[1]]);
    this.editor.reshape(zone.id, shape, `arrow-${zone.id}-${corner}`);
  }
}

function arrow(event: KeyboardEvent): readonly [number, number] | null {
  const step = (event.shiftKey ? 10 : 1) * STEP_M;
  const by: Readonly<Record<string, readonly [number, number]>> = {
    ...{ ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] },
  };
  return by[event.key] ?? null;
}
