/**
 * Parts of which the line drawings are put together: plain SVG text in a field of 240 × 160 units.
 */
export const WIDTH = 240;
export const HEIGHT = 160;
export const BODY_LENGTH = 160;

export const INK = '#1b2021';
const MARK = '#a83a22';

/** What is drawn in ink, in another colour. */
export const inked = (art: string, fill: string): string => art.replaceAll(INK, fill);

export const line = (d: string, width = 1.6): string =>
  `<path d="${d}" fill="none" stroke="${INK}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
export const shape = (d: string, fill = '#fffefa'): string =>
  `<path d="${d}" fill="${fill}" stroke="${INK}" stroke-width="1.6" stroke-linejoin="round"/>`;
export const oval = (x: number, y: number, rx: number, ry: number, fill = '#fffefa'): string =>
  `<ellipse cx="${x}" cy="${y}" rx="${rx}" ry="${ry}" fill="${fill}" stroke="${INK}" stroke-width="1.6"/>`;
export const dot = (x: number, y: number, r = 2): string =>
  `<circle cx="${x}" cy="${y}" r="${r}" fill="${INK}"/>`;
export const dots = (points: readonly (readonly [number, number])[], r = 1.6): string =>
  points.map(([x, y]) => dot(x, y, r)).join('');

const pairs = (points: readonly (readonly [number, number])[]): string =>
  dots(
    points.flatMap(
      ([dx, y]) =>
        [
          [46 - dx, y],
          [46 + dx, y],
        ] as const,
    ),
    1.9,
  );
const scatter = dots(
  [12, 20, 29, 38, 47, 55, 64, 72, 80].flatMap(
    (x, i) =>
      [
        [x, 30 + ((i * 17) % 26)],
        [x + 2, 48 + ((i * 11) % 18)],
      ] as const,
  ),
  1.1,
);
const across = line('M16 74Q46 66 76 74', 2.2);
const yslit = line('M46 62V72M46 72L26 82M46 72L66 82', 2.2);
/** The last ring of a grub from below, in a field of 92 × 92: spines above, the slit below. */
export const RASTERS = {
  'short-v':
    scatter +
    pairs([
      [2, 60],
      [5, 55],
      [8, 50],
      [11, 45],
    ]) +
    across,
  'rows-spread':
    scatter +
    pairs([
      [4, 26],
      [4, 32],
      [4, 38],
      [4.5, 44],
      [6, 50],
      [9, 55],
      [13, 59],
    ]) +
    yslit,
  'rows-oval':
    scatter +
    pairs([
      [3, 20],
      [7, 25],
      [9, 31],
      [10, 37],
      [9, 43],
      [7, 49],
      [4, 54],
    ]) +
    yslit,
  'rows-straight':
    scatter +
    pairs([
      [5, 40],
      [5, 45],
      [5, 50],
      [5, 55],
      [5, 60],
    ]) +
    across,
  none: scatter + across,
} as const;

export function caterpillar(kind: 'spotted' | 'curled' | 'striped'): string {
  if (kind === 'curled')
    return [
      shape(
        'M62 104Q40 44 110 36Q176 34 172 92Q170 118 148 112Q136 108 142 90Q146 66 112 64Q86 66 88 100Q88 118 74 116Q66 114 62 104Z',
        '#a9a498',
      ),
      oval(78, 108, 12, 10, '#6f5a43'),
      [0, 1, 2, 3, 4, 5, 6].map((i) => dot(84 + i * 13, 52 - Math.sin((i / 6) * Math.PI) * 4, 1.6)).join(''),
    ].join('');
  const rings = Array.from({ length: 11 }, (_, i) => 62 + i * 12.5);
  return [
    rings
      .slice(5, 9)
      .map((x) => line(`M${x} 88q3 9 6 0`))
      .join(''),
    [66, 76, 86].map((x) => line(`M${x} 88l-2 10`)).join(''),
    shape(
      'M58 72Q58 54 76 56H182Q200 56 200 72Q200 88 182 88H76Q58 90 58 72Z',
      kind === 'spotted' ? '#e9e2c8' : '#c9c79c',
    ),
    rings.map((x) => line(`M${x} 57V87`, 0.8)).join(''),
    kind === 'spotted'
      ? rings.map((x) => dot(x + 5, 64, 2.2) + dot(x + 5, 77, 2.2)).join('')
      : line('M60 65H199', 3) + line('M60 79H199', 3),
    oval(52, 72, 13, 15, '#8a6a45'),
    kind === 'striped' ? line('M52 60V70M52 70L45 82M52 70L59 82', 2) : '',
  ].join('');
}

/** A larva without legs: with a brown head, or blunt with lobes at the tail. */
export const legless = (kind: 'headed' | 'lobed'): string =>
  kind === 'headed'
    ? shape('M52 84Q60 44 120 48Q186 52 198 92Q170 108 120 100Q76 98 60 98Z', '#f3ecd9') +
      oval(56, 90, 13, 12, '#8a5a2b')
    : [
        shape('M44 74Q60 56 110 56Q170 56 190 66V86Q170 96 110 94Q58 92 44 74Z', '#9b9384'),
        Array.from({ length: 9 }, (_, i) =>
          line(`M${66 + i * 13} ${58 + Math.abs(4 - i) * 0.5}V${92 - Math.abs(4 - i) * 0.5}`, 0.8),
        ).join(''),
        [60, 68, 84, 92]
          .map((y, i) => line(`M190 ${y}l${i % 3 === 0 ? 10 : 13} ${(y - 76) * 0.35}`, 2.4))
          .join(''),
      ].join('');

export interface AntLook {
  readonly fill: string;
  readonly nodes: 'one' | 'two' | 'hidden';
  readonly even?: boolean;
  readonly winged?: 'unequal';
  readonly grooves?: boolean;
  readonly head?: string;
}

/** An ant from the side; the waist is what tells. */
export function ant({ fill, nodes, even, winged, grooves, head = fill }: AntLook): string {
  return [
    winged
      ? shape('M104 58Q150 6 214 26Q206 44 114 64Z', '#eef3f2') +
        shape('M112 60Q146 38 182 48Q170 60 118 66Z', '#eef3f2')
      : '',
    [0, 1, 2].map((i) => line(`M${88 + i * 12} 86L${74 + i * 24} 108L${66 + i * 32} 134`)).join(''),
    shape(
      even
        ? 'M76 76Q80 58 104 58Q128 60 130 78Q126 90 100 90Q80 90 76 76Z'
        : 'M76 76Q78 56 94 60Q102 70 110 66Q124 62 130 80Q122 90 100 90Q80 90 76 76Z',
      fill,
    ),
    nodes === 'one' ? shape('M132 82Q136 58 142 60Q148 64 146 84Z', fill) : '',
    nodes === 'two'
      ? shape('M130 84Q133 66 138 68Q143 72 142 84Z', fill) +
        shape('M143 84Q147 64 153 67Q158 72 156 84Z', fill)
      : '',
    nodes === 'hidden' ? shape('M130 84Q138 76 148 82L146 88Z', fill) : '',
    oval(nodes === 'two' ? 182 : 172, nodes === 'hidden' ? 76 : 80, nodes === 'two' ? 28 : 30, 22, fill),
    nodes === 'hidden' ? shape('M146 74Q132 66 134 80L146 84Z', fill) : '',
    oval(58, 74, 20, 18, head),
    dot(52, 70, 3),
    line('M48 60L34 36L14 54M54 58L44 32L26 44'),
    grooves ? [64, 70, 76, 82].map((y) => line(`M46 ${y}H70`, 0.7) + line(`M82 ${y}H122`, 0.7)).join('') : '',
  ].join('');
}

/** The telling feature: a ring about it, and its name on a leader. */
export function telling(x: number, y: number, r: number, text: string): string {
  const below = y < 118;
  return `<circle cx="${x}" cy="${y}" r="${r}" fill="none" stroke="${MARK}" stroke-width="2"/><path d="M${x} ${y + r}L${Math.min(x, 150)} 140" stroke="${MARK}" stroke-width="1.2" fill="none"/><text x="${below ? 8 : 8}" y="153" font-size="11.5" font-weight="700" fill="${MARK}" font-family="Atkinson Hyperlegible Next, system-ui, sans-serif">${text}</text>`;
}

const barText = (mm: number): string =>
  mm >= 1000 ? `${mm / 1000} m` : mm >= 50 ? `${mm / 10} cm` : `${mm} mm`;

/** A bar of a round number of millimetres, centimetres or metres, for what is `lengthMm` long over `span` units. */
export function scaleBar(lengthMm: number, span = BODY_LENGTH): string {
  const perMm = span / lengthMm;
  const mm = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000].reduce(
    (best, step) => (step * perMm <= 70 ? step : best),
    0.1,
  );
  const x = WIDTH - 8 - mm * perMm;
  return `<path d="M${x} 12V6M${x} 9H${WIDTH - 8}M${WIDTH - 8} 12V6" stroke="${INK}" stroke-width="1.4" fill="none"/><text x="${WIDTH - 8}" y="24" text-anchor="end" font-size="11" fill="${INK}" font-family="Atkinson Hyperlegible Next, system-ui, sans-serif">${barText(mm)}</text>`;
}

/** An SVG document, of the whole field or of a box of it. */
export const svg = (content: string, title: string, box = `0 0 ${WIDTH} ${HEIGHT}`): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" role="img"><title>${title}</title>${content}</svg>`;
