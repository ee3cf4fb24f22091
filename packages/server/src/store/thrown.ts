/** What was thrown, by its field of a name, where it has one. Anything may be thrown. */
const fieldOf = (error: unknown, name: string): unknown =>
  typeof error === 'object' && error !== null && name in error ? Reflect.get(error, name) : null;

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');

/** The code of the system, the database or the framework; empty where there is none. */
export const codeOf = (error: unknown): string => textOf(fieldOf(error, 'code'));

/** What it says of itself; empty where it says nothing. */
export const messageOf = (error: unknown): string => textOf(fieldOf(error, 'message'));

/** Which kind of fault the reader of bodies met, and the status that the framework gives it. */
export const kindOf = (error: unknown): string => textOf(fieldOf(error, 'type'));
export const statusOf = (error: unknown): unknown => fieldOf(error, 'status');
