import { houseSay } from '@furrow/words';
import { lotByCode } from './codes.js';
import { PAPERS, type PrintLine } from '@furrow/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import { qrRuns } from '../files/labels.js';
import { inThread } from '../heavy/pool.js';
import { lotPage } from '../files/lotPage.js';
import { holdSaid } from '../book/holds.js';
import { notFound, refused } from '../problem.js';
import { readerAtHome } from '../spoken.js';
import { hiveView } from '../look/hiveViews.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';
import { find, list } from '../store/rows.js';
import { read, type Reading } from '../reading.js';
import { currentRules } from '../rules/currentRules.js';
import { filledLot, labelsOf, wordsOf } from './labels.js';

const pdfAnswer = (response: import('express').Response, name: string, pdf: Uint8Array): void => {
  response
    .type('application/pdf')
    .setHeader('Content-Disposition', `inline; filename="${name.replace(/[^A-Za-z0-9.-]/g, '-')}"`);
  response.send(Buffer.from(pdf));
};

/** The page behind a lot's code. */
async function lotPageOf(db: Knex, lotId: string): Promise<string> {
  const filled = await filledLot(db, lotId);
  const { rules } = await currentRules(db);
  return lotPage(filled, wordsOf(filled, rules), rules, filled.moisturePercent);
}

/** The printer's spool, newest first: what stood on a label is in its PDF. */
async function spool(db: Knex): Promise<PrintLine[]> {
  const prints = await list(db, 'prints', {}, 'occurredAt');
  const lotRows = await rowsOf(
    { id: z.string(), code: z.string().nullable(), batchId: z.string() },
    db('lots')
      .whereIn(
        'id',
        prints.map((print) => print.lotId),
      )
      .where({ removedAt: null })
      .select('id', 'code', 'batchId'),
  );
  const lots = new Map(lotRows.map((l) => [l.id, l]));
  return prints.reverse().map(({ labels, fields: _fields, ...p }) => ({
    ...p,
    count: labels.length,
    code: lots.get(p.lotId)?.code ?? '',
    batchId: lots.get(p.lotId)?.batchId ?? null,
  }));
}

/** What Jar reads: sheets, designs, the words of a lot's label, the printer's spool. */
export const jarReads = [
  read('/labelSheets', async ({ db }) => ({
    items: await list(db, 'labelSheets'),
  })),
  read('/labelDesigns', async ({ db }) => ({
    items: await list(db, 'labelDesigns'),
  })),
  read('/prints', async ({ db }) => ({ items: await spool(db) })),
  read('/lots/:id/label', async ({ db }, { params }) => {
    const { labels, inLanguages, qrText, lot, sale } = await labelsOf(db, params.id);
    return {
      sale,
      words: labels[0],
      inLanguages,
      count: labels.length,
      qrText,
      qr: qrRuns(qrText),
      code: lot.code,
    };
  }),
];

/** What Jar prints: labels, cards, look sheets, lot pages. */
export function jarFiles({ db, phoneAddress }: Reading): Router {
  const router = Router();
  router.get('/prints/:id.pdf', async (request, response) => {
    const print = await find(db, 'prints', request.params.id, 'print');
    const lot = await find(db, 'lots', print.lotId, 'lot');
    pdfAnswer(
      response,
      `labels-${lot.code}.pdf`,
      await inThread('labelsPdf', [print.labels, print, print.sheet, print.qrText, print.startAt]),
    );
  });
  router.get('/lots/:id/labels.pdf', async (request, response) => {
    const [design] = await list(db, 'labelDesigns');
    const { labels, qrText, lot, holds } = await labelsOf(
      db,
      request.params.id,
      design.secondLanguage,
    );
    if (holds.length)
      throw refused(houseSay('refusal.no-label-for-it', { why: holdSaid(holds[0]) }));
    pdfAnswer(
      response,
      `labels-${lot.code}.pdf`,
      await inThread('labelsPdf', [
        labels,
        design,
        await find(db, 'labelSheets', design.sheetId, 'label-sheet'),
        qrText,
      ]),
    );
  });
  router.get('/lots/:id/page.html', async (request, response) => {
    response
      .attachment('lot-page.html')
      .type('html')
      .send(await lotPageOf(db, request.params.id));
  });
  router.get('/hives/:id/card.pdf', async (request, response) => {
    const hive = await hiveView(db, request.params.id);
    const address = await phoneAddress();
    const link = address && `${address}/look/${hive.id}`;
    const { rules } = await currentRules(db);
    const pdf = await inThread('hiveCardPdf', [hive, link, readerAtHome(rules)]);
    pdfAnswer(response, `card-${hive.name}.pdf`, pdf);
  });
  router.get('/hives/:id/look-sheet.pdf', async (request, response) => {
    const hive = await hiveView(db, request.params.id);
    const { rules } = await currentRules(db);
    const pdf = await inThread('lookSheetPdf', [hive, PAPERS[rules.paper], readerAtHome(rules)]);
    pdfAnswer(response, `look-sheet-${hive.name}.pdf`, pdf);
  });
  return router;
}

/** The page behind the code on a jar, outside the application: `/lot/CODE`. */
export function lotPages(db: Knex): Router {
  const router = Router();
  router.get('/lot/:code', async (request, response) => {
    const lot = await lotByCode(db, request.params.code);
    if (!lot) throw notFound('lot-of-this-code');
    response.type('html').send(await lotPageOf(db, lot.id));
  });
  return router;
}
