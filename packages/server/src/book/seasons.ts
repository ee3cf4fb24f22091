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
import { batchViewsOf, batchViews } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';
import { untilWritten } from '../store/untilWritten.js';

const PACKED_ROW = {
  id: z.string(),
  batchId: z.string(),
  kind: z.enum(['jars', 'pieces']),
  count: z.number().nullable(),
  jarKindId: z.string().nullable(),
};
const TAKE_ROW = { batchId: z.string(), slot: z.number() };
/**
 * Mass that went from lots of one kind and harvest into those of another; null: from or to outside.
 */
interface MovedRow {
  fromBatchId: string | null;
  fromKind: string | null;
  fromOutside: number;
  toBatchId: string | null;
  toKind: string | null;
  g: number;
}
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

/**
 * Flows in force, summed by kind and harvest where they are kept: thousands of rows become a few.
 */
const movedRows = (db: Knex): Promise<MovedRow[]> =>
  db('flows as f')
    .leftJoin('lots as a', (on) => on.on('a.id', 'f.fromLot').andOnNull('a.removedAt'))
    .leftJoin('lots as b', (on) => on.on('b.id', 'f.toLot').andOnNull('b.removedAt'))
    .whereNull('f.voids')
    .whereNotIn('f.id', db('flows').whereNotNull('voids').select('voids'))
    .groupBy('a.batchId', 'a.kind', 'b.batchId', 'b.kind')
    .groupByRaw("f.fromLot = 'outside'")
    .select({ fromBatchId: 'a.batchId', fromKind: 'a.kind' })
    .select({ toBatchId: 'b.batchId', toKind: 'b.kind' })
    .select(db.raw("f.fromLot = 'outside' as fromOutside"))
    .sum({ g: 'f.g' });

/** Every harvest as seasons count it, and comb estimates beside what the scale said. */
export function seasonsOf(db: Knex): Promise<Seasons> {
  return untilWritten(db, 'seasons', () => countSeasons(db));
}

/** Read table by table, so that ten years are as quick as one. */
async function countSeasons(db: Knex): Promise<Seasons> {
  const { rules } = await currentRules(db);
  const batches = await batchViews(db);
  const hives = new Map((await list(db, 'hives')).map((h) => [h.id, h]));
  const sites = new Map((await list(db, 'sites')).map((s) => [s.id, s]));
  const kinds = new Map((await list(db, 'jarKinds')).map((k) => [k.id, k]));
  await breathe();
  // Only the columns that are counted: a row of ten years costs by its width.
  const packedLots = await rowsOf(
    PACKED_ROW,
    db('lots')
      .whereIn('kind', ['jars', 'pieces'])
      .where({ removedAt: null })
      .select(Object.keys(PACKED_ROW)),
  );
  const gone = await rowsOf(
    TAKE_ROW,
    db('takes').whereIn('outcome', GONE).where({ removedAt: null }).select(Object.keys(TAKE_ROW)),
  );
  const goneBy = grouped(gone, (t) => t.batchId);
  const packedBy = grouped(packedLots, (l) => l.batchId);
  const outsBy = grouped(await list(db, 'outs'), (o) => o.lotId);
  const events = grouped(
    await rowsOf(
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
    ),
    (e) => e.batchId,
  );
  /** Grams into lots of a kind, by batch; `wet`: what comes from crushed comb alone. */
  const into = new Map<string, number>();
  const joinings: Joined[] = [];
  const add = (batchId: string, what: string, g: number): void =>
    void into.set(`${batchId} ${what}`, (into.get(`${batchId} ${what}`) ?? 0) + g);
  await breathe();
  const allMoved = await movedRows(db);
  await breathe();
  for (const moved of allMoved) {
    const { fromBatchId, fromKind, toBatchId, toKind, g } = moved;
    if (toKind === 'honey' && fromKind !== 'honey') add(toBatchId!, 'honey', g);
    if (fromKind === 'honey' && toKind === 'wet-wax') add(fromBatchId!, 'honey', -g);
    if (toKind === 'clean-wax') add(toBatchId!, 'wax', g);
    if (toKind === 'wet-wax' && fromKind === 'crushed') add(toBatchId!, 'wet', g);
    if (toKind === 'pieces') add(toBatchId!, 'pieces', g);
    // A record from before Furrow has no comb: its honey came from outside, weighed.
    if (toKind === 'comb' && moved.fromOutside) add(toBatchId!, 'comb', g);
    if (toKind === 'comb' && fromKind === 'comb')
      joinings.push({ fromBatchId: fromBatchId!, intoBatchId: toBatchId!, g });
  }
  const boxesOf = new Map<string, number>();
  for (const p of await rowsOf(
    { parentHiveId: z.string(), compartment: z.string(), n: z.number() },
    db('placements')
      .where({ removedAt: null, toOn: null })
      .whereNot({ compartment: 'file' })
      .whereNotNull('parentHiveId')
      .groupBy('parentHiveId', 'compartment')
      .select('parentHiveId', 'compartment')
      .count('id as n'),
  ))
    boxesOf.set(`${p.parentHiveId} ${p.compartment}`, Number(p.n));
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
    const g = (what: string): number => into.get(`${b.id} ${what}`) ?? 0;
    const of = events.get(b.id) ?? [];
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
      honeyG: g('honey'),
      waxG: g('wax'),
      wetWaxG: g('wet'),
      pieces: pieces.reduce((n, l) => n + (l.count ?? 0), 0),
      piecesG: g('pieces'),
      jars: jars.reduce((n, l) => n + (l.count ?? 0), 0),
      combG: g('comb'),
      estimatedHoneyKg: b.expectedHoneyKg ?? null,
      handsOnMinutes: b.handsOnMinutes,
      worth: sold.reduce((v, o) => v + saleTotal(o), 0) + left + (g('wax') / 1000) * rules.waxPerKg,
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
