// @ts-check
import { readFileSync } from 'node:fs';

/** What is read of a candidate only where it is looked at closely. */
const PROSE = ['scientific', 'telling', 'doNow', 'doNot', 'culture'];
const ASKED = /^(.*\/candidates\/\w+\.json)\?(plain|prose)$/;

/**
 * Vite: a family of the catalogue without its prose (`turf.json?plain`), and its prose alone by id
 * (`turf.json?prose`), from the one file that people correct. Whatever may be a Halt keeps its prose: it must be told
 * at once.
 * @returns {import('vite').Plugin}
 */
export const splitProse = () => ({
  name: 'split-prose',
  enforce: 'pre',
  load(id) {
    const [, file, part] = ASKED.exec(id) ?? [];
    if (!file) return null;
    /** @type {Record<string, unknown>[]} */
    const family = JSON.parse(readFileSync(file, 'utf8'));
    if (part === 'prose')
      return JSON.stringify(
        Object.fromEntries(
          family.map((one) => [one.id, Object.fromEntries(PROSE.map((key) => [key, one[key]]))]),
        ),
      );
    return JSON.stringify(
      family.map((one) =>
        one.status !== 'pest' || one.kind === 'not-insect'
          ? one
          : { ...one, ...Object.fromEntries(PROSE.map((key) => [key, ''])) },
      ),
    );
  },
});
