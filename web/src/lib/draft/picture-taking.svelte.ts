/** A block read out of a photo, until it is right: its corners, its grid, what is in doubt, and the letters of its fabrics. */
import { insideOf, locate, patchAt, recast, type Block, type Point } from '@aggrega/core/block';
import { flipped, type Doubt, type Grid } from '@aggrega/core/eye';
import { likelyLetters, type Paint } from '@aggrega/core/svg';
import { Photo } from '$lib/eye/photo.svelte';
import { rolePaints } from './taking.svelte';
import { words } from './words';

/** Pixels of the longer side of the block as it is laid under its drawing. */
const STRAIGHT = 900;

export class PictureTaking {
  readonly photo = new Photo();
  /** As the organiser set it; undefined while the eye finds it. */
  grid: Grid | undefined = $state.raw();
  /** As read, and mended since, in letters of its own: what covers most is A. */
  drawn: Block | undefined = $state.raw();
  fabrics: readonly { letter: string; colour: string }[] = $state.raw([]);
  /** Seams that the photo speaks neither for nor against. */
  seams: readonly Doubt[] = $state.raw([]);
  /** A point of each patch that is nearly as like another fabric. */
  patches: readonly Point[] = $state.raw([]);
  /** The block as if it lay straight, for the page. */
  straight: string | undefined = $state.raw();
  reading = $state(false);
  trouble = $state('');
  /** What she chose herself, by the reading's letters. */
  private chosen: ReadonlyMap<string, string> = $state.raw(new Map());
  readonly paints: readonly Paint[] = $derived.by(() => {
    const found = new Map((this.drawn ? rolePaints(this.drawn) : []).map((paint) => [paint.letter, paint]));
    return this.fabrics.map(({ letter: id, colour }) => {
      const { patches, share } = found.get(id) ?? { patches: 0, share: 0 };
      return { id, colour, patches, share };
    });
  });
  readonly letters: ReadonlyMap<string, string> = $derived.by(
    () => new Map([...likelyLetters(this.paints, this.colours), ...this.chosen]),
  );
  /** In the programme's letters. */
  readonly block: Block | undefined = $derived.by(() => {
    const { drawn, letters } = this;
    return (
      drawn && {
        ...drawn,
        name: this.name,
        patches: drawn.patches.map((p) => ({ ...p, role: letters.get(p.role) ?? p.role })),
      }
    );
  });
  private name = '';
  #asked = 0;

  /** `colours`: the letters that may be drawn with, and their fabrics' colours. */
  constructor(private readonly colours: ReadonlyMap<string, string>) {}

  /** Opens a photo and reads it. */
  async open(file: File): Promise<void> {
    this.#forget();
    this.name = nameIn(file.name) ?? words.newBlock;
    this.grid = undefined;
    this.chosen = new Map();
    if (await this.photo.open(file)) await this.read();
  }

  /** Reads the block anew; while one reading is under way only the newest wish comes after it. */
  async read(): Promise<void> {
    this.#asked += 1;
    if (this.reading) return;
    this.reading = true;
    try {
      for (let asked = -1; asked !== this.#asked;) {
        asked = this.#asked;
        await this.#readOnce(() => asked === this.#asked);
      }
    } finally {
      this.reading = false;
    }
  }

  async #readOnce(newest: () => boolean): Promise<void> {
    const { corners } = this.photo;
    if (!corners) return;
    const read = await this.photo.eye.read(corners, this.grid);
    if (!newest()) return;
    this.trouble = read ? '' : words.cornersMakeNoBlock;
    if (!read) return this.#forget();
    const { block, edges, fabrics, doubtfulSeams, doubtfulPatches } = read;
    const scale = STRAIGHT / Math.max(...block.grid);
    const straight = await this.photo.eye.straight(edges, Math.round(block.grid[0] * scale), Math.round(block.grid[1] * scale));
    if (!newest() || !straight) return;
    this.#forget();
    this.straight = URL.createObjectURL(straight);
    [this.drawn, this.fabrics, this.seams] = [block, fabrics, doubtfulSeams];
    this.patches = doubtfulPatches.map((i) => middleOf(block.patches[i]!.points));
  }

  /** The other answer to a doubt. */
  flip(doubt: Doubt): void {
    if (!this.drawn) return;
    const mended = flipped(this.drawn, doubt);
    this.trouble = 'trouble' in mended ? words.thatSeamStays(mended.trouble) : '';
    if ('trouble' in mended) return;
    this.drawn = mended.block;
    this.seams = this.seams.map((s) => (s === doubt ? { ...s, drawn: !s.drawn } : s));
  }

  /** Gives the patch at a point another of the photo's fabrics. */
  recast(at: Point, letter: string): void {
    if (!this.drawn) return;
    const { drawn } = this;
    this.drawn = recast(drawn, [at], letter);
    const patch = patchAt(drawn, at);
    this.patches = this.patches.filter((p) => patchAt(drawn, p) !== patch);
  }

  give(paint: string, letter: string): void {
    this.chosen = new Map([...this.chosen, [paint, letter]]);
  }

  /** The straight picture for the drafting board, which keeps it from now on. */
  handOver(): string | undefined {
    const { straight } = this;
    this.straight = undefined;
    return straight;
  }

  close(): void {
    this.#asked += 1;
    this.#forget();
    this.photo.close();
  }

  #forget(): void {
    if (this.straight) URL.revokeObjectURL(this.straight);
    [this.straight, this.drawn, this.fabrics, this.seams, this.patches] = [undefined, undefined, [], [], []];
  }
}

/** A place inside a patch: its middle where that lies within. */
export function middleOf(points: readonly Point[]): Point {
  const sum = points.reduce(([x, y], p) => [x + p[0], y + p[1]] as const, [0, 0] as const);
  const middle: Point = [sum[0] / points.length, sum[1] / points.length];
  return locate(middle, points) === 'inside' ? middle : insideOf(points);
}

/** What somebody called the file; undefined where a camera did. */
function nameIn(file: string): string | undefined {
  const name = file
    .replace(/\.[a-z0-9]+$/i, '')
    .replace(/[-_\s]+/g, ' ')
    .trim();
  if (name === '' || /\d{3}/.test(name)) return undefined;
  return `${name[0]!.toUpperCase()}${name.slice(1, 60)}`;
}
