/** Parts of a block that it has more than once, but for a turn or in a mirror: each is made as one thing, and turned into its place. */
import type { Method, UnitKind } from './unit-kind';

const parts: Method = {
  name: 'parts',
  title: 'from its parts',
  recipe: () => ({ yields: 1, pieces: [], steps: [], look: [], tools: [], seams: 0 }),
};

/** Never seen in a picture: the seam tree makes one of what it finds again. */
const kind = (name: string, title: string, plural: string): UnitKind => ({
  kind: name,
  title,
  plural,
  methods: [parts],
  read: () => undefined,
});

/** From edge to edge of the block. */
export const row = kind('row', 'row', 'rows');
export const halfBlock = kind('half-block', 'half-block', 'half-blocks');
export const quarterBlock = kind('quarter-block', 'quarter-block', 'quarter-blocks');
export const pair = kind('pair', 'pair', 'pairs');
export const section = kind('section', 'section', 'sections');

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
