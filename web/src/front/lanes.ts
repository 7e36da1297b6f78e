/**
 * Which of several processes answers whom. A house is answered by one process at a time, so whatever it asks can hold up that one only; who would have to wait
 * there for somebody else's work is answered by another. Houses that have held up others are kept apart for a while: one process answers all of them, and nobody
 * else unless all others are held up too.
 */
import { LRUCache } from 'lru-cache';

/** Houses that are remembered. */
const KNOWN = 10_000;
/** Milliseconds in which what a house is blamed for counts half. */
const HALF = 60_000;
/** Blame from which on a house is kept apart. */
const APART = 1;
/** Milliseconds in which one and the same hold-up is blamed once. */
const ONE = 250;

export interface LaneState {
  /** Whether there is a process at all just now. */
  there: (lane: number) => boolean;
  /** Whether it does anything else than work; asked only where something is under way. */
  responds: (lane: number) => Promise<boolean>;
}

export class Lanes {
  /** How many requests of each house are being answered, lane by lane. */
  #underWay: Map<string, number>[];
  #homes = new LRUCache<string, number>({ max: KNOWN });
  #blame = new LRUCache<string, { much: number; at: number }>({ max: KNOWN });
  #blamed: number[];
  /** Houses that are kept apart, and where. */
  #apart = new Set<string>();
  #apartAt: number | undefined;
  #choosing = new Map<string, Promise<number>>();
  #of: LaneState;
  #now: () => number;

  /** At least two `lanes`. */
  constructor(lanes: number, of: LaneState, now = () => performance.now()) {
    this.#underWay = Array.from({ length: lanes }, () => new Map<string, number>());
    this.#blamed = Array.from({ length: lanes }, () => -Infinity);
    this.#of = of;
    this.#now = now;
  }

  /** Takes a request of that house in: by which lane it is answered, and what to call when it has been. */
  async take(house: string): Promise<{ lane: number; done: () => void }> {
    const choosing = this.#choosing.get(house) ?? this.#choose(house).finally(() => this.#choosing.delete(house));
    this.#choosing.set(house, choosing);
    const lane = await choosing;
    const underWay = this.#underWay[lane]!;
    underWay.set(house, (underWay.get(house) ?? 0) + 1);
    let over = false;
    const done = () => {
      if (over) return;
      over = true;
      const left = underWay.get(house)! - 1;
      if (left > 0) underWay.set(house, left);
      else underWay.delete(house);
    };
    return { lane, done };
  }

  /** Whether that house is kept apart. */
  apart(house: string): boolean {
    if (this.#apart.has(house) && this.#blameOf(house) < APART / 2) this.#apart.delete(house);
    return this.#apart.has(house);
  }

  async #choose(house: string): Promise<number> {
    for (const one of this.#apart) this.apart(one);
    if (this.#apart.size === 0) this.#apartAt = undefined;
    if (this.apart(house) && this.#of.there(this.#apartAt!)) return this.#apartAt!;
    const at = this.#underWay.findIndex((lane) => lane.has(house));
    if (at >= 0 && this.#of.there(at)) return at;
    const usual = this.#usual();
    const known = this.#homes.get(house);
    const home = known !== undefined && usual.includes(known) ? known : this.#quietest(usual);
    for (const lane of new Set([home, ...usual, ...this.#underWay.keys()]))
      if (await this.#free(lane)) {
        this.#homes.set(house, lane);
        return lane;
      }
    // All are at work: it waits where there is a process at all, with those who are kept apart if need be.
    return [home, ...usual, ...this.#underWay.keys()].find((lane) => this.#of.there(lane)) ?? home;
  }

  /** Lanes for whoever is not kept apart. */
  #usual = (): number[] => [...this.#underWay.keys()].filter((lane) => lane !== this.#apartAt);

  /** The one with the fewest houses. */
  #quietest(lanes: number[]): number {
    const fewest = Math.min(...lanes.map((lane) => this.#underWay[lane]!.size));
    return lanes.find((lane) => this.#underWay[lane]!.size === fewest)!;
  }

  async #free(lane: number): Promise<boolean> {
    if (!this.#of.there(lane)) return false;
    if (this.#underWay[lane]!.size === 0 || (await this.#of.responds(lane))) return true;
    this.#blameThoseIn(lane);
    return false;
  }

  /** One of them holds it up, nobody can say which: each has its share, and whoever does it again and again has it again and again. */
  #blameThoseIn(lane: number): void {
    const now = this.#now();
    if (now - this.#blamed[lane]! < ONE) return;
    this.#blamed[lane] = now;
    const houses = [...this.#underWay[lane]!.keys()];
    for (const house of houses) {
      const much = this.#blameOf(house) + 1 / houses.length;
      this.#blame.set(house, { much, at: now });
      if (much < APART) continue;
      this.#apart.add(house);
      this.#apartAt ??= lane;
    }
  }

  #blameOf(house: string): number {
    const blame = this.#blame.get(house);
    return blame ? blame.much * 0.5 ** ((this.#now() - blame.at) / HALF) : 0;
  }
}
