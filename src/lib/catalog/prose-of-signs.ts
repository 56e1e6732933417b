import type { FieldTest, Sign } from '../core/identify';
import tests from './field-tests.json?prose';
import signs from './signs.json?prose';

/** What is read of each sign where signs are looked for and weighed, by its id. */
export const SIGN_PROSE = signs as Readonly<Record<string, Pick<Sign, 'name' | 'how' | 'values'>>>;

/** How each field test is done, by its id. */
export const TEST_PROSE = tests as Readonly<
  Record<string, Pick<FieldTest, 'count' | 'steps' | 'recipe' | 'not'>>
>;
