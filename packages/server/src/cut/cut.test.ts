import { randomUUID } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import request from 'supertest';
import { PDFDocument } from 'pdf-lib';
import type { BatchDetail, Clock, CutBoard } from '@furrow/core';
import { BOX, JAR, kit, laid, piece, plan } from '../testing/cutBoard.js';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const change = (id: string, payload: object) => home.patch(`/cutPieces/${id}`, payload);
const clocks = async (): Promise<Clock[]> => (await home.get<{ items: Clock[] }>('/clocks')).items;
/** What stands in a PDF, by another library's eyes. */
function pdfText(pdf: Buffer): string {
  const file = join(mkdtempSync(join(tmpdir(), 'furrow-pdf-')), 'a.pdf');
  writeFileSync(file, pdf);
  return execFileSync('pdftotext', ['-layout', file, '-']).toString();
}
const hasPdftotext = ((): boolean => {
  try {
    execFileSync('pdftotext', ['-v'], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
})();

describe('the board', () => {
  it('keeps its plan; what was cut stays in it, what was only planned may go, and undo brings it back', async () => {
    const [{ batchId, boardId }, box] = [await laid(home), await kit(home, BOX)];
    const [a, b] = [piece(box, 0), piece(box, 95)];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan([a, b])));
    await home.ok(change(a.id, { state: 'cut' }));
    expect((await home.post(`/cutBoards/${boardId}/plan`, plan([b]))).body).toMatchObject({
      code: 'piece-cut',
    });
    const again = piece(box, 200);
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan([a, again], { cutsDone: 1 })));
    const now = (): Promise<BatchDetail> => home.detail(batchId);
    expect((await now()).pieces.map((p) => [p.id, p.state]).sort()).toEqual(
      [
        [a.id, 'cut'],
        [again.id, 'planned'],
      ].sort(),
    );
    const [last] = (await home.get<{ items: { commandId: string }[] }>('/journal')).items;
    await home.ok(home.post('/undo', { commandId: last.commandId }));
    expect((await now()).pieces.map((p) => p.id).sort()).toEqual([a.id, b.id].sort());
    expect((await now()).boards[0]).toMatchObject({
      cutsDone: 0,
      possiblePieces: 12,
      provenOptimal: true,
    });
  });
  it('refuses a piece beyond the comb, a comb twice, more cuts than there are', async () => {
    const [{ batchId, boardId, combId }, box] = [await laid(home), await kit(home, BOX)];
    expect(
      (await home.post(`/cutBoards/${boardId}/plan`, plan([piece(box, 350)]))).body,
    ).toMatchObject({ detail: 'A piece lies beyond the comb.' });
    expect((await home.detail(batchId)).pieces).toEqual([]);
    expect(
      (
        await home.post('/cutBoards', {
          id: randomUUID(),
          batchId,
          combId,
          widthMm: 400,
          heightMm: 200,
          thicknessMm: 34,
          flaws: [],
          seen: 'none',
        })
      ).body,
    ).toMatchObject({ code: 'on-board' });
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan([])));
    expect((await home.patch(`/cutBoards/${boardId}`, { cutsDone: 2 })).body).toMatchObject({
      detail: 'So many cuts are not planned.',
    });
  });
  it('plans several boards, all or none', async () => {
    const [{ batchId, boardId }, box] = [await laid(home), await kit(home, BOX)];
    const answer = await home.post('/cutBoards/plans', {
      boards: [
        { boardId, plan: plan([piece(box, 0)]) },
        { boardId: randomUUID(), plan: plan([]) },
      ],
    });
    expect(answer.status).toBe(404);
    expect((await home.detail(batchId)).pieces).toEqual([]);
  });
  it('spoilt for pieces, with its cause: nothing is planned on it any more', async () => {
    const [{ batchId, boardId }, box] = [await laid(home), await kit(home, BOX)];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan([piece(box, 0)])));
    await home.ok(home.patch(`/cutBoards/${boardId}`, { spoilt: 'sagged', sheetSeasons: 4 }));
    const { boards, pieces } = await home.detail(batchId);
    expect([boards[0].spoilt, boards[0].sheetSeasons, pieces.length]).toEqual(['sagged', 4, 0]);
    const history = await home.get<{ boards: CutBoard[] }>('/cutHistory');
    expect(history.boards).toMatchObject([{ spoilt: 'sagged', hiveName: 'Ipê' }]);
  });
});

