import { dot, line, oval, shape } from './parts';

/**
 * Bodies drawn from their proportions, each a share of the body’s length, so that the view from above, the view from the side and the
 * bar of true size come from the same figures, and what differs between two look-alikes is a figure and nothing by accident.
 */

/** Over so many units of the field lies a body of full length, in both of its views. */
export const SPAN = 112;
const FROM = 70;
/** Where the view from above lies, and the ground under the view from the side. */
const [ABOVE, GROUND] = [46, 128];
const WING = '#eef3f2';

export interface Body {
  readonly fill: string;
  /** Length and breadth of head, thorax and abdomen. */
  readonly head: readonly [long: number, broad: number];
  readonly thorax: readonly [long: number, broad: number];
  readonly abdomen: readonly [long: number, broad: number];
  /** How high the body is against its breadth. */
  readonly high: number;
  /** Femur, tibia and foot of the three pairs, from the front. */
  readonly legs: readonly (readonly [femur: number, tibia: number, foot: number])[];
  readonly feelers: { readonly long: number; readonly kind: 'thread' | 'beads' | 'club' | 'fan' | 'elbowed' };
  /** At rest: hard cases over the abdomen, flat over it, as a roof, two pairs alike laid flat; absent where there are none. */
  readonly wings?: {
    readonly long: number;
    readonly rest: 'cases' | 'flat' | 'roof' | 'alike' | 'pads';
    readonly fill?: string;
  };
  readonly headFill?: string;
  /** What marks it, over the view from above: units of the body’s length from its front, across from the middle. */
  readonly marks?: (at: (along: number, across: number) => readonly [number, number]) => string;
  /** A waist between thorax and abdomen, with its upright knobs; hidden, the abdomen lies over its only one. */
  readonly waist?: { readonly long: number; readonly knobs: 0 | 1 | 2; readonly hidden?: boolean };
  /** The back of the thorax seen from the side: even where nothing is said, or with a dent. */
  readonly dented?: boolean;
  /** Fine lines along head and thorax. */
  readonly grooved?: boolean;
  /** Bristles at the tail. */
  readonly tail?: number;
}

const point = ([x, y]: readonly [number, number]): string => `${x.toFixed(1)} ${y.toFixed(1)}`;
const turn = (x: number, y: number, degrees: number, long: number): [number, number] => [
  x + Math.cos((degrees * Math.PI) / 180) * long,
  y + Math.sin((degrees * Math.PI) / 180) * long,
];

/** Strokes along the lower edge of a rounded part: the shadow that makes it round. */
export function hatch(cx: number, cy: number, rx: number, ry: number): string {
  const n = Math.max(3, Math.round(rx / 3));
  return Array.from({ length: n }, (_, i) => {
    const a = Math.PI * (0.16 + (0.62 * i) / (n - 1));
    const [x, y] = [cx + rx * 0.94 * Math.cos(a), cy + ry * 0.94 * Math.sin(a)];
    return line(`M${point([x, y])}l-2 ${(-ry * 0.32).toFixed(1)}`, 0.8);
  }).join('');
}

const units = (share: number): number => share * SPAN;
/** Where head, thorax, waist and abdomen begin along the body. */
const partsOf = ({ head, thorax, waist, abdomen }: Body): readonly [number, number, number, number] => {
  const long = waist && !waist.hidden ? waist.long : 0;
  const k = SPAN / (head[0] + thorax[0] + long + abdomen[0]);
  return [
    FROM,
    FROM + head[0] * k,
    FROM + (head[0] + thorax[0]) * k,
    FROM + (head[0] + thorax[0] + long) * k,
  ];
};
/** Of the legs from above: the angles of femur, tibia and foot of each pair, from straight back outwards. */
const SPLAY = [
  [140, 165, 150],
  [98, 72, 66],
  [58, 28, 18],
] as const;

function feelersOf({ feelers, head }: Body, x: number, y: number, sides: readonly number[]): string {
  const long = units(feelers.long);
  return sides
    .map((side) => {
      const root: [number, number] = [x + 2, y + side * units(head[1]) * 0.22];
      const knee = turn(root[0], root[1], 180 + side * -38, long * 0.45);
      const tip =
        feelers.kind === 'elbowed'
          ? turn(knee[0], knee[1], 180 + side * 12, long * 0.55)
          : turn(root[0], root[1], 180 + side * -22, long);
      const stem =
        feelers.kind === 'elbowed'
          ? line(`M${point(root)}L${point(knee)}L${point(tip)}`)
          : line(
              `M${point(root)}Q${point(turn(root[0], root[1], 180 + side * -6, long * 0.6))} ${point(tip)}`,
            );
      if (feelers.kind === 'club') return stem + oval(tip[0], tip[1], 3, 2.4, '#1b2021');
      if (feelers.kind === 'fan')
        return (
          stem +
          [0, 1, 2]
            .map((i) =>
              line(`M${point(tip)}L${point(turn(tip[0], tip[1], 180 + side * (-60 + i * 26), 8))}`, 1.4),
            )
            .join('')
        );
      if (feelers.kind === 'beads')
        return Array.from({ length: 7 }, (_, i) => {
          const t = (i + 1) / 7;
          return dot(root[0] + (tip[0] - root[0]) * t, root[1] + (tip[1] - root[1]) * t, 1.7);
        }).join('');
      return stem;
    })
    .join('');
}

