/** How much one visitor may ask for: enough for anybody's work, too little to be a burden. Each process counts for itself. */
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';

/** Seconds over which it is counted, and requests in them; AGGREGA_LIMIT sets another number. */
const SECONDS = 20;
const most = Number(process.env.AGGREGA_LIMIT) || 1500;

const strangers = new RateLimiterMemory({ keyPrefix: 'stranger', points: most, duration: SECONDS });
/** A whole guild may sit behind one address. */
const everybody = new RateLimiterMemory({ keyPrefix: 'everybody', points: most * 4, duration: SECONDS });

/** Seconds until something may be asked from that address again; 0 where it may be now. `known` is whether a session's cookie came with it. */
export async function tooMuch(address: string, known: boolean): Promise<number> {
  try {
    await everybody.consume(address);
    if (!known) await strangers.consume(address);
    return 0;
  } catch (refused) {
    if (refused instanceof RateLimiterRes) return Math.ceil(refused.msBeforeNext / 1000);
    throw refused;
  }
}
