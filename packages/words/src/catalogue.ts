import type {
  CalcSays,
  ChooseSays,
  CutSays,
  DrainSays,
  DueSays,
  FieldSays,
  HiveNameSays,
  HiveSays,
  HoneySays,
  LookSays,
  FlowSays,
  LotSays,
  PlainSays,
  ReadySays,
  RulesSays,
  HoldSays,
  JarSays,
  BookSays,
  CombSays,
  ListSays,
  FreezingSays,
  ForecastSays,
  SayValue,
  TakeSays,
  TodaySays,
  WaySays,
} from '@furrow/core';
import type { entry } from './en/entry.js';
import type { firstScreens } from './en/firstScreens.js';
import type { paper } from './en/paper.js';
import type { refusal } from './en/refusal.js';
import type { restScreens } from './en/restScreens.js';
import type { Sentences, ValuesOf } from './sentences.js';

/** Everything that the core says, by its key, with what stands in it. A stage adds its own here. */
export type Sayings = PlainSays &
  CalcSays &
  ForecastSays &
  FreezingSays &
  ListSays &
  CombSays &
  BookSays &
  JarSays &
  HoldSays &
  ChooseSays &
  TodaySays &
  CutSays &
  DrainSays &
  DueSays &
  FieldSays &
  HiveNameSays &
  HiveSays &
  HoneySays &
  LookSays &
  FlowSays &
  LotSays &
  ReadySays &
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

/** What the house refuses, prints, and what its journal says was written down. */
type HouseSentences = typeof entry & typeof refusal & typeof paper;
export type HouseSays = {
  [Key in keyof HouseSentences]: ValuesOf<HouseSentences[Key], SayValue>;
};

/** Everything in one language. */
export type Catalogue = Sentences<Sayings & ScreenSentences & HouseSentences>;
