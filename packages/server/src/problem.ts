import { houseSay } from '@furrow/words';
import { codeOf, kindOf, statusOf } from './store/thrown.js';
import {
  BadInput,
  pathText,
  refusalOf,
  type ProblemCode,
  type Say,
  type Standing,
} from '@furrow/core';
import { inEnglish, speak, type HouseSays, type Reader } from './words.js';
import { ZodError } from 'zod';
import { isDamage, systemTrouble } from './store/trouble.js';

/**
 * Problem details (RFC 9457) with a stable code, a sentence for people, and the path of the field.
 */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: ProblemCode,
    /** The sentence, or what is to be said by its key. */
    readonly says: string | Say,
    readonly path?: string,
    /** What stands there already, where something else was said of the same. */
    readonly stands: Standing | null = null,
  ) {
    super(typeof says === 'string' ? says : inEnglish(says));
  }
  /** The sentence in English and metric, as logs have it. */
  get detail(): string {
    return this.message;
  }
  /** The sentence in the language and units of its reader. */
  toldTo(reader: Reader): string {
    return typeof this.says === 'string' ? this.says : speak(this.says, reader);
  }
  /** As it is answered, in the language and units of its reader. */
  told(reader: Reader): Record<string, unknown> {
    const { says } = this;
    return {
      type: `about:blank#${this.code}`,
      title: this.code,
      status: this.status,
      code: this.code,
      ...(typeof says === 'string' ? { detail: says } : { detail: speak(says, reader), says }),
      ...(this.path ? { path: this.path } : {}),
      ...(this.stands ? { stands: { ...this.stands, text: speak(this.stands.says, reader) } } : {}),
    };
  }
}

/** What may be looked for and not be there. */
export type Noun = keyof HouseSays extends infer Key
  ? Key extends `noun.${infer Name}`
    ? Name
    : never
  : never;
export const notFound = (what: Noun): Problem =>
  new Problem(404, 'not-found', houseSay('refusal.no-such', { what: houseSay(`noun.${what}`) }));
export const refused = (says: string | Say, path?: string): Problem =>
  new Problem(400, 'bad-input', says, path);
export const conflict = (
  code: ProblemCode,
  says: string | Say,
  path?: string,
  stands: Standing | null = null,
): Problem => new Problem(409, code, says, path, stands);

export const damaged = (): Problem => new Problem(503, 'damaged', houseSay('refusal.damaged'));

/** What the framework means by a status, in words. */
const REQUEST_WORDS: Record<number, Say> = {
  400: houseSay('refusal.request.400'),
  413: houseSay('refusal.request.413'),
  415: houseSay('refusal.request.415'),
  416: houseSay('refusal.request.416'),
};

/** Turns anything thrown into a problem; the database's own words never leave the server. */
export function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof BadInput) return refused(error.says ?? error.message, error.path);
  if (error instanceof ZodError) return unfit(error);
  const code = codeOf(error);
  return (
    BY_TYPE[kindOf(error)]?.() ??
    fromDatabase(code) ??
    (isDamage(error) ? damaged() : null) ??
    fromSystem(code) ??
    fromFramework(statusOf(error)) ??
    new Problem(500, 'unexpected', houseSay('refusal.this-did-not-work-here'))
  );
}

/** The first thing a schema finds wrong, at its field. */
function unfit({ issues: [issue] }: ZodError): Problem {
  const at = issue.code === 'unrecognized_keys' ? [...issue.path, issue.keys[0]] : issue.path;
  return refused(refusalOf(issue.message), pathText(at));
}

/** What the reader of bodies throws. */
const BY_TYPE: Readonly<Record<string, () => Problem>> = {
  'entity.parse.failed': () => refused(houseSay('refusal.this-not-readable-json')),
  'entity.too.large': () =>
    new Problem(413, 'too-large', houseSay('refusal.this-more-text-than-one')),
};

/** What the database refuses because of what is there. */
function fromDatabase(code: string): Problem | null {
  if (!code.startsWith('SQLITE_CONSTRAINT')) return null;
  return CONSTRAINTS[code]?.() ?? refused(houseSay('refusal.this-does-not-fit-together'));
}
const CONSTRAINTS: Readonly<Record<string, () => Problem>> = {
  SQLITE_CONSTRAINT_PRIMARYKEY: () =>
    conflict('id-there', houseSay('refusal.something-stands-under-this-id')),
  SQLITE_CONSTRAINT_UNIQUE: () =>
    conflict('already-there', houseSay('refusal.this-place-or-name-taken')),
  SQLITE_CONSTRAINT_FOREIGNKEY: () => refused(houseSay('refusal.this-names-something-that-not')),
};

/** A disk that is full, a file that cannot be written, something packed that cannot be read. */
function fromSystem(code: string): Problem | null {
  const trouble = code ? systemTrouble(code) : null;
  if (trouble)
    return new Problem(507, 'not-kept', houseSay('refusal.this-could-not-be-written', { trouble }));
  return code.startsWith('Z_') ? refused(houseSay('refusal.this-packed-in-way-that')) : null;
}

/** What the web framework refuses is the client's: its status stands, its words are ours. */
function fromFramework(status: unknown): Problem | null {
  return typeof status === 'number' && status >= 400 && status < 500
    ? new Problem(
        status,
        'bad-request',
        REQUEST_WORDS[status] ?? houseSay('refusal.this-cannot-be-read-here'),
      )
    : null;
}
