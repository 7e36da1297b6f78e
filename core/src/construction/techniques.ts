/** What there is to learn in a block, and how much it asks of whoever sews it (docs/craft.md, Composing a year). */
import type { Construction } from './construct';
import { isLeaf, type Tree } from './seam-tree';
import { spoken } from '../words';

/** From a first quilt to what even the experienced do not do daily. */
export const skills = [1, 2, 3, 4] as const;
export type Skill = (typeof skills)[number];

const titles = spoken('core/construction/techniques', {
  squares: 'squares and rectangles',
  'patchwork-grids': 'four-patches, nine-patches and rails',
  hst: 'half-square triangles',
  'folded-corners': 'stitch-and-flip corners',
  qst: 'quarter-square triangles',
  geese: 'flying geese',
  'square-in-square': 'a square in a square',
  'pieced-triangles': 'pieced triangles',
  'partial-seams': 'partial seams',
  templates: 'templates',
  'set-in-seams': 'Y-seams',
});

const skillTitles = spoken('core/construction/skills', {
  first: 'beginner',
  some: 'confident beginner',
  many: 'intermediate',
  all: 'advanced',
});

/** In the order in which they are taught, with the skill that each asks for (values of the house). */
export const techniques = [
  { id: 'squares', skill: 1 },
  { id: 'patchwork-grids', skill: 1 },
  { id: 'hst', skill: 2 },
  { id: 'folded-corners', skill: 2 },
  { id: 'qst', skill: 3 },
  { id: 'geese', skill: 3 },
  { id: 'square-in-square', skill: 3 },
  { id: 'pieced-triangles', skill: 3 },
  { id: 'partial-seams', skill: 4 },
  { id: 'templates', skill: 4 },
  { id: 'set-in-seams', skill: 4 },
] as const satisfies readonly { id: keyof typeof titles; skill: Skill }[];

export type Technique = (typeof techniques)[number]['id'];

/** 'half-square triangles'. */
export const techniqueTitle = (technique: Technique): string => titles[technique];

/** 'confident beginner'. */
export const skillTitle = (skill: Skill): string =>
  skillTitles[({ 1: 'first', 2: 'some', 3: 'many', 4: 'all' } as const)[skill]];

/** The skill that a technique asks for. */
export const skillOfTechnique = (technique: Technique): Skill => techniques.find(({ id }) => id === technique)!.skill;

/** Crossings in one block from which on it asks for one step more than its techniques do: all of them must meet. */
const MANY_CROSSINGS = 16;

/** What is learnt, or practised, by sewing a block; in the order in which it is taught. */
export function techniquesOf({ units, loose, tree }: Pick<Construction, 'units' | 'loose' | 'tree'>): Technique[] {
  const used = new Set<Technique>([...units, ...loose].flatMap((u) => u.kind.technique ?? []));
  for (const seam of seamsOf(tree)) {
    if (seam === 'partial') used.add('partial-seams');
    if (seam === 'set-in') used.add('set-in-seams');
  }
  return techniques.map(({ id }) => id).filter((id) => used.has(id));
}

/** The skill that a block asks for. */
export function skillOf(c: Pick<Construction, 'units' | 'loose' | 'tree' | 'pressing'>): Skill {
  const most = Math.max(1, ...techniquesOf(c).map(skillOfTechnique));
  return Math.min(4, most + Number(c.pressing.crossings >= MANY_CROSSINGS)) as Skill;
}

function seamsOf(tree: Tree): string[] {
  if (isLeaf(tree)) return tree.inside ? seamsOf(tree.inside) : [];
  return [tree.seam, ...tree.parts.flatMap(seamsOf)];
}
