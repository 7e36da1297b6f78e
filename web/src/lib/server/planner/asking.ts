/** Who asks for a plan, for as long as a request is answered. */
import { AsyncLocalStorage } from 'node:async_hooks';

export interface Asking {
  /** Houses have their plans in turn. */
  house: string;
  /** Whether she has gone: then nobody waits for it. */
  gone: () => boolean;
}
export const asking = new AsyncLocalStorage<Asking>();
/** What the application asks for by itself. */
export const NOBODY: Asking = { house: '', gone: () => false };

/** Whoever asked has gone, so it was not worked out: no trouble of ours. */
export class NobodyWaits extends Error {}
