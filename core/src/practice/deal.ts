/** Pieces dealt into a tray, and layouts with a slip in them: from seeded chances, so that the same seed deals the same. */
import { doubleArea } from '../block';
import type { SlipKind } from '../construction';
import type { Layout } from '../eye';
import { shuffled } from '../measure';
import { faceOf, faceText, mirroredFace, swappedFace, turnedFace, turnless, type Face, type FabricOf } from './face';
import { fitted, hasMirrorOfItsOwn, type Board, type Lain, type MadeSlip, type Piece } from './board';

/** A number from 0 to 1. */
type Chance = () => number;

export interface Deal {
  layout: Layout;
  fabricOf: FabricOf;
  /** The places that are to be laid. */
  open: readonly number[];
  chance: Chance;
  /** Slips that were seen at the tables: these are dealt more often. */
  seen?: readonly MadeSlip[];
}

/** How many kinds of units come with mirror images, and how many of each. */
const MIRRORED_KINDS = 2;
const MIRRORED_EACH = 2;

/** An empty board: each open place's piece and a few mirror images, shuffled, each turned by chance. */
export function deal({ layout, fabricOf, open, chance, seen = [] }: Deal): Board {
  const own = open.map((unit): Piece => ({ unit }));
  const pieces = [...own, ...mirrorImages({ layout, fabricOf, open, chance, seen })];
  const dealt = pieces.map(() => Math.floor(chance() * 4));
  const board = { layout, fabricOf, open, pieces, dealt, lain: new Map<number, Lain>() };
  const stacks = new Map<string, number[]>();
  for (const piece of shuffled([...pieces.keys()], chance)) {
    const { unit, mirrored } = pieces[piece]!;
    const face = faceOf(layout.units[unit]!);
    const key = turnless(mirrored ? mirroredFace(face) : face, fabricOf);
    stacks.set(key, [...(stacks.get(key) ?? []), piece]);
  }
  return { ...board, stacks: shuffled([...stacks.values()], chance) };
}

/** Mirror images that belong nowhere: of units that were mistaken for theirs first. */
function mirrorImages({ layout, fabricOf, open, chance, seen = [] }: Deal): Piece[] {
  const kinds = new Map<string, number[]>();
  for (const unit of open) {
    const expected = layout.units[unit]!;
    if (!hasMirrorOfItsOwn(expected, layout, fabricOf)) continue;
    const key = turnless(faceOf(expected), fabricOf);
    kinds.set(key, [...(kinds.get(key) ?? []), unit]);
  }
  const mistaken = new Set(seen.filter(({ kind }) => kind === 'mirrored').map(({ unit }) => unit));
  const first = (units: readonly number[]) => (mistaken.has(layout.units[units[0]!]!.name) ? 0 : 1);
  return shuffled([...kinds.values()], chance)
    .sort((a, b) => first(a) - first(b))
    .slice(0, MIRRORED_KINDS)
    .flatMap((units) => units.slice(0, MIRRORED_EACH).map((unit): Piece => ({ unit, mirrored: true })));
}

/** How often one of the seen slips is dealt, where it can be. */
const SEEN_SHARE = 0.6;

/** A full board with one slip in it; undefined where nothing can lie wrong in it. */
export function dealSlip(asked: Deal): Board | undefined {
  const { chance, seen = [] } = asked;
  const all = slipsIn(asked);
  const known = all.filter((slip) => seen.some(({ unit, kind }) => slip.kind === kind && slip.units.includes(unit)));
  const from = known.length > 0 && chance() < SEEN_SHARE ? known : all;
  // A kind by chance before its places: else what a block has most of would be dealt alone.
  const kinds = [...new Set(from.map((slip) => slip.kind))];
  if (kinds.length === 0) return undefined;
  const kind = kinds[Math.floor(chance() * kinds.length)]!;
  const ofKind = from.filter((slip) => slip.kind === kind);
  return ofKind[Math.floor(chance() * ofKind.length)]!.board();
}

interface BoardSlip {
  kind: SlipKind;
  /** The names of the units that lie wrong. */
  units: readonly string[];
  board: () => Board;
}

/** Every single slip that shows. */
function slipsIn({ layout, fabricOf, open }: Deal): BoardSlip[] {
  const pieces = layout.units.map((_, unit): Piece => ({ unit }));
  const lain = new Map(open.map((place): [number, Lain] => [place, { piece: place, quarters: 0 }]));
  const right: Board = { layout, fabricOf, open, pieces, dealt: pieces.map(() => 0), stacks: [], lain };
  const text = (face: Face) => faceText(face, fabricOf);
  const faces = layout.units.map(faceOf);
  const found: BoardSlip[] = [];
  for (const place of open) {
    const own = text(faces[place]!);
    const { name: unit, w, h } = layout.units[place]!;
    const shows = (face: Face) => text(face) !== own;
    for (const quarters of Math.abs(w - h) < 1e-6 ? [1, 2, 3] : [2])
      if (shows(turnedFace(faces[place]!, quarters)))
        found.push({
          units: [unit],
          kind: 'turned',
          board: () => ({ ...right, lain: new Map(lain).set(place, { piece: place, quarters }) }),
        });
    if (turnless(mirroredFace(faces[place]!), fabricOf) !== turnless(faces[place]!, fabricOf))
      found.push({ units: [unit], kind: 'mirrored', board: () => made(place, { unit: place, mirrored: true }) });
    for (const swapped of swapsOf(faces[place]!))
      if (shows(swappedFace(faces[place]!, swapped)))
        found.push({ units: [unit], kind: 'fabrics', board: () => made(place, { unit: place, swapped }) });
    for (const other of open) {
      if (other <= place || text(faces[other]!) === own) continue;
      const [here, there] = [
        fitted(right, place, { piece: other, quarters: 0 }),
        fitted(right, other, { piece: place, quarters: 0 }),
      ];
      // What is another only by its turn is told as turned.
      if (!here || !there || turnless(faces[other]!, fabricOf) === turnless(faces[place]!, fabricOf)) continue;
      found.push({
        units: [unit, layout.units[other]!.name],
        kind: 'exchanged',
        board: () => ({ ...right, lain: new Map(lain).set(place, here).set(other, there) }),
      });
    }
  }
  return found;

  function made(place: number, piece: Piece): Board {
    return {
      ...right,
      pieces: [...pieces, piece],
      dealt: [...right.dealt, 0],
      lain: new Map(lain).set(place, { piece: pieces.length, quarters: 0 }),
    };
  }
}

/** Pairs of fabrics whose pieces in a unit are of the same sizes: only these can take each other's place. */
function swapsOf({ patches }: Face): [string, string][] {
  const roles = [...new Set(patches.map(({ role }) => role))];
  const sizes = (role: string) =>
    patches
      .filter((p) => p.role === role)
      .map((p) => Math.round(Math.abs(doubleArea(p.points)) * 1e4))
      .sort((a, b) => a - b)
      .join();
  return roles.flatMap((a, i) =>
    roles
      .slice(i + 1)
      .filter((b) => sizes(a) === sizes(b))
      .map((b): [string, string] => [a, b]),
  );
}
