import type {
  Batch,
  Clock,
  HouseRules,
  JarKindRecord,
  Reserve,
  Rinse,
  TodayLine,
  WaxCare,
} from '@furrow/core';
import type { Knex } from 'knex';
import { list } from '../store/rows.js';
import { stockView } from '../book/lots.js';
import { batchViewsOf } from '../harvest/batches.js';

const DAY_MS = 86_400_000;
/** How many days ahead wet wax, a use-by and a promise stand on Today. */
const AHEAD_DAYS = 7;

interface WaxWaiting {
  batch: Batch;
  startedAt: string;
  dueAt: string;
}

/**
 * Wet wax that stands somewhere, with what was last done with it: null where it never saw the cold.
 */
async function standingWax(
  db: Knex,
): Promise<{ batch: Batch; startedAt: string; last: WaxCare | null }[]> {
  const standing = await stockView(db, ['wet-wax']);
  if (!standing.length) return [];
  const batches = await batchViewsOf(
    db,
    standing.map((l) => l.batchId),
  );
  const cares = await list<WaxCare>(db, 'waxCares', {}, 'occurredAt');
  const firstAt = new Map(
    (
      (await db('flows')
        .whereIn(
          'toLot',
          standing.map((l) => l.id),
        )
        .groupBy('toLot')
        .select('toLot')
        .min('at as at')) as { toLot: string; at: string }[]
    ).map((f) => [f.toLot, f.at]),
  );
  return standing.flatMap(({ id, batchId }) => {
    const batch = batches.find((b) => b.id === batchId);
    const last = cares.filter((c) => c.batchId === batchId && c.kind !== 'rinsed').at(-1) ?? null;
    return batch ? [{ batch, startedAt: firstAt.get(id)!, last }] : [];
  });
}
const after = (iso: string, days: number): string =>
  new Date(Date.parse(iso) + days * DAY_MS).toISOString();

/**
 * Wet wax that waits unfrozen, with the day moth may have it (SCIENCE 8; the rule's days). It
 * counts from the close of the drain, anew from the freezer's door; in the freezer it stands still.
 */
async function wetWaxWaiting(db: Knex, rules: HouseRules): Promise<WaxWaiting[]> {
  return (await standingWax(db)).flatMap(({ batch, startedAt, last }) => {
    if (last?.kind === 'frozen') return [];
    const since = last?.occurredAt ?? startedAt;
    return [{ batch, startedAt: since, dueAt: after(since, rules.wetWaxDays) }];
  });
}

/**
 * Wet wax in the freezer, with the end of the household's own weeks there; empty where it has no
 * such rule.
 */
async function frozenWax(db: Knex, rules: HouseRules): Promise<WaxWaiting[]> {
  const weeks = rules.waxFrozenWeeks;
  if (weeks === null) return [];
  return (await standingWax(db)).flatMap(({ batch, last }) =>
    last?.kind === 'frozen'
      ? [{ batch, startedAt: last.occurredAt, dueAt: after(last.occurredAt, weeks * 7) }]
      : [],
  );
}

/** When a rinse is to be used by: the rule's hours, in the cold or not. */
const rinseDueAt = (rinse: Rinse, rules: HouseRules): string =>
  new Date(
    Date.parse(rinse.occurredAt) +
      (rinse.cold ? rules.rinseColdKeepsHours : rules.rinseKeepsHours) * 3_600_000,
  ).toISOString();

/** Clocks of what comes after the honey: a rinse that soon ferments, wet wax in its last week. */
export async function afterClocks(db: Knex, rules: HouseRules, now: Date): Promise<Clock[]> {
  const waiting = await list<Rinse>(db, 'rinses', { usedAt: null });
  const batches = await batchViewsOf(
    db,
    waiting.map((r) => r.batchId),
  );
  const rinses = waiting.flatMap((r): Clock[] => {
    const batch = batches.find((b) => b.id === r.batchId);
    const dueAt = rinseDueAt(r, rules);
    return batch
      ? [
          {
            id: r.id,
            kind: 'rinse',
            batchId: r.batchId,
            hiveName: batch.hiveName,
            startedAt: r.occurredAt,
            dueAt,
            dueWhat: 'use the rinse',
            urgent: Date.parse(dueAt) < now.getTime() + 3 * 3_600_000,
          },
        ]
      : [];
  });
  const wax = (await wetWaxWaiting(db, rules))
    .filter((w) => Date.parse(w.dueAt) < now.getTime() + AHEAD_DAYS * DAY_MS)
    .map((w): Clock => ({
      id: `${w.batch.id}-wax`,
      kind: 'wax',
      batchId: w.batch.id,
      hiveName: w.batch.hiveName,
      startedAt: w.startedAt,
      dueAt: w.dueAt,
      dueWhat: 'render or freeze the wet wax',
      urgent: Date.parse(w.dueAt) < now.getTime() + DAY_MS,
    }));
  return [...rinses, ...wax];
}