/** Where the knobs of a waist stand: of a hidden one, under the front of the abdomen. */
const knobsOf = ({ waist }: Body, from: number, to: number): number[] => {
  if (!waist || waist.knobs === 0) return [];
  if (waist.hidden) return [from + units(0.01)];
  return Array.from({ length: waist.knobs }, (_, i) => from + ((to - from) * (i + 0.5)) / waist.knobs);
};

export function fromAbove(body: Body): string {
  const { head, thorax, abdomen, fill, legs, wings } = body;
  const [h, t, w0, a] = partsOf(body);
  const end = FROM + SPAN;
  const half = (share: number): number => units(share) / 2;
  const out = [-1, 1];
  const cut = (x: number, x2: number, broad: number, color: string): string =>
    oval((x + x2) / 2, ABOVE, (x2 - x) / 2 + 1.5, half(broad), color);
  const legAt = legs
    .map((leg, i) => {
      const x = t + (w0 - t) * ([0.3, 0.75, body.waist ? 0.95 : 1.1][i] ?? 1);
      return out
        .map((side) => {
          let [px, py] = [x, ABOVE + side * half(thorax[1]) * 0.7];
          let path = `M${point([px, py])}`;
          leg.forEach((long, k) => {
            const angle = SPLAY[i]?.[k] ?? 60;
            [px, py] = turn(px, py, side * angle, units(long));
            path += `L${point([px, py])}`;
          });
          return line(path, 1.8);
        })
        .join('');
    })
    .join('');
  const from = w0 - (w0 - t) * 0.1;
  const tipOf = (long: number): number => from + units(long);
  const knobs = (): number[] => knobsOf(body, w0, a);
  const winged = (): string => {
    if (!wings) return '';
    const w = half(abdomen[1]);
    const color = wings.fill ?? (wings.rest === 'alike' ? WING : fill);
    const tip = tipOf(wings.long);
    switch (wings.rest) {
      case 'cases':
        return (
          out
            .map((side) =>
              shape(
                `M${from} ${ABOVE}V${ABOVE + side * w * 0.9}Q${from + (tip - from) * 0.55} ${ABOVE + side * w * 1.16} ${tip} ${ABOVE + side * 1}Z`,
                color,
              ),
            )
            .join('') + hatch((from + tip) / 2, ABOVE, (tip - from) / 2, w)
        );
      case 'flat':
      case 'alike':
        return out
          .map((side) =>
            shape(
              `M${from} ${ABOVE - side * w * 0.3}Q${from + (tip - from) * 0.4} ${ABOVE + side * w * 1.25} ${tip} ${ABOVE + side * w * 0.35}Q${tip - 6} ${ABOVE - side * w * 0.5} ${from} ${ABOVE - side * w * 0.3}Z`,
              color,
            ),
          )
          .join('');
      case 'roof':
        return out
          .map((side) =>
            shape(
              `M${from - 6} ${ABOVE}L${tip} ${ABOVE + side * w * 1.9}Q${tip + 1} ${ABOVE + side * w} ${tip - 4} ${ABOVE}Z`,
              color,
            ),
          )
          .join('');
      case 'pads':
        return out
          .map((side) =>
            shape(
              `M${from} ${ABOVE + side * 2}V${ABOVE + side * w * 0.8}L${tip} ${ABOVE + side * w * 0.6}L${tip - 4} ${ABOVE + side * 3}Z`,
              color,
            ),
          )
          .join('');
    }
  };
  const rings =
    wings && wings.rest !== 'pads'
      ? ''
      : [0.3, 0.45, 0.6, 0.75, 0.88]
          .map((k) => {
            const x = a + (end - a) * k;
            const y = half(abdomen[1]) * Math.sqrt(Math.max(0, 1 - (2 * k - 1) ** 2)) * 0.96;
            return line(
              `M${x.toFixed(1)} ${(ABOVE - y).toFixed(1)}q3 ${y.toFixed(1)} 0 ${(2 * y).toFixed(1)}`,
              0.9,
            );
          })
          .join('');
  return [
    legAt,
    feelersOf(body, h, ABOVE, out),
    body.tail
      ? out
          .map((side) =>
            line(
              `M${end - 4} ${ABOVE + side * 3}L${point(turn(end - 4, ABOVE + side * 3, side * 24, units(body.tail ?? 0)))}`,
            ),
          )
          .join('')
      : '',
    cut(a - 2, end, abdomen[1], fill),
    hatch((a + end) / 2, ABOVE, (end - a) / 2, half(abdomen[1])),
    rings,
    cut(h, t + 2, head[1], body.headFill ?? fill),
    knobs()
      .map((x) => oval(x, ABOVE, units(0.035), half(0.1), fill))
      .join(''),
    cut(t, w0, thorax[1], fill),
    body.grooved
      ? [-0.5, 0, 0.5]
          .map(
            (v) =>
              line(`M${h + 5} ${ABOVE + v * half(head[1])}H${t - 2}`, 0.6) +
              line(`M${t + 4} ${ABOVE + v * half(thorax[1])}H${w0 - 4}`, 0.6),
          )
          .join('')
      : '',
    winged(),
    out.map((side) => dot((h + t) / 2 - 1, ABOVE + side * half(head[1]) * 0.8, 2)).join(''),
    body.marks?.((along, across) => [FROM + units(along), ABOVE + units(across)]) ?? '',
  ].join('');
}

