import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  compilerOptions: {
    runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true),
    // A page has some hundreds of them.
    cssHash: ({ hash, css, filename }) => `s${hash(filename === '(unknown)' ? css : filename)}`,
  },
  kit: {
    adapter: adapter({ out: 'build/app', envPrefix: 'NIMSY_HTTP_' }),
    csp: {
      mode: 'nonce',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:', 'blob:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self', 'blob:'],
        'object-src': ['none'],
        'base-uri': ['none'],
        'form-action': ['self'],
        'frame-ancestors': ['none'],
      },
    },
    alias: { $core: 'src/lib/core' },
    typescript: {
      config: (config) => ({
        ...config,
        include: [
          ...config.include,
          '../scripts/**/*.mjs',
          '../demo/**/*.ts',
          '../bench/**/*.ts',
          '../e2e/**/*.ts',
          '../*.config.ts',
        ],
      }),
    },
  },
};
