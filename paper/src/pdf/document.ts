/** A PDF to draw on: tagged, with its language, title and our faces embedded. */
import PDFDocument from 'pdfkit';
import { faces, fontOf } from './fonts';

export type PageSize = 'A4' | 'letter';

/** In points. */
export const PAGES: Record<PageSize, [number, number]> = { A4: [595.28, 841.89], letter: [612, 792] };

/** An empty document with its root of tags, and what closes both and gives the bytes. `created` is written into the file. */
export function newPdf({
  page,
  title,
  about,
  created,
  lang = 'en-GB',
}: {
  page: PageSize;
  title: string;
  about?: string;
  created: Date;
  lang?: string;
}) {
  const doc = new PDFDocument({
    size: PAGES[page],
    margin: 0,
    autoFirstPage: false,
    tagged: true,
    lang,
    displayTitle: true,
    pdfVersion: '1.7',
    // No face but those registered below: an unnamed one would be opened again at every turn.
    font: null as unknown as string,
    info: {
      Title: title,
      ...(about !== undefined && { Subject: about }),
      Creator: 'Aggrega',
      Producer: 'Aggrega',
      CreationDate: created,
    },
  });
  for (const face of faces) doc.registerFont(face, fontOf(face) as unknown as string);
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<void>((resolve, reject) => {
    doc.on('end', () => resolve());
    doc.on('error', reject);
  });
  const root = doc.struct('Document');
  doc.addStructure(root);
  const finish = async (): Promise<Uint8Array> => {
    root.end();
    doc.end();
    await done;
    return new Uint8Array(Buffer.concat(chunks));
  };
  return { doc, root, finish };
}
