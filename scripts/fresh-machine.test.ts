import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { expect, it } from 'vitest';

/** What a file of the command reads before its first line runs. */
function readAtOnce(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/^(?:import|export)\b[^;]*?\bfrom '([^']+)'|^import '([^']+)'/gm)].map(
    ([, from, bare]) => from ?? bare ?? '',
  );
}

// A package read here once ended the command with ERR_MODULE_NOT_FOUND after 1 s, on a machine that had yet to install it.
it.each(['nimsy', 'serve', 'test', 'keep', 'calc'])(
  '%s.mjs reads no package before packages can be installed',
  (command) => {
    const seen = new Set<string>();
    const packages: string[] = [];
    const read = (file: string) => {
      if (seen.has(file)) return;
      seen.add(file);
      for (const from of readAtOnce(file))
        if (from.startsWith('.')) read(join(dirname(file), from));
        else if (!from.startsWith('node:')) packages.push(`${file}: ${from}`);
    };
    read(join(import.meta.dirname, `${command}.mjs`));
    expect(seen.size).toBeGreaterThan(command === 'calc' ? 2 : 1);
    expect(packages).toEqual([]);
  },
);
