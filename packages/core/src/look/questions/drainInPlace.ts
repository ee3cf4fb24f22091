import { sure } from '../../units/known.js';
import { together, type Say } from '../../say/say.js';
import { cappedShares, type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { asDate, asPercent, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * Is it safe to open this drain frame on the hive? The caps are the outer wall, so it asks nothing
 * of ripeness: dry but uncapped honey is ripe and still runs down the outside.
 */
export function drainInPlace(facts: CombFacts): Finding {
  const { colony, rules, date, comb } = facts;
  const sides = seenSides(comb.sides);
  const worst = sides.length ? cappedShares(sides).worst : null;
  const asked = rules.drainTiltDegrees;
  const against: Say[] = [];
  const unknown: Say[] = [];

  if (sides.length < 2) unknown.push(lookSay('look.drainInPlace.not-seen'));
  if (worst !== null && worst * 100 < rules.ripeDrainPercent - 1e-9)
    against.push(
      lookSay('look.drainInPlace.caps', {
        capped: asPercent(worst),
        asked: { percent: rules.ripeDrainPercent },
      }),
    );
  if (sumOf(sides, 'brood') > 0) against.push(lookSay('look.drainInPlace.brood'));
  else if (sides.length < 2 && !colony.excluder?.fitted)
    unknown.push(lookSay('look.drainInPlace.no-excluder'));

  const { tilt, lastKnown } = colony;
  if (!tilt)
    unknown.push(
      lastKnown.tilt
        ? lookSay('look.drainInPlace.tilt-last-known', { on: asDate(lastKnown.tilt.on), asked })
        : lookSay('look.drainInPlace.tilt-not-measured', { asked }),
    );
  else if (tilt.degrees < asked)
    against.push(lookSay('look.drainInPlace.tilt', { degrees: tilt.degrees, asked }));

  if (!colony.dead) forage(facts, against, unknown);
  const answer = answerOf(against, unknown);
  const list = against.length ? against : unknown;
  return {
    question: 'drain-in-place',
    answer,
    weight: 'advises',
    rule: lookSay('look.drainInPlace.rule', {
      caps: { percent: rules.ripeDrainPercent },
      degrees: asked,
    }),
    ...(worst === null
      ? {}
      : { measured: worst * 100, limit: rules.ripeDrainPercent, unit: '%' as const }),
    restsOn: [
      ...(comb.seenOn ? [restsOn('look', comb.seenOn, date, rules.shelfDays.look)] : []),
      ...(colony.lastKnown.tilt
        ? [restsOn('tilt', colony.lastKnown.tilt.on, date, rules.shelfDays.tilt)]
        : []),
      ...(colony.lastKnown.flow
        ? [restsOn('flow', colony.lastKnown.flow.on, date, rules.shelfDays.flow)]
        : []),
    ],
    sentence: list.length
      ? together(...list)
      : lookSay('look.drainInPlace.safe', {
          capped: asPercent(sure(worst, 'cappedWorst')),
        }),
  };
}

function forage({ colony }: CombFacts, against: Say[], unknown: Say[]): void {
  if (colony.flow?.flow === 'none') against.push(lookSay('look.drainInPlace.dearth'));
  if (colony.flow) return;
  const last = colony.lastKnown.flow;
  unknown.push(
    last
      ? lookSay('look.drainInPlace.forage-last-known', { on: asDate(last.on) })
      : lookSay('look.drainInPlace.forage-not-known'),
  );
}

const answerOf = (against: readonly Say[], unknown: readonly Say[]): Finding['answer'] => {
  if (against.length) return 'no';
  return unknown.length ? 'unknown' : 'yes';
};
