export function writeBackup(
  url: string,
  options: { secret: string; file: string; withoutPictures?: boolean },
): Promise<{ pictures: number; left: number }>;
export function restoreBackup(url: string, options: { file: string; replace?: boolean }): Promise<string>;
export function proveBackup(
  url: string,
  file: string,
): Promise<{ made: string; tables: number; rows: number; differences: string[] }>;
