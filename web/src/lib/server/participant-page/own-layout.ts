/** What a participant lays out for a month that is out: its blocks' units in her fabrics. */
import { words } from './words';
import { error } from '@sveltejs/kit';
import { layoutOf } from '@aggrega/core/eye';
import { averageColour } from '@aggrega/core/fabric';
import type { MadeSlip } from '@aggrega/core/practice';
import { constructMonthBlock, monthTitle, PlanError, quiltLayout, type Month } from '@aggrega/core/programme';
import type { ClothOf, ToLay } from '$lib/practice/laid';
import { randomInt } from 'node:crypto';
import { now } from '../clock';
import { layoutCounts, noteLayout, setTells, type FoundSlip } from '../db/layout-checks';
import { asOrganisation } from '../db/pool';
import { openMonth, releasedFor, type OpenPage, type ReleasedMonth } from './participant-page';
import { pageOf } from './private-page';

export interface OwnLayouts {
  key: string;
  month: string;
  /** The month's. */
  name: string;
  /** Whether the organiser is told what her checks find. */
  tells: boolean;
  blocks: ToLay[];
  fabrics: ClothOf[];
  /** What was laid wrong most, by block. */
  seen: Record<string, MadeSlip[]>;
  /** What the first deal of a practice hangs on. */
  seed: number;
}

/** By the key of her page; 404 where the month is not out. */
export async function ownLayouts(key: string, month: string): Promise<OwnLayouts> {
  const page = await pageOf(key);
  const open = await openMonth(page, month);
  const found = open?.programme.months.find((m) => m.id === month);
  const colourway = open?.programme.colourways.find((c) => c.id === page.person.colourway);
  if (!open || !found || !colourway) error(404, words.thisMonthIsNotOut);
  const blocks = found.blocks.map((entry): ToLay => ({
    ...{ id: entry.key, name: entry.block.name },
    layout: layoutOf(constructMonthBlock(open.programme, entry, colourway)),
  }));
  const fabrics = [...colourway.fabrics].map(([letter, { colour, print, name }]) => ({
    ...{ letter, name, colour: averageColour(colour, print) },
  }));
  const { person } = page;
  const quilt = ownQuilt(open, person.size);
  return {
    ...{ key, month, name: monthTitle(found), tells: person.tells, fabrics, seed: randomInt(2 ** 31) },
    seen: await slipsSeen(page, found),
    blocks: quilt ? [...blocks, quilt] : blocks,
  };
}

/** So many kinds of slips of a block are dealt more often. */
const MOST_SEEN = 4;

/** By block: the slip that its sheet asks for, and what was laid wrong most by those who tell it. Whose slips they are is not told. */
async function slipsSeen({ organisation, slug }: OpenPage, { id: month, blocks }: Month): Promise<Record<string, MadeSlip[]>> {
  const told = await asOrganisation(organisation, (db) => layoutCounts(db, slug, { month, person: '' }));
  return Object.fromEntries(
    blocks.map(({ key, style }) => {
      const asked = style.slip ? [{ unit: '', ...style.slip }] : [];
      const found = told.find(({ block }) => block === key)?.found ?? [];
      return [key, [...asked, ...found.slice(0, MOST_SEEN).map(({ unit, kind }) => ({ unit, kind }))]];
    }),
  );
}

/** Her quilt, as far as its rows are out. */
function ownQuilt({ programme, out }: ReleasedMonth, size: string): ToLay | undefined {
  try {
    const layout = quiltLayout(
      programme,
      programme.sizes.find((s) => s.id === size),
      out,
    );
    return layout && { name: layout.whole ? words.theQuilt : words.theQuiltSoFar(layout.rows.length), layout };
  } catch (error) {
    // A quilt that cannot be set yet is not laid out.
    if (error instanceof PlanError) return undefined;
    throw error;
  }
}

/** Whether she tells what her checks find; when she no longer does, what she told is forgotten. */
export const setTelling = (page: OpenPage, tells: boolean): Promise<void> =>
  asOrganisation(page.organisation, (db) => setTells(db, page.person.id, tells));

/** What a check of one block found; nothing is kept of who does not tell. False where there is no such block in a month that is out. */
export async function tellLayout(
  page: OpenPage,
  { month, block, found }: { month: string; block: string; found: readonly FoundSlip[] },
): Promise<boolean> {
  return asOrganisation(page.organisation, async (db) => {
    const open = (await releasedFor(db, page)).find((r) => r.month === month);
    const entry = open?.programme.months.find((m) => m.id === month)?.blocks.find((b) => b.key === block);
    if (entry) await noteLayout(db, page.person.id, { month, block, found, at: now() });
    return entry !== undefined;
  });
}
