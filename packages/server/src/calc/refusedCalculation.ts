import type { BadInput } from '@furrow/core';
import { inEnglish } from '@furrow/words';

/**
 * What a calculator answers to bad input, alike at the command line and over HTTP: its sentence is
 * English. Takes what the core threw.
 */
export const refusedCalculation = ({ code, says, message, path }: BadInput): object => ({
  error: { code, message: says ? inEnglish(says) : message, path },
});
