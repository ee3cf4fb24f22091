import type { HiveKindName } from './vocabulary/hive.js';
import type { DrainEventKind } from './bench.js';
import type { KeepingKind, PieceState, SpoiltCause } from './cut.js';
import type { Hold } from './holds.js';
import type { Fate } from './outs.js';
import type { Plan, Stage } from './harvest.js';
import type { BenchReading } from './look.js';
import type { Range } from '../units/format.js';
import type { Hive, Look } from './hiveViews.js';
import type { Way } from './vocabulary/ways.js';
import type { Arrangement, CrushMethod, Fineness, StreamReading } from './vocabulary/bench.js';
import type { Blemish, Grade, Packing, Pest } from './vocabulary/pieces.js';
import type { FlowerSupport } from './vocabulary/labels.js';
import type { LotKeeping } from './vocabulary/keeping.js';
import type { Cut, Flaw } from './vocabulary/flaws.js';
import type {
  CombCondition,
  FrameEventKind,
  IncidentKind,
  NetBy,
  TakeOutcome,
  WentTo,
} from './vocabulary/outcomes.js';

/**
 * What the server answers of one harvest: its takes, its drains, its pieces, its lots and flows.
 */
export interface Batch {
  id: string;
  visitId: string;
  hiveId: string;
  hiveName: string;
  hiveKind: HiveKindName;
  siteName: string;
  zone: string;
  date: string;
  method: Way;
  lotGroup: string | null;
  /** What the person calls this lot: by colour, by season; null where it has no name of its own. */
  lotName: string | null;
  stage: Stage;
  closedAt: string | null;
  lookedBackAt: string | null;
  combIds: string[];
  anyway: { combId: string; reason: string }[];
  plan: Plan | null;
  rulesVersion: number;
  code: string | null;
  /**
   * Honey that the decision promised, kg; null where none was reckoned. The decision itself stays
   * with the server.
   */
  expectedHoneyKg?: Range | null;
  handsOnMinutes: number;
  createdAt: string;
  revision: number;
}
export interface Take {
  id: string;
  batchId: string;
  combId: string;
  slot: number;
  outcome: TakeOutcome;
  vesselId: string | null;
  grossG: number | null;
  tareG: number | null;
  /** Null while it is to be weighed later, and where nothing came out. */
  netG: number | null;
  netBy: NetBy;
  /** What the person guessed before the estimate was shown; null where they did not. */
  guessG: number | null;
  condition: CombCondition | null;
  wentTo: WentTo | null;
  /** Pots emptied of a stingless-bee group; null where they were not counted. */
  potsEmptied: number | null;
  /** Pots with pollen were among them: their honey ferments sooner. */
  withPollen: boolean;
  /** True where a whole box was weighed and this comb's part was shared out by its estimate. */
  byBox: boolean;
  occurredAt: string;
}
export interface Weighing {
  id: string;
  drainId: string;
  of: 'lower' | 'upper';
  grossG: number;
  tareG: number;
  netG: number;
  source: 'hand' | 'scale';
  leftOut: boolean;
  occurredAt: string;
}
export interface DrainEvent {
  id: string;
  drainId: string;
  kind: DrainEventKind;
  g: number | null;
  grossG: number | null;
  tareG: number | null;
  temperatureC: number | null;
  moisturePercent: number | null;
  minutes: number;
  note: string;
  occurredAt: string;
}
export interface Drain {
  id: string;
  batchId: string;
  zone: string;
  arrangement: Arrangement;
  upperVesselId: string | null;
  lowerVesselId: string | null;
  holeMm: number | null;
  method: CrushMethod;
  fineness: Fineness;
  thixotropic: boolean;
  moisturePercent: number;
  /** At the start, and as the bench's day; the log of readings stands in the events. */
  temperatureC: number;
  nightTemperatureC: number | null;
  /** Honey that stood in the lower vessel already. */
  potStartG: number;
  /** Minutes of the hands it took to break the comb up; null where nobody said. */
  crushMinutes: number | null;
  startedAt: string;
  endedAt: string | null;
  crushedG: number;
  weighings: Weighing[];
  events: DrainEvent[];
  /** Readings that came in a row from a scale, net; kept out of the book. */
  readings: StreamReading[];
  revision: number;
}
/** One thing done or answered in Take: the steps, with the instant of each and what was said. */
export interface StepMark {
  id: string;
  batchId: string;
  stepId: string;
  answer: Record<string, string | number | boolean>;
  occurredAt: string;
}
/** Something that went otherwise at the hive. */
export interface Incident {
  id: string;
  batchId: string;
  kind: IncidentKind;
  stepId: string;
  combId: string | null;
  count: number | null;
  note: string;
  occurredAt: string;
}
/** What happened to one frame that is drained part by part. */
export interface FrameEvent {
  id: string;
  batchId: string;
  combId: string;
  kind: FrameEventKind;
  /** Honey in the vessel, net, where it was weighed. */
  g: number | null;
  grossG: number | null;
  tareG: number | null;
  vesselId: string | null;
  /**
   * What came since the weighing before, shared out over the frames above it; null before shares
   * were written.
   */
  shares: Record<string, number> | null;
  sharedBy: 'alone' | 'estimate' | 'asked' | null;
  note: string;
  occurredAt: string;
}
/** Water of a harvest's honey, a drop at the bench: as it was read, and what that says. */
export interface WaterReading {
  id: string;
  batchId: string;
  reading: BenchReading;
  moisturePercent: number;
  occurredAt: string;
}
/** A comb under the knife: its flaws and the plan. */
export interface CutBoard {
  id: string;
  batchId: string;
  combId: string;
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
  flaws: Flaw[];
  seen: 'both' | 'one' | 'none';
  sheetSeasons: number | null;
  cuts: Cut[];
  cutsDone: number;
  value: number | null;
  provenOptimal: boolean;
  possiblePieces: number | null;
  spoilt: SpoiltCause | null;
  doneAt: string | null;
  revision: number;
}
export interface CutPiece {
  id: string;
  boardId: string;
  batchId: string;
  jarKindId: string;
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
  lowG: number;
  midG: number;
  highG: number;
  bestSide: 'A' | 'B' | null;
  state: PieceState;
  blemishes: Blemish[];
  netG: number | null;
  grade: Grade | null;
  price: number | null;
  reason: string | null;
  lotId: string | null;
  revision: number;
}
/** Comb on a rack, in the freezer or thawing, with the instant it is ready by the slow edge. */
export interface Keeping {
  id: string;
  batchId: string;
  kind: KeepingKind;
  order: 'whole' | 'pieces';
  pieces: number;
  thicknessMm: number;
  packing: Packing;
  widthMm: number | null;
  heightMm: number | null;
  apart: boolean;
  litres: number;
  pest: Pest;
  freezerC: number | null;
  roomC: number;
  moisturePercent: number;
  humidityPercent: number | null;
  startedAt: string;
  dueAt: string;
  endedAt: string | null;
  cracked: number;
  note: string;
  revision: number;
}
export interface Out {
  id: string;
  lotId: string;
  fate: Fate;
  count: number;
  g: number;
  price: number | null;
  discountAmount: number | null;
  discountPercent: number | null;
  personId: string | null;
  occurredAt: string;
}
/** Somebody honey went to. The name can be forgotten: then it is empty. */
export interface Person {
  id: string;
  name: string;
}
export type LotKind =
  | 'comb'
  | 'crushed'
  | 'honey'
  | 'wet-wax'
  | 'clean-wax'
  | 'pieces'
  | 'jars'
  | 'rinse'
  | 'debris'
  | 'mead';
