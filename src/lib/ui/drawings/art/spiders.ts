import type { Art } from './plate';
import { dot, line, oval, shape } from './parts';
import { hatch, turn } from './measured';
import { onPlate, point, type Plate } from './plate';

export interface SpiderBody {
  readonly fill: string;
  /** Length and breadth of the front part with the legs; of a mite or tick, of its mouthparts. */
  readonly front: readonly [long: number, broad: number];
  readonly abdomen: readonly [long: number, broad: number];
  readonly abdomenFill?: string;
  /** The whole of each of the four legs, from the front. */
  readonly legs: readonly [number, number, number, number];
  readonly thick?: number;
  /** Feelers beside the mouth. */
  readonly palps: number;
  /** Fangs that strike downwards, so long. */
  readonly fangs?: number;
  /** The legs stand about the middle of one sack. */
  readonly sack?: boolean;
  readonly marks?: (at: (along: number, across: number) => readonly [number, number]) => string;
}

/** Where the body lies, how long it is at most, and how far its legs may reach to each side. */
const [CX, CY, MOST_LONG, REACH] = [120, 70, 74, 62];
/** Of each leg: the angles of femur, tibia and foot off the line of the body, from straight back outwards. */
const SPREAD = [
  [128, 158, 172],
  [106, 122, 142],
  [78, 62, 50],
  [50, 26, 14],
] as const;
const JOINTS = [0.34, 0.36, 0.3] as const;

/** A spider from above, its legs with three joints each; the body's length is that from the mouth to the tail. */
export function spiderView(body: SpiderBody): Plate {
  const { front, abdomen, fill, legs } = body;
  const sum = body.sack ? front[0] * 0.7 + abdomen[0] : front[0] + abdomen[0];
  /** How far the legs reach to a side, where the body is as long as its parts together. */
  const reach = Math.max(
    ...legs.map((long, i) =>
      JOINTS.reduce(
        (far, share, j) => far + long * share * Math.sin(((SPREAD[i]?.[j] ?? 0) * Math.PI) / 180),
        0,
      ),
    ),
  );
  const k = Math.min(MOST_LONG / sum, REACH / (reach + (body.sack ? abdomen[1] : front[1]) * 0.41));
  const whole = k * sum;
  const x = CX - whole / 2;
  const [frontEnd, end] = [x + front[0] * k, x + whole];
  const [from, to] = body.sack
    ? [frontEnd + k * 0.08, end - k * abdomen[0] * 0.42]
    : [x + front[0] * k * 0.35, frontEnd - 4];
  const half = body.sack ? (abdomen[1] * k) / 2 : (front[1] * k) / 2;
  const legAt = legs
    .map((long, i) =>
      [-1, 1]
        .map((side) => {
          let [px, py] = [from + ((to - from) * i) / 3, CY + side * half * 0.82];
          const joints = JOINTS.map((share, j) => {
            [px, py] = turn(px, py, side * (SPREAD[i]?.[j] ?? 0), long * k * share);
            return point([px, py]);
          });
          const start = point([from + ((to - from) * i) / 3, CY + side * half * 0.82]);
          return (
            line(`M${start}L${joints[0]}`, (body.thick ?? 1) * 2.6) +
            line(`M${joints[0]}L${joints[1]}`, (body.thick ?? 1) * 2) +
            line(`M${joints[1]}L${joints[2]}`, (body.thick ?? 1) * 1.4)
          );
        })
        .join(''),
    )
    .join('');
  const [ax, arx, ary] = [end - (abdomen[0] * k) / 2, (abdomen[0] * k) / 2, (abdomen[1] * k) / 2];
  const [fx, frx, fry] = [x + (front[0] * k) / 2, (front[0] * k) / 2 + 1, (front[1] * k) / 2];
  const art = [
    legAt,
    [-1, 1]
      .map((side) =>
        line(
          `M${x + 4} ${CY + side * 3}L${point(turn(x + 4, CY + side * 3, 180 - side * 24, body.palps * k))}`,
          2,
        ),
      )
      .join(''),
    body.fangs
      ? [-1, 1]
          .map((side) =>
            shape(
              `M${x + 5} ${CY + side * 1}l${(-(body.fangs ?? 0) * k).toFixed(1)} ${side * 1}l-1 ${side * 4}l${((body.fangs ?? 0) * k).toFixed(1)} ${side * 4}Z`,
              '#1b1716',
            ),
          )
          .join('')
      : '',
    oval(ax, CY, arx, ary, body.abdomenFill ?? fill),
    hatch(ax, CY, arx, ary),
    oval(fx, CY, frx, fry, fill),
    body.sack
      ? ''
      : [-1, 1].map((side) => dot(x + 5, CY + side * 3, 1.4) + dot(x + 8, CY + side * 5.5, 1.2)).join(''),
    body.marks?.((along, across) => [x + along * whole, CY + across * whole]) ?? '',
  ].join('');
  return { art, span: whole, at: (px, py) => [px, py] };
}

const spider = (title: string, lengthMm: number, body: SpiderBody, mark: Art['mark']): Art =>
  onPlate(title, lengthMm, spiderView(body), mark);

