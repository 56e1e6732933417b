import type { ParamMatcher } from '@sveltejs/kit';

/** The number of a treatment: 1 to 99. */
export const match = ((param) => /^[1-9]\d?$/.test(param)) satisfies ParamMatcher;
