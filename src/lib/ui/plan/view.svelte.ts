import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom';
import type { Box, Point } from '../../core/geometry';
import { barLength } from '../../words/scale-bar';

const SCALES: [number, number] = [0.2, 600];
/** Room left around what is brought into view, in pixels: beside it, and above and below it. */
const ROOM = { beside: 90, above: 110, up: 10 };
/** Grid lines stand at least so far apart on the screen. */
const GRID_PX = 14;
const GRIDS_M = [0.1, 0.5, 1, 5, 10, 50, 100];

/** Where the sheet is looked at: pixels for each metre, the place of the plan's origin, and the sheet's own size. */
export class SheetView {
  k = $state(20);
  x = $state(60);
  y = $state(500);
  w = $state(800);
  h = $state(560);
  readonly gridM = $derived(GRIDS_M.find((step) => step * this.k >= GRID_PX) ?? 500);
  /** Of the scale bar. */
  unit = $state<'m' | 'ft'>('m');
  readonly barM = $derived(barLength(Math.max(1, this.w / this.k), this.unit));
  #svg: SVGSVGElement | undefined;
  #zoom: ZoomBehavior<SVGSVGElement, unknown> | undefined;
  /** Where the sheet lies in the window, read once for each stroke of the hand: reading it lays the page out. */
  #box: DOMRect | null = null;

  /** Takes the sheet in hand: wheel, two fingers, and dragging where `drags` allows it. Returns how to let go. */
  attach(svg: SVGSVGElement, drags: (event: Event) => boolean): () => void {
    this.#svg = svg;
    this.#zoom = zoom<SVGSVGElement, unknown>()
      .scaleExtent(SCALES)
      .filter(
        (event: Event) =>
          event.type === 'wheel' ||
          ('touches' in event && (event as TouchEvent).touches.length > 1) ||
          drags(event),
      )
      .on('zoom', ({ transform }: { transform: { k: number; x: number; y: number } }) => {
        [this.k, this.x, this.y] = [transform.k, transform.x, transform.y];
      });
    select(svg).call(this.#zoom).on('dblclick.zoom', null);
    const watch = new ResizeObserver(([entry]) => {
      if (entry) [this.w, this.h] = [entry.contentRect.width, entry.contentRect.height];
      this.#box = null;
    });
    watch.observe(svg);
    return () => watch.disconnect();
  }

  /** A stroke begins: where the sheet lies is read again. */
  stroke(): void {
    this.#box = null;
  }
  toPage = ([x, y]: readonly [number, number]): Point => [x * this.k + this.x, -y * this.k + this.y];
  toPlan(event: { clientX: number; clientY: number }): Point {
    const box = (this.#box ??= this.#svg?.getBoundingClientRect() ?? new DOMRect());
    return [(event.clientX - box.left - this.x) / this.k, -(event.clientY - box.top - this.y) / this.k];
  }

  /** Brings a part of the plan into view. */
  fit({ minX, minY, maxX, maxY }: Box): void {
    const box = this.#svg?.getBoundingClientRect();
    if (!box) return;
    const [wide, high] = [Math.max(2, maxX - minX), Math.max(2, maxY - minY)];
    const k = Math.min((box.width - ROOM.beside) / wide, (box.height - ROOM.above) / high);
    const x = box.width / 2 - (k * (minX + maxX)) / 2;
    const y = box.height / 2 - ROOM.up + (k * (minY + maxY)) / 2;
    this.#moveTo(k, x, y);
  }
  closer(by: number): void {
    if (this.#svg && this.#zoom) select(this.#svg).call(this.#zoom.scaleBy, by);
  }
  shift(dx: number, dy: number): void {
    this.#moveTo(this.k, this.x + dx, this.y + dy);
  }
  /** The middle of what is seen, on the grid, in metres. */
  middle(): Point {
    const step = this.gridM;
    const [x, y] = [(this.w / 2 - this.x) / this.k, -(this.h / 2 - this.y) / this.k];
    return [Math.round(x / step) * step, Math.round(y / step) * step];
  }
  #moveTo(k: number, x: number, y: number): void {
    if (this.#svg && this.#zoom)
      select(this.#svg).call(this.#zoom.transform, zoomIdentity.translate(x, y).scale(k));
  }
}
