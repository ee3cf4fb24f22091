import { dayOf } from '../units/dates.js';
import { DateTime } from 'luxon';
import { EMPTY_SHARES } from '../comb/contents.js';
import type { CombEstimate } from '../comb/estimate.js';
import { combStoresKg } from '../comb/stores.js';
import { hiveKind, placeLabel } from '../hive/kinds.js';
import type { Hemisphere, HiveKindName } from '../records/vocabulary/hive.js';
import type { DatedFact } from '../records/colony.js';
import type { CombEmptied, Hive } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import { winterCase } from '../rules/winter.js';
import { colonyState, type ColonyState, healthOf } from './colonyState.js';
import type { CombFacts, MoistureSample, SidesSeen } from './combFacts.js';
import type { CombVerdict, Finding } from '../records/vocabulary/verdict.js';
import type { Say } from '../say/say.js';
import { judgeComb } from './judgeComb.js';
import { lookSay } from './says.js';
import { estimateSeen, glimpseOf, type HiveMeasures, readingMoisture, type Seen } from './seen.js';

export interface JudgedComb {
  slot: number;
  /** How the place is called on screen. */
  label: string;
  boxId: string | null;
  combId: string;
  seen: Seen | null;
  /** The day it was seen, or emptied; null where neither. */
  seenOn: string | null;
  /** Drained or drawn in place since the last look: nobody has looked again. */
  emptied: CombEmptied | null;
  estimate: CombEstimate | null;
  verdict: CombVerdict;
}

export interface CombToJudge {
  slot: number;
  combId: string;
  boxId?: string | null;
  /** The kind it is judged as, where not its hive's: a frame of an opened brood box. */
  kind?: HiveKindName;
  builtOn?: string;
  seen: Seen | null;
  /** The day of that look, YYYY-MM-DD; today where left out. */
  seenOn?: string;
  earlier?: readonly { on: string; sides: SidesSeen }[];
  emptied?: CombEmptied | null;
  droneShare?: number | null;
  /** Whether it hangs in the super that was kept for the bees. */
  reserved?: boolean;
  /** Treatments, feedings and brood checks it was marked with in another colony. */
  marks?: readonly DatedFact[];
}

/**
 * Judges every comb of a hive as it stands: each against the stores that would stay without it,
 * counted low. Takes the combs with their latest look (or the one being made), the hive's kind and
 * measures, what is known of the colony and the site, today's date there, the house rules, and the
 * kilograms of flow still counted on for the winter.
 */
export function judgeHive(input: {
  combs: readonly CombToJudge[];
  hive: HiveMeasures;
  colony: ColonyState;
  date: string;
  hemisphere: Hemisphere;
  rules: HouseRules;
  siteNotes?: readonly string[];
  potsDrawnOn?: string | null;
  flowKg?: number;
}): JudgedComb[] {
  const { date, hive, rules, hemisphere } = input;
  const combs = input.combs.map((comb) => ({ ...comb, ...asEmptied(comb) }));
  const estimates = combs.map((comb) => (comb.seen ? estimateSeen(comb.seen, hive) : null));
  const stores = estimates.map((estimate) => combStoresKg(estimate).low);
  const allLow = stores.reduce((a, b) => a + b, 0);
  const unread = unreadStores(combs, estimates, hive);
  const goes = combs.map((comb, i) => goesWith(comb, i));
  const needKg = needOf(input);
  const notes = input.siteNotes ?? [];
  /** What leaves when a comb does: it alone, or its whole box where boxes go whole. */
  function goesWith(comb: CombToJudge, at: number): { storesLowKg: number; unread: number } {
    const isAlone = !hiveKind(hive.kind).boxesGoWhole || !comb.boxId;
    const leaving = combs.flatMap((other, i) =>
      i === at || (!isAlone && other.boxId === comb.boxId) ? [i] : [],
    );
    return {
      storesLowKg: leaving.reduce((sum, i) => sum + stores[i], 0),
      unread: leaving.filter((i) => estimates[i] === null).length,
    };
  }
  return combs.map((comb, i) => {
    const colony = withMarks(input.colony, comb.marks ?? [], date);
    const seenOn = comb.seen ? (comb.seenOn ?? date) : null;
    const facts: CombFacts = {
      kind: comb.kind ?? hive.kind,
      date,
      hemisphere,
      rules,
      colony,
      comb: factsOfComb(comb, colony, seenOn, date, estimates[i]),
      stores: {
        staysLowKg: allLow - goes[i].storesLowKg,
        needKg,
        // What leaves is not among those that stay.
        ...unreadBut(goes[i].unread, unread),
      },
      humidPlace: notes.includes('humid'),
      heather: notes.includes('heather'),
      potsDrawnOn: input.potsDrawnOn ?? null,
    };
    return {
      slot: comb.slot,
      label: placeLabel(comb.slot),
      boxId: comb.boxId ?? null,
      combId: comb.combId,
      seen: comb.seen,
      seenOn,
      emptied: comb.emptied ?? null,
      estimate: estimates[i],
      verdict: judgeComb(facts),
    };
  });
}

