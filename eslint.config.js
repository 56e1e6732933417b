import js from '@eslint/js';
import globals from 'globals';
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
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } },
  },
  {
    files: ['src/lib/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
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
