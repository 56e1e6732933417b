/**
 * Parts of which the line drawings are put together: plain SVG text in a field of 240 × 160 units. Bodies lie along the
 * middle, head to the left; a body of full length runs from x = 40 to x = 200.
 */
export const WIDTH = 240;
export const HEIGHT = 160;
export const BODY_FROM = 40;
export const BODY_LENGTH = 160;
const MIDDLE = 72;

const INK = '#1b2021';
const MARK = '#a83a22';

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

/** Six legs on both sides of a body seen from above. */
export function legs(at: readonly number[], reach: number, width: number): string {
  return at
    .map((x, i) => {
      const lean = (i - 1) * reach * 0.45;
      return [-1, 1]
        .map((side) => {
          const [knee, foot] = [MIDDLE + side * (width + reach * 0.55), MIDDLE + side * (width + reach)];
          return line(
            `M${x} ${MIDDLE + side * width * 0.8}L${x + lean * 0.5} ${knee}L${x + lean * 1.5} ${foot}`,
          );
        })
        .join('');
    })
    .join('');
}

/** A pair of feelers, straight, elbowed or clubbed, so long. */
export function feelers(x: number, length: number, kind: 'straight' | 'elbowed' | 'fan' | 'club'): string {
  return [-1, 1]
    .map((side) => {
      const [y, tip] = [MIDDLE + side * 5, MIDDLE + side * (8 + length * 0.5)];
      if (kind === 'elbowed')
        return line(
          `M${x} ${y}L${x - length * 0.35} ${MIDDLE + side * length * 0.45}L${x - length * 0.9} ${MIDDLE + side * length * 0.3}`,
        );
      const stem = line(`M${x} ${y}Q${x - length * 0.5} ${MIDDLE + side * 6} ${x - length} ${tip}`);
      if (kind === 'fan')
        return (
          stem + [0, 3, 6].map((d) => line(`M${x - length} ${tip}l${-6 + d} ${side * (7 - d)}`)).join('')
        );
      return kind === 'club' ? stem + oval(x - length, tip, 3, 2.4, INK) : stem;
    })
    .join('');
}

export interface BeetleLook {
  readonly fill: string;
  readonly broad: number;
  readonly feelers: 'fan' | 'club' | 'straight' | 'elbowed';
  readonly feelerLength?: number;
  readonly legs: number;
  readonly marks?: string;
  readonly snout?: boolean;
}

export function beetle({
  fill,
  broad,
  feelers: kind,
  feelerLength = 24,
  legs: reach,
  marks = '',
  snout,
}: BeetleLook): string {
  const b = broad;
  return [
    legs([92, 112, 142], reach, b * 0.86),
    feelers(snout ? 40 : 52, feelerLength, kind),
    snout
      ? shape(
          `M62 ${MIDDLE - 6}Q44 ${MIDDLE - 4} 34 ${MIDDLE + 8}L40 ${MIDDLE + 10}Q50 ${MIDDLE + 2} 62 ${MIDDLE + 6}Z`,
          fill,
        )
      : '',
    oval(60, MIDDLE, 17, b * 0.5, fill),
    shape(
      `M68 ${MIDDLE - b * 0.62}Q92 ${MIDDLE - b * 0.95} 98 ${MIDDLE - b * 0.8}V${MIDDLE + b * 0.8}Q92 ${MIDDLE + b * 0.95} 68 ${MIDDLE + b * 0.62}Z`,
      fill,
    ),
    shape(
      `M98 ${MIDDLE - b * 0.85}Q150 ${MIDDLE - b * 1.2} 198 ${MIDDLE}Q150 ${MIDDLE + b * 1.2} 98 ${MIDDLE + b * 0.85}Z`,
      fill,
    ),
    line(`M98 ${MIDDLE}H198`),
    marks,
  ].join('');
}

/** A grub lying in a C, with its last ring enlarged beside it. */
export function grub(raster: string, size = 1): string {
  const s = size;
  return [
    shape(
      `M${96 - 44 * s} 96Q${70 - 40 * s} 40 ${96} ${40}Q${150} ${40} ${140} ${92}Q${136} 118 ${112} 112Q${100} 108 ${106} 92Q${112} 66 ${92} 66Q${74} 68 ${76} 100Z`,
      '#f3ecd9',
    ),
    oval(66, 104, 13, 12, '#b9824a'),
    [0, 1, 2].map((i) => line(`M${82 + i * 6} ${96 - i * 8}l14 ${6 - i * 2}`)).join(''),
    [1, 2, 3, 4, 5, 6].map((i) => line(`M${60 + i * 13} ${58 - Math.abs(3.2 - i) * -3}l4 10`, 1)).join(''),
    `<g transform="translate(150 28) scale(.86)">${oval(46, 46, 44, 40, '#f3ecd9')}${raster}</g>`,
    line('M128 104Q146 112 160 96', 1),
  ].join('');
}

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

export interface FlierLook {
  readonly fill: string;
  readonly waist: 'thick' | 'wasp' | 'thread';
  readonly furry?: boolean;
  readonly bands?: string;
  readonly legs?: 'tucked' | 'hanging' | 'pollen';
  readonly shinyTail?: boolean;
}

