import { BEAK, THREAD } from './from-above';
import {
  abdomenOf,
  feelersOf,
  furOf,
  hatch,
  knobsOf,
  leaf,
  partsOf,
  tinted,
  turn,
  WING,
  type Body,
} from './measured';
import { dot, line, oval, shape } from './parts';
import { FROM, GROUND, point, SPAN, units } from './plate';

/** A trunk or beak, bent down over its length. */
function beakOf({ beak = [0, 0] }: Body, h: number, y: number): string {
  const [long, bend] = [units(beak[0]), beak[1]];
  const half = turn(h + 2, y, 180 - (bend * 90) / Math.PI, long * 0.6);
  const tip = turn(...half, 180 - (bend * 270) / Math.PI, long * 0.4);
  return line(`M${point([h + 2, y])}Q${point(half)} ${point(tip)}`, BEAK);
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
      const end = `L${point(foot)}l${(lean < 0 ? -6 : 6).toString()} 0`;
      const half1 = point([(knee[0] + foot[0]) / 2, (knee[1] + foot[1]) / 2]);
      return (
        line(`M${point([x, middle + half(thorax[1]) * 0.6])}L${point(knee)}${end}`, 1.8) +
        (body.feet ? tinted(`M${half1}${end}`, body.feet) : '')
      );
    })
    .join('');
  const from = w0 - (w0 - t) * 0.1;
  const winged = (): string => {
    if (!wings) return '';
    const w = half(abdomen[1]);
    const color = wings.fill ?? (wings.rest === 'alike' ? WING : fill);
    const tip = from + units(wings.long);
    if (typeof wings.rest === 'object') {
      const { pairs, broad, raised } = wings.rest;
      return Array.from({ length: pairs }, (_, i) => pairs - 1 - i)
        .map((pair) =>
          leaf(
            [t + (w0 - t) * (0.4 + 0.3 * pair), middle - half(thorax[1]) * 0.75],
            -raised + pair * 10,
            units(wings.long) * (pair === 0 ? 1 : 0.72),
            units(broad) * 0.6,
            1,
          ),
        )
        .join('');
    }
    switch (wings.rest) {
      case 'crossed':
        return shape(
          `M${from - 2} ${middle - w * 0.95}Q${(from + tip) / 2} ${middle - w * 1.15} ${tip} ${middle - w * 0.2}L${from} ${middle - w * 0.35}Z`,
          color,
        );
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
    body.beak ? beakOf(body, h, middle) : '',
    body.waist && body.waist.knobs === 0 ? line(`M${w0 - 3} ${middle}L${a + 3} ${middle}`, THREAD) : '',
    abdomenOf(body, a - 2, end, middle, half(abdomen[1])),
    body.fur?.of === 'all' ? furOf((a + end) / 2, middle, (end - a) / 2, half(abdomen[1]), body.fur) : '',
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
    body.fur ? furOf((t + w0) / 2, middle, (w0 - t) / 2, half(thorax[1]), body.fur) : '',
    body.dented
      ? cut(t + (w0 - t) * 0.5, w0, thorax[1] * 0.8, fill) +
        cut(t, t + (w0 - t) * 0.58, thorax[1] * 1.1, fill)
      : cut(t, w0, thorax[1], body.thoraxFill ?? fill),
    body.waist?.hidden
      ? oval(a + units(0.05), middle - half(abdomen[1]) * 0.1, units(0.09), half(abdomen[1]) * 0.8, fill)
      : '',
    winged(),
    body.eyes
      ? oval(
          h + (t - h) * 0.45,
          middle - half(head[1]) * 0.2,
          units(body.eyes[0] * 0.9),
          units(body.eyes[0] * 1.1),
          body.eyes[1],
        )
      : dot(h + (t - h) * 0.4, middle - half(head[1]) * 0.3, 2),
    body.sideMarks?.((along, up) => [FROM + units(along), middle - units(up)]) ?? '',
  ].join('');
}