export function fromTheSide(body: Body): string {
  const { head, thorax, abdomen, fill, legs, wings, high } = body;
  const [h, t, w0, a] = partsOf(body);
  const end = FROM + SPAN;
  const half = (share: number): number => (units(share) * high) / 2;
  const reach = Math.max(6, ...legs.map(([, tibia, foot]) => units(tibia) * 0.7 + units(foot) * 0.2));
  const middle = GROUND - reach - half(abdomen[1]) * 0.6;
  const cut = (x: number, x2: number, broad: number, color: string): string =>
    oval((x + x2) / 2, middle, (x2 - x) / 2 + 1.5, half(broad), color);
  const legAt = legs
    .map(([femur, tibia], i) => {
      const x = t + (w0 - t) * ([0.3, 0.75, body.waist ? 0.95 : 1.1][i] ?? 1);
      const lean = [-1, 0.25, 1][i] ?? 1;
      const knee: [number, number] = [
        x + lean * units(femur) * 0.8,
        middle + half(thorax[1]) * 0.5 - (i === 2 ? units(femur) * 0.4 : 0),
      ];
      const foot: [number, number] = [knee[0] + lean * units(tibia) * 0.55, GROUND];
      return line(
        `M${point([x, middle + half(thorax[1]) * 0.6])}L${point(knee)}L${point(foot)}l${(lean < 0 ? -6 : 6).toString()} 0`,
        1.8,
      );
    })
    .join('');
  const from = w0 - (w0 - t) * 0.1;
  const winged = (): string => {
    if (!wings) return '';
    const w = half(abdomen[1]);
    const color = wings.fill ?? (wings.rest === 'alike' ? WING : fill);
    const tip = from + units(wings.long);
    switch (wings.rest) {
      case 'cases':
        return shape(
          `M${from} ${middle + w * 0.25}Q${from + 2} ${middle - w * 1.08} ${(from + tip) / 2} ${middle - w * 1.12}Q${tip - 4} ${middle - w * 0.7} ${tip} ${middle + w * 0.2}Z`,
          color,
        );
      case 'roof':
        return shape(
          `M${from - 6} ${middle - w * 0.5}Q${(from + tip) / 2} ${middle - w * 1.9} ${tip} ${middle + w * 0.9}L${from} ${middle + w * 0.6}Z`,
          color,
        );
      case 'pads':
        return shape(`M${from} ${middle - w * 0.9}L${tip} ${middle - w * 0.5}L${from + 4} ${middle}Z`, color);
      case 'flat':
      case 'alike':
        return shape(
          `M${from - 2} ${middle - w * 0.9}Q${(from + tip) / 2} ${middle - w * 1.5} ${tip} ${middle - w * 0.75}Q${(from + tip) / 2} ${middle - w * 0.35} ${from - 2} ${middle - w * 0.5}Z`,
          color,
        );
    }
  };
  return [
    line(`M${FROM - 24} ${GROUND}H${end + 30}`, 0.7),
    legAt,
    feelersOf(body, h, middle - half(head[1]) * 0.4, [1]),
    body.tail ? line(`M${end - 4} ${middle}l${units(body.tail).toFixed(1)} -4`) : '',
    cut(a - 2, end, abdomen[1], fill),
    hatch((a + end) / 2, middle, (end - a) / 2, half(abdomen[1])),
    cut(h, t + 2, head[1], body.headFill ?? fill),
    knobsOf(body, w0, a)
      .map((x) => {
        const tall = body.waist?.hidden ? 0.08 : 0.2;
        return shape(
          `M${x - units(0.035)} ${middle + half(0.1)}Q${x - units(0.02)} ${middle - half(tall) * 1.4} ${x} ${middle - half(tall) * 1.5}Q${x + units(0.025)} ${middle - half(tall) * 1.2} ${x + units(0.035)} ${middle + half(0.1)}Z`,
          fill,
        );
      })
      .join(''),
    body.dented
      ? cut(t + (w0 - t) * 0.5, w0, thorax[1] * 0.8, fill) +
        cut(t, t + (w0 - t) * 0.58, thorax[1] * 1.1, fill)
      : cut(t, w0, thorax[1], fill),
    body.waist?.hidden
      ? oval(a + units(0.05), middle - half(abdomen[1]) * 0.1, units(0.09), half(abdomen[1]) * 0.8, fill)
      : '',
    winged(),
    dot(h + (t - h) * 0.4, middle - half(head[1]) * 0.3, 2),
  ].join('');
}

