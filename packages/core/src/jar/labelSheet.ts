import type { Say } from '../say/say.js';
import { jarSay } from './says.js';
import type { LabelSheet } from '../records/vocabulary/labels.js';

/** What a household starts from, named in its language; it adds its own. */
export const STARTING_SHEETS: readonly ({ id: string; name: Say } & LabelSheet)[] = [
  {
    id: '6f8b6a52-5a0e-4c53-9d0b-1a5e5a000001',
    name: jarSay('jar.sheet.a4-two'),
    paperWidthMm: 210,
    paperHeightMm: 297,
    columns: 2,
    rows: 7,
    marginLeftMm: 6,
    marginTopMm: 14,
    labelWidthMm: 97,
    labelHeightMm: 38,
    gapXMm: 4,
    gapYMm: 0.5,
  },
  {
    id: '6f8b6a52-5a0e-4c53-9d0b-1a5e5a000002',
    name: jarSay('jar.sheet.a4-three'),
    paperWidthMm: 210,
    paperHeightMm: 297,
    columns: 3,
    rows: 8,
    marginLeftMm: 4.5,
    marginTopMm: 10.5,
    labelWidthMm: 66,
    labelHeightMm: 34,
    gapXMm: 1.5,
    gapYMm: 0.5,
  },
  {
    id: '6f8b6a52-5a0e-4c53-9d0b-1a5e5a000003',
    name: jarSay('jar.sheet.letter-two'),
    paperWidthMm: 215.9,
    paperHeightMm: 279.4,
    columns: 2,
    rows: 7,
    marginLeftMm: 4.5,
    marginTopMm: 12.7,
    labelWidthMm: 101.6,
    labelHeightMm: 36,
    gapXMm: 3.2,
    gapYMm: 0,
  },
];
/** Fixed, so that two households that exchange an archive do not get the start twice. */
export const STARTING_DESIGN_ID = '6f8b6a52-5a0e-4c53-9d0b-1a5e5a000010';

/**
 * Label number `index` (0 is the upper left of the first sheet): its sheet and its upper left
 * corner, mm.
 */
export function labelPlace(
  sheet: LabelSheet,
  index: number,
): { page: number; xMm: number; yMm: number } {
  const perPage = sheet.columns * sheet.rows;
  const on = index % perPage;
  return {
    page: Math.floor(index / perPage),
    xMm: sheet.marginLeftMm + (on % sheet.columns) * (sheet.labelWidthMm + sheet.gapXMm),
    yMm: sheet.marginTopMm + Math.floor(on / sheet.columns) * (sheet.labelHeightMm + sheet.gapYMm),
  };
}

/** What is wrong with a sheet as measured; null where the labels lie on the paper. */
export function sheetProblem(sheet: LabelSheet): Say | null {
  const wide =
    sheet.marginLeftMm + sheet.columns * sheet.labelWidthMm + (sheet.columns - 1) * sheet.gapXMm;
  const high =
    sheet.marginTopMm + sheet.rows * sheet.labelHeightMm + (sheet.rows - 1) * sheet.gapYMm;
  if (wide > sheet.paperWidthMm + 0.05)
    return jarSay('jar.sheet.too-wide', {
      columns: sheet.columns,
      label: { lengthMm: sheet.labelWidthMm },
      wide: { lengthMm: wide },
      paper: { lengthMm: sheet.paperWidthMm },
    });
  if (high > sheet.paperHeightMm + 0.05)
    return jarSay('jar.sheet.too-high', {
      rows: sheet.rows,
      label: { lengthMm: sheet.labelHeightMm },
      high: { lengthMm: high },
      paper: { lengthMm: sheet.paperHeightMm },
    });
  return null;
}
