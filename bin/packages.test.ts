/** What is installed is what the lockfile says, letter by letter; what can be told of it without a network. */
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

interface Locked {
  version?: string;
  integrity?: string;
  resolved?: string;
  link?: boolean;
  license?: string;
  deprecated?: string;
}
const read = (path: string) =>
  JSON.parse(readFileSync(fileURLToPath(new URL(path, import.meta.url)), 'utf8')) as { packages: Record<string, Locked> };
const locked = Object.entries(read('../package-lock.json').packages).filter(
  ([path, p]) => path.startsWith('node_modules/') && !p.link,
);

it('every package is named by its hash and by no host, and none is deprecated', () => {
  expect(locked.length).toBeGreaterThan(200);
  for (const [path, { integrity, resolved, deprecated }] of locked)
    expect([path, integrity?.slice(0, 7), resolved, deprecated]).toEqual([path, 'sha512-', undefined, undefined]);
});

it('and is installed in that version', () => {
  const installed = read('../node_modules/.package-lock.json').packages;
  for (const [path, { version }] of locked)
    if (installed[path]) expect([path, installed[path].version]).toEqual([path, version]);
});

it('each that is there at run time has its reason in docs/dependencies.md, and nothing else has', () => {
  const own = (file: string) =>
    Object.keys((read(`../${file}`) as unknown as { dependencies?: Record<string, string> }).dependencies ?? {});
  const needed = ['package.json', ...['web', 'core', 'paper', 'cli'].map((part) => `${part}/package.json`)].flatMap(own);
  const told = readFileSync(fileURLToPath(new URL('../docs/dependencies.md', import.meta.url)), 'utf8');
  const rows = [...told.matchAll(/^\| `([^`]+)`/gm)].map((m) => m[1]!);
  expect(rows).toEqual([...new Set(needed)].filter((name) => !name.startsWith('@aggrega/')).sort());
});
