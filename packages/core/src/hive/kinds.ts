import type { CompartmentShape, HiveKind } from './kind.js';
import type { Compartment, Geometry, HiveKindName } from '../records/vocabulary/hive.js';
import { cutCombHive } from './kinds/cutComb.js';
import { drainFrameHive } from './kinds/drainFrame.js';
import { framedHive } from './kinds/framed.js';
import { pileBoxHive } from './kinds/pileBox.js';
import { stinglessHive } from './kinds/stingless.js';
import { warreHive } from './kinds/warre.js';
import { topBarHive } from './kinds/topBar.js';
import type { Say } from '../say/say.js';
import { hiveSay } from './says.js';

/** The registry: every kind of hive Furrow draws, reads and remembers. */
export const HIVE_KINDS = {
  'top-bar': topBarHive,
  warre: warreHive,
  'pile-box': pileBoxHive,
  framed: framedHive,
  'cut-comb': cutCombHive,
  'drain-frame': drainFrameHive,
  stingless: stinglessHive,
} as const satisfies Record<HiveKindName, object>;
/**
 * A kind by its name, its geometry no longer told apart: what screens and the server go through.
 */
export function hiveKind(name: HiveKindName): HiveKind {
  return HIVE_KINDS[name] as unknown as HiveKind;
}

const COUNTED = {
  comb: 'hiveName.combs',
  box: 'hiveName.combs',
  frame: 'hiveName.frames',
  pots: 'hiveName.pots',
} as const satisfies Record<HiveKind['unitTaken'], string>;
const UNIT_WORDS = {
  comb: hiveSay('hiveName.comb'),
  box: hiveSay('hiveName.comb'),
  frame: hiveSay('hiveName.frame'),
  pots: hiveSay('hiveName.pot-group'),
} as const satisfies Record<HiveKind['unitTaken'], Say>;
/** What a unit of this kind is called within a sentence: "comb", "frame", "pots". */
export const unitWord = (kind: HiveKindName): Say => UNIT_WORDS[hiveKind(kind).unitTaken];
/** A unit by its place: "comb 12", "frame 2·5"; the place is not known where it is null. */
export const unitAt = (kind: HiveKindName, slot: number | null): Say =>
  hiveSay('hiveName.unit-at', {
    unit: unitWord(kind),
    place: slot === null ? '?' : placeLabel(slot),
  });

/** A number of combs with the word of its hive: "1 comb", "3 frames", "2 groups of pots". */
export const countedCombs = (count: number, kind: HiveKindName): Say =>
  hiveSay(COUNTED[hiveKind(kind).unitTaken], { count });

/**
 * The combs of one compartment of a hive. Takes its kind, its measures and the compartment's name.
 */
export function compartmentShape(
  kind: HiveKindName,
  geometry: Geometry,
  compartment: Compartment,
): CompartmentShape {
  return hiveKind(kind).compartment(geometry, compartment);
}

/** The combs of the compartment that is read and taken in this hive. */
export function readShape(hive: { kind: HiveKindName; geometry: Geometry }): CompartmentShape {
  return compartmentShape(hive.kind, hive.geometry, hiveKind(hive.kind).readCompartment);
}

/** Whether it stands as one file of combs, not as a stack of boxes. */
export function isLong(kind: HiveKindName): boolean {
  return hiveKind(kind).readCompartment === 'file';
}

/** Whether stingless bees live in it: they build pots, and keep by other rules. */
export function isStingless(kind: HiveKindName): boolean {
  return hiveKind(kind).bee === 'stingless';
}

/** The bar before the follower board; null in a hive that has none. */
export function followerAfterBar({ geometry }: { geometry: Geometry }): number | null {
  const bar = geometry.followerAfterBar;
  return typeof bar === 'number' ? bar : null;
}

/** Whether a box of it is taken whole or comb by comb, as the person wants. */
export function mayGoAsBox(kind: HiveKindName): boolean {
  const { unitTaken, boxesGoWhole } = hiveKind(kind);
  return unitTaken === 'box' && !boxesGoWhole;
}

/** Whether brood boxes stand closed under what is read: their stores are not seen. */
export function hasClosedBrood(kind: HiveKindName): boolean {
  return hiveKind(kind).readCompartment === 'super';
}

/**
 * A place as a number that is unique within its hive: the bar in a long hive, box × 100 + place in
 * a stack (boxes counted from the floor). It sorts combs and keys drawings; `placeLabel` is what a
 * person reads.
 */
export function placeNumber(boxNumber: number | null, inBox: number): number {
  return boxNumber === null ? inBox : boxNumber * 100 + inBox;
}

/**
 * A place in words short enough to stand in a drawing: "12" in a long hive, "3·5" for the fifth
 * place of the third box.
 */
export function placeLabel(slot: number): string {
  return slot < 100 ? String(slot) : `${Math.floor(slot / 100)}·${slot % 100}`;
}

/**
 * Room for the combs that are read and taken in a hive, litres: places x pitch x mean width x depth
 * of a comb, by the boxes that stand. Takes the hive and how many boxes of a compartment it has,
 * under the key `hiveId compartment`.
 */
export function combLitres(
  hive: { id: string; kind: HiveKindName; geometry: Geometry },
  boxes: ReadonlyMap<string, number>,
): number {
  const shape = readShape(hive);
  const { topWidthMm, bottomWidthMm, depthMm } = shape.outline;
  const compartment = hiveKind(hive.kind).readCompartment;
  const n = compartment === 'file' ? 1 : (boxes.get(`${hive.id} ${compartment}`) ?? 1);
  return (n * shape.positions * shape.pitchMm * ((topWidthMm + bottomWidthMm) / 2) * depthMm) / 1e6;
}
