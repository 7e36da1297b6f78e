/** What a participant lays out for a month that is out: its blocks' units in her fabrics. */
import { words } from './words';
import { error } from '@sveltejs/kit';
import { layoutOf, type Layout } from '@aggrega/core/eye';
import { averageColour } from '@aggrega/core/fabric';
import { constructMonthBlock, monthTitle } from '@aggrega/core/programme';
import { openMonth } from './participant-page';
import { pageOf } from './private-page';

export interface OwnLayout {
  name: string;
  layout: Layout;
}

export interface OwnLayouts {
  key: string;
  month: string;
  /** The month's. */
  name: string;
  blocks: OwnLayout[];
  /** By letter: the fabric as the eye sees it, and what it is called. */
  fabrics: { letter: string; colour: string; name: string }[];
}

/** By the key of her page; 404 where the month is not out. */
export async function ownLayouts(key: string, month: string): Promise<OwnLayouts> {
  const page = await pageOf(key);
  const open = await openMonth(page, month);
  const found = open?.programme.months.find((m) => m.id === month);
  const colourway = open?.programme.colourways.find((c) => c.id === page.person.colourway);
  if (!open || !found || !colourway) error(404, words.thisMonthIsNotOut);
  const blocks = found.blocks.map((entry) => ({
    name: entry.block.name,
    layout: layoutOf(constructMonthBlock(open.programme, entry, colourway)),
  }));
  const fabrics = [...colourway.fabrics].map(([letter, { colour, print, name }]) => ({
    ...{ letter, name, colour: averageColour(colour, print) },
  }));
  return { key, month, name: monthTitle(found), blocks, fabrics };
}
