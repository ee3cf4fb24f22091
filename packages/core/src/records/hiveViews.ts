import type { DatedFact } from './colony.js';
import type { Reading } from './look.js';
import type { SiteTask } from './plan.js';
import type { Attachment, CombAge, Pane, Pots, Shares, StoredFace } from './vocabulary/comb.js';
import type { Compartment, Geometry, Hemisphere, HiveKindName, SeenBy } from './vocabulary/hive.js';
import type { CombVerdict } from './vocabulary/verdict.js';
import type { Way } from './vocabulary/ways.js';
import type { ForageByMonth } from './vocabulary/weather.js';

/**
 * What the server answers: one shape per thing, the same word as the table, the route and the
 * screen.
 */
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
  /**
   * Whether plants that give poisonous honey are known in reach; null where it was not asked yet.
   */
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

/**
 * `marks`: treatments, feedings and brood checks of colonies it hung with before; they stay with it
 * after a move.
 */
export interface CombView {
  id: string;
  emptied: CombEmptied | null;
  builtOn: string;
  looks: Look[];
  marks: DatedFact[];
}

/**
 * One place and what hangs from it now; `slot` is unique in the hive, `inBox` counts within its
 * box.
 */
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
  /**
   * When any comb of it was last looked at, those taken since among them; null where nobody ever
   * looked.
   */
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
