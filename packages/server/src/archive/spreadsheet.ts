import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import { hiveKind, instantOf, flowSay, lotNamed, lotSay } from '@furrow/core';
import { DateTime } from 'luxon';
import { makeHive } from '../look/writes.js';
import { refused } from '../problem.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

/** Said of the mass of an old sheet: it went its way before anything was written here. */
const GONE = flowSay('flow.gone');

/**
 * Harvests from a sheet that was kept before: each a closed harvest with its honey and wax in the
 * book, come and gone.
 */
export const spreadsheetWrites = [
  write('/sheetHarvests', {
    sentence: (p) => houseSay('entry.harvests-from-sheet', { harvests: p.harvests.length }),
    run: async (unit, { hives, harvests }) => {
      const { version } = await currentRules(unit.db);
      for (const [i, { make, hiveId, name }] of hives.entries()) {
        if (!make) continue;
        const first = harvests
          .filter((h) => h.hiveName === name)
          .map((h) => h.date)
          .sort()[0];
        if (!first)
          throw refused(houseSay('refusal.no-harvest-names', { name }), `payload.hives[${i}].name`);
        await makeHive(unit, {
          id: hiveId,
          siteId: make.siteId,
          name,
          kind: make.kind,
          geometry: hiveKind(make.kind).defaults,
          colonyStartedOn: first,
          colonyStartedAssumed: true,
        });
      }
      const zones = new Map(
        (
          await rowsOf(
            { id: z.string(), zone: z.string() },
            unit
              .db('hives')
              .join('sites', 'sites.id', 'hives.siteId')
              .whereIn(
                'hives.id',
                hives.map((h) => h.hiveId),
              )
              .where({ 'hives.removedAt': null })
              .select('hives.id as id', 'sites.zone as zone'),
          )
        ).map((h) => [h.id, h.zone]),
      );
      const known = new Map(hives.map((h) => [h.name, h.hiveId]));
      const there = new Set(
        (
          await rowsOf(
            { hiveId: z.string(), date: z.string() },
            unit
              .db('batches')
              .join('visits', 'visits.id', 'batches.visitId')
              .where({ 'batches.removedAt': null })
              .select('batches.hiveId as hiveId', 'visits.date as date'),
          )
        ).map((b) => `${b.hiveId} ${b.date}`),
      );
      for (const [i, h] of harvests.entries()) {
        const hiveId = known.get(h.hiveName);
        const zone = hiveId && zones.get(hiveId);
        if (!hiveId || !zone)
          throw refused(
            houseSay('refusal.which-hive', { hive: h.hiveName }),
            `payload.harvests[${i}].hiveName`,
          );
        if (there.has(`${hiveId} ${h.date}`))
          throw refused(
            houseSay('refusal.has-harvest-already-this-sheet', {
              hive: h.hiveName,
              date: { date: h.date },
            }),
            `payload.harvests[${i}].date`,
          );
        const noon = DateTime.fromISO(`${h.date}T12:00`, { zone }).toUTC();
        const at = instantOf(noon);
        if (at > unit.at)
          throw refused(
            houseSay('refusal.lies-in-future', { date: { date: h.date } }),
            `payload.harvests[${i}].date`,
          );
        await unit.insert('visits', {
          id: h.visitId,
          hiveId,
          date: h.date,
          occurredAt: at,
        });
        await unit.insert('batches', {
          id: h.batchId,
          visitId: h.visitId,
          hiveId,
          method: 'crush',
          lotGroup: null,
          stage: 'book',
          code: null,
          combIds: [],
          anyway: [],
          decision: { sheet: true, note: h.note, moisturePercent: h.moisturePercent },
          plan: null,
          rulesVersion: version,
          handsOnMinutes: h.minutes,
          closedAt: at,
          lookedBackAt: at,
          createdAt: at,
        });
        for (const [kind, g] of [
          ['honey', h.honeyG],
          ['clean-wax', h.waxG],
        ] as const) {
          if (g === 0) continue;
          const lotId = randomUUID();
          await unit.insert('lots', {
            id: lotId,
            batchId: h.batchId,
            kind,
            name: lotNamed(h.hiveName, lotSay(`lot.${kind}`)),
            code: null,
            count: null,
            netG: null,
            jarKindId: null,
            lowestWeighedG: null,
          });
          await unit.flow({ from: 'outside', to: lotId, g, reason: flowSay('flow.sheet'), at });
          await unit.flow({ from: lotId, to: 'outside', g, reason: GONE, at });
        }
      }
      return { harvests: harvests.length };
    },
  }),
];
