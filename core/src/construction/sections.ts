/** Sections that are sewn more than once: like ones are chain-sewn together, mirror images apart (docs/craft.md, Sewing order). */
import type { Construction } from './construct';
import { pictureOf, pictureText, straightened } from './picture';
import { isLeaf, type Branch, type Tree } from './seam-tree';

export interface Section {
  label: string;
  /** Where it lies in one block. */
  places: Branch[];
  /** Sections of this kind in all blocks. */
  make: number;
  /** The section that it is the mirror image of. */
  mirrorOf?: string;
}

/** All sections between the units and the block, those that are sewn first before those that they are part of. */
export function sectionsOf(c: Construction): Section[] {
  const found = new Map<string, Section & { mirror: string }>();
  visit(c.tree);
  const sections = [...found.values()].sort((a, b) => a.places[0]!.laid.length - b.places[0]!.laid.length);
  sections.forEach((section, i) => void (section.label = `S${i + 1}`));
  return sections.map(({ mirror, ...section }) => {
    const twin = mirror < keyOf(section.places[0]!, false) ? found.get(mirror) : undefined;
    return { ...section, ...(twin && { mirrorOf: twin.label }) };
  });

  function visit(node: Tree): void {
    if (isLeaf(node)) return;
    node.parts.forEach(visit);
    if (node === c.tree) return;
    const key = keyOf(node, false);
    const section = found.get(key) ?? { label: '', places: [], make: 0, mirror: keyOf(node, true) };
    section.places.push(node);
    section.make += c.make;
    found.set(key, section);
  }

  function keyOf({ laid }: Branch, mirrored: boolean): string {
    const picture = pictureOf(laid);
    const texts = [0, 1, 2, 3].map((quarters) => pictureText(straightened(picture, quarters, mirrored)));
    return `${picture.w * picture.h} ${texts.sort()[0]!}`;
  }
}
