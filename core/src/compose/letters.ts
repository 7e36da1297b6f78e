/** Which of the programme's letters stand for a block's own, so that it reads and every fabric gets its share. */
import type { BlockFile } from '../block';
import { blockFile } from '../block';
import { judge } from '../fabric';
import type { Colourway } from '../programme';
import type { Candidate } from './candidates';

export interface Lettering {
  /** The programme's letters, from light to dark. */
  letters: readonly string[];
  /** How each pair of letters reads where they meet, in the colourway where it reads worst: 0 lost, 1 weak, 2 clear. */
  reads: (a: string, b: string) => number;
}

/** How letters read beside one another, in all colourways. */
export function letteringOf(colourways: readonly Colourway[]): Lettering {
  const letters = [...colourways[0]!.fabrics.keys()];
  const value = (letter: string) =>
    colourways.reduce((sum, c) => sum + (c.fabrics.get(letter)?.value ?? 0), 0) / colourways.length;
  const rank = { lost: 0, weak: 1, clear: 2 };
  const known = new Map<string, number>();
  const worst = (a: string, b: string) =>
    Math.min(
      ...colourways.map(({ fabrics }) => {
        const [one, other] = [fabrics.get(a), fabrics.get(b)];
        return one && other ? rank[judge(one, other).verdict] : 0;
      }),
    );
  return {
    letters: letters.sort((a, b) => value(b) - value(a)),
    reads: (a, b) => {
      if (a === b) return 0;
      const key = a < b ? `${a} ${b}` : `${b} ${a}`;
      const found = known.get(key) ?? worst(a, b);
      known.set(key, found);
      return found;
    },
  };
}

/**
 * The best letters for a block, by its own letter; undefined where two of its patches that meet could not be told apart. Letters that were little used so far
 * go first (`used` by how much of all blocks they cover), and the lightest lies behind.
 */
export function lettersFor(
  { ground, seams, shares }: Candidate,
  { letters, reads }: Lettering,
  { used, random }: { used: ReadonlyMap<string, number>; random: () => number },
): Map<string, string> | undefined {
  const roles = shares.map((s) => s.role);
  const chance = new Map(letters.map((letter) => [letter, random() * 0.4]));
  let best: { letters: Map<string, string>; score: number } | undefined;
  const cast = new Map<string, string>();
  const place = (i: number, score: number) => {
    if (i === roles.length) {
      if (!best || score > best.score) best = { letters: new Map(cast), score };
      return;
    }
    const { role, share } = shares[i]!;
    for (const letter of letters) {
      const own = role === ground && letter === letters[0] ? 4 : role === ground || letter === letters[0] ? 0 : 1;
      let gain = own - 12 * share * (used.get(letter) ?? 0) + chance.get(letter)!;
      // One letter for two of the block's own is for want of letters, and never where the two meet.
      if ([...cast.values()].includes(letter)) gain -= 3;
      let lost = false;
      for (const seam of seams) {
        const other = cast.get(seam.roles[0] === role ? seam.roles[1] : seam.roles[1] === role ? seam.roles[0] : '');
        if (other === undefined) continue;
        const reading = reads(letter, other);
        lost ||= reading === 0;
        if (reading === 1) gain -= 2;
      }
      if (lost) continue;
      cast.set(role, letter);
      place(i + 1, score + gain);
      cast.delete(role);
    }
  };
  place(0, 0);
  return best?.letters;
}

/** A block's drawing under another id and name, in the programme's letters. */
export function lettered(
  { block }: Candidate,
  letters: ReadonlyMap<string, string>,
  { id, name }: { id: string; name: string },
): BlockFile {
  const patches = block.patches.map((p) => ({ ...p, role: letters.get(p.role)! }));
  return { ...blockFile({ ...block, patches }), id, name };
}
