import { boxOf, type Point, type Rings } from '../core/geometry';
import {
  figuresOf,
  isPlace,
  middleOf,
  outlineOf,
  symbolRadius,
  type Layer,
  type Plan,
  type ZoneKind,
} from '../core/plan';
import { barLength } from './scale-bar';
import type { Show } from './show';
import { MARK_WORDS, ZONE_WORDS } from './plan-terms';

/** How the ground of a kind is filled: a wash and a pattern that tells it without its colour. */
export interface Fill {
  readonly wash: string;
  readonly line: string;
  readonly size: number;
  readonly path: string;
}

type Colour = 'paper' | 'field' | 'ink' | 'soft' | 'moss' | 'moss-wash' | 'water' | 'water-deep' | 'petrol';
type AllColours = Colour | 'saffron' | 'saffron-wash' | 'brick' | 'brick-wash' | 'edge' | 'rule';
const PRINTED: Readonly<Record<AllColours, string>> = {
  ...{ paper: '#ffffff', field: '#ffffff', ink: '#1b2021', soft: '#50585a', moss: '#4b6b2f' },
  ...{ 'moss-wash': '#e6ecd9', water: '#b9d7da', 'water-deep': '#8dbac0', petrol: '#0b4f57' },
  ...{ saffron: '#d99000', 'saffron-wash': '#faeecd', brick: '#a83a22', 'brick-wash': '#f8e4de' },
  ...{ edge: '#8b8672', rule: '#d9d2bf' },
};

const PATTERNS: Readonly<Partial<Record<ZoneKind, readonly [AllColours, AllColours, number, string]>>> = {
  lawn: ['moss-wash', 'moss', 26, 'M5 12l2-6 2 6M17 24l2-6 2 6'],
  play: ['saffron-wash', 'saffron', 22, 'M6 6h5v5h-5z'],
  bed: ['field', 'moss', 14, 'M3 3h.01M10 10h.01'],
  'edible-bed': ['field', 'moss', 20, 'M4 7h6M7 4v6M14 17h6M17 14v6'],
  hard: ['rule', 'edge', 24, 'M0 12h24M6 0v12M18 12v12'],
  'no-spray': ['brick-wash', 'brick', 12, 'M-3 15l18-18M-3 3l6-6M9 15l6-6'],
  building: ['field', 'ink', 8, 'M0 4h8'],
  water: ['water', 'water-deep', 24, 'M0 6q3-4 6 0t6 0 6 0 6 0M-12 18q3-4 6 0t6 0 6 0 6 0 6 0 6 0'],
  room: ['field', 'rule', 20, ''],
  void: ['field', 'soft', 16, 'M4 4l8 8M12 4l-8 8'],
};

/** The fill of a kind, in the colours of the sheet (as CSS variables) or of print. */
export function fillOf(kind: ZoneKind, printed = false): Fill {
  const [wash, line, size, path] = PATTERNS[kind] ?? ['field', 'ink', 20, ''];
  const colour = (name: AllColours): string => (printed ? PRINTED[name] : `var(--${name})`);
  return { wash: colour(wash), line: colour(line), size, path };
}

/** A figure as the data of an SVG path; y runs down there. */
export const pathText = (rings: Rings, scale = 1): string =>
  rings
    .map(
      (ring) =>
        `M${ring.map(([x, y]) => `${+(x * scale).toFixed(3)} ${+(-y * scale).toFixed(3)}`).join('L')}Z`,
    )
    .join('');

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

