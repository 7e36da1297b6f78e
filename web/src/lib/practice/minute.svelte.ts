/** A minute that runs down. */
export class Minute {
  /** Seconds that are left; undefined where no minute runs. */
  left: number | undefined = $state();
  over = $state(false);
  #ends = 0;
  #ticking: ReturnType<typeof setInterval> | undefined;

  start(): void {
    this.stop();
    this.#ends = Date.now() + MINUTE;
    this.left = MINUTE / 1000;
    this.#ticking = setInterval(() => this.#tick(), 250);
  }

  stop(): void {
    clearInterval(this.#ticking);
    [this.left, this.over] = [undefined, false];
  }

  #tick(): void {
    this.left = Math.max(0, Math.ceil((this.#ends - Date.now()) / 1000));
    if (this.left > 0) return;
    this.stop();
    this.over = true;
  }
}

const MINUTE = 60_000;