const WEB: SpiderBody = {
  ...{ fill: '#8a5a2b', front: [0.42, 0.34], abdomen: [0.58, 0.4], abdomenFill: '#a98f6c' },
  ...{ legs: [1.25, 1.1, 0.95, 1.15], palps: 0.24 },
};
const SACK: SpiderBody = {
  ...{ fill: '#3a3330', front: [0.2, 0.16], abdomen: [0.9, 0.66], abdomenFill: '#8a5a2b' },
  ...{ legs: [0.62, 0.56, 0.56, 0.62], palps: 0.1, sack: true, thick: 1.1 },
};

/** Spiders, ticks and mites, by the same figures but for what tells them apart. */
export const SPIDERS: Readonly<Record<string, Art>> = {
  'house-spider': spider(
    'House spider',
    12,
    {
      ...WEB,
      marks: (at) =>
        [0.58, 0.7, 0.82]
          .map((u) =>
            line(
              `M${at(u - 0.04, -0.09).join(' ')}L${at(u, 0).join(' ')}L${at(u - 0.04, 0.09).join(' ')}`,
              1.4,
            ),
          )
          .join(''),
    },
    [130, 70, 24, 'brown, without any bright mark'],
  ),
  'harmful-spider': spider(
    'Widow spider, from below',
    10,
    {
      ...{ fill: '#2a2526', front: [0.34, 0.26], abdomen: [0.66, 0.6], abdomenFill: '#2a2526' },
      ...{ legs: [1.3, 0.95, 0.7, 1.15], palps: 0.16 },
      marks: (at) => {
        const glass = [
          at(0.56, -0.11),
          at(0.72, -0.11),
          at(0.65, 0),
          at(0.72, 0.11),
          at(0.56, 0.11),
          at(0.63, 0),
        ];
        // The hourglass lies across the underside.
        return shape(`M${glass.map((p) => p.join(' ')).join('L')}Z`, '#d23b24');
      },
    },
    [130, 70, 18, 'a red mark on shiny black'],
  ),
  'recluse-spider': spider(
    'Recluse spider',
    9,
    {
      ...WEB,
      ...{
        fill: '#b98f57',
        abdomenFill: '#c3a273',
        front: [0.45, 0.38],
        abdomen: [0.55, 0.36],
        legs: [1.35, 1.45, 1.15, 1.35],
      },
      marks: (at) => {
        const [x, y] = at(0.12, 0);
        return shape(
          `M${x} ${y - 6}Q${x + 8} ${y - 7} ${x + 9} ${y - 2}L${x + 20} ${y - 1}V${y + 1}L${x + 9} ${y + 2}Q${x + 8} ${y + 7} ${x} ${y + 6}Q${x - 2} ${y} ${x} ${y - 6}Z`,
          '#3a2a1e',
        );
      },
    },
    [108, 70, 15, 'a violin behind the eyes'],
  ),
  'funnel-web-spider': spider(
    'Funnel-web spider',
    30,
    {
      ...WEB,
      ...{ fill: '#1f1b1c', abdomenFill: '#2b2425', front: [0.46, 0.4], abdomen: [0.54, 0.42] },
      ...{ legs: [0.95, 0.9, 0.8, 0.95], palps: 0.4, thick: 1.7, fangs: 0.14 },
      marks: (at) =>
        [-1, 1]
          .map((side) => line(`M${at(0.98, side * 0.04).join(' ')}L${at(1.12, side * 0.07).join(' ')}`, 3))
          .join(''),
    },
    [78, 70, 18, 'glossy black, fangs down'],
  ),
  tick: spider(
    'Tick',
    3,
    {
      ...SACK,
      marks: (at) => {
        const [x, y] = at(0.2, 0);
        return shape(
          `M${x} ${y - 12}Q${x + 22} ${y - 16} ${x + 26} ${y}Q${x + 22} ${y + 16} ${x} ${y + 12}Z`,
          '#3a3330',
        );
      },
    },
    [86, 70, 15, 'eight legs, no waist'],
  ),
  'bird-mite': spider(
    'Bird mite',
    0.8,
    {
      ...SACK,
      ...{
        fill: '#c98d7c',
        abdomenFill: '#b9695a',
        abdomen: [0.9, 0.6],
        legs: [0.72, 0.6, 0.6, 0.7],
        thick: 0.8,
      },
      marks: (at) => oval(...at(0.6, 0), 17, 13, '#8f3d33'),
    },
    [126, 70, 26, 'walks; red once it has fed'],
  ),
  'dust-mite': spider(
    'Dust mite',
    0.3,
    {
      ...SACK,
      ...{
        fill: '#e7d8b4',
        abdomenFill: '#f3ecd9',
        abdomen: [0.9, 0.62],
        legs: [0.4, 0.36, 0.34, 0.36],
        thick: 0.8,
      },
      marks: (at) =>
        [0.42, 0.6, 0.78]
          .map((u) =>
            line(`M${at(u, -0.16).join(' ')}Q${at(u + 0.05, 0).join(' ')} ${at(u, 0.16).join(' ')}`, 0.8),
          )
          .join(''),
    },
    [124, 70, 30, 'seen under a microscope alone'],
  ),
  'clover-mite': spider(
    'Clover mite',
    0.8,
    {
      ...SACK,
      ...{
        fill: '#9c3a24',
        abdomenFill: '#9c3a24',
        abdomen: [0.9, 0.6],
        legs: [1.15, 0.5, 0.48, 0.56],
        thick: 0.8,
      },
    },
    [66, 38, 17, 'the front legs far longer'],
  ),
};
