/**
 * The entry of a key that is known to be there: where it is not, the reader was wrong about what it
 * was made of.
 *
 * @throws where the key has no entry.
 */
export function entryOf<Key, Value>(map: ReadonlyMap<Key, Value>, key: Key): Value {
  const value = map.get(key);
  if (value === undefined) throw new Error(`Nothing stands under ${String(key)}`);
  return value;
}

/**
 * The first of a list that fits and is known to be there.
 *
 * @throws where none fits.
 */
export function firstOf<Thing>(
  list: readonly Thing[],
  fits: (thing: Thing) => boolean,
  what = 'thing',
): Thing {
  const thing = list.find(fits);
  if (thing === undefined) throw new Error(`There is no such ${what} in the list`);
  return thing;
}

/**
 * The last of a list that is known not to be empty.
 *
 * @throws where it is empty.
 */
export function endOf<Thing>(list: readonly Thing[]): Thing {
  const thing = list.at(-1);
  if (thing === undefined) throw new Error('The list is empty');
  return thing;
}

/**
 * What is known to be there.
 *
 * @throws where it is null or undefined, with what it is called.
 */
export function sure<Thing>(thing: Thing | null | undefined, what: string): Thing {
  if (thing === null || thing === undefined) throw new Error(`There is no ${what}`);
  return thing;
}

/** A table with an entry for each of the keys, as a function says it. */
export const tableOf = <Key extends string, Value>(
  keys: readonly Key[],
  value: (key: Key, at: number) => Value,
): Record<Key, Value> =>
  Object.fromEntries(keys.map((key, at) => [key, value(key, at)])) as Record<Key, Value>;
