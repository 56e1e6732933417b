import {
  beetle,
  caterpillar,
  dot,
  dots,
  eightLegs,
  feelers,
  flier,
  fly,
  grub,
  legless,
  legs,
  line,
  moth,
  oval,
  RASTERS,
  scaleBar,
  shape,
  svg,
  telling,
} from './parts';

import { MORE_INSECTS } from './more-insects';
import { ANTS } from './ants';
import { STAGES } from './stages';
import { TRACES } from './traces';

interface Drawing {
  readonly title: string;
  /** The usual body length, to which the drawing is true. */
  readonly lengthMm: number;
  /** So many units of the field are that long; 160 where nothing is said. */
  readonly span?: number;
  readonly art: string;
  readonly mark: readonly [x: number, y: number, r: number, text: string];
}

const [TAN, BROWN, DARK, RED, PALE] = ['#d9b77c', '#8a5a2b', '#3a3330', '#a65b34', '#f3ecd9'];
const draw = (title: string, lengthMm: number, art: string, mark: Drawing['mark']): Drawing => ({
  title,
  lengthMm,
  art,
  mark,
});
const tufts = dots(
  [
    [112, 40],
    [126, 36],
    [140, 35],
    [154, 37],
    [168, 42],
    [112, 104],
    [126, 108],
    [140, 109],
    [154, 107],
    [168, 102],
  ],
  3,
)
  .replaceAll('#1b2021', '#ffffff')
  .replaceAll('/>', ' stroke="#1b2021"/>');

