/**
 * The account of fabric: what a packet hands to whom, what the shop cuts for it and buys, and what that costs in fabric and minutes. Every
 * room that names an amount, a cost or an hour of the cutting room reads it here.
 */
import { words } from './words';
import { wasteOf, type FabricPlan, type SheetPlan } from '../../cutting';
import { ratio, type Rational } from '../../measure';
import type { Colourway, Fabric, Month, Programme } from '../document/document';
import { yardsOf } from '../document/forms';
import { handedOf, type Handed } from '../packets/handed';
import { wayOf } from '../document/document';
import { kitGroups, type KitGroup } from '../demand/kit-groups';
import { planBundles, type Finishing } from '../packets/packets';
import { labourOf, planCutting, type CuttingPlan } from '../plans/plan';
import { handsOut } from '../document/set-blocks';
import { KeptWords } from '../../words';

/** What a cut off the bolt is for. */
export type CutUse = 'kit' | 'strip' | 'squaring' | 'backing' | 'wadding' | 'step-outs' | 'bundle';

/** Something that the shop cuts off a bolt, or takes out of a box of cut forms, so many times. */
export interface ShopCut {
  fabric: Fabric;
  colourway: Colourway;
  use: CutUse;
  /** 'Frost', 'Frost, Double bed'. */
  who: string;
  /** 'Frost: packet 2', as it stands on a bolt's list. */
  label: string;
  /** 0 for a cut form. */
  length: Rational;
  /** Of a cut form, each time; 0 for a length. */
  pieces: number;
  qty: number;
}

export interface PacketAccount {
  /** From 1. */
  number: number;
  months: readonly Month[];
  /** What each sort of person is handed. */
  handed: { group: KitGroup; gets: Handed }[];
  /** Where the shop cuts the pieces: all of a colourway's kits together. */
  batches: CuttingPlan[];
  cuts: ShopCut[];
  /** Area that is bought, in square units of the document, and what becomes of it; the rest are scraps. */
  area: { all: number; sewn: number; kept: number };
  /** At the shop's cutting table, by the rates. */
  minutes: number;
}

export interface AccountQuestion {
  /** Head counts that are tried instead of those enrolled, by colourway. */
  people?: Readonly<Record<string, number>>;
  /** Exactly these kits instead, and no step-outs. */
  groups?: readonly KitGroup[];
  /** Batches by the plan that is found at once, instead of the final one; what is handed to one person is always final. */
  first?: boolean;
}

const known = new KeptWords<Programme, Map<string, PacketAccount>>();

/** The account of one packet, by its place in the programme; worked out once for the same question. Throws PlanError. */
export function packetAccount(programme: Programme, packet: number, question: AccountQuestion = {}): PacketAccount {
  if (question.groups) return accountOf(programme, packet, question);
  const accounts = known.get(programme) ?? new Map<string, PacketAccount>();
  known.set(programme, accounts);
  const heads = programme.colourways.map((c) => question.people?.[c.id] ?? programme.participants.get(c.id) ?? 0);
  const key = [packet, Boolean(question.first), ...heads].join(' ');
  const found = accounts.get(key) ?? accountOf(programme, packet, question);
  accounts.set(key, found);
  return found;
}

/** The accounts of all packets that hand something out, one after the other. Throws PlanError. */
export function* packetAccounts(programme: Programme, question: AccountQuestion = {}): Generator<PacketAccount> {
  for (const [i, months] of programme.kits.packets.entries())
    if (months.some((m) => handsOut(programme, m))) yield packetAccount(programme, i, question);
}

function accountOf(programme: Programme, index: number, { people = {}, groups, first }: AccountQuestion): PacketAccount {
  const months = programme.kits.packets[index]!;
  const account: PacketAccount = {
    ...{ number: index + 1, months, handed: [], batches: [], cuts: [] },
    ...{ area: { all: 0, sewn: 0, kept: 0 }, minutes: 0 },
  };
  for (const colourway of programme.colourways) {
    const own = groups?.filter((g) => g.colourway === colourway) ?? kitGroups(programme, colourway, people[colourway.id]);
    addColourway(programme, account, { colourway, groups: own, stepOuts: !groups, first });
  }
  account.minutes += lengthMinutes(programme, account.cuts);
  return account;
}

