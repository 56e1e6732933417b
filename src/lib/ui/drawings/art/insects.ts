import { scaleBar, svg, telling } from './parts';

import { ANIMALS } from './animals';
import type { Art } from './plate';
import { ANTS } from './ants';
import { BEETLES } from './beetles';
import { OTHERS } from './others';
import { SEGMENTED } from './segments';
import { GRUBS } from './grubs';
import { BUGS } from './bugs';
import { SPIDERS } from './spiders';
import { FLIERS } from './fliers';
import { FLIES } from './flies';
import { STAGES } from './stages';
import { TRACES } from './traces';

/** Drawings of animals, by candidate; those of a candidate's other stages have the stage behind a dash. */
export const INSECTS: Readonly<Record<string, Art>> = {
  ...ANIMALS,
  ...TRACES,
  ...STAGES,
  ...ANTS,
  ...FLIERS,
  ...FLIES,
  ...BEETLES,
  ...OTHERS,
  ...SEGMENTED,
  ...GRUBS,
  ...BUGS,
  ...SPIDERS,
};

/**
 * The drawing of an animal as an SVG document: told with its telling feature and a bar of true size; plain without them; close, where
 * it is shown small, from above alone. null where there is none.
 */
export function insectSvg(id: string, how: 'told' | 'plain' | 'close' = 'told'): string | null {
  const drawing = Object.hasOwn(INSECTS, id) ? INSECTS[id] : undefined;
  if (!drawing) return null;
  const { art, title, mark, lengthMm, span, close } = drawing;
  if (how === 'close' && close) return svg(close.art, title, close.box);
  if (how !== 'told') return svg(art, title);
  return svg(art + telling(...mark) + scaleBar(lengthMm, span), title);
}
