import { dateAt } from './dateAt.js';
import {
  WAYS,
  placeNumber,
  takesPots,
  combStays,
  standingSince,
  type BarView,
  type BoxEvent,
  type BoxStay,
  type BoxView,
  type CombEmptied,
  type Colony,
  type Hive,
  type Look,
  type LookFaces,
  entryOf,
  lookSay,
} from '@furrow/core';

import type { Knex } from 'knex';
import { find, groupedBy, list, openRows, opened } from '../store/rows.js';
import type { RowOf } from '../store/tables.js';
import { share } from '../store/keptText.js';
import { untilWritten } from '../store/untilWritten.js';
import { z } from 'zod';
import { columnOf, rowsOf, type AskedRow } from '../store/asked.js';

export type PlacementRow = RowOf<'placements'>;
type LookRow = Omit<Look, 'photos' | 'painted'> & {
  photoA: string | null;
  photoB: string | null;
  paintedA: number;
  paintedB: number;
};

const LOOK_COLUMNS = [
  'id',
  'combId',
  'slot',
  'occurredAt',
  'date',
  'sides',
  'readings',
  'combAge',
  'depthMm',
  'thicknessMm',
  'verdict',
  'rulesVersion',
  'revision',
  'photoA',
  'photoB',
  'pane',
  'attachment',
  'pots',
  'seenBy',
  'straight',
] as const;

/**
 * Looks of these combs from old to new, without their cells: those are fetched one look at a time.
 */
export async function lookRows(db: Knex, combIds: readonly string[]): Promise<Look[]> {
  const rows: Record<string, unknown>[] = await db('looks')
    .whereIn('combId', combIds)
    .where({ removedAt: null })
    .orderBy('occurredAt')
    .select(
      ...LOOK_COLUMNS,
      db.raw('faceA is not null as paintedA'),
      db.raw('faceB is not null as paintedB'),
    );
  return rows.map((row) => {
    const { photoA, photoB, paintedA, paintedB, ...look } = opened('looks', row) as LookRow;
    return {
      ...look,
      photos: { A: photoA, B: photoB },
      painted: { A: paintedA === 1, B: paintedB === 1 },
    };
  });
}

/** The cells of one look. */
export async function lookFaces(db: Knex, id: string): Promise<LookFaces> {
  const { faceA, faceB } = await find(db, 'looks', id, 'look');
  return { A: faceA ?? null, B: faceB ?? null };
}

/** Every stay of these boxes in a hive, oldest first, by box. */
async function staysByBox(
  db: Knex,
  carrierIds: readonly string[],
): Promise<Map<string, Omit<BoxStay, 'hiveName' | 'slot' | 'carrierId'>[]>> {
  const rows = await openRows(
    'placements',
    db('placements')
      .whereIn('carrierId', carrierIds)
      .where({ removedAt: null })
      .whereNotNull('parentHiveId')
      .orderBy('fromOn')
      .orderBy('rowid'),
  );
  const byBox = new Map<string, Omit<BoxStay, 'hiveName' | 'slot' | 'carrierId'>[]>();
  for (const { carrierId, parentHiveId, sideToEntrance, fromOn, toOn } of rows) {
    if (parentHiveId === null) continue;
    const stay = { hiveId: parentHiveId, sideToEntrance, fromOn, toOn };
    byBox.set(carrierId, [...(byBox.get(carrierId) ?? []), stay]);
  }
  return byBox;
}

/**
 * Hives as they hang now, all or only these: boxes from the floor up, places in order, the comb in
 * each, its looks from old to new.
 */
export function hiveViews(db: Knex, only?: readonly string[]): Promise<Hive[]> {
  if (only) return readHives(db, only);
  return untilWritten(db, 'hives', async () => {
    const hives = await readHives(db);
    // A page of them is put together of what each was written as.
    for (const hive of hives) share(hive);
    return hives;
  });
}

/** Those hives of these that are still there, in the order they were made. */
async function hivesAmong(db: Knex, ids: readonly string[]): Promise<RowOf<'hives'>[]> {
  const query = db('hives')
    .whereIn('id', [...ids])
    .where({ removedAt: null })
    .orderBy('recordedAt')
    .orderBy('rowid');
  return openRows('hives', query);
}

