import { houseSay } from '@furrow/words';
import { compartmentShape, hiveKind, stateAt, type Hive } from '@furrow/core';
import type { Knex } from 'knex';

import { conflict, refused } from '../problem.js';
import { hiveView, type PlacementRow } from './hiveViews.js';
import { find, openRows } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { currentRules } from '../rules/currentRules.js';
import { askWhichStands } from '../store/standing.js';
import { write } from '../store/writes.js';
import { makeBox, placeFrame, placeOf, rePlace } from './placing.js';
import { dateAt } from './dateAt.js';

/** Boxes of a hive from the floor up, as placements. */
const boxPlaces = (db: Knex, hiveId: string): Promise<PlacementRow[]> =>
  openRows(
    'placements',
    db('placements')
      .where({ parentHiveId: hiveId, toOn: null, removedAt: null })
      .whereNot({ compartment: 'file' })
      .orderBy('slot'),
  );

async function boxWithHive(
  unit: UnitOfWork,
  boxId: string,
): Promise<{ place: PlacementRow; hive: Hive }> {
  await find(unit.db, 'carriers', boxId, 'box');
  const place = await placeOf(unit, boxId);
  if (!place?.parentHiveId) throw conflict('not-placed', houseSay('refusal.this-box-stands-on-no'));
  return { place, hive: await hiveView(unit.db, place.parentHiveId) };
}
/**
 * Lets the boxes above a gap sink, or lift for one to come: each is set where its place in the list
 * says.
 */
const stack = (
  places: readonly PlacementRow[],
  hiveId: string,
  skip?: number,
): {
  from: PlacementRow;
  to: { parentHiveId: string; compartment: PlacementRow['compartment']; slot: number };
}[] =>
  places
    .map((from, i) => ({
      from,
      to: {
        parentHiveId: hiveId,
        compartment: from.compartment,
        slot: i + 1 + (skip !== undefined && i + 1 >= skip ? 1 : 0),
      },
    }))
    .filter(({ from, to }) => from.slot !== to.slot);

/**
 * Moves of bars, frames and boxes. Each stores the resulting order and closes the old places, so
 * that nothing forgets where it was.
 */
