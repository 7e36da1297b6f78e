/** What can be chosen for a block, and what can go wrong with it, as plain data: the slow part of the Sew order, for a worker. */
import {
  isSeen,
  joiningsOf,
  methodChoices,
  neighbourPressing,
  otherReadings,
  slipsOf,
  type Joining,
  type MethodChoice,
  type Neighbours,
  type OtherReading,
  type SeenSlip,
  type Slip,
} from '@aggrega/core/construction';
import type { Drawing } from '@aggrega/core/block';
import { constructMonthBlock, constructSewn, type Colourway, type MonthBlock, type Programme } from '@aggrega/core/programme';

export interface SlipView {
  text: string;
  seen: SeenSlip;
  /** Whether the sheet asks for it first because it was seen at the tables. */
  asked: boolean;
  drawing: Drawing;
  at: (readonly [number, number, number, number])[];
}

export interface BlockChoices {
  units: { label: string; name: string; kind: string; methods: MethodChoice[] }[];
  readings: OtherReading[];
  /** Ways to put it together, the usual one first; one alone is no choice. */
  joinings: Joining[];
  slips: SlipView[];
  neighbours: Neighbours;
}

const slipView =
  (asked: SeenSlip | undefined) =>
  (slip: Slip): SlipView => {
    const { text, kind, unit, drawing, at } = slip;
    return { text, seen: { ...(unit && { unit: unit.name }), kind }, asked: isSeen(slip, asked), drawing, at };
  };

/** Everything to choose from and to look out for in a month's block. */
export function blockChoices(programme: Programme, entry: MonthBlock, colourway: Colourway): BlockChoices {
  const c = constructMonthBlock(programme, entry, colourway);
  // What comes out of a pool is weighed as if the block were made by itself.
  const made = constructSewn(programme, entry, colourway);
  return {
    units: made.units
      .filter((u) => u.kind.methods.length > 1)
      .map((u) => ({ label: u.label, name: u.name, kind: u.kind.plural, methods: methodChoices(u, made) })),
    readings: otherReadings(made),
    joinings: joiningsOf(made),
    slips: slipsOf(c).map(slipView(entry.style.slip)),
    neighbours: neighbourPressing(c),
  };
}
