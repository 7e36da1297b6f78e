/** The faces of the house, as files that are embedded. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { inflateSync } from 'node:zlib';
import { create, type Font } from 'fontkit';

const resolve = createRequire(import.meta.url).resolve;

export type Face = 'text' | 'bold' | 'title';

const FILES: Record<Face, string> = {
  text: '@fontsource/hanken-grotesk/files/hanken-grotesk-latin-400-normal.woff',
  bold: '@fontsource/hanken-grotesk/files/hanken-grotesk-latin-700-normal.woff',
  title: '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-700-normal.woff',
};

export const faces = Object.keys(FILES) as Face[];

const read = new Map<Face, Font>();

/** The font of a face, unpacked and opened once for all documents. */
export function fontOf(face: Face): Font {
  const font = read.get(face) ?? remembering(create(unpacked(readFileSync(resolve(FILES[face])))) as Font);
  read.set(face, font);
  return font;
}

/** Words of many sheets; beyond that they are shaped anew. */
const MOST = 20_000;

/** A font that shapes every word once: sheets say the same words again and again. Who takes a word's positions may change them. */
function remembering(font: Font): Font {
  type Run = ReturnType<Font['layout']>;
  const shaped = new Map<string, Run>();
  const shape = font.layout.bind(font);
  font.layout = (text, features, ...others) => {
    const key = `${text}\n${JSON.stringify(features ?? '')}`;
    let run = others.some((o) => o !== undefined) ? shape(text, features, ...others) : shaped.get(key);
    if (!run) {
      run = shape(text, features);
      if (shaped.size >= MOST) shaped.clear();
      shaped.set(key, run);
    }
    const positions = run.positions.map((position) => ({ ...position }));
    return Object.assign(Object.create(Object.getPrototypeOf(run) as object) as Run, run, { positions });
  };
  return font;
}

/** A WOFF file as the OpenType font that it packs (W3C WOFF 1.0): the same tables, each inflated, under a plain directory. */
function unpacked(woff: Buffer): Buffer {
  const count = woff.readUInt16BE(12);
  const power = 2 ** Math.floor(Math.log2(count));
  const head = Buffer.alloc(12 + 16 * count);
  woff.copy(head, 0, 4, 8);
  head.writeUInt16BE(count, 4);
  head.writeUInt16BE(power * 16, 6);
  head.writeUInt16BE(Math.log2(power), 8);
  head.writeUInt16BE((count - power) * 16, 10);
  const tables: Buffer[] = [];
  let offset = head.length;
  for (let i = 0; i < count; i += 1) {
    const entry = 44 + 20 * i;
    const [at, packed, length] = [4, 8, 12].map((n) => woff.readUInt32BE(entry + n)) as [number, number, number];
    const bytes = woff.subarray(at, at + packed);
    const table = packed < length ? inflateSync(bytes) : bytes;
    woff.copy(head, 12 + 16 * i, entry, entry + 4);
    woff.copy(head, 16 + 16 * i, entry + 16, entry + 20);
    head.writeUInt32BE(offset, 20 + 16 * i);
    head.writeUInt32BE(length, 24 + 16 * i);
    // Tables begin at multiples of four bytes.
    const padded = Buffer.concat([table, Buffer.alloc((4 - (length % 4)) % 4)]);
    tables.push(padded);
    offset += padded.length;
  }
  return Buffer.concat([head, ...tables]);
}
