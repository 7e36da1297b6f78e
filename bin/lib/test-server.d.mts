export interface Served {
  address: string;
  kill(): Promise<unknown>;
  stop(): Promise<unknown>;
}
export function serve(url: string, port: number, options?: { outside?: string; env?: Record<string, string> }): Promise<Served>;
export function demoServer(
  port?: number,
): Promise<{ address: string; database: string; owner: string; remove(): Promise<void> }>;
