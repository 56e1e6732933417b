// @ts-check
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { bundle } from './build.mjs';
import { ROOT } from './say.mjs';

/** Runs the written sightings through the core and writes docs/identification.md. */
await bundle('src/cli/identification.ts', 'identification.mjs');
/** @type {{ identificationReport: () => string }} */
const { identificationReport } = await import(pathToFileURL(join(ROOT, 'build', 'identification.mjs')).href);
const path = join(ROOT, 'docs', 'identification.md');
writeFileSync(
  path,
  await format(identificationReport(), { ...(await resolveConfig(path)), parser: 'markdown' }),
);
process.stdout.write('docs/identification.md written\n');
