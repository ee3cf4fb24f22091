import { daysLater } from '../units/dates.js';
import { spareableBars } from '../choose/index.js';
import { countedCombs } from '../hive/kinds.js';
import {
  dueItems,
  judgeHiveAt,
  lastFlowOn,
  siteDate,
  stateAt,
  type JudgedComb,
} from '../look/index.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Hive } from '../records/hiveViews.js';
import type { TodayLine } from '../records/views.js';
import { winterCase } from '../rules/winter.js';
import { filledLook, frameRefill, nextFrameDate } from '../take/index.js';
import { dateIn, line, morningOf, noonOf } from './line.js';
import { todaySay } from './says.js';
import type { Say } from '../say/say.js';

/**
 * What a hive asks for: combs that are ripe, what is due, the next look. Takes the hive, the rules,
 * an instant, and the combs that a harvest under way has already.
 */
export function hiveLines(
  hive: Hive,
  rules: HouseRules,
  nowIso: string,
  takenSoon: readonly string[],
): TodayLine[] {
  const state = stateAt(hive, nowIso, rules);
  const due = dueItems(hive, state, siteDate(hive, nowIso), rules);
  const base = { batchId: null, hiveId: hive.id };
  const { zone } = hive.site;
  const others = due
    .filter((item) => item.id !== 'look' && item.dueOn !== null)
    .map((item) =>
      line({
        ...base,
        id: `${hive.id}-${item.id}`,
        kind: 'due',
        stage: 'look',
        title: todaySay('today.due', {
          hive: hive.name,
          what: item.what,
        }),
        dueAt: morningOf(item.dueOn!, zone),
        ifLeft: item.why,
      }),
    );
  const looks = due
    .filter((item) => item.id === 'look')
    .map(({ dueOn }) =>
      line({
        ...base,
        id: `${hive.id}-look`,
        kind: 'look',
        stage: 'look',
        title: todaySay(hive.lastLookOn ? 'today.look-again' : 'today.look-first', {
          hive: hive.name,
        }),
        dueAt: dueOn ? morningOf(dueOn, zone) : nowIso,
        ifLeft: todaySay('today.look.left'),
      }),
    );
  return [...ripeLine(hive, rules, nowIso, takenSoon), ...others, ...looks];
}

function ripeLine(
  hive: Hive,
  rules: HouseRules,
  nowIso: string,
  takenSoon: readonly string[],
): TodayLine[] {
  const judged = judgeHiveAt(hive, rules, nowIso);
  const ripe = judged.filter((j) => j.verdict.verdict === 'take' && !takenSoon.includes(j.combId));
  if (!ripe.length) return [];
  const spare = spareOf(hive, rules, nowIso, judged, ripe);
  return [
    line({
      batchId: null,
      hiveId: hive.id,
      id: `${hive.id}-ripe`,
      kind: 'ripe',
      stage: 'choose',
      title: ripeSaid(hive, ripe.length, spare),
      dueAt: null,
      ifLeft: todaySay('today.ripe.left'),
    }),
  ];
}

/** How many of the ripe combs the winter leaves; null where it was not said what it needs. */
function spareOf(
  hive: Hive,
  rules: HouseRules,
  nowIso: string,
  judged: readonly JudgedComb[],
  ripe: readonly JudgedComb[],
): number | null {
  const state = stateAt(hive, nowIso, rules);
  const { needKg } = winterCase({
    rules,
    kind: hive.kind,
    strength: state.strength?.strength ?? null,
    flowKg: 0,
    date: siteDate(hive, nowIso),
    lastFlowOn: lastFlowOn(state),
  });
  const bars = judged.map((j) => ({ bar: j.slot, estimate: j.estimate, ripe: ripe.includes(j) }));
  return spareableBars(bars, needKg)?.length ?? null;
}

/** "4 combs are ripe, 1 to spare"; what can be spared only where it is less than what is ripe. */
function ripeSaid(hive: Pick<Hive, 'name' | 'kind'>, ripe: number, spare: number | null): Say {
  const said = { hive: hive.name, combs: countedCombs(ripe, hive.kind), ripe };
  return spare !== null && spare < ripe
    ? todaySay('today.ripe-some', { ...said, spare })
    : todaySay('today.ripe', said);
}

/** How many days ahead a drained frame's next look, and a follow-up, stand on Today. */
const FRAMES_AHEAD_DAYS = 7;
const FOLLOW_UP_AHEAD_DAYS = 3;

/** When drained frames are to be looked at again. Takes the combs with the instant each was shut. */
export function drainedFramesLine(
  hive: Hive,
  drained: readonly { combId: string; at: string }[],
  rules: Pick<HouseRules, 'frameMaxWeeks'>,
  nowIso: string,
): TodayLine | null {
  const frames = drained.map(({ combId, at }) => ({
    drainedOn: siteDate(hive, at),
    looks: (hive.bars.find((b) => b.comb?.id === combId)?.comb?.looks ?? []).flatMap(filledLook),
  }));
  const [first] = frames.map((f) => f.drainedOn).sort();
  if (first === undefined) return null;
  const { on, why } = nextFrameDate(first, frameRefill(frames), rules.frameMaxWeeks);
  if (on > dateIn(hive.site.zone, nowIso, FRAMES_AHEAD_DAYS)) return null;
  return line({
    batchId: null,
    hiveId: hive.id,
    id: `${hive.id}-frames`,
    kind: 'due',
    stage: 'look',
    title: todaySay('today.frames', { hive: hive.name }),
    dueAt: noonOf(on),
    ifLeft: todaySay('today.frames.left', { why }),
  });
}

/**
 * A hive that something was taken from and that was not looked at since, once the household's own
 * weeks are nearly over. Null where it was, where another colony lives there now, or where the
 * household has no such rule.
 */
export function followUpLine(
  hive: Hive,
  lastTakenAt: string,
  { followUpWeeks: weeks }: Pick<HouseRules, 'followUpWeeks'>,
  nowIso: string,
): TodayLine | null {
  const takenOn = siteDate(hive, lastTakenAt);
  const wasLookedAt = hive.lastLookOn !== null && hive.lastLookOn > takenOn;
  // A colony that is gone, or one that moved in since, is not what was harvested.
  const isSame = hive.colony !== null && hive.colony.startedOn <= takenOn;
  if (weeks === null || !isSame || wasLookedAt) return null;
  const dueAt = daysLater(lastTakenAt, weeks * 7);
  if (nowIso < daysLater(dueAt, -FOLLOW_UP_AHEAD_DAYS)) return null;
  return line({
    id: `${hive.id}-follow-up`,
    kind: 'follow-up',
    stage: 'look',
    batchId: null,
    hiveId: hive.id,
    title: todaySay('today.follow-up', { hive: hive.name }),
    dueAt,
    ifLeft: todaySay('today.follow-up.left'),
  });
}
