/** Her sheet step by step, with how far she has come on any of her devices. */
import type { Marks } from '@aggrega/core/running';
import { asOrganisation } from '../db/pool';
import { addMarks, sewingMarks } from '../db/sewing';
import type { OwnPaper } from './own-paper';
import { ownSheet } from './own-sheet';
import { openMonth, releasedFor, type OpenPage } from './participant-page';
import { pageOf } from './private-page';

export interface OwnSteps extends OwnPaper {
  key: string;
  month: string;
  marks: Marks;
  /** The seam allowance, in the programme's unit. */
  seam: number;
}

/** By the key of her page; as ownSheet. */
export async function ownSteps(key: string, month: string): Promise<OwnSteps> {
  const sheet = await ownSheet(key, month);
  const page = await pageOf(key);
  const open = await openMonth(page, month);
  const marks = await asOrganisation(page.organisation, (db) => sewingMarks(db, page.person.id, month, sheet.version));
  return { ...sheet, marks, seam: open!.programme.house.seam.valueOf() };
}

/** Keeps what she marked; false where there is no such sheet that is out. */
export async function keepMarks(
  page: OpenPage,
  { month, version, marks }: { month: string; version: number; marks: Marks },
): Promise<boolean> {
  return asOrganisation(page.organisation, async (db) => {
    const open = (await releasedFor(db, page)).find((r) => r.month === month);
    // A sheet that was corrected meanwhile is still hers to finish.
    if (!open || version > open.version) return false;
    await addMarks(db, page.person.id, { month, version, marks });
    return true;
  });
}
