import {
  compartmentShape,
  type BoxView,
  type CombView,
  type Compartment,
  type Geometry,
  type HiveKindName,
  type Pots,
  type Shares,
  type Verdict,
  type Say,
} from '@furrow/core';

/** One comb as a section draws it: where it is, what its sides hold, what was judged. */
export interface SectionComb {
  slot: number;
  inBox?: number;
  boxId?: string | null;
  depthMm: number;
  A: Shares | null;
  B: Shares | null;
  pots?: Pots | null;
  /** Seen from outside only: drawn light, with a question mark. */
  glimpse?: boolean;
  verdict?: Verdict;
  lifted?: boolean;
  label?: string;
}
/** Figures written under a comb, each on a line of its own. */
export interface CombFigures {
  slot: number;
  lines: { text: string; rust?: boolean }[];
}
/** What is written beside a box: its name's lines, the first bold. */
export interface BoxFigures {
  boxId: string;
  lines: string[];
}
/** What every section of a stack is drawn from. */
export interface SectionProps {
  hive: DrawnHive;
  combs: SectionComb[];
  s: number;
  label: string;
  selected?: number | null;
  interactive?: boolean;
  marks?: boolean;
  numbers?: boolean;
  liftBy?: number;
  below?: CombFigures[];
  beside?: BoxFigures[];
}
/** What a section needs to know of a hive. */
export interface DrawnHive {
  kind: HiveKindName;
  geometry: Geometry;
  boxes: readonly Pick<BoxView, 'carrierId' | 'number' | 'compartment' | 'turned'>[];
  bars: readonly {
    slot: number;
    inBox: number;
    boxId: string | null;
    comb: Pick<CombView, 'id'> | null;
  }[];
}

/** A box of a stack as it lies on the page, px; its places in order. */
export interface BoxOnPage {
  id: string;
  number: number;
  compartment: Compartment;
  turned: boolean;
  x: number;
  y: number;
  width: number;
  height: number;
  pitch: number;
  thicknessMm: number;
  readable: boolean;
  label: Say;
  places: { slot: number; inBox: number; x: number; comb: SectionComb | null }[];
}

/**
 * Lays the boxes of a stack on the page from the floor up. `s` is px per mm; the drawing starts at
 * (x, y).
 */
export function layStack(
  hive: DrawnHive,
  combs: readonly SectionComb[],
  s: number,
  x: number,
  y: number,
): { boxes: BoxOnPage[]; width: number; bottom: number } {
  const bySlot = new Map(combs.map((c) => [c.slot, c]));
  const shapes = hive.boxes.map((box) => ({
    box,
    shape: compartmentShape(hive.kind, hive.geometry, box.compartment),
  }));
  const width = Math.max(...shapes.map(({ shape }) => shape.innerWidthMm), 100) * s;
  let top = y;
  const boxes = [...shapes]
    .sort((a, b) => b.box.number - a.box.number)
    .map(({ box, shape }): BoxOnPage => {
      const height = shape.innerDepthMm * s;
      const pitch = shape.pitchMm * s;
      // An opened brood box has its frames though its kind counts none in it.
      const there = hive.bars.filter((b) => b.boxId === box.carrierId).length;
      const inset = (width - Math.max(shape.positions, there) * pitch) / 2;
      const places = hive.bars
        .filter((b) => b.boxId === box.carrierId)
        .map((b) => ({
          slot: b.slot,
          inBox: b.inBox,
          x: x + inset + (b.inBox - 0.5) * pitch,
          comb: bySlot.get(b.slot) ?? null,
        }));
      const laid = {
        id: box.carrierId,
        number: box.number,
        compartment: box.compartment,
        turned: box.turned,
        x,
        y: top,
        width,
        height,
        pitch,
        thicknessMm: shape.thicknessMm,
        // The brood box of a dead colony is opened and read like any other.
        readable: shape.readable || places.length > 0,
        label: shape.label,
        places,
      };
      top += height;
      return laid;
    });
  return { boxes, width, bottom: top };
}

/** Size of a stack in mm, roof and stand included, so that a screen can choose its scale. */
export function stackSizeMm(hive: DrawnHive): { widthMm: number; heightMm: number } {
  const shapes = hive.boxes.map((box) =>
    compartmentShape(hive.kind, hive.geometry, box.compartment),
  );
  return {
    widthMm: Math.max(...shapes.map((shape) => shape.innerWidthMm), 100) + 150,
    heightMm: shapes.reduce((sum, shape) => sum + shape.innerDepthMm, 0) + 150,
  };
}
