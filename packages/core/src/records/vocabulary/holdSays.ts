import { sayer, type Say } from '../../say/say.js';

/** What is said of honey that is held back. */
export interface HoldSays {
  'hold.sick.name': object;
  'hold.sick.left': object;
  'hold.sick.bars': object;
  'hold.sick.ask': object;
  'hold.dead.name': object;
  'hold.dead.left': object;
  'hold.dead.bars': object;
  'hold.dead.ask': object;
  'hold.treated.name': object;
  'hold.treated.left': object;
  'hold.treated.bars': object;
  'hold.treated.ask': object;
  'hold.syrup.name': object;
  'hold.syrup.left': object;
  'hold.syrup.bars': object;
  'hold.syrup.ask': object;
  'hold.for': { hive: string; why: Say };
  'hold.brood-sick': { hive: string; on: { date: string } };
  'hold.inspector': { hive: string; on: { date: string } };
  'hold.died-diseased': { hive: string; on: { date: string } };
  'hold.died-poisoned': { hive: string; on: { date: string } };
  'hold.back': { why: Say; what: Say; ask: Say };
  'hold.said': { why: Say; bars: Say };
  'hold.ask': { why: Say; ask: Say };
  'hold.answered': object;
}

export const holdSay = sayer<HoldSays>();
