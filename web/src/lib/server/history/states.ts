/** A programme as it was after one of its saves: its document, and its quilt as a picture. */
import type { ProgrammeFile } from '@aggrega/core/programme';
import { listRevision } from '../db/documents';
import { asOrganisation } from '../db/pool';
import { programmeId } from '../db/programmes';
import { revisionTime } from '../db/records';
import { quiltDrawing } from '../quilt/quilt-files';
import type { FoundFile } from '../web/file-answer';
import { words } from './words';

export interface ProgrammeState {
  document: ProgrammeFile;
  at: Date;
  /** Who saved it; null for what runs by the clock. */
  by: string | null;
}

/** The state after the save of that number; undefined where there is none. */
export const stateOf = (organisation: string, slug: string, revision: number): Promise<ProgrammeState | undefined> =>
  asOrganisation(organisation, async (db) => {
    const id = await programmeId(db, slug);
    const document = id && (await listRevision(db, id, revision));
    const time = id && document && (await revisionTime(db, id, revision));
    return time ? { document: document!, ...time } : undefined;
  });

/** The quilt of that state, as SVG; it never changes. */
export async function statePicture(organisation: string, slug: string, revision: number): Promise<FoundFile> {
  const document = await asOrganisation(organisation, async (db) => {
    const id = await programmeId(db, slug);
    return id && listRevision(db, id, revision);
  });
  if (!document) return { status: 404, message: words.weCantFindThatSave };
  return quiltDrawing(document, { name: `${slug}-${revision}` });
}
