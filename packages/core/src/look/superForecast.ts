import { endOf } from '../units/known.js';
import { dateWords, daysBetween } from '../units/dates.js';
import type { BoxView, Hive } from '../records/hiveViews.js';
import { DEFAULT_RULES, type HouseRules } from '../records/houseRules.js';
import { cappedForecast, type CappedLook, type CappingPace } from './ripening.js';
import { counted } from '../units/format.js';

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
  sentence: string;
  /** What to do, least disturbance first. */
  doNext: string[];
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
const WHEN_WORDS: Record<Exclude<BeforeFlowEnds, 'unknown'>, string> = {
  yes: 'finished before the flow ends',
  perhaps: 'perhaps finished before the flow ends',
  no: 'not finished before the flow ends',
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
  /** Which were not read, as a sentence behind another; empty where all were. */
  unreadText: string;
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
    unreadText: unread.length
      ? ` ${now.length} of ${frames.length} frames read; ${unread.join(', ')} not.`
      : '',
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
  sentence: lookedBefore
    ? 'Not looked into since what hung here was taken.'
    : 'Nobody has looked into this super yet.',
  doNext: ['Look from below, or lift one frame.'],
});

function notBegun({ unread, unreadText, lastLook }: ReadFrames, setOn: string): SuperForecast {
  // Only what somebody saw counts: days without a look say nothing.
  const daysOn = daysBetween(setOn, lastLook);
  if (daysOn >= REFUSED_AFTER_DAYS && !unread)
    return {
      state: 'refused',
      ...NO_DATE,
      sentence: `Refused: nothing drawn in ${counted(daysOn, 'day')}.`,
      doNext: [
        'Is there a flow, is the colony strong? Without both it stays empty.',
        'Set a drawn comb in the middle as a ladder.',
        'Move the super to a colony that builds.',
      ],
    };
  return {
    state: 'empty',
    ...NO_DATE,
    sentence: `Not begun yet${unread ? ' on what was read' : ''}.${unreadText}`,
    doNext: ['Leave it, look again in a week.'],
  };
}

function allFull(
  { unread, unreadText }: ReadFrames,
  { today, purpose }: SuperInput,
): SuperForecast {
  if (unread)
    return {
      state: 'building',
      ...NO_DATE,
      sentence: `What was read is full and capped.${unreadText}`,
      doNext: ['Read the others before you call it finished.'],
    };
  return {
    state: 'finished',
    beforeFlowEnds: 'yes',
    finishedBy: { earliest: today, latest: today },
    sentence: 'Every frame is full and capped.',
    doNext: [
      purpose === 'cut-comb'
        ? 'Take it off soon: feet stain white cappings.'
        : 'Take it when it suits.',
    ],
  };
}

function building(read: ReadFrames, input: SuperInput): SuperForecast {
  const finishedBy = lastFinished(input);
  const beforeFlowEnds = finishesBefore(finishedBy, input.flowEndsOn);
  const notSaid = finishedBy ? 'the end of the flow was not said' : 'one look gives no date';
  const when = beforeFlowEnds === 'unknown' ? notSaid : WHEN_WORDS[beforeFlowEnds];
  const doNext = [
    ...evenedOut(read, input),
    ...moreRoom(read, input),
    ...(beforeFlowEnds === 'no'
      ? ['Not before the flow ends: take the finished frames, leave or crush the rest.']
      : []),
  ];
  return {
    state: stateOf(read),
    beforeFlowEnds,
    finishedBy,
    sentence: `${filledText(read.least, read.most)}, ${when}.${read.unreadText}`,
    doNext: doNext.length ? doNext : ['Leave it, look again in a week.'],
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
    return [`Turned round on ${dateWords(turnedOn)}: look again a week after.`];
  const light = [...read.now].sort((a, b) => a.filledShare - b.filledShare)[0].place;
  const done = [...read.now].sort(
    (a, b) => b.filledShare * b.cappedShare - a.filledShare * a.cappedShare,
  )[0].place;
  const moves = purpose === 'cut-comb' ? schools.finishedCombFrames : schools.finishedLiquidFrames;
  return [
    'Turn the super round: the light end comes over the nest.',
    frameMove(moves, done, light, purpose),
  ];
}

/** A second super, or none, by the flow and the household's school. */
function moreRoom(read: ReadFrames, input: SuperInput): string[] {
  const { purpose, roomForSecond, schools = DEFAULT_RULES } = input;
  if (isCrowded(read)) return [crowdedText(schools.extraSuper, purpose)];
  if (schools.extraSuper === 'crowd') return [];
  if (roomForSecond)
    return ['Strong colony, strong flow: a second super now, before this one is full.'];
  return schools.extraSuper === 'super' && read.most >= FULL / 2
    ? ['By your rule a second super before this one is full.']
    : [];
}

/** Which frame goes where, by the household's school. */
function frameMove(
  moves: HouseRules['finishedCombFrames'],
  done: number,
  light: number,
  purpose: 'cut-comb' | 'liquid',
): string {
  if (moves === 'outward') return `Frame ${done} outward, frame ${light} to the middle.`;
  if (moves === 'middle') return `Frame ${done} to the middle, frame ${light} outward.`;
  return purpose === 'liquid'
    ? 'Else leave it: a liquid super evens itself out, its frames keep their places.'
    : 'Else leave it: by your rule its frames keep their places.';
}

/** A super without room: another one, or crowding, by the household's school. */
function crowdedText(extraSuper: HouseRules['extraSuper'], purpose: 'cut-comb' | 'liquid'): string {
  if (extraSuper === 'super') return 'No room is left: add a super.';
  if (extraSuper === 'crowd')
    return 'No room is left: by your rule they stay crowded; look every week, crowding makes swarms.';
  return purpose === 'cut-comb'
    ? 'No room is left: crowding fills comb well and makes swarms; look every week, or add a super.'
    : 'No room is left: add a super.';
}

function filledText(least: number, most: number): string {
  const [low, high] = [Math.round(least * 100), Math.round(most * 100)];
  return low === high ? `${low} % filled` : `${low} to ${high} % filled`;
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
  const seen = `Read from below: ${capped} of ${frames.length} frames are capped to the bottom rail${fromBelow.length < frames.length ? `, ${frames.length - fromBelow.length} were not seen` : ''}. What stands above the edge is unknown.`;
  return capped === frames.length
    ? { state: 'finished', sentence: seen, doNext: ['Take this super first.'] }
    : { state: 'building', sentence: seen, doNext: ['Leave it, look from below again in a week.'] };
}
