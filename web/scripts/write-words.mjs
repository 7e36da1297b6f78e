// Writes all words of the interface as a language's folder has them: `npm run words -- FOLDER`. What is written is English, to be translated in place;
// a house chooses the language once AGGREGA_LANGUAGES names the folder above it (docs/house.md).
import { mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const roots = ['core/src', 'paper/src', 'cli/src', 'web/src/lib'].map((at) =>
  fileURLToPath(new URL(`../../${at}`, import.meta.url)),
);

/** The text of a message as a folder has it: what it names as {1}, plurals as {1: one=kit|other=kits}. Undefined for what is no message. */
function textOf(node, plurals) {
  if (ts.isStringLiteralLike(node)) return node.text;
  if (!ts.isArrowFunction(node) || !ts.isTaggedTemplateExpression(node.body)) return undefined;
  const { template } = node.body;
  if (ts.isNoSubstitutionTemplateLiteral(template)) return template.text;
  const named = node.parameters.map((p) => p.name.getText());
  // What a message is handed as one object cannot be numbered.
  if (node.parameters.some((p) => !ts.isIdentifier(p.name))) return undefined;
  const one = (span) => {
    if (ts.isIdentifier(span)) return `{${named.indexOf(span.text) + 1}}`;
    const [n, forms] = span.arguments;
    const all = forms.properties.map((p) => [p.name.getText(), p.initializer.text]);
    return `{${named.indexOf(n.text) + 1}: ${plurals(all)
      .map(([rule, form]) => `${rule}=${form}`)
      .join('|')}}`;
  };
  return template.head.text + template.templateSpans.map((s) => one(s.expression) + s.literal.text).join('');
}

/** All messages, by subject and name. `plurals` makes the forms of a plural from those of English. */
export function allWords(plurals = (forms) => forms) {
  const words = {};
  const files = roots.flatMap((root) =>
    readdirSync(root, { recursive: true, encoding: 'utf8' })
      .filter((f) => /\.ts$/.test(f) && !/\.test\.ts$/.test(f))
      .map((f) => join(root, f)),
  );
  for (const file of files) {
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
    const visit = (node) => {
      if (
        ts.isCallExpression(node) &&
        node.expression.getText() === 'spoken' &&
        ts.isObjectLiteralExpression(node.arguments[1] ?? node)
      )
        for (const p of node.arguments[1].properties) {
          const text = p.initializer && textOf(p.initializer, plurals);
          const name = p.name && (ts.isStringLiteralLike(p.name) ? p.name.text : p.name.getText());
          if (text !== undefined) (words[node.arguments[0].text] ??= {})[name] = text;
        }
      ts.forEachChild(node, visit);
    };
    visit(source);
  }
  return words;
}

/** Writes a language's folder. */
export function writeWords(folder, words, name) {
  mkdirSync(folder, { recursive: true });
  const write = (file, value) => writeFileSync(join(folder, `${file}.json`), `${JSON.stringify(value, null, 2)}\n`);
  write('language', { name });
  for (const [subject, messages] of Object.entries(words)) write(subject.replaceAll('/', '~'), messages);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const [, , folder] = process.argv;
  if (!folder) {
    console.error('words FOLDER, whose name is the tag of the language: words/de');
    process.exit(2);
  }
  const words = allWords();
  writeWords(folder, words, folder.split('/').at(-1));
  console.log(
    `${Object.values(words).flatMap(Object.keys).length} messages of ${Object.keys(words).length} subjects in ${folder}`,
  );
}
