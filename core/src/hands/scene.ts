/** What is seen at one step at the sewing table: layers, and the closed set of marks that hands and machine leave on them. */
import { boxOf, movedBy, turned, turnedLine, type DirectedLine, type Ply, type Spot, type Stack } from './cloth';

/**
 * drawn: pencil or chalk. sewn: stitches. cut: where the blade goes. crease: folded or pinched to find a middle. over: where a ruler's
 * line lies on the fabric.
 */
export type MarkKind = 'drawn' | 'sewn' | 'cut' | 'crease' | 'over';

export interface Mark extends DirectedLine {
  kind: MarkKind;
}

export interface Scene {
  /** Lowest first. */
  plies: Ply[];
  marks: Mark[];
  /** Ways of the iron. */
  press: DirectedLine[];
  /** Outlines of rulers that lie on the fabric. */
  rulers: Spot[][];
}

export const scene = (plies: Stack, more: Partial<Omit<Scene, 'plies'>> = {}): Scene => ({
  plies: [...plies],
  marks: more.marks ?? [],
  press: more.press ?? [],
  rulers: more.rulers ?? [],
});

/** Lines as marks of one kind; what misses the fabric is left out. */
export const marks = (kind: MarkKind, ...lines: readonly (DirectedLine | undefined)[]): Mark[] =>
  lines.flatMap((line) => (line ? [{ kind, from: line.from, to: line.to }] : []));

/** A scene turned clockwise about the origin, by eighths of a circle. */
export const turnedScene = ({ plies, marks: all, press, rulers }: Scene, eighths: number): Scene => ({
  plies: turned(plies, eighths),
  marks: all.map((mark) => ({ ...turnedLine(mark, eighths), kind: mark.kind })),
  press: press.map((line) => turnedLine(line, eighths)),
  rulers: rulers.map((outline) => turned([{ role: '', right: true, outline }], eighths)[0]!.outline as Spot[]),
});

/** Scenes side by side, as far apart as `gap`, level at their middles. */
export function sideBySide(scenes: readonly Scene[], gap: number): Scene {
  let at = 0;
  const all = scenes.map((one) => {
    const [x, y, w, h] = boxOf(one.plies);
    const placed = movedScene(one, at - x, -y - h / 2);
    at += w + gap;
    return placed;
  });
  return {
    plies: all.flatMap((s) => s.plies),
    marks: all.flatMap((s) => s.marks),
    press: all.flatMap((s) => s.press),
    rulers: all.flatMap((s) => s.rulers),
  };
}

function movedScene({ plies, marks: all, press, rulers }: Scene, dx: number, dy: number): Scene {
  const move = ([x, y]: Spot): Spot => [x + dx, y + dy];
  const line = <T extends DirectedLine>(l: T): T => ({ ...l, from: move(l.from), to: move(l.to) });
  return {
    plies: movedBy(plies, dx, dy),
    marks: all.map(line),
    press: press.map(line),
    rulers: rulers.map((r) => r.map(move)),
  };
}

/** An arrow of the iron across the middle of a seam: to its right hand, or to its left where `way` is −1. */
export function pressArrow({ from, to }: DirectedLine, way: 1 | -1, long: number): DirectedLine {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(dx, dy);
  const [ux, uy] = [(-dy / length) * way * long, (dx / length) * way * long];
  const [mx, my] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  return { from: [mx - ux, my - uy], to: [mx + ux, my + uy] };
}
