import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { SCHEMAS } from './schemas';

it('the published schemas are those that the files are read by', () => {
  for (const [name, schema] of Object.entries(SCHEMAS))
    expect(JSON.parse(readFileSync(`docs/${name}`, 'utf8')), `${name}: run npm run schemas`).toEqual(
      JSON.parse(JSON.stringify(schema)),
    );
});
