/** Scrappy quilts for everybody out of what lies on the shelf: how often each fabric may be used. */
import { listed } from '../../measure';
import { applyChanges } from '../changes/changes';
import { scatterChange } from '../changes/cast-changes';
import type { Fabric, ProgrammeFile } from '../document/document';
import { readProgramme } from '../reading/read';
import { scatteredOf } from '../casting/scrappy';
import { planStock } from './stock';
import { words } from './words';

/** Rounds of planning everybody's cloth; each lowers the limit of every fabric that is short. */
const ROUNDS = 12;

export interface WithinStock {
  /** How often each fabric may be used in a plain quilt, by its id; those that are not short have no limit. */
  most: Record<string, number>;
  /** Why it cannot be had, in a sentence; undefined where nothing of the pools needs to be ordered. */
  short?: string;
}

/**
 * Limits with which no fabric of a colourway's pools is ordered: everybody's packets are planned on the real lengths, and what is short is
 * used less often, until the shelf is enough or the pools have nothing else to give. Throws PlanError.
 */
export function withinStock(file: ProgrammeFile, colourwayId: string, progress?: (share: number) => void): WithinStock {
  let most: Record<string, number> = {};
  for (let round = 0; round < ROUNDS; round += 1) {
    const changed = applyChanges(file, [scatterChange(file, colourwayId, { most })]);
    const reading = readProgramme('file' in changed ? changed.file : file);
    if (!reading.ok) throw new Error(`${reading.errors[0]!.path} ${reading.errors[0]!.message}`);
    const { programme } = reading;
    const colourway = programme.colourways.find((c) => c.id === colourwayId)!;
    const used = new Map<string, number>();
    for (const uses of scatteredOf(programme, colourway)?.used.values() ?? [])
      for (const { fabric, times } of uses) used.set(fabric.id, (used.get(fabric.id) ?? 0) + times);
    const packets = programme.kits.packets.map((_, i) => i);
    const stock = planStock(programme, { packets });
    const lacking = stock.filter((s) => used.has(s.fabric.id) && (s.order.length.compare(0) > 0 || (s.order.pieces ?? 0) > 0));
    if (lacking.length === 0) return { most };
    const over = lacking.filter((s) => (most[s.fabric.id] ?? Infinity) < used.get(s.fabric.id)!);
    if (over.length > 0 || lacking.every((s) => most[s.fabric.id] === 0)) return { most, short: sentence(lacking) };
    const lowered = { ...most };
    for (const { fabric, shelf, wanted } of lacking) {
      const now = used.get(fabric.id)!;
      const fits = fabric.form === 'yardage' && wanted.compare(0) > 0 ? (now * shelf.valueOf()) / wanted.valueOf() : 0;
      lowered[fabric.id] = Math.max(0, Math.min(now - 1, Math.floor(fits)));
    }
    most = lowered;
    progress?.((round + 1) / ROUNDS);
  }
  return { most, short: words.noLimitsWereFoundInTime };
}

function sentence(lacking: readonly { fabric: Fabric }[]): string {
  const names = listed(lacking.map((s) => s.fabric.name));
  return words.theShelfHasTooLittleFor(names);
}
