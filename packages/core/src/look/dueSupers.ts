import { hasClosedBrood, hiveKind, isStingless } from '../hive/kinds.js';
import { daysBetween, addDays } from '../units/dates.js';
import { counted } from '../units/format.js';
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
        'Set a honey super on',
        'The nest is full. Its hole comes over a corner of the brood box, so that the brood is passed, not crossed.',
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
      'Wait with the super',
      `The colony is ${strength ?? 'of unknown strength'}: it would not be filled.`,
    );
  if (left !== null && left < FLOW_FOR_A_SUPER_DAYS)
    return due(
      'super-wait',
      'Wait with the super',
      `Only ${counted(left, 'day')} of flow left: it would stay half built.`,
    );
  const of = left === null ? '' : `, ${counted(left, 'day')} of it left`;
  return due('super-on', 'Put a super on', `Strong flow${of}, strong colony.`, date);
}

function supersThatStand(asked: Asked): Due[] {
  const left = flowDaysLeft(asked);
  const isComb = hiveKind(asked.hive.kind).superPurpose === 'cut-comb';
  return [
    ...(isComb ? combSuper(asked) : []),
    ...(left !== null && left < 0
      ? [
          due(
            'flow-over',
            'The flow is over: no more room now',
            'Empty super space invites wax moth and robbers.',
          ),
        ]
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
        'Move the comb super to a colony that builds',
        `Nothing drawn in ${counted(daysOn, 'day')}.`,
        addDays(sinceOn, REFUSED_AFTER_DAYS),
      ),
    );
  if (rules.belowSuper === 'excluder' && !colony.excluder?.fitted)
    items.push(
      due(
        'excluder-on',
        'Fit the queen excluder below the comb super',
        'By your rule it keeps the queen out of the comb; pollen it lets pass.',
      ),
    );
  if (rules.belowSuper === 'empty-super' && standing.length < 2 && drawn)
    items.push(
      due(
        'between',
        'Set an empty super between brood and comb super',
        colony.excluder?.fitted
          ? 'The excluder keeps the queen down, not the pollen: that is stored next to the brood.'
          : 'It keeps pollen and brood out of the comb.',
      ),
    );
  return items;
}

/** Days of flow still to come; null where its end was not said. */
const flowDaysLeft = ({ colony, date }: Asked): number | null =>
  colony.flow?.endsOn ? daysBetween(date, colony.flow.endsOn) : null;
