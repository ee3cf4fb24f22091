import { dateWords } from '../units/dates.js';
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
  const found: Contradiction[] = [];
  const firstLook = new Map<string, string>();
  for (const l of w.looks)
    if (!firstLook.has(l.combId) || l.date < firstLook.get(l.combId)!)
      firstLook.set(l.combId, l.date);
  for (const b of w.batches) {
    const late = b.combIds
      .map((c) => firstLook.get(c))
      .filter((d): d is string => d !== undefined && d > b.date)
      .sort()[0];
    if (late)
      found.push({
        id: `look-${b.id}`,
        code: 'harvest-before-look',
        hiveId: b.hiveId,
        batchId: b.id,
        sentence: `${b.hiveName} was harvested on ${dateWords(b.date)}, but its comb was first looked at on ${dateWords(late)}. Which date is right?`,
      });
  }
  const gone = w.takes.filter((t) => GONE.has(t.outcome) && !t.inPlace);
  const takenOn = new Map<string, { batchId: string; date: string }[]>();
  for (const t of gone)
    takenOn.set(t.combId, [...(takenOn.get(t.combId) ?? []), { batchId: t.batchId, date: t.date }]);
  for (const [combId, takes] of takenOn) {
    const batch = w.batches.find((b) => b.id === takes[0].batchId);
    if (takes.length > 1)
      found.push({
        id: `twice-${combId}`,
        code: 'comb-in-two-places',
        hiveId: batch?.hiveId ?? null,
        batchId: takes[1].batchId,
        sentence: `One comb of ${batch?.hiveName ?? 'a hive'} was taken on ${dateWords(takes[0].date)} and again on ${dateWords(takes[1].date)}. Which of them was it?`,
      });
    const there = w.hanging.find((h) => h.combId === combId);
    if (there)
      found.push({
        id: `hangs-${combId}`,
        code: 'comb-in-two-places',
        hiveId: there.hiveId,
        batchId: takes[0].batchId,
        sentence: `Comb ${placeLabel(there.slot)} of ${there.hiveName} was taken on ${dateWords(takes[0].date)} and still hangs in the hive. Where is it?`,
      });
    const after = w.looks
      .filter((l) => l.combId === combId && l.date > takes[0].date)
      .map((l) => l.date)
      .sort()[0];
    if (after)
      found.push({
        id: `after-${combId}`,
        code: 'look-after-taken',
        hiveId: batch?.hiveId ?? null,
        batchId: takes[0].batchId,
        sentence: `A comb of ${batch?.hiveName ?? 'a hive'} was taken on ${dateWords(takes[0].date)} and looked at on ${dateWords(after)}. Was it another comb?`,
      });
  }
  const named = new Map<string, Written['hives'][number][]>();
  for (const h of w.hives) named.set(plain(h.name), [...(named.get(plain(h.name)) ?? []), h]);
  for (const [name, same] of named)
    if (same.length > 1)
      found.push({
        id: `name-${name}-${same.length}`,
        code: 'hive-named-twice',
        hiveId: same[1].id,
        batchId: null,
        sentence: `${same.map((h) => `“${h.name}” at ${h.siteName}`).join(' and ')}: two hives, or one written down twice?`,
      });
  for (const h of w.hives) {
    if (h.followerAfterBar === null) continue;
    const behind = w.hanging
      .filter((c) => c.hiveId === h.id && c.slot > h.followerAfterBar!)
      .map((c) => c.slot)
      .sort((a, b) => a - b);
    if (behind.length)
      found.push({
        id: `board-${h.id}-${behind.join('-')}`,
        code: 'board-in-and-out',
        hiveId: h.id,
        batchId: null,
        sentence: `The follower board of ${h.name} stands behind bar ${h.followerAfterBar}, but comb hangs on ${behind.length === 1 ? 'bar' : 'bars'} ${behind.join(', ')} behind it. Is the board in or out?`,
      });
  }
  found.push(...w.hives.flatMap((h) => queenInClosedHive(h, w.hives)));
  found.push(...sidesNamedTwice(w));
  found.push(...w.hives.flatMap((h) => yearsCountedTwice(h, w.batches)));
  for (const c of w.onBoard) {
    const there = w.hanging.find((h) => h.combId === c.combId);
    if (there)
      found.push({
        id: `cut-${c.combId}`,
        code: 'board-in-and-out',
        hiveId: there.hiveId,
        batchId: c.batchId,
        sentence: `Comb ${placeLabel(there.slot)} of ${c.hiveName} lies on the cutting board and hangs in the hive. Is it in or out?`,
      });
  }
  return found;
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
      sentence: [
        `The queen of ${hive.name} is written down as seen on ${dateWords(on)}, but no comb of it`,
        `was looked at that day, while others at ${hive.siteName} were. Was this hive opened?`,
      ].join(' '),
    }));
}

/** One picture that stands for both sides of a comb: one of the two was not seen. */
function sidesNamedTwice(w: Pick<Written, 'photographed' | 'hanging'>): Contradiction[] {
  return w.photographed
    .filter((look) => look.pictureA === look.pictureB)
    .map((look) => {
      const there = w.hanging.find((h) => h.combId === look.combId) ?? null;
      const comb = there ? `comb ${placeLabel(there.slot)} of ${there.hiveName}` : 'a comb';
      return {
        id: `side-${look.lookId}`,
        code: 'side-named-twice' as const,
        hiveId: there?.hiveId ?? null,
        batchId: null,
        sentence: `One photo stands for side A and for side B of ${comb}, on ${dateWords(look.date)}. Which side is it?`,
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
      sentence: [
        `The colony of ${hive.name} is said to live there since ${dateWords(hive.livesSince)}, but`,
        `the hive was harvested on ${dateWords(earliest.date)}. Which count of years is right?`,
      ].join(' '),
    },
  ];
}
