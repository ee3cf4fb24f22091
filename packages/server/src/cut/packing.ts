import { houseSay } from '@furrow/words';
import { asWritten, cutSay, flowSay, lotNamed, lotSay } from '@furrow/core';
import {
  seasonOf,
  chunkJar,
  workingWater,
  type CutPiece,
  type Hive,
  type JarKindRecord,
} from '@furrow/core';
import { lotCode } from '../jar/codes.js';
import { conflict, refused } from '../problem.js';
import { hiveView } from '../look/hiveViews.js';
import { find } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { bookView } from '../book/lots.js';
import { batchView } from '../harvest/batches.js';
import { write } from '../store/writes.js';
import { openBatch } from './writes.js';

/**
 * Pieces that may go into boxes: cut, weighed, not packed yet, of this harvest and of the box that
 * was asked.
 */
async function packable(
  unit: UnitOfWork,
  batchId: string,
  jarKindId: string,
  ids: readonly string[],
  path: string,
): Promise<(CutPiece & { netG: number })[]> {
  if (new Set(ids).size !== ids.length) throw refused(houseSay('refusal.piece-there-twice'), path);
  return Promise.all(
    ids.map(async (id, i) => {
      const piece = await find(unit.db, 'cutPieces', id, 'piece');
      if (piece.batchId !== batchId)
        throw refused(houseSay('refusal.piece-another-harvest'), `${path}[${i}]`);
      if (piece.lotId)
        throw conflict('packed', houseSay('refusal.piece-packed-already'), `${path}[${i}]`);
      if (piece.state !== 'cut')
        throw refused(houseSay('refusal.piece-not-cut-yet-or'), `${path}[${i}]`);
      const { netG } = piece;
      if (netG === null || netG <= 0)
        throw refused(houseSay('refusal.weigh-every-piece-first-its'), `${path}[${i}]`);
      return { ...piece, netG };
    }),
  );
}

async function combLot(
  unit: UnitOfWork,
  batchId: string,
  g: number,
  path: string,
): Promise<string> {
  const comb = (await bookView(unit.db, batchId)).lots.find((lot) => lot.kind === 'comb');
  if (!comb || comb.nowG < g)
    throw refused(
      houseSay('refusal.these-pieces-are-only-comb', {
        g: { massG: g, as: 'read' },
        nowG: { massG: comb?.nowG ?? 0, as: 'read' },
      }),
      path,
    );
  return comb.id;
}
async function takeStock(
  unit: UnitOfWork,
  jarKindId: string,
  count: number,
): Promise<JarKindRecord> {
  const kind = await find(unit.db, 'jarKinds', jarKindId, 'kind-of-box');
  if (kind.stock < count)
    throw refused(
      houseSay('refusal.only-are-in-stock', { stock: kind.stock, kind: kind.name }),
      'payload.jarKindId',
    );
  await unit.update('jarKinds', kind.id, { stock: kind.stock - count });
  return kind;
}
const season = (hive: Hive, date: string): string => seasonOf(date, hive.site.hemisphere).startsOn;

