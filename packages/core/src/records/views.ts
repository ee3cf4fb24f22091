import type { Range } from '../units/format.js';
import type { Shares } from '../comb/contents.js';
import type { CombAge } from '../comb/estimate.js';
import type { HiveKindName } from '../hive/kinds.js';
import type { Hemisphere } from '../hive/season.js';
import type { Compartment, Geometry, SeenBy } from '../hive/kind.js';
import type { CombVerdict } from '../look/index.js';
import type { Way } from '../choose/index.js';
import type { Gear, SiteTask, Tick } from './plan.js';
import type { CrushPace, ForageByMonth, VesselRole, WeatherHour } from '../ready/index.js';
import type { Attachment, Pane } from '../comb/partial.js';
import type { Pots } from '../comb/pots.js';
import type { StoredFace } from '../comb/face.js';
import type { DatedFact } from './colony.js';
import type { PieceShape } from '../cut/index.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { Stage } from './harvest.js';
import type { Reading } from './look.js';
import type { BatchDetail } from './harvestViews.js';

export * from './harvestViews.js';

/** What the server answers: one shape per thing, the same word as the table, the route and the screen. */
export interface Site {
  id: string;
  name: string;
  zone: string;
  hemisphere: Hemisphere;
  notes: string[];
  forage: ForageByMonth;
  tasks: SiteTask[];
  /** Degrees north and east; null where nobody said. */
  latitude: number | null;
  longitude: number | null;
  /** Whether plants that give poisonous honey are known in reach; null where it was not asked yet. */
  poisonousNectar: 'yes' | 'no' | 'ask' | null;
  revision: number;
}
export interface Colony {
  id: string;
  startedOn: string;
  /** True where nobody said since when: the date is taken, not told. */
  startedAssumed: boolean;
  endedOn: string | null;
  facts: DatedFact[];
  revision: number;
}
export interface Look {
  id: string;
  combId: string;
  slot: number;
  occurredAt: string;
  date: string;
  sides: { A: Shares | null; B: Shares | null };
  seenBy: { A: SeenBy | null; B: SeenBy | null };
  photos: { A: string | null; B: string | null };
  pane: Pane | null;
  attachment: Attachment | null;
  pots: Pots | null;
  straight: boolean | null;
  readings: Reading[];
  combAge: CombAge;
  depthMm: number;
  thicknessMm: number;
  /** Whether the cells of a side are kept; they are fetched one look at a time. */
  painted: { A: boolean; B: boolean };
  verdict: CombVerdict;
  rulesVersion: number;
  revision: number;
}
/** The cells of both sides of one look. */
export interface LookFaces {
  A: StoredFace | null;
  B: StoredFace | null;
}
/** What was drained or drawn from a comb in place since its last look. */
export interface CombEmptied {
  /** The day, YYYY-MM-DD at the site. */
  on: string;
  way: Way;
  /** Pots emptied; null where they were not counted, or for combs. */
  potsEmptied: number | null;
}
/** `marks`: treatments, feedings and brood checks of colonies it hung with before; they stay with it after a move. */
export interface CombView {
  id: string;
  emptied: CombEmptied | null;
  builtOn: string;
  looks: Look[];
  marks: DatedFact[];
}
/** One place and what hangs from it now; `slot` is unique in the hive, `inBox` counts within its box. */
export interface BarView {
  carrierId: string;
  slot: number;
  inBox: number;
  boxId: string | null;
  comb: CombView | null;
}
/** A box of a stack, 1 lowest. A turned one shows its combs from the other end. */
export interface BoxView {
  carrierId: string;
  number: number;
  compartment: Compartment;
  turned: boolean;
  /** When it was last turned round in this hive; null where it never was. */
  turnedOn: string | null;
  /** Since when it stands in this hive, wherever in the stack. */
  sinceOn: string;
  madeOn: string;
  revision: number;
}
export interface Hive {
  id: string;
  siteId: string;
  name: string;
  kind: HiveKindName;
  geometry: Geometry;
  revision: number;
  site: Site;
  colony: Colony | null;
  /** When pots were last drawn from the colony; null where never. */
  potsDrawnOn: string | null;
  /** When any comb of it was last looked at, those taken since among them; null where nobody ever looked. */
  lastLookOn: string | null;
  boxes: BoxView[];
  bars: BarView[];
}
export interface Photo {
  id: string;
  sha256: string;
  widthPx: number;
  heightPx: number;
  bytes: number;
  takenOn: string | null;
}
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
  /** Inner measures for comb, mm, its shape, and the net weights allowed; null where they were never said. */
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

/** A clock that runs on the server: told by instants, so that reload, sleep and restart do not matter. */
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

/** What Ready plans with: every harvest whose hive is not done yet, vessels that are in use, the kit, what was ticked off. */
export interface OpenPlans {
  details: BatchDetail[];
  inUse: { vesselIds: string[]; untilAt: string; what: string }[];
  gear: Gear[];
  ticks: Tick[];
  /** How long this household takes to break comb up, learned from its own drains. */
  crushPace: CrushPace;
  /** What the household's scale says of its estimates, a factor by hive; hives with too few weighings are not in it. */
  corrections: Record<string, Range>;
}
export interface SiteWeather {
  siteId: string;
  zone: string;
  hours: WeatherHour[];
  practice: boolean;
  gaps: number;
}
