import { useNow } from '../shell/useNow';
import {
  cappedForecast,
  comeBack,
  filledShare,
  hiveKind,
  householdPace,
  lastBarForecast,
  scanFromBack,
  seasonOf,
  stateAt,
  superForecast,
  superSince,
  waitingTreatment,
  type CappedLook,
  type CombView,
  type Hive,
  type HouseRules,
  type JudgedComb,
  followerAfterBar,
  isLong,
  type ColonyState,
  type BarView,
  addDays,
} from '@furrow/core';
import { computed, type Ref } from 'vue';

/** Capped share of the honey at each look at a comb that saw any. */
const cappedLooks = (comb: CombView): CappedLook[] =>
  comb.looks.flatMap((l) =>
    l.verdict.cappedPercent === null
      ? []
      : [{ date: l.date, cappedShare: l.verdict.cappedPercent / 100 }],
  );

/** What its lower edge showed at the last look, where it was seen from below. */
function edgeOf(comb: CombView | null): 'capped' | 'open' | null {
  const seen = comb?.looks.at(-1)?.attachment ?? null;
  if (seen === 'capped-below') return 'capped';
  return seen === 'open-below' ? 'open' : null;
}

const flowsStrongly = ({ strength, flow }: ColonyState): boolean =>
  strength?.strength === 'strong' && flow?.flow === 'strong';

/** A frame of a super as its looks tell it: how far it was filled and capped, day by day. */
const frameOf = (bar: BarView) => ({
  place: bar.inBox,
  edge: edgeOf(bar.comb),
  looks: (bar.comb?.looks ?? []).flatMap(({ date, sides, verdict }) => {
    const filled = filledShare(sides);
    const cappedShare = (verdict.cappedPercent ?? 0) / 100;
    return filled === null ? [] : [{ date, filledShare: filled, cappedShare }];
  }),
});

/**
 * What ripens when in one hive: each comb, the last bar, the super. Pure functions of the core over
 * the looks there are.
 */
export function useRipening(
  hives: Ref<readonly Hive[]>,
  hive: Ref<Hive>,
  rules: Ref<HouseRules>,
  judged: Ref<readonly JudgedComb[]>,
  date: Ref<string>,
) {
  const now = useNow();
  const pace = computed(() =>
    householdPace(
      hives.value.flatMap((h) => h.bars.flatMap((b) => (b.comb ? [cappedLooks(b.comb)] : []))),
    ),
  );
  const state = computed(() => stateAt(hive.value, now.value.toISOString(), rules.value));
  const kind = computed(() => hiveKind(hive.value.kind));
  const need = computed(() => {
    const { ripeDrainPercent, ripeCappedPercent } = rules.value;
    return (kind.value.drainsInPlace ? ripeDrainPercent : ripeCappedPercent) / 100;
  });
  const forecastOf = (comb: CombView): ReturnType<typeof cappedForecast> =>
    cappedForecast({
      looks: cappedLooks(comb),
      need: need.value,
      pace: pace.value,
      today: date.value,
    });
  const comeBackOf = (comb: CombView): ReturnType<typeof comeBack> => {
    const season = seasonOf(date.value, hive.value.site.hemisphere);
    const next = Number(season.startsOn.slice(0, 4)) + 1;
    return comeBack({
      today: date.value,
      capped: forecastOf(comb),
      looks: comb.looks.length,
      lookAgainDays: rules.value.lookAgainDays,
      waitUntil: waitingTreatment(state.value, date.value)?.waitUntil ?? null,
      flowEndsOn: state.value.flow?.endsOn ?? null,
      seasonEndsOn: addDays(`${next}${season.startsOn.slice(4)}`, -1),
    });
  };
  const lastBar = computed(() => {
    const board = followerAfterBar(hive.value);
    if (board === undefined || board === null) return null;
    return lastBarForecast({
      combs: hive.value.bars.flatMap((b) =>
        b.comb ? [{ bar: b.slot, builtOn: b.comb.builtOn }] : [],
      ),
      lastBar: board,
      today: date.value,
    });
  });
  /**
   * The combs that are ripe next, by the earliest day of each; those that may be taken already are
   * not among them.
   */
  const nextRipe = computed(() =>
    hive.value.bars
      .flatMap((bar) => {
        const j = judged.value.find((one) => one.slot === bar.slot);
        if (!bar.comb || j?.verdict.verdict !== 'leave' || j.verdict.decidedBy !== 'ripe')
          return [];
        const ripe = forecastOf(bar.comb);
        if (!ripe?.rising) return [];
        return [{ label: j.label, earliest: ripe.earliest, latest: ripe.latest }];
      })
      .sort((a, b) => a.earliest.localeCompare(b.earliest))
      .slice(0, 3),
  );
  const scan = computed(() => (isLong(hive.value.kind) ? scanFromBack(judged.value) : null));
  const supers = computed(() => {
    const { superPurpose: purpose } = kind.value;
    if (state.value.dead || !purpose) return [];
    const boxes = hive.value.boxes.filter((b) => b.compartment === 'super');
    return boxes.map((box) => ({
      number: box.number,
      forecast: superForecast({
        purpose,
        today: date.value,
        setOn: superSince(hive.value, box) ?? date.value,
        turnedOn: box.turnedOn,
        schools: rules.value,
        roomForSecond: boxes.length === 1 && flowsStrongly(state.value),
        flowEndsOn: state.value.flow?.endsOn ?? null,
        pace: pace.value,
        lookedBefore: hive.value.lastLookOn !== null,
        frames: hive.value.bars.filter((b) => b.boxId === box.carrierId).map(frameOf),
      }),
    }));
  });
  return { pace, state, need, forecastOf, comeBackOf, lastBar, scan, nextRipe, supers };
}
