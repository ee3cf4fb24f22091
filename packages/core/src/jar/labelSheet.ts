import type { LabelSheet } from '../records/vocabulary/labels.js';

/** What a household starts from; it adds its own. */
export const STARTING_SHEETS: readonly ({ id: string; name: string } & LabelSheet)[] = [
  {
    id: '6f8b6a52-5a0e-4c53-9d0b-1a5e5a000001',
    name: 'A4, two across',
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
    name: 'A4, three across, small',
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
    name: 'Letter, two across',
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

/** What is wrong with a sheet as measured, a sentence; null where the labels lie on the paper. */
export function sheetProblem(sheet: LabelSheet): string | null {
  const wide =
    sheet.marginLeftMm + sheet.columns * sheet.labelWidthMm + (sheet.columns - 1) * sheet.gapXMm;
  const high =
    sheet.marginTopMm + sheet.rows * sheet.labelHeightMm + (sheet.rows - 1) * sheet.gapYMm;
  if (wide > sheet.paperWidthMm + 0.05)
    return `${sheet.columns} labels of ${sheet.labelWidthMm} mm with their margin and gaps are ${wide.toFixed(1)} mm wide, the paper ${sheet.paperWidthMm} mm.`;
  if (high > sheet.paperHeightMm + 0.05)
    return `${sheet.rows} labels of ${sheet.labelHeightMm} mm with their margin and gaps are ${high.toFixed(1)} mm high, the paper ${sheet.paperHeightMm} mm.`;
  return null;
}
