import { type Say } from '../say/say.js';
import { readySay } from './says.js';
import { entryOf } from '../units/known.js';
import type { DateTime } from 'luxon';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { Range } from '../units/format.js';
import type { BenchClimate } from './bench.js';
import type { VesselRole } from '../records/vocabulary/vessels.js';
import type { Way } from '../records/vocabulary/ways.js';

/** One harvest as it is to be planned: what was chosen, what it should give, when it begins. */
export interface HarvestToPlan {
  id: string;
  name: string;
  hiveKind: HiveKindName;
  way: Way;
  combs: number;
  /** What is taken, in the words of its hive: "box 4"; its combs are counted where left out. */
  takenSaid?: Say;
  /**
   * Comb to be broken up, kg, and how long that takes these hands; null where they never wrote it
   * down.
   */
  combKg: number;
  crushMinutesPerKg: number | null;
  honeyKg: Range;
  pieces: number;
  chunkJars: number;
  jars: number;
  /** Litres to be held, high edge: whole comb, crushed comb, honey. */
  litres: { tub: number; upper: number; out: number };
  freezerL: number;
  /** Depth of honey in its settling vessel, mm. */
  depthMm: number;
  moisturePercent: number;
  climate: BenchClimate;
  /** First smoke, local to the hive's site, YYYY-MM-DDTHH:mm, and that site's zone. */
  startLocal: string;
  siteZone: string;
  /** Steps the person set by hand: local time at the bench by step id. */
  moves: Readonly<Record<string, string>>;
  /** Site notes that add a step: neighbours, children, dog, roof, ladder. */
  siteNotes: readonly string[];
  /** What was to be done at the site before this visit. */
  siteTasks: readonly string[];
  dearth: boolean;
  /**
   * The lot of this hive that is taken first in the same visit, with the work at the hive; null for
   * that one.
   */
  followsId: string | null;
  /** Combs of the lots that follow this one in the same visit, and how many lots that is. */
  taken: { laterCombs: number; laterLots: number };
  /** The harvest whose vessel its comb goes into: the bench work is then that one's. */
  joins: { id: string; name: string } | null;
}

/** One step before it has a time. */
export interface PlanTask {
  id: string;
  title: Say;
  note: Say;
  where: 'home' | 'hive' | 'bench';
  /** Minutes it lasts, given when it begins; a wait may last longer by night. */
  minutes: (start: DateTime) => number;
  handsOnMinutes: number;
  people: number;
  /** Begins when these are done. */
  after: string[];
  /** Begins so many minutes after that step has BEGUN, if it can: stirs. */
  whileRunning?: { of: string; afterMinutes: number };
  /** Local hours before the first smoke. */
  beforeStart?: number;
  /** Holds vessels from its beginning until that step ends. */
  holds?: { role: VesselRole; litres: number; until: string };
  freezerL?: number;
  scale?: boolean;
  /** Colder than this the step waits for the day's warmth, °C. */
  warmthC?: number;
}

/**
 * What is done once for all lots of one visit, with the first of them; a lot that follows does
 * without.
 */
const ONCE_A_VISIT = /^(sanitise|site-.*|reduce|smoke|carry|look-back|look-back-2|wash)$/;
/** The steps of a lot that follows another one of its hive in the same visit, in the same order. */
export function withoutTwice(tasks: readonly PlanTask[]): PlanTask[] {
  const gone = new Map(tasks.filter((t) => ONCE_A_VISIT.test(t.id)).map((t) => [t.id, t.after]));
  /** What a step waited for, through those that are not done again. */
  const through = (after: readonly string[]): string[] =>
    after.flatMap((id) => (gone.has(id) ? through(entryOf(gone, id)) : [id]));
  return tasks
    .filter((t) => !gone.has(t.id))
    .map((t) => ({ ...t, after: through(t.after), ...(t.id === 'take' ? IN_ITS_OWN_TUB : {}) }));
}

/**
 * The taking of a lot that follows: its work stands with the first one, its tub is held from here.
 */
const IN_ITS_OWN_TUB = {
  title: readySay('ready.planTask.home-with-other-lot-in'),
  note: readySay('ready.planTask.taken-in-same-visit-another'),
  where: 'bench' as const,
  minutes: () => 0,
  handsOnMinutes: 0,
  people: 0,
};
