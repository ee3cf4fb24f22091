import { firstOf, type Hive } from '@furrow/core';
import { randomUUID } from 'node:crypto';
import type { Send } from './otherHives.js';

/**
 * Harvests of two seasons before, as the household kept them in a sheet: hive, days ago, honey and
 * wax in grams, minutes.
 */
const SHEET: readonly (readonly [
  hive: string,
  daysAgo: number,
  honeyG: number,
  waxG: number,
  minutes: number,
])[] = [
  ['Ipê', 742, 2600, 95, 150],
  ['Guabiroba', 668, 5900, 120, 210],
  ['Ipê', 482, 4150, 150, 190],
  ['Araucária', 471, 7800, 310, 260],
  ['Guabiroba', 465, 9200, 190, 280],
  ['Cedro', 452, 6900, 340, 300],
  ['Miúda', 446, 820, 0, 70],
  ['Araucária', 404, 3900, 160, 150],
  ['Pitanga', 396, 5600, 140, 170],
];

/** The old sheet of the household, taken in as anybody's would be. */
export async function seedHistory(
  send: Send,
  hives: readonly Pick<Hive, 'id' | 'name'>[],
  at: Date,
  dateOf: (at: Date) => string,
  ago: (days: number) => Date,
): Promise<void> {
  const rows = SHEET.map(([hiveName, days, honeyG, waxG, minutes]) => ({
    batchId: randomUUID(),
    visitId: randomUUID(),
    hiveName,
    date: dateOf(ago(days)),
    honeyG,
    waxG,
    moisturePercent: null,
    minutes,
    note: '',
  }));
  const names = [...new Set(rows.map((r) => r.hiveName))];
  await send('post', '/sheetHarvests', at, {
    hives: names.map((name) => ({
      name,
      hiveId: firstOf(hives, (h) => h.name === name).id,
      make: null,
    })),
    harvests: rows,
  });
}
