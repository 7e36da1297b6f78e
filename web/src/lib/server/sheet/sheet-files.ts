/** Papers as files to keep, from the stored programme or from a version that was published. */
import { words } from './words';
import { dayText } from '$lib/look/day-text';
import { spokenTag } from '@aggrega/core/words';
import {
  PlanError,
  hasSheet,
  readProgramme,
  type Colourway,
  type Programme,
  type ProgrammeFile,
} from '@aggrega/core/programme';
import { embargoed } from '@aggrega/core/running';
import {
  demonstrationPaper,
  firstPacketPaper,
  monthPaper,
  photosIn,
  templatesPaper,
  type Paper,
  type SheetWishes,
} from '@aggrega/core/sheet';
import { paperHtml } from '@aggrega/paper/html';
import { paperPdf } from '@aggrega/paper/pdf';
import { paperText } from '@aggrega/paper/text';
import { asSewn, sheetName, wishesOf } from '$lib/sheet/sheet-wishes';
import type { FoundFile } from '../web/file-answer';
import { photosOf } from '../fabric/swatch';
import { keptFile } from './kept-files';
import { programmeOf } from '../programme/programmes';
import { publishedSheet } from './sheet-versions';
import { versionWords } from './version-words';

const TYPES = { pdf: 'application/pdf', html: 'text/html; charset=utf-8', txt: 'text/plain; charset=utf-8' } as const;

export interface AskedFile {
  slug: string;
  /** Left out for a paper of the whole year. */
  month?: string;
  /** 'sheet.pdf', 'templates.html', 'first-packet.txt' */
  file: string;
  /** Colourway, page, version, and the wishes of the sheet. */
  asked: URLSearchParams;
  /** For a participant: the months that are out; nothing else is named. Left out for those who run the programme. */
  out?: ReadonlySet<string>;
}

/** A paper as a file, which is made once. */
export async function sheetFile(organisation: string, asked: AskedFile): Promise<FoundFile> {
  const source = await sourceOf(organisation, asked);
  if (!source) return MISSING();
  const { slug, month, file, out } = asked;
  const of = { source, slug, month, file, out: out && [...out].sort(), asked: [...asked.asked].sort() };
  const found = await keptFile(organisation, of, async () => {
    const paper = paperOfSource(source, asked);
    if ('status' in paper) return paper;
    const made = await paperFile(organisation, paper.make, paper);
    return 'message' in made ? made : { name: made.name, body: Buffer.from(made.body as Uint8Array) };
  });
  return 'message' in found ? found : { body: found.body, name: found.name, type: TYPES[endingOf(file)!] };
}

const MISSING = () => ({ status: 404, message: words.weCantFindThatSheet }) as const;

/** 'sheet' and 'pdf'; undefined for what is none of our files. */
const partsOf = (file: string) =>
  /^([a-z-]+)\.(pdf|html|txt)$/.exec(file)?.slice(1) as [string, keyof typeof TYPES] | undefined;
const endingOf = (file: string) => partsOf(file)?.[1];

/** What a paper is made from: a version that was published, or the draft as it stands. */
interface Source {
  document: ProgrammeFile;
  /** When it was published or saved last. */
  made: Date;
  version: { number: number; published: Date; released: Date | null } | { draft: number };
}

async function sourceOf(organisation: string, { slug, month, file, asked }: AskedFile): Promise<Source | undefined> {
  const stored = await programmeOf(organisation, slug);
  const version = asked.get('version');
  if (!stored || !partsOf(file)) return undefined;
  if (version === null) return { document: stored.document, made: stored.updated, version: { draft: stored.revision } };
  const frozen = month === undefined ? undefined : await publishedSheet(organisation, { slug, month, version });
  if (!frozen) return undefined;
  const { document, published, released } = frozen;
  return { document, made: published, version: { number: Number(version), published, released } };
}

/** A paper that can be made, and the file that it was asked as. */
export interface AskedPaper {
  /** Throws PlanError when it cannot be planned. */
  make: () => Paper | undefined;
  ending: keyof typeof TYPES;
  name: string;
  page: 'A4' | 'letter';
  created: Date;
}

/** What makes the paper that is asked for. */
export async function askedPaper(organisation: string, asked: AskedFile): Promise<AskedPaper | Refused> {
  const source = await sourceOf(organisation, asked);
  return source ? paperOfSource(source, asked) : MISSING();
}

type Refused = Extract<FoundFile, { message: string }>;

function paperOfSource(
  { document, made, version }: Source,
  { slug, month, file, asked, out }: AskedFile,
): AskedPaper | Refused {
  const [name, ending] = partsOf(file)!;
  const shown = (of: ProgrammeFile) => (out ? embargoed(of, out) : of);
  const reading = readProgramme(shown(month ? asSewn(document, month, asked) : document));
  if (!reading.ok) return MISSING();
  const { programme } = reading;
  const colourway = asked.get('colourway')
    ? programme.colourways.find((c) => c.id === asked.get('colourway'))
    : programme.colourways[0];
  if (!colourway) return MISSING();
  const wishes = {
    ...wishesOf(asked, programme),
    version:
      'draft' in version
        ? words.draft(version.draft, dayText(made.toISOString().slice(0, 10), spokenTag()))
        : versionWords(version.number, version),
  };
  const own = name === 'sheet' ? [] : [name];
  const called = [...own, sheetName(month ?? slug, colourway.id, asked)].join('-');
  const page = asked.get('page') === 'letter' ? 'letter' : 'A4';
  // Its bytes depend on what is stored and asked, not on when.
  const make = () => paperOf(name, programme, { month, colourway, wishes });
  return { make, ending, name: called, page, created: made };
}

/** A paper as a file of one of our forms; or why it cannot be made. */
export async function paperFile(
  organisation: string,
  make: () => Paper | undefined,
  { ending, name, page, created }: { ending: string; name: string; page: 'A4' | 'letter'; created: Date },
): Promise<FoundFile> {
  try {
    const paper = make();
    if (!paper) return { status: 404, message: words.weCantFindThatSheet };
    const file = { type: TYPES[ending as keyof typeof TYPES], name: `${name}.${ending}` };
    const photos = ending === 'txt' ? new Map() : await photosOf(organisation, photosIn(paper));
    if (ending === 'html') return { body: paperHtml(paper, photos), ...file };
    if (ending === 'txt') return { body: paperText(paper), ...file };
    return { body: new Uint8Array(await paperPdf([paper], { page, created, photos })), ...file };
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.problems.map((p) => p.message).join('; ') };
    throw error;
  }
}

function paperOf(
  name: string,
  programme: Programme,
  { month: id, colourway, wishes }: { month?: string; colourway: Colourway; wishes: SheetWishes },
): Paper | undefined {
  if (id === undefined) return name === 'first-packet' ? firstPacketPaper(programme, colourway, wishes) : undefined;
  const month = programme.months.find((m) => m.id === id);
  if (!month || !hasSheet(programme, month)) return undefined;
  if (name === 'sheet') return monthPaper(programme, month, colourway, wishes);
  if (name === 'templates') return templatesPaper(programme, month, colourway, wishes);
  return name === 'demonstration' && month.blocks.length > 0
    ? demonstrationPaper(programme, month, colourway, wishes)
    : undefined;
}
