/** With which month each stage of putting a quilt together comes: when all that it needs is handed out and every block of it is out. */
import type { Month, Programme, Quilt } from '../programme';
import { assembly, piecesOf, type PartGroup, type SetNode, type SetPiece } from '../setting';
import { monthOfSetBlock } from '../programme';

/** A row of the top: its blocks with what lies between them, and what else is sewn to it before rows are joined. */
export interface TopRow {
  /** Counted from the top, along the blocks' edges. */
  number: number;
  node: SetNode;
  /** Blocks, plain squares, sashes and cornerstones from the left. */
  row: SetPiece[];
  /** Strip of sashing that is sewn to it, and to which edge. */
  strip?: { pieces: SetPiece[]; edge: 'upper' | 'lower' };
  /** Side triangles at its ends. */
  triangles: SetPiece[];
  /** When its blocks and sashing are there, and its triangles. */
  month: number;
  trianglesMonth: number;
}

export interface Stages {
  /** Rows in their order; none where no line from edge to edge parts the top. */
  rows: TopRow[];
  /** Strips of sashing that lie between rows by themselves. */
  strips: SetPiece[][];
  onPoint: boolean;
  corners: number;
  /** Indices of the months with which each stage comes; undefined where the quilt has none. */
  sashing?: number;
  top: number;
  borders?: number;
  layers?: number;
  binding?: number;
}

/** The stages of a quilt. */
export function stagesOf({ setting, top }: Quilt, { months }: Programme): Stages {
  const { rows: bands = [], corners, onPoint } = assembly(top, setting.kind);
  const index = (id: string | undefined) => months.findIndex((m) => m.id === id);
  const of = (group: PartGroup) => index(setting.months.get(group));
  const blockMonth = (piece: SetPiece) => (piece.place ? index(monthOfSetBlock(piece.place.block!.key)) : -1);
  const last = Math.max(...top.places.map((place) => index(monthOfSetBlock(place.block!.key))));
  const rows: TopRow[] = [];
  const strips: SetPiece[][] = [];
  for (const node of bands) {
    const pieces = piecesOf(node);
    const triangles = pieces.filter((p) => p.part?.name === 'side triangle');
    const rest = pieces.filter((p) => !triangles.includes(p));
    if (!rest.some(isBlock)) {
      strips.push(rest);
      continue;
    }
    // Beside a row's blocks lie pieces that reach as far down as they do; what does not is its strip.
    const [from, to] = rest.find(isBlock)!.v;
    const row = rest.filter((p) => p.v[0].equals(from) && p.v[1].equals(to));
    const beyond = rest.filter((p) => !row.includes(p));
    const inOrder = (list: SetPiece[]) => list.sort((a, b) => a.u[0].compare(b.u[0]));
    const month = Math.max(of('alternate'), of('sashing'), ...row.map(blockMonth));
    rows.push({
      ...{ number: rows.length + 1, node, triangles, month },
      row: inOrder(row),
      ...(beyond.length > 0 && {
        strip: { pieces: inOrder(beyond), edge: beyond[0]!.v[0].compare(from) < 0 ? 'upper' : 'lower' },
      }),
      trianglesMonth: Math.max(month, of('triangles')),
    });
  }
  const groups: PartGroup[] = ['sashing', 'triangles', 'alternate', 'rounds'];
  const whole = Math.max(0, last, ...groups.map(of));
  const borders = setting.borders.length > 0 ? Math.max(whole, of('borders')) : undefined;
  const finished = setting.backing !== undefined || setting.binding !== undefined;
  const layers = finished ? Math.max(borders ?? whole, of('backing'), of('wadding')) : undefined;
  const binding = setting.binding ? Math.max(layers ?? whole, of('binding')) : undefined;
  return {
    ...{ rows, strips, onPoint, corners: corners.length, top: whole },
    ...(setting.sashing && of('sashing') >= 0 && { sashing: of('sashing') }),
    ...(borders !== undefined && { borders }),
    ...(layers !== undefined && { layers }),
    ...(binding !== undefined && { binding }),
  };
}

const isBlock = (piece: SetPiece): boolean => piece.place !== undefined || piece.part?.name === 'alternate block';

/** Groups of parts that a month hands out and that are sewn with a later one. */
export function putBy(month: Month, quilt: Quilt, programme: Programme): { group: PartGroup; until: Month }[] {
  const stages = stagesOf(quilt, programme);
  const at = programme.months.indexOf(month);
  const until = (stage: number | undefined) => (stage !== undefined && stage > at ? programme.months[stage] : undefined);
  return [...quilt.setting.months].flatMap(([group, id]) => {
    if (id !== month.id) return [];
    const stage =
      group === 'borders'
        ? stages.borders
        : group === 'binding'
          ? stages.binding
          : group === 'backing' || group === 'wadding'
            ? stages.layers
            : undefined;
    const later = until(stage);
    return later ? [{ group, until: later }] : [];
  });
}