export interface Lot {
  id: string;
  batchId: string;
  kind: LotKind;
  name: string;
  code: string | null;
  count: number | null;
  netG: number | null;
  jarKindId: string | null;
  lowestWeighedG: number | null;
  weights: number[] | null;
  flower: string | null;
  flowerSupport: FlowerSupport | null;
  useBy: string | null;
  /** Whether it crystallises: it counts one grade worse. */
  granulating: boolean;
  inG: number;
  outG: number;
  nowG: number;
}
/** Water of honey that stands there, percent, as it was measured; null where nobody measured. */
export interface LotWater {
  lotId: string;
  measuredPercent: number | null;
}
export interface Flow {
  id: string;
  from: string;
  to: string;
  g: number;
  at: string;
  recordedAt: string;
  voids: string | null;
  reason: string;
  commandId: string;
  /** The person and the device that wrote it; null at the household's own table. */
  by: string | null;
}
/** What the sale checklist of a filled lot rests on beside its label. */
export interface LabelSale {
  bee: 'honeybee' | 'stingless';
  moisturePercent: number | null;
  keeping: LotKeeping;
  /** Holds that nobody lifted, in words. */
  holds: string[];
}
/** A batch with all that was written about it. */
export interface BatchDetail {
  batch: Batch;
  hive: Hive;
  /**
   * Other lots that are taken from this hive in the same visit; `leftOpen`: done, and the hive was
   * left open for the next.
   */
  sameVisit: { id: string; stage: Stage; leftOpen: boolean }[];
  looks: Look[];
  takes: Take[];
  marks: StepMark[];
  incidents: Incident[];
  frameEvents: FrameEvent[];
  waterReadings: WaterReading[];
  boards: CutBoard[];
  pieces: CutPiece[];
  keepings: Keeping[];
  outs: Out[];
  /** Holds that nobody lifted, by the lot of this batch they reach. */
  holds: Record<string, Hold[]>;
  drains: Drain[];
  lots: Lot[];
  flows: Flow[];
  lossG: number;
  balanced: boolean;
  problems: { code: string; lot: string; message: string }[];
}
