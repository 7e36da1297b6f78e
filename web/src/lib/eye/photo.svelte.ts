/** A photo on the page: opened, shown, and its four corners, until they lie where they should. */
import { oneOf, type Corner, type Corners } from '@aggrega/core/eye';
import { Helper } from '$lib/ask/worker';
import type { EyeOffers } from './eye.worker';
import EyeWorker from './eye.worker?worker';
import { words } from './words';

/** A piece of cloth that covers less of its picture is a motif of the print; more, and the cloth fills the picture. */
const LEAST_PIECE = 0.25;
const MOST_PIECE = 0.9;
/** How many blocks across and down there may be, to begin with. */
const MANY = [3, 3] as const;

export class Photo {
  /** An address that the page can show; undefined until a photo is open. */
  address: string | undefined = $state.raw();
  width = $state(1);
  height = $state(1);
  corners: Corners | undefined = $state.raw();
  /** Whether somebody has moved a corner: it is then where it should be. */
  placed = $state(false);
  opening = $state(false);
  /** How many blocks lie within the corners, across and down, until one is picked. */
  several: readonly [number, number] | undefined = $state.raw();
  /** Each of them by its corners, row by row. */
  readonly blocks: readonly Corners[] = $derived.by(() => {
    const { corners, several } = this;
    if (!corners || !several) return [];
    const places = Array.from(
      { length: several[0] * several[1] },
      (_, i) => [i % several[0], Math.floor(i / several[0])] as const,
    );
    return places.map((place) => oneOf(corners, several, place)).filter((block) => block !== undefined);
  });
  /** The corners of all, when one of them was picked. */
  #all: Corners | undefined = $state.raw();
  trouble = $state('');
  #helper: Helper<EyeOffers> | undefined;
  #opened = 0;

  /** What the worker offers, about the photo that is open. */
  get eye() {
    this.#helper ??= new Helper<EyeOffers>(EyeWorker, () => {
      this.#helper = undefined;
      [this.opening, this.trouble] = [false, words.cannotLook];
    });
    return this.#helper.asked;
  }

  /** Opens a file in place of what was there. Whether it could be opened; what was not says why. */
  async open(file: Blob): Promise<boolean> {
    this.forget();
    this.opening = true;
    const turn = (this.#opened += 1);
    const opened = await this.eye.open(file);
    if (turn !== this.#opened) return false;
    this.opening = false;
    if ('trouble' in opened) {
      this.trouble = opened.trouble;
      return false;
    }
    [this.width, this.height, this.corners] = [opened.width, opened.height, opened.corners];
    this.address = URL.createObjectURL(opened.shown);
    return true;
  }

  /** Moves a corner, which stays within the photo. */
  move(corner: number, [x, y]: Corner): void {
    if (!this.corners) return;
    this.placed = true;
    const place: Corner = [Math.min(this.width, Math.max(0, x)), Math.min(this.height, Math.max(0, y))];
    this.corners = this.corners.map((c, i) => (i === corner ? place : c)) as unknown as Corners;
  }

  /** The corners are those of several blocks, of which one is to be picked. */
  pickOne(): void {
    if (this.#all) this.corners = this.#all;
    this.several = MANY;
  }

  /** One of several blocks is meant. */
  pick(block: number): void {
    const corners = this.blocks[block];
    if (!corners) return;
    this.#all = this.corners;
    [this.corners, this.several, this.placed] = [corners, undefined, true];
  }

  /** The next corner becomes the top left one: the block stands a quarter turned. */
  turn(): void {
    if (!this.corners) return;
    const [a, b, c, d] = this.corners;
    this.corners = [d, a, b, c];
  }

  /** Of cloth that fills the picture the middle square; of a piece that lies on something its corners. */
  aroundCloth(): void {
    const { width, height, corners } = this;
    if (!corners) return;
    const area = corners.reduce((sum, [x, y], i) => {
      const [u, v] = corners[(i + 1) % 4]!;
      return sum + (x * v - u * y) / 2;
    }, 0);
    const share = area / (width * height);
    if (share > LEAST_PIECE && share < MOST_PIECE) return;
    const [x, y, half] = [width / 2, height / 2, 0.45 * Math.min(width, height)];
    this.corners = [
      [x - half, y - half],
      [x + half, y - half],
      [x + half, y + half],
      [x - half, y + half],
    ];
  }

  forget(): void {
    if (this.address) URL.revokeObjectURL(this.address);
    this.#opened += 1;
    [this.address, this.corners, this.placed] = [undefined, undefined, false];
    [this.several, this.#all] = [undefined, undefined];
    [this.trouble, this.opening] = ['', false];
  }

  /** Forgets the photo and ends the worker, whatever it is working at. */
  close(): void {
    this.forget();
    this.#helper?.close();
    this.#helper = undefined;
  }
}
