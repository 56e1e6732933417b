import type { Prose } from '../core/identify';
import garden from './candidates/garden.json?prose';
import house from './candidates/house.json?prose';
import nesting from './candidates/nesting.json?prose';
import other from './candidates/other.json?prose';
import turf from './candidates/turf.json?prose';

/** What is read of each candidate where it is looked at closely, by its id. */
export const PROSE = { ...turf, ...garden, ...house, ...nesting, ...other } as unknown as Readonly<
  Record<string, Prose>
>;