describe('pieces', () => {
  it("are graded and priced by the rule, with the reason, or by the person's own eye", async () => {
    const [{ batchId, boardId }, box] = [await laid(home), await kit(home, BOX)];
    const [a, b] = [piece(box, 0), piece(box, 95)];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan([a, b])));
    const of = async (id: string) => (await home.detail(batchId)).pieces.find((p) => p.id === id)!;
    await home.ok(change(a.id, { state: 'cut', netG: 248 }));
    expect(await of(a.id)).toMatchObject({ grade: 'premium', price: 34 });
    await home.ok(change(a.id, { netG: 210 }));
    expect(await of(a.id)).toMatchObject({
      grade: 'discount',
      price: 23.8,
      reason: expect.objectContaining({ key: 'cut.grade.off' }) as object,
    });
    await home.ok(change(a.id, { grade: 'sample' }));
    expect(await of(a.id)).toMatchObject({
      grade: 'sample',
      price: 0,
      reason: expect.objectContaining({ key: 'cut.grade.by-your-own-eye' }) as object,
    });
    await home.ok(change(b.id, { state: 'cracked' }));
    expect(await of(b.id)).toMatchObject({ grade: 'crush', price: 0 });
  });
  it('are packed with their own weights, out of the comb into the book, and the boxes leave the stock', async () => {
    const [{ batchId, boardId }, box] = [await laid(home), await kit(home, BOX)];
    const pieces = [piece(box, 0), piece(box, 95), piece(box, 190)];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan(pieces)));
    const id = randomUUID();
    const pack = (ids: string[]) =>
      home.post('/packings', { id, batchId, jarKindId: box, pieceIds: ids });
    expect((await pack([pieces[0].id])).body).toMatchObject({
      detail: 'A piece is not cut yet, or it cracked.',
    });
    for (const [i, p] of pieces.entries())
      await home.ok(change(p.id, { state: 'cut', ...(i < 2 ? { netG: 240 + 9 * i } : {}) }));
    expect((await pack(pieces.map((p) => p.id))).body).toMatchObject({
      detail: 'Weigh every piece first: its label needs its own weight.',
    });
    await home.ok(pack(pieces.slice(0, 2).map((p) => p.id)));
    const detail = await home.detail(batchId);
    expect(detail.lots.find((l) => l.id === id)).toMatchObject({
      kind: 'pieces',
      count: 2,
      netG: 240,
      nowG: 489,
    });
    expect(detail.lots.find((l) => l.kind === 'comb')!.nowG).toBe(2400 - 489);
    expect(
      (await home.get<{ items: { name: string; stock: number }[] }>('/jars')).items.find(
        (j) => j.name === BOX.name,
      )!.stock,
    ).toBe(4);
    expect((await change(pieces[0].id, { netG: 10 })).body).toMatchObject({ code: 'packed' });
    const labels = await request(home.app)
      .get(`/api/v1/lots/${id}/labels.pdf`)
      .buffer(true)
      .parse((r, done) => {
        const parts: Buffer[] = [];
        r.on('data', (c: Buffer) => parts.push(c));
        r.on('end', () => done(null, Buffer.concat(parts)));
      });
    expect((await PDFDocument.load(labels.body as Buffer)).getPageCount()).toBe(1);
    if (hasPdftotext)
      expect(pdfText(labels.body as Buffer)).toMatch(/249 g[\s\S]*240 g|249 g.*240 g/);
  });
  it('leave the shelf sold, given or eaten, never more than are left, to the last gram', async () => {
    const [{ batchId, boardId }, box] = [await laid(home), await kit(home, BOX)];
    const pieces = [piece(box, 0), piece(box, 95), piece(box, 190)];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan(pieces)));
    for (const [i, p] of pieces.entries())
      await home.ok(change(p.id, { state: 'cut', netG: 240 + i }));
    const lotId = randomUUID();
    await home.ok(
      home.post('/packings', {
        id: lotId,
        batchId,
        jarKindId: box,
        pieceIds: pieces.map((p) => p.id),
      }),
    );
    const out = (fate: string, count: number) =>
      home.post('/outs', {
        id: randomUUID(),
        lotId,
        fate,
        count,
        price: fate === 'sold' ? 34 : null,
      });
    expect((await out('sold', 2)).body).toMatchObject({
      detail: expect.stringMatching(/you are not registered to sell/) as string,
    });
    const { rules } = await home.get<{ rules: object }>('/rules');
    await home.ok(home.post('/rules', { ...rules, registeredToSell: true }));
    await home.ok(out('sold', 2));
    expect((await out('given', 2)).body).toMatchObject({ detail: 'Only 1 of them is left.' });
    await home.ok(out('spoilt', 1));
    expect((await out('eaten', 1)).body).toMatchObject({ detail: 'None of them is left.' });
    const detail = await home.detail(batchId);
    expect(detail.lots.find((l) => l.id === lotId)!.nowG).toBe(0);
    expect(detail.outs.map((o) => [o.fate, o.count])).toEqual([
      ['sold', 2],
      ['spoilt', 1],
    ]);
    expect(detail.balanced).toBe(true);
  });
});

