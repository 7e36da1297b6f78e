/** A block that is laid out on screen for practice: what lies on the table, what is in hand, and what was said of it. */
import type { SlipKind } from '@aggrega/core/construction';
import { seeded } from '@aggrega/core/measure';
import {
  deal,
  dealSlip,
  faceOf,
  faceOfPiece,
  fitted,
  inTray,
  isFull,
  laid as laidOn,
  lies,
  madeSlips,
  roleAt,
  spotToLookAt,
  takenUp,
  turned,
  type Board,
  type Face,
  type MadeSlip,
  type PlaceLie,
} from '@aggrega/core/practice';
import { unitsLaid, type ClothOf, type Laid, type ToLay } from './laid';
import { Minute } from './minute.svelte';
import { LIES, words } from './words';

/** A slip of the block, as it is told. */
export interface PractisedSlip {
  unit: string;
  label: string;
  kind: SlipKind;
}

export interface ToPractise {
  blocks: readonly ToLay[];
  fabrics: readonly ClothOf[];
  /** Slips that were seen at the tables, by block. */
  seen: Readonly<Record<string, readonly MadeSlip[]>>;
  /** What was laid wrong in a block, when it is first looked at. */
  onfound?: (block: string, found: PractisedSlip[]) => void;
}

export type Way = 'lay' | 'find';

