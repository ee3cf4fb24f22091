import { sayer, type Say, type SayValue } from '../say/say.js';

/** What the kinds of hive are called, and what is counted of them: the first screen says it too. */
export interface HiveNameSays {
  'hiveName.cut-comb': object;
  'hiveName.drain-frame': object;
  'hiveName.framed': object;
  'hiveName.pile-box': object;
  'hiveName.stingless': object;
  'hiveName.top-bar': object;
  'hiveName.warre': object;
  'hiveName.comb': object;
  'hiveName.frame': object;
  'hiveName.pot-group': object;
  'hiveName.unit-at': { unit: Say; place: string };
  'hiveName.combs': { count: number };
  'hiveName.frames': { count: number };
  'hiveName.pots': { count: number };
  'hiveName.boxes': { count: number; boxes: SayValue };
  'hiveName.both': { boxes: Say; combs: Say };
}

/** What is said of a kind of hive: its measures, its parts, what it can hurt. */
export interface HiveSays {
  'hive.crowding-colony-into-comb-super': object;
  'hive.without-strong-flow-it-stays': object;
  'hive.without-empty-super-between-pollen': object;
  'hive.comb-that-slaps-against-its': object;
  'hive.once-frame-opened-it-runs': object;
  'hive.uncapped-cells-run-down-outside': object;
  'hive.hive-that-leans-wrong-way': object;
  'hive.what-runs-over-or-into': object;
  'hive.frames-are-built-from': object;
  'hive.nothing': object;
  'hive.starter-strip': object;
  'hive.plastic-sheet': object;
  'hive.unwired-comb-falls-out-frame': object;
  'hive.frame-left-out-filled-with': object;
  'hive.scraped-sheet-goes-back-at': object;
  'hive.boxes': object;
  'hive.combs-across': object;
  'hive.comb-spacing': object;
  'hive.width-inside': object;
  'hive.depth-box': object;
  'hive.in-box': object;
  'hive.there-are-no-bars-wire': object;
  'hive.box-taken-whole-and-heavy': object;
  'hive.comb-hangs-on-crossbars-and': object;
  'hive.depth-brood-box': object;
  'hive.depth-honey-super': object;
  'hive.honey-supers': object;
  'hive.groups-pots': object;
  'hive.pot-width': object;
  'hive.pot-height': object;
  'hive.hole-up-to-supers': object;
  'hive.at-left': object;
  'hive.in-middle': object;
  'hive.at-right': object;
  'hive.in-brood-box': object;
  'hive.in-honey-super': object;
  'hive.brood-never-opened': object;
  'hive.spilled-honey-and-torn-pollen': object;
  'hive.native-bees-are-protected-by': object;
  'hive.honey-thin-and-ferments-cold': object;
  'hive.brood-boxes': object;
  'hive.supers': object;
  'hive.frames-in-super': object;
  'hive.frame-pitch': object;
  'hive.comb-width': object;
  'hive.depth-super': object;
  'hive.in-super': object;
  'hive.number-bars': object;
  'hive.bar-width': object;
  'hive.comb-depth': object;
  'hive.top-width': object;
  'hive.bottom-width': object;
  'hive.bars-in-front-board': object;
  'hive.in-bar': object;
  'hive.follower-board-behind-bar': object;
  'hive.comb-held-flat-or-warm': object;
  'hive.comb-built-across-two-bars': object;
  'hive.once-comb-hangs-on-last': object;
  'hive.gap-between-bars-lets-robbers': object;
  'hive.bars-in-box': object;
  'hive.bar-pitch': object;
  'hive.combs-are-built-to-walls': object;
  'hive.full-box-weighs-more-than': object;
  'hive.queen-may-be-in-any': object;
  'hive.place': { where: Say; number: number };
}

export const hiveSay = sayer<HiveNameSays & HiveSays>();
