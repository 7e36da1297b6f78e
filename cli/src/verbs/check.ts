/** check FILE: whether the document is sound, and what is worth a warning. */
import { PlanError, constructMonthBlock, unansweredUnits } from '@aggrega/core/programme';
import { lostWords, wordsStanding } from '@aggrega/core/sheet';
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
  // Words of the organiser's that no sheet says any more.
  const lost =
    unsewn.length > 0
      ? []
      : programme.months.flatMap((month, i) =>
          wordsStanding(programme, month).flatMap((own) => {
            const message = lostWords(own);
            return message ? [{ path: `/months/${i}/words/${own.id}`, message }] : [];
          }),
        );
  return { ok: true, warnings: [...warnings, ...unsewn, ...unanswered, ...lost] };
};