export class Practising {
  way: Way = $state('lay');
  block = $state(0);
  laid: Laid = $state('all');
  board: Board = $state.raw(undefined!);
  /** The stack of the tray, and the place, that are in hand. */
  stack: number | undefined = $state();
  place: number | undefined = $state();
  /** What was said last, for those who listen. */
  heard = $state('');
  /** Whether what lies wrong is shown. */
  shown = $state(false);
  /** Finding: what was found, or shown to her, in the layout at hand. */
  solved: { text: string; clue: string; places: readonly number[]; byHerself: boolean } | undefined = $state.raw();
  found = $state(0);
  readonly minute = new Minute();
  readonly toLay: ToLay = $derived.by(() => this.data.blocks[this.block]!);
  readonly lies: ReadonlyMap<number, PlaceLie> = $derived.by(() => lies(this.board));
  readonly full = $derived.by(() => isFull(this.board));
  readonly right = $derived.by(() => this.full && [...this.lies.values()].every(({ kind }) => kind === 'right'));
  #before: Board[] = $state.raw([]);
  #told = false;
  #seed: number;
  readonly canUndo = $derived.by(() => this.#before.length > 0);

  constructor(
    readonly data: ToPractise,
    seed: number,
  ) {
    this.#seed = seed;
    this.deal();
  }

  choose(block: number, laid: Laid): void {
    [this.block, this.laid] = [block, laid];
    this.deal();
  }

  practise(way: Way): void {
    this.way = way;
    this.found = 0;
    this.minute.stop();
    this.deal();
  }

  /** Other pieces, or another slip. */
  deal(): void {
    const { layout } = this.toLay;
    const asked = {
      ...{ layout, fabricOf: this.#fabricOf, open: unitsLaid(layout, this.laid), chance: seeded((this.#seed += 1)) },
      seen: this.data.seen[this.toLay.id ?? ''] ?? [],
    };
    const slip = this.way === 'find' ? dealSlip(asked) : undefined;
    this.board = slip ?? deal(asked);
    [this.#before, this.#told, this.stack, this.place, this.shown] = [[], false, undefined, undefined, false];
    [this.solved, this.heard] = [undefined, ''];
    this.nothingToFind = this.way === 'find' && !slip;
  }
  /** Finding, where nothing can lie wrong. */
  nothingToFind = $state(false);

  /** A stack of the tray is taken in hand, or put down. */
  take(stack: number): void {
    this.stack = this.stack === stack ? undefined : stack;
    this.place = undefined;
  }

  /** A place is tapped: what is in hand is laid, or what lies there is turned. */
  tap(place: number): void {
    if (this.way === 'find') return this.#guess(place);
    this.place = place;
    if (this.board.lain.has(place)) return this.turn(place);
    const piece = this.stack === undefined ? undefined : inTray(this.board, this.stack)[0];
    if (piece === undefined) this.heard = words.chooseFirst;
    else this.lay(place, piece);
  }

  lay(place: number, piece: number): void {
    if (!fitted(this.board, place, { piece, quarters: 0 })) {
      this.heard = words.noFit(place + 1);
      return;
    }
    this.#to(laidOn(this.board, place, piece));
    this.place = place;
    if (this.stack !== undefined && inTray(this.board, this.stack).length === 0) this.stack = undefined;
    this.#sayWhatLies(place);
    if (this.full) this.look();
  }

  turn(place: number): void {
    this.#to(turned(this.board, place));
    this.#sayWhatLies(place);
  }

  takeUp(place: number): void {
    if (!this.board.lain.has(place)) return;
    this.#to(takenUp(this.board, place));
    this.heard = words.takenUp(place + 1);
  }

  undo(): void {
    const before = this.#before.at(-1);
    if (!before) return;
    this.#before = this.#before.slice(0, -1);
    this.board = before;
    this.shown = false;
    this.heard = words.undone;
  }

  /** Shows what lies wrong; what is found in the first look at these pieces is told. */
  look(): void {
    this.shown = true;
    if (this.#told || this.board.lain.size === 0) return;
    this.#told = true;
    this.#tell(madeSlips(this.board));
  }

  /** What there is to say of what lies there: each place that is wrong, with what to look for. */
  get said(): { place: number; text: string; clue: string }[] {
    const told = new Set<number>();
    return [...this.lies].flatMap(([place, lie]) => {
      if (lie.kind === 'right' || lie.kind === 'missing' || told.has(place)) return [];
      if (lie.kind === 'exchanged') told.add(lie.with);
      return [{ place, ...this.#sentence(place, lie) }];
    });
  }

  /** Finding: what lies wrong is shown, and counts as not found. */
  show(): void {
    this.#solve(false);
  }

  startMinute(): void {
    this.found = 0;
    this.minute.start();
    this.deal();
  }

  /** How a face is told to those who do not see it. */
  describe(face: Face): string {
    const at = (spot: Parameters<typeof roleAt>[1]) => {
      const role = roleAt(face, spot);
      return role === undefined ? words.seam : this.nameOf(role);
    };
    const [a, b, c, d, middle] = [at('topLeft'), at('topRight'), at('bottomRight'), at('bottomLeft'), at('middle')] as const;
    if (new Set([a, b, c, d, middle]).size === 1) return words.allOf(a);
    return words.face(a, b, c, d, [a, b, c, d, words.seam].includes(middle) ? '' : words.faceMiddle(middle));
  }

  nameOf = (role: string): string => this.data.fabrics.find((f) => f.letter === role)?.name ?? role;

  #fabricOf = (role: string): string => {
    const cloth = this.data.fabrics.find((f) => f.letter === role);
    return cloth ? `${cloth.name} ${cloth.colour}` : role;
  };

  #to(board: Board): void {
    if (board === this.board) return;
    this.#before = [...this.#before, this.board];
    this.board = board;
    this.shown = false;
  }

  #sayWhatLies(place: number): void {
    const lain = this.board.lain.get(place);
    if (lain) this.heard = words.liesNow(place + 1, this.describe(faceOfPiece(this.board, lain)));
  }

  #guess(place: number): void {
    if (this.solved || this.nothingToFind) return;
    const lie = this.lies.get(place);
    if (!lie || lie.kind === 'right') this.heard = words.liesRight(place + 1);
    else this.#solve(true);
  }

  #solve(byHerself: boolean): void {
    const wrong = [...this.lies].filter(([, { kind }]) => kind !== 'right').map(([place]) => place);
    const [said] = this.said;
    if (!said || this.solved) return;
    this.solved = { text: said.text, clue: said.clue, places: wrong, byHerself };
    this.heard = '';
    if (byHerself) this.found += 1;
    else this.#tell(madeSlips(this.board));
    // As it should lie, to be looked at.
    const { layout } = this.board;
    const pieces = layout.units.map((_, unit) => ({ unit }));
    this.board = { ...this.board, pieces, lain: new Map(this.board.open.map((p) => [p, { piece: p, quarters: 0 }])) };
  }

  #tell(found: readonly MadeSlip[]): void {
    const { id, layout } = this.toLay;
    const label = (unit: string) => layout.units.find(({ name }) => name === unit)?.label ?? '';
    if (id !== undefined)
      this.data.onfound?.(
        id,
        found.map((slip) => ({ ...slip, label: label(slip.unit) })),
      );
  }

  #sentence(place: number, lie: PlaceLie): { text: string; clue: string } {
    const { layout, fabricOf, lain } = this.board;
    const { label } = layout.units[place]!;
    const what = LIES.number(place + 1, label ? LIES.label(label) : '');
    const spot = spotToLookAt(faceOf(layout.units[place]!), faceOfPiece(this.board, lain.get(place)!), fabricOf);
    const clue = spot ? words.lookAt(words[spot.spot], this.nameOf(spot.role)) : '';
    switch (lie.kind) {
      case 'turned':
        return { text: [LIES.turned1, LIES.turned2, LIES.turned3][lie.quarters - 1]!(what), clue };
      case 'mirrored':
        return { text: LIES.mirrored(what), clue };
      case 'fabrics':
        return { text: LIES.fabrics(what, this.nameOf(lie.roles[0]), this.nameOf(lie.roles[1])), clue };
      case 'other':
        return { text: LIES.other(what, lie.unit + 1), clue: '' };
      case 'exchanged':
        return { text: LIES.exchanged(what, lie.with + 1), clue: '' };
      default:
        return { text: words.stray(what), clue };
    }
  }
}
