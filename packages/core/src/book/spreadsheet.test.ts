import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { guessSpreadsheet, readSpreadsheet, type SpreadsheetSettings } from './spreadsheet.js';
import { SHEET_ROWS_MAX } from '../records/spreadsheet.js';

const head = ['Data', 'Colmeia', 'Mel (kg)', 'Cera', 'Obs'];
const rows = [
  ['14/03/2025', 'Ipê', '3,4', '120', 'boa'],
  ['02/04/2025', 'Cedro', '6.9', '', '=1+1'],
];
const settings = (more: Partial<SpreadsheetSettings> = {}): SpreadsheetSettings => {
  const { asks: _asks, ...guess } = guessSpreadsheet(head, rows);
  return { ...guess, ...more };
};

describe('a sheet that was kept before', () => {
  it('is guessed by its head and by what stands below; what could be wrong is asked', () => {
    const guess = guessSpreadsheet(head, rows);
    expect(guess.columns).toMatchObject({
      date: 0,
      hive: 1,
      honey: 2,
      wax: 3,
      note: 4,
      minutes: null,
    });
    expect(guess).toMatchObject({ honeyUnit: 'kg', waxUnit: 'g', dates: 'day-first' });
    expect(guess.asks).toEqual(['book.sheet.no-unit-wax {column: Cera, unit: g}']);
    expect(
      guessSpreadsheet(['when', 'box', 'yield'], [['03/04/2025', 'A', '5']])
        .asks.map(said)
        .join(' '),
    ).toMatch('book.sheet.no-unit-honey');
    expect(guessSpreadsheet(['x', 'y'], []).asks[0]).toMatch('book.sheet.choose-column');
  });
  it('reads decimal commas and points, and takes a formula for text', () => {
    const found = readSpreadsheet(head, rows, settings(), '2026-03-14');
    expect(found.problems).toEqual([]);
    expect(found.harvests).toEqual([
      {
        line: 2,
        date: '2025-03-14',
        hiveName: 'Ipê',
        honeyG: 3400,
        waxG: 120,
        moisturePercent: null,
        minutes: 0,
        note: 'boa',
      },
      {
        line: 3,
        date: '2025-04-02',
        hiveName: 'Cedro',
        honeyG: 6900,
        waxG: 0,
        moisturePercent: null,
        minutes: 0,
        note: '=1+1',
      },
    ]);
    expect(
      readSpreadsheet(head, rows, settings({ honeyUnit: 'lb' }), '2026-03-14').harvests[0].honeyG,
    ).toBe(Math.round(3.4 * 453.59237));
  });
  it.each([
    [['31/02/2025', 'Ipê', '3'], 'Data', 'no-date-so'],
    [['', 'Ipê', '3'], 'Data', 'no-date'],
    [['01/01/2030', 'Ipê', '3'], 'Data', 'future'],
    [['14/03/2025', '', '3'], 'Colmeia', 'no-hive'],
    [['14/03/2025', 'Ipê', 'three'], 'Mel (kg)', 'no-number'],
    [['14/03/2025', 'Ipê', '1.234,5'], 'Mel (kg)', 'thousands'],
    [['14/03/2025', 'Ipê', ''], 'Mel (kg)', 'no-honey'],
    [['14/03/2025', 'Ipê', '-3'], 'Mel (kg)', 'not-between'],
    [['14/03/2025', 'Ipê', '3', 'x'], 'Cera', 'no-number'],
  ])('names the row and the column of %j', (row, column, key) => {
    const { problems, harvests } = readSpreadsheet(head, [rows[0], row], settings(), '2026-03-14');
    expect(problems.map((p) => [p.line, p.column, p.sentence.key])).toEqual([
      [3, column, `book.sheet.${key}`],
    ]);
    expect(harvests).toHaveLength(1);
  });
  it('is refused whole where it is far too long, and passes over blank lines', () => {
    const many = readSpreadsheet(
      head,
      Array.from({ length: 200_000 }, () => rows[0]),
      settings(),
      '2026-03-14',
    );
    expect(many.harvests).toEqual([]);
    expect(many.problems[0].sentence).toBe(
      `book.sheet.too-many {rows: 200000, most: ${SHEET_ROWS_MAX}}`,
    );
    expect(
      readSpreadsheet(head, [['', ' ', '', '', ''], rows[0]], settings(), '2026-03-14').harvests,
    ).toHaveLength(1);
  });
});
