import { calculate } from '@furrow/core';
import { inEnglish } from '@furrow/words';

/**
 * Runs a calculator as every door does: what its answer has of sentences is English. Takes its name
 * and unchecked input; throws as `calculate` does.
 */
export const spokenCalculation = (name: string, input: unknown): unknown =>
  calculate(name, input, inEnglish);
