/** cut FILE: the cutting plan, for one kit and for all of a colourway's. */
import { planContract, planCutting, type Basis } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { planAims, type PlanAim } from '@aggrega/core/cutting';
import { UsageError, pick, readOptions, underWay } from '../usage';
import { words as said } from '../words';

export const cut: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['participants', 'colourway', 'basis', 'months', 'reading', 'size'], ['quilt']);
  const reading = options.reading === undefined ? undefined : readReading(options.reading);
  const bases: Basis[] = options.basis === undefined ? ['kit', 'batch'] : [readBasis(options.basis)];
  const colourways =
    options.colourway === undefined ? programme.colourways : [pick(programme.colourways, options.colourway, 'colourway')];
  const months =
    options.months === undefined
      ? programme.months
      : options.months.split(',').map((id) => pick(programme.months, id.trim(), 'month'));
  const people = options.participants === undefined ? undefined : readCount(options.participants);
  const size = options.size === undefined ? undefined : pick(programme.sizes, options.size, said.sizeOption);
  const plans = colourways.flatMap((colourway) =>
    bases.map((basis) => {
      underWay(said.planningOf(basis === 'kit' ? said.oneKit : said.allKits, colourway.name));
      const plan = planCutting(programme, {
        colourway,
        months: [...new Set(months)],
        basis,
        ...{ reading, size, setting: options.quilt ? 'all' : 'none' },
        participants: people ?? programme.participants.get(colourway.id)!,
      });
      return planContract(plan, programme);
    }),
  );
  return { plans };
};

function readBasis(written: string): Basis {
  if (written !== 'kit' && written !== 'batch') throw new UsageError(said.basisIsKitOrBatchNot(written));
  return written;
}

function readReading(written: string): PlanAim {
  const reading = planAims.find((r) => r === written);
  if (!reading) throw new UsageError(said.readingIsNot(planAims.join(', '), written));
  return reading;
}

function readCount(written: string): number {
  if (!/^\d{1,6}$/.test(written) || Number(written) > 100_000) throw new UsageError(said.participantsIsAWholeNumberUp(written));
  return Number(written);
}
