import { hasClosedBrood, hiveKind, isStingless } from '../hive/kinds.js';
import { daysBetween, addDays } from '../units/dates.js';
import { lookSay } from './says.js';
import { type Asks, due, type Due, type Asked } from './dueItem.js';
import { BEGUN, REFUSED_AFTER_DAYS, superSince } from './superForecast.js';

/** A flow that lasts so many days more fills a super that is set on now. A starting value. */
const FLOW_FOR_A_SUPER_DAYS = 14;

/** Supers on, off, moved, or none between, in the season of a hive with closed brood. */
export const supers: Asks = (asked) => {
  const { hive, part } = asked;
  if (!hasClosedBrood(hive.kind) || part !== 'season') return null;
  if (isStingless(hive.kind)) return superOverNest(asked);
  return asked.supers.length ? supersThatStand(asked) : firstSuper(asked);
};
const superOverNest: Asks = ({ colony, supers: standing }) =>
  colony.nest?.full && !standing.length
    ? due(
        'super-on',
        lookSay('look.due.super-on-nest'),
        lookSay('look.due.super-on-nest.why'),
        colony.nest.on,
      )
    : null;
function firstSuper(asked: Asked): Due | null {
  const { colony, date } = asked;
  if (colony.flow?.flow !== 'strong') return null;
  const left = flowDaysLeft(asked);
  const strength = colony.strength?.strength;
  if (strength !== 'strong')
    return due(
      'super-wait',
      lookSay('look.due.super-wait'),
      lookSay(`look.due.super-wait.${strength ?? 'unknown'}`),
    );
  if (left !== null && left < FLOW_FOR_A_SUPER_DAYS)
    return due(
      'super-wait',
      lookSay('look.due.super-wait'),
      lookSay('look.due.super-wait.late', { left }),
    );
  return due(
    'super-on',
    lookSay('look.due.super-on'),
    left === null
      ? lookSay('look.due.super-on.why')
      : lookSay('look.due.super-on.why-left', { left }),
    date,
  );
}

function supersThatStand(asked: Asked): Due[] {
  const left = flowDaysLeft(asked);
  const isComb = hiveKind(asked.hive.kind).superPurpose === 'cut-comb';
  return [
    ...(isComb ? combSuper(asked) : []),
    ...(left !== null && left < 0
      ? [due('flow-over', lookSay('look.due.flow-over'), lookSay('look.due.flow-over.why'))]
      : []),
  ];
}

function combSuper({ hive, colony, date, rules, supers: standing }: Asked): Due[] {
  const drawn = hive.bars.some(({ comb }) => {
    const side = comb?.looks.at(-1)?.sides.A;
    return side ? 1 - side.empty > BEGUN : false;
  });
  const sinceOn = superSince(hive, standing[0]) ?? date;
  const daysOn = daysBetween(sinceOn, date);
  // A super nobody looked into since it was set on is not said to be refused, or to wait for
  // anything.
  const lookedSince = hive.bars.some((b) => b.comb?.looks.some((one) => one.date >= sinceOn));
  const items: Due[] = [];
  if (lookedSince && !drawn && daysOn >= REFUSED_AFTER_DAYS)
    items.push(
      due(
        'super-move',
        lookSay('look.due.super-move'),
        lookSay('look.due.super-move.why', { days: daysOn }),
        addDays(sinceOn, REFUSED_AFTER_DAYS),
      ),
    );
  if (rules.belowSuper === 'excluder' && !colony.excluder?.fitted)
    items.push(
      due('excluder-on', lookSay('look.due.excluder-on'), lookSay('look.due.excluder-on.why')),
    );
  if (rules.belowSuper === 'empty-super' && standing.length < 2 && drawn)
    items.push(
      due(
        'between',
        lookSay('look.due.between'),
        colony.excluder?.fitted
          ? lookSay('look.due.between.beside-excluder')
          : lookSay('look.due.between.why'),
      ),
    );
  return items;
}

/** Days of flow still to come; null where its end was not said. */
const flowDaysLeft = ({ colony, date }: Asked): number | null =>
  colony.flow?.endsOn ? daysBetween(date, colony.flow.endsOn) : null;
