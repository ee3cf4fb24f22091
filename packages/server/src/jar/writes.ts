import { newFillingSchema, newFlowSchema, newPiecesSchema, newWaxSchema, type JarKindRecord } from '@furrow/core';
import { conflict, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail, batchView, bookView } from '../store/views.js';
import { lotCode } from './codes.js';
import { lotOf } from '../take/lots.js';
import { write } from '../store/writes.js';

export const jarWrites = [
  write({
    method: 'post', path: '/pieces', schema: newPiecesSchema,
    sentence: (p) => `${p.count} ${p.count === 1 ? 'piece' : 'pieces'} of comb honey cut`,
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const comb = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'comb');
      if (!comb || comb.nowG < payload.totalG) throw refused(`Only ${comb?.nowG ?? 0} g of comb are there to cut.`, 'payload.totalG');
      await unit.insert('lots', { id: payload.id, batchId: batch.id, kind: 'pieces', name: `${batch.hiveName}, ${payload.count} ${payload.count === 1 ? 'piece' : 'pieces'}`, code: await lotCode(unit, batch), count: payload.count, netG: Math.floor(payload.totalG / payload.count), jarKindId: null, lowestWeighedG: null });
      await unit.flow({ from: comb.id, to: payload.id, g: payload.totalG, reason: 'Cut' });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post', path: '/fillings', schema: newFillingSchema,
    sentence: (p) => `${p.count} ${p.count === 1 ? 'jar' : 'jars'} of ${p.netG} g filled`,
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const honey = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'honey');
      const jar = await find<JarKindRecord>(unit.db, 'jarKinds', payload.jarKindId, 'kind of jar');
      const totalG = payload.count * payload.netG;
      if (!honey || honey.nowG < totalG) throw refused(`${payload.count} jars of ${payload.netG} g are ${totalG} g; ${honey?.nowG ?? 0} g of honey are there.`, 'payload.count');
      if (jar.stock < payload.count) throw refused(`Only ${jar.stock} of "${jar.name}" are in stock.`, 'payload.count');
      if (payload.netG > jar.netG * 1.1) throw refused(`${payload.netG} g do not fit into "${jar.name}" of ${jar.netG} g.`, 'payload.netG');
      await unit.insert('lots', { id: payload.id, batchId: batch.id, kind: 'jars', name: `${batch.hiveName}, ${payload.count} x ${payload.netG} g`, code: await lotCode(unit, batch), count: payload.count, netG: payload.netG, jarKindId: jar.id, lowestWeighedG: payload.lowestWeighedG });
      await unit.flow({ from: honey.id, to: payload.id, g: totalG, reason: 'Filled' });
      await unit.update('jarKinds', jar.id, { stock: jar.stock - payload.count });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post', path: '/waxes', schema: newWaxSchema,
    sentence: (p) => `${p.cleanG} g of clean wax`,
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const wet = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'wet-wax');
      if (!wet || wet.nowG <= 0) throw conflict('no-wax', 'No wet wax of this harvest is left to render.');
      if (payload.cleanG > wet.nowG) throw refused(`Only ${wet.nowG} g of wet wax are there.`, 'payload.cleanG');
      await unit.flow({ from: wet.id, to: await lotOf(unit, batch, 'clean-wax', 'clean wax'), g: payload.cleanG, reason: 'Rendered' });
      if (payload.restIsSlumgum) await unit.flow({ from: wet.id, to: 'loss', g: wet.nowG - payload.cleanG, reason: 'Slumgum, honey and water' });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post', path: '/flows', schema: newFlowSchema,
    sentence: (p) => `${p.g} g: ${p.reason}`,
    run: async (unit, payload) => {
      for (const key of ['from', 'to'] as const) {
        const end = payload[key];
        if (end === 'outside' || (end === 'loss' && key === 'to')) continue;
        if (!(await unit.db('lots').where({ id: end, removedAt: null }).first())) throw refused('There is no such lot.', `payload.${key}`);
      }
      if (payload.from === 'outside' && (payload.to === 'loss' || payload.to === 'outside')) throw refused('A flow touches at least one lot.', 'payload.to');
      await unit.flow(payload);
      return { flowId: payload.id };
    },
  }),
];
