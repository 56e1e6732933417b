// @ts-check
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** @typedef {Record<string, any>} Entry */

/** What is read only where somebody looks closely, by the kind of file, and what stands in for it elsewhere. */
const PROSE = {
  candidates: { scientific: '', telling: '', doNow: '', doNot: '', culture: '' },
  signs: { name: '', how: '', values: null },
  'field-tests': { count: '', steps: [], recipe: [], not: '' },
};
const ASKED = /^(.*\/(?:(candidates)\/\w+|(signs|field-tests))\.json)\?(plain|prose)$/;

/**
 * Vite: a file of the catalogue without its prose (`turf.json?plain`), and its prose alone by id (`turf.json?prose`),
 * from the one file that people correct. Whatever may be a Halt keeps its prose, which is not sent again with the rest: it
 * must be told at once.
 * @returns {import('vite').Plugin}
 */
export const splitProse = () => ({
  name: 'split-prose',
  enforce: 'pre',
  load(id) {
    const [, file, folder, single, part] = ASKED.exec(id) ?? [];
    if (!file) return null;
    const kind = /** @type {keyof typeof PROSE} */ (folder ?? single);
    const blank = Object.entries(PROSE[kind]);
    const told = kind === 'signs' ? ruledOutBy(dirname(file)) : new Set();
    const stays = (/** @type {Entry} */ one) => told.has(one.id) || (kind === 'candidates' && mayHalt(one));
    const entries = read(file);
    if (part === 'prose')
      return JSON.stringify(
        Object.fromEntries(
          entries
            .filter((one) => !stays(one))
            .map((one) => [
              one.id,
              Object.fromEntries(
                blank.filter(([key, none]) => one[key] !== none).map(([key]) => [key, one[key]]),
              ),
            ]),
        ),
      );
    return JSON.stringify(
      entries.map((one) =>
        stays(one)
          ? one
          : {
              ...one,
              ...Object.fromEntries(blank),
              ...(one.values ? { values: idsOf(one.values) } : {}),
            },
      ),
    );
  },
});

/** @param {string} file @returns {Entry[]} */
const read = (file) => JSON.parse(readFileSync(file, 'utf8'));

/** @param {Entry} candidate */
const mayHalt = ({ status, kind }) => status !== 'pest' || kind === 'not-insect';

/** The sign is still one of several: which, is needed to reckon with it. @param {Entry[]} values */
const idsOf = (values) => values.map(({ id }) => ({ id, name: '' }));

/** Signs by which a Halt tells how its look-alike is ruled out. @param {string} catalogue */
function ruledOutBy(catalogue) {
  const folder = join(catalogue, 'candidates');
  return new Set(
    readdirSync(folder)
      .filter((name) => name.endsWith('.json'))
      .flatMap((name) => read(join(folder, name)).map((one) => one.ruleOut?.sign)),
  );
}
