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
 * The drawing of an animal as an SVG document, with its telling feature and a bar of true size where it is not wanted
 * plain; null where there is none.
 */
export function insectSvg(id: string, plain = false): string | null {
  const drawing = Object.hasOwn(INSECTS, id) ? INSECTS[id] : undefined;
  if (!drawing) return null;
  const marks = plain ? '' : telling(...drawing.mark) + scaleBar(drawing.lengthMm, drawing.span);
  return svg(drawing.art + marks, drawing.title);
}