export const packingWrites = [
  write('/packings', {
    sentence: (p) => houseSay('entry.pieces-packed', { pieces: p.pieceIds.length }),
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const pieces = await packable(
        unit,
        batch.id,
        payload.jarKindId,
        payload.pieceIds,
        'payload.pieceIds',
      );
      const crush = pieces.findIndex((p) => p.grade === 'crush' || p.grade === 'chunk');
      if (crush >= 0)
        throw refused(
          cutSay('cut.grade.graded-otherwise', { reason: pieces[crush].reason ?? asWritten('') }),
          `payload.pieceIds[${crush}]`,
        );
      const totalG = pieces.reduce((sum, p) => sum + p.netG, 0);
      const comb = await combLot(unit, batch.id, totalG, 'payload.pieceIds');
      const kind = await takeStock(unit, payload.jarKindId, pieces.length);
      const lightest = Math.min(...pieces.map((p) => p.netG));
      await unit.insert('lots', {
        id: payload.id,
        batchId: batch.id,
        kind: 'pieces',
        name: lotNamed(
          batch.hiveName,
          lotSay('lot.boxes', { count: pieces.length, box: kind.name }),
        ),
        code: await lotCode(unit, batch),
        count: pieces.length,
        netG: lightest,
        jarKindId: kind.id,
        lowestWeighedG: lightest,
      });
      await unit.flow({ from: comb, to: payload.id, g: totalG, reason: flowSay('flow.packed') });
      for (const p of pieces)
        await unit.update('cutPieces', p.id, { lotId: payload.id, jarKindId: kind.id });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/chunkJars', {
    sentence: (p) => houseSay('entry.chunk-jars-filled', { jars: p.jars.length }),
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const strips = await packable(
        unit,
        batch.id,
        payload.jarKindId,
        payload.jars.map((j) => j.pieceId),
        'payload.jars',
      );
      const honey = (await bookView(unit.db)).lots.find(
        (lot) => lot.id === payload.honeyLotId && lot.kind === 'honey',
      );
      if (!honey)
        throw refused(houseSay('refusal.choose-honey-to-pour-round'), 'payload.honeyLotId');
      const honeyG = payload.jars.reduce((sum, j) => sum + j.honeyG, 0);
      if (honey.nowG < honeyG)
        throw refused(
          houseSay('refusal.honey-are-needed-are-there', {
            honeyG: { massG: honeyG, as: 'read' },
            nowG: { massG: honey.nowG, as: 'read' },
            honey: honey.name,
          }),
          'payload.honeyLotId',
        );
      const from = await batchView(unit.db, honey.batchId);
      const hive = await hiveView(unit.db, batch.hiveId);
      if (
        from.id !== batch.id &&
        !payload.otherSeason &&
        season(hive, from.date) !== season(await hiveView(unit.db, from.hiveId), batch.date)
      )
        throw refused(
          houseSay('refusal.another-season-say-that-it', {
            honey: honey.name,
            date: { date: from.date },
          }),
          'payload.otherSeason',
        );
      const stripG = strips.reduce((sum, p) => sum + p.netG, 0);
      const kind = await find(unit.db, 'jarKinds', payload.jarKindId, 'kind-of-jar');
      const water = workingWater(await batchDetail(unit.db, batch.id));
      const moisturePercent = Math.min(21, water.percent);
      payload.jars.forEach((j, i) => {
        const most = chunkJar({
          jarNetG: kind.netG,
          stripG: strips[i].netG,
          stripMl: null,
          moisturePercent,
        }).honeyG.high;
        if (j.honeyG > most * 1.05 + 5)
          throw refused(
            houseSay('refusal.honey-do-not-fit-round', {
              honeyG: { massG: j.honeyG, as: 'read' },
              kind: kind.name,
            }),
            `payload.jars[${i}].honeyG`,
          );
      });
      const comb = await combLot(unit, batch.id, stripG, 'payload.jars');
      await takeStock(unit, kind.id, strips.length);
      const lightest = Math.min(...payload.jars.map((j, i) => strips[i].netG + j.honeyG));
      await unit.insert('lots', {
        id: payload.id,
        batchId: batch.id,
        kind: 'jars',
        name: lotNamed(
          batch.hiveName,
          lotSay('lot.boxes', { count: strips.length, box: kind.name }),
        ),
        code: await lotCode(unit, batch),
        count: strips.length,
        netG: lightest,
        jarKindId: kind.id,
        lowestWeighedG: lightest,
      });
      await unit.flow({ from: comb, to: payload.id, g: stripG, reason: flowSay('flow.strips') });
      await unit.flow({
        from: honey.id,
        to: payload.id,
        g: honeyG,
        reason: flowSay('flow.round-strips'),
      });
      for (const p of strips)
        await unit.update('cutPieces', p.id, { lotId: payload.id, jarKindId: kind.id });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
