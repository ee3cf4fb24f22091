import { asWritten, type Say } from './say/say.js';

/**
 * An input the core cannot compute with. `path` names the field as the caller wrote it
 * (`weighings[2].kg`), so that every door (import, command line, HTTP, screen) can point at it.
 */
export class BadInput extends Error {
  readonly code = 'bad-input';
  readonly path: string;
  /** What is to be said of it by its key; null where it is a sentence already. */
  readonly says: Say | null;
  constructor(message: string | Say, path = '') {
    super(typeof message === 'string' ? message : message.key);
    this.says = typeof message === 'string' ? null : message;
    this.name = 'BadInput';
    this.path = path;
  }
}

/** What is to be said of what was thrown: by its key where it has one, else as it says itself. */
export function saidOf(error: unknown): Say {
  if (error instanceof BadInput && error.says) return error.says;
  return asWritten(error instanceof Error ? error.message : String(error));
}

/**
 * Joins a Zod issue path as a person writes it: `['weighings', 2, 'kg']` gives `weighings[2].kg`.
 */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>((text, part) => {
    if (typeof part === 'number') return `${text}[${part}]`;
    return text ? `${text}.${String(part)}` : String(part);
  }, '');
}