export const moveWrites = [
  write('/orders', {
    sentence: (p) =>
      p.what === 'shift'
        ? houseSay('entry.bars-shifted-along-hive')
        : houseSay('entry.two-places-swapped'),
    run: async (unit, { hiveId, boxId, carrierIds }) => {
      const hive = await hiveView(unit.db, hiveId);
      const parent: Record<string, string> =
        boxId === null ? { parentHiveId: hiveId, compartment: 'file' } : { parentCarrierId: boxId };
      if (boxId !== null && !hive.boxes.some((b) => b.carrierId === boxId))
        throw refused(houseSay('refusal.this-box-does-not-stand'), 'payload.boxId');
      const places = await openRows(
        'placements',
        unit
          .db('placements')
          .where({ ...parent, toOn: null, removedAt: null })
          .orderBy('slot'),
      );
      const same =
        places.length === carrierIds.length &&
        new Set(carrierIds).size === carrierIds.length &&
        places.every((p) => carrierIds.includes(p.carrierId));
      if (!same)
        throw conflict('stale', houseSay('refusal.this-hive-was-changed-in'), 'payload.carrierIds');
      const slotOf = (carrierId: string): number => carrierIds.indexOf(carrierId) + 1;
      await askWhichStands(unit, {
        table: 'placements',
        same: parent,
        isOther: ({ carrierId, slot, toOn }) => toOn === null && slotOf(String(carrierId)) !== slot,
      });
      const moves = places.flatMap((from) => {
        const slot = slotOf(from.carrierId);
        return slot === from.slot
          ? []
          : [
              {
                from,
                to: {
                  parentHiveId: from.parentHiveId ?? undefined,
                  parentCarrierId: from.parentCarrierId ?? undefined,
                  compartment: from.compartment,
                  slot,
                },
              },
            ];
      });
      // Somebody else put them so in the meantime: it was said twice, and stands.
      const isSaidTwice = places.some((place) => place.recordedAt > unit.command.occurredAt);
      if (!moves.length && !isSaidTwice)
        throw refused(houseSay('refusal.nothing-was-moved'), 'payload.carrierIds');
      await rePlace(unit, moves, dateAt(unit.at, hive.site.zone));
      return { hive: await hiveView(unit.db, hiveId) };
    },
  }),
  write('/boxes', {
    sentence: (p) =>
      ({
        'add-on-top': houseSay('entry.box-set-on-top'),
        'add-below': houseSay('entry.box-set-in-below'),
        'add-between': houseSay('entry.empty-super-set-between'),
      })[p.what],
    run: async (unit, { id, hiveId, at, what, carrierIds }) => {
      const hive = await hiveView(unit.db, hiveId);
      const kind = hiveKind(hive.kind);
      if (!kind.newBox || !kind.moves.includes(what))
        throw refused(
          houseSay(what === 'add-below' ? 'refusal.no-box-set-in-below' : 'refusal.no-box-set-on', {
            kind: kind.name,
          }),
          'payload.what',
        );
      const places = await boxPlaces(unit.db, hiveId);
      if (at > places.length + 1)
        throw refused(
          houseSay('refusal.has-boxes', { hive: hive.name, places: places.length }),
          'payload.at',
        );
      const on = dateAt(unit.at, hive.site.zone);
      await rePlace(unit, stack(places, hiveId, at), on);
      await makeBox(unit, hive, {
        id,
        compartment: kind.newBox,
        slot: at,
        on,
        withComb: false,
        carrierIds,
      });
      return { hive: await hiveView(unit.db, hiveId) };
    },
  }),
  write('/boxes/:id/turn', {
    sentence: () => houseSay('entry.super-turned-round'),
    run: async (unit, { sideToEntrance }, { id }) => {
      const { place, hive } = await boxWithHive(unit, id);
      // Turned twice it stands as it stood: a device that knew of no other turn says which side.
      if (sideToEntrance === place.sideToEntrance)
        throw conflict('turned-already', houseSay('refusal.super-stands-so-already'));
      await rePlace(
        unit,
        [
          {
            from: place,
            to: {
              parentHiveId: hive.id,
              compartment: place.compartment,
              slot: place.slot,
              sideToEntrance: place.sideToEntrance === 'A' ? 'B' : 'A',
            },
          },
        ],
        dateAt(unit.at, hive.site.zone),
      );
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/boxes/:id/renew', {
    sentence: () => houseSay('entry.old-frames-or-comb-box'),
    run: async (unit, _payload, { id }) => {
      const { hive } = await boxWithHive(unit, id);
      await unit.update('carriers', id, { madeOn: dateAt(unit.at, hive.site.zone) });
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/boxes/:id/read-dead', {
    sentence: () => houseSay('entry.brood-box-dead-colony-opened'),
    run: async (unit, _payload, { id }) => {
      const { place, hive } = await boxWithHive(unit, id);
      const { rules } = await currentRules(unit.db);
      if (!stateAt(hive, unit.at, rules).dead)
        throw refused(houseSay('refusal.brood-box-stays-closed-while'));
      if (place.compartment !== 'brood' || hiveKind(hive.kind).bee !== 'honeybee')
        throw refused(houseSay('refusal.this-no-brood-box-honeybees'));
      if (hive.bars.some((b) => b.boxId === id))
        throw conflict('open-already', houseSay('refusal.its-frames-are-read-already'));
      const shape = compartmentShape(hive.kind, hive.geometry, 'brood');
      const frames = Math.max(1, Math.floor(shape.innerWidthMm / shape.pitchMm));
      const builtOn = hive.colony?.startedOn ?? dateAt(unit.at, hive.site.zone);
      for (let slot = 1; slot <= frames; slot++) await placeFrame(unit, id, slot, builtOn);
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/boxes/:id/off', {
    sentence: () => houseSay('entry.box-taken-off'),
    run: async (unit, _payload, { id }) => {
      const { place, hive } = await boxWithHive(unit, id);
      if (place.compartment === 'brood')
        throw refused(houseSay('refusal.brood-box-stays'), 'payload.reason');
      if (hive.boxes.length === 1)
        throw refused(houseSay('refusal.last-box-stays-colony-lives'), 'payload.reason');
      const rest = (await boxPlaces(unit.db, hive.id)).filter((p) => p.id !== place.id);
      await rePlace(
        unit,
        [{ from: place, to: null }, ...stack(rest, hive.id)],
        dateAt(unit.at, hive.site.zone),
      );
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/boxes/:id/below', {
    sentence: () => houseSay('entry.emptied-box-set-in-below'),
    run: async (unit, _payload, { id }) => {
      const { place, hive } = await boxWithHive(unit, id);
      const kind = hiveKind(hive.kind);
      if (!kind.moves.includes('add-below'))
        throw refused(houseSay('refusal.no-box-set-in-below', { kind: kind.name }));
      if (hive.bars.some((b) => b.boxId === id && b.comb))
        throw refused(houseSay('refusal.comb-hangs-in-box-only', { slot: place.slot }));
      const others = (await boxPlaces(unit.db, hive.id)).filter((p) => p.id !== place.id);
      await rePlace(unit, stack([place, ...others], hive.id), dateAt(unit.at, hive.site.zone));
      return { hive: await hiveView(unit.db, hive.id) };
    },
  }),
  write('/boxes/:id/give', {
    sentence: () => houseSay('entry.super-given-to-another-colony'),
    run: async (unit, { toHiveId, health, broodCheckedOn }, { id }) => {
      const { place, hive } = await boxWithHive(unit, id);
      const target = await hiveView(unit.db, toHiveId);
      if (place.compartment === 'brood')
        throw refused(houseSay('refusal.brood-box-stays'), 'payload.toHiveId');
      if (target.id === hive.id)
        throw refused(houseSay('refusal.it-stands-on-this-hive'), 'payload.toHiveId');
      if (target.kind !== hive.kind)
        throw refused(
          houseSay('refusal.another-kind-hive-this-box', { hive: target.name }),
          'payload.toHiveId',
        );
      const { rules } = await currentRules(unit.db);
      const state = stateAt(hive, unit.at, rules);
      // Comb carries disease from colony to colony: unknown, sick or dead origin stays where it is.
      if (state.dead)
        throw refused(
          houseSay('refusal.colony-gone-its-comb-goes', { hive: hive.name }),
          'payload.health',
        );
      if (state.health.state === 'sick')
        throw refused(
          houseSay('refusal.disease-was-found-in-no', { hive: hive.name }),
          'payload.health',
        );
      if (health !== 'healthy')
        throw refused(
          health === 'sick'
            ? houseSay('refusal.its-brood-looked-sick-no')
            : houseSay('refusal.nobody-sure-its-brood-look'),
          'payload.health',
        );
      if (broodCheckedOn > dateAt(unit.at, hive.site.zone))
        throw refused(houseSay('refusal.this-lies-in-future'), 'payload.broodCheckedOn');
      const on = dateAt(unit.at, hive.site.zone);
      // What was treated or fed stays with its combs: they are marked before they leave.
      const given =
        hive.colony?.facts.filter(
          (f) => f.fact.kind === 'treatment' || f.fact.kind === 'feeding',
        ) ?? [];
      for (const { comb } of hive.bars.filter((b) => b.boxId === id)) {
        const marks = given.filter(
          (f) => comb && (f.fact.kind === 'treatment' || f.on >= comb.builtOn),
        );
        if (comb && marks.length)
          await unit.update('combs', comb.id, { marks: [...comb.marks, ...marks] });
      }
      const rest = (await boxPlaces(unit.db, hive.id)).filter((p) => p.id !== place.id);
      const top = (await boxPlaces(unit.db, target.id)).length + 1;
      await rePlace(
        unit,
        [
          {
            from: place,
            to: { parentHiveId: target.id, compartment: place.compartment, slot: top },
          },
          ...stack(rest, hive.id),
        ],
        on,
      );
      return { hive: await hiveView(unit.db, target.id) };
    },
  }),
];
