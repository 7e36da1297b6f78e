/** How fast a shop really cuts: its own log against the rule of thumb (docs/craft.md, How fabric is cut). */

export interface LoggedEvening {
  /** What the rates say the work takes, and what it took: minutes of all hands together. */
  estimated: number;
  taken: number;
}

/** The rule of thumb counts as an evening of so many minutes that went as estimated, so that one odd evening does not rule. */
const TRUST = 60;

/** What minutes by the rates are to be multiplied with; 1 without a log. */
export function paceOf(log: readonly LoggedEvening[]): number {
  const sum = (of: (e: LoggedEvening) => number) => log.reduce((n, e) => n + of(e), TRUST);
  return sum((e) => e.taken) / sum((e) => e.estimated);
}
