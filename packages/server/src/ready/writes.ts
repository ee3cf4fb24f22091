import { houseSay } from '@furrow/words';
import { dateAt } from '../look/dateAt.js';
import { notFound } from '../problem.js';
import { find, openRow } from '../store/rows.js';
import { batchView } from '../harvest/batches.js';
import { askWhichStands } from '../store/standing.js';
import { write } from '../store/writes.js';

/** What Ready writes besides the plan itself: notes of a site, weather by hand, gear, ticks. */
export const readyWrites = [
  write('/sites/:id', {
    sentence: () => houseSay('entry.site-notes-written-down'),
    run: async (unit, payload, { id }) => {
      await unit.update('sites', id, payload, unit.command.baseRevision);
      return { site: await find(unit.db, 'sites', id, 'site') };
    },
  }),
  write('/sites/:id/tasks/:taskId/done', {
    sentence: () => houseSay('entry.done-at-site'),
    run: async (unit, _payload, { id, taskId }) => {
      const site = await find(unit.db, 'sites', id, 'site');
      if (!site.tasks.some((t) => t.id === taskId)) throw notFound('task');
      const doneOn = dateAt(unit.at, site.zone);
      await unit.update('sites', id, {
        tasks: site.tasks.map((t) => (t.id === taskId ? { ...t, doneOn } : t)),
      });
      return { site: await find(unit.db, 'sites', id, 'site') };
    },
  }),
  write('/weatherEntries', {
    sentence: (p) => houseSay('entry.weather-written-down', { date: { date: p.at.slice(0, 10) } }),
    run: async (unit, payload) => {
      await find(unit.db, 'sites', payload.siteId, 'site');
      const at = new Date(Math.floor(Date.parse(payload.at) / 3_600_000) * 3_600_000).toISOString();
      // A later word on the same hour replaces the earlier one.
      const { siteId } = payload;
      const before = await openRow(
        'weatherEntries',
        unit.db('weatherEntries').where({ siteId, at, removedAt: null }),
      );
      if (before) await unit.update('weatherEntries', before.id, { removedAt: unit.recordedAt });
      await unit.insert('weatherEntries', { ...payload, at });
      return { entry: await find(unit.db, 'weatherEntries', payload.id, 'weather') };
    },
  }),
  write('/gear', {
    sentence: (p) => houseSay('entry.put-in-kit', { name: p.name }),
    run: async (unit, payload) => {
      await unit.insert('gear', payload);
      return { gear: await find(unit.db, 'gear', payload.id, 'gear') };
    },
  }),
  write('/gear/:id', {
    sentence: () => houseSay('entry.gear-changed'),
    run: async (unit, payload, { id }) => {
      await unit.update('gear', id, payload, unit.command.baseRevision);
      return { gear: await find(unit.db, 'gear', id, 'gear') };
    },
  }),
  write('/gear/:id/remove', {
    sentence: () => houseSay('entry.taken-out-kit'),
    run: async (unit, _payload, { id }) => {
      await unit.update('gear', id, { removedAt: unit.recordedAt }, unit.command.baseRevision);
      return { id };
    },
  }),
  write('/ticks', {
    sentence: (p) =>
      ({
        have: houseSay('entry.ticked-off'),
        missing: houseSay('entry.noted-as-missing'),
        open: houseSay('entry.tick-taken-back'),
      })[p.state],
    run: async (unit, payload) => {
      await batchView(unit.db, payload.batchId);
      const { batchId, line } = payload;
      await askWhichStands(unit, {
        table: 'ticks',
        same: { batchId, line },
        isOther: ({ state }) => state !== payload.state,
      });
      const before = await openRow(
        'ticks',
        unit.db('ticks').where({ batchId, line, removedAt: null }),
      );
      // A row of its own for each tick: it tells who said it.
      if (before) await unit.update('ticks', before.id, { removedAt: unit.recordedAt });
      await unit.insert('ticks', payload);
      return { tick: payload };
    },
  }),
];
