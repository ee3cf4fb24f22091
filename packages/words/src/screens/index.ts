import type { ApiScreen } from './api.js';
import type { BookScreen } from './book.js';
import type { ChooseScreen } from './choose.js';
import type { CommonScreen } from './common.js';
import type { CutScreen } from './cut.js';
import type { DrainScreen } from './drain.js';
import type { DrawingScreen } from './drawing.js';
import type { HouseScreen } from './house.js';
import type { JarScreen } from './jar.js';
import type { KitScreen } from './kit.js';
import type { LookScreen } from './look.js';
import type { PartsScreen } from './parts.js';
import type { ReadyScreen } from './ready.js';
import type { RulesScreen } from './rules.js';
import type { ShellScreen } from './shell.js';
import type { TakeScreen } from './take.js';
import type { TodayScreen } from './today.js';

/** Everything that a screen says of itself, by its key: the component and its first words. */
export type ScreenSays = ApiScreen &
  BookScreen &
  ChooseScreen &
  CommonScreen &
  CutScreen &
  DrainScreen &
  DrawingScreen &
  HouseScreen &
  JarScreen &
  KitScreen &
  LookScreen &
  PartsScreen &
  ReadyScreen &
  RulesScreen &
  ShellScreen &
  TakeScreen &
  TodayScreen;
