/** What a participant cuts: the pieces of all units, equal ones in one row. */
import { toRuler } from '../measure';
import type { Cut, UnitPlan } from './construct';
import type { SewingStyle } from './style';
import { PER_SQUARE, lieInBlock } from './units/unit-kind';

interface Context {
  style: SewingStyle;
  directional: ReadonlySet<string>;
  /** The units that a loose piece is sewn into. */
  around: Map<UnitPlan, Set<UnitPlan>>;
}

/** Equal cuts of one role become one row; rows are numbered by role, largest first. */
export function gatherCuts(units: UnitPlan[], { style, directional, around }: Context): Cut[] {
  const rows = new Map<string, Cut & { needs: number }>();
  for (const unit of units) {
    // What another block has left over takes no fabric.
    if (unit.batches === 0) continue;
    for (const piece of unit.recipe.pieces) {
      const fixed = directional.has(piece.role);
      // Without a direction the long side is named first; with one, w stays the extent along x as the unit lies.
      const standing = fixed ? lieInBlock(unit.seen).eighths % 4 > 1 : piece.w.compare(piece.h) < 0;
      const exact = standing ? ([piece.h, piece.w] as const) : ([piece.w, piece.h] as const);
      const [w, h] = [toRuler(exact[0], style.rounding), toRuler(exact[1], style.rounding)];
      const shape = piece.template ? `${piece.reversed ? 'reversed' : ''} ${JSON.stringify(piece.template.cut)}` : '';
      const key = [piece.role, w, h, piece.sub, shape].join(' ');
      let row = rows.get(key);
      if (!row) {
        const { role, sub, why, template, reversed } = piece;
        row = { label: '', role, w, h, exact, qty: 0, needs: 0, sub, over: 0, for: [], serves: [], why, template, reversed };
        rows.set(key, row);
      }
      row.needs += piece.needs * unit.batches;
      row.serves.push(unit, ...(unit.recipe.mirrored !== undefined && unit.twin ? [unit.twin] : []));
    }
  }
  const cuts = [...rows.values()].sort(
    (a, b) => (a.role < b.role ? -1 : a.role > b.role ? 1 : 0) || b.w.mul(b.h).compare(a.w.mul(a.h)) || b.w.compare(a.w),
  );
  const count = new Map<string, number>();
  return cuts.map(({ needs, ...cut }) => {
    count.set(cut.role, (count.get(cut.role) ?? 0) + 1);
    const qty = Math.ceil(needs / PER_SQUARE[cut.sub]);
    const named = cut.serves.flatMap((u) => (u.label ? [u] : [...(around.get(u) ?? [])]));
    return {
      ...cut,
      label: `${cut.role}${count.get(cut.role)}`,
      qty,
      over: qty * PER_SQUARE[cut.sub] - needs,
      for: [...new Set(named.map((u) => u.label))],
      serves: [...new Set(cut.serves)],
    };
  });
}