async function readHives(db: Knex, only?: readonly string[]): Promise<Hive[]> {
  const hives = only ? await hivesAmong(db, only) : await list(db, 'hives');
  const ids = hives.map((h) => h.id);
  const sites = new Map((await list(db, 'sites')).map((s) => [s.id, s]));
  const now = { toOn: null, removedAt: null };
  const inHive = await openRows(
    'placements',
    db('placements').whereIn('parentHiveId', ids).where(now).orderBy('slot'),
  );
  const staysOf = await staysByBox(
    db,
    inHive.filter((p) => p.compartment !== 'file').map((p) => p.carrierId),
  );
  const inBox = await openRows(
    'placements',
    db('placements')
      .whereIn(
        'parentCarrierId',
        inHive.map((p) => p.carrierId),
      )
      .where(now)
      .orderBy('slot'),
  );
  const carriers = new Map(
    (
      await rowsOf(
        { id: z.string(), kind: z.string(), madeOn: z.string().nullable(), revision: z.number() },
        db('carriers')
          .whereIn(
            'id',
            inHive.map((p) => p.carrierId),
          )
          .select('id', 'kind', 'madeOn', 'revision'),
      )
    ).map((c) => [c.id, c]),
  );
  const combs = await openRows(
    'combs',
    db('combs')
      .whereIn(
        'carrierId',
        [...inHive, ...inBox].map((p) => p.carrierId),
      )
      .where({ endedOn: null, removedAt: null }),
  );
  const combOf = new Map(combs.map((c) => [c.carrierId, c]));
  const looksOf = new Map<string, Look[]>();
  for (const look of await lookRows(
    db,
    combs.map((c) => c.id),
  )) {
    const before = looksOf.get(look.combId);
    // Findings are kept for the last look only; the earlier ones show what was capped and decided.
    if (before) before[before.length - 1].verdict.findings = [];
    if (before) before.push(look);
    else looksOf.set(look.combId, [look]);
  }
  const emptied = await emptiedSince(
    db,
    combs.map((c) => c.id),
  );
  const drawn = await potsDrawn(db, ids);
  const lastLooks = await lastLooksAt(db, ids);
  const colonies = await coloniesIn(db, ids);
  const bar = (carrierId: string, box: BoxView | null, place: number, zone: string): BarView => {
    const comb = combOf.get(carrierId);
    return {
      carrierId,
      slot: placeNumber(box?.number ?? null, place),
      inBox: place,
      boxId: box?.carrierId ?? null,
      comb: comb
        ? {
            id: comb.id,
            builtOn: comb.builtOn,
            emptied: asEmptied(emptied.get(comb.id), looksOf.get(comb.id)?.at(-1), zone),
            looks: looksOf.get(comb.id) ?? [],
            marks: comb.marks,
          }
        : null,
    };
  };
  const placesIn = groupedBy(inHive, (p) => p.parentHiveId ?? '');
  const placesInBox = groupedBy(inBox, (p) => p.parentCarrierId ?? '');
  return hives.map((hive) => {
    const site = entryOf(sites, hive.siteId);
    const here = placesIn(hive.id);
    const boxes = here
      .filter((p) => p.compartment !== 'file')
      .map((p): BoxView => {
        const carrier = entryOf(carriers, p.carrierId);
        return {
          carrierId: p.carrierId,
          number: p.slot,
          compartment: p.compartment,
          turned: p.sideToEntrance === 'B',
          ...standingSince(entryOf(staysOf, p.carrierId)),
          madeOn: carrier.madeOn ?? p.fromOn,
          revision: carrier.revision,
        };
      });
    const bars = [
      ...here
        .filter((p) => p.compartment === 'file')
        .map((p) => bar(p.carrierId, null, p.slot, site.zone)),
      ...boxes.flatMap((box) => {
        const places = placesInBox(box.carrierId);
        return places.map((p) =>
          bar(p.carrierId, box, box.turned ? places.length + 1 - p.slot : p.slot, site.zone),
        );
      }),
    ].sort((a, b) => a.slot - b.slot);
    return {
      ...hive,
      site,
      lastLookOn: lastLooks.get(hive.id) ?? null,
      potsDrawnOn: drawn.has(hive.id) ? dateAt(entryOf(drawn, hive.id), site.zone) : null,
      colony: colonies.get(hive.id) ?? null,
      boxes,
      bars,
    };
  });
}

const IN_PLACE = {
  combId: z.string(),
  way: z.enum(WAYS),
  potsEmptied: z.number().nullable(),
  at: z.string(),
};
type InPlace = AskedRow<typeof IN_PLACE>;

/** The last time something was drained or drawn from each of these combs in place. */
async function emptiedSince(db: Knex, combIds: readonly string[]): Promise<Map<string, InPlace>> {
  const rows = await rowsOf(
    IN_PLACE,
    db('takes')
      .join('batches', 'batches.id', 'takes.batchId')
      .whereIn('takes.combId', [...combIds])
      .where({ 'takes.removedAt': null, 'takes.outcome': 'taken' })
      .orderBy('takes.occurredAt')
      .select(
        'takes.combId as combId',
        'batches.method as way',
        'takes.potsEmptied as potsEmptied',
        'takes.occurredAt as at',
      ),
  );
  return new Map(rows.filter((r) => combStays(r.way)).map((r) => [r.combId, r]));
}

/** What was emptied counts until somebody looks again. */
function asEmptied(
  taken: InPlace | undefined,
  look: Look | undefined,
  zone: string,
): CombEmptied | null {
  if (!taken || (look && look.occurredAt >= taken.at)) return null;
  return { on: dateAt(taken.at, zone), way: taken.way, potsEmptied: taken.potsEmptied };
}

