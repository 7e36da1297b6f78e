/** A process that answers: started, asked whether it responds, started again after it has died. */
import { fork, type ChildProcess } from 'node:child_process';
import { connect } from 'node:net';
import { rmSync } from 'node:fs';
import { Agent } from 'node:http';

/** Milliseconds in which a process that is not at work answers. */
const AT_ONCE = 40;
/** Milliseconds before a process that has died is started again, twice as many each time until it has lived for a while. */
const AGAIN = 200;
const LATEST = 10_000;

export class LaneProcess {
  readonly socket: string;
  /** Connections to it are kept. */
  readonly agent = new Agent({ keepAlive: true, maxFreeSockets: 64 });
  #script: string;
  #env: NodeJS.ProcessEnv;
  #memory: number;
  #child: ChildProcess | undefined;
  #ready = false;
  #ending = false;
  #wait = AGAIN;
  #pongs: (() => void)[] = [];
  #ondeath: (how: string) => void;

  /** `memory`: megabytes that its heap may take; beyond them it ends, and is started again. */
  constructor(
    { script, socket, memory, env }: { script: string; socket: string; memory: number; env: NodeJS.ProcessEnv },
    ondeath: (how: string) => void,
  ) {
    this.#script = script;
    this.socket = socket;
    this.#memory = memory;
    this.#env = env;
    this.#ondeath = ondeath;
  }

  get ready(): boolean {
    return this.#ready;
  }

  /** Starts it; resolves when it takes connections, or to false when it ended before. */
  async start(): Promise<boolean> {
    rmSync(this.socket, { force: true });
    const child = fork(this.#script, {
      execArgv: [`--max-old-space-size=${this.#memory}`],
      env: { ...this.#env, SOCKET_PATH: this.socket },
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    });
    this.#child = child;
    const began = performance.now();
    child.on('message', () => this.#pongs.splice(0).forEach((pong) => pong()));
    const ended = new Promise<false>((resolve) =>
      child.once('exit', (code, signal) => {
        this.#ready = false;
        resolve(false);
        if (this.#ending) return;
        this.#ondeath(signal ?? `exit ${code}`);
        this.#wait = performance.now() - began > LATEST ? AGAIN : Math.min(LATEST, this.#wait * 2);
        setTimeout(() => !this.#ending && void this.start(), this.#wait).unref();
      }),
    );
    return (this.#ready = await Promise.race([ended, this.#takesConnections(child)]));
  }

  /** Whether it answers at once: one that is at work, or has died, does not. */
  async responds(): Promise<boolean> {
    const child = this.#child;
    if (!this.#ready || !child?.connected) return false;
    return new Promise((resolve) => {
      const late = setTimeout(() => resolve(false), AT_ONCE);
      this.#pongs.push(() => (clearTimeout(late), resolve(true)));
      child.send('ping', (error) => error && resolve(false));
    });
  }

  /** Tells it to end, and waits for it: it finishes what it answers. */
  async stop(): Promise<void> {
    this.#ending = true;
    this.#ready = false;
    this.agent.destroy();
    const child = this.#child;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
  }

  async #takesConnections(child: ChildProcess): Promise<boolean> {
    while (child.exitCode === null && child.signalCode === null) {
      const there = await new Promise<boolean>((resolve) => {
        const tried = connect(this.socket, () => (tried.destroy(), resolve(true)));
        tried.once('error', () => resolve(false));
      });
      if (there) return true;
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    return false;
  }
}
