/** check FILE: whether the document is sound, and what is worth a warning. */
import { PlanError, constructMonthBlock, unansweredUnits } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { readOptions } from '../usage';

export const check: Verb = ({ programme, file, warnings }, words) => {
  readOptions(words, []);
  // A sound drawing may still hold what cannot be sewn yet; that is a warning until somebody asks for its cuts.
  const unsewn = programme.months
    .flatMap((m) => m.blocks)
    .flatMap((entry) => {
      try {
        constructMonthBlock(programme, entry);
        return [];
      } catch (error) {
        if (error instanceof PlanError) return error.problems;
        throw error;
      }
    });
  const unanswered = unsewn.length > 0 ? [] : unansweredUnits(file, programme);
  return { ok: true, warnings: [...warnings, ...unsewn, ...unanswered] };
};
