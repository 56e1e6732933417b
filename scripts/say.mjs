// @ts-check
import { fileURLToPath } from 'node:url';
import { dirname } from 'node:path';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/** An end that the user can do something about: its text is all that is printed. */
export class Trouble extends Error {
  /** @param {string} message @param {number} [exitCode] */
  constructor(message, exitCode = 1) {
    super(message);
    this.exitCode = exitCode;
  }
}

/** @param {string} text */
export const say = (text) => void process.stderr.write(`${text}\n`);

/** @param {number} ms */
export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
