import type { Candidate, FieldTest, Sign } from '../core/identify';
import garden from './candidates/garden.json?plain';
import house from './candidates/house.json?plain';
import nesting from './candidates/nesting.json?plain';
import other from './candidates/other.json?plain';
import turf from './candidates/turf.json?plain';
import fieldTests from './field-tests.json?plain';
import signs from './signs.json?plain';

/**
 * The catalogue for pages of a case: plain data without the checker, and without the prose of those candidates, signs and
 * tests that no Halt speaks of (scripts/prose.mjs).
 */
export const PLAIN_CANDIDATES = [
  ...turf,
  ...garden,
  ...house,
  ...nesting,
  ...other,
] as unknown as readonly Candidate[];
export const PLAIN_SIGNS = signs as unknown as readonly Sign[];
export const PLAIN_TESTS = fieldTests as unknown as readonly FieldTest[];
