/** Places of a document in plain words, for people who never saw its file. */
import { spoken } from '@aggrega/core/words';
import { words } from './words';
import { fieldName, type ProgrammeFile } from '@aggrega/core/programme';

/** What an entry of a list is called. */
const ONE: Readonly<Record<string, string>> = spoken('places-one', {
  colourways: 'colourway',
  fabrics: 'fabric',
  blocks: 'block',
  months: 'month',
  patches: 'patch',
  points: 'point',
});

/** '/months/0/blocks/1/finished' or '/months/m1/name' as 'month January, block 2, finished size'. */
export function placeName(document: unknown, path: string): string {
  const names: string[] = [];
  let here: unknown = document as ProgrammeFile;
  let field = '';
  for (const part of path.split('/').slice(1)) {
    if (Array.isArray(here)) {
      const list = here as { id?: string; name?: string; block?: string }[];
      const [id] = part.split('~');
      const entry = /^\d+$/.test(part) ? list[Number(part)] : list.find((e) => e?.id === id || e?.block === id);
      const title = entry?.name ?? entry?.id ?? entry?.block ?? (/^\d+$/.test(part) ? String(Number(part) + 1) : part);
      names[names.length - 1] = `${ONE[field] ?? fieldName(field)} ${title}`;
      here = entry;
    } else {
      field = part;
      names.push(fieldName(field));
      here = here !== null && typeof here === 'object' ? (here as Record<string, unknown>)[part] : undefined;
    }
  }
  return names.join(', ') || words.theDocument;
}