describe('chunk jars', () => {
  it('take strips of comb and honey of a lot, and refuse what does not fit or is not there', async () => {
    const [{ batchId, boardId }, jar] = [await laid(home), await kit(home, JAR)];
    const strips = [
      piece(jar, 0, 0, { widthMm: 42, heightMm: 100 }),
      piece(jar, 50, 0, { widthMm: 42, heightMm: 100 }),
    ];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan(strips)));
    for (const s of strips) await home.ok(change(s.id, { state: 'cut', netG: 190 }));
    const honeyLotId = randomUUID();
    await home.db('lots').insert({
      id: honeyLotId,
      batchId,
      kind: 'honey',
      name: 'Ipê, honey',
      revision: 1,
      recordedAt: home.now.toISOString(),
    });
    await home.ok(
      home.post('/flows', {
        id: randomUUID(),
        from: 'outside',
        to: honeyLotId,
        g: 900,
        reason: 'Put in for a test',
      }),
    );
    const fill = (honeyG: number) =>
      home.post('/chunkJars', {
        id: randomUUID(),
        batchId,
        jarKindId: jar,
        honeyLotId,
        jars: strips.map((s) => ({ pieceId: s.id, honeyG })),
      });
    expect((await fill(460)).body).toMatchObject({
      detail: expect.stringMatching(/920 g of honey are needed, 900 g/) as string,
    });
    expect(
      (
        await home.post('/chunkJars', {
          id: randomUUID(),
          batchId,
          jarKindId: jar,
          honeyLotId,
          jars: [{ pieceId: strips[0].id, honeyG: 700 }],
        })
      ).body,
    ).toMatchObject({ detail: expect.stringMatching(/do not fit/) as string });
    await home.ok(fill(430));
    const { lots, balanced } = await home.detail(batchId);
    expect(lots.find((l) => l.kind === 'jars')).toMatchObject({ count: 2, netG: 620, nowG: 1240 });
    expect(lots.find((l) => l.id === honeyLotId)!.nowG).toBe(40);
    expect(balanced).toBe(true);
  });
});