export interface Plate {
  readonly art: string;
  /** So many units of the field are the body’s length. */
  readonly span: number;
  /** Where a point of the full-sized views lies on the plate. */
  readonly at: (x: number, y: number) => readonly [number, number];
}

/** What is broad is drawn smaller, so that its two views do not lie on each other. */
const BROAD = 0.36;
const inPlace = (broad: number, above: string, side: string): Plate => {
  const k = Math.min(1, BROAD / broad);
  const [x, y] = [FROM + SPAN / 2, ABOVE];
  const at = (cy: number, part: string): string =>
    k === 1
      ? part
      : `<g transform="translate(${(x * (1 - k)).toFixed(1)} ${(cy * (1 - k)).toFixed(1)}) scale(${k.toFixed(3)})">${part}</g>`;
  return {
    art: at(y, above) + at(GROUND, side),
    span: SPAN * k,
    at: (px, py) => {
      const middle = py < (ABOVE + GROUND) / 2 ? ABOVE : GROUND;
      return [x + (px - x) * k, middle + (py - middle) * k];
    },
  };
};

/** Both views of a body on one plate. */
export const bothViews = (body: Body): Plate =>
  inPlace(
    Math.max(body.thorax[1], body.abdomen[1]) * (0.55 + body.high * 0.55),
    fromAbove(body),
    fromTheSide(body),
  );

export interface LarvaBody {
  readonly fill: string;
  readonly rings: number;
  readonly broad: number;
  /** How much narrower the tail is than the middle: 0 for as broad, 1 for a point. */
  readonly taper: number;
  readonly head: readonly [long: number, broad: number];
  readonly headFill: string;
  /** Three pairs behind the head, and stumps under these rings; 0 pairs for a maggot. */
  readonly legs: 0 | 3;
  readonly stumps?: readonly number[];
  /** Length of the bristles on each ring. */
  readonly bristles?: number;
  /** Its front swollen against the rest, as in wood borers. */
  readonly swollen?: number;
  readonly tail?: 'siphon' | 'tuft' | 'spines' | 'tube';
  /** It lies bent like a C, or straight. */
  readonly bent?: boolean;
}

type Along = (u: number, v: number) => readonly [number, number];

const profile = ({ taper, swollen = 0 }: LarvaBody, u: number): number => {
  const front = Math.sqrt(1 - (1 - Math.min(1, u / 0.12)) ** 2);
  const back = 1 - taper * Math.max(0, (u - 0.35) / 0.65) ** 1.4;
  const round = u > 0.93 ? Math.sqrt(Math.max(0, 1 - ((u - 0.93) / 0.07) ** 2)) : 1;
  return front * back * round * (1 + swollen * Math.exp(-(((u - 0.1) / 0.14) ** 2)));
};

