/**
 * A solver for linear and whole-number models in LP text. Given in by whoever computes: the core
 * brings none.
 */
export type LpSolver = (lp: string, options: LpOptions) => LpAnswer;

/** How long it may take, and within which share of the best an answer is enough. */
export interface LpOptions {
  timeLimitS: number;
  gap: number;
}

export interface LpAnswer {
  status: 'optimal' | 'time-limit' | 'infeasible' | 'unknown';
  value: number;
  /** No answer is better than this, as far as it was proven; infinite where nothing was. */
  bound: number;
  columns: Readonly<Record<string, number>>;
  /**
   * Of a relaxed model: how much more the goal has for one more of a row's right side, by row name.
   */
  duals: Readonly<Record<string, number>>;
}
