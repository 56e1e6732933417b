import {
  bird,
  DARK,
  lawn,
  rect,
  skin,
  small,
  sod,
  SOIL,
  spread,
  STRAW,
  TURF,
  WALL,
  WOOD,
} from './scene-parts';
import { dot, dots, INK, inked, line, oval, shape, svg } from './parts';

const plank = (inside: string): string =>
  rect(6, 14, 228, 132, WOOD) +
  inked(
    line('M6 40Q80 30 140 44T234 38M6 78Q70 70 120 84T234 76M6 116Q90 106 150 122T234 112', 1),
    '#b08a58',
  ) +
  inside;
/** Holes in wood at one scale: the plank is 40 mm wide. */
const holes = (rx: number, ry: number, n: number): string =>
  plank(
    spread(n, 190, 96, 26, 32)
      .map(([x, y]) => oval(x, y, rx, ry, '#2b2320'))
      .join(''),
  );
const blade = (inside: string, fill = TURF): string =>
  shape('M84 148L96 20Q120 2 144 20L156 148Z', fill) + line('M120 12V148', 0.8) + inside;
const heap = (x: number, y: number, k = 1): string =>
  shape(
    `M${x - 26 * k} ${y}Q${x - 16 * k} ${y - 26 * k} ${x} ${y - 27 * k}Q${x + 18 * k} ${y - 26 * k} ${x + 28 * k} ${y}Z`,
    '#8a6a4a',
  ) + dots(spread(6, 30 * k, 14 * k, x - 16 * k, y - 18 * k), 1.6);
const pile = (what: string): string => rect(6, 10, 228, 70, WOOD) + rect(6, 80, 228, 68, '#efe9dc') + what;
const dropping = (x: number, y: number, long: number, thick: number, turn: number): string =>
  `<g transform="translate(${x} ${y}) rotate(${turn})"><path d="M${-long} 0Q${-long * 0.6} ${-thick} 0 ${-thick}T${long} 0Q${long * 0.6} ${thick} 0 ${thick}T${-long} 0Z" fill="#2b2320"/></g>`;

