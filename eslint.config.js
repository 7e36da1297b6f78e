import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['**/build/', '**/dist/', '**/.svelte-kit/', '**/generated/', '.data/', 'test-results/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
  // The type checker sees undefined names better than the linter.
  { files: ['**/*.ts', '**/*.svelte'], rules: { 'no-undef': 'off' } },
  {
    files: ['web/**'],
    rules: {
      // The application is served from the root of its address, and its addresses carry queries.
      'svelte/no-navigation-without-resolve': 'off',
      // Maps that are made and read within one computation need no reactivity.
      'svelte/prefer-svelte-reactivity': 'off',
    },
  },
  {
    // The core computes and nothing else: no page, no machine, no clock, no chance.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['node:*', 'svelte*', '@sveltejs/*', 'pg', '@aggrega/*'] }],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }, { object: 'Date', property: 'now' }],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'localStorage'],
    },
  },
);