/** Lines of Today: wax, rinse, honey to be used first, jars that were promised. */
export async function afterLines(db: Knex, rules: HouseRules, now: Date): Promise<TodayLine[]> {
  const soon = (iso: string): boolean => Date.parse(iso) < now.getTime() + AHEAD_DAYS * DAY_MS;
  const lines: TodayLine[] = [];
  const add = (line: Omit<TodayLine, 'urgent' | 'stage'>): void =>
    void lines.push({ urgent: false, stage: 'jar', ...line });
  for (const w of await wetWaxWaiting(db, rules))
    if (soon(w.dueAt))
      add({
        id: `${w.batch.id}-wax`,
        kind: 'wax',
        batchId: w.batch.id,
        hiveId: null,
        title: `Render or freeze ${w.batch.hiveName}'s wet wax`,
        dueAt: w.dueAt,
        ifLeft: 'Wax moth finds it and eats it.',
      });
  for (const w of await frozenWax(db, rules))
    add({
      id: `${w.batch.id}-frozen-wax`,
      kind: 'wax',
      batchId: w.batch.id,
      hiveId: null,
      title: `${w.batch.hiveName}'s wax may come out of the freezer`,
      dueAt: w.dueAt,
      ifLeft: 'It keeps, and takes the room.',
    });
  for (const r of await list<Rinse>(db, 'rinses', { usedAt: null })) {
    const [batch] = await batchViewsOf(db, [r.batchId]);
    if (batch)
      add({
        id: `${r.id}-rinse`,
        kind: 'rinse',
        batchId: r.batchId,
        hiveId: null,
        title: `Use ${batch.hiveName}'s rinse`,
        dueAt: rinseDueAt(r, rules),
        ifLeft: 'Thin sugar water ferments.',
      });
  }
  const first = (await db('lots')
    .where({ removedAt: null })
    .whereNotNull('useBy')
    .whereIn('kind', ['jars', 'pieces'])
    .select('id', 'batchId', 'code', 'useBy', 'count')) as {
    id: string;
    batchId: string;
    code: string;
    useBy: string;
    count: number;
  }[];
  for (const lot of first) {
    const gone = Number(
      (await db('outs').where({ lotId: lot.id, removedAt: null }).sum('count as n').first())?.n ??
        0,
    );
    const [batch] = await batchViewsOf(db, [lot.batchId]);
    const dueAt = `${lot.useBy}T12:00:00.000Z`;
    if (batch && gone < lot.count && soon(dueAt))
      add({
        id: `${lot.id}-useby`,
        kind: 'use-first',
        batchId: batch.id,
        hiveId: null,
        title: `Use ${lot.count - gone} of ${lot.code}`,
        dueAt,
        ifLeft: 'Open or wet honey ferments.',
      });
  }
  const kinds = new Map((await list<JarKindRecord>(db, 'jarKinds')).map((k) => [k.id, k.name]));
  for (const r of (await list<Reserve>(db, 'reserves')).filter((x) => !x.doneAt && x.forDate)) {
    const dueAt = `${r.forDate}T12:00:00.000Z`;
    if (soon(dueAt))
      add({
        id: `${r.id}-reserve`,
        kind: 'promise',
        batchId: null,
        hiveId: null,
        title: `${r.count} × ${kinds.get(r.jarKindId) ?? 'jar'} promised`,
        dueAt,
        ifLeft: 'Somebody waits for them.',
      });
  }
  return lines;
}