const WIDE = 1000;
const EDGE = 60;
/** One layer of a plan as an SVG picture, with names, areas, marks, a scale bar and north. */
export function planSvg(plan: Plan, layer: Layer, title: string, show: Show): string {
  const zones = plan.zones.filter((zone) => zone.layer === layer);
  const marks = plan.marks.filter((mark) => mark.layer === layer);
  const places: Point[] = [
    ...zones.flatMap((zone) => (isPlace(zone) ? [middleOf(zone.shape)] : outlineOf(zone.shape).rings.flat())),
    ...marks.map((mark) => mark.at),
  ];
  const box = places.length > 0 ? boxOf([places]) : { minX: 0, minY: 0, maxX: 10, maxY: 10 };
  const [wide, high] = [Math.max(1, box.maxX - box.minX), Math.max(1, box.maxY - box.minY)];
  const k = (WIDE - 2 * EDGE) / wide;
  const height = Math.round(high * k + 2 * EDGE + 60);
  const at = ([x, y]: Point): Point => [EDGE + (x - box.minX) * k, EDGE + 30 + (box.maxY - y) * k];
  const figures = figuresOf(plan).zones;
  const kinds = [...new Set(zones.map((zone) => zone.kind))];
  const patterns = kinds.map((kind) => {
    const { wash, line, size, path } = fillOf(kind, true);
    return `<pattern id="${kind}" width="${size}" height="${size}" patternUnits="userSpaceOnUse"><rect width="${size}" height="${size}" fill="${wash}"/><path d="${path}" fill="none" stroke="${line}" stroke-width="1" stroke-linecap="round"/></pattern>`;
  });
  const surfaces = zones
    .filter((zone) => !isPlace(zone))
    .map((zone) => {
      const rings = outlineOf(zone.shape).rings.map((ring) =>
        ring.map(([x, y]): Point => [at([x, y])[0], -at([x, y])[1]]),
      );
      return `<path d="${pathText(rings)}" fill="url(#${zone.kind})" stroke="${PRINTED.ink}" stroke-width="1.5" fill-rule="evenodd"/>`;
    });
  const names = zones.map((zone) => {
    const [x, y] = at(middleOf(zone.shape));
    const area = figures.get(zone.id)?.areaM2 ?? 0;
    const more = isPlace(zone) ? ZONE_WORDS[zone.kind] : show.areaText(area);
    const dot = isPlace(zone) ? `<circle cx="${x}" cy="${y}" r="4" fill="${PRINTED.ink}"/>` : '';
    return `${dot}<text x="${x}" y="${isPlace(zone) ? y - 9 : y}" text-anchor="middle" paint-order="stroke" stroke="#fff" stroke-width="4"><tspan font-weight="700">${escaped(zone.name)}</tspan><tspan x="${x}" dy="17">${escaped(more)}</tspan></text>`;
  });
  const most = Math.max(0, ...marks.map((mark) => mark.readings.at(-1)?.count ?? 0));
  const drawn = marks.map((mark) => {
    const [x, y] = at(mark.at);
    const last = mark.readings.at(-1);
    const r = last ? symbolRadius(last.count, most, 18) : 0;
    return `<circle cx="${x}" cy="${y}" r="${r.toFixed(1)}" fill="${PRINTED.saffron}" fill-opacity="0.5"/><circle cx="${x}" cy="${y}" r="3" fill="${PRINTED.ink}"/><text x="${x + 6}" y="${y - 6}" font-size="12">${mark.number}<title>${MARK_WORDS[mark.kind]} ${mark.number}</title></text>`;
  });
  const bar = barLength(wide, show.lengthUnit);
  const [barX, barY] = [EDGE, height - 28];
  const north = `<g transform="translate(${WIDE - EDGE} ${height - 34}) rotate(${plan.north})"><path d="M0-22L7 8L0 3L-7 8Z" fill="${PRINTED.ink}"/><text y="24" text-anchor="middle" font-size="13" transform="rotate(${-plan.north})">N</text></g>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDE}" height="${height}" viewBox="0 0 ${WIDE} ${height}" font-family="'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', sans-serif" font-size="14" fill="${PRINTED.ink}"><title>${escaped(title)}</title><defs>${patterns.join('')}</defs><rect width="100%" height="100%" fill="#fff"/><text x="${EDGE}" y="36" font-size="20" font-weight="700">${escaped(title)}</text>${surfaces.join('')}${names.join('')}${drawn.join('')}<path d="M${barX} ${barY - 6}v6h${(bar * k).toFixed(2)}v-6" fill="none" stroke="${PRINTED.ink}" stroke-width="2"/><text x="${barX + bar * k + 8}" y="${barY}">${escaped(show.lengthText(bar))}</text>${north}</svg>\n`;
}