describe('the rack and the cold', () => {
  const keep = (batchId: string, kind: string, more: object = {}) =>
    home.post('/keepings', {
      id: randomUUID(),
      batchId,
      kind,
      order: 'pieces',
      pieces: 8,
      thicknessMm: 34,
      litres: 4,
      freezerC: -18,
      roomC: 22,
      pest: 'moth',
      ...more,
    });
  it('have clocks by the slow edge; out of the freezer the thaw begins by itself', async () => {
    const { batchId } = await laid(home);
    expect((await clocks()).find((c) => c.kind === 'out')).toMatchObject({
      dueWhat: { text: 'into the freezer, before moth and beetle' },
    });
    await home.ok(keep(batchId, 'freeze'));
    const clock = (await clocks()).find((c) => c.kind === 'freeze')!;
    const hours = (Date.parse(clock.dueAt!) - home.now.getTime()) / 3_600_000;
    expect(hours).toBeGreaterThan(5);
    expect(hours).toBeLessThan(9);
    expect((await clocks()).some((c) => c.kind === 'out')).toBe(false);
    expect((await keep(batchId, 'freeze')).body).toMatchObject({ code: 'running' });
    home.later(9);
    const [freeze] = (await home.detail(batchId)).keepings;
    expect((await home.post(`/keepings/${freeze.id}/end`, { cracked: 9 })).body).toMatchObject({
      detail: 'Only 8 were there.',
    });
    await home.ok(home.post(`/keepings/${freeze.id}/end`, { cracked: 1 }));
    expect(
      (await home.detail(batchId)).keepings.map((k) => [k.kind, k.endedAt === null, k.cracked]),
    ).toEqual([
      ['freeze', false, 1],
      ['thaw', true, 0],
    ]);
    expect((await clocks()).find((c) => c.kind === 'thaw')).toMatchObject({
      dueWhat: { text: 'may be unwrapped' },
    });
  });
  it('stay in the cold for the household’s weeks, where it has such a rule', async () => {
    const { batchId } = await laid(home);
    const { rules } = await home.get<{ rules: object }>('/rules');
    await home.ok(home.post('/rules', { ...rules, waxFrozenWeeks: 3 }));
    await home.ok(keep(batchId, 'freeze'));
    const clock = (await clocks()).find((c) => c.kind === 'freeze')!;
    const days = (Date.parse(clock.dueAt!) - Date.parse(clock.startedAt)) / 86_400_000;
    expect(days).toBeCloseTo(21, 6);
  });
  it('refuse a freezer that is too warm, or full', async () => {
    const { batchId } = await laid(home);
    expect((await keep(batchId, 'freeze', { freezerC: -5 })).body).toMatchObject({
      detail: expect.stringMatching(/does not get the core/) as string,
    });
    const { rules } = await home.get<{ rules: object }>('/rules');
    await home.ok(home.post('/rules', { ...rules, freezerL: 3 }));
    expect((await keep(batchId, 'freeze')).body).toMatchObject({
      detail: 'The freezer holds 3 L; 0 ml stand in it and 4 L would come.',
    });
    await home.ok(keep(batchId, 'rack'));
    expect((await clocks()).find((c) => c.kind === 'rack')).toMatchObject({
      dueWhat: { text: 'edges stop weeping' },
    });
  });
});

describe('the template', () => {
  it('comes as SVG and as PDF at true size over as many sheets as it needs', async () => {
    const [{ boardId }, box] = [await laid(home), await kit(home, BOX)];
    await home.ok(home.post(`/cutBoards/${boardId}/plan`, plan([piece(box, 0)])));
    const svg = await request(home.app)
      .get(`/api/v1/cutBoards/${boardId}/template.svg`)
      .buffer(true)
      .parse((r, done) => {
        let t = '';
        r.on('data', (c: Buffer) => (t += c));
        r.on('end', () => done(null, t));
      });
    expect(svg.body).toContain('width="424mm"');
    expect(svg.body).toContain('Flat box 250');
    const pdf = await request(home.app)
      .get(`/api/v1/cutBoards/${boardId}/template.pdf`)
      .buffer(true)
      .parse((r, done) => {
        const parts: Buffer[] = [];
        r.on('data', (c: Buffer) => parts.push(c));
        r.on('end', () => done(null, Buffer.concat(parts)));
      });
    const doc = await PDFDocument.load(pdf.body as Buffer);
    // 400 mm across sheets of 277 mm, lying; 200 mm over 172 mm of room.
    expect(doc.getPageCount()).toBe(4);
    expect(doc.getPage(0).getWidth()).toBeCloseTo((297 * 72) / 25.4, 1);
    if (hasPdftotext)
      expect(pdfText(pdf.body as Buffer)).toMatch(
        /sheet 1 of 2 across, 1 of 2 down[\s\S]*100 mm if printed at 100 %/,
      );
  });
});
