import type { ParamMatcher } from '@sveltejs/kit';
import { STOPS } from '$lib/core/labels';

export const match = ((param): param is (typeof STOPS)[number] =>
  (STOPS as readonly string[]).includes(param)) satisfies ParamMatcher;
