import { cappedShares, type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { capitalised, lastKnownText, percentText, restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * Is it safe to open this drain frame on the hive? The caps are the outer wall, so it asks nothing
 * of ripeness: dry but uncapped honey is ripe and still runs down the outside.
 */
export function drainInPlace(facts: CombFacts): Finding {
  const { colony, rules, date, comb } = facts;
  const sides = seenSides(comb.sides);
  const worst = sides.length ? cappedShares(sides).worst : null;
  const against: string[] = [];
  const unknown: string[] = [];

  if (sides.length < 2) unknown.push('faces not seen: their caps are unknown');
  if (worst !== null && worst * 100 < rules.ripeDrainPercent - 1e-9)
    against.push(
      `${percentText(worst)} capped where least, caps are the outer wall and the rule asks ${rules.ripeDrainPercent} %`,
    );
  if (sumOf(sides, 'brood') > 0) against.push('brood in it would be crushed');
  else if (sides.length < 2 && !colony.excluder?.fitted)
    unknown.push('no excluder was noted: brood may be where nobody looked');

  const tilt = colony.tilt;
  if (!tilt)
    unknown.push(
      colony.lastKnown.tilt
        ? `${lastKnownText('tilt', colony.lastKnown.tilt.on)}, ${rules.drainTiltDegrees}° asked`
        : `tilt not measured, ${rules.drainTiltDegrees}° asked`,
    );
  else if (tilt.degrees < rules.drainTiltDegrees)
    against.push(`tilt ${tilt.degrees}°, ${rules.drainTiltDegrees}° asked`);

  if (!colony.dead) forage(facts, against, unknown);
  const answer = answerOf(against, unknown);
  const list = against.length ? against : unknown;
  return {
    question: 'drain-in-place',
    answer,
    weight: 'advises',
    rule: `caps ${rules.ripeDrainPercent} %, tilt ${rules.drainTiltDegrees}°`,
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
      ? `${capitalised(list.join('; '))}.`
      : `${percentText(worst!)} capped where least, tilted, and forage comes in. Floor closed, tray in, vessels first.`,
  };
}

function forage({ colony }: CombFacts, against: string[], unknown: string[]): void {
  if (colony.flow?.flow === 'none')
    against.push('dearth: what runs starts robbing, covers on or wait');
  if (colony.flow) return;
  const last = colony.lastKnown.flow;
  unknown.push(
    `${last ? lastKnownText('forage', last.on) : 'forage not known'}: a dearth asks covers on every vessel`,
  );
}

const answerOf = (against: readonly string[], unknown: readonly string[]): Finding['answer'] => {
  if (against.length) return 'no';
  return unknown.length ? 'unknown' : 'yes';
};
