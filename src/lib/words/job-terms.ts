import type { Family } from '../core/labels';
import type { FigureName, Method } from '../core/job';

/** What each method is called, and what it is for. */
export const JOB_METHODS: Readonly<Record<Method, { readonly name: string; readonly for: string }>> = {
  tank: { name: 'Mixed in a tank', for: 'Product in water, over ground, walls, soil or spots.' },
  jug: { name: 'Hose-end jug', for: 'A jug that makes the same amount of mix each time it is filled.' },
  dial: { name: 'Hose-end, by dial', for: 'A dial sets how much leaves the jug for each litre of spray.' },
  granule: { name: 'Granules', for: 'By weight, in one pass or two crossed ones.' },
  drops: { name: 'Gel and baits', for: 'Drops, lines or cards, at places or along an edge.' },
  stations: { name: 'Stations, monitors', for: 'Set out along a wall or a fence.' },
  film: { name: 'Dust, as a film', for: 'On a surface, hardly to be seen.' },
  void: { name: 'Dust in a void', for: 'By the room in a wall, a box or a nest.' },
  aerosol: { name: 'Aerosol', for: 'By the seconds that the button is held.' },
  nematodes: { name: 'Nematodes', for: 'By number, in packs and fills.' },
  soil: { name: 'Dug-out soil', for: 'By the volume that is dug out and treated.' },
  grid: { name: 'In a grid', for: 'Points over an area, so many taps at each.' },
};

/** Fields of How much, by `method.name` where a method has its own word, else by name; hints stand after a bar. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  target: 'Area to treat',
  'tank.target': 'Area, length, volume or spots',
  'drops.target': 'Places, or length',
  'stations.target': 'Length of wall',
  'film.target': 'Surface to dust',
  'aerosol.target': 'Places, length or area',
  mix: 'Finished mix',
  'tank.mix': 'Finished mix, if it is mixed',
  mixPer: 'for',
  tank: 'The tank holds',
  'jug.tank': 'One jug makes|finished mix, by its maker or your calibration',
  mark: 'Its marks are every|blank: as usual for its size',
  second: 'A second tank holds|for the loads that fit into it',
  step: 'Smallest mark of the measure',
  'granule.step': 'Smallest mark of the scale',
  jug: 'The jug itself holds',
  flow: 'Comes out a minute',
  'jug.flow': 'Sprays a minute|then the minutes are told',
  'aerosol.flow': 'Comes out a second|weigh the can before and after ten seconds',
  'soil.flow': 'Sprays a minute',
  dial: 'The dial lets out',
  dialPer: 'for each',
  passes: 'Passes',
  pack: 'A bag holds',
  'drops.pack': 'A cartridge holds',
  'aerosol.pack': 'The can holds',
  'nematodes.pack': 'A pack holds',
  'grid.pack': 'A bottle holds',
  stripLength: 'Weigh a pass over',
  stripWidth: 'by a width of',
  each: 'One puff is|weigh ten and divide',
  'drops.each': 'One drop is|weigh ten and divide',
  'grid.each': 'One tap is|weigh ten and divide',
  length: 'Length',
  width: 'Width',
  depth: 'Depth',
  radius: 'Each point draws from|by the label; no place lies further from a point',
};

/** What a field of a method is called, and a hint where it has one. */
export function jobFieldText(
  method: Method,
  name: string,
): { readonly label: string; readonly hint?: string } {
  const [label = name, hint] = (FIELD_WORDS[`${method}.${name}`] ?? FIELD_WORDS[name] ?? name).split('|');
  return hint === undefined ? { label } : { label, hint };
}

/** What each figure of an answer is; by `method.name` where a method has its own word. */
const FIGURE_WORDS: Readonly<Record<string, string>> = {
  product: 'Product',
  mix: 'Finished mix',
  measured: 'Volume',
  points: 'Points',
  'stations.points': 'To set out',
  spacing: 'From point to point',
  'spread-out': 'One about every',
  jugs: 'Jugs',
  'jug-covers': 'One jug covers',
  'jug-product': 'Product in a jug',
  'jug-last': 'In the last jug',
  'jug-water': 'Water in the jug',
  'hose-water': 'Water through the hose',
  'jug-run': 'A jug runs for',
  pass: 'In each pass',
  strip: 'On the weighed strip, a pass',
  packs: 'Bags to open',
  'drops.packs': 'Cartridges',
  'aerosol.packs': 'Cans',
  'nematodes.packs': 'Packs',
  'grid.packs': 'Bottles',
  'packs-fill': 'Packs in the first fill',
  portions: 'Puffs',
  'drops.portions': 'Drops',
  'grid.portions': 'Taps',
  'portions-each': 'Drops at each place',
  'grid.portions-each': 'Taps at each point',
  each: 'At each place',
  time: 'Seconds in all',
  'time-each': 'Seconds at each place',
};

export const figureText = (method: Method, name: FigureName): string =>
  FIGURE_WORDS[`${method}.${name}`] ?? FIGURE_WORDS[name] ?? name;

export const JOB_PROBLEMS: Readonly<Record<string, string>> = {
  'above-label-rate': 'Halt: the chosen rate passes the label’s most.',
  'below-label-rate': 'Care: the chosen rate lies under the label’s least.',
  'measure-too-coarse': 'Care: no mark of this tool meets the label; the exact amount is shown.',
  'portion-too-large':
    'Halt: one drop, tap or puff of this size is more than the label’s most for a place. Make it smaller, and weigh it again.',
  'portion-does-not-fit':
    'Care: no whole number of drops, taps or puffs of this size keeps to the label at each place. Make them smaller, and weigh them again.',
  'product-exceeds-mix': 'Halt: more product than mix. Check the figures of the label.',
  'dial-too-low':
    'Halt: at this dial not even undiluted product would be enough. Turn the dial up, or use more water on the area.',
};
/** With these no amount is told. */
export const JOB_HALTS: readonly string[] = [
  'above-label-rate',
  'product-exceeds-mix',
  'dial-too-low',
  'portion-too-large',
];

/** What is always to be said of a method. */
export const METHOD_CAUTIONS: Readonly<Partial<Record<Method, string>>> = {
  jug: 'Backflow preventer on the tap. Shut off at the tap before the jug is opened.',
  dial: 'Backflow preventer on the tap. Shut off at the tap before the jug is opened.',
  granule: 'Sweep it off hard ground and back onto the treated ground.',
  drops: 'Never on or beside a surface that was sprayed or dusted; out of reach of children and pets.',
  stations: 'Out of reach of children and pets, and off food surfaces.',
  film: 'Dust mask and goggles. A film that can be seen is too thick.',
  void: 'Dust mask and goggles. Never near live wires, or where air is blown into rooms.',
  aerosol: 'Flames and pilot lights off. Air the room before anybody goes back.',
  nematodes: 'Filters out, in the evening, onto wet soil; keep stirring.',
  soil: 'Call about pipes and cables before digging.',
};

/** Why a treatment was chosen that came from How much. */
export const TAKEN_OVER = 'Taken over from How much';

/** What a product is, as somebody who holds its label would choose it. */
export const FAMILY_SAID: Readonly<Record<Family, string>> = {
  culture: 'Care of the place, no product',
  physical: 'Works by its body: oil, soap, a trap',
  living: 'Something living',
  regulator: 'Growth regulator: stops the young',
  bait: 'Bait: eaten, often carried home',
  selective: 'Kills few kinds, slowly',
  systemic: 'Taken up in the soil, for months',
  dust: 'Dust',
  'soil-drench': 'Drench for a nest in the soil',
  residual: 'Kills quickly and broadly by contact',
};
