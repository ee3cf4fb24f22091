import {
  WAYS,
  correctionFor,
  combLitres,
  estimateCorrection,
  estimateSeen,
  missedGear,
  combStays,
  saleTotal,
  seasonOf,
  shareJoined,
  type EstimatePair,
  type HarvestSummary,
  type Seasons,
  type HiveKindName,
  type Joined,
  type Range,
  entryOf,
} from '@furrow/core';
import type { Knex } from 'knex';
import { breathe } from '../breathe.js';
import { lookRows } from '../look/hiveViews.js';
import { list } from '../store/rows.js';
import { movedSums, type Moved } from './keptSums.js';
import { batchViewsOf, batchViews } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { z } from 'zod';
import { rowsOf, type AskedRow } from '../store/asked.js';
import type { RowOf } from '../store/tables.js';
import { untilWritten } from '../store/untilWritten.js';

const PACKED_ROW = {
  id: z.string(),
  batchId: z.string(),
  kind: z.enum(['jars', 'pieces']),
  count: z.number().nullable(),
  jarKindId: z.string().nullable(),
};
type PackedLot = AskedRow<typeof PACKED_ROW>;
const TAKE_ROW = { batchId: z.string(), slot: z.number() };
const EVENT_ROW = { batchId: z.string(), kind: z.string(), minutes: z.number().nullable() };
const GONE = ['taken', 'broke', 'fell'];

const grouped = <T>(rows: readonly T[], key: (row: T) => string): Map<string, T[]> => {
  const map = new Map<string, T[]>();
  for (const row of rows) {
    const there = map.get(key(row));
    if (there) there.push(row);
    else map.set(key(row), [row]);
  }
  return map;
};

/** Only the columns that are counted: a row of ten years costs by its width. */
const packedLots = (db: Knex): Promise<Map<string, PackedLot[]>> =>
  untilWritten(db, 'packedLots', async () => {
    const rows = await rowsOf(
      PACKED_ROW,
      db('lots')
        .whereIn('kind', ['jars', 'pieces'])
        .where({ removedAt: null })
        .select(Object.keys(PACKED_ROW)),
    );
    return grouped(rows, (lot) => lot.batchId);
  });

/** Combs that came out of the hive, by harvest. */
const combsGone = (db: Knex): Promise<Map<string, AskedRow<typeof TAKE_ROW>[]>> =>
  untilWritten(db, 'combsGone', async () => {
    const rows = await rowsOf(
      TAKE_ROW,
      db('takes').whereIn('outcome', GONE).where({ removedAt: null }).select(Object.keys(TAKE_ROW)),
    );
    return grouped(rows, (take) => take.batchId);
  });

/** Draw-offs and pressings, by harvest. */
const benchWork = (db: Knex): Promise<Map<string, AskedRow<typeof EVENT_ROW>[]>> =>
  untilWritten(db, 'benchWork', async () => {
    const rows = await rowsOf(
      EVENT_ROW,
      db('drainEvents')
        .join('drains', 'drains.id', 'drainEvents.drainId')
        .whereNull('drainEvents.removedAt')
        .whereIn('drainEvents.kind', ['draw-off', 'press'])
        .select(
          'drains.batchId as batchId',
          'drainEvents.kind as kind',
          'drainEvents.minutes as minutes',
        ),
    );
    return grouped(rows, (event) => event.batchId);
  });

/** What went out of jars and pieces, by lot. */
const outsByLot = (db: Knex): Promise<Map<string, RowOf<'outs'>[]>> =>
  untilWritten(db, 'outsByLot', async () => grouped(await list(db, 'outs'), (out) => out.lotId));

/** How many combs stand in each box of each hive. */
const combsByBox = (db: Knex): Promise<Map<string, number>> =>
  untilWritten(db, 'combsByBox', async () => {
    const rows = await rowsOf(
      { parentHiveId: z.string(), compartment: z.string(), n: z.number() },
      db('placements')
        .where({ removedAt: null, toOn: null })
        .whereNot({ compartment: 'file' })
        .whereNotNull('parentHiveId')
        .groupBy('parentHiveId', 'compartment')
        .select('parentHiveId', 'compartment')
        .count('id as n'),
    );
    return new Map(rows.map((row) => [`${row.parentHiveId} ${row.compartment}`, Number(row.n)]));
  });

