/** What the house promises of its own files: every test is run, and no migration that has landed is edited. */
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import * as inks from '../core/src/ink';

const root = new URL('..', import.meta.url);
const filesIn = (folder: string): string[] =>
  readdirSync(new URL(folder, root), { recursive: true, encoding: 'utf8' })
    .map((file) => `${folder}/${file}`)
    .filter((file) => !file.includes('node_modules'));
const textOf = (file: string) => readFileSync(fileURLToPath(new URL(file, root)), 'utf8');

/** Where vitest.config.ts looks; journeys in a browser are Playwright's. */
const ROOTS = ['core/src/', 'paper/src/', 'cli/src/', 'web/src/lib/', 'web/src/front/', 'bin/'];

it('every test file is where it is run, and none leaves a test out', () => {
  const tests = ['core', 'paper', 'cli', 'web', 'bin', 'demo', 'bench'].flatMap(filesIn).filter((f) => f.endsWith('.test.ts'));
  expect(tests.length).toBeGreaterThan(90);
  expect(tests.filter((file) => !ROOTS.some((r) => file.startsWith(r)))).toEqual([]);
  const journeys = filesIn('tests').filter((f) => f.endsWith('.spec.ts'));
  const left = [...tests, ...journeys].filter((file) => /\b(it|test|describe)\.(skip|only|todo|fixme)\(/.test(textOf(file)));
  expect(left).toEqual([]);
  // A disk is filled only where one may be mounted.
  expect([...tests, ...journeys].filter((file) => /\.(skipIf|runIf)\(/.test(textOf(file)))).toEqual(['bin/disk.test.ts']);
});

it('a migration that has landed is never edited; a new one is noted with its hash', () => {
  const landed = JSON.parse(textOf('web/landed-migrations.json')) as Record<string, string>;
  const now = filesIn('web/migrations').filter((f) => f.endsWith('.sql'));
  const hash = (file: string) => createHash('sha256').update(textOf(file)).digest('hex').slice(0, 16);
  expect(Object.fromEntries(now.map((file) => [file.split('/').at(-1), hash(file)]))).toEqual(landed);
});

it('what code cites of the craft has a heading there', () => {
  const headings = new Set([...textOf('docs/craft.md').matchAll(/^## (.+)$/gm)].map(([, heading]) => heading!));
  const cited = ['core/src', 'paper/src', 'cli/src', 'web/src']
    .flatMap(filesIn)
    .filter((f) => /\.(ts|svelte)$/.test(f))
    .flatMap((file) => [...textOf(file).matchAll(/docs\/craft\.md, (.+?)(?=[).]|: |, with)/g)].map((m) => `${file}: ${m[1]}`));
  expect(cited.length).toBeGreaterThan(50);
  expect(cited.filter((place) => !headings.has(place.split(': ')[1]!))).toEqual([]);
});

it('pages are set in the inks of papers, pictures and letters', () => {
  const css = textOf('web/src/app.css');
  const day = /name: 'day';[^}]*/.exec(css)![0];
  const of = (name: string) => new RegExp(`--color-${name}: (#[0-9a-f]{6});`).exec(day)?.[1];
  expect({
    ...{ CHALK: of('base-100'), WHITE: of('base-200'), RULE: of('base-300'), INK: of('base-content'), WELD: of('primary') },
    ...{ QUIET: of('secondary'), WALNUT: of('accent'), MADDER: of('error') },
  }).toEqual(Object.fromEntries(Object.entries(inks).filter(([name]) => name !== 'PALE')));
  // And printed in them, whatever the theme.
  const printed = /@media print \{[^}]*:root:root \{([^}]*)\}/.exec(css)![1]!;
  for (const [, name, colour] of printed.matchAll(/--color-([\w-]+): (#[0-9a-f]{6})/g))
    if (colour !== '#ffffff') expect([name, of(name!)]).toEqual([name, colour]);
});