/** Drawings of animals, by candidate; those of a candidate's other stages have the stage behind a dash. */
export const INSECTS: Readonly<Record<string, Drawing>> = {
  ...MORE_INSECTS,
  ...TRACES,
  ...STAGES,
  ...ANTS,
  'japanese-beetle': draw('Japanese beetle grub', 20, grub(RASTERS['short-v']), [
    189,
    58,
    14,
    'a short V of spines',
  ]),
  'japanese-beetle-adult': draw(
    'Japanese beetle',
    11,
    beetle({ fill: '#6f8f5a', broad: 34, feelers: 'fan', legs: 26, marks: tufts }),
    [140, 108, 12, 'white tufts along the sides'],
  ),
  'chafer-grub': draw('Chafer grub', 20, grub(RASTERS['rows-spread']), [
    189,
    56,
    18,
    'rows part like an open zip',
  ]),
  'chafer-grub-adult': draw('Chafer beetle', 14, beetle({ fill: TAN, broad: 30, feelers: 'fan', legs: 28 }), [
    36,
    52,
    14,
    'plain tan, fan on the feelers',
  ]),
  'june-beetle': draw('June beetle grub', 30, grub(RASTERS['rows-oval']), [
    189,
    46,
    18,
    'a long oval of two rows',
  ]),
  'june-beetle-adult': draw('June beetle', 20, beetle({ fill: BROWN, broad: 36, feelers: 'fan', legs: 30 }), [
    150,
    72,
    20,
    'large, even shiny brown',
  ]),
  'masked-chafer': draw('Masked chafer grub', 19, grub(RASTERS.none), [
    189,
    50,
    20,
    'no rows, only scattered spines',
  ]),
  'oriental-beetle': draw('Oriental beetle grub', 18, grub(RASTERS['rows-straight']), [
    189,
    57,
    14,
    'two short straight rows',
  ]),
  'black-beetle': draw(
    'African black beetle',
    14,
    beetle({ fill: DARK, broad: 36, feelers: 'fan', legs: 24 }),
    [150, 60, 18, 'shiny black, walks on turf'],
  ),
  billbug: draw(
    'Billbug',
    9,
    beetle({
      fill: '#5d5750',
      broad: 24,
      feelers: 'elbowed',
      feelerLength: 20,
      legs: 26,
      snout: true,
      marks: [56, 88].map((y) => line(`M104 ${y}H176`, 0.8)).join(''),
    }),
    [42, 78, 13, 'a curved snout'],
  ),
  'billbug-in-soil': draw('Billbug larva', 8, legless('headed'), [120, 98, 16, 'brown head, no legs']),
  'sod-webworm': draw('Sod webworm', 18, caterpillar('spotted'), [117, 64, 10, 'pale with dark spots']),
  'sod-webworm-adult': draw('Sod webworm moth', 12, moth('#d8cba6', '#cdbb8b'), [
    62,
    72,
    13,
    'small and pale, snout in front',
  ]),
  armyworm: draw('Armyworm', 30, caterpillar('striped'), [52, 71, 16, 'a pale Y on the head, striped']),
  cutworm: draw('Cutworm', 35, caterpillar('curled'), [112, 44, 16, 'stout, grey, curls up']),
  'chinch-bug': draw(
    'Chinch bug',
    3.5,
    beetle({
      fill: DARK,
      broad: 20,
      feelers: 'straight',
      legs: 26,
      marks: shape('M100 58L150 72L100 86Z', '#ffffff') + shape('M150 62L196 72L150 82Z', '#ffffff'),
    }),
    [130, 72, 18, 'white wings, a black spot'],
  ),
  'mole-cricket': draw(
    'Mole cricket',
    40,
    [
      oval(150, 72, 48, 22, BROWN),
      shape('M70 48Q104 44 108 72Q104 100 70 96Z', BROWN),
      oval(58, 72, 15, 17, BROWN),
      shape('M70 50L44 26L30 38L42 44L34 52L50 54Z', TAN),
      shape('M70 94L44 118L30 106L42 100L34 92L50 90Z', TAN),
      line('M196 64l24 -10M196 80l24 10M120 94l10 26l-14 8M120 50l10 -26l-14 -8'),
    ].join(''),
    [42, 40, 17, 'digging front legs'],
  ),
  'crane-fly': draw('Crane-fly larva', 25, legless('lobed'), [196, 76, 19, 'no head, lobes at the tail']),
  'crane-fly-adult': draw(
    'Crane-fly',
    20,
    [
      line(
        'M92 66L60 30L20 10M100 66L100 24L70 6M108 66L140 26L170 4M92 78L60 116L24 134M100 78L98 120L70 134M108 78L140 118L176 134',
      ),
      fly('#b7a88a', 0.7),
    ].join(''),
    [44, 24, 16, 'very long legs, two wings'],
  ),
  termite: draw(
    'Termite worker',
    5,
    [
      legs([84, 98, 112], 26, 13),
      feelers(50, 24, 'straight'),
      oval(142, 72, 54, 22, PALE),
      [110, 126, 142, 158, 174].map((x) => line(`M${x} 53V91`, 0.8)).join(''),
      oval(94, 72, 22, 17, PALE),
      oval(60, 72, 18, 18, '#e0bf86'),
    ].join(''),
    [118, 72, 18, 'no waist, straight feelers'],
  ),
  silverfish: draw(
    'Silverfish',
    10,
    [
      line('M196 72H236M194 68L232 44M194 76L232 100M56 64Q34 40 14 40M56 80Q34 104 14 104'),
      shape('M52 72Q56 46 84 44Q140 50 198 72Q140 94 84 100Q56 98 52 72Z', '#c8cdd0'),
      [80, 96, 112, 128, 144, 160, 176]
        .map((x) => line(`M${x} ${45 + (x - 80) * 0.2}V${99 - (x - 80) * 0.2}`, 0.9))
        .join(''),
    ].join(''),
    [212, 72, 20, 'three tail threads, even silver'],
  ),
  firebrat: draw(
    'Firebrat',
    11,
    [
      line('M196 72H236M194 68L232 44M194 76L232 100M56 64Q30 30 4 34M56 80Q30 114 4 110'),
      shape('M52 72Q56 46 84 44Q140 50 198 72Q140 94 84 100Q56 98 52 72Z', '#d5c7a3'),
      [80, 96, 112, 128, 144, 160, 176]
        .map((x, i) => line(`M${x} ${45 + (x - 80) * 0.2}V${99 - (x - 80) * 0.2}`, i % 2 === 0 ? 4 : 0.9))
        .join(''),
    ].join(''),
    [112, 72, 20, 'mottled, dark bands'],
  ),
  flea: draw(
    'Flea',
    2.5,
    [
      shape('M62 56Q110 20 164 44Q204 66 190 92Q150 118 92 106Q58 94 62 56Z', RED),
      [92, 112, 132, 152, 170].map((x) => line(`M${x} 36Q${x + 8} 74 ${x - 4} 108`, 0.9)).join(''),
      line('M86 104L70 124L84 138M110 110L108 132L92 148M150 106L184 118L150 136L176 148'),
      dot(74, 66, 3),
    ].join(''),
    [166, 122, 22, 'flat sideways, jumping legs'],
  ),
  'bed-bug': draw(
    'Bed bug',
    5,
    [
      legs([84, 96, 108], 26, 22),
      feelers(52, 26, 'straight'),
      oval(140, 72, 56, 40, RED),
      [110, 126, 142, 158, 174]
        .map((x) => line(`M${x} ${38 + Math.abs(x - 140) * 0.3}V${106 - Math.abs(x - 140) * 0.3}`, 0.9))
        .join(''),
      shape('M70 72Q66 46 90 48V96Q66 98 70 72Z', RED),
      oval(60, 72, 12, 13, RED),
    ].join(''),
    [140, 72, 24, 'flat, apple-seed shaped, no wings'],
  ),
  'carpet-beetle': draw(
    'Carpet beetle larva',
    5,
    [
      shape('M52 72Q54 48 84 46Q150 44 192 66V78Q150 100 84 98Q54 96 52 72Z', '#c98d4a'),
      [72, 90, 108, 126, 144, 162, 180].map((x) => line(`M${x} 46V98`, 3)).join(''),
      Array.from({ length: 20 }, (_, i) => line(`M${58 + i * 7} 46l-4 -14M${58 + i * 7} 98l-4 14`, 0.9)).join(
        '',
      ),
      line('M192 68l34 -14M192 72l38 0M192 76l34 14'),
    ].join(''),
    [206, 72, 18, 'bristles, and tufts at the tail'],
  ),
  'clothes-moth': draw('Clothes moth', 7, moth('#d9bf78', '#d9bf78'), [
    62,
    72,
    14,
    'plain golden, reddish head',
  ]),
  'meal-moth': draw('Meal moth', 9, moth('#e6dcc2', '#a65b34'), [
    168,
    46,
    20,
    'copper at the tips of the wings',
  ]),
  'flour-beetle': draw('Flour beetle', 3.5, beetle({ fill: RED, broad: 19, feelers: 'club', legs: 20 }), [
    34,
    56,
    12,
    'clubbed feelers, smooth sides',
  ]),
  tick: draw(
    'Tick',
    3,
    eightLegs(
      62,
      oval(122, 72, 48, 34, BROWN) +
        shape('M74 60Q92 56 92 72Q92 88 74 84Z', DARK) +
        shape('M74 68H56V76H74Z', DARK),
      96,
    ),
    [64, 72, 14, 'eight legs, no waist'],
  ),
  'house-spider': draw(
    'House spider',
    12,
    eightLegs(84, oval(152, 72, 38, 26, '#a98f6c') + oval(98, 72, 24, 20, BROWN)),
    [152, 72, 26, 'brown, without any bright mark'],
  ),
  'harmful-spider': draw(
    'Widow spider, from below',
    10,
    eightLegs(
      84,
      oval(150, 72, 38, 36, DARK) +
        oval(98, 72, 20, 17, DARK) +
        shape('M142 58H160L151 72L160 86H142L151 72Z', '#d23b24'),
    ),
    [151, 72, 20, 'a red mark on shiny black'],
  ),
  centipede: draw(
    'House centipede',
    30,
    [
      Array.from({ length: 14 }, (_, i) =>
        line(
          `M${60 + i * 10} 68Q${56 + i * 12} 40 ${44 + i * 14} 22M${60 + i * 10} 76Q${56 + i * 12} 104 ${44 + i * 14} 122`,
          1,
        ),
      ).join(''),
      shape('M48 72Q52 60 70 62H190Q200 66 200 72Q200 78 190 82H70Q52 84 48 72Z', '#c2a46d'),
      line('M50 66Q30 40 6 34M50 78Q30 104 6 110'),
    ].join(''),
    [120, 34, 20, 'many pairs of long legs'],
  ),
  earwig: draw(
    'Earwig',
    14,
    [
      legs([84, 100, 116], 24, 12),
      feelers(52, 34, 'straight'),
      shape('M110 58H176Q184 72 176 86H110Z', BROWN),
      shape('M86 58H122V86H86Z', RED),
      oval(78, 72, 12, 13, RED),
      oval(60, 72, 13, 13, BROWN),
      line('M178 62Q214 52 224 70M178 82Q214 92 224 74', 3.4),
    ].join(''),
    [204, 72, 20, 'pincers at the tail'],
  ),
  slug: draw(
    'Slug',
    50,
    [
      shape('M36 108Q36 84 64 84Q110 60 160 86Q196 100 214 110Q120 118 36 108Z', '#9a8468'),
      shape('M84 78Q108 64 124 80Q116 92 88 90Z', '#84704f'),
      line('M50 86L40 58M60 84L56 54M44 100l-10 -6', 2.2),
      dot(40, 57, 3),
      dot(56, 53, 3),
    ].join(''),
    [108, 82, 20, 'soft, slimy, no legs'],
  ),
  aphid: draw(
    'Aphid',
    2.5,
    [
      legs([96, 110, 124], 34, 22),
      feelers(64, 50, 'straight'),
      shape('M66 72Q70 44 120 38Q176 40 186 72Q176 104 120 106Q70 100 66 72Z', '#9dbb6e'),
      line('M170 52L196 40M170 92L196 104', 3),
    ].join(''),
    [188, 44, 14, 'two small tubes at the tail'],
  ),
  lanternfly: draw(
    'Spotted lanternfly',
    25,
    [
      shape('M84 70Q110 22 206 34Q214 60 96 78Z', '#b9b3a6'),
      shape('M96 78Q140 118 196 104Q190 84 104 76Z', '#c2412b'),
      dots(
        [
          [120, 52],
          [138, 44],
          [152, 52],
          [166, 42],
          [134, 60],
          [176, 54],
          [150, 64],
        ],
        4,
      ),
      oval(84, 76, 22, 14, '#6b6558'),
      dot(66, 74, 4),
    ].join(''),
    [150, 98, 16, 'red behind, black spots in front'],
  ),
  'ground-beetle': draw(
    'Ground beetle',
    20,
    beetle({
      fill: DARK,
      broad: 26,
      feelers: 'straight',
      feelerLength: 44,
      legs: 40,
      marks: [56, 64, 80, 88].map((y) => line(`M104 ${y}H180`, 0.7)).join(''),
    }),
    [112, 116, 18, 'long running legs'],
  ),
  mosquito: draw(
    'Mosquito',
    6,
    [
      line('M92 66L70 24L40 30M104 66L108 20L140 8M98 80L64 118L44 114M110 80L116 124L150 132'),
      fly('#8b8376', 0.6),
      line('M52 72L18 72', 2.4),
    ].join(''),
    [30, 72, 14, 'a long beak'],
  ),
  'fruit-fly': draw('Fruit fly', 3, fly(TAN, 1), [62, 72, 20, 'red eyes, tan']),
  'drain-fly': draw(
    'Drain fly',
    3,
    [
      moth('#a59b8c', '#8f8577'),
      Array.from({ length: 12 }, (_, i) =>
        line(`M${110 + i * 8} ${30 + i}l4 -8M${110 + i * 8} ${114 - i}l4 8`, 0.9),
      ).join(''),
    ].join(''),
    [150, 28, 16, 'hairy wings like a moth'],
  ),
  'fungus-gnat': draw(
    'Fungus gnat',
    3,
    [
      line('M92 64L76 26L50 20M104 64L112 22L134 10M92 80L76 118L50 126M104 80L112 122L134 134'),
      fly('#4a4743', 0.6, '', 30),
    ].join(''),
    [30, 62, 16, 'dark, thin, long feelers'],
  ),
  'cluster-fly': draw(
    'Cluster fly',
    9,
    fly(
      '#55524c',
      1.15,
      Array.from({ length: 9 }, (_, i) =>
        line(`M${82 + i * 4} ${58 + (i % 3) * 10}l-3 -5`, 1).replaceAll('#1b2021', '#b98a2f'),
      ).join(''),
    ),
    [98, 70, 20, 'golden hairs behind the head'],
  ),
  yellowjacket: draw('Yellowjacket', 14, flier({ fill: '#e6b933', waist: 'wasp', bands: '#23282a' }), [
    158,
    80,
    24,
    'smooth, bright yellow and black',
  ]),
  'paper-wasp': draw(
    'Paper wasp',
    18,
    flier({ fill: '#c98a3a', waist: 'wasp', bands: '#5a3a20', legs: 'hanging' }),
    [104, 132, 16, 'legs hang in flight'],
  ),
  hornet: draw('Hornet', 26, flier({ fill: '#a9622c', waist: 'wasp', bands: '#e6b933' }), [
    62,
    80,
    20,
    'brown and yellow, very large',
  ]),
  'mud-dauber': draw('Mud dauber', 25, flier({ fill: DARK, waist: 'thread', legs: 'hanging' }), [
    134,
    77,
    16,
    'a waist like a thread',
  ]),
  'honey-bee': draw(
    'Honey bee',
    13,
    flier({ fill: '#b07a3a', waist: 'wasp', furry: true, bands: '#5a3a20', legs: 'pollen' }),
    [126, 110, 14, 'slim, furry, pollen on the hind legs'],
  ),
  'bumble-bee': draw(
    'Bumble bee',
    18,
    flier({ fill: '#d9a52f', waist: 'thick', furry: true, bands: '#23282a' }),
    [154, 80, 30, 'round and furry all over'],
  ),
  'carpenter-bee': draw(
    'Carpenter bee',
    23,
    flier({ fill: '#d9a52f', waist: 'thick', furry: true, shinyTail: true }),
    [154, 80, 30, 'bald, shiny tail'],
  ),
  'mining-bee': draw(
    'Solitary ground bee',
    11,
    flier({ fill: '#b58a55', waist: 'wasp', furry: true, legs: 'pollen' }),
    [126, 110, 14, 'small, furry, alone'],
  ),
};

/**
 * The drawing of an animal as an SVG document, with its telling feature and a bar of true size where it is not wanted
 * plain; null where there is none.
 */
export function insectSvg(id: string, plain = false): string | null {
  const drawing = Object.hasOwn(INSECTS, id) ? INSECTS[id] : undefined;
  if (!drawing) return null;
  const marks = plain ? '' : telling(...drawing.mark) + scaleBar(drawing.lengthMm, drawing.span);
  return svg(drawing.art + marks, drawing.title);
}
