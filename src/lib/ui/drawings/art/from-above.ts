import {
  abdomenOf,
  feelersOf,
  furOf,
  halfAt,
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
import { ABOVE, FROM, point, SPAN, units } from './plate';

/** Of the legs from above: the angles of femur, tibia and foot of each pair, from straight back outwards. */
const SPLAY = [
  [140, 165, 150],
  [98, 72, 66],
  [58, 28, 18],
] as const;

/** How thick a beak is drawn, and a waist like a thread. */
export const [BEAK, THREAD] = [2.6, 3];

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
          const foot = path.split('L').slice(-2).join('L');
          return line(path, 1.8) + (body.feet ? tinted(`M${foot}`, body.feet) : '');
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
    if (typeof wings.rest === 'object') {
      const { pairs, broad, open } = wings.rest;
      return Array.from({ length: pairs }, (_, i) => pairs - 1 - i)
        .flatMap((pair) =>
          out.map((side) => {
            const root = [t + (w0 - t) * (0.4 + 0.3 * pair), ABOVE + side * half(thorax[1]) * 0.75] as const;
            const long = units(wings.long) * (pair === 0 ? 1 : 0.72);
            return leaf(root, side * (open - pair * 8), long, units(broad), -side);
          }),
        )
        .join('');
    }
    switch (wings.rest) {
      case 'crossed': {
        const [mid, w1] = [from + (tip - from) * 0.52, w * 0.96];
        return (
          shape(
            `M${mid} ${ABOVE - w1 * 0.9}Q${tip + 2} ${ABOVE - w1 * 0.7} ${tip} ${ABOVE}Q${tip + 2} ${ABOVE + w1 * 0.7} ${mid} ${ABOVE + w1 * 0.9}Z`,
            WING,
          ) +
          out
            .map((side) =>
              shape(
                `M${from} ${ABOVE + side * w1 * 0.9}Q${mid - 6} ${ABOVE + side * w1 * 1.06} ${mid + 6} ${ABOVE + side * w1 * 0.86}L${from + (mid - from) * 0.7} ${ABOVE}L${from} ${ABOVE + side * w1 * 0.3}Z`,
                color,
              ),
            )
            .join('') +
          shape(
            `M${from - 2} ${ABOVE - w1 * 0.36}L${from + (mid - from) * 0.72} ${ABOVE}L${from - 2} ${ABOVE + w1 * 0.36}Z`,
            color,
          )
        );
      }
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
    (wings && wings.rest !== 'pads') || body.bands
      ? ''
      : [0.3, 0.45, 0.6, 0.75, 0.88]
          .map((k) => {
            const x = a + (end - a) * k;
            const y = halfAt(body.pointed, k, half(abdomen[1])) * 0.96;
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
    body.beak
      ? line(`M${h + 2} ${ABOVE}H${(h - units(body.beak[0]) * Math.cos(body.beak[1])).toFixed(1)}`, BEAK)
      : '',
    body.waist && body.waist.knobs === 0 ? line(`M${w0 - 3} ${ABOVE}H${a + 3}`, THREAD) : '',
    abdomenOf(body, a - 2, end, ABOVE, half(abdomen[1])),
    body.fur?.of === 'all' ? furOf((a + end) / 2, ABOVE, (end - a) / 2, half(abdomen[1]), body.fur) : '',
    hatch((a + end) / 2, ABOVE, (end - a) / 2, half(abdomen[1])),
    rings,
    cut(h, t + 2, head[1], body.headFill ?? fill),
    knobs()
      .map((x) => oval(x, ABOVE, units(0.035), half(0.1), fill))
      .join(''),
    body.fur ? furOf((t + w0) / 2, ABOVE, (w0 - t) / 2, half(thorax[1]), body.fur) : '',
    body.shoulders
      ? shape(
          `M${t} ${ABOVE - half(head[1])}L${w0 - 4} ${ABOVE - half(thorax[1])}L${w0 + 2} ${ABOVE - half(abdomen[1]) * 0.9}V${ABOVE + half(abdomen[1]) * 0.9}L${w0 - 4} ${ABOVE + half(thorax[1])}L${t} ${ABOVE + half(head[1])}Z`,
          body.thoraxFill ?? fill,
        )
      : cut(t, w0, thorax[1], body.thoraxFill ?? fill),
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
    body.face ? oval(h + units(0.02), ABOVE, units(0.03), half(head[1]) * 0.7, body.face) : '',
    body.eyes
      ? out
          .map((side) =>
            oval(
              h + (t - h) * 0.45,
              ABOVE + side * (half(head[1]) - units(body.eyes?.[0] ?? 0) * 0.55),
              units((body.eyes?.[0] ?? 0) * 1.15),
              units(body.eyes?.[0] ?? 0),
              body.eyes?.[1] ?? '',
            ),
          )
          .join('')
      : out.map((side) => dot((h + t) / 2 - 1, ABOVE + side * half(head[1]) * 0.8, 2)).join(''),
    body.marks?.((along, across) => [FROM + units(along), ABOVE + units(across)]) ?? '',
  ].join('');
}
