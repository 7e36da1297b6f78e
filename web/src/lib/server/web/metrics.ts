/** Counts for a monitor, in the Prometheus text format. Addresses are counted by route, never as they were asked for. */
import { Counter, Gauge, Histogram, Registry, collectDefaultMetrics } from 'prom-client';
import { connectionCounts } from '../db/pool';

const registry = new Registry();
collectDefaultMetrics({ register: registry });

const answered = new Histogram({
  name: 'aggrega_answer_seconds',
  help: 'Time to an answer, by route, method and kind of answer',
  labelNames: ['route', 'method', 'status'],
  buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.15, 0.25, 0.5, 1, 2.5, 5],
  registers: [registry],
});
const kept = new Counter({
  name: 'aggrega_kept_answers_total',
  help: 'Pages that were answered as they were made before, since nothing had changed',
  registers: [registry],
});
const replicaPages = new Counter({
  name: 'aggrega_replica_pages_total',
  help: 'Pages that were read from the replica',
  registers: [registry],
});
const letters = new Counter({
  name: 'aggrega_letters_total',
  help: 'Letters that were sent, or that were not taken',
  labelNames: ['outcome'],
  registers: [registry],
});
const releases = new Counter({
  name: 'aggrega_releases_total',
  help: 'Releases that went out by the clock, or that failed and were set aside',
  labelNames: ['outcome'],
  registers: [registry],
});
new Gauge({
  name: 'aggrega_database_connections',
  help: 'Connections to PostgreSQL of this process',
  labelNames: ['state'],
  registers: [registry],
  collect() {
    const { all, idle, waiting } = connectionCounts();
    this.set({ state: 'busy' }, all - idle);
    this.set({ state: 'idle' }, idle);
    this.set({ state: 'waited for' }, waiting);
  },
});

/** Notes an answer. */
export const noteAnswer = (route: string, method: string, status: number, seconds: number): void =>
  answered.observe({ route, method, status: `${Math.floor(status / 100)}xx` }, seconds);

/** Notes a page that need not be made again. */
export const noteKept = (): void => kept.inc();

/** Notes a page that was made from what the replica holds. */
export const noteFromReplica = (): void => replicaPages.inc();

/** Notes a release by the clock. */
export const noteRelease = (outcome: 'out' | 'set aside'): void => releases.inc({ outcome });

/** Notes a letter. */
export const noteLetter = (outcome: 'sent' | 'failed'): void => letters.inc({ outcome });

/** All counts as text, and the type of it. */
export const metricsText = async (): Promise<{ text: string; type: string }> => ({
  text: await registry.metrics(),
  type: registry.contentType,
});
