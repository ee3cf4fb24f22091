import { addDays, dateWords, daysBetween } from '../units/dates.js';
import { hasClosedBrood, hiveKind, isStingless, followerAfterBar } from '../hive/kinds.js';
import { seasonOf } from '../hive/season.js';
import type { Hive } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import type { ColonyState } from './colonyState.js';
import { isClosed } from './deadColony.js';
import { springFrom } from './questions/season.js';
import { lastBarForecast } from './ripening.js';
import { supers } from './dueSupers.js';
import { due, yearPart, type Asked, type Asks, type Due, type DueItem } from './dueItem.js';

/** Boxes of stingless bees are opened once a year at most (their kind's own rule). */
const POTS_LOOK_DAYS = 365;

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
  if (isStingless(kind))
    return {
      days: POTS_LOOK_DAYS,
      what: 'The yearly look',
      why: 'Each opening lets small flies in: once a year is enough, from above, in warm still air.',
    };
  const crowded = hiveKind(kind).superPurpose === 'cut-comb' && hasSuper;
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
  const bar = followerAfterBar(hive);
  const last = bar !== null && hive.bars.find((b) => b.slot === bar)?.comb;
  if (!last) return null;
  const wasBuiltSince = last.builtOn > (hive.colony?.startedOn ?? '');
  const since = wasBuiltSince ? last.builtOn : date;
  return { bar, since, spare: Number(hive.geometry.bars) > bar };
}

/**
 * When a hive is to be looked at by how it fills: half way to the day its comb reaches the last bar
 * at the earliest. Takes the hive, the day of its last look and today. Null where that is not
 * foreseen.
 */
