import type { Problem } from '../../block';

/** The plan cannot be made; each problem names its place in the document. */
export class PlanError extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map((p) => p.message).join('; '));
  }
}
