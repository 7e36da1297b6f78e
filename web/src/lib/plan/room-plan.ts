/** The cutting room's list: what is still to be cut, step by step, whose pieces they are, and what has changed since cutting began. */
import { words as spoken } from './words';
import { shareOut, stepMinutes, type PlanAim } from '@aggrega/core/cutting';
import { formatLength, ratio, type Rational, soldAmount } from '@aggrega/core/measure';
import {
  PlanError,
  demandOf,
  differenceInWords,
  formName,
  kitGroups,
  kitsBySize,
  packetOfMonth,
  piecesOfStep,
  planPacket,
  planRest,
  wayOf,
  type Colourway,
  type CutPiece,
  type Month,
  type Programme,
} from '@aggrega/core/programme';
import { cutNamesOf, planView, stripId, sum, type FabricView, type PlanView, type StripView } from './month-plan';
import { shortName } from './short-name';

export interface RoomStep {
  /** Known by what is cut in it: 'kale 1x2y3z'. */
  id: string;
  fabric: FabricView;
  strip: StripView;
  /** Minutes by the rates. */
  minutes: number;
  gives: CutPiece[];
}

/** What one kit of a size, or the step-outs, hold. */
export interface Share {
  name: string;
  kits: number;
  /** By fabric id and the cut's name: 'kale A1'. */
  holds: ReadonlyMap<string, number>;
}

export interface RoomPlan {
  view: PlanView;
  steps: RoomStep[];
  shares: Share[];
  /** What has changed, in plain words; empty when nothing was cut before. */
  words: string[];
}

type Problems = { ok: false; problems: { path: string; message: string }[] };

interface Asked {
  month: Month;
  colourway: Colourway;
  people: number;
  /** As each fabric is planned for when left out. */
  reading?: PlanAim;
}

/**
 * The kits that the shop cuts into pieces for these people, by size; where all are handed lengths, every kit, as if it did. A packet is cut with
 * its first month where pieces are handed out; else a month is laid out by itself.
 */
function cutting(programme: Programme, { month, colourway, people }: Omit<Asked, 'reading'>) {
  const own = kitGroups(programme, colourway, people).filter((g) => wayOf[g.kind] === 'pieces' && g.kits > 0);
  return {
    months: own.length > 0 ? packetOfMonth(programme, month).months : [month],
    kits: own.length > 0 ? own : kitsBySize(programme, colourway, people).filter((s) => s.kits > 0),
  };
}

/** What is cut when nobody has said: pieces of all kits together where some people are handed them, else a length for each kit. */
export const usualBasis = (programme: Programme, colourway: Colourway, people: number): 'kit' | 'batch' =>
  kitGroups(programme, colourway, people).some((g) => wayOf[g.kind] === 'pieces' && g.kits > 0) ? 'batch' : 'kit';

/** A name for what is asked, whatever was cut before: it changes when a drawing, a method or the head count does. */
export function demandName(programme: Programme, asked: Asked): string {
  const { colourway, people, reading } = asked;
  const demand = demandOf(programme, { colourway, ...cutting(programme, asked), basis: 'batch', participants: people });
  const pieces = demand.flatMap(({ fabric, pieces }) =>
    pieces.map(
      (p) =>
        `${fabric.id} ${fabric.form} ${fabric.usableWidth} ${p.label} ${p.w} ${p.h} ${p.qty} ${p.turnable}${asked.reading || !fabric.planFor ? '' : ` ${fabric.planFor}`}`,
    ),
  );
  return shortName(`${reading ?? 'thriftiest'} ${people} ${pieces.join(';')}`);
}

