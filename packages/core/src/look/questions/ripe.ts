import { sure } from '../../units/known.js';
import { together, type Say } from '../../say/say.js';
import { isStingless } from '../../hive/kinds.js';
import {
  cappedShares,
  type CombFacts,
  drainsInPlace,
  knownWater,
  type KnownWater,
  seenSides,
  sumOf,
  wasRead,
  wetLimitPercent,
} from '../combFacts.js';
import { asDate, asPercent, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Capped share that the household asks of this kind of comb. */
const ripeNeedPercent = (facts: CombFacts): number =>
  drainsInPlace(facts) ? facts.rules.ripeDrainPercent : facts.rules.ripeCappedPercent;

/**
 * Water that the household lets pass in honey of this kind of hive, percent; never above the wet
 * limit.
 */
const waterLimitPercent = ({ rules, ...facts }: CombFacts): number =>
  Math.min(
    rules.moistureLimitByKindPercent[facts.kind] ?? rules.moistureLimitPercent,
    wetLimitPercent(facts),
  );

/**
 * Is it ripe? Water decides over caps in one direction always: wet is never ripe, whatever the
 * house rule says. Dry may lift only where the rule allows it and by the sampling rule (SCIENCE 1:
 * three samples from open cells of both sides, the wettest decides). Stingless honey has no such
 * limits: sealed pots are ripe.
 */
export function ripe(facts: CombFacts): Finding {
  if (!wasRead(facts))
    return {
      question: 'ripe',
      answer: 'unknown',
      weight: 'notes',
      rule: lookSay('look.ripe.rule-caps'),
      restsOn: [],
      sentence: lookSay('look.ripe.not-seen'),
    };
  if (isStingless(facts.kind)) return ripePots(facts);
  const water = knownWater(facts);
  return tooWet(facts, water) ?? byCaps(facts, water);
}

function tooWet(facts: CombFacts, water: KnownWater): Finding | null {
  const wet = wetLimitPercent(facts);
  const limit = waterLimitPercent(facts);
  if (water.wettestPercent === null || water.wettestPercent <= limit) return null;
  const measured = water.wettestPercent;
  const isWet = measured > wet;
  const sample = { water: { percent: measured }, count: water.count };
  return {
    question: 'ripe',
    answer: 'no',
    weight: 'decides',
    rule: isWet
      ? lookSay('look.ripe.rule-wet', { limit: { percent: wet } })
      : lookSay('look.ripe.rule-your-limit', { limit: { percent: limit } }),
    measured,
    limit: isWet ? wet : limit,
    unit: '%',
    restsOn: [
      restsOn('water', sure(water.on, 'water.on'), facts.date, facts.rules.shelfDays.water),
    ],
    sentence: together(
      isWet
        ? lookSay('look.ripe.ferments', { ...sample, wet: { percent: wet } })
        : lookSay('look.ripe.above-limit', { ...sample, limit: { percent: limit } }),
      again(facts),
    ),
  };
}

function byCaps(facts: CombFacts, water: KnownWater): Finding {
  const { rules, date, comb } = facts;
  const sides = seenSides(comb.sides);
  const shares = cappedShares(sides);
  const need = ripeNeedPercent(facts);
  const asked = rules.ripeOf === 'worst-side' ? shares.worst : shares.all;
  const isWorse = rules.ripeOf === 'worst-side';
  const capped = asPercent(asked);
  const piece = usedPiece(facts);
  const enough = asked * 100 >= need - 1e-9;
  const rests = [
    ...(comb.seenOn ? [restsOn('look', comb.seenOn, date, rules.shelfDays.look)] : []),
    ...waterRests(facts, water),
  ];
  const base = {
    question: 'ripe' as const,
    rule: lookSay('look.ripe.rule', { need: { percent: need } }),
    measured: asked * 100,
    limit: need,
    unit: '%' as const,
    restsOn: rests,
  };
  const said = lookSay(isWorse ? 'look.ripe.capped-worse-side' : 'look.ripe.capped', {
    capped,
    need: { percent: need },
  });
  if (sides.length === 1) {
    const never = shares.highest * 100 < need - 1e-9;
    return never
      ? {
          ...base,
          ...unripe(facts),
          sentence: together(
            lookSay('look.ripe.never', {
              capped: asPercent(shares.all),
              side: sides[0].side,
              other: sides[0].side === 'A' ? 'B' : 'A',
              need: { percent: need },
            }),
            again(facts),
          ),
        }
      : {
          ...base,
          answer: 'unknown',
          weight: 'notes',
          sentence: lookSay('look.ripe.one-side', { capped, side: sides[0].side }),
        };
  }
  if (enough)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      sentence: together(lookSay('look.ripe.enough', { capped: said }), ...toMeasure(facts, water)),
    };
  if (piece !== null)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      rule: lookSay('look.ripe.rule-piece'),
      sentence: together(
        lookSay('look.ripe.piece', { capped, piece: asPercent(piece) }),
        ...toMeasure(facts, water),
      ),
    };
  const dryFinding = dry(facts, water, said);
  if (dryFinding) return { ...base, ...dryFinding };
  if (rules.considerFromPercent !== null && asked * 100 >= rules.considerFromPercent - 1e-9)
    return {
      ...base,
      rule: lookSay('look.ripe.rule-consider', { from: { percent: rules.considerFromPercent } }),
      answer: 'unknown',
      weight: 'decides',
      sentence: lookSay(isWorse ? 'look.ripe.consider-worse-side' : 'look.ripe.consider', {
        capped,
        from: { percent: rules.considerFromPercent },
        need: { percent: need },
      }),
    };
  return {
    ...base,
    ...unripe(facts),
    sentence: together(lookSay('look.ripe.short', { capped: said }), apart(facts), again(facts)),
  };
}

