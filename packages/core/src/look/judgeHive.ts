import { dateWords } from '../units/dates.js';
import { DateTime } from 'luxon';
import type { CombEstimate } from '../comb/estimate.js';
import { combStoresKg } from '../comb/stores.js';
import { hiveKind, placeLabel } from '../hive/kinds.js';
import { seasonOf } from '../hive/season.js';
import type { DatedFact } from '../records/colony.js';
import type { Hive } from '../records/views.js';
import type { HouseRules } from '../rules/houseRules.js';
import { winterCase } from '../rules/winter.js';
import { colonyState, type ColonyState } from './colonyState.js';
import { fedSince, judgements, waitingTreatment, type Judgement } from './judgements.js';
import { judgePots } from './judgePots.js';
import {
  estimateSeen,
  glimpseOf,
  moistureSummary,
  readingMoisture,
  type HiveMeasures,
  type Seen,
} from './seen.js';
import { judgeComb, type CombVerdict, type MoistureSample, type VerdictInput } from './verdict.js';

export interface JudgedComb {
  slot: number;
  /** How the place is called on screen. */
  label: string;
  boxId: string | null;
  combId: string;
  seen: Seen | null;
  estimate: CombEstimate | null;
  verdict: CombVerdict;
  /** Each question asked apart, in order of weight. */
  judgements: Judgement[];
}

export interface CombToJudge {
  slot: number;
  combId: string;
  boxId?: string | null;
  builtOn?: string;
  seen: Seen | null;
  droneShare?: number | null;
  /** Whether it hangs in the super that was kept for the bees. */
  reserved?: boolean;
  /** Treatments and feedings it was marked with in another colony. */
  marks?: readonly DatedFact[];
}

/**
 * Judges every comb of a hive as it stands: each against the stores that would stay without it, counted low.
 * Takes the combs with their latest look (or the one being made), the hive's kind and measures, what is known
 * of the colony, today's date at the site, and the house rules.
 */
export function judgeHive(input: {
  combs: readonly CombToJudge[];
  hive: HiveMeasures;
  colony: ColonyState;
  date: string;
  hemisphere: 'north' | 'south';
  rules: HouseRules;
}): JudgedComb[] {
  const { date, hive } = input;
  const kind = hiveKind(hive.kind);
  // A drain frame's caps are its outer wall too: its own share counts.
  const rules = kind.drainsInPlace
    ? { ...input.rules, ripeCappedPercent: input.rules.ripeDrainPercent }
    : input.rules;
  const estimates = input.combs.map((comb) => (comb.seen ? estimateSeen(comb.seen, hive) : null));
  const stores = estimates.map((estimate) => combStoresKg(estimate).low);
  const allLow = stores.reduce((a, b) => a + b, 0);
  const season = seasonOf(date, input.hemisphere);
  const firstSeason =
    input.colony.startedOn !== null &&
    input.colony.startedOn >= season.startsOn &&
    !input.colony.dead;
  const needKg = input.colony.dead
    ? null
    : winterCase({
        rules,
        kind: hive.kind,
        strength: input.colony.strength?.strength ?? null,
        flowKg: 0,
        date,
      }).needKg;
  return input.combs.map((comb, i) => {
    const colony = withMarks(input.colony, comb.marks ?? [], date);
    const samples: MoistureSample[] = (comb.seen?.readings ?? []).map((r) => ({
      side: r.side,
      cells: r.cells,
      moisturePercent: readingMoisture(r).moisturePercent,
    }));
    const sides = comb.seen?.sides ?? { A: null, B: null };
    const winter = needKg === null ? null : { staysLowKg: allLow - stores[i], needKg };
    const moisture = moistureSummary(comb.seen?.readings ?? []);
    const builtOn = comb.builtOn ?? colony.startedOn ?? date;
    const forbidden =
      forbids(colony, builtOn, date) ??
      (comb.reserved
        ? {
            rule: 'winter' as const,
            verdict: 'leave' as const,
            sentence: 'This super is kept for the bees: it stays untouched.',
          }
        : null);
    const verdict =
      kind.bee === 'stingless'
        ? judgePots({ pots: comb.seen?.pots ?? null, rules, firstSeason, forbidden })
        : judgeComb({
            sides,
            samples,
            rules,
            firstSeason,
            winter,
            forbidden,
            glimpse: glimpseOf(comb.seen),
          });
    const asked = judgements({
      sides,
      wettestPercent: moisture?.wettestPercent ?? null,
      sampled: moisture !== null && moisture.openSamples >= 3 && moisture.bothSides,
      droneShare: comb.droneShare ?? null,
      combAge: comb.seen?.combAge ?? 'new',
      straight: comb.seen?.straight ?? null,
      builtOn,
      date,
      bee: kind.bee,
      drainsInPlace: kind.drainsInPlace,
      rules,
      colony,
      winter,
      firstSeason,
    });
    return {
      slot: comb.slot,
      label: placeLabel(comb.slot),
      boxId: comb.boxId ?? null,
      combId: comb.combId,
      seen: comb.seen,
      estimate: estimates[i],
      verdict: ripeButNotToOpen(verdict, asked),
      judgements: asked,
    };
  });
}

