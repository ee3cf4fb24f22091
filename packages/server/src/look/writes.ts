import { randomUUID } from 'node:crypto';
import { HIVE_KINDS, changeHiveSchema, endCombSchema, judgeHiveAt, newCombSchema, newHiveSchema, newLookSchema, newSiteSchema, readingMoisture, type Hive } from '@furrow/core';
import { DateTime } from 'luxon';
import { conflict, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { currentRules, hiveView } from '../store/views.js';
import { write } from '../store/writes.js';

/** The calendar date of an instant at a site. */
export const dateAt = (instant: string, zone: string): string => DateTime.fromISO(instant, { zone }).toISODate()!;

export const lookWrites = [
  write({
    method: 'post', path: '/sites', schema: newSiteSchema,
    sentence: (p) => `Site ${p.name} made`,
    run: async (unit, payload) => ({ site: await unit.insert('sites', payload) }),
  }),
  write({
    method: 'post', path: '/hives', schema: newHiveSchema,
    sentence: (p) => `Hive ${p.name} made`,
    run: async (unit, payload) => {
      const site = await find<{ zone: string }>(unit.db, 'sites', payload.siteId, 'site');
      const today = dateAt(unit.at, site.zone);
      if (payload.colonyStartedOn > today) throw refused('The colony cannot have started in the future.', 'payload.colonyStartedOn');
      const { colonyStartedOn, ...hive } = payload;
      const kind = HIVE_KINDS[hive.kind];
      await unit.insert('hives', hive);
      const colonyId = randomUUID();
      await unit.insert('colonies', { id: colonyId, startedOn: colonyStartedOn, endedOn: null, parentIds: [] });
      await unit.insert('colonyStays', { id: randomUUID(), colonyId, hiveId: hive.id, fromOn: colonyStartedOn, toOn: null });
      for (let slot = 1; slot <= kind.carrierCount(hive.geometry); slot++) {
        const carrierId = randomUUID();
        await unit.insert('carriers', { id: carrierId, kind: kind.carrier, label: String(slot) });
        await unit.insert('placements', { id: randomUUID(), carrierId, parentHiveId: hive.id, parentCarrierId: null, compartment: kind.compartments[0], slot, sideToEntrance: 'A', fromOn: colonyStartedOn, toOn: null });
        // Bars in front of the follower board carry comb until a look says otherwise.
        if (slot <= hive.geometry.followerAfterBar) {
          await unit.insert('combs', { id: randomUUID(), carrierId, kind: 'comb', builtOn: colonyStartedOn, endedOn: null, endReason: null, successorIds: [] });
        }
      }
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write({
    method: 'patch', path: '/hives/:id', schema: changeHiveSchema,
    sentence: () => 'Hive changed',
    run: async (unit, payload, { id }) => {
      const before = await hiveView(unit.db, id);
      if (payload.geometry && payload.geometry.bars !== before.geometry.bars) throw refused('Bars cannot be added or taken away once combs hang from them.', 'payload.geometry.bars');
      await unit.update('hives', id, payload, unit.command.baseRevision);
      return { hive: await hiveView(unit.db, id) };
    },
  }),
  write({
    method: 'post', path: '/combs', schema: newCombSchema,
    sentence: (p) => `Comb on bar ${p.slot} noted`,
    run: async (unit, payload) => {
      const hive = await hiveView(unit.db, payload.hiveId);
      const bar = hive.bars.find((b) => b.slot === payload.slot);
      if (!bar) throw refused(`${hive.name} has no bar ${payload.slot}.`, 'payload.slot');
      if (bar.comb) throw conflict('place-taken', `A comb hangs on bar ${payload.slot} already: two cannot hang in one place.`, 'payload.slot');
      const overlap = await unit.db('combs').where({ carrierId: bar.carrierId, removedAt: null }).where('endedOn', '>', payload.builtOn).first();
      if (overlap) throw conflict('place-taken', `Another comb hung on bar ${payload.slot} until ${overlap.endedOn}.`, 'payload.builtOn');
      await unit.insert('combs', { id: payload.id, carrierId: bar.carrierId, kind: 'comb', builtOn: payload.builtOn, endedOn: null, endReason: null, successorIds: [] });
      return { hive: await hiveView(unit.db, payload.hiveId) };
    },
  }),
  write({
    method: 'post', path: '/combs/:id/end', schema: endCombSchema,
    sentence: () => 'Comb taken off its bar',
    run: async (unit, payload, { id }) => {
      const hive = await hiveOfComb(unit.db, id);
      await unit.update('combs', id, { endedOn: dateAt(unit.at, hive.site.zone), endReason: payload.reason });
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write({
    method: 'post', path: '/looks', schema: newLookSchema,
    sentence: () => 'Look written down',
    run: async (unit, payload) => {
      const hive = await hiveOfComb(unit.db, payload.combId);
      const bar = hive.bars.find((b) => b.comb?.id === payload.combId);
      if (!bar) throw conflict('comb-ended', 'This comb no longer hangs in the hive.', 'payload.combId');
      payload.readings.forEach(readingMoisture);
      const { rules, version } = await currentRules(unit.db);
      const judged = judgeHiveAt(hive, rules, unit.at, { combId: payload.combId, seen: payload }).find((j) => j.combId === payload.combId)!;
      const look = { ...payload, hiveId: hive.id, slot: bar.slot, occurredAt: unit.at, date: dateAt(unit.at, hive.site.zone), verdict: judged.verdict, rulesVersion: version };
      return { look: await unit.insert('looks', look) };
    },
  }),
];

/** The hive a comb hangs in now. */
async function hiveOfComb(db: Parameters<typeof hiveView>[0], combId: string): Promise<Hive> {
  const comb = await find<{ carrierId: string }>(db, 'combs', combId, 'comb');
  const place = await db('placements').where({ carrierId: comb.carrierId, toOn: null, removedAt: null }).first();
  if (!place) throw conflict('not-placed', 'This comb hangs in no hive now.');
  return hiveView(db, place.parentHiveId);
}
