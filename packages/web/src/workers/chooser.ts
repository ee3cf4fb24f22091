import {
  chooseAnswers,
  combOrLiquid,
  firstAnswer,
  highsSolver,
  type ChooseAnswer,
  type ChooseRequest,
  type CombOrLiquid,
  type CombOrLiquidInput,
  type LpSolver,
} from '@furrow/core';
import { expose } from 'comlink';
import wasm from 'highs/runtime?url';

let solver: Promise<LpSolver> | null = null;
let isSolverHere = false;

/** The solver is a megabyte: it is fetched once a first answer was given without it. */
async function fetchSolver(): Promise<LpSolver> {
  const { default: load } = await import('highs');
  const highs = await load({ locateFile: () => wasm });
  isSolverHere = true;
  return highsSolver(highs);
}
/** What did not come is asked for again by the next question. */
function forgetSolver(error: unknown): never {
  solver = null;
  throw error;
}
let asked = 0;
const breathe = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/**
 * The chooser, off the page's own thread. A newer question ends the one before between two steps;
 * `end` in the client ends it in the middle.
 */
const api = {
  /** Answers at once unless a proof is running: what is only being fetched is not worth ending. */
  isAwake: (): true => true,
  /**
   * Answers step by step; resolves true when the last answer was given, false when a newer question
   * came.
   */
  async choose(request: ChooseRequest, onAnswer: (answer: ChooseAnswer) => void): Promise<boolean> {
    const mine = ++asked;
    if (!isSolverHere) {
      const first = firstAnswer(request);
      if (first) onAnswer(first);
      if (first?.isDone) return true;
    }
    solver ??= fetchSolver().catch(forgetSolver);
    const solve = await solver;
    if (mine !== asked) return false;
    for (const answer of chooseAnswers(request, solve)) {
      if (mine !== asked) return false;
      onAnswer(answer);
      await breathe();
    }
    return true;
  },
  combOrLiquid: (input: CombOrLiquidInput, onProgress: (share: number) => void): CombOrLiquid =>
    combOrLiquid(input, onProgress),
};
export type ChooserApi = typeof api;
expose(api);
