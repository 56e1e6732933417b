// @ts-check
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './build.mjs';
import { ROOT } from './say.mjs';

/** Writes the JSON schemas of the open formats into docs/, from the very shapes that read them. */
await bundle('src/cli/schemas.ts', 'schemas.mjs');
/** @type {{ SCHEMAS: Record<string, object> }} */
const { SCHEMAS } = await import(pathToFileURL(join(ROOT, 'build', 'schemas.mjs')).href);
for (const [name, schema] of Object.entries(SCHEMAS))
  writeFileSync(join(ROOT, 'docs', name), `${JSON.stringify(schema, null, 2)}\n`);
process.stdout.write(`${Object.keys(SCHEMAS).join(', ')} written\n`);
