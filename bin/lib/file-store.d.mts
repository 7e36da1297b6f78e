export interface FileStore {
  bucket: string;
  stop(): Promise<unknown>;
}
export function serveFiles(options: { folder: string; key: string; secret: string; port?: number }): Promise<FileStore>;
