export interface Served {
  address: string;
  kill(): Promise<unknown>;
  stop(): Promise<unknown>;
}
export function serve(url: string, port: number): Promise<Served>;
export function demoServer(port?: number): Promise<{ address: string; remove(): Promise<void> }>;
