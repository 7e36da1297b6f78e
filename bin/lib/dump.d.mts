export function writeBackup(url: string, options: { secret: string; file: string }): Promise<void>;
export function restoreBackup(url: string, options: { file: string; replace?: boolean }): Promise<string>;