/** What is pointed at where a sign has several values that no animal's drawing shows, by sign and value. */
export const VALUE_ART: Readonly<Record<string, string>> = {
  'wood-holes-round-small': holes(5.4, 5.4, 12),
  'wood-holes-pin': holes(2.4, 2.4, 18),
  'wood-holes-oval': holes(20, 11, 4),
  'wood-holes-finger': plank(oval(120, 82, 28, 28, '#2b2320')),
  'wood-dust-gritty': pile(
    shape('M60 146Q120 92 184 146Z', '#d8bd8a') + dots(spread(40, 96, 34, 76, 112), 1.8),
  ),
  'wood-dust-talc': pile(shape('M50 146Q120 104 194 146Z', '#f1e3c2')),
  'wood-dust-pellets': pile(
    spread(20, 113, 29, 64, 110)
      .map(([x, y]) => shape(`M${x - 6} ${y - 2}l3 -3h6l3 3v4l-3 3h-6l-3 -3Z`, '#b9894f'))
      .join(''),
  ),
  'wood-dust-shavings': pile(
    spread(18, 120, 34, 60, 104)
      .map(([x, y], i) => line(`M${x} ${y}q5 ${i % 2 ? -6 : 6} 12 0`, 2))
      .join('') +
      oval(150, 134, 8, 4, DARK) +
      line('M150 130l6 -6M146 130l-6 -6', 1),
  ),
  'rodent-droppings-rice':
    rect(6, 10, 228, 138, WALL) +
    spread(9, 180, 96, 32, 30)
      .map(([x, y], i) => dropping(x, y, 9, 2.4, i * 41))
      .join(''),
  'rodent-droppings-olive':
    rect(6, 10, 228, 138, WALL) +
    spread(5, 170, 90, 36, 36)
      .map(([x, y], i) => dropping(x, y, 22, 7, i * 53))
      .join(''),
  'soil-heaps-row': sod(126) + heap(44, 126) + heap(102, 126) + heap(160, 126) + heap(212, 126, 0.8),
  'soil-heaps-fan': lawn(
    shape('M120 60Q190 40 208 84Q200 126 150 130Q100 124 92 92Z', '#8a6a4a') +
      oval(104, 74, 17, 14, '#6b4f36') +
      dots(spread(14, 80, 50, 116, 66), 1.8),
  ),
  'soil-heaps-casts': lawn(
    [
      [60, 60],
      [130, 46],
      [184, 84],
      [84, 112],
      [150, 122],
    ]
      .map(
        ([x = 0, y = 0]) =>
          oval(x, y + 4, 13, 7, '#6b4f36') +
          oval(x - 4, y - 2, 8, 5, '#7d5f42') +
          oval(x + 4, y - 4, 7, 4.5, '#6b4f36'),
      )
      .join(''),
  ),
  'blade-marks-tan-edge': blade(
    [
      [112, 50],
      [128, 90],
      [110, 122],
    ]
      .map(
        ([x = 0, y = 0]) =>
          `<ellipse cx="${x}" cy="${y}" rx="10" ry="13" fill="${STRAW}" stroke="#7a4a24" stroke-width="4"/>`,
      )
      .join(''),
  ),
  'blade-marks-hourglass': blade(shape('M91 66Q120 84 150 66L152 112Q120 94 88 112Z', '#f1e3c2')),
  'blade-marks-red-needles': blade(
    inked([104, 116, 128, 138].map((x, i) => line(`M${x} 24L${x + (i - 1.5) * 8} 2`, 3)).join(''), '#c2412b'),
  ),
  'blade-marks-purple-streaks': blade(inked(line('M104 40L100 140M120 30V146M136 44L142 138', 5), '#7a4a8a')),
  'patch-look-round-yard': lawn(oval(120, 80, 70, 50, STRAW)),
  'patch-look-pinkish': lawn(oval(84, 66, 46, 30, '#e2a9a0') + oval(164, 104, 40, 24, '#e2a9a0')),
  'patch-look-spreads-ring': lawn(
    oval(120, 80, 92, 60, STRAW) +
      oval(120, 80, 60, 38, TURF) +
      inked(line('M196 40l18 -12m-4 10 4 -10 -10 1M44 122l-18 12m4 -10 -4 10 10 -1', 2), '#5a4a34'),
  ),
  'patch-look-all-over': rect(6, 10, 228, 138, '#dfe9ea') + shape('M6 148V90Q90 40 234 30V148Z', STRAW),
  'wood-surface-sapwood':
    `<circle cx="120" cy="80" r="66" fill="#ecd6a8" stroke="${INK}" stroke-width="1.6"/><circle cx="120" cy="80" r="42" fill="#b9824a" stroke="${INK}"/>` +
    [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11]
      .map((i) => dot(120 + Math.cos(i / 1.9) * 54, 80 + Math.sin(i / 1.9) * 54, 2.4))
      .join(''),
  'wood-surface-blistered': plank(
    shape('M50 70Q80 50 110 68Q120 84 90 92Q54 92 50 70Z', '#ecd6a8') +
      shape('M136 96Q160 80 190 96Q196 112 160 116Q136 112 136 96Z', '#ecd6a8') +
      shape('M84 72l14 8l-10 6Z', '#f7efdc'),
  ),
  'wood-surface-kick-hole': pile(
    [60, 120, 180]
      .map((x) => dot(x, 58, 3) + shape(`M${x - 18} 146Q${x} 116 ${x + 18} 146Z`, '#b9894f'))
      .join(''),
  ),
  'wood-surface-along-grain': plank(
    [50, 74, 98]
      .map((y) => shape(`M30 ${y}Q80 ${y - 6} 200 ${y}Q120 ${y + 10} 30 ${y}Z`, '#6b4f36'))
      .join(''),
  ),
  'sting-burns-blister': skin(oval(120, 92, 26, 20, '#e29a8a') + oval(120, 90, 9, 8, '#fffbe6')),
  'sting-burns-nettle': skin(
    oval(112, 92, 34, 22, '#e29a8a') + inked(dots(spread(16, 56, 32, 86, 78), 1.8), '#b0402c'),
  ),
  'bird-diet-flock-probes':
    sod(122) +
    bird(40, 96, '#4b4a45', 0.6) +
    bird(104, 96, '#4b4a45', 0.6) +
    bird(170, 96, '#4b4a45', 0.6) +
    dots(
      [
        [34, 126],
        [60, 128],
        [100, 126],
        [124, 128],
        [166, 126],
        [190, 128],
      ],
      2.4,
    ),
  'bird-diet-crows-tear':
    sod(122) +
    bird(110, 88, '#23201e', 1.1) +
    shape('M50 122Q40 92 66 96L96 116Z', TURF) +
    shape('M50 122Q70 112 96 122Z', SOIL),
  'bird-diet-one-pulls-worms':
    sod(122) + bird(96, 84, '#7a5a3c', 1) + inked(line('M64 78Q52 100 58 124', 3.4), '#b5705c'),
  'bird-diet-licks-ants':
    sod(122) +
    bird(100, 84, '#5d7f52', 1.1) +
    oval(86, 70, 10, 5, '#c2412b') +
    dots(
      [
        [58, 116],
        [66, 118],
        [74, 115],
        [62, 122],
      ],
      2.4,
    ),
  'bird-diet-picks-blades':
    sod(122) +
    bird(70, 92, '#8a7a5c', 0.5) +
    bird(140, 88, '#8a7a5c', 0.5) +
    small(oval(0, 0, 7, 3, '#9dbb6e'), 56, 96, 1),
};

/** The drawing of a value as an SVG document; null where there is none. */
export const valueSvg = (id: string): string | null =>
  Object.hasOwn(VALUE_ART, id) ? svg(VALUE_ART[id] ?? '', id.replaceAll('-', ' ')) : null;
