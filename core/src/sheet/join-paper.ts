/** A seam between parts as paper: one step, or for somebody new to it two, with the parts face to face before they are opened. */
import type { Construction } from '../construction';
import { boxOf } from '../hands';
import { sewWords, joinWords, type JoinStep } from './joining';
import { joinScene } from './join-scene';
import type { Checkpoint, PaperPicture, PaperStep, Words } from './paper';
import type { Colours } from './pictures';
import { scenePicture } from './scene-picture';
import { lowered } from './unit-steps';
import { words } from './words/join-paper';

/** The longest side of a picture, and what the shortest one still has; inches. */
const LONGEST = 1.2;
const SHORTEST = 0.75;

/** Inches of paper to a unit of fabric, where `most` is the longest side of what is shown. */
export const joinScale = ({ drawing: { width, height } }: JoinStep, most: number): number =>
  Math.max(LONGEST / most, SHORTEST / Math.max(width, height));

/** `sewn`: the part sewn and pressed; `before`: words before it; `split`: the two parts face to face come first. */
export function joinPaperSteps(
  join: JoinStep,
  {
    sewn,
    most,
    before = '',
    check,
    checkpoint,
    name,
    split,
  }: {
    sewn: PaperPicture;
    /** The longest side of what the seams of its kind make. */
    most: number;
    before?: string;
    check?: Words;
    checkpoint?: Checkpoint;
    /** Its name, set bold, where the steps of a block are told. */
    name?: string;
    split?: { c: Construction; colours: Colours; fabric: (role: string) => string };
  },
): PaperStep[] {
  const id = join.name.toLowerCase().replaceAll(' ', '-');
  const checked = { ...(check && { check }), ...(check && checkpoint && { checkpoint }) };
  const named = (text: string): Words => (name ? [{ bold: `${name}. ` }, `${before}${text}`] : `${before}${text}`);
  const found = split && joinScene(join.branch, split.c);
  if (!found) return [{ place: { id }, picture: sewn, text: named(joinWords(join)), ...checked }];
  const [, , across] = boxOf(found.plies);
  const wide = across * joinScale(join, most);
  const faced = lowered(scenePicture(found, split.colours, { wide, fabric: split.fabric }));
  return [
    { place: { id }, picture: faced, text: named(sewWords(join)) },
    { place: { id: `${id}-press` }, picture: sewn, text: words.openIt(join.press), ...checked },
  ];
}
