import { dot, INK, line, oval, shape } from './parts';
import { FROM, point, SPAN, units } from './plate';

export const WING = '#eef3f2';

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
  readonly feelers: {
    readonly long: number;
    readonly kind: 'thread' | 'beads' | 'club' | 'fan' | 'elbowed';
    readonly ringed?: string;
  };
  /**
   * At rest: hard cases over the abdomen, flat over it, as a roof, two pairs alike laid flat, leathery ones crossed with clear tips,
   * clear ones held off the body; absent where there are none.
   */
  readonly wings?: {
    readonly long: number;
    readonly rest: 'cases' | 'flat' | 'roof' | 'alike' | 'pads' | 'crossed' | ClearWings;
    readonly fill?: string;
  };
  readonly headFill?: string;
  readonly thoraxFill?: string;
  readonly abdomenFill?: string;
  /** Eyes that are seen from afar: their radius as a share of the length, and their colour. */
  readonly eyes?: readonly [radius: number, fill: string];
  /** A trunk or beak in front of the head: its length, and how far it bends down over that length. */
  readonly beak?: readonly [long: number, bend: number];
  /** Bands across the abdomen, each from and to a share of its length, in their colour. */
  readonly bands?: { readonly at: readonly (readonly [from: number, to: number])[]; readonly fill: string };
  /** Hair that stands off: on the thorax, or on the abdomen too; so long. */
  readonly fur?: { readonly of: 'thorax' | 'all'; readonly long: number; readonly fill?: string };
  /** The colour of its feet, and of the front of its head. */
  readonly feet?: string;
  readonly face?: string;
  /** How far its legs or wings stand off, as a share of the length, where that is more than the body is broad. */
  readonly spread?: number;
  /** The abdomen runs out into a point. */
  readonly pointed?: boolean;
  /** The thorax is a shield with shoulders, as broad behind as the abdomen before. */
  readonly shoulders?: boolean;
  /** What marks it, over the view from above: units of the body’s length from its front, across from the middle. */
  readonly marks?: (at: (along: number, across: number) => readonly [number, number]) => string;
  /** The same over the view from the side: units of the length from the front, upwards from the middle. */
  readonly sideMarks?: (at: (along: number, up: number) => readonly [number, number]) => string;
  /** A waist between thorax and abdomen, with its upright knobs; hidden, the abdomen lies over its only one. */
  readonly waist?: { readonly long: number; readonly knobs: 0 | 1 | 2; readonly hidden?: boolean };
  /** The back of the thorax seen from the side: even where nothing is said, or with a dent. */
  readonly dented?: boolean;
  /** Fine lines along head and thorax. */
  readonly grooved?: boolean;
  /** Bristles at the tail. */
  readonly tail?: number;
}

/** One pair or two, so broad, held so many degrees off the line of the body, and raised so many from the side. */
export interface ClearWings {
  readonly pairs: 1 | 2;
  readonly broad: number;
  readonly open: number;
  readonly raised: number;
}

export const turn = (x: number, y: number, degrees: number, long: number): [number, number] => [
  x + Math.cos((degrees * Math.PI) / 180) * long,
  y + Math.sin((degrees * Math.PI) / 180) * long,
];

/** A part of a leg in its own colour. */
export const tinted = (d: string, fill: string): string => line(d, 2.4).replace(INK, fill);

const toward = (
  [x, y]: readonly [number, number],
  degrees: number,
  along: number,
  off: number,
): [number, number] => {
  const [px, py] = turn(x, y, degrees, along);
  return turn(px, py, degrees + 90, off);
};

/** A clear wing from its root: straight in front, round behind, with its veins. `side` is the one of its hind edge. */
export function leaf(
  root: readonly [number, number],
  degrees: number,
  long: number,
  broad: number,
  side: number,
): string {
  const at = (along: number, off: number): string =>
    point(toward(root, degrees, along * long, off * broad * side));
  const [end, first, second] = [at(1, 0.1), at(0.95, 0.05), at(0.8, 0.4)];
  return (
    `<path d="M${point(root)}C${at(0.3, -0.28)} ${at(0.85, -0.3)} ${end}C${at(0.98, 0.62)} ${at(0.4, 0.78)} ${point(root)}Z" fill="${WING}" fill-opacity="0.72" stroke="${INK}" stroke-width="1.2"/>` +
    line(`M${point(root)}L${first}M${at(0.3, 0.04)}L${second}M${at(0.6, 0.1)}L${at(0.62, 0.5)}`, 0.6)
  );
}

