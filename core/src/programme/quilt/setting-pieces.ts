/** What is cut for a quilt's setting: all of it or what a month hands out, its backing, and the quilt as the command line prints it. */
import { Exact, formatLength, ratio, toRuler, type Rational } from '../../measure';
import { backingOf, joinedStrips, packagedBatting, type Backing, type PartGroup, type QuiltPart } from '../../setting';
import type { Colourway, Fabric, Month, Programme, SizeOption } from '../document/document';
import { PlanError } from '../document/plan-error';
import type { Quilt } from './quilt';
import { quiltAsCast } from '../casting/scrappy';
import { words } from './words';
import { monthOfSetBlock } from '../document/labels';

/** A piece of the setting as it is cut of one fabric. */
export interface SettingPiece {
  fabric: Fabric;
  role: string;
  /** 'sashing@2 1/2x13 1/2' where one name has several sizes. */
  name: string;
  w: Rational;
  h: Rational;
  qty: number;
  sub: QuiltPart['sub'];
  /** Where the size comes from. */
  exact: QuiltPart['exact'];
  why: QuiltPart['why'];
}

/**
 * What one quilt's setting cuts, without its backing: all of it, or what a month hands out. Throws PlanError where a colourway does not
 * cast a letter of the setting.
 */
export function settingPieces(programme: Programme, colourway: Colourway, size?: SizeOption, month?: Month): SettingPiece[] {
  const setting = size?.setting ?? programme.setting;
  const round = setting?.frame ?? setting?.coping;
  // A month that hands out nothing of the quilt is not stopped by what is wrong with it.
  if (!setting || (month && !round && ![...setting.months.values()].includes(month.id))) return [];
  const quilt = quiltAsCast(programme, colourway, size)!;
  const { parts, binding } = quilt;
  const handedOut = (group: PartGroup | undefined) => !month || (group && setting.months.get(group) === month.id);
  const pieces: Omit<SettingPiece, 'name'>[] = [];
  const names: string[] = [];
  const put = (name: string, piece: Omit<SettingPiece, 'name'>) => {
    names.push(name);
    pieces.push(piece);
  };
  const fabricOf = (role: string) => castOf(programme, colourway, role);
  for (const { name, role, w, h, qty, sub, group, places, joined, exact, why } of parts) {
    const own = group || !month ? qty : share(quilt, places, month);
    if (joined || own === 0 || (group && !handedOut(group))) continue;
    put(name, { fabric: fabricOf(role), role, w, h, qty: own, sub, exact, why });
  }
  if (handedOut('borders'))
    setting.borders.forEach((border, i) => {
      if (border.strips !== 'joined') return;
      const own = parts.filter((p) => p.group === 'borders' && p.number === i + 1);
      const across = own.map((p) => (p.w.compare(p.h) < 0 ? ([p.w, p.h, p.qty] as const) : ([p.h, p.w, p.qty] as const)));
      const long = across.reduce((sum, [, l, n]) => sum.add(l.mul(n)), ratio(0));
      const fabric = fabricOf(border.role);
      const strip = across[0]![0];
      const qty = stripsOf(programme, fabric, long, strip);
      put('border strip', acrossFabric(fabric, border.role, strip, qty, words.finishedWidth2SJoinedOn));
    });
  if (binding && handedOut('binding')) {
    const fabric = fabricOf(binding.role);
    const qty = stripsOf(programme, fabric, binding.length, binding.cut);
    put('binding', acrossFabric(fabric, binding.role, binding.cut, qty, words.asWideAsTheSettingSays));
  }
  return pieces.map((piece, i) => {
    const several = pieces.some((p, j) => names[j] === names[i] && (!p.w.equals(piece.w) || !p.h.equals(piece.h)));
    const write = (x: Rational) => formatLength(x, programme.unit);
    return { ...piece, name: several ? `${names[i]}@${write(piece.w)}x${write(piece.h)}` : names[i]! };
  });
}

/** Strips over the whole width of a fabric. */
function acrossFabric(fabric: Fabric, role: string, strip: Rational, qty: number, formula: string): Omit<SettingPiece, 'name'> {
  const [w, h] = [fabric.usableWidth, strip];
  return { fabric, role, w, h, qty, sub: 'none', exact: [Exact.of(w), Exact.of(h)], why: { formula, where: [] } };
}

/** Pieces that go round this month's blocks. */
function share({ top }: Quilt, places: readonly string[], month: Month): number {
  const own = new Set(top.places.filter((p) => p.block && monthOfSetBlock(p.block.key) === month.id).map((p) => p.at));
  return places.filter((at) => own.has(at)).length;
}

