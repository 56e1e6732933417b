// @ts-check
import { pathToFileURL } from 'node:url';
import { needCalc } from './build.mjs';

/** @param {string[]} words */
export async function calc(words) {
  const bundle = await import(pathToFileURL(await needCalc()).href);
  await bundle.run(words);
}
