/**
 * The order in which a top is sewn together: its blocks and parts taken apart by lines from edge to edge, along the blocks' edges, in turn
 * both ways. Rows come out as they are sewn, on point too: a row with its sashing and the side triangles that reach over both.
 */
import { Exact } from '../measure';
import type { Top } from './lattice';
import type { LaidPart, LaidPlace } from './lay';
import { settingKind, type SettingKind } from './setting';

/** A block with what goes round it, or a part by itself; sides along the blocks' edges, on point times √2. */
export interface SetPiece {
  place?: LaidPlace;
  part?: LaidPart;
  /** What goes round the block: frame and coping. */
  around: LaidPart[];
  u: readonly [from: Exact, to: Exact];
  v: readonly [from: Exact, to: Exact];
}

export interface SetJoin {
  /** 'u': its parts lie side by side in a row; 'v': one below the other. */
  along: 'u' | 'v';
  parts: SetNode[];
}
export type SetNode = SetPiece | SetJoin;

export const isJoin = (node: SetNode): node is SetJoin => 'parts' in node;

export interface Assembly {
  /** Rows, one below the other; undefined where the top cannot be taken apart so. */
  rows?: SetNode[];
  /** Corner triangles of a top on point, which are sewn on last. */
  corners: LaidPart[];
  onPoint: boolean;
}

/** How a top without its borders is put together. */
export function assembly({ places, parts }: Top, kind: SettingKind): Assembly {
  const onPoint = settingKind(kind).lie === 'on point';
  const inside = parts.filter((p) => p.group !== 'borders');
  const corners = inside.filter((p) => p.name === 'corner triangle');
  const around = new Map<string, LaidPart[]>();
  for (const part of inside)
    if (part.place !== undefined && !part.group) around.set(part.place, [...(around.get(part.place) ?? []), part]);
  const pieces = [
    ...places.map((place) => {
      const own = around.get(place.at) ?? [];
      return pieceOf([place.outline, ...own.map((p) => p.outline)].flat(), onPoint, { place, around: own });
    }),
    ...inside
      .filter((p) => p.group && !corners.includes(p))
      .map((part) => pieceOf(part.outline, onPoint, { part, around: [] })),
  ];
  const tree = takenApart(pieces, 'v') ?? takenApart(pieces, 'u');
  const rows = tree && (isJoin(tree) && tree.along === 'v' ? tree.parts : [tree]);
  return { ...(rows && { rows }), corners, onPoint };
}

function pieceOf(outline: LaidPart['outline'], onPoint: boolean, of: Pick<SetPiece, 'place' | 'part' | 'around'>): SetPiece {
  return { ...of, u: reachOf(outline, 'u', onPoint), v: reachOf(outline, 'v', onPoint) };
}

/** From where to where an outline reaches along the blocks' edges, on point times √2. */
export function reachOf(outline: LaidPart['outline'], along: 'u' | 'v', onPoint: boolean): [from: Exact, to: Exact] {
  const all = outline.map(([x, y]) => (along === 'u' ? (onPoint ? x.plus(y) : x) : onPoint ? y.minus(x) : y));
  return [all.reduce((a, b) => (b.compare(a) < 0 ? b : a)), all.reduce((a, b) => (b.compare(a) > 0 ? b : a))];
}

/** Undefined where some pieces interlock, so that no line from edge to edge parts them. */
function takenApart(pieces: readonly SetPiece[], along: 'u' | 'v'): SetNode | undefined {
  if (pieces.length === 1) return pieces[0];
  const groups = parted(pieces, along);
  const other = along === 'u' ? 'v' : 'u';
  if (groups.length === 1) {
    const turned = parted(pieces, other);
    return turned.length === 1 ? undefined : joinOf(turned, other);
  }
  return joinOf(groups, along);
}

function joinOf(groups: SetPiece[][], along: 'u' | 'v'): SetNode | undefined {
  const parts = groups.map((group) => takenApart(group, along === 'u' ? 'v' : 'u'));
  return parts.every((p) => p !== undefined) ? { along, parts } : undefined;
}

/** Pieces in groups that a line parts, in their order. */
function parted(pieces: readonly SetPiece[], axis: 'u' | 'v'): SetPiece[][] {
  const sorted = [...pieces].sort((a, b) => a[axis][0].compare(b[axis][0]));
  const groups: SetPiece[][] = [];
  let reach: Exact | undefined;
  for (const piece of sorted) {
    const [from, to] = piece[axis];
    if (reach === undefined || from.compare(reach) >= 0) groups.push([]);
    groups.at(-1)!.push(piece);
    if (reach === undefined || to.compare(reach) > 0) reach = to;
  }
  return groups;
}

/** All pieces of a node, in the order of sewing. */
export const piecesOf = (node: SetNode): SetPiece[] => (isJoin(node) ? node.parts.flatMap(piecesOf) : [node]);

/** Finished sides along the blocks' edges. */
export function sidesOf(node: SetNode, onPoint: boolean): { w: Exact; h: Exact } {
  const all = piecesOf(node);
  const side = (axis: 'u' | 'v') => {
    const from = all.reduce((least, p) => (p[axis][0].compare(least) < 0 ? p[axis][0] : least), all[0]![axis][0]);
    const to = all.reduce((most, p) => (p[axis][1].compare(most) > 0 ? p[axis][1] : most), all[0]![axis][1]);
    const long = to.minus(from);
    return onPoint ? long.over(Exact.root2) : long;
  };
  return { w: side('u'), h: side('v') };
}
