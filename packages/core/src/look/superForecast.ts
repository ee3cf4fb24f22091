import { endOf } from '../units/known.js';
import { daysBetween } from '../units/dates.js';
import { together, type Extent, type Say } from '../say/say.js';
import { asDate } from './finding.js';
import { lookSay } from './says.js';
import type { BoxView, Hive } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { cappedForecast, type CappedLook, type CappingPace } from './ripening.js';

/**
 * One frame of a super over its looks: how much of the face is filled with honey, and how much of
 * that is capped.
 */
export interface SuperFrame {
  place: number;
  looks: { date: string; filledShare: number; cappedShare: number }[];
  /**
   * What its lower edge showed from below at the last look; null where nobody looked from there.
   */
  edge?: 'capped' | 'open' | null;
}
export interface SuperForecast {
  state: 'unseen' | 'empty' | 'refused' | 'building' | 'uneven' | 'crowded' | 'finished';
  /** Whether the last frame is finished before the flow ends. */
  beforeFlowEnds: 'yes' | 'perhaps' | 'no' | 'unknown';
  finishedBy: { earliest: string; latest: string | null } | null;
  sentence: Say;
  /** What to do, least disturbance first. */
  doNext: Say[];
}

/**
 * Filled from this share on a frame counts as full, capped from this on as finished; under the
 * first as not begun. Starting values of the code.
 */
export const BEGUN = 0.05;
const [FULL, FINISHED] = [0.9, 0.95];
/** Frames this far apart in filling are uneven: a third of a frame. */
const UNEVEN = 0.33;

/**
 * Since when a super is known to stand there, YYYY-MM-DD: the day it was set on. One that came with
 * the hive is as old as nobody knows: the first look at its combs counts, and null where nobody
 * looked.
 */
export function superSince(
  hive: Pick<Hive, 'colony' | 'bars'>,
  box: Pick<BoxView, 'carrierId' | 'sinceOn'>,
): string | null {
  if (box.sinceOn !== hive.colony?.startedOn) return box.sinceOn;
  const looks = hive.bars.flatMap((b) =>
    b.boxId === box.carrierId ? (b.comb?.looks.map((l) => l.date) ?? []) : [],
  );
  return looks.sort()[0] ?? null;
}

type BeforeFlowEnds = SuperForecast['beforeFlowEnds'];
const WHEN_WORDS: Record<Exclude<BeforeFlowEnds, 'unknown'>, Say> = {
  yes: lookSay('look.super.when.yes'),
  perhaps: lookSay('look.super.when.perhaps'),
  no: lookSay('look.super.when.no'),
};
/** Whether it is finished before the flow ends; unknown where either is. */
function finishesBefore(
  finished: SuperForecast['finishedBy'],
  flowEndsOn: string | null,
): BeforeFlowEnds {
  if (!finished || !flowEndsOn) return 'unknown';
  if (finished.latest !== null && finished.latest <= flowEndsOn) return 'yes';
  return finished.earliest > flowEndsOn ? 'no' : 'perhaps';
}

/**
 * How a super gets on. For comb honey a finished frame goes outward and a light one to the middle,
 * where bees work; a liquid super is left to even itself out, and at most turned round. Takes its
 * frames with their looks, what it is for, today, the date the flow ends if known, and the
 * household's capping pace.
 */
export function superForecast(input: SuperInput): SuperForecast {
  const edges = readAtTheEdge(input.frames);
  if (edges) return { ...NO_DATE, ...edges };
  const read = readFrames(input.frames);
  if (!read.now.length) return unseen(input.lookedBefore ?? false);
  if (read.most < BEGUN) return notBegun(read, input.setOn);
  const allDone = read.now.every((f) => f.filledShare >= FULL && f.cappedShare >= FINISHED);
  return allDone ? allFull(read, input) : building(read, input);
}

interface SuperInput {
  frames: readonly SuperFrame[];
  purpose: 'cut-comb' | 'liquid';
  today: string;
  setOn: string;
  flowEndsOn: string | null;
  pace: CappingPace;
  /** Whether the hive was looked at before: after a harvest its super is new to nobody. */
  lookedBefore?: boolean;
  /** When it was last turned round; null where it never was. */
  turnedOn?: string | null;
  /** Whether the colony is strong and the flow too, and this is its only super. */
  roomForSecond?: boolean;
  /**
   * The household's schools; without them comb goes outward, liquid stays, and the flow decides.
   */
  schools?: Pick<HouseRules, 'extraSuper' | 'finishedCombFrames' | 'finishedLiquidFrames'>;
}

