import type { Range } from '../units/format.js';
import type { Gear, Tick } from './plan.js';
import type { HouseRules } from './houseRules.js';
import type { Stage } from './harvest.js';
import type { BatchDetail } from './harvestViews.js';
import type { CrushPace } from './vocabulary/bench.js';
import type { WeatherHour } from './vocabulary/weather.js';
import type { VesselRole } from './vocabulary/vessels.js';
import type { PieceShape } from './vocabulary/pieces.js';

export * from './harvestViews.js';

export interface Vessel {
  id: string;
  name: string;
  role: VesselRole;
  volumeL: number;
  tareG: number;
  innerDiameterMm: number;
  headspacePercent: number | null;
  holeMm: number | null;
  revision: number;
}
export interface JarKindRecord {
  id: string;
  name: string;
  netG: number;
  tareG: number;
  stock: number;
  value: number;
  cost: number;
  purpose: 'jar' | 'chunk' | 'piece' | 'sample';
  revision: number;
  /**
   * Inner measures for comb, mm, its shape, and the net weights allowed; null where they were never
   * said.
   */
  /** To its brim, ml, and its lid, where they were said. */
  volumeMl?: number | null;
  lid?: string;
  widthMm: number | null;
  heightMm: number | null;
  depthMm: number | null;
  shape: PieceShape;
  minG: number | null;
  maxG: number | null;
}
export interface RulesVersion {
  version: number;
  recordedAt: string;
  rules: HouseRules;
}

/**
 * A clock that runs on the server: told by instants, so that reload, sleep and restart do not
 * matter.
 */
export interface Clock {
  id: string;
  kind:
    | 'drain'
    | 'settle'
    | 'wait'
    | 'frame'
    | 'warm'
    | 'press'
    | 'rack'
    | 'freeze'
    | 'thaw'
    | 'out'
    | 'wax'
    | 'rinse';
  batchId: string;
  hiveName: string;
  startedAt: string;
  dueAt: string | null;
  dueWhat: string | null;
  urgent: boolean;
}
export interface TodayLine {
  id: string;
  kind: string;
  stage: Stage | 'rules' | 'owed';
  batchId: string | null;
  hiveId: string | null;
  title: string;
  dueAt: string | null;
  ifLeft: string;
  urgent: boolean;
}
/** `state` says why there is no weight: a scale that was unplugged or overloaded shows none. */
export interface ScaleReading {
  value: number;
  unit: 'g';
  at: string;
  instrument: string;
  simulated: boolean;
  state: 'steady' | 'moving' | 'overload' | 'silent';
}
export interface ThermometerReading {
  value: number;
  unit: '°C';
  at: string;
  instrument: string;
  simulated: boolean;
}
export interface JournalLine {
  /** Who wrote it, "Ana, Blue phone"; null at the table. */
  by: string | null;
  commandId: string;
  kind: string;
  sentence: string;
  occurredAt: string;
  recordedAt: string;
  undoneBy: string | null;
}

/**
 * What Ready plans with: every harvest whose hive is not done yet, vessels that are in use, the
 * kit, what was ticked off.
 */
export interface OpenPlans {
  details: BatchDetail[];
  inUse: { vesselIds: string[]; untilAt: string; what: string }[];
  gear: Gear[];
  ticks: Tick[];
  /** How long this household takes to break comb up, learned from its own drains. */
  crushPace: CrushPace;
  /**
   * What the household's scale says of its estimates, a factor by hive; hives with too few
   * weighings are not in it.
   */
  corrections: Record<string, Range>;
}
export interface SiteWeather {
  siteId: string;
  zone: string;
  hours: WeatherHour[];
  practice: boolean;
  gaps: number;
}
