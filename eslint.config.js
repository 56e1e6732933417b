import js from '@eslint/js';
import globals from 'globals';
import regexp from 'eslint-plugin-regexp';
import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** The computation takes clock, chance and the outside world as parameters. */
const PURE = 'The core takes the clock, chance and the outside world as parameters (docs/architecture.md).';

export default ts.config(
  { ignores: ['build/', '.svelte-kit/', '.nimsy/', 'node_modules/', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  {
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'off',
      'svelte/no-navigation-without-resolve': 'off',
      // Maps and sets here are made once and read; none is changed after.
      'svelte/prefer-svelte-reactivity': 'off',
    },
  },
  {
    // Whatever is typed or sent meets a pattern somewhere: one that backtracks once froze the server for hours.
    files: ['src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test-kit.ts'],
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential', ignoreSticky: false }],
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } },
  },
  {
    // A day is that of a place: the first ten signs of an instant are the day in London's winter.
    files: [
      'src/routes/**/*.{ts,svelte}',
      'src/lib/ui/**/*.{ts,svelte}',
      'src/lib/words/**/*.ts',
      'src/lib/server/store/**/*.ts',
      'src/hooks.server.ts',
    ],
    ignores: ['**/*.test.ts', '**/*.test-kit.ts', 'src/lib/words/show.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "CallExpression[callee.property.name='slice'] > MemberExpression > CallExpression[callee.property.name='toISOString']",
          message: 'Take the day of the place: locals.around.today, localDay, or show.instantText.',
        },
        {
          selector: "CallExpression[callee.object.name='request'][callee.property.name=/^(formData|json)$/]",
          message:
            'Bodies are bounded before they are taken apart: formOf, readJson (server/session/bodies.ts).',
        },
        {
          selector:
            "CallExpression[callee.property.name='slice'][callee.object.property.name=/(At|^at|expires)$/]",
          message: 'An instant has its day and time at a place: atPlace(instant, zone), show.instantText.',
        },
      ],
    },
  },
  {
    files: ['src/lib/core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test-kit.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['fetch', 'process', 'console', 'window', 'document', 'localStorage', 'setTimeout'].map(
          (name) => ({ name, message: PURE }),
        ),
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "MemberExpression[object.name='Date'][property.name='now']", message: PURE },
        { selector: "MemberExpression[object.name='Math'][property.name='random']", message: PURE },
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: PURE },
        { selector: 'Program > VariableDeclaration[kind="let"]', message: 'No module-level state.' },
      ],
    },
  },
);