/** A bee or wasp from the side. */
export function flier({ fill, waist, furry, bands, legs: carried = 'tucked', shinyTail }: FlierLook): string {
  const fur = (cx: number, cy: number, rx: number, ry: number): string =>
    Array.from({ length: 22 }, (_, i) => {
      const a = (i / 22) * Math.PI * 2;
      const [x, y] = [cx + Math.cos(a) * rx, cy + Math.sin(a) * ry];
      return line(
        `M${x.toFixed(1)} ${y.toFixed(1)}l${(Math.cos(a) * 6).toFixed(1)} ${(Math.sin(a) * 6).toFixed(1)}`,
        1,
      );
    }).join('');
  const [tx, tr] = [96, waist === 'thick' ? 26 : 21];
  const [ax, rx, ry] = waist === 'thick' ? [154, 44, 30] : waist === 'thread' ? [174, 26, 15] : [158, 42, 20];
  const tail = shinyTail ? '#23282a' : fill;
  return [
    shape(`M100 56Q120 6 176 14Q188 26 116 60Z`, '#eef3f2'),
    shape(`M108 58Q150 28 190 40Q190 50 118 62Z`, '#eef3f2'),
    [0, 1, 2]
      .map((i) =>
        carried === 'hanging'
          ? line(`M${88 + i * 9} 92L${84 + i * 16} 118L${90 + i * 18} 146`)
          : line(`M${86 + i * 10} 92L${80 + i * 20} 106L${90 + i * 22} 112`),
      )
      .join(''),
    carried === 'pollen' ? oval(126, 110, 9, 5, '#e0a63a') : '',
    waist === 'thread'
      ? line('M116 78Q134 74 150 78', 2.2)
      : line(`M114 78L126 78`, waist === 'thick' ? 20 : 4),
    oval(ax, 80, rx, ry, tail),
    bands
      ? [0.25, 0.5, 0.72]
          .map((t) =>
            shape(
              `M${ax - rx + 2 * rx * t - 4} ${80 - ry * Math.sqrt(1 - (2 * t - 1) ** 2)}Q${ax - rx + 2 * rx * t + 4} 80 ${ax - rx + 2 * rx * t - 4} ${80 + ry * Math.sqrt(1 - (2 * t - 1) ** 2)}h9Q${ax - rx + 2 * rx * t + 13} 80 ${ax - rx + 2 * rx * t + 5} ${80 - ry * Math.sqrt(1 - (2 * t - 1) ** 2)}Z`,
              bands,
            ),
          )
          .join('')
      : '',
    oval(tx, 76, tr, tr, fill),
    oval(62, 80, 15, 17, fill),
    oval(57, 78, 4.5, 8, '#1b2021'),
    line('M56 66Q44 50 30 56M60 64Q52 46 40 44'),
    furry ? fur(tx, 76, tr, tr) + (shinyTail ? '' : fur(ax, 80, rx, ry)) : '',
    shinyTail ? line(`M${ax - 10} 64Q${ax + 12} 60 ${ax + 26} 72`, 1) : '',
  ].join('');
}

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

/** A moth at rest from above. */
export const moth = (inner: string, outer: string): string =>
  [
    line('M62 66Q44 46 28 48M62 78Q44 98 28 96'),
    shape('M66 72Q90 22 150 26Q190 40 204 56L96 72Z', inner),
    shape('M66 72Q90 122 150 118Q190 104 204 88L96 72Z', inner),
    shape('M128 26Q190 36 204 56L140 66Q122 46 128 26Z', outer),
    shape('M128 118Q190 108 204 88L140 78Q122 98 128 118Z', outer),
    oval(98, MIDDLE, 32, 11, inner),
    oval(62, MIDDLE, 10, 10, inner),
  ].join('');

/** A two-winged fly from above. */
export const fly = (fill: string, size: number, marks = '', feeler = 8): string =>
  [
    legs([88, 102, 118], 30, 14 * size),
    oval(150, MIDDLE, 46, 15 * size, fill),
    shape('M104 62Q150 14 206 30Q200 54 112 68Z', '#eef3f2'),
    shape('M104 82Q150 130 206 114Q200 90 112 76Z', '#eef3f2'),
    oval(98, MIDDLE, 22, 18 * size, fill),
    oval(66, MIDDLE, 15, 17 * size, fill),
    oval(62, MIDDLE - 10 * size, 6, 6, '#8a2c1a'),
    oval(62, MIDDLE + 10 * size, 6, 6, '#8a2c1a'),
    line(`M54 68l-${feeler} -8M54 76l-${feeler} 8`),
    marks,
  ].join('');

/** Eight legs about a round or two-part body. */
export function eightLegs(reach: number, body: string, cx = 110): string {
  return (
    [-1, 1]
      .flatMap((side) =>
        [-1.5, -0.5, 0.5, 1.5].map((k) =>
          line(
            `M${cx + k * 9} ${MIDDLE + side * 12}L${cx + k * reach * 0.55} ${MIDDLE + side * (18 + reach * 0.3)}L${cx + k * reach * 0.75} ${MIDDLE + side * (14 + reach * 0.72)}`,
          ),
        ),
      )
      .join('') + body
  );
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

export const svg = (content: string, title: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" role="img"><title>${title}</title>${content}</svg>`;
