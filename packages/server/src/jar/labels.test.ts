import { randomUUID } from 'node:crypto';
import {
  DEFAULT_RULES,
  labelPlace,
  layLabel,
  type BatchDetail,
  type HouseRules,
  type LabelDesignRecord,
  type LabelSheetRecord,
  type LabelText,
  type Lot,
} from '@furrow/core';
import jsQR from 'jsqr';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { qrRuns } from '../files/labels.js';
import { Household } from '../testing/household.js';
import { pdfWords } from '../testing/pdfWords.js';

let home: Household;
let batchId: string;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const bytes = async (path: string): Promise<Buffer> => {
  const response = await request(home.app)
    .get(path)
    .buffer(true)
    .parse((r, done) => {
      const parts: Buffer[] = [];
      r.on('data', (c: Buffer) => parts.push(c));
      r.on('end', () => done(null, Buffer.concat(parts)));
    });
  expect(response.status).toBe(200);
  return response.body as Buffer;
};
const pdfText = async (path: string): Promise<string[]> => pdfWords(await bytes(path));
async function filled(count = 3, rules: Partial<HouseRules> = {}, netG = 300): Promise<Lot> {
  await home.ok(
    home.post('/rules', {
      ...DEFAULT_RULES,
      winterNeedKg: 0,
      labelMaker: 'Casa Pedra Clara',
      ...rules,
    }),
  );
  const hive = await home.hive('Ipê');
  batchId = await home.drained(await home.harvest(hive), 3400);
  const jarKindId = randomUUID();
  await home.ok(
    home.post('/jars', {
      id: jarKindId,
      name: 'Jar 300',
      netG: 300,
      tareG: 160,
      stock: 20,
      value: 25,
    }),
  );
  const id = randomUUID();
  await home.ok(
    home.post('/fillings', { id, batchId, jarKindId, count, netG, lowestWeighedG: null }),
  );
  return (await home.get<BatchDetail>(`/harvests/${batchId}`)).lots.find((l) => l.id === id)!;
}
const designOf = async (): Promise<LabelDesignRecord> =>
  (await home.get<{ items: LabelDesignRecord[] }>('/labelDesigns')).items[0];

