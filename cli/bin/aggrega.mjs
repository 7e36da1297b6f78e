#!/usr/bin/env node
// Runs the command line. The sources are TypeScript, so they are bundled on first use and whenever one has changed.
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const here = (path) => fileURLToPath(new URL(path, import.meta.url));
const bundle = here('../dist/aggrega.mjs');

function newest(folder) {
  return Math.max(
    ...readdirSync(folder, { withFileTypes: true }).map((entry) => {
      const path = join(folder, entry.name);
      return entry.isDirectory() ? newest(path) : statSync(path).mtimeMs;
    }),
  );
}

const built = statSync(bundle, { throwIfNoEntry: false })?.mtimeMs ?? 0;
if (
  built <
  Math.max(
    newest(here('../src')),
    newest(here('../../core/src')),
    newest(here('../../core/schemas')),
    newest(here('../../paper/src')),
  )
) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [here('../src/main.ts')],
    outfile: bundle,
    bundle: true,
    minify: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    // ajv is CommonJS and calls require for its own files only; esbuild resolves those, this serves the rest.
    banner: { js: "import { createRequire as requireOf } from 'node:module'; const require = requireOf(import.meta.url);" },
    // Reads files of its own.
    external: ['pdfkit', 'fontkit', 'sharp'],
    logLevel: 'error',
  });
}

const { main } = await import(pathToFileURL(bundle).href);
process.exitCode = await main(process.argv.slice(2));
