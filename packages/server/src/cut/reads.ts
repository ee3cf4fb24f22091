import { houseSay } from '@furrow/words';
import { atHome, readerAtHome } from '../spoken.js';
import { spokenRuler } from '../files/template.js';
import {
  PAPERS,
  templateSvg,
  unitAt,
  type Speak,
  type CutHistory,
  type TemplateInput,
  entryOf,
} from '@furrow/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import { inThread } from '../heavy/pool.js';
import { find, list, openRow } from '../store/rows.js';
import { batchViewsOf } from '../harvest/batches.js';
import { read, type Reading } from '../reading.js';
import { currentRules } from '../rules/currentRules.js';
import { rackRuns } from './keepings.js';

/** A board's template: its pieces with their box's name, its cuts, its flaws. */
async function templateOf(db: Knex, id: string, speak: Speak): Promise<TemplateInput> {
  const board = await find(db, 'cutBoards', id, 'board');
  const [batch] = await batchViewsOf(db, [board.batchId]);
  const { kind } = await find(db, 'hives', batch.hiveId, 'hive');
  const { batchId, combId } = board;
  const take = await openRow('takes', db('takes').where({ batchId, combId, removedAt: null }));
  const kinds = new Map((await list(db, 'jarKinds')).map((k) => [k.id, k.name]));
  const pieces = await list(db, 'cutPieces', { boardId: id });
  const { hiveName: hive } = batch;
  const date = { date: batch.date };
  const name = take?.slot
    ? houseSay('paper.template-name', { hive, unit: unitAt(kind, take.slot), date })
    : houseSay('paper.template-name-box', { hive, date });
  return {
    name: speak(name),
    widthMm: board.widthMm,
    heightMm: board.heightMm,
    cuts: board.cuts,
    flaws: board.flaws.filter((f) => f.kind !== 'thickness'),
    pieces: pieces
      .filter((p) => p.state !== 'cracked')
      .map((p) => ({ ...p, label: kinds.get(p.jarKindId) ?? speak(houseSay('paper.piece')) })),
  };
}

/** Everything that lay on the cutting board, without its lines, with what came of it. */
async function cutHistory(db: Knex): Promise<CutHistory> {
  const boards = await list(db, 'cutBoards');
  const ids = boards.map((board) => board.batchId);
  const batches = new Map((await batchViewsOf(db, ids)).map((b) => [b.id, b]));
  return {
    boards: boards.map((b) => {
      const { hiveName, date } = entryOf(batches, b.batchId);
      return { ...b, flaws: [], cuts: [], hiveName, date };
    }),
    pieces: await list(db, 'cutPieces'),
    outs: await list(db, 'outs'),
    keepings: await list(db, 'keepings'),
    racks: await rackRuns(db),
  };
}

/** What is read for Cut: what all combs so far have given. */
export const cutReads = [read('/cutHistory', ({ db }) => cutHistory(db))];

/** Templates to cut by, true size. */
export function cutFiles({ db }: Reading): Router {
  const router = Router();
  router.get('/cutBoards/:id/template.svg', async (request, response) => {
    response
      .type('image/svg+xml')
      .setHeader('Content-Disposition', 'inline; filename="cutting-template.svg"');
    const { rules } = await currentRules(db);
    const template = await templateOf(db, request.params.id, atHome(rules));
    response.send(templateSvg(template, spokenRuler(template.widthMm, readerAtHome(rules))));
  });
  router.get('/cutBoards/:id/template.pdf', async (request, response) => {
    const { rules } = await currentRules(db);
    const template = await templateOf(db, request.params.id, atHome(rules));
    const pdf = await inThread('templatePdf', [template, PAPERS[rules.paper], readerAtHome(rules)]);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', 'inline; filename="cutting-template.pdf"');
    response.send(Buffer.from(pdf));
  });
  return router;
}