const NO_DATE = { beforeFlowEnds: 'unknown', finishedBy: null } as const;
/** A super nobody saw drawn after so many days is refused. A starting value. */
export const REFUSED_AFTER_DAYS = 10;

/** What the frames of a super showed when each was last looked at. */
interface ReadFrames {
  now: { place: number; date: string; filledShare: number; cappedShare: number }[];
  least: number;
  most: number;
  unread: boolean;
  /** Which were not read; null where all were. */
  unreadSaid: Say | null;
  lastLook: string;
}
function readFrames(frames: readonly SuperFrame[]): ReadFrames {
  const now = frames.flatMap(({ place, looks }) => {
    const last = looks.at(-1);
    return last ? [{ place, ...last }] : [];
  });
  const unread = frames.filter((f) => !f.looks.length).map((f) => f.place);
  const fill = now.map((f) => f.filledShare);
  return {
    now,
    least: Math.min(...fill),
    most: Math.max(...fill),
    unread: unread.length > 0,
    unreadSaid: unread.length
      ? lookSay('look.super.unread', {
          read: now.length,
          frames: frames.length,
          unread: { and: unread },
        })
      : null,
    lastLook:
      now
        .map((f) => f.date)
        .sort()
        .at(-1) ?? '',
  };
}

const unseen = (lookedBefore: boolean): SuperForecast => ({
  state: 'unseen',
  ...NO_DATE,
  sentence: lookedBefore ? lookSay('look.super.not-since-taken') : lookSay('look.super.never-seen'),
  doNext: [lookSay('look.super.lift-one')],
});

function notBegun({ unread, unreadSaid, lastLook }: ReadFrames, setOn: string): SuperForecast {
  // Only what somebody saw counts: days without a look say nothing.
  const daysOn = daysBetween(setOn, lastLook);
  if (daysOn >= REFUSED_AFTER_DAYS && !unread)
    return {
      state: 'refused',
      ...NO_DATE,
      sentence: lookSay('look.super.refused', { days: daysOn }),
      doNext: [
        lookSay('look.super.flow-and-strength'),
        lookSay('look.super.ladder'),
        lookSay('look.super.move'),
      ],
    };
  return {
    state: 'empty',
    ...NO_DATE,
    sentence: together(
      lookSay(unread ? 'look.super.not-begun-on-read' : 'look.super.not-begun'),
      unreadSaid,
    ),
    doNext: [lookSay('look.super.again-in-a-week')],
  };
}

function allFull(
  { unread, unreadSaid }: ReadFrames,
  { today, purpose }: SuperInput,
): SuperForecast {
  if (unread)
    return {
      state: 'building',
      ...NO_DATE,
      sentence: together(lookSay('look.super.read-is-full'), unreadSaid),
      doNext: [lookSay('look.super.read-others')],
    };
  return {
    state: 'finished',
    beforeFlowEnds: 'yes',
    finishedBy: { earliest: today, latest: today },
    sentence: lookSay('look.super.all-full'),
    doNext: [
      purpose === 'cut-comb'
        ? lookSay('look.super.take-soon')
        : lookSay('look.super.take-any-time'),
    ],
  };
}

function building(read: ReadFrames, input: SuperInput): SuperForecast {
  const finishedBy = lastFinished(input);
  const beforeFlowEnds = finishesBefore(finishedBy, input.flowEndsOn);
  const notSaid = finishedBy
    ? lookSay('look.super.when.end-not-said')
    : lookSay('look.super.when.one-look');
  const when = beforeFlowEnds === 'unknown' ? notSaid : WHEN_WORDS[beforeFlowEnds];
  const doNext = [
    ...evenedOut(read, input),
    ...moreRoom(read, input),
    ...(beforeFlowEnds === 'no' ? [lookSay('look.super.not-in-time')] : []),
  ];
  return {
    state: stateOf(read),
    beforeFlowEnds,
    finishedBy,
    sentence: together(
      lookSay('look.super.filled', { filled: filled(read.least, read.most), when }),
      read.unreadSaid,
    ),
    doNext: doNext.length ? doNext : [lookSay('look.super.again-in-a-week')],
  };
}

const isUneven = ({ least, most }: ReadFrames): boolean => most - least > UNEVEN;
const isCrowded = ({ least }: ReadFrames): boolean => least >= FULL;
function stateOf(read: ReadFrames): SuperForecast['state'] {
  if (isCrowded(read)) return 'crowded';
  return isUneven(read) ? 'uneven' : 'building';
}

