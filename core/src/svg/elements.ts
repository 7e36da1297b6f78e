/** The elements of an SVG drawing as plain data: names, attributes, children, text. */
import { XMLParser } from 'fast-xml-parser';
import { words } from './words';

export interface Element {
  name: string;
  attributes: Readonly<Record<string, string>>;
  children: readonly Element[];
  text: string;
}

const MOST_BYTES = 2_000_000;
const MOST_ELEMENTS = 20_000;
const MOST_DEPTH = 60;

/** A drawing that cannot be read; the message says why, for the reader. */
export class Unreadable extends Error {}

type Node = Record<string, unknown> & { ':@'?: Record<string, string>; '#text'?: unknown };

/** The drawing's outermost element. Throws Unreadable for what is no SVG, or larger than a block can be. */
export function elementsOf(text: string): Element {
  if (text.length > MOST_BYTES) throw new Unreadable(words.theDrawingIsTooLarge);
  if (/<!ENTITY/i.test(text)) throw new Unreadable(words.theDrawingIsNoSvg);
  let nodes: Node[];
  try {
    nodes = new XMLParser({
      preserveOrder: true,
      ignoreAttributes: false,
      attributeNamePrefix: '',
      parseTagValue: false,
      parseAttributeValue: false,
      removeNSPrefix: true,
      htmlEntities: true,
    }).parse(text, true) as Node[];
  } catch {
    throw new Unreadable(words.theDrawingIsNoSvg);
  }
  let left = MOST_ELEMENTS;
  const read = (node: Node, depth: number): Element | undefined => {
    const name = Object.keys(node).find((key) => key !== ':@')!;
    if (name === '#text' || name.startsWith('?')) return undefined;
    left -= 1;
    if (left < 0 || depth > MOST_DEPTH) throw new Unreadable(words.theDrawingIsTooLarge);
    const inside = node[name] as Node[];
    return {
      name,
      attributes: Object.fromEntries(Object.entries(node[':@'] ?? {})),
      children: inside.flatMap((child) => read(child, depth + 1) ?? []),
      text: inside.map((child) => (typeof child['#text'] === 'string' ? child['#text'] : '')).join(''),
    };
  };
  const root = nodes.map((node) => read(node, 0)).find((e) => e?.name === 'svg');
  if (!root) throw new Unreadable(words.theDrawingIsNoSvg);
  return root;
}
