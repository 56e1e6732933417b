import { dot, line, oval } from './parts';
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

export const turn = (x: number, y: number, degrees: number, long: number): [number, number] => [
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
      return stem;
    })
    .join('');
}

/** Where the knobs of a waist stand: of a hidden one, under the front of the abdomen. */
export const knobsOf = ({ waist }: Body, from: number, to: number): number[] => {
  if (!waist || waist.knobs === 0) return [];
  if (waist.hidden) return [from + units(0.01)];
  return Array.from({ length: waist.knobs }, (_, i) => from + ((to - from) * (i + 0.5)) / waist.knobs);
};
