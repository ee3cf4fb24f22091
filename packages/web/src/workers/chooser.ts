import {
  chooseAnswers,
  combOrLiquid,
  highsSolver,
  type ChooseAnswer,
  type ChooseRequest,
  type CombOrLiquid,
  type CombOrLiquidInput,
  type LpSolver,
} from '@furrow/core';
import { expose } from 'comlink';
import highsLoader from 'highs';
import wasm from 'highs/runtime?url';

const solver: Promise<LpSolver> = highsLoader({ locateFile: () => wasm }).then((highs) =>
  highsSolver(highs as never),
);
let asked = 0;
const breathe = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/**
 * The chooser, off the page's own thread. A newer question ends the one before between two steps;
 * `end` in the client ends it in the middle.
 */
const api = {
  /**
   * Answers step by step; resolves true when the last answer was given, false when a newer question
   * came.
   */
  async choose(request: ChooseRequest, onAnswer: (answer: ChooseAnswer) => void): Promise<boolean> {
    const mine = ++asked;
    const solve = await solver;
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
