import { between } from '../units/between.js';
import type { Say } from '../say/say.js';
import type { CombOutline } from '../comb/outline.js';
import type { Compartment, Geometry, HiveKindName, SeenBy } from '../records/vocabulary/hive.js';

/** What can be moved in a hive of this kind, a touch each. */
export type Move =
  | 'shift-bars'
  | 'swap'
  | 'turn-super'
  | 'add-on-top'
  | 'add-below'
  | 'add-between'
  | 'take-off'
  | 'give-to-colony';

/** One measure as a form shows it. */
export interface Measure {
  key: string;
  label: Say;
  /** What a refusal calls it, where its label would read oddly there. */
  refusedAs?: Say;
  /** Millimetres may be broken; what has no unit is counted. */
  unit?: 'mm';
  low: number;
  high: number;
}

/** What two measures have to do with each other, and what is said at a field where they do not. */
export interface Relation<G> {
  key: keyof G & string;
  holds: (geometry: G) => boolean;
  says: Say;
}

/** The combs of one box, or of the file: how many, how large, how far apart. All in mm. */
export interface CompartmentShape {
  label: Say;
  positions: number;
  /** How many of them carry comb when the box is set on: none in a new super. */
  combsAtStart: number;
  pitchMm: number;
  /** Inside the box, across the combs and from its top edge down. */
  innerWidthMm: number;
  innerDepthMm: number;
  outline: CombOutline;
  thicknessMm: number;
  /** Whether its combs are read at all; a brood box under a super stays closed. */
  readable: boolean;
}

/**
 * What Furrow knows of a kind of hive. A new kind is one file under hive/kinds with its geometry,
 * one entry in the registry, one drawing in the web (docs/a-new-hive-kind.md); nothing else names
 * it.
 */
export interface HiveKind<G extends Geometry = Geometry> {
  kind: HiveKindName;
  name: Say;
  /** What one thing of it is called: "comb", "box", "frame", "pots". */
  unitTaken: 'comb' | 'box' | 'frame' | 'pots';
  carrier: 'bar' | 'frame' | 'box' | 'cluster';
  bee: 'honeybee' | 'stingless';
  defaults: G;
  measures: readonly Measure[];
  /** Words among the measures: a key, its label and what may be chosen. */
  choices: readonly {
    key: string;
    label: Say;
    options: readonly { value: string; label: Say }[];
    /** What is said where something else was chosen. */
    says: Say;
    /** Hives of before it was asked do not have it. */
    mayBeUnsaid: boolean;
  }[];
  relations?: readonly Relation<G>[];
  /**
   * Which measures the drawing itself changes: places in a box, its depth, the number of boxes;
   * null where the kind has handles of its own.
   */
  handles: { places: string; depthMm: string; boxes: string } | null;
  /** Boxes of a new hive from the floor up; empty where combs hang in the hive itself. */
  boxesAtStart: (geometry: G) => Compartment[];
  compartment: (geometry: G, name: Compartment) => CompartmentShape;
  /** The compartment whose combs are read and taken. */
  readCompartment: Compartment;
  /** Which box the person may set on or off: the compartment of a new one. */
  newBox: Compartment | null;
  seenBy: readonly SeenBy[];
  moves: readonly Move[];
  drainsInPlace: boolean;
  /** Whether its comb may drip in the box it was built in, cut open, and be pressed afterwards. */
  dripsInBox: boolean;
  /** What its supers are set on for; null where it has none, or no choice. */
  superPurpose: 'cut-comb' | 'liquid' | null;
  /** Whether what stays hangs together: no comb is taken from between two that stay. */
  keepsBlock: boolean;
  /** What its combs hang from. */
  hungFrom: 'bar' | 'crossbars';
  /** Which house rule says what it keeps for winter. */
  winterNeedIn: 'winterNeedKg' | 'winterNeedByKindKg';
  /**
   * Whether a box leaves with all its combs, none of them singly: what stays is reckoned without
   * the box.
   */
  boxesGoWhole: boolean;
  /** Said once before the first use of the kind. */
  risks: readonly Say[];
}

/**
 * Sealed comb fills its spacing less a bee space of about 8 mm, within what bees build (SCIENCE 7:
 * 22 to 40 mm).
 */
export function sealedThicknessMm(pitchMm: number): number {
  return between(22, 40, pitchMm - 8);
}

/**
 * Wood to comb in a frame, mm: bees leave a passage at both ends and below. The middle of a
 * starting range of 6 to 18, chosen so that full frames hold what they usually give (SCIENCE 13);
 * the estimate's low edge has the rest.
 */
export const EDGE_GAP_MM = 12;

/** A comb as wide below as above. */
export const straight = (widthMm: number, depthMm: number): CombOutline => ({
  topWidthMm: widthMm,
  bottomWidthMm: widthMm,
  depthMm,
});
