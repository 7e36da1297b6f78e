import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import { readdirSync } from 'node:fs';
import ts from 'typescript-eslint';

/** Folders of the web part that any subject may use; every other one is a subject, and reaches into no other's inside. */
const COMMON = ['look', 'frame', 'ask', 'plan', 'eye', 'practice', 'foresee', 'server'];
const SUBJECTS = readdirSync(new URL('web/src/lib', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !COMMON.includes(entry.name))
  .map((entry) => entry.name);
const others = (own) => SUBJECTS.filter((name) => name !== own).flatMap((name) => [`$lib/${name}/*`, `../${name}/*`]);
/** What a folder of the web part must not import, with why. Types of what the server answers are no code. */
const closed = (folder, patterns, message) => ({
  files: [`web/src/lib/${folder}/**`],
  rules: {
    '@typescript-eslint/no-restricted-imports': [
      'error',
      {
        patterns: [
          { group: patterns, message },
          { group: ['$lib/server/*'], allowTypeImports: true, message: 'Only types come from the server.' },
        ],
      },
    ],
  },
});

/** Texts stand in words.ts of their subject: none is written into markup, nor into an attribute that is read out or shown. */
const SHOWN = new Set(['title', 'aria-label', 'placeholder', 'label', 'alt', 'heading', 'hint', 'aria-valuetext']);
const WORDS = /\p{L}{2}/u;
const textInWords = {
  meta: { messages: { words: 'Texts stand in words.ts of their subject.' } },
  create: (context) => ({
    SvelteText(node) {
      if (node.parent.type !== 'SvelteStyleElement' && WORDS.test(node.value)) context.report({ node, messageId: 'words' });
    },
    'SvelteAttribute > SvelteLiteral'(node) {
      const { key, parent } = node.parent;
      const handed = parent.parent.kind === 'component' && /^\p{Lu}\p{Ll}+( |$)/u.test(node.value);
      if ((SHOWN.has(key.name) && WORDS.test(node.value)) || handed) context.report({ node, messageId: 'words' });
    },
    'SvelteMustacheTag > Literal'(node) {
      const shown = node.parent.parent.type !== 'SvelteAttribute';
      if (shown && typeof node.value === 'string' && WORDS.test(node.value)) context.report({ node, messageId: 'words' });
    },
  }),
};

export default ts.config(
  { ignores: ['**/build/', '**/dist/', '**/.svelte-kit/', '**/generated/', '.data/', 'test-results/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    files: ['web/**/*.svelte'],
    plugins: { house: { rules: { 'text-in-words': textInWords } } },
    rules: { 'house/text-in-words': 'error' },
  },
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
  ...SUBJECTS.map((name) =>
    closed(name, others(name), 'A subject never reaches into another: what two share belongs into look.'),
  ),
  closed(
    'look',
    [...others(), '$lib/frame/*', '$lib/ask/*', '$lib/plan/*', '$lib/eye/*', '$lib/foresee/*'],
    'What any subject may use knows no subject.',
  ),
  ...['frame', 'ask', 'plan', 'eye', 'practice', 'foresee'].map((name) =>
    closed(name, others(), 'What subjects stand on knows none of them.'),
  ),
  {
    // Routes load and compose: what a page holds and does stands with its subject.
    files: ['web/src/routes/**/*.svelte'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CallExpression[callee.name=/^(\\$state|\\$effect|onMount|fetch)$/]',
          message: 'A route loads and composes; what it holds and does stands in lib, with its subject.',
        },
      ],
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
