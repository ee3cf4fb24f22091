import type { Say } from '../say/say.js';
import { addDays, daysBetween } from '../units/dates.js';
import { hasClosedBrood, hiveKind, isStingless, followerAfterBar } from '../hive/kinds.js';
import { seasonOf } from '../hive/season.js';
import type { Hive } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import type { ColonyState } from './colonyState.js';
import { isClosed } from './deadColony.js';
import { springFrom } from './questions/season.js';
import { lastBarForecast } from './ripening.js';
import { supers } from './dueSupers.js';
import { asDate } from './finding.js';
import { lookSay } from './says.js';
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
): { days: number; what: Say; why: Say } {
  if (isStingless(kind))
    return {
      days: POTS_LOOK_DAYS,
      what: lookSay('look.due.yearly-look'),
      why: lookSay('look.due.small-flies'),
    };
  const crowded = hiveKind(kind).superPurpose === 'cut-comb' && hasSuper;
  const every = (days: number, why: Say) => ({
    days,
    what: lookSay('look.due.again-every', { days }),
    why,
  });
  if (part === 'winter') return every(rules.lookWinterDays, lookSay('look.due.winter'));
  if (crowded) return every(rules.lookFlowDays, lookSay('look.due.comb-super-crowds'));
  return every(
    colony.flow?.flow === 'strong' ? rules.lookFlowDays : rules.lookAgainDays,
    lookSay('look.due.goes-on-changing'),
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
function lookByFill(hive: Hive, last: string, date: string): { on: string; why: Say } | null {
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
    why: lookSay('look.due.may-reach-bar', {
      bar: forecast.lastBar,
      on: asDate(forecast.earliest),
    }),
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
    : due('death', lookSay('look.due.checklist'), lookSay('look.due.checklist.why'), date);

// Until it is emptied, and once: what was said is remembered.
const closeAgainstRobbers: Asks = ({ hive, colony, date }) =>
  isClosed(colony) || !hive.bars.some((b) => b.comb)
    ? null
    : due('close', lookSay('look.due.close'), lookSay('look.due.close.why'), date);

const look: Asks = ({ hive, colony, date, rules, part, supers }) => {
  // A harvest takes comb away, not the looks that were made.
  const last = hive.lastLookOn;
  if (!last)
    return due('look', lookSay('look.due.first-look'), lookSay('look.due.first-look.why'), date);
  const again = nextLook(hive.kind, supers.length > 0, part, colony, rules);
  const byDate = addDays(last, again.days);
  const soon = lookByFill(hive, last, date);
  return soon && soon.on < byDate
    ? due('look', lookSay('look.due.fills-quickly'), soon.why, soon.on)
    : due('look', again.what, again.why, byDate);
};

const springHarvest: Asks = ({ hive, date, rules }) => {
  const isAsked = rules.harvestWhen === 'spring' && !isStingless(hive.kind);
  return isAsked && hive.bars.some((b) => b.comb)
    ? due(
        'main-harvest',
        lookSay('look.due.main-harvest'),
        lookSay('look.due.main-harvest.why'),
        springFrom(date, hive.site.hemisphere),
      )
    : null;
};

const lastBar: Asks = ({ hive, date }) => {
  const reached = lastBarReached(hive, date);
  if (!reached) return null;
  return due(
    'last-bar',
    lookSay('look.due.last-bar', { bar: reached.bar }),
    reached.spare ? lookSay('look.due.last-bar.spare') : lookSay('look.due.last-bar.full'),
    reached.since,
  );
};

const treatmentsOver: Asks = ({ colony, date }) =>
  waitsOver(colony, date).map((t) =>
    due(
      `treatment-over-${t.on}`,
      lookSay('look.due.wait-over', { product: t.product }),
      lookSay('look.due.wait-over.why'),
      t.waitUntil,
    ),
  );

const missingFrame: Asks = ({ colony }) =>
  colony.gap?.gap
    ? due('gap', lookSay('look.due.gap'), lookSay('look.due.gap.why'), colony.gap.on)
    : null;

const holeBetweenCombs: Asks = ({ hive }) => {
  if (!hiveKind(hive.kind).moves.includes('shift-bars')) return null;
  const combs = hive.bars.filter((b) => b.comb).map((b) => b.slot);
  const [first, last] = [Math.min(...combs), Math.max(...combs)];
  const holes = hive.bars
    .filter((b) => !b.comb && b.slot > first && b.slot < last)
    .map((b) => b.slot);
  return holes.length
    ? due('hole', lookSay('look.due.hole', { bars: { and: holes } }), lookSay('look.due.hole.why'))
    : null;
};

const NARROWED = ['reduced', 'screened'];
const reduceEntrance: Asks = ({ hive, colony }) => {
  const isDearth = colony.flow?.flow === 'none' && !isStingless(hive.kind);
  if (!isDearth || NARROWED.includes(colony.entrance?.entrance ?? '')) return null;
  return due(
    'entrance',
    lookSay('look.due.entrance'),
    lookSay('look.due.entrance.why'),
    colony.flow!.on,
  );
};

const reopenEntrance: Asks = ({ colony: { entrance } }) =>
  entrance && entrance.entrance !== 'open' && entrance.reopenOn
    ? due(
        'reopen',
        lookSay('look.due.reopen'),
        lookSay(`look.due.reopen.${entrance.entrance}`, { on: asDate(entrance.on) }),
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
    items.push(due('excluder', lookSay('look.due.excluder'), lookSay('look.due.excluder.why'), by));
  if (supers.length && hasClosedBrood(hive.kind))
    items.push(
      due(
        'supers-off',
        colony.reserved?.reserved
          ? lookSay('look.due.supers-off-but-reserved')
          : lookSay('look.due.supers-off'),
        lookSay('look.due.supers-off.why'),
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
  const boxes = { and: old.map((b) => b.number) };
  return due(
    'old',
    hiveKind(hive.kind).carrier === 'frame'
      ? lookSay('look.due.old-frames', { boxes })
      : lookSay('look.due.old-comb', { boxes }),
    lookSay('look.due.old.why', { seasons: rules.frameSeasons }),
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