describe('labels', () => {
  it('print what the record says, accents and all, one a jar, where the sheet has them', async () => {
    const lot = await filled(16, { nutritionOnLabel: true }, 200);
    const [first, second] = await pdfText(`/api/v1/lots/${lot.id}/labels.pdf`);
    expect(first.match(/Ipê, Site of Ipê/g)).toHaveLength(14);
    expect(second.match(/Ipê, Site of Ipê/g)).toHaveLength(2);
    for (const word of [
      'Honey',
      '200 g / 7.0 oz',
      'Harvested 14 Mar 2026',
      // Its water was not measured: the shortest keeping date of the rules.
      'Best before Sept 2026',
      `Batch ${lot.code}`,
      'Not for children under twelve months.',
      'Gift, not for sale.',
      'Casa Pedra Clara',
    ])
      expect(first).toContain(word);
  });
  it('carry a code that reads back as the batch, or as the page where an address is set', async () => {
    const lot = await filled();
    const read = async (): Promise<string> => {
      const { qr } = await home.get<{ qr: ReturnType<typeof qrRuns> }>(`/lots/${lot.id}/label`);
      const px = 6;
      const side = (qr.size + 8) * px;
      const image = new Uint8ClampedArray(side * side * 4).fill(255);
      for (const run of qr.runs)
        for (let y = 0; y < px; y++)
          for (let x = 0; x < run.length * px; x++)
            image.fill(
              0,
              (((run.y + 4) * px + y) * side + (run.x + 4) * px + x) * 4,
              (((run.y + 4) * px + y) * side + (run.x + 4) * px + x) * 4 + 3,
            );
      return jsQR(image, side, side)!.data;
    };
    expect(await read()).toBe(lot.code);
    await home.ok(
      home.post('/rules', {
        ...DEFAULT_RULES,
        winterNeedKg: 0,
        baseAddress: 'https://honey.example',
      }),
    );
    expect(await read()).toBe(`https://honey.example/lot/${lot.code}`);
  });
  it('tell water and nutrition only once the water was measured: the wetter of two drops', async () => {
    const lot = await filled(3, { nutritionOnLabel: true });
    const words = async (): Promise<LabelText> =>
      (await home.get<{ words: LabelText }>(`/lots/${lot.id}/label`)).words;
    expect([(await words()).moisture, (await words()).nutrition]).toEqual(['', '']);
    const { drains } = await home.get<BatchDetail>(`/harvests/${batchId}`);
    for (const moisturePercent of [17.1, 16.8])
      await home.ok(
        home.post('/drainEvents', {
          id: randomUUID(),
          drainId: drains[0].id,
          kind: 'moisture',
          moisturePercent,
          minutes: 0,
        }),
      );
    expect((await words()).moisture).toBe('17.1 % water');
    expect((await words()).nutrition).toContain('331 kcal');
  });
  it('never say more than was weighed: the lightest of the jars decides', async () => {
    const lot = await filled();
    await home.ok(home.post(`/lots/${lot.id}/weights`, { weights: [301, 296] }));
    expect((await home.get<{ words: LabelText }>(`/lots/${lot.id}/label`)).words.net).toBe(
      '296 g / 10.4 oz',
    );
    expect(
      (await home.post(`/lots/${lot.id}/weights`, { weights: [301, 300, 300, 300] })).body,
    ).toMatchObject({ detail: 'The lot has 3 jars, 4 weights.' });
    expect((await home.post(`/lots/${lot.id}/weights`, { weights: [461] })).body).toMatchObject({
      detail: "461 g is far from 300 g. Was the jar's tare taken off?",
    });
  });
  it('go through the spool, keep how they were printed, and misprints are logged and printed again', async () => {
    const lot = await filled();
    const design = await designOf();
    const [id, again] = [randomUUID(), randomUUID()];
    await home.ok(home.post('/prints', { id, lotId: lot.id, designId: design.id, startAt: 13 }));
    // Three labels from the last place of the sheet: the other two on the next.
    expect(
      (await pdfText(`/api/v1/prints/${id}.pdf`)).map((t) => t.match(/Batch/g)?.length),
    ).toEqual([1, 2]);
    await home.ok(home.patch(`/labelDesigns/${design.id}`, { qr: false }));
    await home.ok(
      home.post(`/prints/${id}/misprint`, { count: 2, why: 'Paper jammed', reprintId: again }),
    );
    const { items } = await home.get<{
      items: {
        id: string;
        count: number;
        misprinted: number;
        why: string;
        reprintOf: string | null;
      }[];
    }>('/prints');
    expect(items.find((p) => p.id === id)).toMatchObject({
      count: 3,
      misprinted: 2,
      why: 'Paper jammed',
    });
    expect(items.find((p) => p.id === again)).toMatchObject({ count: 2, reprintOf: id });
    expect(
      (await home.post(`/prints/${id}/misprint`, { count: 2, why: 'Again' })).body,
    ).toMatchObject({ detail: 'Of this print only 1 label is left.' });
  });
  it("are not printed with a date that is not the harvest's, with the reason", async () => {
    const lot = await filled();
    const design = await designOf();
    await home.ok(
      home.patch(`/labelDesigns/${design.id}`, {
        fields: [
          ...design.fields.filter((f) => f.kind !== 'origin'),
          { kind: 'own', sizePt: 4, bold: false, text: 'Picked 2 Jan 2020' },
        ],
      }),
    );
    const refusal = await home.post('/prints', {
      id: randomUUID(),
      lotId: lot.id,
      designId: design.id,
    });
    expect([refusal.status, refusal.body.detail]).toEqual([
      400,
      '“2 Jan 2020” is not a date of this harvest (Harvested 14 Mar 2026; Best before Sept 2026). Dates come from the record: take it out of your line.',
    ]);
    expect((await home.get<{ items: unknown[] }>('/prints')).items).toEqual([]);
  });
  it('lie on the sheet as it was measured; one that does not fit the paper is refused', async () => {
    const sheet = {
      id: randomUUID(),
      name: 'Roll',
      paperWidthMm: 62,
      paperHeightMm: 40,
      columns: 1,
      rows: 1,
      marginLeftMm: 1,
      marginTopMm: 1,
      labelWidthMm: 60,
      labelHeightMm: 38,
      gapXMm: 0,
      gapYMm: 0,
    };
    await home.ok(home.post('/labelSheets', sheet));
    const wide = await home.post('/labelSheets', { ...sheet, id: randomUUID(), columns: 2 });
    expect(wide.body.detail).toMatch(/are 121 mm wide, the paper 62 mm/);
    const { items } = await home.get<{ items: LabelSheetRecord[] }>('/labelSheets');
    expect(
      labelPlace(
        items.find((s) => s.name.with.text === 'Roll')!,
        1,
      ),
    ).toEqual({ page: 1, xMm: 1, yMm: 1 });
    expect(layLabel(await designOf(), { ...({} as LabelText) }, sheet).fits).toBe(true);
  });
});

