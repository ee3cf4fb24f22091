import { bookSay } from './says.js';
import { placeLabel } from '../hive/kinds.js';
import type { Contradiction } from '../records/vocabulary/book.js';

/** One hive, as far as what was said of it can contradict the rest. */
export interface WrittenHive {
  id: string;
  name: string;
  siteName: string;
  followerAfterBar: number | null;
  /**
   * Since when its first colony lives there, where somebody said so; null where it was taken, or
   * another lived there before.
   */
  livesSince: string | null;
  /** Days on which its queen was written down as seen. */
  queenSeenOn: readonly string[];
  /** Days on which one of its combs was looked at or taken. */
  openedOn: readonly string[];
}
/** What was written down, as far as it can contradict itself. */
export interface Written {
  hives: readonly WrittenHive[];
  batches: readonly {
    id: string;
    hiveId: string;
    hiveName: string;
    date: string;
    combIds: readonly string[];
  }[];
  /** Calendar dates of looks in the hive's zone. */
  looks: readonly { combId: string; date: string }[];
  takes: readonly {
    batchId: string;
    combId: string;
    outcome: string;
    date: string;
    inPlace: boolean;
  }[];
  /** Combs that hang in a hive now, with their place. */
  hanging: readonly { combId: string; hiveId: string; hiveName: string; slot: number }[];
  /** Combs that lie on a cutting board that is not cleared. */
  onBoard: readonly { combId: string; batchId: string; hiveName: string }[];
  /** Looks with a photo of each side, by the picture itself. */
  photographed: readonly {
    lookId: string;
    combId: string;
    date: string;
    pictureA: string;
    pictureB: string;
  }[];
}
const plain = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '');
const GONE = new Set(['taken', 'broke', 'fell']);

/**
 * What cannot all be true, each as a question a person answers: a harvest dated before its combs
 * were first looked at, a look at a comb that was taken before, a comb taken twice or taken and
 * still hanging, one name for two hives, combs behind the follower board, comb on the cutting board
 * that hangs in its hive, a queen seen on a round in a hive that was not opened, a harvest from
 * before the colony moved in, one photo for both sides of a comb. Ids are stable: an answer holds.
 */
export function contradictions(w: Written): Contradiction[] {
  const looksByComb = datesByComb(w.looks);
  return [
    ...w.batches.flatMap((batch) => harvestBeforeLook(batch, looksByComb)),
    ...[...takenByComb(w.takes)].flatMap(([combId, takes]) =>
      takenAndMore(combId, takes, looksByComb.get(combId) ?? [], w),
    ),
    ...hivesNamedTwice(w.hives),
    ...w.hives.flatMap((hive) => combBehindBoard(hive, w.hanging)),
    ...w.hives.flatMap((hive) => queenInClosedHive(hive, w.hives)),
    ...sidesNamedTwice(w),
    ...w.hives.flatMap((hive) => yearsCountedTwice(hive, w.batches)),
    ...w.onBoard.flatMap((comb) => onBoardAndHanging(comb, w.hanging)),
  ];
}

/** Days on which each comb was looked at, the earliest first. */
function datesByComb(looks: Written['looks']): Map<string, string[]> {
  const byComb = new Map<string, string[]>();
  for (const { combId, date } of looks) {
    const dates = byComb.get(combId);
    if (dates) dates.push(date);
    else byComb.set(combId, [date]);
  }
  for (const dates of byComb.values()) dates.sort();
  return byComb;
}

/** A harvest dated before one of its combs was first looked at. */
function harvestBeforeLook(
  batch: Written['batches'][number],
  looksByComb: ReadonlyMap<string, readonly string[]>,
): Contradiction[] {
  const firstLooks = batch.combIds.flatMap((combId) => looksByComb.get(combId)?.[0] ?? []);
  const [late] = firstLooks.filter((date) => date > batch.date).sort();
  if (!late) return [];
  return [
    {
      id: `look-${batch.id}`,
      code: 'harvest-before-look',
      hiveId: batch.hiveId,
      batchId: batch.id,
      sentence: bookSay('book.asks.harvest-before-look', {
        hive: batch.hiveName,
        on: { date: batch.date },
        looked: { date: late },
      }),
    },
  ];
}

type Taking = Pick<Written['takes'][number], 'batchId' | 'date'>;
/** Every comb that left its hive, with the times it did. */
function takenByComb(takes: Written['takes']): Map<string, Taking[]> {
  const byComb = new Map<string, Taking[]>();
  for (const { combId, batchId, date, outcome, inPlace } of takes)
    if (GONE.has(outcome) && !inPlace)
      byComb.set(combId, [...(byComb.get(combId) ?? []), { batchId, date }]);
  return byComb;
}

