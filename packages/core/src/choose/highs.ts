import type { LpAnswer, LpOptions, LpSolver } from '../records/vocabulary/solver.js';

/** A model in the library: what is used of it. */
interface HighsModel {
  /** Throws where it cannot read the text. */
  readModel(source: { format: 'lp'; data: string }): unknown;
  options: { set(values: Readonly<Record<string, boolean | number | string>>): unknown };
  info: { get(name: string): number | bigint };
  run(): unknown;
  getModelStatus(): number;
  getObjectiveValue(): number;
  getSolution(): { colValue: Float64Array; rowDual: Float64Array };
  getColName(index: number): string;
  getRowName(index: number): string;
}
/** What is used of the HiGHS library. */
export interface HighsLike {
  constants: {
    modelStatus: Readonly<Record<string, number>>;
    solutionStatus: Readonly<Record<string, number>>;
  };
  withModel<Result>(operation: (model: HighsModel) => Result): Result;
}

const UNKNOWN: LpAnswer = {
  status: 'unknown',
  value: NaN,
  bound: Infinity,
  columns: {},
  duals: {},
};

/**
 * The HiGHS library as our solver. Only known states count: text it cannot read is 'unknown' here,
 * never an answer. A fixed seed and one thread: the same model gives the same answer.
 */
export function highsSolver(highs: HighsLike): LpSolver {
  return (lp, options) =>
    highs.withModel((model) => (isRead(model, lp) ? solved(highs, model, options) : UNKNOWN));
}

function isRead(model: HighsModel, lp: string): boolean {
  try {
    model.readModel({ format: 'lp', data: lp });
    return true;
  } catch {
    return false;
  }
}

function solved(highs: HighsLike, model: HighsModel, { timeLimitS, gap }: LpOptions): LpAnswer {
  model.options.set({
    time_limit: timeLimitS,
    mip_rel_gap: gap,
    mip_abs_gap: 1e-6,
    random_seed: 7,
    output_flag: false,
  });
  model.run();
  return answerOf(highs, model);
}

const STATUS: Readonly<Record<string, LpAnswer['status']>> = {
  optimal: 'optimal',
  timeLimit: 'time-limit',
  infeasible: 'infeasible',
  unboundedOrInfeasible: 'infeasible',
};

function answerOf({ constants }: HighsLike, model: HighsModel): LpAnswer {
  const code = model.getModelStatus();
  const named = Object.entries(STATUS).find(([name]) => constants.modelStatus[name] === code);
  const status = named?.[1] ?? 'unknown';
  if (status !== 'optimal' && status !== 'time-limit') return { ...UNKNOWN, status };
  // A model without whole numbers has no nodes: what it is worth is its own bound.
  const isWhole = Number(model.info.get('mip_node_count')) >= 0;
  const bound = isWhole ? Number(model.info.get('mip_dual_bound')) : model.getObjectiveValue();
  const isFound =
    Number(model.info.get('primal_solution_status')) === constants.solutionStatus.feasible;
  if (!isFound) return { ...UNKNOWN, status, bound };
  const { colValue, rowDual } = model.getSolution();
  return {
    status,
    value: model.getObjectiveValue(),
    bound,
    columns: byName(colValue, (i) => model.getColName(i)),
    duals: byName(rowDual, (i) => model.getRowName(i)),
  };
}

function byName(values: Float64Array, nameOf: (index: number) => string): Record<string, number> {
  const named: Record<string, number> = {};
  values.forEach((value, i) => {
    if (Number.isFinite(value)) named[nameOf(i)] = value;
  });
  return named;
}
