import type { Candidate, FieldTest, Sign } from '../core/identify';
import garden from './candidates/garden.json';
import house from './candidates/house.json';
import nesting from './candidates/nesting.json';
import other from './candidates/other.json';
import turf from './candidates/turf.json';
import fieldTests from './field-tests.json';
import signs from './signs.json';

/**
 * The catalogue as it is written, for pages that rank and name: plain data without the checker. The index checks it when
 * the server starts, and so do the tests.
 */
export const CANDIDATES = [
  ...turf,
  ...garden,
  ...house,
  ...nesting,
  ...other,
] as unknown as readonly Candidate[];

export const SIGNS = signs as unknown as readonly Sign[];
export const FIELD_TESTS = fieldTests as unknown as readonly FieldTest[];
