import type { MessagePort } from 'node:worker_threads';
import { BadInput, type Say, type ProblemCode } from '@furrow/core';
import { Problem, asProblem } from '../problem.js';
import { TASKS, type TaskName } from './tasks.js';

export interface Order {
  task: TaskName;
  args: unknown[];
  /** Where the share done is told, 0 to 1; null where nobody asked. */
  progress: MessagePort | null;
}
/**
 * What comes back: errors do not keep their class from thread to thread, so they come as what they
 * say.
 */
export type Outcome =
  | { value: unknown }
  | { problem: { status: number; code: ProblemCode; says: string | Say; path?: string } }
  | { badInput: { message: string | Say; path: string } };

function failureOf(error: unknown): Outcome {
  if (error instanceof BadInput)
    return { badInput: { message: error.says ?? error.message, path: error.path } };
  if (!(error instanceof Problem) && asProblem(error).code === 'unexpected') throw error;
  const { status, code, says, path } = asProblem(error);
  return { problem: { status, code, says, path } };
}

/** One order, done in this thread. */
export default async function work({ task, args, progress }: Order): Promise<Outcome> {
  const told = progress ? [(share: number): void => progress.postMessage(share)] : [];
  const doing = TASKS[task] as (...all: unknown[]) => unknown;
  try {
    return { value: await doing(...args, ...told) };
  } catch (error) {
    return failureOf(error);
  } finally {
    progress?.close();
  }
}
