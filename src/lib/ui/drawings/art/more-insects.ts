import { beetle, dot, dots, eightLegs, flier, fly, grub, legs, line, oval, RASTERS, shape } from './parts';

const [TAN, BROWN, DARK, PALE] = ['#d9b77c', '#8a5a2b', '#3a3330', '#f3ecd9'];
const MIDDLE = 72;

export interface Art {
  readonly title: string;
  readonly lengthMm: number;
  /** So many units of the field are that long; 160 where nothing is said. */
  readonly span?: number;
  readonly art: string;
  readonly mark: readonly [x: number, y: number, r: number, text: string];
}
const draw = (title: string, lengthMm: number, art: string, mark: Art['mark']): Art => ({
  ...{ title, lengthMm, art, mark },
});
/** The same on both sides of the middle line. */
const both = (of: (y: (off: number) => number) => string): string =>
  [1, -1].map((side) => of((off) => MIDDLE + side * off)).join('');

/** A flat bug from above: feelers, six legs, the shield between the shoulders, crossed wings. */
const bug = (fill: string, broad: number, marks: string): string =>
  [
    legs([96, 118, 146], 30, broad * 0.86),
    both((y) => line(`M58 ${y(5)}L36 ${y(20)}L12 ${y(26)}`)),
    oval(60, MIDDLE, 13, 11, fill),
    shape(
      `M70 ${MIDDLE - 12}L96 ${MIDDLE - broad}Q120 ${MIDDLE - broad * 0.9} 150 ${MIDDLE - broad * 0.86}Q196 ${MIDDLE - broad * 0.5} 198 ${MIDDLE}Q196 ${MIDDLE + broad * 0.5} 150 ${MIDDLE + broad * 0.86}Q120 ${MIDDLE + broad * 0.9} 96 ${MIDDLE + broad}L70 ${MIDDLE + 12}Z`,
      fill,
    ),
    line(`M96 ${MIDDLE - broad * 0.7}L140 ${MIDDLE}L96 ${MIDDLE + broad * 0.7}`),
    line(`M140 ${MIDDLE}Q170 ${MIDDLE - broad * 0.5} 192 ${MIDDLE - 6}M140 ${MIDDLE}L196 ${MIDDLE + 8}`, 1),
    marks,
  ].join('');

/** A small mammal from the side, its tail so long and its ears so large. */
const rodent = (fill: string, tail: number, ear: number): string =>
  [
    `<path d="M186 104Q${200 + tail * 0.2} 118 ${196 - tail * 0.1} 126T${150 - tail} 130" fill="none" stroke="#1b2021" stroke-width="4" stroke-linecap="round"/>`,
    shape(
      'M44 96Q60 74 84 72Q120 44 164 56Q200 70 192 104Q180 118 120 116Q76 116 60 106Q48 104 44 96Z',
      fill,
    ),
    oval(92, 70, ear, ear * 1.15, '#e7d3c0'),
    dot(66, 88, 3.4),
    line('M50 100L28 94M50 102L28 104M52 103L32 112', 1),
    line('M96 116l-6 10h10M160 116l2 10h12M128 116l-4 9h9'),
  ].join('');

const spiral = (turns: number, from: number, by: number): string => {
  const points = Array.from({ length: turns * 24 }, (_, i) => {
    const a = (i / 24) * Math.PI * 2;
    const r = from + by * (i / 24);
    return `${i === 0 ? 'M' : 'L'}${(118 + Math.cos(a) * r).toFixed(1)} ${(MIDDLE + Math.sin(a) * r).toFixed(1)}`;
  });
  return points.join('');
};

