import { OWN_READS, READS } from '@furrow/core';
import { z } from 'zod';
import { ALL_WRITES } from './writes.js';
import { VIEWS } from './views.js';
import type { Write } from './store/writes.js';

const ALL_READS: Readonly<Record<string, { answers: z.ZodType }>> = { ...READS, ...OWN_READS };

const isAt = (template: string, plain: string): boolean =>
  new RegExp(`^${template.replace(/:\w+/g, '[^/]+')}$`).test(plain);

/** What a read of the interface answers with; null where it is a file, a picture or a stream. */
export function answerOf(path: string): z.ZodType | null {
  const [plain] = path.split('?');
  const found = Object.keys(ALL_READS).find((template) => isAt(template, plain));
  return found ? ALL_READS[found].answers : null;
}

/** What a write answers with; null where the path takes no command. */
export function writtenAnswerOf(method: Write['method'], path: string): z.ZodObject | null {
  const writes = ALL_WRITES.filter((w) => w.method === method);
  // "/cutBoards/plans" is also a path of the shape "/cutBoards/:id": the plain one is meant.
  const found = writes.find((w) => w.path === path) ?? writes.find((w) => isAt(w.path, path));
  return found?.answers ?? null;
}

/** The answer to a command that was written before: a view that is gone by now is null. */
export function repeatedAnswerOf(answer: z.ZodObject): z.ZodObject {
  const shape = Object.entries(answer.shape as Record<string, z.ZodType>).map(
    ([key, schema]): [string, z.ZodType] => [key, key in VIEWS ? schema.nullable() : schema],
  );
  return z.strictObject(Object.fromEntries(shape));
}
