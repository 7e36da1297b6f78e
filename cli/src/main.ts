/** The command line: read a file, call core, print one JSON document. See docs/formats.md. */
import { readFileSync } from 'node:fs';
import type { Problem } from '@aggrega/core/block';
import { PlanError, readProgramme, unreadable, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { UsageError } from './usage';
import { account } from './verbs/account';
import { bolts } from './verbs/bolts';
import { check } from './verbs/check';
import { checkLayout } from './verbs/check-layout';
import { compose } from './verbs/compose';
import { constructVerb } from './verbs/construct';
import { foreseeVerb } from './verbs/foresee';
import { cut } from './verbs/cut';
import { packets } from './verbs/packets';
import { pools } from './verbs/pools';
import { proofVerb } from './verbs/proof';
import { quilt } from './verbs/quilt';
import { sheet } from './verbs/sheet';
import { readPicture } from './verbs/read-picture';
import { trace } from './verbs/trace';
import { words as said } from './words';

export interface Loaded {
  programme: Programme;
  file: ProgrammeFile;
  warnings: Problem[];
}

/** A verb gets the programme and the words after the file; it returns what is to be printed. */
export type Verb = (loaded: Loaded, words: string[]) => unknown;

const verbs: Record<string, Verb> = {
  check,
  'check-layout': checkLayout,
  compose,
  construct: constructVerb,
  cut,
  foresee: foreseeVerb,
  packets,
  account,
  bolts,
  pools,
  proof: proofVerb,
  quilt,
  sheet,
};

/** Verbs that make a block of another kind of file. */
const drawn: Record<string, (path: string, words: string[]) => unknown> = { trace, 'read-picture': readPicture };

const USAGE = `usage: aggrega VERB FILE [options]
  check FILE
  trace FILE.svg [--grid 4x4]
  read-picture FILE.jpg [--grid 4x4] [--corners 'x,y x,y x,y x,y']
  check-layout FILE --block ID [--month ID] [--colourway ID] [--corners 'x,y x,y x,y x,y'] PICTURE
  check-layout FILE --quilt [--size ID] [--colourway ID] [--corners 'x,y x,y x,y x,y'] PICTURE
  compose FILE [--block L] [--quilt wall|lap|single|double|WxH] [--from 1-4] [--to 1-4] [--teach hst,geese]
      [--giving yardage|pre-cut|bundle|list] [--fat-quarters N] [--hours N] [--price N] [--seed N] [--years N] [--finishing] [--mystery]
  construct FILE --block ID [--month ID] [--finished L]
  foresee FILE --block ID [--month ID] [--finished L] [--measured SIZES.csv]
  foresee FILE --quilt [--size ID] [--colourway ID]
  proof FILE --block ID [--month ID] [--finished L] [--colourway ID] [--blocks N] TEXTFILE
  proof FILE --month ID [--colourway ID] TEXTFILE
  cut FILE [--participants N] [--colourway ID] [--basis kit|batch] [--months m1,m2]
      [--quilt] [--reading thriftiest|balanced|simplest] [--size ID]
  pools FILE [--colourway ID] [--size ID]
  quilt FILE [--colourway ID] [--size ID]
  packets FILE [--colourway ID] [--size ID]
  account FILE [--packets 1,2]
  bolts FILE [--packets 1,2]
  sheet FILE --month ID [--colourway ID] --to html|pdf|txt --out PATH [--size ID] [--page A4|letter]
      [--kind yardage|pre-cut|die-cut|bundle|list] [--level new|usual|versed] [--english british|american]
      [--large] [--left] [--rulers] [--uncoloured]`;

/** Where a command prints its JSON, which is waited for, and where it complains. */
export interface Outlet {
  print: (text: string) => Promise<void>;
  complain: (text: string) => void;
}

/** Waits until the text is out, so that a long plan is not cut off in a pipe. */
const terminal: Outlet = {
  print: (text) => new Promise((done) => process.stdout.write(text, () => done())),
  complain: (text) => console.error(text),
};

/** Runs one command; returns the exit code: 0 done, 1 the file is refused, 2 the command is wrong. */
export async function main(argv: string[], { print, complain }: Outlet = terminal): Promise<number> {
  const tell = (result: unknown) => print(`${JSON.stringify(result, null, 2)}\n`);
  const [name, path, ...words] = argv;
  const of = <T>(all: Record<string, T>): T | undefined =>
    name !== undefined && Object.hasOwn(all, name) ? all[name] : undefined;
  const [verb, draws] = [of(verbs), of(drawn)];
  if ((!verb && !draws) || path === undefined || path.startsWith('-')) {
    complain(USAGE);
    return 2;
  }
  try {
    await tell(verb ? await verb(load(path), words) : await draws!(path, words));
    return 0;
  } catch (error) {
    if (error instanceof UsageError) {
      complain(said.aggrega(error.message));
      return 2;
    }
    if (error instanceof PlanError) {
      await tell({ errors: error.problems });
      return 1;
    }
    throw error;
  }
}

function load(path: string): Loaded {
  let document: unknown;
  try {
    // A byte-order mark is no part of the JSON.
    const text = readFileSync(path, 'utf8').replace(/^\uFEFF/, '');
    const refused = unreadable(text);
    if (refused) throw new SyntaxError(refused);
    document = JSON.parse(text);
  } catch (error) {
    const message =
      error instanceof SyntaxError
        ? said.theFileIsNoJsonThat(error.message)
        : said.theFileCannotBeRead((error as Error).message);
    throw new PlanError([{ path: '', message }]);
  }
  const reading = readProgramme(document);
  if (!reading.ok) throw new PlanError(reading.errors);
  return reading;
}
