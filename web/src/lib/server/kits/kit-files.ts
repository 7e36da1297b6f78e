/** Labels and lists of kits, on paper and for the label printer. */
import { words } from './words';
import { createHash } from 'node:crypto';
import { mkdir, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { listed } from '@aggrega/core/measure';
import { PlanError, type KitKind, type Month, type Programme } from '@aggrega/core/programme';
import { kitContents, type KitLabel } from '@aggrega/core/sheet';
import { writeTable } from '@aggrega/core/table';
import { labelSvg, labelsPdf } from '@aggrega/paper/labels';
import { kitCode, kitStateNames, packetName, sortName } from '$lib/kits/kit-words';
import { now } from '../clock';
import type { KitRow } from '../db/kits';
import type { FoundFile } from '../web/file-answer';
import { kitList } from './kits';
import { programmeOf } from '../programme/programmes';
import { everybody } from '../participants/roster';
import { readingOf } from '$lib/ask/reading';

interface Asked {
  slug: string;
  month: string;
  /** Only this colourway's. */
  colourway?: string;
}

async function labelsOf(organisation: string, { slug, month, colourway }: Asked): Promise<KitLabel[] | FoundFile> {
  const missing = { status: 404, message: words.thereAreNoSuchKits } as const;
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  const rows = await kitList(organisation, slug, month);
  if (!reading?.ok || !rows) return missing;
  const { programme } = reading;
  const kinds = new Map((await everybody(organisation, slug)).map((p) => [p.id, p.kit]));
  const contents = new Map<string, string[]>();
  try {
    return rows
      .filter((row) => row.state !== 'handed' && (!colourway || row.colourway === colourway))
      .map((row) => labelOf(programme, row, kinds.get(row.participant) || programme.kits.kind, contents));
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.problems.map((p) => p.message).join('; ') };
    throw error;
  }
}

/** Kits of one sort have the same contents: worked out once. */
function labelOf(programme: Programme, row: KitRow, kind: KitKind, known: Map<string, string[]>): KitLabel {
  const months = programme.kits.packets.find((p) => p[0]!.id === row.month)!;
  const colourway = programme.colourways.find((c) => c.id === row.colourway)!;
  const size = programme.sizes.find((s) => s.id === row.size);
  const sort = [row.month, row.colourway, row.size, kind].join('\n');
  const contents = known.get(sort) ?? kitContents(programme, { months, colourway, size, kind });
  known.set(sort, contents);
  return {
    name: row.name,
    programme: programme.title,
    made: sortName(programme, row.colourway, row.size),
    // By number: a label may be in her hands before the month is out.
    months: monthNumbers(programme, months),
    contents,
    code: kitCode(row.month, row.participant),
  };
}

const monthNumbers = (programme: Programme, months: readonly Month[]): string =>
  `${months.length === 1 ? words.month : words.months} ${listed(months.map((m) => String(programme.months.indexOf(m) + 1)))}`;

/** Labels of a packet's kits that are not handed over, as PDF. */
export async function labelsFile(organisation: string, asked: Asked, page: 'A4' | 'letter'): Promise<FoundFile> {
  const labels = await labelsOf(organisation, asked);
  if (!Array.isArray(labels)) return labels;
  const title = `${labels[0]?.programme ?? words.kits}: labels`;
  const body = new Uint8Array(await labelsPdf(labels, { page, title, created: now() }));
  return { body, type: 'application/pdf', name: `${asked.slug}-${asked.month}-labels.pdf` };
}

/** A packet's kits as CSV: whose, of what sort, how far. */
export async function kitsFile(organisation: string, slug: string, month: string): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  const rows = await kitList(organisation, slug, month);
  if (!reading?.ok || !rows) return { status: 404, message: words.thereAreNoSuchKits };
  const { programme } = reading;
  const day = (at: Date | null) => at?.toISOString().slice(0, 10) ?? '';
  const lines = rows.map((r) => [
    ...[
      r.name,
      packetName(programme, r.month),
      sortName(programme, r.colourway, ''),
      r.size && sortName(programme, '', r.size),
    ],
    ...[
      r.handing,
      r.address,
      kitStateNames[r.state],
      day(r.cut),
      day(r.packed),
      day(r.handed),
      kitCode(r.month, r.participant),
    ],
  ]);
  const head = ['name', 'months', 'colourway', 'size', 'by', 'address', 'state', 'cut', 'packed', 'handed over', 'code'];
  return { body: writeTable([head, ...lines]), type: 'text/csv; charset=utf-8', name: `${slug}-${month}-kits.csv` };
}

/**
 * Hands labels to the label printer. The stand-in for it writes what it would print into the `label-printer` folder outside, one SVG for each label;
 * how many, or why none.
 */
export async function printLabels(organisation: string, asked: Asked): Promise<{ printed: number } | FoundFile> {
  const labels = await labelsOf(organisation, asked);
  if (!Array.isArray(labels)) return labels;
  const folder = join(process.env.AGGREGA_OUTSIDE || join(process.cwd(), '.data', 'outside'), 'label-printer');
  await mkdir(folder, { recursive: true });
  for (const label of labels) {
    const svg = labelSvg(label);
    const name = `${label.code.replace(/[^a-z0-9]+/gi, '-')}-${createHash('sha256').update(svg).digest('hex').slice(0, 8)}.svg`;
    await writeFile(join(folder, `.${name}`), svg);
    await rename(join(folder, `.${name}`), join(folder, name));
  }
  return { printed: labels.length };
}
