import { BadInput, pathText, type ProblemCode } from '@furrow/core';
import { ZodError } from 'zod';
import { isDamage, systemTrouble } from './store/trouble.js';

/**
 * Problem details (RFC 9457) with a stable code, a sentence for people, and the path of the field.
 */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: ProblemCode,
    readonly detail: string,
    readonly path?: string,
  ) {
    super(detail);
  }
  toJSON(): Record<string, unknown> {
    return {
      type: `about:blank#${this.code}`,
      title: this.code,
      status: this.status,
      code: this.code,
      detail: this.detail,
      ...(this.path ? { path: this.path } : {}),
    };
  }
}

export const notFound = (what: string): Problem =>
  new Problem(404, 'not-found', `There is no such ${what}.`);
export const refused = (detail: string, path?: string): Problem =>
  new Problem(400, 'bad-input', detail, path);
export const conflict = (code: ProblemCode, detail: string, path?: string): Problem =>
  new Problem(409, code, detail, path);

export const DAMAGED_TEXT =
  'A page of the household’s file is damaged. Nothing more is written, so that it gets no worse: stop Furrow and bring the newest copy back with “node furrow.mjs restore”.';
export const damaged = (): Problem => new Problem(503, 'damaged', DAMAGED_TEXT);

/** What the framework means by a status, in words. */
const REQUEST_WORDS: Record<number, string> = {
  400: 'This address or text cannot be read.',
  413: 'This is more than one entry may hold.',
  415: 'Text of this kind is not read here: UTF-8, and JSON.',
  416: 'There is no such part of it.',
};

/** Turns anything thrown into a problem; the database's own words never leave the server. */
export function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof BadInput) return refused(error.message, error.path);
  if (error instanceof ZodError) {
    const issue = error.issues[0];
    const path = issue.code === 'unrecognized_keys' ? [...issue.path, issue.keys[0]] : issue.path;
    return refused(
      issue.code === 'unrecognized_keys'
        ? `"${issue.keys[0]}" is not a field here.`
        : issue.message,
      pathText(path),
    );
  }
  const { type, code, status } = error as { type?: string; code?: string; status?: unknown };
  if (type === 'entity.parse.failed') return refused('This is not readable JSON.');
  if (type === 'entity.too.large')
    return new Problem(413, 'too-large', 'This is more text than one entry may hold.');
  if (code === 'SQLITE_CONSTRAINT_PRIMARYKEY')
    return conflict('id-there', 'Something stands under this id already. Give it one of its own.');
  if (code === 'SQLITE_CONSTRAINT_UNIQUE')
    return conflict('already-there', 'This place or name is taken already.');
  if (code === 'SQLITE_CONSTRAINT_FOREIGNKEY')
    return refused('This names something that is not there.');
  if (code?.startsWith('SQLITE_CONSTRAINT'))
    return refused('This does not fit together with what is there.');
  if (isDamage(error)) return damaged();
  const trouble = typeof code === 'string' ? systemTrouble(code) : null;
  if (trouble)
    return new Problem(
      507,
      'not-kept',
      `This could not be written: ${trouble}. Nothing of it was kept here.`,
    );
  if (code?.startsWith('Z_')) return refused('This is packed in a way that cannot be read.');
  // What the web framework refuses is the client's: its status stands, its words are ours.
  if (typeof status === 'number' && status >= 400 && status < 500)
    return new Problem(status, 'bad-request', REQUEST_WORDS[status] ?? 'This cannot be read here.');
  return new Problem(500, 'unexpected', 'This did not work here. Nothing was written.');
}
