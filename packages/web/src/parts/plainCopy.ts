/**
 * A copy without the reader's watchers on it: what a worker can be sent, and what a form may change
 * without changing where it came from. Takes what JSON can hold.
 */
export function plainCopy<Thing>(thing: Thing): Thing {
  const copy: Thing = JSON.parse(JSON.stringify(thing));
  return copy;
}