describe('a label in two languages', () => {
  /** Room for all lines twice. */
  const large = {
    id: randomUUID(),
    name: 'Large',
    ...{ paperWidthMm: 210, paperHeightMm: 297, columns: 1, rows: 2 },
    ...{ marginLeftMm: 5, marginTopMm: 5, labelWidthMm: 200, labelHeightMm: 120 },
    ...{ gapXMm: 0, gapYMm: 0 },
  };
  it('prints the second under the first, as it was designed when it was printed', async () => {
    const lot = await filled(2, { language: 'en' });
    const sheet = { ...large, id: randomUUID() };
    await home.ok(home.post('/labelSheets', sheet));
    const { id: designId } = await designOf();
    await home.patch(`/labelDesigns/${designId}`, {
      sheetId: sheet.id,
      secondLanguage: 'pt-BR',
    });
    expect((await designOf()).secondLanguage).toBe('pt-BR');
    const { words, inLanguages } = await home.get<{
      words: LabelText;
      inLanguages: Record<string, { title: string }>;
    }>(`/lots/${lot.id}/label`);
    expect([words.title, inLanguages['pt-BR'].title]).toEqual(['Honey', 'Mel']);
    const id = randomUUID();
    await home.ok(home.post('/prints', { id, lotId: lot.id, designId }));
    // What was printed stays as it was printed.
    await home.patch(`/labelDesigns/${designId}`, { secondLanguage: null });
    const text = (await pdfText(`/api/v1/prints/${id}.pdf`)).join(' ');
    expect(text).toContain('Not for children under twelve months');
    expect(text).toContain('Não dar a crianças menores de doze meses');
    const now = (await pdfText(`/api/v1/lots/${lot.id}/labels.pdf`)).join(' ');
    expect(now).not.toContain('Não dar');
  });
  it('a change that says nothing of it leaves it', async () => {
    await filled();
    const { id } = await designOf();
    await home.patch(`/labelDesigns/${id}`, { secondLanguage: 'pt-BR' });
    await home.patch(`/labelDesigns/${id}`, { qr: false });
    expect(await designOf()).toMatchObject({ qr: false, secondLanguage: 'pt-BR' });
  });
});

