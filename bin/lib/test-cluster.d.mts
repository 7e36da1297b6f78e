export interface TemporaryCluster {
  url: string;
  port: number;
  folder: string;
  kill(): void;
  stop(): Promise<unknown>;
  restart(): Promise<unknown>;
  replica(): Promise<{ url: string; port: number; kill(): void; stop(): Promise<unknown> }>;
  data: string;
  shell(script: string): Promise<{ code: number; output: string }>;
  remove(): Promise<void>;
}
export function temporaryCluster(options?: { within?: string; programs?: string }): Promise<TemporaryCluster>;
