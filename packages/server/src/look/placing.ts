import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import { hiveKind, type Compartment, type Hive } from '@furrow/core';
import { conflict } from '../problem.js';
import { hiveView, type PlacementRow } from './hiveViews.js';
import { find, openRow } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';

/** Where a carrier is set: in a hive or in a box, in which compartment, at which place. */
export interface Place {
  parentHiveId?: string;
  parentCarrierId?: string;
  compartment: Compartment;
  slot: number;
  sideToEntrance?: 'A' | 'B';
}

export const placeIn = (
  unit: UnitOfWork,
  carrierId: string,
  place: Place,
  fromOn: string,
): Promise<unknown> =>
  unit.insert('placements', {
    id: randomUUID(),
    carrierId,
    parentHiveId: place.parentHiveId ?? null,
    parentCarrierId: place.parentCarrierId ?? null,
    compartment: place.compartment,
    slot: place.slot,
    sideToEntrance: place.sideToEntrance ?? 'A',
    fromOn,
    toOn: null,
  });

/** Where a carrier is now, or null. */
export async function placeOf(unit: UnitOfWork, carrierId: string): Promise<PlacementRow | null> {
  return openRow(
    'placements',
    unit.db('placements').where({ carrierId, toOn: null, removedAt: null }),
  );
}

/**
 * Closes the placements first, then opens the new ones: the database never sees two carriers in one
 * place.
 */
export async function rePlace(
  unit: UnitOfWork,
  moves: readonly { from: PlacementRow; to: Place | null }[],
  on: string,
): Promise<void> {
  for (const { from } of moves) await unit.update('placements', from.id, { toOn: on });
  for (const { from, to } of moves)
    if (to) await placeIn(unit, from.carrierId, { sideToEntrance: from.sideToEntrance, ...to }, on);
}

/** A new box with its carriers, comb in them where the hive stands already full. */
export async function makeBox(
  unit: UnitOfWork,
  hive: Pick<Hive, 'id' | 'kind' | 'geometry'>,
  options: {
    id: string;
    compartment: Compartment;
    slot: number;
    on: string;
    withComb: boolean;
    /** Ids of its places from the first on, where they have some already. */
    carrierIds?: readonly string[];
  },
): Promise<void> {
  const kind = hiveKind(hive.kind);
  const shape = kind.compartment(hive.geometry, options.compartment);
  await unit.insert('carriers', {
    id: options.id,
    kind: 'box',
    label: `${options.compartment} ${options.slot}`,
    madeOn: options.on,
    sheet: null,
  });
  await placeIn(
    unit,
    options.id,
    { parentHiveId: hive.id, compartment: options.compartment, slot: options.slot },
    options.on,
  );
  const sheet = typeof hive.geometry.sheet === 'string' ? hive.geometry.sheet : null;
  for (let slot = 1; slot <= shape.positions; slot++) {
    const carrierId = options.carrierIds?.[slot - 1] ?? randomUUID();
    await unit.insert('carriers', {
      id: carrierId,
      kind: kind.carrier === 'box' ? 'comb' : kind.carrier,
      label: String(slot),
      madeOn: options.on,
      sheet,
    });
    await placeIn(
      unit,
      carrierId,
      { parentCarrierId: options.id, compartment: options.compartment, slot },
      options.on,
    );
    if (options.withComb && slot <= shape.combsAtStart)
      await buildComb(unit, carrierId, kind.carrier === 'cluster' ? 'pots' : 'comb', options.on);
  }
}

/**
 * A frame with its comb in a box that was never read before: the brood box of a colony that is
 * gone.
 */
export async function placeFrame(
  unit: UnitOfWork,
  boxId: string,
  slot: number,
  builtOn: string,
): Promise<void> {
  const carrierId = randomUUID();
  await unit.insert('carriers', {
    id: carrierId,
    kind: 'frame',
    label: String(slot),
    madeOn: builtOn,
    sheet: null,
  });
  await placeIn(unit, carrierId, { parentCarrierId: boxId, compartment: 'brood', slot }, builtOn);
  await buildComb(unit, carrierId, 'comb', builtOn);
}

export const buildComb = (
  unit: UnitOfWork,
  carrierId: string,
  kind: 'comb' | 'pots',
  builtOn: string,
  id: string = randomUUID(),
): Promise<unknown> =>
  unit.insert('combs', {
    id,
    carrierId,
    kind,
    builtOn,
    endedOn: null,
    endReason: null,
    successorIds: [],
  });

/** The hive a comb hangs in now. */
export async function hiveOfComb(
  db: Parameters<typeof hiveView>[0],
  combId: string,
): Promise<Hive> {
  const comb = await find(db, 'combs', combId, 'comb');
  const now = { toOn: null, removedAt: null };
  const standing = (carrierId: string): Promise<PlacementRow | null> =>
    openRow('placements', db('placements').where({ carrierId, ...now }));
  const place = await standing(comb.carrierId);
  const parent = place?.parentCarrierId ? await standing(place.parentCarrierId) : place;
  if (!parent?.parentHiveId)
    throw conflict('not-placed', houseSay('refusal.this-comb-hangs-in-no'));
  return hiveView(db, parent.parentHiveId);
}
