/** One line of JSON per event, for people and machines alike. No address with a key in it, no cookie, no body is ever written. */
import { now } from '../clock';

type Level = 'info' | 'warn' | 'error';

/** Writes a line. */
export function log(level: Level, event: string, facts: Record<string, unknown> = {}): void {
  if (level === 'info' && process.env.AGGREGA_LOG !== 'all') return;
  const line = JSON.stringify({ at: now().toISOString(), level, event, ...facts });
  (level === 'error' ? process.stderr : process.stdout).write(`${line}\n`);
}

/** What of an error is written: its words and where it was thrown. */
export const said = (error: unknown): { message: string; stack?: string } =>
  error instanceof Error ? { message: error.message, stack: error.stack } : { message: String(error) };
