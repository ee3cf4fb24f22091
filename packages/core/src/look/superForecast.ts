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
const [BEGUN, FULL, FINISHED] = [0.05, 0.9, 0.95];
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
export function superForecast(input: {
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
}): SuperForecast {
  const { today, flowEndsOn, purpose, schools = DEFAULT_RULES } = input;
  const now = input.frames.flatMap((f) =>
    f.looks.length ? [{ place: f.place, ...f.looks[f.looks.length - 1] }] : [],
  );
  const unknown = { beforeFlowEnds: 'unknown' as const, finishedBy: null };
  const edges = readAtTheEdge(input.frames);
  if (edges) return { ...unknown, ...edges };
  if (!now.length)
    return {
      state: 'unseen',
      ...unknown,
      sentence: input.lookedBefore
        ? 'Not looked into since what hung here was taken.'
        : 'Nobody has looked into this super yet.',
      doNext: ['Look from below, or lift one frame.'],
    };
  const unread = input.frames.filter((f) => !f.looks.length).map((f) => f.place);
  const unreadText = unread.length
    ? ` ${now.length} of ${input.frames.length} frames read; ${unread.join(', ')} not.`
    : '';
  const fill = now.map((f) => f.filledShare);
  const [least, most] = [Math.min(...fill), Math.max(...fill)];
  // Only what somebody saw counts: days without a look say nothing.
  const lastLook = now
    .map((f) => f.date)
    .sort()
    .at(-1)!;
  const daysOn = daysBetween(input.setOn, lastLook);
  if (most < BEGUN) {
    const refused = daysOn >= 10 && !unread.length;
    return {
      state: refused ? 'refused' : 'empty',
      ...unknown,
      sentence: refused
        ? `Refused: nothing drawn in ${counted(daysOn, 'day')}.`
        : `Not begun yet${unread.length ? ' on what was read' : ''}.${unreadText}`,
      doNext: refused
        ? [
            'Is there a flow, is the colony strong? Without both it stays empty.',
            'Set a drawn comb in the middle as a ladder.',
            'Move the super to a colony that builds.',
          ]
        : ['Leave it, look again in a week.'],
    };
  }
  const allDone = now.every((f) => f.filledShare >= FULL && f.cappedShare >= FINISHED);
  if (allDone && unread.length)
    return {
      state: 'building',
      ...unknown,
      sentence: `What was read is full and capped.${unreadText}`,
      doNext: ['Read the others before you call it finished.'],
    };
  if (allDone)
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
  const forecasts = input.frames
    .filter((f) => f.looks.length)
    .map((f) =>
      cappedForecast({
        looks: f.looks.map((l): CappedLook => ({
          date: l.date,
          cappedShare: l.cappedShare * Math.min(1, l.filledShare / FULL),
        })),
        need: FINISHED,
        pace: input.pace,
        today,
      }),
    );
  const known = forecasts.every((f) => f !== null);
  const finishedBy = known
    ? {
        earliest: forecasts
          .map((f) => f!.earliest)
          .sort()
          .at(-1)!,
        latest: forecasts.some((f) => f!.latest === null)
          ? null
          : forecasts
              .map((f) => f!.latest!)
              .sort()
              .at(-1)!,
      }
    : null;
  const beforeFlowEnds = finishesBefore(finishedBy, flowEndsOn);
  const uneven = most - least > UNEVEN;
  const unevenOrNot = uneven ? 'uneven' : 'building';
  const crowded = least >= FULL;
  const doNext: string[] = [];
  // Turned since it was looked into: what the turn does is not seen yet.
  const turnedSince = input.turnedOn && input.turnedOn >= lastLook ? input.turnedOn : null;
  if (uneven && turnedSince)
    doNext.push(`Turned round on ${dateWords(turnedSince)}: look again a week after.`);
  if (uneven && !turnedSince) {
    const light = [...now].sort((a, b) => a.filledShare - b.filledShare)[0].place;
    const done = [...now].sort(
      (a, b) => b.filledShare * b.cappedShare - a.filledShare * a.cappedShare,
    )[0].place;
    doNext.push('Turn the super round: the light end comes over the nest.');
    const moves =
      purpose === 'cut-comb' ? schools.finishedCombFrames : schools.finishedLiquidFrames;
    doNext.push(frameMove(moves, done, light, purpose));
  }
  if (crowded) doNext.push(crowdedText(schools.extraSuper, purpose));
  const second = input.roomForSecond || (schools.extraSuper === 'super' && most >= FULL / 2);
  if (second && !crowded && schools.extraSuper !== 'crowd')
    doNext.push(
      input.roomForSecond
        ? 'Strong colony, strong flow: a second super now, before this one is full.'
        : 'By your rule a second super before this one is full.',
    );
  if (beforeFlowEnds === 'no')
    doNext.push('Not before the flow ends: take the finished frames, leave or crush the rest.');
  if (!doNext.length) doNext.push('Leave it, look again in a week.');
  const notSaid = finishedBy ? 'the end of the flow was not said' : 'one look gives no date';
  const when = beforeFlowEnds === 'unknown' ? notSaid : WHEN_WORDS[beforeFlowEnds];
  return {
    state: crowded ? 'crowded' : unevenOrNot,
    beforeFlowEnds,
    finishedBy,
    sentence: `${filledText(least, most)}, ${when}.${unreadText}`,
    doNext,
  };
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
