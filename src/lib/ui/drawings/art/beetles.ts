import { adult, CHAFER, legsOf, onBoth, WEEVIL, type At } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';
import { dot, INK, line, oval, shape } from './parts';

const legs = (long: number): Body['legs'] => legsOf(CHAFER, long);
/** Lines along the wing cases. */
const grooves = (at: At, across: readonly number[], from = 0.4, to = 0.92): string =>
  across.map((v) => line(`M${at(from, v).join(' ')}L${at(to, v * 0.8).join(' ')}`, 0.7)).join('');

/** A small beetle of stores and timber. */
const SMALL: Body = {
  ...CHAFER,
  ...{ fill: '#a65b34', high: 0.55, head: [0.14, 0.2], thorax: [0.24, 0.3], abdomen: [0.62, 0.33] },
  ...{ legs: legs(0.75), feelers: { long: 0.17, kind: 'club' }, wings: { long: 0.63, rest: 'cases' } },
};

/** Grown beetles, by the same figures but for what tells them apart. */
export const BEETLES: Readonly<Record<string, Art>> = {
  'japanese-beetle-adult': adult(
    'Japanese beetle',
    11,
    {
      ...CHAFER,
      ...{ fill: '#4f7a4a', thoraxFill: '#4f7a4a', wings: { long: 0.56, rest: 'cases', fill: '#a8652f' } },
      ...{ abdomen: [0.67, 0.52] },
      marks: (at) =>
        onBoth((side) =>
          [0.42, 0.53, 0.64, 0.75, 0.86]
            .map((u) => oval(...at(u, side * (0.26 - 0.3 * Math.max(0, u - 0.6))), 3.2, 2.6, '#ffffff'))
            .join(''),
        ) + onBoth((side) => oval(...at(0.965, side * 0.04), 3, 2.6, '#ffffff')),
    },
    [150, 68, 14, 'white tufts along the sides'],
  ),
  'chafer-grub-adult': adult('Chafer beetle', 14, { ...CHAFER, fill: '#d9b77c' }, [
    ...([60, 44, 15, 'plain tan, fan on the feelers'] as const),
  ]),
  'june-beetle-adult': adult(
    'June beetle',
    20,
    { ...CHAFER, ...{ fill: '#8a5a2b', thorax: [0.2, 0.44], abdomen: [0.69, 0.54], high: 0.88 } },
    [136, 46, 22, 'large, even shiny brown'],
  ),
  'garden-chafer-adult': adult(
    'Garden chafer',
    10,
    {
      ...CHAFER,
      ...{ fill: '#5d7f52', thoraxFill: '#5d7f52', wings: { long: 0.66, rest: 'cases', fill: '#a9713f' } },
      ...{ head: [0.14, 0.24], thorax: [0.19, 0.38], abdomen: [0.67, 0.46] },
    },
    [94, 46, 18, 'a green head, brown wings'],
  ),
  'cockchafer-adult': adult(
    'Cockchafer',
    26,
    {
      ...CHAFER,
      ...{
        fill: '#4a3a30',
        headFill: '#3a2f2a',
        wings: { long: 0.6, rest: 'cases', fill: '#8a5a2b' },
        pointed: true,
      },
      ...{ feelers: { long: 0.22, kind: 'fan' }, abdomen: [0.69, 0.48], bands: { fill: '#4a3a30', at: [] } },
      marks: (at) =>
        onBoth((side) =>
          [0.42, 0.52, 0.62, 0.72]
            .map((u, i) => {
              const [x, y] = at(u, side * (0.245 - i * 0.02));
              return shape(`M${x - 4} ${y}h8l-4 ${side * -8}Z`, '#fffefa');
            })
            .join(''),
        ),
    },
    [132, 72, 15, 'white triangles along the sides'],
  ),
  billbug: adult('Billbug', 9, { ...WEEVIL, ...{ fill: '#5d5750', head: [0.16, 0.12], beak: [0.2, 0.5] } }, [
    ...([64, 108, 15, 'a curved snout'] as const),
  ]),
  'grain-weevil': adult(
    'Grain weevil',
    4,
    {
      ...WEEVIL,
      ...{
        fill: '#4b3327',
        head: [0.14, 0.12],
        thorax: [0.32, 0.28],
        abdomen: [0.54, 0.32],
        beak: [0.17, 0.3],
      },
      ...{ wings: { long: 0.56, rest: 'cases' }, high: 0.75 },
      marks: (at) =>
        grooves(at, [-0.11, -0.05, 0.05, 0.11], 0.52, 0.92) +
        [0.22, 0.3, 0.38].flatMap((u) => [-0.08, 0, 0.08].map((v) => dot(...at(u, v), 1.3))).join(''),
    },
    [62, 46, 14, 'a trunk in front'],
  ),
  'bread-beetle': adult(
    'Bread beetle',
    3,
    {
      ...SMALL,
      ...{ fill: '#9a5a33', head: [0.06, 0.2], thorax: [0.25, 0.42], abdomen: [0.69, 0.47], high: 0.85 },
      ...{ wings: { long: 0.7, rest: 'cases' }, legs: legs(0.6) },
      marks: (at) => grooves(at, [-0.16, -0.1, -0.05, 0.05, 0.1, 0.16], 0.36, 0.9),
    },
    [140, 46, 24, 'small, round, even red-brown'],
  ),
  'flour-beetle': adult('Flour beetle', 3.5, SMALL, [64, 40, 13, 'clubbed feelers, smooth sides']),
  woodworm: adult(
    'Woodworm beetle',
    4,
    {
      ...SMALL,
      ...{
        fill: '#6b4a32',
        thoraxFill: '#5a3d29',
        head: [0.03, 0.14],
        thorax: [0.29, 0.33],
        abdomen: [0.68, 0.34],
      },
      ...{ high: 0.9, wings: { long: 0.7, rest: 'cases' } },
      marks: (at) => grooves(at, [-0.12, -0.07, 0.07, 0.12]),
    },
    [92, 110, 19, 'a hood over the head'],
  ),
  'powderpost-beetle': adult(
    'Powderpost beetle',
    5,
    {
      ...SMALL,
      ...{ fill: '#7a5131', head: [0.14, 0.18], thorax: [0.2, 0.22], abdomen: [0.66, 0.25], high: 0.7 },
      wings: { long: 0.67, rest: 'cases' },
      marks: (at) => grooves(at, [-0.06, 0.06]),
    },
    [140, 46, 20, 'narrow and brown'],
  ),
  'house-longhorn': adult(
    'House longhorn beetle',
    17,
    {
      ...SMALL,
      ...{ fill: '#3d3733', head: [0.13, 0.19], thorax: [0.19, 0.28], abdomen: [0.68, 0.34], high: 0.5 },
      ...{ feelers: { long: 0.52, kind: 'thread' }, legs: legs(1.1), wings: { long: 0.68, rest: 'cases' } },
      marks: (at) =>
        onBoth(
          (side) =>
            dot(...at(0.22, side * 0.06), 3.4).replace(INK, '#1b1716') +
            oval(...at(0.5, side * 0.08), 7, 2.6, '#d8d2c4'),
        ),
    },
    [94, 46, 16, 'two shining knobs; long feelers'],
  ),
  'ground-beetle': adult(
    'Ground beetle',
    20,
    {
      ...SMALL,
      ...{ fill: '#3a3330', head: [0.17, 0.2], thorax: [0.22, 0.28], abdomen: [0.61, 0.38], high: 0.5 },
      ...{
        feelers: { long: 0.46, kind: 'thread' },
        legs: legs(1.5),
        wings: { long: 0.62, rest: 'cases' },
        spread: 0.5,
      },
      marks: (at) => grooves(at, [-0.13, -0.08, 0.08, 0.13]),
    },
    [146, 76, 18, 'long running legs'],
  ),
  'lady-beetle': adult(
    'Harlequin lady beetle',
    7,
    {
      ...CHAFER,
      ...{
        fill: '#d0662d',
        headFill: '#2b2727',
        thoraxFill: '#fffefa',
        feelers: { long: 0.12, kind: 'club' },
      },
      ...{
        head: [0.09, 0.26],
        thorax: [0.17, 0.52],
        abdomen: [0.74, 0.86],
        high: 0.62,
        legs: legs(0.5),
        spread: 0.58,
      },
      wings: { long: 0.78, rest: 'cases' },
      marks: (at) => {
        const m = [at(0.245, -0.19), at(0.13, -0.1), at(0.2, 0), at(0.13, 0.1), at(0.245, 0.19)];
        return (
          line(`M${m.map((p) => p.join(' ')).join('L')}`, 6) +
          onBoth((side) =>
            (
              [
                [0.42, 0.12],
                [0.4, 0.3],
                [0.6, 0.2],
                [0.62, 0.36],
                [0.78, 0.1],
                [0.8, 0.26],
              ] as const
            )
              .map(([u, v]) => dot(...at(u, side * v), 6))
              .join(''),
          )
        );
      },
    },
    [90, 46, 20, 'a dark M on white'],
  ),
  'bluegrass-weevil': adult(
    'Annual bluegrass weevil',
    3.5,
    {
      ...WEEVIL,
      ...{ fill: '#3d3732', head: [0.15, 0.13], beak: [0.09, 0.25] },
      marks: (at) =>
        (
          [
            [0.5, 0.08],
            [0.58, -0.1],
            [0.66, 0.12],
            [0.74, -0.04],
            [0.82, 0.07],
            [0.86, -0.09],
          ] as const
        )
          .map(([u, v]) => dot(...at(u, v), 2).replace(INK, '#d9c9a0'))
          .join(''),
    },
    [66, 108, 14, 'a short, broad snout'],
  ),
};
