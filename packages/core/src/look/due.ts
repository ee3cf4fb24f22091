import { addDays, dateWords, daysBetween } from '../units/dates.js';
import { hasClosedBrood, hiveKind } from '../hive/kinds.js';
import { seasonOf } from '../hive/season.js';
import type { Hive } from '../records/hiveViews.js';
import type { TopBarGeometry } from '../hive/topBar.js';
import type { HouseRules } from '../records/houseRules.js';
import type { ColonyState } from './colonyState.js';
import { isClosed } from './deadColony.js';
import { springFrom } from './questions/season.js';
import { lastBarForecast } from './ripening.js';
import { superSince } from './superForecast.js';
import { counted } from '../units/format.js';

export interface DueItem {
  id: string;
  what: string;
  why: string;
  /** The day from which it is due; null: when it suits. */
  dueOn: string | null;
  /** Days it is overdue, 0 where it is not. */
  overdueDays: number;
}

/** Boxes of stingless bees are opened once a year at most (their kind's own rule). */
const POTS_LOOK_DAYS = 365;

/**
 * Part of the year by hemisphere and month: the three dark months and the two before them matter
 * here.
 */
function yearPart(
  date: string,
  hemisphere: 'north' | 'south',
): 'winter' | 'before-winter' | 'season' {
  const month = (Number(date.slice(5, 7)) + (hemisphere === 'south' ? 6 : 0) - 1) % 12;
  if (month === 11 || month <= 1) return 'winter';
  return month === 9 || month === 10 ? 'before-winter' : 'season';
}

/**
 * Date of a day and month (MM-DD) in the season of `date`: the next one on or after the season
 * began.
 */
function inSeason(monthDay: string, date: string, hemisphere: 'north' | 'south'): string {
  const start = seasonOf(date, hemisphere).startsOn;
  const same = `${start.slice(0, 4)}-${monthDay}`;
  return same >= start ? same : `${Number(start.slice(0, 4)) + 1}-${monthDay}`;
}

/** Days to the next look, by kind, time of year and forage, with the reason. */
function nextLook(
  kind: Hive['kind'],
  hasSuper: boolean,
  part: ReturnType<typeof yearPart>,
  colony: ColonyState,
  rules: HouseRules,
): { days: number; what: string; why: string } {
  if (kind === 'stingless')
    return {
      days: POTS_LOOK_DAYS,
      what: 'The yearly look',
      why: 'Each opening lets small flies in: once a year is enough, from above, in warm still air.',
    };
  const crowded = kind === 'cut-comb' && hasSuper;
  const every = (days: number, why: string) => ({
    days,
    what: `Look again, every ${days} days now`,
    why,
  });
  if (part === 'winter')
    return every(rules.lookWinterDays, 'Winter: only from outside and by weight.');
  if (crowded)
    return every(rules.lookFlowDays, 'A comb super crowds the bees: swarming starts unseen.');
  return every(
    colony.flow?.flow === 'strong' ? rules.lookFlowDays : rules.lookAgainDays,
    'What is ripe, and how full they are, goes on changing.',
  );
}

/** A waiting time that ended is said for so many days, then everybody knows. */
const SAID_DAYS = 14;
/** Treatments whose waiting time ends now or ended a short while ago. */
const waitsOver = (colony: ColonyState, date: string): ColonyState['treatments'] =>
  colony.treatments.filter(
    (t) => t.waitUntil <= date && daysBetween(t.waitUntil, date) <= SAID_DAYS,
  );

/**
 * Comb on the last bar before the follower board, since when, and whether bars stand behind it;
 * null elsewhere. Of comb that hung there when the hive was written down nobody knows since when:
 * now.
 */
function lastBarReached(
  hive: Hive,
  date: string,
): { bar: number; since: string; spare: boolean } | null {
  if (hive.kind !== 'top-bar') return null;
  const { followerAfterBar, bars } = hive.geometry as TopBarGeometry;
  const last = hive.bars.find((b) => b.slot === followerAfterBar)?.comb;
  if (!last) return null;
  const wasBuiltSince = last.builtOn > (hive.colony?.startedOn ?? '');
  const since = wasBuiltSince ? last.builtOn : date;
  return { bar: followerAfterBar, since, spare: bars > followerAfterBar };
}

/**
 * When a hive is to be looked at by how it fills: half way to the day its comb reaches the last bar
 * at the earliest. Takes the hive, the day of its last look and today. Null where that is not
 * foreseen.
 */
