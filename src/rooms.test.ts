import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';

/** Who may import whom, from docs/architecture.md. Rooms of the core see `result` and `units` besides what is listed. */
const CORE: Record<string, readonly string[]> = {
  result: [],
  units: ['result'],
  method: [],
  premises: [],
  geometry: [],
  clip: ['geometry'],
  weather: [],
  equipment: [],
  identify: [],
  ground: ['geometry'],
  plan: ['geometry', 'clip', 'equipment', 'ground'],
  labels: ['method', 'premises', 'identify', 'ground'],
  rules: ['identify', 'labels'],
  dose: ['labels', 'equipment'],
  job: ['method', 'identify', 'labels', 'equipment', 'dose'],
  place: ['geometry', 'ground', 'labels', 'equipment', 'dose'],
  record: ['premises', 'identify', 'ground', 'weather', 'labels', 'equipment', 'dose', 'place'],
  stock: ['labels', 'record'],
  safety: ['premises', 'identify', 'ground', 'weather', 'labels', 'dose', 'place', 'record'],
  schedule: ['method', 'identify', 'ground', 'weather', 'labels', 'equipment', 'dose', 'record', 'safety'],
  review: ['identify', 'ground', 'labels', 'record', 'schedule'],
  choose: [
    ...[
      'premises',
      'identify',
      'ground',
      'weather',
      'labels',
      'rules',
      'dose',
      'record',
      'safety',
      'schedule',
    ],
    'review',
  ],
  case: [
    ...[
      'method',
      'geometry',
      'identify',
      'ground',
      'weather',
      'labels',
      'equipment',
      'dose',
      'place',
      'record',
      'safety',
    ],
    ...['schedule', 'review', 'choose', 'rules', 'premises', 'job'],
  ],
};
const LIB: Record<string, { rooms: readonly string[]; packages: RegExp }> = {
  core: { rooms: ['core'], packages: /^clipper2-ts$/ },
  catalog: { rooms: ['core', 'catalog'], packages: /^zod$/ },
  words: { rooms: ['core', 'words'], packages: /^$/ },
  forms: { rooms: ['core', 'forms'], packages: /^zod$/ },
  wire: { rooms: ['core', 'words', 'wire'], packages: /^node:zlib$/ },
  work: { rooms: ['core', 'forms', 'wire', 'work'], packages: /^$/ },
  offline: { rooms: ['core', 'forms', 'wire', 'offline'], packages: /^$/ },
  ui: {
    rooms: ['core', 'words', 'forms', 'wire', 'work', 'offline', 'ui'],
    packages:
      /^(svelte(\/.+)?|\$app\/.+|flowbite-svelte\/.+|flowbite-svelte-icons\/.+|svelte-dnd-action|sveltekit-superforms\/client|chart\.js|minisearch|d3-zoom|d3-selection)$/,
  },
  server: {
    rooms: ['core', 'catalog', 'words', 'forms', 'server'],
    packages:
      /^(node:.+|drizzle-orm(\/.+)?|pg|sveltekit-superforms|zod|busboy|yazl|yauzl|otpauth|qrcode|@zxcvbn-ts\/.+|@node-rs\/argon2|@sveltejs\/kit|\$app\/server|sharp|jsonc-parser|csv-parse|csv-stringify)$/,
  },
};
const SRC = join(process.cwd(), 'src');
const LIB_DIR = join(SRC, 'lib');

function filesUnder(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesUnder(join(dir, entry.name)) : [join(dir, entry.name)],
  );
}

const files = filesUnder(LIB_DIR).filter((f) => /\.(ts|svelte)$/.test(f) && !/\.test(-kit)?\.ts$/.test(f));
const IMPORT = /(?:\bfrom|^\s*import)\s*\(?\s*'([^'\s{}]+)'/gm;
const arrows = files.flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(IMPORT)].map(([, to = '']) => ({
    from: relative(LIB_DIR, file),
    to: to.startsWith('.') ? relative(LIB_DIR, resolve(dirname(file), to)) : to.replace(/^\$lib\//, ''),
    outside: !to.startsWith('.') && !to.startsWith('$lib/'),
  })),
);

describe('the import table', () => {
  it('is read from a tree that has rooms and arrows', () => {
    expect(files.length).toBeGreaterThan(60);
    expect(arrows.length).toBeGreaterThan(200);
    expect(new Set(readdirSync(join(LIB_DIR, 'core')))).toEqual(new Set(Object.keys(CORE)));
    expect(new Set(readdirSync(LIB_DIR))).toEqual(new Set(Object.keys(LIB)));
  });

  it('lets no room see one that the table does not list', () => {
    const wrong = arrows.filter(({ from, to, outside }) => {
      const room = LIB[from.split('/')[0] ?? ''];
      if (!room) return true;
      return outside ? !room.packages.test(to) : !room.rooms.includes(to.split('/')[0] ?? '');
    });
    expect(wrong).toEqual([]);
  });

  it('keeps the rooms of the core in their order, each entered by its index', () => {
    const wrong = arrows.filter(({ from, to }) => {
      if (!from.startsWith('core/') || !to.startsWith('core/')) return false;
      const [, own = ''] = from.split('/');
      const [, other = '', file] = to.split('/');
      if (own === other) return false;
      return (
        file !== undefined || !['result', 'units', ...(CORE[own] ?? [])].includes(other) || own === 'result'
      );
    });
    expect(wrong).toEqual([]);
  });

  it('meets each library of the core at one edge', () => {
    const edges = arrows.filter(({ from, outside }) => from.startsWith('core/') && outside);
    expect(edges.map(({ from, to }) => [from, to])).toEqual([['core/clip/clip.ts', 'clipper2-ts']]);
  });

  it('has the core entered by its indexes from everywhere else', () => {
    const deep = arrows.filter(({ from, to }) => !from.startsWith('core/') && /^core\/[^/]+\/.+/.test(to));
    expect(deep).toEqual([]);
  });
});
