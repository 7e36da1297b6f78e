/** The parts of a document that somebody may bring back each by itself. */
import type { ProgrammeFile } from '../document/document';
import { differences, differenceWords } from './differences';
import { spoken } from '../../words';

/** Fields that only make sense together; what no part names belongs to 'settings'. */
const FIELDS = {
  blocks: ['blocks', 'months'],
  fabrics: ['fabrics', 'colourways', 'melts'],
  quilt: ['setting', 'sizes'],
  kits: ['kits', 'participants'],
  stock: ['shelf', 'orders'],
  settings: [],
} as const satisfies Record<string, readonly (keyof ProgrammeFile)[]>;

export type DocumentPart = keyof typeof FIELDS;
export const documentParts = Object.keys(FIELDS) as DocumentPart[];

const titles = spoken('core/document-parts', {
  blocks: 'Months and blocks',
  fabrics: 'Fabrics',
  quilt: 'The quilt',
  kits: 'Kits and head counts',
  stock: 'Stock and orders',
  settings: 'Name, dates and settings',
});

/** 'Months and blocks'. */
export const partTitle = (part: DocumentPart): string => titles[part];

/** The part that a field of the document belongs to. */
const partOf = (field: string): DocumentPart =>
  documentParts.find((part) => (FIELDS[part] as readonly string[]).includes(field)) ?? 'settings';

/** What is different part by part, in lines for people; parts that are alike are left out. */
export function differentParts(older: ProgrammeFile, newer: ProgrammeFile): { part: DocumentPart; lines: string[] }[] {
  return documentParts.flatMap((part) => {
    const mixed = withParts(older, newer, [part]);
    return differences(older, mixed).length > 0 ? [{ part, lines: differenceWords(older, mixed) }] : [];
  });
}

/** A document with some parts as another has them. It may be one that the checks refuse: a quilt names the blocks of its months. */
export function withParts(document: ProgrammeFile, other: ProgrammeFile, parts: readonly DocumentPart[]): ProgrammeFile {
  const fields = new Set([...Object.keys(document), ...Object.keys(other)]);
  const taken = [...fields].map((field) => [
    field,
    (parts.includes(partOf(field)) ? other : document)[field as keyof ProgrammeFile],
  ]);
  return Object.fromEntries(taken.filter(([, value]) => value !== undefined)) as unknown as ProgrammeFile;
}
