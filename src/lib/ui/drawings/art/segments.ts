import type { Art } from './plate';
import { dot, line, oval, shape } from './parts';
import { ABOVE, FROM, GROUND, inPlace, onPlate, point, SPAN, units, type Plate } from './plate';

/** What has no three parts: a head, and plates one behind the other, with legs on each. */
export interface Segmented {
  readonly fill: string;
  readonly head: readonly [long: number, broad: number];
  readonly plates: number;
  readonly broad: number;
  readonly high: number;
  /** How much narrower head and tail end are than the middle: 0 for as broad, 1 for a point. */
  readonly taper: number;
  /** Pairs of legs on each plate that has some, their length in front and at the tail, and how far they lean back. */
  readonly legs: {
    readonly pairs: number;
    readonly front: number;
    readonly back: number;
    readonly lean: number;
  };
  /** Plates behind those with legs. */
  readonly bare: number;
  readonly feelers: number;
}

const widthAt = ({ taper, broad }: Segmented, u: number): number =>
  (units(broad) / 2) * (1 - taper * (2 * u - 1) ** 2);

function segments(body: Segmented, y: number, high: number, side: boolean): string {
  const from = FROM + units(body.head[0]) * 0.7;
  const at = (u: number): number => from + u * (FROM + SPAN - from);
  const half = (u: number): number => widthAt(body, u) * high;
  const legged = body.plates - body.bare;
  const sides = side ? [1] : [-1, 1];
  const leg = (i: number, pair: number): string => {
    const u = (i + (pair + 0.5) / body.legs.pairs) / body.plates;
    const share = legged > 1 ? i / (legged - 1) : 0;
    const long = units(body.legs.front + (body.legs.back - body.legs.front) * share);
    const lean = body.legs.lean * (share * 1.6 - 0.5);
    return sides
      .map((one) => {
        const root = [at(u), y + one * half(u) * 0.85] as const;
        if (side)
          return line(`M${point(root)}L${point([root[0] + long * 0.2 * (lean || 0.3), GROUND])}`, 1.2);
        const knee = [root[0] + long * 0.4 * lean, root[1] + one * long * 0.55] as const;
        return line(
          `M${point(root)}L${point(knee)}L${point([knee[0] + long * 0.5 * lean, knee[1] + one * long * 0.4])}`,
          1.2,
        );
      })
      .join('');
  };
  const steps = Array.from({ length: 41 }, (_, i) => i / 40);
  const outline = [
    ...steps.map((u) => [at(u), y - half(u)] as const),
    ...[...steps].reverse().map((u) => [at(u), y + half(u)] as const),
  ];
  const hx = FROM + units(body.head[0]) / 2;
  return [
    Array.from({ length: legged }, (_, i) =>
      Array.from({ length: body.legs.pairs }, (__, pair) => leg(i, pair)).join(''),
    ).join(''),
    sides
      .map((one) =>
        line(
          `M${point([FROM + 3, y + (side ? -2 : one * 4)])}Q${point([FROM - units(body.feelers) * 0.5, y - (side ? 8 : one * -10)])} ${point([FROM - units(body.feelers), y + (side ? -4 : one * 14)])}`,
        ),
      )
      .join(''),
    oval(hx, y, units(body.head[0]) / 2 + 2, (units(body.head[1]) / 2) * high, body.fill),
    shape(`M${outline.map(point).join('L')}Z`, body.fill),
    Array.from({ length: body.plates - 1 }, (_, i) => {
      const u = (i + 1) / body.plates;
      return line(
        `M${point([at(u), y - half(u)])}Q${point([at(u) + 2, y])} ${point([at(u), y + half(u)])}`,
        1,
      );
    }).join(''),
    sides.map((one) => dot(hx - 2, y + (side ? -2 : one * units(body.head[1]) * 0.3), 1.8)).join(''),
  ].join('');
}

/** Legs lie flat: the view from above may take more of the plate than that from the side. */
const FLAT = 0.48;

/** From above and from the side. */
export function segmentedViews(body: Segmented): Plate {
  const long = Math.max(body.legs.front, body.legs.back);
  const floor = GROUND - units(long) * 0.3 - (units(body.broad) / 2) * body.high;
  return inPlace(
    Math.max((body.broad + long * 1.9) * FLAT, body.broad * (0.55 + body.high * 0.55)),
    segments(body, ABOVE, 1, false),
    line(`M${FROM - 24} ${GROUND}H${FROM + SPAN + 30}`, 0.7) + segments(body, floor, body.high, true),
  );
}

const segmented = (title: string, lengthMm: number, body: Segmented, mark: Art['mark']): Art =>
  onPlate(title, lengthMm, segmentedViews(body), mark);

/** Centipedes, millipedes and woodlice, by the same figures but for what tells them apart. */
export const SEGMENTED: Readonly<Record<string, Art>> = {
  centipede: segmented(
    'House centipede',
    30,
    {
      ...{ fill: '#c2a46d', head: [0.1, 0.12], plates: 15, broad: 0.13, high: 0.6, taper: 0.25, bare: 0 },
      ...{ legs: { pairs: 1, front: 0.24, back: 0.4, lean: 0.9 }, feelers: 0.6 },
    },
    [150, 18, 18, 'many pairs of long legs'],
  ),
  millipede: segmented(
    'Millipede',
    30,
    {
      ...{ fill: '#6b4f3d', head: [0.06, 0.1], plates: 32, broad: 0.11, high: 1, taper: 0.12, bare: 2 },
      ...{ legs: { pairs: 2, front: 0.045, back: 0.045, lean: 0.4 }, feelers: 0.08 },
    },
    [130, 118, 18, 'round, two pairs of legs a ring'],
  ),
  woodlouse: segmented(
    'Woodlouse',
    12,
    {
      ...{ fill: '#8b8d92', head: [0.13, 0.26], plates: 10, broad: 0.48, high: 0.5, taper: 0.72, bare: 3 },
      ...{ legs: { pairs: 1, front: 0.1, back: 0.1, lean: 0.7 }, feelers: 0.26 },
    },
    [124, 46, 22, 'armoured plates, fourteen legs'],
  ),
};