/** What went into a harvest's lots, grams. */
interface Into {
  honey: number;
  /** Clean wax. */
  wax: number;
  /** Wet wax that comes from crushed comb. */
  wet: number;
  pieces: number;
  /** A record from before Furrow has no comb: its honey came from outside, weighed. */
  comb: number;
}
const NOTHING: Readonly<Into> = { honey: 0, wax: 0, wet: 0, pieces: 0, comb: 0 };

/** What went into the lots of each harvest, and combs of one that were put with another's. */
function intoLots(all: readonly Moved[]): { into: Map<string, Into>; joinings: Joined[] } {
  const into = new Map<string, Into>();
  const joinings: Joined[] = [];
  const add = (batchId: string, what: keyof Into, g: number): void => {
    const there = into.get(batchId) ?? { ...NOTHING };
    there[what] += g;
    into.set(batchId, there);
  };
  for (const moved of all) {
    const { fromBatchId, fromKind, toBatchId, toKind, g } = moved;
    if (toKind === 'honey' && fromKind !== 'honey') add(toBatchId!, 'honey', g);
    if (fromKind === 'honey' && toKind === 'wet-wax') add(fromBatchId!, 'honey', -g);
    if (toKind === 'clean-wax') add(toBatchId!, 'wax', g);
    if (toKind === 'wet-wax' && fromKind === 'crushed') add(toBatchId!, 'wet', g);
    if (toKind === 'pieces') add(toBatchId!, 'pieces', g);
    if (toKind === 'comb' && moved.fromOutside) add(toBatchId!, 'comb', g);
    if (toKind === 'comb' && fromKind === 'comb')
      joinings.push({ fromBatchId: fromBatchId!, intoBatchId: toBatchId!, g });
  }
  return { into, joinings };
}

/** Every harvest as seasons count it, and comb estimates beside what the scale said. */
export function seasonsOf(db: Knex): Promise<Seasons> {
  return untilWritten(db, 'seasons', () => countSeasons(db));
}

/**
 * Read table by table, so that ten years are as quick as one, and each part again only when its own
 * tables were written.
 */
async function countSeasons(db: Knex): Promise<Seasons> {
  const { rules } = await currentRules(db);
  const batches = await batchViews(db);
  const hives = new Map((await list(db, 'hives')).map((h) => [h.id, h]));
  const sites = new Map((await list(db, 'sites')).map((s) => [s.id, s]));
  const kinds = new Map((await list(db, 'jarKinds')).map((k) => [k.id, k]));
  const boxesOf = await combsByBox(db);
  const goneBy = await combsGone(db);
  const eventsBy = await benchWork(db);
  await breathe();
  const packedBy = await packedLots(db);
  const outsBy = await outsByLot(db);
  await breathe();
  const { into, joinings } = intoLots(await movedSums(db));
  await breathe();
  const alone = batches.map((b): HarvestSummary => {
    const hive = entryOf(hives, b.hiveId);
    const site = entryOf(sites, hive.siteId);
    const gone = goneBy.get(b.id) ?? [];
    const packed = packedBy.get(b.id) ?? [];
    const jars = packed.filter((l) => l.kind === 'jars');
    const pieces = packed.filter((l) => l.kind === 'pieces');
    const sold = packed.flatMap((l) => outsBy.get(l.id) ?? []);
    const left = packed.reduce(
      (v, l) =>
        v +
        Math.max(0, (l.count ?? 0) - (outsBy.get(l.id) ?? []).reduce((n, o) => n + o.count, 0)) *
          (kinds.get(l.jarKindId ?? '')?.value ?? 0),
      0,
    );
    const g = into.get(b.id) ?? NOTHING;
    const of = eventsBy.get(b.id) ?? [];
    const draws = of.filter((e) => e.kind === 'draw-off');
    return {
      batchId: b.id,
      hiveId: hive.id,
      hiveName: hive.name,
      siteName: site.name,
      kind: hive.kind,
      method: b.method,
      date: b.date,
      season: seasonOf(b.date, site.hemisphere).name,
      closed: b.closedAt !== null,
      combs: gone.length || b.combIds.length,
      boxes: new Set(gone.filter((t) => t.slot >= 100).map((t) => Math.floor(t.slot / 100))).size,
      hiveL: combLitres(hive, boxesOf),
      honeyG: g.honey,
      waxG: g.wax,
      wetWaxG: g.wet,
      pieces: pieces.reduce((n, l) => n + (l.count ?? 0), 0),
      piecesG: g.pieces,
      jars: jars.reduce((n, l) => n + (l.count ?? 0), 0),
      combG: g.comb,
      estimatedHoneyKg: b.expectedHoneyKg ?? null,
      handsOnMinutes: b.handsOnMinutes,
      worth: sold.reduce((v, o) => v + saleTotal(o), 0) + left + (g.wax / 1000) * rules.waxPerKg,
      cost: packed.reduce(
        (c, l) => c + (l.count ?? 0) * (kinds.get(l.jarKindId ?? '')?.cost ?? 0),
        0,
      ),
      drawOffs: draws.length,
      drawOffMinutes: draws.reduce((m, e) => m + (e.minutes ?? 0), 0),
      pressed:
        b.method === 'press' || b.method === 'drip-press' || of.some((e) => e.kind === 'press'),
    };
  });
  const combG = new Map(alone.map((h) => [h.batchId, h.combG]));
  const pairs = await estimatePairs(db);
  const harvests = shareJoined(alone, combG, joinings);
  return {
    harvests,
    pairs,
    correction: estimateCorrection(pairs),
    missed: missedGear(harvests),
    currency: rules.currency,
  };
}

