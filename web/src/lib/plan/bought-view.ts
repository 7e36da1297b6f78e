/** What the account buys of a fabric for one colourway's packet, as words beside a plan. */
import { spoken } from '@aggrega/core/words';
import { words } from './words';
import { ratio, soldText, type Counter } from '@aggrega/core/measure';
import {
  PlanError,
  boughtIn,
  formName,
  packetAccount,
  type Colourway,
  type Programme,
  type ShopCut,
} from '@aggrega/core/programme';

export interface BoughtView {
  /** '6 3/4 yd', '28 fat quarters'. */
  all: string;
  /** '27 × 1/4 yd', 'the pieces of 27 kits, cut together', '27 × 4 1/4 yd for the backing'. */
  parts: string[];
}

/** Undefined where nothing of the fabric is bought with the packet, or where it cannot be planned. `packet` is its place. */
export function boughtView(
  programme: Programme,
  {
    packet,
    colourway,
    fabric,
    people,
  }: { packet: number; colourway: Colourway; fabric: string; people: Record<string, number> },
): BoughtView | undefined {
  try {
    const account = packetAccount(programme, packet, { people, first: true });
    const bought = boughtIn(programme, [account], colourway).find((b) => b.fabric.id === fabric);
    if (!bought) return undefined;
    const cuts = account.cuts.filter((c) => c.fabric.id === fabric && c.colourway === colourway);
    const kits = account.batches.find((b) => b.colourway === colourway)?.kits ?? 0;
    const all =
      bought.pieces > 0
        ? `${bought.pieces} ${formName(bought.fabric.form, bought.pieces)}`
        : soldText(bought.length, programme.house);
    return { all, parts: partsOf(cuts, kits, programme.house) };
  } catch (error) {
    if (error instanceof PlanError) return undefined;
    throw error;
  }
}

const FOR: Partial<Readonly<Record<ShopCut['use'], string>>> = spoken('plan-uses', {
  backing: ' for the backing',
  wadding: ' of wadding',
  'step-outs': ' for the step-outs',
  bundle: ' in the bundle',
});

function partsOf(cuts: readonly ShopCut[], kits: number, counter: Counter): string[] {
  const batch = cuts.filter((c) => c.use === 'strip' || c.use === 'squaring');
  const length = batch.reduce((sum, c) => sum.add(c.length.mul(c.qty)), ratio(0));
  const together = batch.length > 0 ? [words.forThePiecesOfKits(soldText(length, counter), kits)] : [];
  const equal = new Map<string, number>();
  for (const c of cuts) {
    if (batch.includes(c)) continue;
    const each = c.pieces > 0 ? `${c.pieces} ${formName(c.fabric.form, c.pieces)}` : soldText(c.length, counter);
    const words = `${each}${FOR[c.use] ?? ''}`;
    equal.set(words, (equal.get(words) ?? 0) + c.qty);
  }
  return [...together, ...[...equal].map(([words, qty]) => `${qty} × ${words}`)];
}