function larvaAlong(larva: LarvaBody, at: Along, side: boolean): string {
  const w = (u: number): number => (units(larva.broad) / 2) * profile(larva, u);
  const steps = Array.from({ length: 41 }, (_, i) => i / 40);
  const outline = [...steps.map((u) => at(u, -w(u))), ...[...steps].reverse().map((u) => at(u, w(u)))];
  const ring = (i: number): number => (i + 0.5) / larva.rings;
  const belly = (u: number, long: number, lean = 0): string =>
    line(`M${point(at(u, w(u) * 0.9))}L${point(at(u + lean, w(u) + long))}`, 2);
  const bristle = units(larva.bristles ?? 0);
  const [hx, hy] = at(-larva.head[0] * 0.35, 0);
  const tail = (): string => {
    switch (larva.tail) {
      case 'siphon':
        return (
          line(`M${point(at(0.97, -w(0.9) * 0.4))}L${point(at(1.14, -units(0.1)))}`, 4) +
          [0, 1, 2].map((i) => line(`M${point(at(0.99, 2))}L${point(at(1.1, 2 + i * 4))}`, 1)).join('')
        );
      case 'tuft':
        return Array.from({ length: 9 }, (_, i) =>
          line(`M${point(at(0.97, 0))}L${point(at(1.16, (i - 4) * 3.4))}`, 1),
        ).join('');
      case 'spines':
        return [-1, 1]
          .map((one) => line(`M${point(at(0.97, one * 3))}L${point(at(1.08, one * 7))}`, 2))
          .join('');
      case 'tube':
        return line(`M${point(at(0.97, 0))}L${point(at(1.1, 0))}`, 3);
      default:
        return '';
    }
  };
  return [
    bristle > 0
      ? Array.from({ length: larva.rings }, (_, i) =>
          [-1, 1]
            .map((one) =>
              line(
                `M${point(at(ring(i), one * w(ring(i)) * 0.9))}L${point(at(ring(i) + 0.03, one * (w(ring(i)) + bristle)))}`,
                0.9,
              ),
            )
            .join(''),
        ).join('')
      : '',
    larva.legs === 3
      ? [0, 1, 2]
          .map((i) =>
            side
              ? belly(ring(i), units(0.07), -0.02)
              : [-1, 1]
                  .map((one) =>
                    line(
                      `M${point(at(ring(i), one * w(ring(i)) * 0.8))}L${point(at(ring(i) - 0.02, one * (w(ring(i)) + units(0.06))))}`,
                      2,
                    ),
                  )
                  .join(''),
          )
          .join('')
      : '',
    side
      ? (larva.stumps ?? [])
          .map((i) => belly(ring(i), units(0.03)).replace('stroke-width="2"', 'stroke-width="5"'))
          .join('')
      : '',
    tail(),
    shape(`M${outline.map(point).join('L')}Z`, larva.fill),
    Array.from({ length: larva.rings - 1 }, (_, i) => {
      const u = (i + 1) / larva.rings;
      return line(`M${point(at(u, -w(u) * 0.96))}L${point(at(u + 0.006, w(u) * 0.96))}`, 0.8);
    }).join(''),
    // The shadow along the belly.
    steps
      .filter((u) => u > 0.08 && u < 0.92)
      .map((u) => line(`M${point(at(u, w(u) * 0.92))}L${point(at(u + 0.012, w(u) * 0.58))}`, 0.7))
      .join(''),
    larva.head[0] > 0
      ? oval(hx, hy, units(larva.head[0]) / 2 + 1, units(larva.head[1]) / 2, larva.headFill)
      : '',
    larva.head[0] > 0 && side ? dot(hx - 1, hy - 1.5, 1.6) : '',
  ].join('');
}

/** A larva from above and from the side, or bent as it lies and stretched from above. */
export function larvaViews(larva: LarvaBody): Plate {
  const straight =
    (y: number): Along =>
    (u, v) => [FROM + u * SPAN, y + v];
  if (!larva.bent) {
    const floor = GROUND - units(larva.broad) / 2 - (larva.legs > 0 ? units(0.07) : 2);
    return inPlace(
      larva.broad + (larva.bristles ?? 0) * 2,
      larvaAlong(larva, straight(ABOVE), false),
      line(`M${FROM - 24} ${GROUND}H${FROM + SPAN + 30}`, 0.7) + larvaAlong(larva, straight(floor), true),
    );
  }
  // Along an arc the body keeps its length: 1.55 π of a turn of this radius is the span.
  const radius = SPAN / (1.55 * Math.PI);
  const arc: Along = (u, v) => {
    const angle = -0.25 * Math.PI + (1 - u) * -1.55 * Math.PI + 0.4 * Math.PI;
    return [FROM + SPAN / 2 + (radius - v) * Math.cos(angle), 104 + (radius - v) * Math.sin(angle)];
  };
  return {
    art: larvaAlong(larva, straight(ABOVE - 8), false) + larvaAlong(larva, arc, true),
    span: SPAN,
    at: (x, y) => [x, y],
  };
}
