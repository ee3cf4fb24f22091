import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BadInput, PAPERS, calculate } from '@furrow/core';
import { afterAll, describe, expect, it } from 'vitest';
import { Problem } from '../problem.js';
import { PLAIN_READER } from '../words.js';
import { endThreads, inThread, makeThreads } from './pool.js';
import type { Tasks } from './tasks.js';

afterAll(endThreads);

/** A cutting template of so many cuts: the more, the heavier its sheets. */
const template = (cuts: number): Parameters<Tasks['templatePdf']> => [
  {
    ...{ name: 'Comb 12', widthMm: 400, heightMm: 420, flaws: [], pieces: [] },
    cuts: Array.from({ length: cuts }, (_, i) => ({
      ...{ x1Mm: i % 400, y1Mm: 0, x2Mm: i % 400, y2Mm: 420 },
      label: `Cut ${i}`,
    })),
  },
  PAPERS.a4,
  PLAIN_READER,
];

describe('heavy work in a thread of its own', () => {
  it('gives what the work gives', async () => {
    const input = { moisturePercent: 18, temperatureC: 20 };
    const here = calculate('honey-properties', input);
    expect(await inThread('calculate', ['honey-properties', input])).toEqual(here);
  });
  it('brings a bad input back as one, with its path', async () => {
    const asked = inThread('calculate', ['honey-properties', { moisturePercent: 'wet' }]);
    await expect(asked).rejects.toBeInstanceOf(BadInput);
    await expect(asked).rejects.toMatchObject({ path: 'moisturePercent' });
  });
  it('brings a refusal back with its words, and tells how far it is', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'furrow-heavy-'));
    const file = join(folder, 'no.zip');
    writeFileSync(file, 'no zip at all');
    const order = { file, folder: join(folder, 'out'), tables: [], migrations: [] };
    const asked = inThread('unpackArchive', [order], { onShare: () => undefined });
    await expect(asked).rejects.toBeInstanceOf(Problem);
    await expect(asked).rejects.toMatchObject({
      status: 400,
      detail: 'This is no zip, or it is cut off. Nothing was changed.',
    });
    rmSync(folder, { recursive: true });
  });
  it('leaves the server free meanwhile', async () => {
    let turns = 0;
    const counting = setInterval(() => turns++, 1);
    await inThread('templatePdf', template(300));
    clearInterval(counting);
    expect(turns).toBeGreaterThan(20);
  });
  it('is given up after its time, and the next order is done', async () => {
    await expect(inThread('templatePdf', template(20_000), { mostMs: 30 })).rejects.toMatchObject({
      status: 503,
      code: 'took-too-long',
    });
    expect(await inThread('templatePdf', template(1))).toBeInstanceOf(Uint8Array);
  });
  it('is given up where it wants more memory than it may have; the server lives', async () => {
    const threads = makeThreads(64);
    await expect(inThread('templatePdf', template(60_000), { threads })).rejects.toMatchObject({
      status: 413,
      code: 'too-large',
    });
    await threads.destroy();
  });
});