/** What is known of one comb, apart from its hive and its colony. */
function factsOfComb(
  comb: CombToJudge,
  colony: ColonyState,
  seenOn: string | null,
  date: string,
  estimate: CombEstimate | null,
): CombFacts['comb'] {
  const { seen, marks = [] } = comb;
  return {
    builtOn: comb.builtOn ?? colony.startedOn,
    combAge: seen?.combAge ?? 'new',
    straight: seen?.straight ?? null,
    droneShare: comb.droneShare ?? null,
    sides: seen?.sides ?? { A: null, B: null },
    seenOn,
    glimpse: glimpseOf(seen),
    samples: samplesOf(seen, seenOn ?? date),
    earlier: comb.earlier ?? [],
    honeyKg: estimate?.honeyKg.mid ?? null,
    pots: seen?.pots ?? null,
    carriedHealth: marks.length ? healthOf(marks) : null,
    reserved: comb.reserved ?? false,
  };
}

interface UnreadStores {
  unreadCombs: number;
  /** The most that one of them can hold, kg: sealed all over. */
  fullStoresKg: number;
}

/**
 * Combs that nobody read, and the most that one of them can hold: as large as the largest that was
 * read.
 */
function unreadStores(
  combs: readonly CombToJudge[],
  estimates: readonly (CombEstimate | null)[],
  hive: HiveMeasures,
): UnreadStores {
  const full = combs.flatMap(({ seen }) => {
    const whole = seen && !seen.pots && estimateSeen(sealedAllOver(seen), hive);
    return whole ? [combStoresKg(whole).high] : [];
  });
  return {
    unreadCombs: estimates.filter((e) => e === null).length,
    fullStoresKg: full.length ? Math.max(...full) : Infinity,
  };
}

const unreadBut = (one: number, unread: UnreadStores): UnreadStores => ({
  ...unread,
  unreadCombs: Math.max(0, unread.unreadCombs - one),
});

const SEALED = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const sealedAllOver = (seen: Seen): Seen => ({
  ...seen,
  sides: { A: SEALED, B: SEALED },
  pane: null,
});

/**
 * What has to stay for the winter, kg; null where it was not said, or nobody is there to need it.
 */
function needOf(input: Parameters<typeof judgeHive>[0]): number | null {
  const { colony, rules, hive, date } = input;
  if (colony.dead) return null;
  return winterCase({
    rules,
    kind: hive.kind,
    strength: colony.strength?.strength ?? null,
    flowKg: input.flowKg ?? 0,
    date,
    lastFlowOn: lastFlowOn(colony),
  }).needKg;
}

/** When a flow was last noted, whatever its age; null where never. */
export const lastFlowOn = (colony: ColonyState): string | null =>
  colony.flows.filter((f) => f.flow !== 'none').at(-1)?.on ?? null;

const samplesOf = (seen: Seen | null, on: string): MoistureSample[] =>
  (seen?.readings ?? []).map((r) => ({
    side: r.side,
    cells: r.cells,
    moisturePercent: readingMoisture(r).moisturePercent,
    on,
  }));

/**
 * A comb drained, or pots drawn, since the last look: it stands as it was left, until somebody
 * looks again.
 */
function asEmptied(comb: CombToJudge): Partial<CombToJudge> {
  const { emptied, seen } = comb;
  if (!emptied || !seen) return {};
  const before = comb.seenOn ? [{ on: comb.seenOn, sides: seen.sides }] : [];
  const pots = seen.pots && potsLeft(seen.pots, emptied.potsEmptied);
  const sides = seen.pots ? seen.sides : { A: { ...EMPTY_SHARES }, B: { ...EMPTY_SHARES } };
  return {
    seen: { ...seen, sides, pots, readings: [], pane: null, attachment: null },
    seenOn: emptied.on,
    earlier: [...(comb.earlier ?? []), ...before],
  };
}

/** Pots after some were emptied; all sealed ones where they were not counted. */
function potsLeft(
  pots: NonNullable<Seen['pots']>,
  potsEmptied: number | null,
): NonNullable<Seen['pots']> {
  const gone = Math.min(pots.honeySealed, potsEmptied ?? pots.honeySealed);
  return { ...pots, honeySealed: pots.honeySealed - gone, empty: pots.empty + gone };
}

/**
 * What was given to an earlier colony marks its combs for good: added to what the present one got.
 */
function withMarks(colony: ColonyState, marks: readonly DatedFact[], date: string): ColonyState {
  if (!marks.length) return colony;
  const carried = colonyState(null, marks, date);
  return {
    ...colony,
    treatments: [...carried.treatments, ...colony.treatments],
    feedings: [...carried.feedings, ...colony.feedings],
  };
}

