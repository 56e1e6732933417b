import type { FirstSeen } from '../../core/identify';

/** The drawing of an animal or a sign that stands for each thing that somebody may come with. */
export const FIRST_SEEN_ART: Readonly<Record<FirstSeen, string>> = {
  ...{ insects: 'german-cockroach', damage: 'chewed-blades', droppings: 'droppings', wings: 'swarmers' },
  ...{ webbing: 'web-corners', nest: 'nest-kind', bites: 'mosquito', digging: 'raised-tunnels' },
  sound: 'mouse',
};