/** When the last of its frames is finished; null where one of them gives no date. */
function lastFinished({ frames, pace, today }: SuperInput): SuperForecast['finishedBy'] {
  const forecasts = frames
    .filter((f) => f.looks.length)
    .map((f) =>
      cappedForecast({
        looks: f.looks.map((l): CappedLook => ({
          date: l.date,
          cappedShare: l.cappedShare * Math.min(1, l.filledShare / FULL),
        })),
        need: FINISHED,
        pace,
        today,
      }),
    );
  const known = forecasts.filter((f) => f !== null);
  if (known.length < forecasts.length) return null;
  const latestOf = (dates: string[]): string => endOf(dates.sort());
  const ends = known.flatMap((f) => f.latest ?? []);
  return {
    earliest: latestOf(known.map((f) => f.earliest)),
    latest: ends.length < known.length ? null : latestOf(ends),
  };
}

/** What evens out a super that fills at one end. */
function evenedOut(read: ReadFrames, { turnedOn, purpose, schools = DEFAULT_RULES }: SuperInput) {
  if (!isUneven(read)) return [];
  // Turned since it was looked into: what the turn does is not seen yet.
  if (turnedOn && turnedOn >= read.lastLook)
    return [lookSay('look.super.turned', { on: asDate(turnedOn) })];
  const light = [...read.now].sort((a, b) => a.filledShare - b.filledShare)[0].place;
  const done = [...read.now].sort(
    (a, b) => b.filledShare * b.cappedShare - a.filledShare * a.cappedShare,
  )[0].place;
  const moves = purpose === 'cut-comb' ? schools.finishedCombFrames : schools.finishedLiquidFrames;
  return [lookSay('look.super.turn'), frameMove(moves, done, light, purpose)];
}

/** A second super, or none, by the flow and the household's school. */
function moreRoom(read: ReadFrames, input: SuperInput): Say[] {
  const { purpose, roomForSecond, schools = DEFAULT_RULES } = input;
  if (isCrowded(read)) return [crowdedText(schools.extraSuper, purpose)];
  if (schools.extraSuper === 'crowd') return [];
  if (roomForSecond) return [lookSay('look.super.second')];
  return schools.extraSuper === 'super' && read.most >= FULL / 2
    ? [lookSay('look.super.second-by-rule')]
    : [];
}

/** Which frame goes where, by the household's school. */
function frameMove(
  moves: HouseRules['finishedCombFrames'],
  done: number,
  light: number,
  purpose: 'cut-comb' | 'liquid',
): Say {
  if (moves === 'outward') return lookSay('look.super.full-outward', { full: done, light });
  if (moves === 'middle') return lookSay('look.super.full-to-middle', { full: done, light });
  return purpose === 'liquid'
    ? lookSay('look.super.evens-itself')
    : lookSay('look.super.keep-places');
}

/** A super without room: another one, or crowding, by the household's school. */
function crowdedText(extraSuper: HouseRules['extraSuper'], purpose: 'cut-comb' | 'liquid'): Say {
  if (extraSuper === 'super') return lookSay('look.super.crowded-add');
  if (extraSuper === 'crowd') return lookSay('look.super.crowded-by-rule');
  return purpose === 'cut-comb'
    ? lookSay('look.super.crowded-comb')
    : lookSay('look.super.crowded-add');
}

function filled(least: number, most: number): { percent: Extent } {
  const [low, high] = [Math.round(least * 100), Math.round(most * 100)];
  return { percent: low === high ? low : { low, high } };
}

/**
 * A super read from below only: known at its edge, and no further. Null where frames were held in
 * the hand.
 */
function readAtTheEdge(
  frames: readonly SuperFrame[],
): Pick<SuperForecast, 'state' | 'sentence' | 'doNext'> | null {
  const fromBelow = frames.filter((f) => f.edge);
  if (!fromBelow.length || frames.some((f) => f.looks.length)) return null;
  const capped = fromBelow.filter((f) => f.edge === 'capped').length;
  const unseen = frames.length - fromBelow.length;
  const seen =
    unseen > 0
      ? lookSay('look.super.from-below-some', { capped, frames: frames.length, unseen })
      : lookSay('look.super.from-below', { capped, frames: frames.length });
  return capped === frames.length
    ? { state: 'finished', sentence: seen, doNext: [lookSay('look.super.take-first')] }
    : { state: 'building', sentence: seen, doNext: [lookSay('look.super.again-from-below')] };
}