/** A comb that was taken, and taken again, still hangs, or was looked at afterwards. */
function takenAndMore(
  combId: string,
  takes: readonly Taking[],
  lookedOn: readonly string[],
  w: Written,
): Contradiction[] {
  const batch = w.batches.find((b) => b.id === takes[0].batchId);
  const hiveId = batch?.hiveId ?? null;
  const hive = batch?.hiveName ?? bookSay('book.asks.a-hive');
  const on = { date: takes[0].date };
  const found: Contradiction[] = [];
  if (takes.length > 1)
    found.push({
      id: `twice-${combId}`,
      code: 'comb-in-two-places',
      hiveId,
      batchId: takes[1].batchId,
      sentence: bookSay('book.asks.taken-twice', { hive, on, again: { date: takes[1].date } }),
    });
  const there = w.hanging.find((h) => h.combId === combId);
  if (there)
    found.push({
      id: `hangs-${combId}`,
      code: 'comb-in-two-places',
      hiveId: there.hiveId,
      batchId: takes[0].batchId,
      sentence: bookSay('book.asks.still-hangs', {
        comb: placeLabel(there.slot),
        hive: there.hiveName,
        on,
      }),
    });
  const after = lookedOn.find((date) => date > takes[0].date);
  if (after)
    found.push({
      id: `after-${combId}`,
      code: 'look-after-taken',
      hiveId,
      batchId: takes[0].batchId,
      sentence: bookSay('book.asks.look-after', { hive, on, looked: { date: after } }),
    });
  return found;
}

/** One name for two hives. */
function hivesNamedTwice(hives: readonly WrittenHive[]): Contradiction[] {
  const named = new Map<string, WrittenHive[]>();
  for (const hive of hives)
    named.set(plain(hive.name), [...(named.get(plain(hive.name)) ?? []), hive]);
  return [...named]
    .filter(([, same]) => same.length > 1)
    .map(([name, same]) => ({
      id: `name-${name}-${same.length}`,
      code: 'hive-named-twice' as const,
      hiveId: same[1].id,
      batchId: null,
      sentence: bookSay('book.asks.named-twice', {
        hives: {
          and: same.map((h) => bookSay('book.asks.hive-at', { hive: h.name, site: h.siteName })),
        },
      }),
    }));
}

/** Comb on bars behind the follower board. */
function combBehindBoard(hive: WrittenHive, hanging: Written['hanging']): Contradiction[] {
  const { followerAfterBar } = hive;
  if (followerAfterBar === null) return [];
  const behind = hanging
    .filter((comb) => comb.hiveId === hive.id && comb.slot > followerAfterBar)
    .map((comb) => comb.slot)
    .sort((a, b) => a - b);
  if (!behind.length) return [];
  return [
    {
      id: `board-${hive.id}-${behind.join('-')}`,
      code: 'board-in-and-out',
      hiveId: hive.id,
      batchId: null,
      sentence: bookSay('book.asks.behind-board', {
        hive: hive.name,
        board: followerAfterBar,
        bars: { and: behind },
        count: behind.length,
      }),
    },
  ];
}

/** A comb on the cutting board that hangs in its hive too. */
function onBoardAndHanging(
  { combId, batchId, hiveName }: Written['onBoard'][number],
  hanging: Written['hanging'],
): Contradiction[] {
  const there = hanging.find((h) => h.combId === combId);
  if (!there) return [];
  return [
    {
      id: `cut-${combId}`,
      code: 'board-in-and-out',
      hiveId: there.hiveId,
      batchId,
      sentence: bookSay('book.asks.on-board', { comb: placeLabel(there.slot), hive: hiveName }),
    },
  ];
}

/**
 * On a round through the hives of a site every queen was written down as seen, but this hive was
 * not opened.
 */
function queenInClosedHive(hive: WrittenHive, hives: readonly WrittenHive[]): Contradiction[] {
  const around = hives.filter((h) => h.siteName === hive.siteName && h.id !== hive.id);
  return hive.queenSeenOn
    .filter((on) => !hive.openedOn.includes(on) && around.some((h) => h.openedOn.includes(on)))
    .map((on) => ({
      id: `queen-${hive.id}-${on}`,
      code: 'queen-in-closed-hive' as const,
      hiveId: hive.id,
      batchId: null,
      sentence: bookSay('book.asks.queen', {
        hive: hive.name,
        on: { date: on },
        site: hive.siteName,
      }),
    }));
}

/** One picture that stands for both sides of a comb: one of the two was not seen. */
function sidesNamedTwice(w: Pick<Written, 'photographed' | 'hanging'>): Contradiction[] {
  return w.photographed
    .filter((look) => look.pictureA === look.pictureB)
    .map((look) => {
      const there = w.hanging.find((h) => h.combId === look.combId) ?? null;
      const on = { date: look.date };
      return {
        id: `side-${look.lookId}`,
        code: 'side-named-twice' as const,
        hiveId: there?.hiveId ?? null,
        batchId: null,
        sentence: there
          ? bookSay('book.asks.one-photo', {
              comb: placeLabel(there.slot),
              hive: there.hiveName,
              on,
            })
          : bookSay('book.asks.one-photo-some', { on }),
      };
    });
}

/** Two counts of a colony's years: since when it lives there, and a harvest from before. */
function yearsCountedTwice(hive: WrittenHive, batches: Written['batches']): Contradiction[] {
  if (hive.livesSince === null) return [];
  const earliest = batches
    .filter((b) => b.hiveId === hive.id)
    .sort((a, b) => a.date.localeCompare(b.date))[0];
  if (!earliest || earliest.date >= hive.livesSince) return [];
  return [
    {
      id: `years-${hive.id}-${hive.livesSince}`,
      code: 'years-counted-twice',
      hiveId: hive.id,
      batchId: earliest.id,
      sentence: bookSay('book.asks.years', {
        hive: hive.name,
        since: { date: hive.livesSince },
        on: { date: earliest.date },
      }),
    },
  ];
}
