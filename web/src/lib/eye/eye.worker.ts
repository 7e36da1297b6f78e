/** Pictures looked at off the page's own thread. One picture at a time, which never leaves the device. */
import {
  checkLayout,
  clothWithin,
  evenLight,
  likelyCorners,
  readPicture,
  someOf,
  straightPixels,
  type Corners,
  type Grid,
  type Layout,
  type Pixels,
} from '@aggrega/core/eye';
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';
import { openPicture, shown } from './opening';

let picture: Pixels | undefined;

/** Takes a file in; its size, a file to show, and where a block's corners seem to be. */
async function open(file: Blob) {
  const opened = await openPicture(file);
  if ('trouble' in opened) return opened;
  picture = opened.picture;
  const { width, height } = picture;
  return { width, height, shown: await shown(picture), corners: likelyCorners(picture) };
}

/** The block within these corners; undefined where they make no four-sided shape. */
const read = (corners: Corners, grid: Grid | undefined) => picture && readPicture(picture, { corners, grid });

/** What lies within the corners, as if it lay straight, as a file to show. */
async function straight(corners: Corners, width: number, height: number): Promise<Blob | undefined> {
  const pixels = picture && straightPixels(picture, corners, width, height);
  return pixels && shown(pixels);
}

/** Cloth within the corners as if it lay straight, square and in even light, as a file. */
async function cloth(corners: Corners, side: number): Promise<Blob | undefined> {
  const pixels = picture && clothWithin(picture, corners, side);
  return pixels && shown(pixels, 0.92);
}

/** A picture of cloth in even light, as a file. */
const even = (pixels: Pixels): Promise<Blob> => shown(evenLight(pixels), 0.92);

/** What lies where. `corners`: where somebody has put them; `units`: those of the layout that were photographed; `colours`: by role. */
const check = (corners: Corners | undefined, layout: Layout, units: readonly number[], colours: ReadonlyMap<string, string>) =>
  picture && checkLayout(picture, someOf(layout, units), colours, { corners });

const offered = { speak, open, read, straight, cloth, even, check };
export type EyeOffers = typeof offered;
expose(offered);
