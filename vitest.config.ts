import { fileURLToPath } from 'node:url';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vitest/config';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

// What hangs is ended some day; nothing that works is, on however slow a machine.
const NEVER = 3_600_000;

// Rings: the core and the command line need nothing; `database` starts a throw-away PostgreSQL;
// `ops` and `timed` run the built application, kill it and start it again.
const project = (name: string, include: string[], more = {}) => ({
  resolve: { alias: { $lib: at('web/src/lib'), $demo: at('demo') } },
  test: { name, include, testTimeout: NEVER, hookTimeout: NEVER, ...more },
});

const TIMED = 'bin/fuzz.test.ts';

/** Files that keep nothing apart from what they import share it: it is read once, and warm for the next. */
const together = { isolate: false };

export default defineConfig({
  test: {
    // As many as the machine has cores; by itself Vitest leaves one idle.
    maxWorkers: '100%',
    projects: [
      project('core', ['core/src/**/*.test.ts'], together),
      project('paper', ['paper/src/**/*.test.ts'], together),
      project('cli', ['cli/src/**/*.test.ts'], together),
      {
        ...project('web', ['web/src/lib/**/*.test.ts', 'web/src/front/**/*.test.ts'], {
          ...together,
          exclude: ['web/src/lib/server/**'],
        }),
        plugins: [svelte()],
      },
      project('database', ['web/src/lib/server/**/*.test.ts'], { globalSetup: at('bin/lib/test-cluster.mjs') }),
      project('ops', ['bin/**/*.test.ts'], { exclude: [TIMED] }),
      // Alone at the end: it says how long answers may take.
      project('timed', [TIMED], { fileParallelism: false, sequence: { groupOrder: 1 } }),
    ],
  },
});
