import type { CombOrLiquidInput, JarKindRecord } from '@furrow/core';

/** What a person says on the comb-or-liquid screen; kept on the device as it is typed. */
export interface CombDraft extends Omit<
  CombOrLiquidInput,
  'draws' | 'seed' | 'outShare' | 'piecesPerBox'
> {
  frames: number;
  piecesAFrame: number;
  /** Of all pieces so many at a discount of so much, 0 to 100. */
  discountedPercent: number;
  discountPercent: number;
  /** How full the part-filled super is, 0 to 100. */
  filledPercent: number;
  /** A lower price to try, and how many a month would go at it; 0 while nothing is tried. */
  lowerPrice: number;
  piecesAMonthThen: number;
  soldPieces: number;
  missedPieces: number;
}

/** Begins from the kit's own prices; a super of nine shallow frames where nobody said otherwise. */
export function newCombDraft(jars: readonly JarKindRecord[]): CombDraft {
  const piece = jars.find((j) => j.purpose === 'piece');
  const jar = jars.filter((j) => j.purpose === 'jar').sort((a, b) => b.stock - a.stock)[0];
  return {
    boxes: 1,
    frames: 9,
    piecesAFrame: 4,
    pieceG: piece?.netG ?? 250,
    piecePrice: piece?.value ?? 0,
    packCost: piece?.cost ?? 0,
    honeyKg: { low: 8, mid: 11, high: 14 },
    honeyPerKg: jar ? (jar.value / jar.netG) * 1000 : 0,
    jarCostPerKg: jar ? (jar.cost / jar.netG) * 1000 : 0,
    history: { finished: 0, half: 0, spoilt: 0 },
    combHours: { low: 3, mid: 4, high: 6 },
    liquidHours: { low: 2, mid: 3, high: 5 },
    piecesAMonth: 0,
    kgAMonth: 0,
    discountedPercent: 0,
    discountPercent: 0,
    filledPercent: 50,
    lowerPrice: 0,
    piecesAMonthThen: 0,
    soldPieces: 0,
    missedPieces: 0,
  };
}