/** Hair around a rounded part. */
export function furOf(
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  { long: share, fill = INK }: NonNullable<Body['fur']>,
): string {
  const long = units(share);
  const n = Math.round((rx + ry) * 0.55);
  return Array.from({ length: n }, (_, i) => {
    const a = (i / n) * Math.PI * 2;
    const [c, s] = [Math.cos(a), Math.sin(a)];
    return line(
      `M${point([cx + c * rx * 0.96, cy + s * ry * 0.96])}L${point([cx + c * (rx + long) + 1, cy + s * (ry + long)])}`,
      fill === INK ? 0.8 : 1.4,
    ).replace(INK, fill);
  }).join('');
}

/** Half the breadth of an abdomen at a share of its length. */
export const halfAt = (pointed: boolean | undefined, u: number, half: number): number =>
  pointed
    ? half *
      (u < 0.42 ? Math.sqrt(Math.max(0, 1 - ((0.42 - u) / 0.42) ** 2)) : 1 - ((u - 0.42) / 0.58) ** 1.7)
    : half * Math.sqrt(Math.max(0, 1 - (2 * u - 1) ** 2));

/** An abdomen with its bands: round, or run out into a point. */
export function abdomenOf(
  { pointed, bands, fill, abdomenFill = fill }: Body,
  x: number,
  x2: number,
  y: number,
  half: number,
): string {
  const [cx, rx] = [(x + x2) / 2, (x2 - x) / 2 + 1.5];
  const at = (u: number): number => halfAt(pointed, u, half);
  const long = x2 - x;
  const outline = Array.from({ length: 25 }, (_, i) => i / 24);
  const body = pointed
    ? shape(
        `M${[...outline.map((u) => [x + u * long, y - at(u)] as const), ...[...outline].reverse().map((u) => [x + u * long, y + at(u)] as const)].map(point).join('L')}Z`,
        abdomenFill,
      )
    : oval(cx, y, rx, half, abdomenFill);
  return (
    body +
    (bands?.at ?? [])
      .map(([from, to]) => {
        const [a, b, bow] = [x + from * long, x + to * long, half * 0.12];
        const [ha, hb] = [at(from) * 0.98, at(to) * 0.98];
        return `<path d="M${point([a, y - ha])}Q${point([a + bow, y])} ${point([a, y + ha])}L${point([b, y + hb])}Q${point([b + bow, y])} ${point([b, y - hb])}Z" fill="${bands?.fill ?? ''}"/>`;
      })
      .join('')
  );
}

/** Strokes along the lower edge of a rounded part: the shadow that makes it round. */
export function hatch(cx: number, cy: number, rx: number, ry: number): string {
  const n = Math.max(3, Math.round(rx / 3));
  return Array.from({ length: n }, (_, i) => {
    const a = Math.PI * (0.16 + (0.62 * i) / (n - 1));
    const [x, y] = [cx + rx * 0.94 * Math.cos(a), cy + ry * 0.94 * Math.sin(a)];
    return line(`M${point([x, y])}l-2 ${(-ry * 0.32).toFixed(1)}`, 0.8);
  }).join('');
}

/** Where head, thorax, waist and abdomen begin along the body. */
export const partsOf = ({
  head,
  thorax,
  waist,
  abdomen,
}: Body): readonly [number, number, number, number] => {
  const long = waist && !waist.hidden ? waist.long : 0;
  const k = SPAN / (head[0] + thorax[0] + long + abdomen[0]);
  return [
    FROM,
    FROM + head[0] * k,
    FROM + (head[0] + thorax[0]) * k,
    FROM + (head[0] + thorax[0] + long) * k,
  ];
};
export function feelersOf({ feelers, head }: Body, x: number, y: number, sides: readonly number[]): string {
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
      return feelers.ringed
        ? stem +
            stem
              .replace(INK, feelers.ringed)
              .replace('/>', ` stroke-dasharray="${units(0.05).toFixed(1)} ${units(0.09).toFixed(1)}"/>`)
        : stem;
    })
    .join('');
}

/** Where the knobs of a waist stand: of a hidden one, under the front of the abdomen. */
export const knobsOf = ({ waist }: Body, from: number, to: number): number[] => {
  if (!waist || waist.knobs === 0) return [];
  if (waist.hidden) return [from + units(0.01)];
  return Array.from({ length: waist.knobs }, (_, i) => from + ((to - from) * (i + 0.5)) / waist.knobs);
};