function lookByFill(hive: Hive, last: string, date: string): { on: string; why: string } | null {
  const lastBar = followerAfterBar(hive);
  if (lastBar === null) return null;
  const forecast = lastBarForecast({
    combs: hive.bars.flatMap((b) => (b.comb ? [{ bar: b.slot, builtOn: b.comb.builtOn }] : [])),
    lastBar,
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
  const asked: Asked = {
    hive,
    colony,
    date,
    rules,
    part: yearPart(date, hive.site.hemisphere),
    supers: hive.boxes.filter((b) => b.compartment === 'super'),
  };
  const asks = colony.dead ? OF_THE_DEAD : OF_THE_LIVING;
  return asks
    .flatMap((ask) => ask(asked) ?? [])
    .map((item) => ({
      ...item,
      overdueDays: item.dueOn ? Math.max(0, daysBetween(item.dueOn, date)) : 0,
    }))
    .sort(
      (a, b) => b.overdueDays - a.overdueDays || (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9'),
    );
}

const checklistOfDeath: Asks = ({ colony, date }) =>
  colony.death
    ? null
    : due(
        'death',
        'Answer the checklist of the dead colony',
        'Until then its honey is provisional and never fed; foulbrood is notifiable in many places.',
        date,
      );

// Until it is emptied, and once: what was said is remembered.
const closeAgainstRobbers: Asks = ({ hive, colony, date }) =>
  isClosed(colony) || !hive.bars.some((b) => b.comb)
    ? null
    : due(
        'close',
        'Close the hive against robbers',
        'A dead colony is robbed empty, and what killed it is carried home.',
        date,
      );

const look: Asks = ({ hive, colony, date, rules, part, supers }) => {
  // A harvest takes comb away, not the looks that were made.
  const last = hive.lastLookOn;
  if (!last)
    return due('look', 'Look for the first time', 'Nothing is known of its combs yet.', date);
  const again = nextLook(hive.kind, supers.length > 0, part, colony, rules);
  const byDate = addDays(last, again.days);
  const soon = lookByFill(hive, last, date);
  return soon && soon.on < byDate
    ? due('look', 'Look again, it fills quickly', soon.why, soon.on)
    : due('look', again.what, again.why, byDate);
};

const springHarvest: Asks = ({ hive, date, rules }) => {
  const isAsked = rules.harvestWhen === 'spring' && !isStingless(hive.kind);
  return isAsked && hive.bars.some((b) => b.comb)
    ? due(
        'main-harvest',
        'The main harvest, after the winter',
        'By your rule honey is taken once, in spring, from what the winter left.',
        springFrom(date, hive.site.hemisphere),
      )
    : null;
};

const lastBar: Asks = ({ hive, date }) => {
  const reached = lastBarReached(hive, date);
  if (!reached) return null;
  return due(
    'last-bar',
    `Comb hangs on bar ${reached.bar}, the last before the board`,
    reached.spare
      ? 'Slide the follower board back, or take from the back: a comb more and it is stuck.'
      : 'Every bar is used: take from the back, or they swarm.',
    reached.since,
  );
};

const treatmentsOver: Asks = ({ colony, date }) =>
  waitsOver(colony, date).map((t) =>
    due(
      `treatment-over-${t.on}`,
      `The waiting time of ${t.product} is over`,
      'Comb built since may be judged again; what the leaflet says of supers still counts.',
      t.waitUntil,
    ),
  );

const missingFrame: Asks = ({ colony }) =>
  colony.gap?.gap
    ? due(
        'gap',
        'Fit the missing frame or bar',
        'Stray comb is built in a gap within days.',
        colony.gap.on,
      )
    : null;

const holeBetweenCombs: Asks = ({ hive }) => {
  if (!hiveKind(hive.kind).moves.includes('shift-bars')) return null;
  const combs = hive.bars.filter((b) => b.comb).map((b) => b.slot);
  const [first, last] = [Math.min(...combs), Math.max(...combs)];
  const holes = hive.bars
    .filter((b) => !b.comb && b.slot > first && b.slot < last)
    .map((b) => b.slot);
  return holes.length
    ? due(
        'hole',
        `Close the gap at bar ${holes.join(', ')}: slide the bars up`,
        'An empty bar between combs cuts the stores off from the nest, or is built thick and crooked.',
      )
    : null;
};

const NARROWED = ['reduced', 'screened'];
const reduceEntrance: Asks = ({ hive, colony }) => {
  const isDearth = colony.flow?.flow === 'none' && !isStingless(hive.kind);
  if (!isDearth || NARROWED.includes(colony.entrance?.entrance ?? '')) return null;
  return due(
    'entrance',
    'Reduce the entrance, or fit a robbing screen',
    'Dearth: robbers test every hive. Never seal it: air must pass; name the day it is opened again.',
    colony.flow!.on,
  );
};

const reopenEntrance: Asks = ({ colony: { entrance } }) =>
  entrance && entrance.entrance !== 'open' && entrance.reopenOn
    ? due(
        'reopen',
        'Open the entrance again',
        `It was ${entrance.entrance} on ${dateWords(entrance.on)}.`,
        entrance.reopenOn,
      )
    : null;

/** The last day before the dark months, MM-DD: where the household named none of its own. */
const LAST_LIGHT_DAY = { south: '05-31', north: '11-30' };
const beforeWinter: Asks = ({ hive, colony, date, rules, part, supers }) => {
  if (part !== 'before-winter' || isStingless(hive.kind)) return null;
  const { hemisphere } = hive.site;
  const by = inSeason(rules.supersOffBy ?? LAST_LIGHT_DAY[hemisphere], date, hemisphere);
  const items: Due[] = [];
  if (colony.excluder?.fitted)
    items.push(
      due(
        'excluder',
        'Queen excluder out before winter',
        'The cluster moves up to its stores and leaves the queen below to die.',
        by,
      ),
    );
  if (supers.length && hasClosedBrood(hive.kind))
    items.push(
      due(
        'supers-off',
        colony.reserved?.reserved ? 'Leave the reserved super, take the others off' : 'Supers off',
        'Empty room above the cluster costs warmth; what is theirs stays.',
        by,
      ),
    );
  return items;
};

const oldComb: Asks = ({ hive, date, rules }) => {
  const old = hive.boxes
    .map((b) => ({ number: b.number, dueOn: addDays(b.madeOn, rules.frameSeasons * 365) }))
    .filter((b) => b.dueOn < date);
  if (!old.length) return null;
  const what = hiveKind(hive.kind).carrier === 'frame' ? 'frames or sheets' : 'comb';
  return due(
    'old',
    `Old ${what} in box ${old.map((b) => b.number).join(', ')}: plan to change them`,
    `Older than ${rules.frameSeasons} seasons by your rules: old comb carries residues and cocoons.`,
    old.map((b) => b.dueOn).sort()[0],
  );
};

const OF_THE_DEAD: readonly Asks[] = [checklistOfDeath, closeAgainstRobbers];
const OF_THE_LIVING: readonly Asks[] = [
  look,
  springHarvest,
  lastBar,
  treatmentsOver,
  missingFrame,
  holeBetweenCombs,
  supers,
  reduceEntrance,
  reopenEntrance,
  beforeWinter,
  oldComb,
];