/** The day of the last look at each of these hives, whatever became of the comb. */
async function lastLooksAt(db: Knex, hiveIds: readonly string[]): Promise<Map<string, string>> {
  const rows = await rowsOf(
    { hiveId: z.string(), on: z.string() },
    db('looks')
      .whereIn('hiveId', [...hiveIds])
      .where({ removedAt: null })
      .groupBy('hiveId')
      .select('hiveId')
      .max('date as on'),
  );
  return new Map(rows.map((r) => [r.hiveId, r.on]));
}

/** When pots were last drawn from each of these hives, as an instant. */
async function potsDrawn(db: Knex, hiveIds: readonly string[]): Promise<Map<string, string>> {
  const rows = await rowsOf(
    { hiveId: z.string(), at: z.string() },
    db('takes')
      .join('batches', 'batches.id', 'takes.batchId')
      .whereIn('batches.hiveId', [...hiveIds])
      .whereIn('batches.method', WAYS.filter(takesPots))
      .where({ 'takes.removedAt': null, 'takes.outcome': 'taken' })
      .groupBy('batches.hiveId')
      .select('batches.hiveId as hiveId')
      .max('takes.occurredAt as at'),
  );
  return new Map(rows.map((r) => [r.hiveId, r.at]));
}

const BOX_STAY = {
  carrierId: z.string(),
  hiveId: z.string(),
  hiveName: z.string(),
  slot: z.number(),
  sideToEntrance: z.string(),
  fromOn: z.string(),
  toOn: z.string().nullable(),
};

/** Every stay, anywhere, of each box that ever stood in this hive. */
export async function boxStays(db: Knex, hiveId: string): Promise<BoxStay[]> {
  await find(db, 'hives', hiveId, 'hive');
  const boxes = await columnOf(
    z.string(),
    db('placements')
      .join('carriers', 'carriers.id', 'placements.carrierId')
      .where({ parentHiveId: hiveId, 'carriers.kind': 'box', 'placements.removedAt': null })
      .distinct()
      .pluck('carrierId'),
  );
  return rowsOf(
    BOX_STAY,
    db('placements')
      .join('hives', 'hives.id', 'placements.parentHiveId')
      .whereIn('carrierId', boxes)
      .where({ 'placements.removedAt': null })
      .orderBy('fromOn')
      .orderBy('placements.rowid')
      .select(
        'carrierId',
        'parentHiveId as hiveId',
        'hives.name as hiveName',
        'slot',
        'sideToEntrance',
        'fromOn',
        'toOn',
      ),
  );
}

/** What was taken from this hive, a line a harvest. */
export async function harvestEvents(db: Knex, hiveId: string): Promise<BoxEvent[]> {
  const rows = await rowsOf(
    { on: z.string(), combs: z.number(), pots: z.number().nullable(), g: z.number().nullable() },
    db('takes')
      .join('batches', 'batches.id', 'takes.batchId')
      .join('visits', 'visits.id', 'batches.visitId')
      .where({ 'batches.hiveId': hiveId, 'takes.removedAt': null })
      .whereIn('takes.outcome', ['taken', 'broke', 'fell'])
      .groupBy('batches.id', 'visits.date')
      .select('visits.date as on')
      .count('takes.id as combs')
      .sum('takes.potsEmptied as pots')
      .sum('takes.netG as g'),
  );
  return rows.map(({ on, combs, pots, g }) => {
    const sentence = pots
      ? lookSay('look.box.pots-emptied', { pots })
      : lookSay('look.box.combs-taken', { combs });
    return { on, sentence, g: g ?? 0 };
  });
}

async function coloniesIn(db: Knex, hiveIds: readonly string[]): Promise<Map<string, Colony>> {
  const stays = await rowsOf(
    {
      hiveId: z.string(),
      id: z.string(),
      startedOn: z.string(),
      startedAssumed: z.number(),
      endedOn: z.string().nullable(),
      revision: z.number(),
    },
    db('colonyStays')
      .join('colonies', 'colonies.id', 'colonyStays.colonyId')
      .whereIn('hiveId', hiveIds)
      .where({ 'colonyStays.toOn': null, 'colonyStays.removedAt': null })
      .select(
        'hiveId',
        'colonies.id as id',
        'startedOn',
        'startedAssumed',
        'endedOn',
        'colonies.revision as revision',
      ),
  );
  const facts = await openRows(
    'colonyFacts',
    db('colonyFacts')
      .whereIn(
        'colonyId',
        stays.map((s) => s.id),
      )
      .where({ removedAt: null })
      .orderBy('onDate')
      .orderBy('recordedAt')
      .orderBy('rowid'),
  );
  return new Map(
    stays.map(({ hiveId, ...colony }) => [
      hiveId,
      {
        ...colony,
        startedAssumed: colony.startedAssumed === 1,
        facts: facts
          .filter((f) => f.colonyId === colony.id)
          .map((f) => ({ id: f.id, on: f.onDate, fact: f.fact })),
      },
    ]),
  );
}

export async function hiveView(db: Knex, id: string): Promise<Hive> {
  await find(db, 'hives', id, 'hive');
  return (await hiveViews(db, [id]))[0];
}
