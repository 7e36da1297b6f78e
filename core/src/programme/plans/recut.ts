/**
 * Planning on when some of it is cut (docs/craft.md, Kits and packets): what was cut stays cut, a changed head count plans only what is still to be cut, and the
 * difference is said in plain words.
 */
import { labourOf as labour, type FabricPlan, type SheetPlan } from '../../cutting';
import { formatLength, parseLength, ratio, type Rational, soldText, usualStep } from '../../measure';
import { demandOf, type FabricDemand } from '../demand/demand';
import type { Fabric, Programme } from '../document/document';
import { PlanError } from '../document/plan-error';
import { backingsOf, kitsIn, planPieces, readingOf, type CuttingPlan, type PlanRequest } from './plan';
import { words as said } from './words';

/** Pieces that were cut: by fabric, label and size as written, since a piece of another size is another piece. */
export interface CutPiece {
  fabric: string;
  label: string;
  w: string;
  h: string;
  qty: number;
}

export interface Recut extends CuttingPlan {
  /** Of what was cut before, what this plan uses. */
  used: CutPiece[];
  /** What was cut before and is wanted no more: people left, or a size has changed. */
  over: CutPiece[];
}

/** The plan for what is still to be cut. Throws PlanError. */
export function planRest(programme: Programme, request: PlanRequest, cut: readonly CutPiece[]): Recut {
  const used: CutPiece[] = [];
  const stock = cut.map((piece) => ({ ...piece, free: piece.qty }));
  const problems: PlanError['problems'] = [];
  const write = (x: Rational) => formatLength(x, programme.unit);
  const fabrics = demandOf(programme, request).flatMap(({ fabric, roles, pieces }: FabricDemand) => {
    const rest = pieces.map((piece) => {
      let { qty } = piece;
      for (const have of stock) {
        if (have.free === 0 || have.fabric !== fabric.id || have.label !== piece.label) continue;
        if (have.w !== write(piece.w) || have.h !== write(piece.h)) continue;
        const taken = Math.min(qty, have.free);
        qty -= taken;
        have.free -= taken;
        if (taken > 0) used.push({ fabric: fabric.id, label: have.label, w: have.w, h: have.h, qty: taken });
      }
      return { ...piece, qty };
    });
    try {
      return [{ fabric, roles, plan: planPieces(programme, fabric, rest, request) }];
    } catch (error) {
      if (!(error instanceof PlanError)) throw error;
      problems.push(...error.problems);
      return [];
    }
  });
  if (problems.length > 0) throw new PlanError(problems);
  const over = stock.filter((s) => s.free > 0).map(({ free, ...piece }) => ({ ...piece, qty: free }));
  const participants = request.basis === 'kit' ? 1 : request.participants;
  return {
    ...{ colourway: request.colourway, basis: request.basis, reading: readingOf(request, fabrics), participants },
    kits: kitsIn(programme, request),
    ...{ fabrics, used, over: together(over), backings: backingsOf(programme, request) },
  };
}

/** The pieces that one step of a plan gives: all repeats of a strip. */
export function piecesOfStep(
  fabric: Fabric,
  { rects, repeat }: FabricPlan['strips'][number],
  plan: FabricPlan | SheetPlan,
  { unit }: Programme,
): CutPiece[] {
  const sizes = new Map(plan.demand.map((p) => [p.label, p]));
  return together(
    rects.map(({ label }) => {
      const { w, h } = sizes.get(label)!;
      return { fabric: fabric.id, label, w: formatLength(w, unit), h: formatLength(h, unit), qty: repeat };
    }),
  );
}

/** Equal pieces in one entry. */
export function together(pieces: readonly CutPiece[]): CutPiece[] {
  const found = new Map<string, CutPiece>();
  for (const piece of pieces) {
    const key = JSON.stringify([piece.fabric, piece.label, piece.w, piece.h]);
    const same = found.get(key);
    if (same) same.qty += piece.qty;
    else found.set(key, { ...piece });
  }
  return [...found.values()];
}

/**
 * What has changed since cutting began, in plain sentences: kits more or fewer, what stays, what is still to be cut, what has come over.
 * `before`: the kits that the cutting so far was for, where that is known.
 */
export function differenceInWords(programme: Programme, plan: Recut, before: number | undefined): string[] {
  const words: string[] = [];
  const stays = plan.used.reduce((n, p) => n + p.qty, 0);
  const change = before === undefined ? 0 : plan.kits - before;
  if (change !== 0)
    words.push(
      said.thanWhenCuttingBeganNot(said.kits(Math.abs(change)), change > 0 ? said.more : said.fewer, plan.kits, before),
    );
  if (stays > 0) words.push(said.alreadyCutWillBeUsed(said.pieces(stays)));
  const strips = plan.fabrics.reduce((n, f) => n + labour({ strips: stripsOf(f.plan), settings: 0 }, 1).strips, 0);
  const length = plan.fabrics.reduce((sum, { plan: p }) => ('sheets' in p ? sum : sum.add(p.lengthNeeded)), ratio(0));
  const step = parseLength(usualStep(programme.house), programme.unit);
  const yards = soldText(length.div(step).ceil().mul(step), programme.house);
  words.push(strips === 0 ? said.thereIsNothingMoreToCut : said.stillToCutAboutOfFabric(said.strips(strips), yards));
  if (plan.over.length > 0) {
    const some = plan.over.map(
      (p) => `${p.qty} ${p.label.slice(p.label.indexOf(':') + 1).replace(':', ' ')} (${p.w} × ${p.h})`,
    );
    words.push(
      said.sparePutWithTheSpares(some.join(', '), plan.over.length === 1 && plan.over[0]!.qty === 1 ? said.it : said.them),
    );
  }
  return words;
}

const stripsOf = (plan: FabricPlan | SheetPlan) => ('sheets' in plan ? plan.sheets : plan.strips);