/**
 * Judges a hive as it hangs at an instant (ISO 8601), the date taken in its site's zone: each comb
 * by its last look, or by the one being made of `making.combId`. This is how every screen and every
 * decision judges. `flowKg` is the flow still counted on for the winter, as Choose may ask.
 */
export function judgeHiveAt(
  hive: Hive,
  rules: HouseRules,
  instant: string,
  making: { combId: string; seen: Seen; droneShare?: number | null } | null = null,
  flowKg = 0,
): JudgedComb[] {
  const date = siteDate(hive, instant);
  const colony = stateAt(hive, instant, rules);
  // What is kept for the bees is the super next to the brood: stores stay in one block with it.
  const reservedBox = colony.reserved?.reserved
    ? hive.boxes.find((b) => b.compartment === 'super')?.carrierId
    : undefined;
  const inBrood = new Set<string | null>(
    hive.boxes.filter((b) => b.compartment === 'brood').map((b) => b.carrierId),
  );
  return judgeHive({
    combs: hive.bars.flatMap(({ slot, boxId, comb }): CombToJudge[] => {
      if (!comb) return [];
      const made = making?.combId === comb.id ? making : null;
      const last = comb.looks.at(-1) ?? null;
      const earlier = made ? comb.looks : comb.looks.slice(0, -1);
      return [
        {
          slot,
          boxId,
          ...(inBrood.has(boxId) ? { kind: BROOD_FRAME_KIND } : {}),
          combId: comb.id,
          builtOn: comb.builtOn,
          marks: comb.marks,
          reserved: boxId !== null && boxId === reservedBox,
          seen: made ? made.seen : last,
          seenOn: made ? date : last?.date,
          earlier: earlier.map((look) => ({ on: look.date, sides: look.sides })),
          emptied: made ? null : comb.emptied,
          droneShare: made?.droneShare ?? null,
        },
      ];
    }),
    hive,
    colony,
    date,
    hemisphere: hive.site.hemisphere,
    rules,
    siteNotes: hive.site.notes,
    potsDrawnOn: hive.potsDrawnOn,
    flowKg,
  });
}

/** Frames of an opened brood box are plain frames, whatever stands above them. */
export const BROOD_FRAME_KIND: HiveKindName = 'framed';

/** The calendar date of an instant at a hive's site. */
export function siteDate(hive: Hive, instant: string): string {
  return dayOf(DateTime.fromISO(instant, { zone: hive.site.zone }));
}

/**
 * What is known of the colony in a hive at an instant; facts older than the rules' shelf lives are
 * unknown.
 */
export function stateAt(
  hive: Hive,
  instant: string,
  rules: Pick<HouseRules, 'shelfDays'>,
): ColonyState {
  const state = colonyState(
    hive.colony?.startedOn ?? null,
    hive.colony?.facts ?? [],
    siteDate(hive, instant),
    rules.shelfDays,
  );
  return { ...state, startedAssumed: hive.colony?.startedAssumed ?? false };
}

/** The finding to one question, where it was asked. */
export const findingOn = (
  verdict: Pick<CombVerdict, 'findings'>,
  question: Finding['question'],
): Finding | null => verdict.findings?.find((f) => f.question === question) ?? null;

const labelsOf = (combs: readonly JudgedComb[]): { and: string[] } => ({
  and: combs.map((c) => c.label),
});

/**
 * A whole box judged from its combs: brood anywhere keeps it, an unread comb keeps it unknown, else
 * its capped share decides.
 */
export function judgeBox(combs: readonly JudgedComb[]): {
  verdict: CombVerdict['verdict'];
  sentence: Say;
} {
  const brood = combs.filter((c) => findingOn(c.verdict, 'brood')?.weight === 'forbids');
  if (brood.length)
    return {
      verdict: 'leave',
      sentence:
        brood.length === combs.length && combs.length > 1
          ? lookSay('look.judgeBox.brood-in-all', { combs: combs.length })
          : lookSay('look.judgeBox.brood', { combs: labelsOf(brood) }),
    };
  const unread = combs.filter((c) => c.verdict.verdict === 'not-read');
  if (unread.length)
    return {
      verdict: 'not-read',
      sentence: lookSay('look.judgeBox.unread', { unread: unread.length, combs: combs.length }),
    };
  const test = combs.filter((c) => c.verdict.verdict === 'test');
  if (test.length)
    return {
      verdict: 'test',
      sentence: lookSay('look.judgeBox.test', {
        combs:
          test.length === combs.length && combs.length > 1
            ? lookSay('look.judgeBox.all', { combs: combs.length })
            : labelsOf(test),
      }),
    };
  const leave = combs.filter((c) => c.verdict.verdict === 'leave');
  return leave.length
    ? {
        verdict: 'leave',
        sentence: lookSay('look.judgeBox.leave', {
          leave: leave.length,
          combs: combs.length,
          why: leave[0].verdict.headline,
        }),
      }
    : {
        verdict: 'take',
        sentence: lookSay('look.judgeBox.take', { combs: combs.length }),
      };
}