/** The list for the pieces that are still to be cut. `before`: the kits that cutting so far was for. */
export function roomPlan(
  programme: Programme,
  asked: Asked,
  cut: readonly CutPiece[],
  before?: number,
): ({ ok: true } & RoomPlan) | Problems {
  const { colourway, people, reading } = asked;
  try {
    const { months, kits } = cutting(programme, asked);
    const request = { colourway, months, kits, basis: 'batch' as const, participants: people, reading };
    const plan = planRest(programme, request, cut);
    const view = planView(plan, programme, months);
    const { layers, rates } = programme.house;
    const steps = plan.fabrics.flatMap(({ fabric, plan: cloth }, f) =>
      ('sheets' in cloth ? cloth.sheets : cloth.strips).map((strip, i): RoomStep => ({
        id: `${fabric.id} ${stripId(strip)}`,
        fabric: view.fabrics[f]!,
        strip: view.fabrics[f]!.strips[i]!,
        minutes: stepMinutes(strip, layers, rates),
        gives: piecesOfStep(fabric, strip, cloth, programme),
      })),
    );
    const words = cut.length > 0 ? differenceInWords(programme, plan, before) : [];
    return { ok: true, view, steps, shares: sharesOf(programme, asked), words };
  } catch (error) {
    if (error instanceof PlanError) return { ok: false, problems: error.problems };
    throw error;
  }
}

/** Which of so many hands, from 0, takes a step; so that all are done about together. */
export function handsOf(steps: readonly RoomStep[], hands: number): ReadonlyMap<string, number> {
  const shared = shareOut(steps, (s) => s.minutes, hands);
  return new Map(shared.flatMap((own, hand) => own.map((s): [string, number] => [s.id, hand])));
}

function sharesOf(programme: Programme, asked: Asked): Share[] {
  const { colourway, people } = asked;
  const { months, kits: sizes } = cutting(programme, asked);
  const named = cutNamesOf(programme, colourway, months);
  const common = { colourway, months, participants: people };
  const held = (demand: ReturnType<typeof demandOf>) =>
    new Map(
      demand.flatMap(({ fabric, pieces }) =>
        pieces.map((p): [string, number] => [`${fabric.id} ${named(p.label).name}`, p.qty]),
      ),
    );
  const shares = sizes.map(({ size, kits }): Share => ({
    name: size ? spoken.eachKit(size.name) : sizes.length > 1 ? spoken.eachPlainKit : spoken.eachKit2,
    kits,
    holds: held(demandOf(programme, { ...common, basis: 'kit', size })),
  }));
  // What no kit holds is for the step-outs.
  const rest = held(demandOf(programme, { ...common, kits: sizes, basis: 'batch' }));
  for (const { kits, holds } of shares) for (const [name, n] of holds) rest.set(name, (rest.get(name) ?? 0) - n * kits);
  const stepOuts = new Map([...rest].filter(([, n]) => n > 0));
  return stepOuts.size > 0 ? [...shares, { name: 'the step-outs', kits: 1, holds: stepOuts }] : shares;
}

/** Whose these cuts are: 'each kit 1 × A1, 4 × A2; the step-outs 4 × A1' */
export function whoFor(shares: readonly Share[], fabric: string, cuts: readonly string[]): string {
  return shares
    .flatMap(({ name, holds }) => {
      const own = cuts.flatMap((cut) => {
        const n = holds.get(`${fabric} ${cut}`);
        return n ? [`${n} × ${cut}`] : [];
      });
      return own.length > 0 ? [`${name} ${own.join(', ')}`] : [];
    })
    .join('; ');
}

/** One row of the list of lengths: so many equal lengths of a fabric. */
export interface LengthRow {
  id: string;
  fabric: { id: string; name: string; sku: string; colour: string; roles: string[] };
  who: string;
  /** Lengths still to be cut, and those that were cut before. */
  qty: number;
  cut: number;
  each: string;
  eachYards: string;
  allYards: string;
  /** For cut forms: what to take for each kit. */
  ask?: string;
  gives: CutPiece[];
}

export interface LengthList {
  ok: true;
  /** The months that are handed out together, and whether this month is the first of them. */
  packet: readonly Month[];
  first: boolean;
  rows: LengthRow[];
  /** Fabrics that come with the bundle. */
  bundled: string[];
}

