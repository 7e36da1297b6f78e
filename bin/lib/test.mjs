// bin/test: all checks and tests, from a fresh clone on; the last line sums them up.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { freePort } from './cluster.mjs';
import { chromium, pdfTools, postgresPrograms } from './packages.mjs';
import { execute } from './processes.mjs';
import { build, npmPackages, root } from './project.mjs';
import { run, say } from './say.mjs';

const HELP = `bin/test

Installs what is missing (npm packages; PostgreSQL, Chromium and Poppler's tools from Debian's packages), then checks format, lint and types,
and runs the unit tests, the database tests on a throw-away server, the start and storm tests, and the browser tests.
The last line is 'N passed, M failed'. Nothing of an installation's own data is touched.`;

const results = join(root, 'test-results');

await run(async () => {
  const { values } = parseArgs({ options: { help: { type: 'boolean', short: 'h' } } });
  if (values.help) return say(HELP);
  await postgresPrograms();
  await chromium();
  await pdfTools();
  await npmPackages();
  await build();
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });

  const sum = { passed: 0, failed: [] };
  const add = ({ passed, failed }) => {
    sum.passed += passed;
    sum.failed.push(...failed);
  };
  // Two at a time, since each keeps one core busy.
  const lanes = await Promise.all([
    inTurn([
      () => check('Format', 'npx', ['--no-install', 'prettier', '--check', '.']),
      () => check('Lint', 'npx', ['--no-install', 'eslint', '.']),
    ]),
    inTurn([
      () => check('Types of the application', 'npm', ['run', '-s', 'check', '-w', 'web']),
      () => check('Types of core, command line and tests', 'npx', ['--no-install', 'tsc', '--noEmit', '-p', 'tsconfig.json']),
    ]),
  ]);
  lanes.flat().forEach(add);
  add(await vitest('Unit tests', ['core', 'paper', 'cli', 'web']));
  add(await vitest('Database, start and storm tests', ['database', 'ops', 'timed']));
  add(await playwright());
  // What failed stood far above by now.
  if (sum.failed.length > 0) say(`\nFailed:\n${sum.failed.map((name) => `  ${name}`).join('\n')}`);
  console.log(`\n${sum.passed} passed, ${sum.failed.length} failed`);
  return sum.failed.length > 0 ? 1 : 0;
});

function npx(words, env = {}) {
  return execute('npx', ['--no-install', ...words], { cwd: root, show: true, env: { ...process.env, ...env } });
}

async function inTurn(checks) {
  const done = [];
  for (const one of checks) done.push(await one());
  return done;
}

/** A check that passes or fails as a whole; what it says is shown when it has ended, so that two do not talk at once. */
async function check(name, command, words) {
  const { code, output } = await execute(command, words, { cwd: root });
  say(`\n— ${name}: ${code === 0 ? 'sound' : 'faults'}\n${output.trim()}`);
  return code === 0 ? { passed: 1, failed: [] } : { passed: 0, failed: [name] };
}

async function vitest(name, projects) {
  say(`\n— ${name}`);
  const file = join(results, `${projects.join('-')}.json`);
  const words = [
    'vitest',
    'run',
    ...projects.flatMap((p) => ['--project', p]),
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${file}`,
  ];
  const { code } = await npx(words);
  const report = read(file);
  const failed = (report?.testResults ?? []).flatMap(({ name: of, assertionResults }) =>
    assertionResults.filter((t) => t.status === 'failed').map((t) => `${relative(root, of)}: ${t.fullName}`),
  );
  return counted(name, code, report?.numPassedTests ?? 0, failed);
}

async function playwright() {
  const name = 'Browser tests';
  say(`\n— ${name}`);
  const { code } = await npx(['playwright', 'test'], { AGGREGA_TEST_PORT: String(await freePort()) });
  const report = read(join(results, 'browser.json'));
  const { expected = 0, flaky = 0 } = report?.stats ?? {};
  return counted(name, code, expected + flaky, (report?.suites ?? []).flatMap(unexpectedIn));
}

/** The tests of a file, or of a group in it, that failed whenever they were tried. */
function unexpectedIn({ specs = [], suites = [] }) {
  return [...specs.filter((s) => !s.ok).map((s) => `tests/${s.file}: ${s.title}`), ...suites.flatMap(unexpectedIn)];
}

/** A runner that failed without naming a failed test (a file that did not load, say) still counts as one failure. */
function counted(name, code, passed, failed) {
  return { passed, failed: code !== 0 && failed.length === 0 ? [`${name}: the runner itself failed, see above`] : failed };
}

function read(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return undefined;
  }
}