/**
 * So many combs back the scale teaches: older ones were guessed by other eyes, and Look asks for
 * these at every touch.
 */
const TEACH_COMBS = 60;

/**
 * The last combs weighed one by one beside the estimate of their last look, oldest first. Boxes
 * shared out by estimate tell nothing of it, nor do frames drained in place.
 */
export function estimatePairs(db: Knex): Promise<EstimatePair[]> {
  return untilWritten(db, 'estimatePairs', () => readPairs(db));
}

async function readPairs(db: Knex): Promise<EstimatePair[]> {
  const inPlace = WAYS.filter(combStays);
  const takes = await rowsOf(
    {
      combId: z.string(),
      netG: z.number(),
      guessG: z.number().nullable(),
      occurredAt: z.string(),
      batchId: z.string(),
    },
    db('takes')
      .join('batches', 'batches.id', 'takes.batchId')
      .where({
        'takes.outcome': 'taken',
        'takes.byBox': 0,
        // An estimate held against itself would teach that estimates are right.
        'takes.netBy': 'scale',
        'takes.removedAt': null,
        'batches.removedAt': null,
      })
      .whereNotNull('takes.netG')
      .whereNotIn('batches.method', inPlace)
      .orderBy('takes.occurredAt', 'desc')
      .limit(TEACH_COMBS)
      .select(
        'takes.combId as combId',
        'takes.netG as netG',
        'takes.guessG as guessG',
        'takes.occurredAt as occurredAt',
        'batches.id as batchId',
      ),
  );
  const batches = new Map(
    (
      await batchViewsOf(
        db,
        takes.map((t) => t.batchId),
      )
    ).map((b) => [b.id, b]),
  );
  const hives = new Map((await list(db, 'hives')).map((h) => [h.id, h]));
  const looks = grouped(
    await lookRows(
      db,
      takes.map((t) => t.combId),
    ),
    (l) => l.combId,
  );
  return takes.reverse().flatMap((take) => {
    const batch = entryOf(batches, take.batchId);
    const look = (looks.get(take.combId) ?? [])
      .filter((l) => l.occurredAt <= take.occurredAt)
      .at(-1);
    const estimate = look && estimateSeen(look, entryOf(hives, batch.hiveId));
    if (!estimate || estimate.honeyKg.mid <= 0) return [];
    return [
      {
        combId: take.combId,
        hiveName: batch.hiveName,
        hiveKind: batch.hiveKind,
        date: batch.date,
        estimateKg: estimate.honeyKg.mid + estimate.waxKg.mid,
        guessKg: take.guessG === null ? null : take.guessG / 1000,
        weighedKg: take.netG / 1000,
      },
    ];
  });
}

/**
 * What the household's scale says of its estimates of a hive, a factor; null while too little was
 * weighed.
 */
export async function correctionOf(
  db: Knex,
  hive: { name: string; kind: HiveKindName },
): Promise<Range | null> {
  const correction = correctionFor(await estimatePairs(db), hive);
  return correction?.applies ? correction.factor : null;
}