function stripsOf(programme: Programme, fabric: Fabric, length: Rational, strip: Rational): number {
  if (fabric.usableWidth.compare(strip) <= 0) {
    const path = `/fabrics/${programme.fabrics.indexOf(fabric)}/usableWidth`;
    throw new PlanError([{ path, message: words.isNarrowerThanAStripThat(fabric.name) }]);
  }
  return joinedStrips(length, strip, fabric.usableWidth);
}

/** The fabric of a letter of the setting. Throws PlanError. */
function castOf({ colourways }: Programme, colourway: Colourway, role: string): Fabric {
  const fabric = colourway.fabrics.get(role);
  if (fabric) return fabric;
  const path = `/colourways/${colourways.indexOf(colourway)}/fabrics`;
  throw new PlanError([{ path, message: words.roleUsedByTheSettingHas(role, colourway.name) }]);
}

/** Cloth for the back of one quilt. */
export interface BackingCloth extends Backing {
  fabric: Fabric;
  role: string;
}

/** The backing of one quilt, where the setting has one. Throws PlanError. */
export function backingCloth(programme: Programme, colourway: Colourway, size?: SizeOption): BackingCloth | undefined {
  const quilt = quiltAsCast(programme, colourway, size);
  const backing = quilt?.setting.backing;
  if (!quilt || !backing) return undefined;
  const fabric = castOf(programme, colourway, backing.role);
  const cloth = backingOf(quilt.backing.w, quilt.backing.h, { ...backing, width: backing.width ?? fabric.usableWidth });
  return { fabric, role: backing.role, ...cloth };
}

/** Wadding of one quilt, as large as its backing. */
export interface Wadding {
  w: Rational;
  h: Rational;
  /** The smallest size that it is packed in, where there is one. */
  packaged?: { name: string; w: Rational; h: Rational };
  /** What the shop cuts it from; undefined where everybody finds their own. */
  cloth?: Backing & { fabric: Fabric };
}

/** The wadding of one quilt; undefined without a setting. Throws PlanError. */
export function waddingOf(programme: Programme, colourway: Colourway, size?: SizeOption): Wadding | undefined {
  const quilt = quiltAsCast(programme, colourway, size);
  if (!quilt) return undefined;
  const { w, h } = quilt.backing;
  const packaged = packagedBatting(w, h, programme.unit);
  const fabric = programme.fabrics.find((f) => f.id === quilt.setting.wadding?.fabric);
  // Panels of wadding are butted, not seamed.
  const cloth = fabric && { fabric, ...backingOf(w, h, { width: fabric.usableWidth, seam: ratio(0), seams: 'least' }) };
  return { w, h, ...(packaged && { packaged }), ...(cloth && { cloth }) };
}

/** The quilt as the command line prints it (docs/formats.md). Throws PlanError. */
export function quiltContract(programme: Programme, colourway: Colourway, size?: SizeOption) {
  const quilt = quiltAsCast(programme, colourway, size);
  if (!quilt) throw new PlanError([{ path: '/setting', message: words.theProgrammeDoesNotSayYet }]);
  const { unit, house } = programme;
  const { top, parts, binding, backing } = quilt;
  const write = (x: Rational) => formatLength(x, unit);
  const finished = [top.w, top.h];
  const cloth = backingCloth(programme, colourway, size);
  const packaged = packagedBatting(backing.w, backing.h, unit);
  const bindingFabric = binding && castOf(programme, colourway, binding.role);
  return {
    colourway: colourway.id,
    ...(size && { size: size.id }),
    finished: finished.map((side) => write(side.isRational ? side.rational : toRuler(side, house.rounding))),
    ...(finished.some((side) => !side.isRational) && { exact: finished.map(String) }),
    blocks: top.places.length,
    parts: parts.map(({ name, role, w, h, qty, sub, exact, number, mitred, joined }) => ({
      ...{ name, role, w: write(w), h: write(h), qty, sub },
      ...(!(exact[0].equals(w) && exact[1].equals(h)) && { exact: exact.map(String) }),
      ...(number !== undefined && { number }),
      ...(mitred && { corners: 'mitred' }),
      ...(joined && { strips: 'joined' }),
    })),
    ...(binding && {
      binding: {
        ...{ role: binding.role, cut: write(binding.cut), length: write(binding.length) },
        strips: stripsOf(programme, bindingFabric!, binding.length, binding.cut),
      },
    }),
    ...(cloth && {
      backing: {
        ...{ role: cloth.role, w: write(cloth.w), h: write(cloth.h) },
        ...{ seams: cloth.seams, panels: cloth.panels, length: write(cloth.length) },
      },
    }),
    batting: {
      ...{ w: write(backing.w), h: write(backing.h) },
      ...(packaged && { packaged: { name: packaged.name, w: write(packaged.w), h: write(packaged.h) } }),
    },
  };
}
