import type { CutSays, PlainSays, TodaySays } from '@furrow/core';

/** Everything that is said, by its key, with what stands in it. A stage adds its own here. */
export type Sayings = PlainSays & TodaySays & CutSays;
export type SayKey = keyof Sayings;

/**
 * The sentences of some sayings in one language, in ICU's message format: `{name}` is what stands in
 * them, a count chooses singular or plural. A key that is missing, or one too many, does not
 * compile.
 */
export type Sentences<Part> = { readonly [Key in keyof Part]: string };
export type Catalogue = Sentences<Sayings>;
