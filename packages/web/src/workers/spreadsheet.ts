import {
  guessSpreadsheet,
  readSpreadsheet,
  type SpreadsheetGuess,
  type SpreadsheetRead,
  type SpreadsheetSettings,
} from '@furrow/core';
import { expose } from 'comlink';
import Papa from 'papaparse';

export const DELIMITERS = [',', ';', '\t', '|'] as const;
export type Delimiter = (typeof DELIMITERS)[number];
export interface SpreadsheetOpened {
  head: string[];
  rows: number;
  first: string[][];
  delimiter: Delimiter;
  guess: SpreadsheetGuess;
  says: string | null;
}

let head: string[] = [];
let rows: string[][] = [];

/** Text of a file: UTF-8, with or without its mark, else as old table programs wrote it. */
async function textOf(file: Blob): Promise<string> {
  const bytes = await file.arrayBuffer();
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** A sheet opened and read off the page's own thread; ended by ending the worker. */
const api = {
  async open(
    file: Blob,
    delimiter: Delimiter | null,
    onShare: (share: number) => void,
  ): Promise<SpreadsheetOpened> {
    const text = await textOf(file);
    if (/\u0000/.test(text.slice(0, 4000)))
      throw new Error('This is no text: save the sheet as CSV first.');
    const table: string[][] = [];
    const used = await new Promise<string>((done, fail) => {
      let mark = delimiter ?? '';
      Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
        delimiter: delimiter ?? '',
        delimitersToGuess: [...DELIMITERS],
        skipEmptyLines: 'greedy',
        step: ({ data, meta }) => {
          mark = meta.delimiter;
          table.push(data);
          if (table.length % 5000 === 0) onShare(Math.min(1, meta.cursor / text.length));
        },
        complete: () => done(mark),
        error: (error: Error) => fail(error),
      });
    });
    head = (table.shift() ?? []).map((h) => h.trim());
    rows = table;
    if (!head.length) throw new Error('This file is empty.');
    const says =
      head.length === 1
        ? 'Only one column was found. Which mark stands between the columns?'
        : null;
    return {
      head,
      rows: rows.length,
      first: rows.slice(0, 6),
      delimiter: used as Delimiter,
      guess: guessSpreadsheet(head, rows),
      says,
    };
  },
  read: (settings: SpreadsheetSettings, today: string): SpreadsheetRead =>
    readSpreadsheet(head, rows, settings, today),
};
export type SpreadsheetApi = typeof api;
expose(api);
