// Compiles the JSON Schema to plain code, so that nothing is compiled at start-up and no page needs to allow eval.
// Run `npm run generate` after a change of the schema; a test compares the result with the schema.
import { readFileSync, writeFileSync } from 'node:fs';
import { build } from 'esbuild';
import Ajv2020 from 'ajv/dist/2020.js';
import standaloneCode from 'ajv/dist/standalone/index.js';

const schema = JSON.parse(readFileSync(new URL('../schemas/aggrega-programme.schema.json', import.meta.url), 'utf8'));

/** The text of the generated module. */
export async function generate() {
  const ajv = new Ajv2020({ allErrors: true, allowUnionTypes: true, verbose: true, code: { source: true, esm: true } });
  const code = standaloneCode(ajv, ajv.compile(schema));
  // Bundled, so that the small helpers of ajv come along and the module stands alone.
  const result = await build({
    stdin: { contents: code, resolveDir: import.meta.dirname, loader: 'js' },
    bundle: true,
    minify: true,
    format: 'esm',
    write: false,
  });
  return `// Generated from core/schemas by core/scripts/generate-validate.mjs; do not edit.\n${result.outputFiles[0].text}`;
}

export const target = new URL('../src/programme/reading/generated/validate.js', import.meta.url);

if (process.argv[1]?.endsWith('generate-validate.mjs')) writeFileSync(target, await generate());