function addColourway(
  programme: Programme,
  account: PacketAccount,
  {
    colourway,
    groups,
    stepOuts,
    first,
  }: { colourway: Colourway; groups: readonly KitGroup[]; stepOuts: boolean; first?: boolean },
): void {
  const { months, number } = account;
  const put = (cut: Omit<ShopCut, 'colourway'>) => {
    // What everybody finds for themselves is nothing to the shop.
    if (cut.qty > 0 && !cut.fabric.own && (cut.pieces > 0 || cut.length.compare(0) > 0))
      account.cuts.push({ ...cut, colourway });
  };
  for (const group of groups) {
    const gets = handedOf(programme, { colourway, months, size: group.size, kind: group.kind });
    account.handed.push({ group, gets });
    if (group.kits === 0) continue;
    const who = groupName(group);
    if (gets.way === 'lengths')
      addLengths(gets.packet.fabrics, { who, qty: group.kits, use: 'kit', label: words.packet(who, number) });
    addFinishing(gets.finishing, who, group.kits);
    if (gets.way === 'lengths' && number === firstPacket(programme)) addBundle(group, who);
  }
  const cut = groups.filter((g) => wayOf[g.kind] === 'pieces' && g.kits > 0);
  const request = { colourway, months, basis: 'batch' as const, participants: cut.reduce((n, g) => n + g.people, 0), first };
  if (cut.length > 0) {
    const plan = planCutting(programme, { ...request, kits: cut, stepOuts: stepOuts ? 'too' : 'none' });
    account.batches.push(plan);
    addBatch(plan);
  } else if (stepOuts && groups.some((g) => g.kits > 0)) {
    const plan = planCutting(programme, { ...request, kits: [], stepOuts: 'alone' });
    const who = words.stepOuts(colourway.name);
    addLengths(plan.fabrics, { who, qty: 1, use: 'step-outs', label: words.packet(who, number) });
    for (const f of plan.fabrics) account.minutes += f.fabric.own ? 0 : labourOf(programme, f.plan).minutes;
  }

  function addLengths(
    fabrics: readonly { fabric: Fabric; plan: FabricPlan | SheetPlan }[],
    cut: Pick<ShopCut, 'who' | 'qty' | 'use' | 'label'>,
  ): void {
    for (const { fabric, plan } of fabrics) {
      if ('sheets' in plan) put({ fabric, ...cut, length: ratio(0), pieces: plan.sheetsNeeded });
      else put({ fabric, ...cut, length: plan.lengthToBuy, pieces: 0 });
      addArea(fabric, plan, cut.qty);
    }
  }

  function addFinishing({ backing, wadding }: Finishing, who: string, qty: number): void {
    const label = (use: 'backing' | 'wadding') => words.part(words.packet(who, number), words[use]);
    const parts = [
      ...(backing ? [{ use: 'backing' as const, fabric: backing.fabric, length: backing.toBuy, covers: backing }] : []),
      ...(wadding?.cloth
        ? [{ use: 'wadding' as const, fabric: wadding.cloth.fabric, length: wadding.toBuy!, covers: wadding }]
        : []),
    ];
    for (const { use, fabric, length, covers } of parts) {
      put({ fabric, use, who, label: label(use), length, pieces: 0, qty });
      // What a back leaves beside it is one long piece: worth keeping.
      const [all, sewn] = [length.mul(fabric.usableWidth).valueOf(), covers.w.mul(covers.h).valueOf()];
      count(fabric, { all, sewn: Math.min(all, sewn), kept: Math.max(0, all - sewn) }, qty);
    }
  }

  /** The bundle is handed out once; what of it is sewn follows from all months. */
  function addBundle({ size, kits: qty }: KitGroup, who: string): void {
    const area = (boxes: readonly { w: Rational; h: Rational }[]) => boxes.reduce((n, b) => n + b.w.mul(b.h).valueOf(), 0);
    for (const { fabric, plan } of planBundles(programme, { colourway, size })) {
      put({ fabric, use: 'bundle', who, label: words.bundle(who), length: ratio(0), pieces: plan.sheets, qty });
      const all = plan.sheets * plan.usableWidth.mul(plan.usableLength).valueOf();
      const sewn = plan.months.reduce((n, m) => n + area(m.cuts), 0);
      count(fabric, { all, sewn, kept: area(plan.months.at(-1)?.remainders ?? []) }, qty);
    }
  }

  function addBatch(plan: CuttingPlan): void {
    for (const { fabric, plan: cloth } of plan.fabrics) {
      const who = colourway.name;
      const label = words.packet(who, number);
      if ('sheets' in cloth) put({ fabric, use: 'kit', who, label, length: ratio(0), pieces: cloth.sheetsNeeded, qty: 1 });
      else {
        cloth.strips.forEach(({ length, repeat }, i) =>
          put({ fabric, use: 'strip', who, label: words.strip(label, i + 1), length, pieces: 0, qty: repeat }),
        );
        const rest = cloth.lengthToBuy.sub(cloth.lengthNeeded);
        put({ fabric, use: 'squaring', who, label: words.part(label, words.squaring), length: rest, pieces: 0, qty: 1 });
      }
      addArea(fabric, cloth, 1);
      account.minutes += fabric.own ? 0 : labourOf(programme, cloth).minutes;
    }
  }

  function addArea(fabric: Fabric, plan: FabricPlan | SheetPlan, times: number): void {
    const wide = plan.usableWidth.valueOf();
    const cutUp = 'sheets' in plan ? plan.sheetsNeeded * plan.usableLength.valueOf() : plan.lengthNeeded.valueOf();
    // Beyond what is cut lies what squares the end, and what the selling step leaves.
    const reserve = 'sheets' in plan ? 0 : plan.lengthToBuy.sub(plan.lengthNeeded).valueOf();
    const left = Math.max(0, reserve - programme.house.allowance.valueOf());
    const keep = wasteOf(plan, programme.unit).keep.reduce((n, r) => n + r.qty * r.w.mul(r.h).valueOf(), 0);
    count(fabric, { all: (cutUp + reserve) * wide, sewn: cutUp * wide * plan.yield, kept: keep + left * wide }, times);
  }

  function count(fabric: Fabric, { all, sewn, kept }: PacketAccount['area'], times: number): void {
    if (fabric.own) return;
    account.area.all += all * times;
    account.area.sewn += sewn * times;
    account.area.kept += kept * times;
  }
}

