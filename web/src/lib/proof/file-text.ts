/** The text of a file that a cutting list is in: a text, a table, or a PDF. */

/** More than any cutting list. */
const MOST_BYTES = 20_000_000;
const MOST_LETTERS = 400_000;
const MOST_PAGES = 60;

export type FileText = { text: string } | { trouble: 'empty' | 'unreadable' | 'long' };

/** Reads a file on the device. A PDF whose pages are pictures has no text. */
export async function textOfFile(file: Blob): Promise<FileText> {
  if (file.size > MOST_BYTES) return { trouble: 'long' };
  try {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const isPdf = new TextDecoder('latin1').decode(bytes.subarray(0, 1024)).includes('%PDF-');
    const text = isPdf ? await textOfPdf(bytes) : decoded(bytes);
    if (text === undefined) return { trouble: 'unreadable' };
    if (text.length > MOST_LETTERS) return { trouble: 'long' };
    return text.trim() === '' ? { trouble: 'empty' } : { text };
  } catch {
    return { trouble: 'unreadable' };
  }
}

/** As UTF-8; else as the older encodings of spreadsheets and editors have it. Undefined for what is no text. */
function decoded(bytes: Uint8Array): string | undefined {
  const wide = (bytes[0] === 0xff && bytes[1] === 0xfe) || (bytes[0] === 0xfe && bytes[1] === 0xff);
  if (wide) return new TextDecoder(bytes[0] === 0xff ? 'utf-16le' : 'utf-16be').decode(bytes);
  if (bytes.includes(0)) return undefined;
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** Line by line, as the PDF tells its text. Its reader is large, and loaded only here. */
async function textOfPdf(bytes: Uint8Array): Promise<string> {
  const { getDocumentProxy } = await import('unpdf');
  const pdf = await getDocumentProxy(bytes);
  const pages: string[] = [];
  for (let n = 1; n <= Math.min(pdf.numPages, MOST_PAGES); n += 1) {
    const { items } = await (await pdf.getPage(n)).getTextContent();
    pages.push(items.map((item) => ('str' in item ? item.str + (item.hasEOL ? '\n' : '') : '')).join(''));
  }
  return pages.join('\n');
}
