import type {
  CutSays,
  DrainSays,
  PlainSays,
  ReadySays,
  RulesSays,
  TakeSays,
  TodaySays,
} from '@furrow/core';
import type { ScreenSays } from './screens/index.js';

/** Everything that is said, by its key, with what stands in it. A stage adds its own here. */
export type Sayings = PlainSays &
  TodaySays &
  CutSays &
  DrainSays &
  ReadySays &
  RulesSays &
  TakeSays;
export type SayKey = keyof Sayings;

/**
 * The sentences of some sayings in one language, in ICU's message format: `{name}` is what stands in
 * them, a count chooses singular or plural. A key that is missing, or one too many, does not
 * compile.
 */
export type Sentences<Part> = { readonly [Key in keyof Part]: string };
export type Catalogue = Sentences<Sayings & ScreenSays>;

/** A sentence of a screen, and what stands in it. */
export type ScreenKey = keyof ScreenSays;
export type ScreenValues<Key extends ScreenKey> = ScreenSays[Key];
