import type { Range } from '../../units/format.js';
import type { HiveKindName } from './hive.js';
import type { Way } from './ways.js';

/** One harvest as seasons count it, grams and minutes, all derived from the book and the log. */
export interface HarvestSummary {
  batchId: string;
  hiveId: string;
  hiveName: string;
  siteName: string;
  kind: HiveKindName;
  method: Way;
  date: string;
  season: string;
  closed: boolean;
  combs: number;
  boxes: number;
  hiveL: number;
  honeyG: number;
  waxG: number;
  wetWaxG: number;
  pieces: number;
  piecesG: number;
  jars: number;
  combG: number;
  /** Honey that the estimate at the choice promised, kg; null where none was made. */
  estimatedHoneyKg: Range | null;
  handsOnMinutes: number;
  /**
   * What went out by what was asked for it, and what stands on the shelf by the kit's prices; and
   * what jars and boxes cost.
   */
  worth: number;
  cost: number;
  drawOffs: number;
  drawOffMinutes: number;
  pressed: boolean;
}

export interface Contradiction {
  id: string;
  code:
    | 'harvest-before-look'
    | 'look-after-taken'
    | 'comb-in-two-places'
    | 'hive-named-twice'
    | 'board-in-and-out'
    | 'queen-in-closed-hive'
    | 'years-counted-twice'
    | 'side-named-twice';
  sentence: string;
  hiveId: string | null;
  batchId: string | null;
}
