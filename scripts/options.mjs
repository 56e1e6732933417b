// @ts-check
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ROOT, Trouble } from './say.mjs';

const DEFAULT_PORT = 4680;
const text = /** @type {const} */ ({ type: 'string' });
const flag = /** @type {const} */ ({ type: 'boolean' });

/**
 * @typedef {object} ServeOptions
 * @property {number} port @property {string} data @property {string | undefined} today @property {boolean} still @property {string | null} backups where the backups of the night lie; null for none
 * @property {{ host?: string | undefined, cert?: string | undefined, key?: string | undefined, behind?: string | undefined, proxy?: string | undefined, name?: string[] | undefined }} network
 */

/** @param {'demo' | 'real'} mode @param {string[]} words @returns {ServeOptions} */
export function readServeOptions(mode, words) {
  if (mode === 'demo' && words.some((word) => /^--(host|behind|proxy)(=|$)/.test(word)))
    throw new Trouble(
      'The demonstration is served to this machine alone: everybody can step in as anybody. Use ./nimsy start --host …',
      2,
    );
  const values = parse(words, {
    port: text,
    data: text,
    ...(mode === 'demo'
      ? { today: text, still: flag }
      : {
          backups: text,
          'no-backups': flag,
          host: text,
          cert: text,
          key: text,
          behind: text,
          proxy: text,
          name: { ...text, multiple: true },
        }),
  });
  const port = Number(values.port ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Trouble(`--port must be a whole number from 1 to 65535; it is ${values.port}.`, 2);
  const { today, host, cert, key, behind, proxy, name } = values;
  if (
    today !== undefined &&
    (!/^\d{4}-\d{2}-\d{2}$/.test(today) ||
      Number.isNaN(Date.parse(today)) ||
      new Date(today).toISOString().slice(0, 10) !== today)
  )
    throw new Trouble(`--today must be a date that exists, as YYYY-MM-DD; it is ${today}.`, 2);
  return {
    backups:
      mode === 'demo' || values['no-backups']
        ? null
        : resolve(values.backups ?? join(dataDir(values.data, mode), 'backups')),
    port,
    data: dataDir(values.data, mode),
    today,
    still: values.still ?? false,
    network: { host, cert, key, behind, proxy, name },
  };
}

/** Where data are kept: as told, else under the project. @param {string | undefined} told @param {'demo' | 'real'} mode */
export const dataDir = (told, mode) => resolve(told ?? join(ROOT, '.nimsy', mode));

/**
 * Options of a command that works on kept data, and the words that are no options.
 * @param {string[]} words
 */
export function readDataOptions(words) {
  const { positionals, values } = parsePositional(words, {
    ...{ data: text, demo: flag, replace: flag },
    'without-second-factor': flag,
  });
  return {
    words: positionals,
    data: dataDir(values.data, values.demo ? 'demo' : 'real'),
    replace: values.replace ?? false,
    withoutSecondFactor: values['without-second-factor'] ?? false,
  };
}

/** @param {string[]} words @param {import('node:util').ParseArgsConfig['options']} options @returns {any} */
function parse(words, options) {
  return parsing(() => parseArgs({ args: words, options, strict: true }).values);
}

/** @param {string[]} words @param {import('node:util').ParseArgsConfig['options']} options @returns {any} */
function parsePositional(words, options) {
  return parsing(() => parseArgs({ args: words, options, strict: true, allowPositionals: true }));
}

/** @template T @param {() => T} read @returns {T} */
function parsing(read) {
  try {
    return read();
  } catch (error) {
    throw new Trouble(`${/** @type {Error} */ (error).message}\nUse: ./nimsy help`, 2);
  }
}
