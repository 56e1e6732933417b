import { adult } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';

/** Workers of ants, all by the same figures but for those that tell them apart: the waist, the back, grooves, colour. */
const WORKER: Body = {
  ...{ fill: '#3a3330', high: 0.92, head: [0.21, 0.19], thorax: [0.3, 0.13], abdomen: [0.37, 0.24] },
  legs: [
    [0.14, 0.13, 0.12],
    [0.15, 0.15, 0.13],
    [0.18, 0.18, 0.16],
  ],
  ...{ feelers: { long: 0.34, kind: 'elbowed' as const }, waist: { long: 0.12, knobs: 1 as const } },
};
const TWO = { waist: { long: 0.16, knobs: 2 as const } };
const HIDDEN = { waist: { long: 0.1, knobs: 1 as const, hidden: true } };

const worker = (title: string, lengthMm: number, body: Partial<Body>, mark: Art['mark']): Art =>
  adult(title, lengthMm, { ...WORKER, ...body }, mark);
/** The waist as the side view has it. */
const WAIST = [136, 106] as const;

export const ANTS: Readonly<Record<string, Art>> = {
  'turf-ant': worker('Turf ant', 4, { dented: true }, [...WAIST, 13, 'one upright knob']),
  'fire-ant': worker('Imported fire ant', 4, { ...TWO, fill: '#a65b34', dented: true }, [
    ...WAIST,
    ...([15, 'two knobs, red-brown'] as const),
  ]),
  'european-fire-ant': worker(
    'European fire ant',
    5,
    { ...TWO, ...{ fill: '#b36a3c', dented: true, grooved: true } },
    [...WAIST, 15, 'two knobs, reddish, grooved'],
  ),
  'pharaoh-ant': worker('Pharaoh ant', 2, { ...TWO, fill: '#e2b65a', dented: true }, [
    ...WAIST,
    ...([15, 'tiny, yellow, two knobs'] as const),
  ]),
  'pavement-ant': worker('Pavement ant', 3, { ...TWO, ...{ fill: '#574436', dented: true, grooved: true } }, [
    ...([98, 46, 22, 'grooves on head and back'] as const),
  ]),
  'odorous-ant': worker('Odorous house ant', 2.7, { ...HIDDEN, fill: '#5a4636', dented: true }, [
    ...([132, 108, 14, 'knob hidden under the tail'] as const),
  ]),
  'ghost-ant': worker(
    'Ghost ant',
    1.5,
    { ...HIDDEN, ...{ fill: '#f2ead2', headFill: '#3a3330', dented: true } },
    [82, 46, 18, 'dark head, pale body'],
  ),
  'argentine-ant': worker('Argentine ant', 2.6, { fill: '#7a5a3c', dented: true, head: [0.21, 0.17] }, [
    ...WAIST,
    ...([13, 'one upright knob, even brown'] as const),
  ]),
  'carpenter-ant': worker('Carpenter ant', 10, { fill: '#2e2926', head: [0.22, 0.23], thorax: [0.3, 0.15] }, [
    ...([108, 100, 18, 'back evenly rounded'] as const),
  ]),
  'black-house-ant': worker('Black house ant', 2.7, { fill: '#2b2624', abdomen: [0.36, 0.26] }, [
    ...([160, 46, 24, 'glossy black, small, one knob'] as const),
  ]),
};
