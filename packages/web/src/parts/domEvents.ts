/** Whether an event came from within something: a field, a dialog, a button. */
export const isWithin = (event: Event, selector: string): boolean =>
  event.target instanceof Element && event.target.closest(selector) !== null;

/** The file that was chosen; the field is free for the same one again. Null where none was. */
export function fileOf(event: Event): File | null {
  const field = event.target;
  if (!(field instanceof HTMLInputElement)) return null;
  const file = field.files?.[0] ?? null;
  field.value = '';
  return file;
}

/** The text that a stream from the server carries. */
export const dataOf = (event: Event): string =>
  event instanceof MessageEvent && typeof event.data === 'string' ? event.data : '';