/**
 * A sealed part smaller than this share of the comb is not worth cutting apart. A starting value.
 */
const LEAST_PIECE = 0.25;

/**
 * The part of a comb that is sealed on both sides, as a share of it, where the household judges the
 * piece that is used; null where it judges the comb, a side was not seen, or the part is too small.
 * A drain frame is never cut apart.
 */
function usedPiece(facts: CombFacts): number | null {
  if (facts.rules.ripeOf !== 'piece' || drainsInPlace(facts)) return null;
  const { A, B } = facts.comb.sides;
  if (!A || !B) return null;
  const part = Math.min(A.capped, B.capped);
  return part >= LEAST_PIECE ? part : null;
}

/** An unripe comb is left; of a dead colony nothing ripens any more, so it is sorted instead. */
const unripe = ({ colony }: CombFacts): Pick<Finding, 'answer' | 'weight'> => ({
  answer: 'no',
  weight: colony.dead ? 'advises' : 'decides',
});

/**
 * Whether dry open honey lifts the verdict, by the household's rule; null where it has nothing to
 * say.
 */
function dry(
  facts: CombFacts,
  water: KnownWater,
  capped: Say,
): Pick<Finding, 'answer' | 'weight' | 'rule' | 'sentence'> | null {
  if (!facts.rules.moistureMayOverrule || water.openCount === 0) return null;
  const limit = waterLimitPercent(facts);
  if (!water.sampled)
    return {
      answer: 'unknown',
      weight: 'decides',
      rule: lookSay('look.ripe.rule-samples'),
      sentence: lookSay('look.ripe.one-drop', { capped }),
    };
  return {
    answer: 'yes',
    weight: 'decides',
    rule: lookSay('look.ripe.rule-dry'),
    sentence: lookSay('look.ripe.dry', {
      capped,
      water: { percent: sure(water.wettestPercent, 'wettestPercent') },
      count: water.count,
      limit: { percent: limit },
    }),
  };
}

const waterRests = (facts: CombFacts, water: KnownWater): Finding['restsOn'] => {
  const on = water.on ?? water.stale?.on;
  return on ? [restsOn('water', on, facts.date, facts.rules.shelfDays.water)] : [];
};

/** What is to be measured before the lid goes on. */
function toMeasure(facts: CombFacts, water: KnownWater): Say[] {
  if (water.wettestPercent !== null)
    return [lookSay('look.ripe.water', { water: { percent: water.wettestPercent } })];
  return [
    ...(water.stale ? [lookSay('look.ripe.water-stale', { on: asDate(water.stale.on) })] : []),
    lookSay(facts.humidPlace ? 'look.ripe.humid' : 'look.ripe.measure'),
  ];
}

/** What may be done with an unripe comb beside waiting. */
function apart(facts: CombFacts): Say | null {
  if (facts.colony.dead) return lookSay('look.ripe.sort');
  const sides = seenSides(facts.comb.sides);
  return sumOf(sides, 'capped') > 0.15 && sumOf(sides, 'open') > 0.1
    ? lookSay('look.ripe.cut-apart')
    : null;
}

const again = (facts: CombFacts): Say =>
  facts.colony.dead
    ? lookSay('look.ripe.nothing-ripens')
    : lookSay('look.ripe.look-again', { days: facts.rules.lookAgainDays });

function ripePots(facts: CombFacts): Finding {
  const pots = facts.comb.pots!;
  const honey = pots.honeySealed + pots.honeyOpen;
  return {
    question: 'ripe',
    answer: pots.honeySealed > 0 ? 'yes' : 'no',
    weight: 'decides',
    rule: lookSay('look.ripe.rule-pots'),
    ...(honey ? { measured: (pots.honeySealed / honey) * 100, unit: '%' as const } : {}),
    restsOn: facts.comb.seenOn
      ? [restsOn('look', facts.comb.seenOn, facts.date, facts.rules.shelfDays.look)]
      : [],
    sentence: lookSay('look.ripe.pots', { sealed: pots.honeySealed, open: pots.honeyOpen }),
  };
}
