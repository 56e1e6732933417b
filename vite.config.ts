import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';
import { BaseSequencer } from 'vitest/node';
import { chunks } from './scripts/chunks.mjs';
import { leaveOutUnseen } from './scripts/unseen.mjs';
import { splitProse } from './scripts/prose.mjs';
import { leanServer } from './scripts/lean-server.mjs';

class ByName extends BaseSequencer {
  override sort(files: Parameters<BaseSequencer['sort']>[0]) {
    return Promise.resolve([...files].sort((a, b) => (a.moduleId < b.moduleId ? -1 : 1)));
  }
}

export default defineConfig({
  plugins: [splitProse(), leaveOutUnseen(), leanServer(), tailwindcss(), sveltekit()],
  // Sizes are told by the bench.
  build: {
    target: 'es2022',
    reportCompressedSize: false,
    terserOptions: { module: true, ecma: 2020, format: { comments: false } },
    // The component library does not say that its files do nothing by being read: one part would bring all of them.
    // So would one name of a room of ours that has a table in it.
    rollupOptions: {
      treeshake: {
        moduleSideEffects: (id) =>
          !/\/flowbite-svelte\/dist\/|\/src\/lib\/(core|words|forms|wire)\//.test(id),
      },
    },
  },
  environments: {
    client: {
      // The server need not be short.
      build: {
        minify: 'terser',
        rollupOptions: { output: { manualChunks: chunks(), onlyExplicitManualChunks: true } },
      },
    },
  },
  // Our own classes win by the layers of app.css: the parts need no classes weighed against one another at run time.
  resolve: {
    alias: [
      {
        find: /^tailwind-variants$/,
        replacement: fileURLToPath(new URL('./src/lib/ui/parts/plain-variants.ts', import.meta.url)),
      },
      {
        find: /^tailwind-merge$/,
        replacement: fileURLToPath(new URL('./src/lib/ui/parts/unmerged.ts', import.meta.url)),
      },
      // Not among what the package names, and wanted once (ui/parts/theme.ts).
      {
        find: /^flowbite-svelte\/context$/,
        replacement: fileURLToPath(import.meta.resolve('flowbite-svelte/types')).replace(
          /types\.js$/,
          'context.js',
        ),
      },
    ],
  },
  // Node finds no names in the package's own main file.
  ssr: { noExternal: ['jsonc-parser'] },
  test: {
    // Some server tests fill workspaces that others walk: always in the order of their names. No project's own option.
    sequence: { sequencer: ByName },
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'scripts/**/*.test.ts'],
          exclude: ['**/*.server.test.ts', '**/*.long.test.ts'],
          // None of them leaves anything behind: what one has read, the catalogue above all, the next need not read again.
          isolate: false,
          // A machine that is lent to others takes twice its time.
          testTimeout: 30_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'long',
          include: ['src/**/*.long.test.ts'],
          fileParallelism: false,
          testTimeout: 600_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'server',
          include: ['src/**/*.server.test.ts', 'scripts/**/*.server.test.ts'],
          fileParallelism: false,
          // What they share is a server beside them; the modules that they read are read once.
          isolate: false,
          testTimeout: 60_000,
        },
      },
    ],
  },
});
