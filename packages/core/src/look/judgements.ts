import { dateWords } from '../units/dates.js';
import type { Shares } from '../comb/contents.js';
import { honeyKeeping } from '../honey/keeping.js';
import type { HouseRules } from '../rules/houseRules.js';
import { type ColonyState } from './colonyState.js';
import { daysBetween } from '../units/dates.js';

export type JudgementTopic =
  | 'dead'
  | 'treated'
  | 'brood'
  | 'ripe'
  | 'drain-in-place'
  | 'cut-comb'
  | 'syrup'
  | 'pollen'
  | 'theirs'
  | 'keeping';
export interface Judgement {
  topic: JudgementTopic;
  answer: 'yes' | 'no' | 'unknown';
  sentence: string;
  /** Which rule spoke, in a word of the Rules page or of the record. */
  rule: string;
  measured?: number;
  limit?: number;
  unit?: '%' | 'kg' | 'days' | '°';
}

export interface JudgedFacts {
  sides: { A: Shares | null; B: Shares | null };
  /** Wettest sample, and whether the sampling rule is met (three from open cells of both sides). */
  wettestPercent: number | null;
  sampled: boolean;
  /** Drone share among brood cells where cells were painted; null where only shares are known. */
  droneShare: number | null;
  combAge: 'new' | 'used' | 'brood-used';
  straight: boolean | null;
  builtOn: string;
  date: string;
  bee: 'honeybee' | 'stingless';
  drainsInPlace: boolean;
  rules: HouseRules;
  colony: ColonyState;
  winter: { staysLowKg: number; needKg: number } | null;
  firstSeason: boolean;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const sideShare = (s: Shares): number =>
  s.capped + s.open > 0 ? s.capped / (s.capped + s.open) : 0;
const NAMES: Record<JudgementTopic, string> = {
  dead: 'Colony gone',
  treated: 'Treated',
  brood: 'Brood',
  ripe: 'Ripe to keep',
  'drain-in-place': 'Safe to drain in the hive',
  'cut-comb': 'Fit for cut comb',
  syrup: 'May hold syrup',
  pollen: 'Pollen',
  theirs: 'To spare',
  keeping: 'How it keeps',
};
export const judgementName = (topic: JudgementTopic): string => NAMES[topic];

/** Feedings since the comb was built: what was filled then may hold syrup. */
export function fedSince(colony: ColonyState, builtOn: string): ColonyState['feedings'] {
  return colony.feedings.filter((f) => f.on >= builtOn);
}

/** The treatment whose waiting time is not over on `date`, if any. */
export function waitingTreatment(
  colony: ColonyState,
  date: string,
): ColonyState['treatments'][number] | null {
  return colony.treatments.find((t) => t.waitUntil > date) ?? null;
}

/**
 * Every question about a comb, asked apart: ripe to keep is another matter than safe to drain in the hive, and
 * both are another than fit for cut comb. Each answer carries its number and the rule that spoke; what was not
 * seen is 'unknown'. In order of weight: what forbids stands first.
 */
export function judgements(facts: JudgedFacts): Judgement[] {
  const { sides, rules, colony, date, wettestPercent } = facts;
  const seen = (['A', 'B'] as const).flatMap((side) =>
    sides[side] ? [{ side, shares: sides[side] }] : [],
  );
  const missing = seen.length < 2;
  const sum = (key: keyof Shares): number => seen.reduce((total, s) => total + s.shares[key], 0);
  const honey = sum('capped') + sum('open');
  const capped = honey > 0 ? sum('capped') / honey : 0;
  const worst = seen.length ? Math.min(...seen.map((s) => sideShare(s.shares))) : 0;
  const out: Judgement[] = [];

  if (colony.dead)
    out.push({
      topic: 'dead',
      answer: 'yes',
      rule: 'dead colony',
      sentence: colony.death
        ? 'The colony is gone; its checklist is answered.'
        : 'The colony is gone: until the checklist is answered its honey is provisional, and never fed.',
    });
  const treatment = waitingTreatment(colony, date);
  if (treatment)
    out.push({
      topic: 'treated',
      answer: 'yes',
      rule: 'waiting time',
      measured: daysBetween(date, treatment.waitUntil),
      limit: 0,
      unit: 'days',
      sentence: `${treatment.product} on ${dateWords(treatment.on)}: its leaflet asks ${treatment.waitDays} days, until ${dateWords(treatment.waitUntil)}.`,
    });
  else if (colony.treatments.length)
    out.push({
      topic: 'treated',
      answer: 'no',
      rule: 'waiting time',
      sentence: `The waiting time of ${colony.treatments.at(-1)!.product} is over.`,
    });

  const brood = sum('brood');
  const queen = colony.queen?.seen
    ? `The queen was last seen on ${dateWords(colony.queen.on)}; look for her on this comb.`
    : 'Nobody saw the queen: look for her on this comb.';
  if (facts.bee === 'honeybee') {
    out.push(
      brood > 0
        ? {
            topic: 'brood',
            answer: 'yes',
            rule: 'live brood',
            measured: (brood / Math.max(1, seen.length)) * 100,
            unit: '%',
            sentence:
              facts.droneShare !== null && facts.droneShare > 0.5
                ? `Drone brood, ${percent(brood / seen.length)}: live brood is never taken.`
                : `Brood, ${percent(brood / seen.length)} of what was seen: never taken.`,
          }
        : {
            topic: 'brood',
            answer: missing ? 'unknown' : 'no',
            rule: 'live brood',
            sentence: missing
              ? `No brood on what was seen; the rest is unknown. ${queen}`
              : `No brood seen. ${queen}`,
          },
    );
  }

  if (seen.length && facts.bee === 'honeybee') {
    const need = facts.drainsInPlace ? rules.ripeDrainPercent : rules.ripeCappedPercent;
    const share = rules.ripeOf === 'worst-side' ? worst : capped;
    const byCaps = share * 100 >= need - 1e-9;
    const wet =
      rules.moistureMayOverrule &&
      wettestPercent !== null &&
      wettestPercent > rules.moistureLimitPercent;
    const dry =
      rules.moistureMayOverrule &&
      facts.sampled &&
      wettestPercent !== null &&
      wettestPercent <= rules.moistureLimitPercent;
    const which = rules.ripeOf === 'worst-side' ? 'on its worse side' : 'over all';
    const perSide =
      seen.length === 2 && !missing
        ? ` (${seen.map((s) => `${s.side} ${percent(sideShare(s.shares))}`).join(', ')})`
        : '';
    const apart =
      !byCaps && sum('capped') > 0.15 && sum('open') > 0.1
        ? ' Its capped part may be cut apart from the open.'
        : '';
    out.push({
      topic: 'ripe',
      measured: share * 100,
      limit: need,
      unit: '%',
      rule:
        dry && !byCaps ? 'moisture overrules' : wet ? 'moisture overrules' : `ripe at ${need} %`,
      answer: wet
        ? 'no'
        : byCaps || dry
          ? missing
            ? 'unknown'
            : 'yes'
          : missing && (honey === 0 || (sum('capped') + 1) / (honey + 1) >= need / 100)
            ? 'unknown'
            : 'no',
      sentence: wet
        ? `${wettestPercent.toFixed(1)} % water in the wettest sample, above ${rules.moistureLimitPercent} %: not ripe whatever the caps say.`
        : dry && !byCaps
          ? `${percent(share)} capped ${which}, but dry: ${wettestPercent!.toFixed(1)} % water by three samples.`
          : `${percent(share)} capped ${which}${perSide}, house rule asks ${need} %.${apart}`,
    });
  }

  if (facts.drainsInPlace)
    out.push(
      drainInPlace(
        facts,
        seen.map((s) => s.shares),
        missing,
      ),
    );

  if (seen.length && facts.bee === 'honeybee') {
    const open = sum('open') / seen.length;
    const flaws = [
      facts.combAge !== 'new' &&
        (facts.combAge === 'brood-used' ? 'it carried brood' : "it is not this season's wax"),
      facts.straight === false && 'it is not straight',
      sum('brood') > 0 && 'brood in it',
      sum('pollen') > 0 && `pollen in it, ${percent(sum('pollen') / seen.length)}`,
      worst < 0.995 && `${percent(1 - worst)} of a side's honey is not capped`,
      open > 0.02 && `open cells would weep, ${percent(open)}`,
      sum('empty') / seen.length > 0.1 && `${percent(sum('empty') / seen.length)} of it is empty`,
    ].filter((flaw): flaw is string => flaw !== false);
    const unsure = missing || facts.straight === null;
    out.push({
      topic: 'cut-comb',
      rule: 'fit for cut comb',
      answer: flaws.length ? 'no' : unsure ? 'unknown' : 'yes',
      sentence: flaws.length
        ? `Not as it is: ${flaws.slice(0, 3).join('; ')}.`
        : unsure
          ? 'Clean so far; see both sides and whether it is straight.'
          : 'New wax, straight, capped to the edge, no brood or pollen.',
    });
  }

  const fed = fedSince(colony, facts.builtOn);
  if (fed.length)
    out.push({
      topic: 'syrup',
      answer: 'yes',
      rule: 'fed since it was built',
      sentence: `Fed ${fed.map((f) => `${f.litres} L ${f.what} on ${dateWords(f.on)}`).join(', ')}: what was filled since may hold syrup, and is not offered as honey for sale or gift.`,
    });
  if (sum('pollen') > 0)
    out.push({
      topic: 'pollen',
      answer: 'yes',
      rule: 'pollen',
      measured: (sum('pollen') / seen.length) * 100,
      unit: '%',
      sentence: 'Pollen bars a piece from cut comb; for crushing it is only noted.',
    });

  if (facts.firstSeason)
    out.push({
      topic: 'theirs',
      answer: rules.takeInFirstSeason ? 'unknown' : 'no',
      rule: 'first season',
      sentence: 'The colony is in its first season.',
    });
  else if (facts.winter) {
    const { staysLowKg, needKg } = facts.winter;
    out.push({
      topic: 'theirs',
      answer: staysLowKg >= needKg ? 'yes' : 'no',
      rule: 'winter need',
      measured: staysLowKg,
      limit: needKg,
      unit: 'kg',
      sentence: `${staysLowKg.toFixed(1)} kg would stay, counted low; the winter needs ${needKg.toFixed(1)} kg.`,
    });
  } else
    out.push({
      topic: 'theirs',
      answer: 'unknown',
      rule: 'winter need',
      sentence:
        'What the winter needs here was not said, or its stores are in a box that stays closed.',
    });

  if (facts.bee === 'stingless') {
    out.push({
      topic: 'keeping',
      answer: 'unknown',
      rule: 'stingless honey',
      sentence:
        wettestPercent === null
          ? 'Stingless-bee honey is thin: keep it cold under a vented lid and eat it soon.'
          : honeyKeeping({ moisturePercent: wettestPercent, bee: 'stingless' }).reason,
    });
  } else if (wettestPercent !== null) {
    const { grade, reason } = honeyKeeping({ moisturePercent: wettestPercent, bee: 'honeybee' });
    out.push({
      topic: 'keeping',
      answer: grade === 'keeps' ? 'yes' : grade === 'ferments' ? 'no' : 'unknown',
      rule: 'Lochhead (1933)',
      measured: wettestPercent,
      limit: 17.1,
      unit: '%',
      sentence: reason,
    });
  } else if (seen.length)
    out.push({
      topic: 'keeping',
      answer: 'unknown',
      rule: 'Lochhead (1933)',
      sentence: 'Water not measured: measure before the lid goes on.',
    });
  return out;
}

/** Safe to drain in the hive: the caps are the outer wall. Asks nothing of ripeness: dry but uncapped honey is ripe and still runs down the outside. */
function drainInPlace(facts: JudgedFacts, seen: Shares[], missing: boolean): Judgement {
  const { colony, rules } = facts;
  const against: string[] = [];
  const unknown: string[] = [];
  const worst = seen.length ? Math.min(...seen.map(sideShare)) : null;
  if (worst === null || missing) unknown.push('faces not seen: their caps are unknown');
  if (worst !== null && worst * 100 < rules.ripeDrainPercent)
    against.push(
      `${percent(worst)} capped where least, caps are the outer wall and the rule asks ${rules.ripeDrainPercent} %`,
    );
  if (seen.some((s) => s.brood > 0)) against.push('brood in it would be crushed');
  else if (missing && !colony.excluder?.fitted)
    unknown.push('no excluder was noted: brood may be where nobody looked');
  if (!colony.tilt) unknown.push(`tilt not measured, ${rules.drainTiltDegrees}° asked`);
  else if (colony.tilt.degrees < rules.drainTiltDegrees)
    against.push(`tilt ${colony.tilt.degrees}°, ${rules.drainTiltDegrees}° asked`);
  if (colony.flow === null) unknown.push('forage not known: a dearth asks covers on every vessel');
  else if (colony.flow.flow === 'none')
    against.push('dearth: what runs starts robbing, covers on or wait');
  const answer = against.length ? 'no' : unknown.length ? 'unknown' : 'yes';
  const list = against.length ? against : unknown;
  return {
    topic: 'drain-in-place',
    answer,
    rule: `caps ${rules.ripeDrainPercent} %, tilt ${rules.drainTiltDegrees}°`,
    ...(worst === null
      ? {}
      : { measured: worst * 100, limit: rules.ripeDrainPercent, unit: '%' as const }),
    sentence: list.length
      ? `${list[0][0].toUpperCase()}${list[0].slice(1)}${list.length > 1 ? `; ${list.slice(1).join('; ')}` : ''}.`
      : 'Capped all round, tilted, and forage comes in. Floor closed, tray in its upper position, vessels first.',
  };
}
