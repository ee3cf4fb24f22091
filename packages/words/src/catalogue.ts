import type {
  ChooseSays,
  CutSays,
  DrainSays,
  EntrySays,
  FieldSays,
  HiveNameSays,
  HiveSays,
  PlainSays,
  ReadySays,
  RefusalSays,
  RulesSays,
  TakeSays,
  TodaySays,
  WaySays,
} from '@furrow/core';
import type { firstScreens } from './en/firstScreens.js';
import type { restScreens } from './en/restScreens.js';
import type { Sentences, ValuesOf } from './sentences.js';

/** Everything that the core says, by its key, with what stands in it. A stage adds its own here. */
export type Sayings = PlainSays &
  ChooseSays &
  TodaySays &
  CutSays &
  DrainSays &
  EntrySays &
  FieldSays &
  HiveNameSays &
  HiveSays &
  ReadySays &
  RefusalSays &
  RulesSays &
  TakeSays &
  WaySays;

/**
 * Everything that a screen says of itself, by its key: the component and its first words. What
 * stands in it is read from the English sentence.
 */
export type ScreenSentences = typeof firstScreens & typeof restScreens;
export type ScreenKey = keyof ScreenSentences;
export type ScreenValues<Key extends ScreenKey> = ValuesOf<ScreenSentences[Key]>;

/** Everything in one language. */
export type Catalogue = Sentences<Sayings & ScreenSentences>;