/** A length for each kit of the month's packet, by size option. `cut`: what was cut before. */
export function lengthList(
  programme: Programme,
  { month, colourway, people }: Asked,
  cut: readonly CutPiece[],
): LengthList | Problems {
  const packet = programme.kits.packets.find((months) => months.includes(month)) ?? [month];
  const { unit } = programme;
  const yards = (x: Rational) => soldAmount(x, programme.house);
  const stock = cut.map((c) => ({ ...c }));
  const groups = kitGroups(programme, colourway, people).filter((g) => wayOf[g.kind] === 'lengths' && g.kits > 0);
  // Where all are handed pieces, a length each is what would be cut instead.
  const sizes = groups.length > 0 ? groups : kitsBySize(programme, colourway, people).filter((s) => s.kits > 0);
  const bundled = new Set<string>();
  try {
    const rows = sizes.flatMap(({ size, kits }) => {
      const plan = planPacket(programme, { colourway, months: packet, size });
      for (const f of plan.bundled) bundled.add(f.name);
      const { backing, wadding } = plan.finishing;
      const finishing = [
        ...(backing ? [{ fabric: backing.fabric, roles: [backing.role], use: 'backing', toBuy: backing.toBuy }] : []),
        ...(wadding?.cloth ? [{ fabric: wadding.cloth.fabric, roles: [], use: 'wadding', toBuy: wadding.toBuy! }] : []),
      ];
      const lengths = plan.fabrics.map(({ fabric, roles, plan: cloth }) => ({
        ...{ fabric, roles, use: '' },
        toBuy: 'sheets' in cloth ? ratio(0) : cloth.lengthToBuy,
        sheets: 'sheets' in cloth ? cloth.sheetsNeeded : undefined,
      }));
      return [...lengths, ...finishing.map((f) => ({ ...f, sheets: undefined }))].map((row): LengthRow => {
        const { fabric, roles, use, toBuy, sheets } = row;
        const each = sheets !== undefined ? `${sheets} ${fabric.form}` : formatLength(toBuy, unit);
        // A back and a top of one length are told apart, since each is packed by itself.
        const label = use || 'length';
        // A length serves whoever needs one as long.
        let had = 0;
        for (const have of stock)
          if (have.fabric === fabric.id && have.label === label && have.w === each) {
            const taken = Math.min(have.qty, kits - had);
            had += taken;
            have.qty -= taken;
          }
        const qty = kits - had;
        return {
          id: `${fabric.id} ${use ? `${use} ` : ''}${each} ${size?.id ?? ''} ${qty}`,
          fabric: {
            id: fabric.id,
            name: use ? `${fabric.name} (${use})` : fabric.name,
            sku: fabric.sku,
            colour: fabric.colour,
            roles,
          },
          who: size?.name ?? (sizes.length > 1 ? 'plain' : ''),
          ...{ qty, cut: had, each },
          eachYards: sheets !== undefined ? '' : yards(toBuy),
          allYards: sheets !== undefined ? '' : yards(toBuy.mul(qty)),
          ...(sheets !== undefined && { ask: `${sheets} ${formName(fabric.form, sheets)}` }),
          gives: qty > 0 ? [{ fabric: fabric.id, label, w: each, h: '', qty }] : [],
        };
      });
    });
    const sorted = rows
      .filter((r) => r.qty + r.cut > 0)
      .sort((a, b) => ((a.fabric.roles[0] ?? '~') < (b.fabric.roles[0] ?? '~') ? -1 : 1));
    return { ok: true, packet, first: packet[0] === month, rows: sorted, bundled: [...bundled] };
  } catch (error) {
    if (error instanceof PlanError) return { ok: false, problems: error.problems };
    throw error;
  }
}

/** Minutes of all steps, with each fabric laid out once. */
export function minutesOf(programme: Programme, steps: readonly RoomStep[]): number {
  const fabrics = new Set(steps.map((s) => s.fabric.id)).size;
  return sum(steps.map((s) => s.minutes)) + fabrics * programme.house.rates.fabric;
}
