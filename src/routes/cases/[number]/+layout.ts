import type { CaseFacts } from '$lib/core/case';
import type { LayoutLoad } from './$types';

/** The facts travel as one JSON text: written and read in a fraction of the time of a tree of values. */
export const load: LayoutLoad = ({ data: { sent, ...rest } }) => ({
  ...rest,
  facts: JSON.parse(sent) as CaseFacts,
});
