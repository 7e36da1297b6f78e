/** Fabrics photographed: squares of photos that become fabrics of the programme, each with its picture, colour and value. */
import type { Change, ProgrammeFile } from '@aggrega/core/programme';
import { openPicture } from '$lib/eye/opening';
import type { Photo } from '$lib/eye/photo.svelte';
import { sendSwatch, SWATCH, type SentSwatch } from './swatch';
import { words } from './words';

/** A square of a photo: its middle and its side, as shares of the photo's shorter side. */
export interface Spot {
  id: number;
  photo: number;
  x: number;
  y: number;
  side: number;
  name: string;
  /** What became of it when it was sent. */
  trouble: string;
}

export interface Shot {
  name: string;
  canvas: HTMLCanvasElement;
  /** Its picture for the page. */
  url: string;
}

const LEAST = 0.05;

export class ShelfPhotos {
  shots: Shot[] = $state.raw([]);
  spots: Spot[] = $state([]);
  /** How many of all are sent; undefined while nothing is under way. */
  sent: number | undefined = $state();
  trouble = $state('');
  #next = 1;

  constructor(readonly photo: Photo) {}

  /** Takes photos in, with a square in the middle of each. */
  async take(files: readonly File[]): Promise<void> {
    this.trouble = '';
    for (const file of files) {
      const opened = await openPicture(file);
      if ('trouble' in opened) {
        this.trouble = words.cannotBeTaken(file.name, opened.trouble);
        continue;
      }
      const { width, height, data } = opened.picture;
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [width, height];
      canvas.getContext('2d')!.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
      this.shots = [...this.shots, { name: file.name, canvas, url: canvas.toDataURL('image/jpeg', 0.8) }];
      const [w, h] = this.extent(this.shots.length - 1);
      this.add(this.shots.length - 1, w / 2, h / 2);
    }
  }

  /** A photo's sides as shares of its shorter one. */
  extent(photo: number): [number, number] {
    const { width, height } = this.shots[photo]!.canvas;
    const least = Math.min(width, height);
    return [width / least, height / least];
  }

  /** A square more, as large as the last one of the photo. */
  add(photo: number, x: number, y: number): Spot {
    const side = this.spots.findLast((s) => s.photo === photo)?.side ?? 0.4;
    const name = words.photographed(this.spots.length + 1);
    this.spots.push({ id: this.#next++, photo, x, y, side, name, trouble: '' });
    const spot = this.spots.at(-1)!;
    this.move(spot, x, y);
    return spot;
  }

  /** Moves a square, which stays inside its photo. */
  move(spot: Spot, x: number, y: number): void {
    const [w, h] = this.extent(spot.photo);
    const inside = (n: number, of: number) => Math.min(of - spot.side / 2, Math.max(spot.side / 2, n));
    [spot.x, spot.y] = [inside(x, w), inside(y, h)];
  }

  resize(spot: Spot, by: number): void {
    spot.side = Math.min(1, Math.max(LEAST, spot.side * by));
    this.move(spot, spot.x, spot.y);
  }

  remove(spot: Spot): void {
    this.spots = this.spots.filter((s) => s.id !== spot.id);
  }

  /** The square's own picture. */
  swatch(spot: Spot): HTMLCanvasElement {
    const { canvas } = this.shots[spot.photo]!;
    const least = Math.min(canvas.width, canvas.height);
    const side = spot.side * least;
    const made = document.createElement('canvas');
    made.width = made.height = SWATCH;
    const [left, top] = [spot.x * least - side / 2, spot.y * least - side / 2];
    made.getContext('2d')!.drawImage(canvas, left, top, side, side, 0, 0, SWATCH, SWATCH);
    return made;
  }

  /** Sends every square, and hands out what makes them fabrics of the document. Those that were not taken stay, with the reason. */
  async send(document: ProgrammeFile): Promise<Change[]> {
    const taken = new Set((document.fabrics ?? []).map((f) => f.id));
    const changes: Change[] = [];
    const kept: Spot[] = [];
    this.sent = 0;
    for (const spot of this.spots) {
      const read = await this.#sendOne(spot);
      if (read) {
        let n = taken.size + 1;
        while (taken.has(`fabric-${n}`)) n += 1;
        const id = `fabric-${n}`;
        taken.add(id);
        const tenth = (v: number) => Math.round(v * 10) / 10;
        const { photo, average: colour, value, volume } = read;
        const to = {
          id,
          name: spot.name.trim() || id,
          colour,
          photo,
          value: tenth(value),
          volume: Math.min(60, tenth(volume)),
        };
        changes.push({ path: `/fabrics/${id}`, to });
      } else kept.push(spot);
      this.sent += 1;
    }
    this.sent = undefined;
    this.spots = kept;
    if (kept.length === 0) this.shots = [];
    return changes;
  }

  /** In even light: what a lamp at the side does to one of the pieces is taken back. */
  async #sendOne(spot: Spot): Promise<SentSwatch | undefined> {
    const { data } = this.swatch(spot).getContext('2d')!.getImageData(0, 0, SWATCH, SWATCH);
    const answer = await sendSwatch(await this.photo.eye.even({ width: SWATCH, height: SWATCH, data }));
    if (!('message' in answer)) return answer;
    spot.trouble = answer.message;
    return undefined;
  }
}