describe('what is claimed and who may be sold to', () => {
  it('asks what supports a flower', async () => {
    const lot = await filled();
    expect(
      (await home.post(`/lots/${lot.id}/claim`, { flower: 'bracatinga', flowerSupport: null })).body
        .detail,
    ).toBe('What supports this flower?');
    await home.ok(
      home.post(`/lots/${lot.id}/claim`, { flower: 'bracatinga', flowerSupport: 'taste' }),
    );
    expect((await home.get<{ words: LabelText }>(`/lots/${lot.id}/label`)).words.flower).toBe(
      'Tastes of bracatinga',
    );
  });
  it('a use-first lot has a use-by and is not sold; its jars are use-first too', async () => {
    const lot = await filled(3, { registeredToSell: true });
    expect((await home.get<{ words: LabelText }>(`/lots/${lot.id}/label`)).words.gift).toBe('');
    await home.ok(home.post(`/lots/${lot.id}/use-first`, { on: true }));
    expect((await home.get<{ words: LabelText }>(`/lots/${lot.id}/label`)).words).toMatchObject({
      bestBefore: 'Use by 13 May 2026',
      gift: 'Use first. Not for sale.',
    });
    expect(
      (await home.post('/outs', { id: randomUUID(), lotId: lot.id, fate: 'sold', count: 1 })).body
        .detail,
    ).toBe('Open or wet honey is used first and not sold.');
    const { lots } = await home.get<BatchDetail>(`/harvests/${batchId}`);
    const honey = lots.find((l) => l.kind === 'honey')!;
    await home.ok(home.post(`/lots/${honey.id}/use-first`, { on: true, useBy: '2026-04-01' }));
    const next = randomUUID();
    await home.ok(
      home.post('/fillings', {
        id: next,
        batchId,
        jarKindId: lot.jarKindId,
        count: 1,
        netG: 300,
        lowestWeighedG: null,
      }),
    );
    expect(
      (await home.get<BatchDetail>(`/harvests/${batchId}`)).lots.find((l) => l.id === next),
    ).toMatchObject({ useBy: '2026-04-01' });
  });
  it('a code that was ever used is refused, however it is written', async () => {
    const lot = await filled();
    const other = await home.drained(await home.harvest(await home.hive('Cedro')), 3000);
    const code = lot.code!.replace(/1$/, '');
    const refusal = await home.post(`/harvests/${other}/code`, {
      code: code.toLowerCase().replaceAll('-', ' '),
    });
    expect(refusal.body.detail).toMatch(
      /is the code of Ipê, harvested 14 Mar 2026.*put the date or year into it/,
    );
    await home.ok(home.post(`/harvests/${other}/code`, { code: 'Cedro 2026' }));
    expect((await home.post(`/harvests/${batchId}/code`, { code: 'New' })).body.code).toBe(
      'code-fixed',
    );
  });
  it('the page behind the code shows only what the household chose', async () => {
    const lot = await filled(3, { lotPageShows: ['site'] });
    const page = async (): Promise<string> =>
      (await request(home.app).get(`/lot/${lot.code!.toLowerCase()}`).expect(200)).text;
    expect(await page()).toContain('Site of Ipê');
    expect(await page()).not.toMatch(/>Ipê<|Casa Pedra Clara|Harvested/);
    expect(await page()).not.toMatch(/<script|https?:/);
    await request(home.app).get('/lot/NOTHING-1').expect(404);
    await home.ok(
      home.post('/rules', {
        ...DEFAULT_RULES,
        winterNeedKg: 0,
        labelMaker: '<b>Casa</b>',
        lotPageShows: ['maker'],
      }),
    );
    expect(await page()).toContain('&lt;b&gt;Casa&lt;/b&gt;');
  });
  it("a card opens the hive's Look, and a blank sheet has both sides of every comb to scale", async () => {
    await filled();
    const { items } = await home.get<{ items: { id: string; bars: { comb: unknown }[] }[] }>(
      '/hives',
    );
    const card = async (): Promise<string> =>
      (await pdfText(`/api/v1/hives/${items[0].id}/card.pdf`)).join(' ');
    expect(await card()).toContain('Ipê');
    // No address is set and the door is shut: it says so, instead of a code that opens nothing.
    expect(await card()).toContain('no phone reaches');
    await home.house.sharing.want(true);
    expect(await card()).toContain('Scan to look');
    await home.house.sharing.want(false);
    const sheet = (await pdfText(`/api/v1/hives/${items[0].id}/look-sheet.pdf`)).join(' ');
    expect(sheet).toMatch(/Drawn at 1 : \d/);
    expect(sheet.match(/side A/g)).toHaveLength(items[0].bars.filter((b) => b.comb).length);
  });
});

describe('several lots at once', () => {
  it('are filled all or none, each jar from one lot, and what was promised is kept apart', async () => {
    const lot = await filled();
    const other = await home.drained(await home.harvest(await home.hive('Cedro')), 3000);
    const honeyOf = async (id: string): Promise<Lot> =>
      (await home.get<BatchDetail>(`/harvests/${id}`)).lots.find((l) => l.kind === 'honey')!;
    const [a, b] = [await honeyOf(batchId), await honeyOf(other)];
    const fill = (counts: [string, number][]) =>
      home.post('/fillings/several', {
        fillings: counts.map(([honeyLotId, count]) => ({
          id: randomUUID(),
          honeyLotId,
          jarKindId: lot.jarKindId,
          count,
          netG: 300,
        })),
      });
    expect(
      (
        await fill([
          [a.id, 3],
          [b.id, 90],
        ])
      ).status,
    ).toBe(400);
    expect((await honeyOf(batchId)).nowG).toBe(a.nowG);
    await home.ok(
      fill([
        [a.id, 3],
        [b.id, 4],
      ]),
    );
    expect([(await honeyOf(batchId)).nowG, (await honeyOf(other)).nowG]).toEqual([
      a.nowG - 900,
      b.nowG - 1200,
    ]);
    const promise = randomUUID();
    await home.ok(
      home.post('/reserves', {
        id: promise,
        jarKindId: lot.jarKindId,
        count: 2,
        fate: 'given',
        forDate: '2026-03-20',
        who: 'Dona Lurdes',
      }),
    );
    expect(
      (await home.get<{ items: { title: { text: string } }[] }>('/today')).items.map(
        (l) => l.title.text,
      ),
    ).toContain('2 × Jar 300 promised');
    await home.ok(home.post(`/reserves/${promise}/done`, {}));
    expect((await home.get<{ items: unknown[] }>('/reserves')).items).toEqual([]);
  });
});
