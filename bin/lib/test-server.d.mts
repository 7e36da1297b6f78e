export interface Served {
  address: string;
  pid: number;
  kill(): Promise<unknown>;
  stop(): Promise<unknown>;
}
export function serve(
  url: string,
  port: number,
  options?: { outside?: string; env?: Record<string, string>; front?: boolean },
): Promise<Served>;
export function demoServer(
  port?: number,
): Promise<{ address: string; database: string; owner: string; remove(): Promise<void> }>;
