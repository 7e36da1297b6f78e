import { readProgramme } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { blockChoices } from './choices';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const entries = programme.months.flatMap((m) => m.blocks).map((entry) => [entry.block.name, entry] as const);

describe.each(entries)('the choices for %s', (_, entry) => {
  const choices = blockChoices(programme, entry, programme.colourways[0]!);

  it('survive the way from a worker', () => {
    expect(structuredClone(choices)).toEqual(choices);
  });

  it('name exactly one method of each unit as chosen, and say why another cannot be had', () => {
    for (const { methods } of choices.units) {
      expect(methods.filter((m) => m.chosen)).toHaveLength(1);
      for (const method of methods) {
        if (method.unable) expect(method.effort).toBeUndefined();
        else expect(method.effort!.minutes).toBeGreaterThan(0);
      }
    }
  });

  it('show at most three slips, each another picture of the same size', () => {
    expect(choices.slips.length).toBeLessThanOrEqual(3);
    expect(new Set(choices.slips.map((s) => JSON.stringify(s.drawing))).size).toBe(choices.slips.length);
    for (const { drawing } of choices.slips) expect(drawing.width).toBeCloseTo(entry.finished[0].toNumber(), 9);
  });

  it('never say that more seams nest than meet', () => {
    const { asDrawn, turned } = choices.neighbours;
    for (const way of turned ? [asDrawn, turned] : [asDrawn]) expect(way.nested).toBeLessThanOrEqual(way.crossings);
    if (turned) expect(turned.crossings - turned.nested).toBeLessThan(asDrawn.crossings - asDrawn.nested);
  });
});