/** Ripe is not safe to open: where a drain frame may be taken but not run in the hive, the headline says both. */
function ripeButNotToOpen(verdict: CombVerdict, asked: readonly Judgement[]): CombVerdict {
  const drain = asked.find((j) => j.topic === 'drain-in-place');
  if (verdict.verdict !== 'take' || !drain || drain.answer === 'yes') return verdict;
  return {
    ...verdict,
    headline: `${verdict.headline} Do not open it on the hive yet: ${drain.sentence[0].toLowerCase()}${drain.sentence.slice(1)}`,
  };
}

/** What was given to an earlier colony marks its combs for good: added to what the present one got. */
function withMarks(colony: ColonyState, marks: readonly DatedFact[], date: string): ColonyState {
  if (!marks.length) return colony;
  const carried = colonyState(null, marks, date);
  return {
    ...colony,
    treatments: [...carried.treatments, ...colony.treatments],
    feedings: [...carried.feedings, ...colony.feedings],
  };
}

/** What forbids every comb of a colony, whatever it holds; the gravest first. */
function forbids(colony: ColonyState, builtOn: string, date: string): VerdictInput['forbidden'] {
  if (colony.dead && !colony.death)
    return {
      rule: 'dead',
      verdict: 'test',
      sentence:
        'The colony is gone: answer its checklist first, until then the honey is provisional.',
    };
  const death = colony.dead ? colony.death : null;
  if (
    death &&
    (death.word === 'disease' ||
      death.causes.some((c) => ['foulbrood', 'poisoned', 'rodents'].includes(c)))
  )
    return {
      rule: 'dead',
      verdict: 'leave',
      sentence:
        'The colony died of something that may be in the comb: not for eating, not for feeding. Ask the inspector.',
    };
  const treatment = waitingTreatment(colony, date);
  if (treatment)
    return {
      rule: 'treated',
      verdict: 'leave',
      sentence: `No comb from a treated colony: ${treatment.product}, waiting time until ${dateWords(treatment.waitUntil)}.`,
    };
  const fed = fedSince(colony, builtOn);
  if (fed.length)
    return {
      rule: 'syrup',
      verdict: 'leave',
      sentence: `Fed on ${dateWords(fed.at(-1)!.on)}, since this comb was built: it may hold syrup and is not offered as honey.`,
    };
  return null;
}

/**
 * Judges a hive as it hangs at an instant (ISO 8601), the date taken in its site's zone: each comb by its last
 * look, or by the one being made of `making.combId`. This is how every screen and every decision judges.
 */
export function judgeHiveAt(
  hive: Hive,
  rules: HouseRules,
  instant: string,
  making: { combId: string; seen: Seen; droneShare?: number | null } | null = null,
): JudgedComb[] {
  const date = siteDate(hive, instant);
  const colony = stateAt(hive, instant);
  // What is kept for the bees is the super next to the brood: stores stay in one block with it.
  const reservedBox = colony.reserved?.reserved
    ? hive.boxes.find((b) => b.compartment === 'super')?.carrierId
    : undefined;
  return judgeHive({
    combs: hive.bars.flatMap(({ slot, boxId, comb }) => {
      if (!comb) return [];
      const made = making?.combId === comb.id ? making : null;
      return [
        {
          slot,
          boxId,
          combId: comb.id,
          builtOn: comb.builtOn,
          marks: comb.marks,
          reserved: boxId !== null && boxId === reservedBox,
          seen: made ? made.seen : (comb.looks.at(-1) ?? null),
          droneShare: made?.droneShare ?? null,
        },
      ];
    }),
    hive,
    colony,
    date,
    hemisphere: hive.site.hemisphere,
    rules,
  });
}

/** The calendar date of an instant at a hive's site. */
export function siteDate(hive: Hive, instant: string): string {
  return DateTime.fromISO(instant, { zone: hive.site.zone }).toISODate()!;
}

/** What is known of the colony in a hive at an instant. */
export function stateAt(hive: Hive, instant: string): ColonyState {
  return colonyState(
    hive.colony?.startedOn ?? null,
    hive.colony?.facts ?? [],
    siteDate(hive, instant),
  );
}

/** A whole box judged from its combs: brood anywhere keeps it, an unread comb keeps it unknown, else its capped share decides. */
export function judgeBox(combs: readonly JudgedComb[]): {
  verdict: CombVerdict['verdict'];
  sentence: string;
} {
  const brood = combs.filter((c) => c.verdict.decidedBy === 'brood');
  if (brood.length)
    return {
      verdict: 'leave',
      sentence: `Brood in ${brood.map((c) => c.label).join(', ')}: the box stays.`,
    };
  const unread = combs.filter((c) => c.verdict.verdict === 'not-read');
  if (unread.length)
    return {
      verdict: 'not-read',
      sentence: `${unread.length} of ${combs.length} combs not read yet.`,
    };
  const test = combs.filter((c) => c.verdict.verdict === 'test');
  if (test.length)
    return { verdict: 'test', sentence: `${test.map((c) => c.label).join(', ')} to test first.` };
  const leave = combs.filter((c) => c.verdict.verdict === 'leave');
  return leave.length
    ? {
        verdict: 'leave',
        sentence: `${leave.length} of ${combs.length} combs are not to be taken: ${leave[0].verdict.headline}`,
      }
    : { verdict: 'take', sentence: `All ${combs.length} combs may be taken.` };
}
