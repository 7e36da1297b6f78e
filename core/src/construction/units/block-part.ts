/** Parts of a block that it has more than once, but for a turn or in a mirror: each is made as one thing, and turned into its place. */
import type { Method, UnitKind } from './unit-kind';
import { words } from './words/block-part';

const parts: Method = {
  name: 'parts',
  get title() {
    return words.fromItsParts;
  },
  recipe: () => ({ yields: 1, pieces: [], steps: [], look: [], tools: [], seams: 0 }),
};

/** Never seen in a picture: the seam tree makes one of what it finds again. */
const kind = (name: string, word: 'row' | 'halfBlock' | 'quarterBlock' | 'pair' | 'section'): UnitKind => ({
  kind: name,
  get title() {
    return words[word];
  },
  get plural() {
    return words[`${word}s`];
  },
  methods: [parts],
  read: () => undefined,
});

/** From edge to edge of the block. */
export const row = kind('row', 'row');
export const halfBlock = kind('half-block', 'halfBlock');
export const quarterBlock = kind('quarter-block', 'quarterBlock');
export const pair = kind('pair', 'pair');
export const section = kind('section', 'section');

export const blockParts: readonly UnitKind[] = [row, halfBlock, quarterBlock, pair, section];

export const isBlockPart = (kind: string): boolean => blockParts.some((part) => part.kind === kind);

/** What a rectangle of a block is called; sides in the same measure. `two`: it is sewn from two units. */
export function blockPartKind(
  [w, h]: readonly [number, number],
  [blockW, blockH]: readonly [number, number],
  two: boolean,
): string {
  const share = (w * h) / (blockW * blockH);
  const long = Math.max(w, h);
  const edgeToEdge = long === blockW || long === blockH;
  if (share === 1 / 4 && !edgeToEdge) return quarterBlock.kind;
  if (share === 1 / 2 && edgeToEdge) return halfBlock.kind;
  if (edgeToEdge) return row.kind;
  return two ? pair.kind : section.kind;
}