/** The number of the first packet that hands something out. */
const firstPacket = (programme: Programme) =>
  programme.kits.packets.findIndex((months) => months.some((m) => handsOut(programme, m))) + 1;

/** 'Frost', or 'Frost, Double bed'. */
export const groupName = ({ colourway, size }: Pick<KitGroup, 'colourway' | 'size'>): string =>
  size ? `${colourway.name}, ${size.name}` : colourway.name;

/** Lengths are measured off, cut and folded one by one; each fabric is laid out once. */
function lengthMinutes({ house: { rates } }: Programme, cuts: readonly ShopCut[]): number {
  const own = cuts.filter((c) => c.use === 'kit' || c.use === 'backing' || c.use === 'wadding' || c.use === 'bundle');
  const lengths = own.filter((c) => c.length.compare(0) > 0);
  const times = lengths.reduce((n, c) => n + c.qty, 0);
  const counted = own.filter((c) => c.pieces > 0).reduce((n, c) => n + c.pieces * c.qty, 0);
  const laid = new Set(lengths.map((c) => c.fabric)).size;
  return laid * rates.fabric + times * (rates.setting + rates.pass + rates.strip) + counted * rates.strip;
}

/** What is bought of one fabric: a length, or pieces of a cut form. */
export interface Bought {
  fabric: Fabric;
  length: Rational;
  pieces: number;
}

/** What is bought of each fabric, in the order of the programme's fabrics. */
export function boughtIn(programme: Programme, accounts: readonly Pick<PacketAccount, 'cuts'>[], of?: Colourway): Bought[] {
  const found = new Map<Fabric, Bought>();
  for (const { cuts } of accounts)
    for (const { fabric, colourway, length, pieces, qty } of cuts) {
      if (of && colourway !== of) continue;
      const known = found.get(fabric) ?? { fabric, length: ratio(0), pieces: 0 };
      found.set(fabric, { fabric, length: known.length.add(length.mul(qty)), pieces: known.pieces + pieces * qty });
    }
  const place = (b: Bought) => programme.fabrics.indexOf(b.fabric);
  return [...found.values()].sort((a, b) => place(a) - place(b));
}

/** A yard in the document's unit: prices are per yard, in a metric house as well. */
export const yardIn = (unit: Programme['unit']) => (unit === 'in' ? 36 : 91.44);

/** What an amount of a fabric costs; undefined without a price, and for forms that are not cut from yards. */
export function costOf({ fabric, length, pieces }: Bought, { unit }: Pick<Programme, 'unit'>): number | undefined {
  if (fabric.own) return 0;
  if (fabric.pricePerYard === undefined) return undefined;
  const yards = pieces > 0 ? yardsOf(fabric.form) : 0;
  return yards === undefined ? undefined : (length.valueOf() / yardIn(unit) + pieces * yards) * fabric.pricePerYard;
}

/** What everything costs together; undefined while a fabric has no price. */
export function costOfAll(bought: readonly Bought[], programme: Pick<Programme, 'unit'>): number | undefined {
  return bought.reduce<number | undefined>((sum, b) => {
    const own = costOf(b, programme);
    return sum === undefined || own === undefined ? undefined : sum + own;
  }, 0);
}

/** A fat quarter counts as the quarter of a yard that it is sold as; a form that is not cut from yards as its own length. */
export function lengthOfAll({ fabric, length, pieces }: Bought, unit: Programme['unit']): number {
  const each = yardsOf(fabric.form);
  return length.valueOf() + pieces * (each ? each * yardIn(unit) : (fabric.usableLength?.valueOf() ?? 0));
}
