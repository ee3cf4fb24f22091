import { asWritten } from '@furrow/core';
import { PLAIN_READER } from '../words.js';
import { PAPERS, type DayPlan, type HouseRules, type TemplateInput } from '@furrow/core';
import { PDFDocument } from 'pdf-lib';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';
import { pdfWords } from '../testing/pdfWords.js';
import { dayPlanPdf } from './dayPlan.js';
import { templatePdf } from './template.js';

/** Width and height of every page, whole points. */
const pagesOf = async (pdf: Uint8Array): Promise<string[]> =>
  (await PDFDocument.load(pdf))
    .getPages()
    .map((p) => `${Math.round(p.getWidth())} x ${Math.round(p.getHeight())}`);
const SIZES = { a4: '595 x 842', letter: '612 x 792' } as const;

let home: Household;
beforeAll(async () => void (home = await Household.open()));
afterAll(() => home.close());

describe.each(['a4', 'letter'] as const)('sheets on %s', (paper) => {
  it('the plan', async () => {
    const nothing = { steps: [], bring: [], harvests: [] } as unknown as DayPlan;
    const pages = await pagesOf(
      await dayPlanPdf(nothing, {
        ...{ zone: 'UTC', paper: PAPERS[paper], reader: PLAIN_READER, tickLink: null },
      }),
    );
    expect(pages).toEqual([SIZES[paper]]);
  });
  it.each([
    ['https://192.0.2.7:4478/bring', 'Tick it on a phone'],
    [null, 'No code: no phone reaches this machine yet.'],
  ])('the list to bring, for a phone at %s', async (tickLink, words) => {
    const line = {
      text: asWritten('Smoker, fuel, matches'),
      serves: asWritten('Smoke and wait'),
      where: 'hive',
    };
    const day = {
      ...{ steps: [], harvests: [] },
      bring: Array.from({ length: 40 }, () => line),
    } as unknown as DayPlan;
    const said = { zone: 'UTC', paper: PAPERS[paper], reader: PLAIN_READER, tickLink } as const;
    const [first, second] = await pdfWords(await dayPlanPdf(day, said));
    expect(first).toContain(words);
    // The square stands on the first page of the list alone.
    expect(second).toContain('Smoker, fuel, matches');
    expect(second).not.toContain(words);
  });
  it('the plan in the language of the household', async () => {
    const nothing = { steps: [], bring: [], harvests: [] } as unknown as DayPlan;
    const reader = { ...PLAIN_READER, language: 'pt-BR' } as const;
    const said = { zone: 'UTC', paper: PAPERS[paper], reader, tickLink: null };
    expect(await pdfWords(await dayPlanPdf(nothing, said))).toEqual(['Nada está planejado']);
  });
  it('a template at true size, over as many sheets as it needs', async () => {
    const template: TemplateInput = {
      ...{ name: 'Comb 12', widthMm: 150, heightMm: 420 },
      ...{ flaws: [], pieces: [], cuts: [] },
    };
    const pages = await pagesOf(await templatePdf(template, PAPERS[paper], PLAIN_READER));
    expect(pages).toEqual([SIZES[paper], SIZES[paper]]);
  });
  it('the look sheet, by the rule of the house', async () => {
    const { rules } = await home.get<{ rules: HouseRules }>('/rules');
    await home.ok(home.post('/rules', { ...rules, paper }));
    const hive = await home.hive(`Hive on ${paper}`);
    const sheet = await request(home.app)
      .get(`/api/v1/hives/${hive.id}/look-sheet.pdf`)
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (part: Buffer) => parts.push(part));
        res.on('end', () => done(null, Buffer.concat(parts)));
      });
    const pages = await pagesOf(sheet.body as Buffer);
    expect(new Set(pages)).toEqual(new Set([SIZES[paper]]));
  });
});
