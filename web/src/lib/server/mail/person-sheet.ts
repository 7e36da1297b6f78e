/** A participant's own sheet: her colourway, size and kit, set the way she reads it. */
import type { Person } from '@aggrega/core/running';
import type { Paper, PaperPicture } from '@aggrega/core/sheet';
import { pictureSvg } from '@aggrega/paper/svg';
import sharp from 'sharp';
import { asOrganisation } from '../db/pool';
import { organisationLanguage } from '../db/organisations';
import { listReleases } from '../db/releases';
import { languageFor, spokenIn } from '../web/languages';
import { askedPaper, paperFile } from '../sheet/sheet-files';

export interface PersonSheet {
  name: string;
  pdf: Uint8Array;
  text: string;
  /** The picture at its head, for her letter; undefined where it has none. */
  picture?: { png: Buffer; label: string };
}

/** What of a sheet is asked for, for a person, as an address carries it. */
export function sheetAsked(person: Pick<Person, 'colourway' | 'size' | 'kit' | 'sheet'>, version: number): URLSearchParams {
  const asked = new URLSearchParams(person.sheet);
  asked.set('colourway', person.colourway);
  if (person.size) asked.set('size', person.size);
  if (person.kit) asked.set('kind', person.kit);
  asked.set('version', String(version));
  return asked;
}

/** Her sheet of a published version; undefined where there is none for what she makes. */
export async function personSheet(
  organisation: string,
  { slug, month, version, person }: { slug: string; month: string; version: number; person: Person },
): Promise<PersonSheet | undefined> {
  const [releases, language] = await asOrganisation(organisation, async (db) => [
    await listReleases(db, slug),
    await organisationLanguage(db),
  ]);
  const out = new Set(releases.filter((r) => r.state === 'released').map((r) => r.month));
  return spokenIn(languageFor(person.sheet, language), () => sheetOf(organisation, { slug, month, version, person, out }));
}

async function sheetOf(
  organisation: string,
  {
    slug,
    month,
    version,
    person,
    out,
  }: { slug: string; month: string; version: number; person: Person; out: ReadonlySet<string> },
): Promise<PersonSheet | undefined> {
  const asked = sheetAsked(person, version);
  const found = await askedPaper(organisation, { slug, month, file: 'sheet.pdf', asked, out });
  if ('status' in found) return undefined;
  let paper: Paper | undefined;
  const make = () => (paper ??= found.make());
  const pdf = await paperFile(organisation, make, found);
  const text = await paperFile(organisation, make, { ...found, ending: 'txt' });
  if (!('body' in pdf) || !('body' in text) || !paper) return undefined;
  const picture = headPicture(paper);
  return {
    ...{ name: found.name, pdf: pdf.body as Uint8Array, text: String(text.body) },
    ...(picture && { picture: { png: await pngOf(picture), label: picture.label } }),
  };
}

function headPicture({ pieces }: Paper): PaperPicture | undefined {
  const title = pieces.find((piece) => piece.kind === 'title');
  return title?.pictures?.[0];
}

/** Mail programs show no drawings: 400 pixels wide, on white. */
const pngOf = (picture: PaperPicture): Promise<Buffer> =>
  sharp(Buffer.from(pictureSvg(picture)), { density: 300 })
    .resize(400)
    .flatten({ background: '#ffffff' })
    .png()
    .toBuffer();
