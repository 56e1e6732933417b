import { dot, line, oval, shape } from './parts';
import { ABOVE, FROM, GROUND, inPlace, point, SPAN, units, type Plate } from './plate';

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
  readonly tail?: 'siphon' | 'tuft' | 'spines' | 'tube' | 'lobes';
  /** It lies bent like a C, or straight. */
  readonly bent?: boolean;
  /** What marks it, in both views: at a share of its length from the front, across from the middle in halves of its breadth there. */
  readonly marks?: (
    at: (along: number, across: number) => readonly [number, number],
    side: boolean,
  ) => string;
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
      case 'lobes':
        return [-1, -0.4, 0.4, 1]
          .map((one) => line(`M${point(at(0.95, one * w(0.9) * 0.7))}L${point(at(1.06, one * w(0.9)))}`, 3))
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
    larva.marks?.((u, v) => at(u, v * w(u)), side) ?? '',
  ].join('');
}

/** Along an arc the body keeps its length: 1.55 π of a turn of this radius is the span. */
const RADIUS = SPAN / (1.55 * Math.PI);
const arcAt =
  (cx: number, cy: number): Along =>
  (u, v) => {
    const angle = -0.25 * Math.PI + (1 - u) * -1.55 * Math.PI + 0.4 * Math.PI;
    return [cx + (RADIUS - v) * Math.cos(angle), cy + (RADIUS - v) * Math.sin(angle)];
  };

/** How much larger a grub lies beside its last ring than a body on other plates. */
const GRUB = 1.35;

/** A grub of turf as it lies, and its last ring enlarged, where the spines tell one from another. */
export const grubView = (larva: LarvaBody, raster: string): Plate => ({
  art: [
    `<g transform="translate(76 74) scale(${GRUB})">${larvaAlong(larva, arcAt(0, 0), true)}</g>`,
    `<g transform="translate(146 30) scale(.9)">${oval(46, 46, 44, 40, larva.fill)}${raster}</g>`,
    line('M112 96Q132 108 152 96', 1),
  ].join(''),
  span: SPAN * GRUB,
  at: (x, y) => [x, y],
});

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
  return {
    art: larvaAlong(larva, straight(ABOVE - 8), false) + larvaAlong(larva, arcAt(FROM + SPAN / 2, 104), true),
    span: SPAN,
    at: (x, y) => [x, y],
  };
}
