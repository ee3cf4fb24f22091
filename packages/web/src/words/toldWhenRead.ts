import type { ScreenKey, ScreenValues } from '@furrow/words';
import { tell } from './tell.js';

/** A key of a sentence in which nothing stands. */
type PlainKey = {
  [Key in ScreenKey]: keyof ScreenValues<Key> extends never ? Key : never;
}[ScreenKey];

/**
 * A table of words, each said when it is read: a module may come before the words of its screen.
 * Takes the keys of the sentences, in which nothing stands.
 */
export function toldWhenRead<const Name extends string>(
  keys: Readonly<Record<Name, PlainKey>>,
): Readonly<Record<Name, string>> {
  const table = {};
  for (const [name, key] of Object.entries<PlainKey>(keys))
    Object.defineProperty(table, name, { get: () => tell(key), enumerable: true });
  return table as Readonly<Record<Name, string>>;
}
