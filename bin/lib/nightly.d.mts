export function backupName(at: Date): string;
export function backupsIn(folder: string): string[];
export function momentOf(name: string): Date;
export function backupDue(now: Date, newest: Date | undefined): boolean;
export function proveAndNote(url: string, file: string): Promise<{ made: string; tables: number; rows: number }>;
export function nightlyBackup(
  url: string,
  options: { folder: string; secret: string; keep: number; withoutPictures?: boolean; now?: Date },
): Promise<{ file: string; made: string; tables: number; rows: number }>;
