/**
 * The application as it is started: what listens, and the processes behind it that answer (see lanes.ts). It reads nothing of what it passes on but whose it is.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, request, type IncomingMessage, type OutgoingHttpHeaders, type ServerResponse } from 'node:http';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { log } from '$lib/server/web/log';
import { servesOthers } from '$lib/server/web/own-machine';
import { LaneProcess } from './lane-process';
import { Lanes } from './lanes';
import { mergedMetrics } from './metrics';
import { ADDRESS_HEADER, HOUSE_HEADER, Whose } from './whose';
import { words } from './words';

/** Two at least: one to be held up, and one for everybody else. */
const COUNT = Math.max(2, Number(process.env.AGGREGA_LANES) || Math.min(4, availableParallelism()));
/** Megabytes of each process's heap. */
const MEMORY = Number(process.env.AGGREGA_MEMORY) || 512;
/** Where whoever asks is named: by a proxy that the operator trusts, or by us. */
const addressHeader = process.env.ADDRESS_HEADER?.toLowerCase();

const folder = mkdtempSync(join(tmpdir(), 'aggrega-lanes-'));
const processes = Array.from({ length: COUNT }, (_, lane) => {
  const env = {
    ...process.env,
    ...{ AGGREGA_LANE: String(lane), KEEP_ALIVE_TIMEOUT: '600', ADDRESS_HEADER: addressHeader ?? ADDRESS_HEADER },
    // A port would come before the socket.
    ...{ PORT: undefined, HOST: undefined, ...(servesOthers() && { NODE_ENV: 'production' }) },
    // The demonstration is made anew once, by the first.
    ...(lane > 0 && { AGGREGA_FRESH_DEMO: '' }),
  };
  const script = join(dirname(fileURLToPath(import.meta.url)), 'index.js');
  return new LaneProcess({ script, socket: join(folder, `${lane}.sock`), memory: MEMORY, env }, (how) =>
    log('error', 'a process ended', { lane, how }),
  );
});
const lanes = new Lanes(COUNT, {
  there: (lane) => processes[lane]!.ready,
  responds: (lane) => processes[lane]!.responds(),
});
const whose = new Whose();

const addressOf = (from: IncomingMessage): string =>
  (addressHeader && String(from.headers[addressHeader] ?? '')) || from.socket.remoteAddress || 'unknown';

/** Headers of one connection only. */
const OF_THIS_CONNECTION = new Set(['connection', 'expect', 'keep-alive', 'proxy-connection', 'transfer-encoding', 'upgrade']);

/** Has it answered by the lane whose turn it is. What has no body, and was not answered yet, is asked of another one when that dies. */
async function answer(from: IncomingMessage, to: ServerResponse, tries = 2): Promise<void> {
  const { lane, done } = await lanes.take(whose.of(from, addressOf(from)));
  // Gone while it was looked for.
  if (to.destroyed) return done();
  const { socket, agent } = processes[lane]!;
  const headers: OutgoingHttpHeaders = Object.fromEntries(
    Object.entries(from.headers).filter(([name]) => !OF_THIS_CONNECTION.has(name)),
  );
  headers[ADDRESS_HEADER] = from.socket.remoteAddress ?? '';
  const bodiless = from.method === 'GET' || from.method === 'HEAD';
  // No browser speaks it; proxies that say nothing of themselves do.
  if (from.httpVersion === '1.0') headers.via ??= '1.0';
  if (bodiless) delete headers['content-length'];
  // What comes in pieces goes on in pieces.
  else if (from.headers['transfer-encoding']) headers['transfer-encoding'] = from.headers['transfer-encoding'];
  const asked = request({ socketPath: socket, agent, path: from.url, method: from.method, headers });
  const gone = () => (asked.destroy(), done());
  to.once('close', gone);
  asked.once('response', (answered) => {
    const house = answered.headers[HOUSE_HEADER];
    if (typeof house === 'string') whose.learn(from, house);
    to.writeHead(answered.statusCode!, answered.statusMessage, passedOn(answered.rawHeaders));
    answered.pipe(to);
    answered.once('error', () => to.destroy());
    answered.once('aborted', () => to.destroy());
  });
  asked.once('error', () => {
    to.off('close', gone);
    done();
    if (to.headersSent || to.destroyed) return void to.destroy();
    if (bodiless && tries > 1) return void answer(from, to, tries - 1);
    from.resume();
    to.writeHead(503, { 'content-type': 'application/json', 'retry-after': '1' });
    to.end(JSON.stringify({ message: words.interrupted }));
  });
  if (!bodiless) return void from.pipe(asked);
  from.resume();
  asked.end();
}

/** A process's headers as the visitor gets them: as they are, twice where they stand twice. */
function passedOn(raw: string[]): string[] {
  const passed: string[] = [];
  for (let i = 0; i < raw.length; i += 2) {
    const name = raw[i]!.toLowerCase();
    if (name !== HOUSE_HEADER && !OF_THIS_CONNECTION.has(name)) passed.push(raw[i]!, raw[i + 1]!);
  }
  return passed;
}

/** The counts of all processes; where one refuses them, its refusal. */
async function metrics(from: IncomingMessage, to: ServerResponse): Promise<void> {
  // As they are, not packed: they are read here.
  const headers = { ...from.headers, [ADDRESS_HEADER]: from.socket.remoteAddress ?? '', 'accept-encoding': 'identity' };
  const asked = processes.map(
    ({ socket, agent }) =>
      new Promise<{ status: number; type: string; text: string }>((resolve, reject) => {
        request({ socketPath: socket, agent, path: from.url, headers }, (answered) => {
          let text = '';
          answered.setEncoding('utf8').on('data', (part: string) => (text += part));
          answered.on('end', () =>
            resolve({ status: answered.statusCode!, type: answered.headers['content-type'] ?? 'text/plain', text }),
          );
        })
          .once('error', reject)
          .end();
      }),
  );
  const answers = (await Promise.allSettled(asked)).flatMap((a) => (a.status === 'fulfilled' ? [a.value] : []));
  const first = answers.find((a) => a.status !== 200) ?? answers[0];
  to.writeHead(first?.status ?? 503, { 'content-type': first?.type ?? 'text/plain' });
  to.end(first?.status === 200 ? mergedMetrics(answers.map((a) => a.text)) : (first?.text ?? ''));
}

const server = createServer((from, to) => {
  from.on('error', () => {});
  void (from.method === 'GET' && from.url?.split('?')[0] === '/metrics' ? metrics(from, to) : answer(from, to));
});
if (process.env.KEEP_ALIVE_TIMEOUT) server.keepAliveTimeout = Number(process.env.KEEP_ALIVE_TIMEOUT) * 1000;

let stopping: Promise<void> | undefined;
/** Takes nothing new, finishes what is under way, and ends. */
function stop(): Promise<void> {
  return (stopping ??= (async () => {
    server.close();
    server.closeIdleConnections();
    await Promise.all(processes.map((p) => p.stop()));
    server.closeAllConnections();
    rmSync(folder, { recursive: true, force: true });
  })());
}
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => void stop());

// The first one loads what is missing; the others find it there, and are waited for by nobody.
const begun = await processes[0]!.start();
if (!begun && !stopping) {
  await stop();
  process.exit(1);
}
if (!stopping) {
  server.listen({ host: process.env.HOST || '0.0.0.0', port: Number(process.env.PORT) || 3000 });
  for (const other of processes.slice(1)) void other.start();
}