function lookByFill(hive: Hive, last: string, date: string): { on: string; why: string } | null {
  if (hive.kind !== 'top-bar') return null;
  const forecast = lastBarForecast({
    combs: hive.bars.flatMap((b) => (b.comb ? [{ bar: b.slot, builtOn: b.comb.builtOn }] : [])),
    lastBar: (hive.geometry as TopBarGeometry).followerAfterBar,
    today: date,
  });
  if (!forecast) return null;
  const days = Math.max(2, Math.floor(daysBetween(last, forecast.earliest) / 2));
  return {
    on: addDays(last, days),
    why: `Comb may reach bar ${forecast.lastBar} by ${dateWords(forecast.earliest)}.`,
  };
}

/**
 * What is due at a hive besides honey, each with its reason: the next look, supers on or off, an
 * empty super between, gaps, the entrance, the excluder before winter, old frames. Takes the hive,
 * what is known of its colony, the date at its site and the house rules.
 */
export function dueItems(
  hive: Hive,
  colony: ColonyState,
  date: string,
  rules: HouseRules,
): DueItem[] {
  const kind = hiveKind(hive.kind);
  const items: DueItem[] = [];
  const add = (id: string, what: string, why: string, dueOn: string | null = null): void =>
    void items.push({
      id,
      what,
      why,
      dueOn,
      overdueDays: dueOn ? Math.max(0, daysBetween(dueOn, date)) : 0,
    });
  const part = yearPart(date, hive.site.hemisphere);
  if (colony.dead) {
    if (!colony.death)
      add(
        'death',
        'Answer the checklist of the dead colony',
        'Until then its honey is provisional and never fed; foulbrood is notifiable in many places.',
        date,
      );
    // Until it is emptied, and once: what was said is remembered.
    if (!isClosed(colony) && hive.bars.some((b) => b.comb))
      add(
        'close',
        'Close the hive against robbers',
        'A dead colony is robbed empty, and what killed it is carried home.',
        date,
      );
    return items;
  }
  // A harvest takes comb away, not the looks that were made.
  const last = hive.lastLookOn;
  const supers = hive.boxes.filter((b) => b.compartment === 'super');
  const again = nextLook(hive.kind, supers.length > 0, part, colony, rules);
  if (last) {
    const soon = lookByFill(hive, last, date);
    const byDate = addDays(last, again.days);
    if (soon && soon.on < byDate) add('look', 'Look again, it fills quickly', soon.why, soon.on);
    else add('look', again.what, again.why, byDate);
  } else add('look', 'Look for the first time', 'Nothing is known of its combs yet.', date);

  const spring = springFrom(date, hive.site.hemisphere);
  if (rules.harvestWhen === 'spring' && kind.bee === 'honeybee' && hive.bars.some((b) => b.comb))
    add(
      'main-harvest',
      'The main harvest, after the winter',
      'By your rule honey is taken once, in spring, from what the winter left.',
      spring,
    );
  const reached = lastBarReached(hive, date);
  if (reached)
    add(
      'last-bar',
      `Comb hangs on bar ${reached.bar}, the last before the board`,
      reached.spare
        ? 'Slide the follower board back, or take from the back: a comb more and it is stuck.'
        : 'Every bar is used: take from the back, or they swarm.',
      reached.since,
    );
  for (const t of waitsOver(colony, date))
    add(
      `treatment-over-${t.on}`,
      `The waiting time of ${t.product} is over`,
      'Comb built since may be judged again; what the leaflet says of supers still counts.',
      t.waitUntil,
    );
  if (colony.gap?.gap)
    add(
      'gap',
      'Fit the missing frame or bar',
      'Stray comb is built in a gap within days.',
      colony.gap.on,
    );
  if (kind.moves.includes('shift-bars')) {
    const combs = hive.bars.filter((b) => b.comb).map((b) => b.slot);
    const holes = hive.bars
      .filter((b) => !b.comb && b.slot < Math.max(0, ...combs) && b.slot > Math.min(99, ...combs))
      .map((b) => b.slot);
    if (holes.length)
      add(
        'hole',
        `Close the gap at bar ${holes.join(', ')}: slide the bars up`,
        'An empty bar between combs cuts the stores off from the nest, or is built thick and crooked.',
        null,
      );
  }
  if (hasClosedBrood(hive.kind) && part === 'season')
    superItems(hive, colony, supers, date, rules, add);
  if (
    kind.bee === 'honeybee' &&
    colony.flow?.flow === 'none' &&
    colony.entrance?.entrance !== 'reduced' &&
    colony.entrance?.entrance !== 'screened'
  ) {
    add(
      'entrance',
      'Reduce the entrance, or fit a robbing screen',
      'Dearth: robbers test every hive. Never seal it: air must pass; name the day it is opened again.',
      colony.flow.on,
    );
  }
  if (colony.entrance && colony.entrance.entrance !== 'open' && colony.entrance.reopenOn)
    add(
      'reopen',
      'Open the entrance again',
      `It was ${colony.entrance.entrance} on ${dateWords(colony.entrance.on)}.`,
      colony.entrance.reopenOn,
    );
  if (part === 'before-winter' && kind.bee === 'honeybee') {
    // The household's own day, else the last one before the dark months.
    const beforeWinter = inSeason(
      rules.supersOffBy ?? (hive.site.hemisphere === 'south' ? '05-31' : '11-30'),
      date,
      hive.site.hemisphere,
    );
    if (colony.excluder?.fitted)
      add(
        'excluder',
        'Queen excluder out before winter',
        'The cluster moves up to its stores and leaves the queen below to die.',
        beforeWinter,
      );
    if (supers.length && hasClosedBrood(hive.kind))
      add(
        'supers-off',
        colony.reserved?.reserved ? 'Leave the reserved super, take the others off' : 'Supers off',
        'Empty room above the cluster costs warmth; what is theirs stays.',
        beforeWinter,
      );
  }
  const old = hive.boxes
    .map((b) => ({ number: b.number, dueOn: addDays(b.madeOn, rules.frameSeasons * 365) }))
    .filter((b) => b.dueOn < date);
  if (old.length)
    add(
      'old',
      `Old ${kind.carrier === 'frame' ? 'frames or sheets' : 'comb'} in box ${old.map((b) => b.number).join(', ')}: plan to change them`,
      `Older than ${rules.frameSeasons} seasons by your rules: old comb carries residues and cocoons.`,
      old.map((b) => b.dueOn).sort()[0],
    );
  return items.sort(
    (a, b) => b.overdueDays - a.overdueDays || (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9'),
  );
}

/**
 * Put a comb super on, wait, or move it; an empty one between; a stingless super when the nest is
 * full.
 */
function superItems(
  hive: Hive,
  colony: ColonyState,
  supers: Hive['boxes'],
  date: string,
  rules: Pick<HouseRules, 'belowSuper'>,
  add: (id: string, what: string, why: string, dueOn?: string | null) => void,
): void {
  const flowDays = colony.flow?.endsOn ? daysBetween(date, colony.flow.endsOn) : null;
  if (hive.kind === 'stingless') {
    if (colony.nest?.full && !supers.length)
      add(
        'super-on',
        'Set a honey super on',
        'The nest is full. Its hole comes over a corner of the brood box, so that the brood is passed, not crossed.',
        colony.nest.on,
      );
    return;
  }
  if (!supers.length) {
    if (
      colony.flow?.flow === 'strong' &&
      colony.strength?.strength === 'strong' &&
      (flowDays === null || flowDays >= 14)
    )
      add(
        'super-on',
        'Put a super on',
        `Strong flow${flowDays === null ? '' : `, ${counted(flowDays, 'day')} of it left`}, strong colony.`,
        date,
      );
    else if (colony.flow?.flow === 'strong')
      add(
        'super-wait',
        'Wait with the super',
        colony.strength?.strength === 'strong'
          ? `Only ${counted(flowDays!, 'day')} of flow left: it would stay half built.`
          : `The colony is ${colony.strength?.strength ?? 'of unknown strength'}: it would not be filled.`,
      );
    return;
  }
  const drawn = hive.bars.some(
    (b) => (b.comb?.looks.at(-1)?.sides.A ? 1 - b.comb.looks.at(-1)!.sides.A!.empty : 0) > 0.05,
  );
  const sinceOn = superSince(hive, supers[0]) ?? date;
  const daysOn = daysBetween(sinceOn, date);
  // A super nobody looked into since it was set on is not said to be refused, or to wait for
  // anything.
  const lookedSince = hive.bars.some((b) => b.comb?.looks.some((look) => look.date >= sinceOn));
  if (hive.kind === 'cut-comb') {
    if (lookedSince && !drawn && daysOn >= 10)
      add(
        'super-move',
        'Move the comb super to a colony that builds',
        `Nothing drawn in ${counted(daysOn, 'day')}.`,
        addDays(sinceOn, 10),
      );
    if (rules.belowSuper === 'excluder' && !colony.excluder?.fitted)
      add(
        'excluder-on',
        'Fit the queen excluder below the comb super',
        'By your rule it keeps the queen out of the comb; pollen it lets pass.',
      );
    if (rules.belowSuper === 'empty-super' && supers.length < 2 && drawn)
      add(
        'between',
        'Set an empty super between brood and comb super',
        colony.excluder?.fitted
          ? 'The excluder keeps the queen down, not the pollen: that is stored next to the brood.'
          : 'It keeps pollen and brood out of the comb.',
      );
  }
  if (flowDays !== null && flowDays < 0)
    add(
      'flow-over',
      'The flow is over: no more room now',
      'Empty super space invites wax moth and robbers.',
    );
}