/** Drawings of what joined the catalogue later, by candidate; see `insects.ts`. */
export const MORE_INSECTS: Readonly<Record<string, Art>> = {
  'garden-chafer': draw('Garden chafer grub', 14, grub(RASTERS['rows-straight'], 0.9), [
    ...([66, 104, 16, 'small; a brown head'] as const),
  ]),
  'garden-chafer-adult': draw(
    'Garden chafer',
    10,
    beetle({
      ...({ fill: '#a9713f', broad: 30, feelers: 'fan', legs: 28 } as const),
      marks: oval(60, MIDDLE, 17, 15, '#5d7f52') + shape(`M68 53Q92 43 98 48V96Q92 101 68 91Z`, '#5d7f52'),
    }),
    [82, 72, 22, 'a green head, brown wings'],
  ),
  cockchafer: draw('Cockchafer grub', 40, grub(RASTERS['rows-oval'], 1.05), [
    ...([112, 106, 18, 'thick as a thumb'] as const),
  ]),
  'cockchafer-adult': draw(
    'Cockchafer',
    26,
    beetle({
      ...({ fill: BROWN, broad: 34, feelers: 'fan', feelerLength: 30, legs: 28 } as const),
      marks: [110, 126, 142, 158, 174]
        .map((x, i) =>
          both((y) => shape(`M${x} ${y(36 - i * 3)}l8 0l-4 ${y(0) > y(10) ? 9 : -9}Z`, '#fffefa')),
        )
        .join(''),
    }),
    [142, 106, 14, 'white triangles along the sides'],
  ),
  'grass-grub': draw('New Zealand grass grub', 20, grub(RASTERS.none, 0.95), [
    ...([66, 104, 16, 'a honey-coloured head'] as const),
  ]),
  spittlebug: draw(
    'Spittlebug',
    9,
    line('M118 20V140', 3) +
      [
        [98, 96, 20],
        [126, 102, 22],
        [112, 82, 18],
        [140, 86, 16],
        [90, 112, 14],
      ]
        .map(([x = 0, y = 0, r = 0]) => oval(x, y, r, r * 0.9, '#ffffff'))
        .join('') +
      shape('M128 40Q150 22 190 34Q198 46 176 56L128 58Z', DARK) +
      line('M146 33l12 24M168 30l8 26', 3).replaceAll('#1b2021', '#d97a2a') +
      line('M136 56l-6 12M152 56l2 12M166 55l10 12'),
    [112, 92, 30, 'white froth; two orange lines'],
  ),
  'bird-mite': draw(
    'Bird mite',
    0.8,
    eightLegs(52, oval(118, MIDDLE, 42, 34, '#b9695a') + oval(128, 70, 20, 16, '#8f3d33'), 106),
    [118, 72, 40, 'walks; red once it has fed'],
  ),
  'grain-weevil': draw(
    'Grain weevil',
    4,
    beetle({
      ...({
        fill: '#4b3327',
        broad: 25,
        feelers: 'elbowed',
        feelerLength: 20,
        legs: 24,
        snout: true,
      } as const),
      marks:
        [60, 66, 78, 84].map((y) => line(`M104 ${y}H186`, 0.8)).join('') +
        dots([
          [78, 62],
          [86, 72],
          [78, 82],
        ]),
    }),
    [42, 78, 14, 'a trunk in front'],
  ),
  'bread-beetle': draw(
    'Bread beetle',
    3,
    beetle({
      ...({ fill: '#9a5a33', broad: 30, feelers: 'club', legs: 22 } as const),
      marks: [54, 60, 66, 78, 84, 90].map((y) => line(`M104 ${y}H180`, 0.7)).join(''),
    }),
    [150, 72, 24, 'small, round, even red-brown'],
  ),
  'grey-silverfish': draw(
    'Grey silverfish',
    15,
    [
      legs([80, 94, 108], 26, 20),
      both((y) => line(`M52 ${y(8)}Q30 ${y(26)} 4 ${y(34)}`)),
      shape('M48 72Q52 50 92 50Q150 56 166 72Q150 88 92 94Q52 94 48 72Z', '#a9a7a1'),
      Array.from({ length: 8 }, (_, i) => line(`M${66 + i * 12} ${52 + i * 1.6}V${92 - i * 1.6}`, 0.8)).join(
        '',
      ),
      both((y) =>
        Array.from({ length: 7 }, (_, i) =>
          line(`M${70 + i * 13} ${y(21 - i * 2)}l4 ${y(0) < y(5) ? 6 : -6}`, 1),
        ).join(''),
      ),
      line('M166 72H236') + both((y) => line(`M164 ${y(4)}Q200 ${y(18)} 232 ${y(40)}`)),
    ].join(''),
    [206, 72, 26, 'tails as long as the body; bristles'],
  ),
  'scuttle-fly': draw(
    'Scuttle fly',
    3,
    [
      line('M92 104L78 138M108 106L106 138M124 104L138 138'),
      shape('M112 66Q160 40 204 58Q196 78 120 82Z', '#eef3f2'),
      oval(150, 92, 40, 16, '#7d6246'),
      shape('M70 92Q74 50 112 52Q134 60 130 96Q100 110 70 92Z', '#8c6f50'),
      oval(66, 98, 14, 13, '#5e4a37'),
      oval(62, 96, 6, 7, '#8a2c1a'),
    ].join(''),
    [100, 62, 22, 'humped; runs in jerks'],
  ),
  'house-fly': draw(
    'House fly',
    7,
    fly('#83847e', 1.1, [64, 69, 75, 80].map((y) => line(`M84 ${y}H112`, 2)).join('')),
    [98, 72, 20, 'four dark stripes behind the head'],
  ),
  'lady-beetle': draw(
    'Harlequin lady beetle',
    7,
    [
      legs([92, 116, 142], 16, 48),
      oval(128, MIDDLE, 66, 52, '#d0662d'),
      oval(64, MIDDLE, 18, 30, '#fffefa'),
      line(`M56 54L74 60L60 72L74 84L56 90`, 4),
      line('M66 72H194'),
      both((y) =>
        [
          [92, 20],
          [120, 34],
          [122, 12],
          [150, 26],
          [172, 12],
        ]
          .map(([x = 0, o = 0]) => dot(x, y(o), 6))
          .join(''),
      ),
    ].join(''),
    [64, 72, 20, 'a dark M on white'],
  ),
  'boxelder-bug': draw(
    'Boxelder bug',
    13,
    bug(
      '#2e2a29',
      24,
      (
        line('M74 72H96') +
        both((y) => line(`M76 ${y(11)}L98 ${y(22)}`) + line(`M104 ${y(21)}L150 ${y(20)}L186 ${y(10)}`))
      )
        .replaceAll('#1b2021', '#c4452c')
        .replaceAll('1.6', '3'),
    ),
    [90, 72, 20, 'three red lines behind the head'],
  ),
  'stink-bug': draw(
    'Brown marmorated stink bug',
    15,
    bug(
      '#8d7658',
      40,
      both((y) =>
        [
          [20, 24],
          [30, 21],
        ]
          .map(([x = 0, o = 0]) =>
            line(`M${x} ${y(o)}l5 ${y(0) > y(1) ? 1 : -1}`, 3.4).replaceAll('#1b2021', '#fffefa'),
          )
          .join(''),
      ) +
        both((y) =>
          [112, 130, 148, 166]
            .map((x, i) => line(`M${x} ${y(37 - i * 5)}h7`, 4).replaceAll('#1b2021', '#f3ecd9'))
            .join(''),
        ),
    ),
    [26, 50, 16, 'white bands on the feelers'],
  ),
  woodworm: draw(
    'Woodworm beetle',
    4,
    beetle({
      ...({ fill: '#6b4a32', broad: 25, feelers: 'club', legs: 20 } as const),
      marks:
        [56, 62, 82, 88].map((y) => line(`M104 ${y}H182`, 0.8)).join('') +
        shape('M58 56Q84 34 98 54V90Q84 110 58 88Z', '#5a3d29'),
    }),
    [80, 72, 22, 'a hood over the head'],
  ),
  'powderpost-beetle': draw(
    'Powderpost beetle',
    5,
    beetle({
      fill: '#7a5131',
      broad: 17,
      feelers: 'club',
      legs: 20,
      marks: line('M104 66H186', 0.8) + line('M104 78H186', 0.8),
    }),
    [150, 72, 20, 'narrow and brown'],
  ),
  'house-longhorn': draw(
    'House longhorn beetle',
    17,
    beetle({
      ...({ fill: '#3d3733', broad: 24, feelers: 'straight', feelerLength: 46, legs: 30 } as const),
      marks: both((y) => dot(82, y(9), 4)) + both((y) => oval(128, y(11), 8, 3, '#d8d2c4')),
    }),
    [82, 72, 16, 'two shining knobs; long feelers'],
  ),
  'drywood-termite': draw(
    'Pellets of drywood termites',
    1,
    [
      [70, 96],
      [96, 104],
      [122, 92],
      [148, 104],
      [110, 72],
      [138, 70],
      [88, 76],
      [162, 84],
    ]
      .map(([x = 0, y = 0], i) => {
        const fill = ['#c9a36b', '#a9793f', '#dfc08c'][i % 3] ?? TAN;
        return (
          shape(
            `M${x - 16} ${y - 5}L${x - 9} ${y - 10}H${x + 9}L${x + 16} ${y - 5}V${y + 4}L${x + 9} ${y + 9}H${x - 9}L${x - 16} ${y + 4}Z`,
            fill,
          ) + line(`M${x - 13} ${y - 3}H${x + 13}M${x - 13} ${y + 3}H${x + 13}`, 0.8)
        );
      })
      .join(''),
    [122, 92, 20, 'six sides, like coarse pepper'],
  ),
  booklouse: draw(
    'Booklouse',
    1.2,
    [
      legs([86, 102, 120], 26, 16),
      both((y) => line(`M58 ${y(6)}Q34 ${y(20)} 8 ${y(30)}`)),
      oval(150, MIDDLE, 46, 24, PALE),
      oval(100, MIDDLE, 24, 15, PALE),
      oval(66, MIDDLE, 18, 19, '#e7d8b4'),
      both((y) => dot(62, y(14), 3)),
    ].join(''),
    [66, 72, 20, 'minute, pale, a broad head'],
  ),
  springtail: draw(
    'Springtail',
    2,
    [
      line('M84 92l-8 16M102 94l-2 16M118 94l4 16'),
      shape('M64 78Q66 60 92 60Q150 56 178 72Q182 92 150 96H90Q66 96 64 78Z', '#8f949a'),
      oval(58, 78, 16, 15, '#8f949a'),
      dot(52, 74, 3),
      line('M48 66L30 48M54 64L42 44'),
      [100, 120, 140, 158].map((x) => line(`M${x} 60V95`, 0.8)).join(''),
      line('M160 96Q140 116 104 118', 2.6),
    ].join(''),
    [128, 114, 16, 'a fork folded below: it hops'],
  ),
  millipede: draw(
    'Millipede',
    30,
    `<path d="${spiral(3, 10, 14)}" fill="none" stroke="#1b2021" stroke-width="13"/><path d="${spiral(3, 10, 14)}" fill="none" stroke="#6b4f3d" stroke-width="10" stroke-dasharray="5 1.4"/>`,
    [118, 72, 26, 'round, curls into a spiral'],
  ),
  woodlouse: draw(
    'Woodlouse',
    12,
    [
      both((y) =>
        [84, 98, 112, 126, 140, 154, 168]
          .map((x) => line(`M${x} ${y(34)}l${(x - 126) * 0.2} ${y(0) < y(5) ? 12 : -12}`))
          .join(''),
      ),
      both((y) => line(`M60 ${y(12)}L40 ${y(24)}L24 ${y(20)}`)),
      oval(126, MIDDLE, 70, 38, '#8b8d92'),
      [78, 96, 114, 132, 150, 166, 180]
        .map((x) =>
          line(
            `M${x} ${MIDDLE - 36 + Math.abs(x - 126) * 0.25}Q${x + 8} 72 ${x} ${MIDDLE + 36 - Math.abs(x - 126) * 0.25}`,
            1.2,
          ),
        )
        .join(''),
    ].join(''),
    [126, 72, 34, 'armoured plates, fourteen legs'],
  ),
  'recluse-spider': draw(
    'Recluse spider',
    9,
    eightLegs(
      78,
      oval(152, 72, 34, 24, '#c3a273') +
        oval(98, 72, 26, 20, '#b98f57') +
        shape('M80 72Q84 62 94 66L118 70V74L94 78Q84 82 80 72Z', DARK),
    ),
    [96, 72, 20, 'a violin behind the eyes'],
  ),
  'funnel-web-spider': draw(
    'Funnel-web spider',
    30,
    eightLegs(
      64,
      oval(154, 72, 42, 30, '#2b2425') +
        oval(98, 72, 30, 26, '#1f1b1c') +
        line('M76 62L54 56L52 66M76 82L54 88L52 78', 4),
    ),
    [56, 72, 22, 'glossy black, fangs down'],
  ),
  scorpion: draw(
    'Scorpion',
    50,
    [
      both((y) =>
        [82, 94, 106, 118].map((x) => line(`M${x} ${y(14)}L${x + 8} ${y(34)}L${x - 2} ${y(48)}`)).join(''),
      ),
      both(
        (y) =>
          line(`M66 ${y(10)}Q44 ${y(30)} 34 ${y(30)}`, 5) +
          shape(`M36 ${y(24)}Q16 ${y(22)} 8 ${y(32)}Q20 ${y(36)} 38 ${y(36)}Z`, '#c9a36b'),
      ),
      oval(96, MIDDLE, 34, 18, '#c9a36b'),
      [80, 92, 104, 116].map((x) => line(`M${x} 55V89`, 0.9)).join(''),
      [
        [138, 70],
        [156, 66],
        [172, 58],
        [184, 46],
        [188, 32],
      ]
        .map(([x = 0, y = 0]) => oval(x, y, 10, 7.5, '#c9a36b'))
        .join(''),
      shape('M180 26Q184 10 172 6Q176 16 172 26Z', '#8a5a2b'),
    ].join(''),
    [176, 18, 16, 'a tail bent over the back'],
  ),
  'asian-hornet': draw(
    'Yellow-legged hornet',
    24,
    flier({ fill: '#2f2624', waist: 'wasp' }) +
      shape('M160 61Q168 80 160 99L176 97Q184 80 176 63Z', '#e08a2a') +
      line('M80 106L90 112M100 106L112 112M120 106L134 112', 3.4).replaceAll('#1b2021', '#e6c133'),
    [100, 110, 16, 'yellow feet, one orange band'],
  ),
  'giant-hornet': draw(
    'Northern giant hornet',
    40,
    flier({ fill: '#2b2320', waist: 'wasp' }) +
      shape('M44 84Q44 66 62 64Q72 70 72 84Q72 98 62 104Q44 102 44 84Z', '#e2861f') +
      ['M150 60Q158 80 150 100L160 99Q168 80 160 61Z', 'M172 62Q180 80 172 98L182 96Q190 80 182 64Z']
        .map((band) => shape(band, '#e2861f'))
        .join(''),
    [56, 84, 20, 'a wide orange head'],
  ),
  'bald-faced-hornet': draw(
    'Bald-faced hornet',
    16,
    flier({ fill: '#23282a', waist: 'wasp' }) +
      oval(56, 84, 7, 10, '#fffefa') +
      [176, 186].map((x) => line(`M${x} 68V92`, 3).replaceAll('#1b2021', '#fffefa')).join(''),
    [58, 82, 16, 'a white face'],
  ),
  'mason-bee': draw('Mason bee', 11, flier({ fill: '#a9572c', waist: 'thick', furry: true }), [
    ...([150, 80, 26, 'rusty and furry; mud in the holes'] as const),
  ]),
  mouse: draw('House mouse', 90, rodent('#8f857b', 40, 15), [92, 70, 18, 'large ears, small feet']),
  rat: draw('Rat', 220, rodent('#6f5a48', 10, 9), [92, 70, 14, 'small ears, blunt nose, thick tail']),
};
