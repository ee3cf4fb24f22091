/**
 * Paths of the interface as types: what is spoken of (`/hives/7f…/boxHistory`), and the entry of the
 * list it means (`/hives/:id/boxHistory`).
 */

/** A path as it may be spoken: each place in it filled with some text. */
export type Spoken<Path extends string> = Path extends `${infer Before}:${infer After}`
  ? After extends `${string}/${infer Rest}`
    ? `${Before}${string}/${Spoken<Rest>}`
    : `${Before}${string}`
  : Path;

/** What the places of a path are called. */
type PlacesOf<Path extends string> = Path extends `${string}:${infer After}`
  ? After extends `${infer Place}/${infer Rest}`
    ? Place | PlacesOf<Rest>
    : After
  : never;
/** What stands in the places of a path. */
export type Params<Path extends string> = Record<PlacesOf<Path>, string>;

/** A path without what is asked behind the question mark. */
export type Plain<Said extends string> = Said extends `${infer Path}?${string}` ? Path : Said;

/**
 * The entry that a spoken path means: the one whose shape is exactly its own, so that
 * `/cutBoards/plans` is not taken for `/cutBoards/:id`.
 */
export type Meant<Paths extends string, Said extends string> = Said extends string
  ? {
      [Path in Paths]: Said extends Spoken<Path>
        ? Spoken<Path> extends Said
          ? Path
          : never
        : never;
    }[Paths]
  : never;
