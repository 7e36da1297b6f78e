/** The words of proof: what each line of a cutting list is, told to whoever has it before her. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/proof', {
  // pieces
  squares: (n: number, size: Said) => say`${n} ${plural(n, { one: 'square', other: 'squares' })} of ${size}`,
  rectangles: (n: number, size: Said) => say`${n} ${plural(n, { one: 'rectangle', other: 'rectangles' })} of ${size}`,
  once: (pieces: Said) => say`${pieces}, cut once on the diagonal`,
  twice: (pieces: Said) => say`${pieces}, cut twice on the diagonal`,
  ofFabric: (role: Said, pieces: Said) => say`${role}: ${pieces}`,

  // verdicts
  right: 'Right.',
  method: (kind: Said, method: Said) => say`Right, by another method than yours: ${kind}, ${method}.`,
  large: (by: Said) => say`Right, cut ${by} larger than yours, to be trimmed.`,
  few: (by: Said, pieces: Said) => say`${by} too few: cut ${pieces}.`,
  fewTogether: (by: Said, pieces: Said) => say`${by} too few, all lines of this size together: cut ${pieces}.`,
  many: (by: Said, pieces: Said) => say`${by} more than needed: ${pieces} will do.`,
  manyTogether: (by: Said, pieces: Said) => say`${by} more than needed, all lines of this size together: ${pieces} will do.`,
  small: (by: Said, pieces: Said) => say`${by} too small: cut ${pieces}.`,
  big: (by: Said, pieces: Said) => say`${by} larger than needed: ${pieces} will do.`,
  acrossWhole: (pieces: Said) => say`The size is right, but these are not cut on the diagonal: ${pieces}.`,
  across: (pieces: Said) => say`The size is right, but not what becomes of it: ${pieces}.`,
  mixed: (kind: Said, method: Said, rest: Said, pieces: Said) =>
    say`This is the size for ${kind}, ${method}; the other pieces are for ${kind}, ${rest}. To go with them, cut ${pieces}.`,
  column: (side: Said, pieces: Said) => say`This is the size for a ${side} block. For this one, cut ${pieces}.`,
  role: (role: Said, pieces: Said) => say`This piece is cut from ${role}: ${pieces}.`,
  nothing: (role: Said) => say`Nothing in this block is cut to this size from ${role}.`,
  unused: 'This block uses no such fabric.',
  which: 'Can’t be told: it fits more than one piece, or its fabric isn’t clear. Look at it yourself.',

  // lines that cannot be read
  unreadNumber: 'Can’t be read: one of its numbers is not a number.',
  unreadCount: 'Can’t be read: it doesn’t say how many.',
  unreadCounts: 'Can’t be read: it gives two numbers of pieces.',
  unreadSize: 'Can’t be read: it doesn’t say what size.',
  unreadSizes: 'Can’t be read: its sizes don’t fit what they are called.',
  unreadDoubt: 'Can’t be read: it leaves a choice, as ‘or’, ‘about’ and ‘extra’ do.',
  unreadTriangles: 'Can’t be read: it gives triangles without the squares they come from.',
  unreadRectangle: 'Can’t be read: it gives a rectangle only one side.',
  unreadDisagrees: 'Can’t be read: its squares don’t make that many triangles.',
  unreadWords: 'Can’t be read: some of its words could mean several things.',
  unreadFabric: 'Can’t be read: it names more than one fabric and doesn’t say ‘each’.',

  // strips
  stripsGive: (give: Said, need: Said) => say`These strips give ${give} pieces at most, and ${need} are cut from them.`,
  stripsShort: 'These strips are too short for all that is cut from them.',
  stripWidth: (wide: Said) => say`No side of this piece is ${wide}, as wide as the strip.`,
});
