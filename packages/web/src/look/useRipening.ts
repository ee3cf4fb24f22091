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
} from '@furrow/core';
import { computed, type ComputedRef } from 'vue';

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

/**
 * What ripens when in one hive: each comb, the last bar, the super. Pure functions of the core over
 * the looks there are.
 */
export function useRipening(
  hives: ComputedRef<Hive[]>,
  hive: ComputedRef<Hive | null>,
  rules: ComputedRef<HouseRules | null>,
  judged: ComputedRef<JudgedComb[]>,
  date: ComputedRef<string>,
  instant: ComputedRef<string>,
) {
  const pace = computed(() =>
    householdPace(
      hives.value.flatMap((h) => h.bars.flatMap((b) => (b.comb ? [cappedLooks(b.comb)] : []))),
    ),
  );
  const state = computed(() =>
    hive.value && rules.value ? stateAt(hive.value, instant.value, rules.value) : null,
  );
  const need = computed(() =>
    hive.value && rules.value
      ? (hiveKind(hive.value.kind).drainsInPlace
          ? rules.value.ripeDrainPercent
          : rules.value.ripeCappedPercent) / 100
      : 0.8,
  );
  const forecastOf = (comb: CombView): ReturnType<typeof cappedForecast> =>
    cappedForecast({
      looks: cappedLooks(comb),
      need: need.value,
      pace: pace.value,
      today: date.value,
    });
  const comeBackOf = (comb: CombView): ReturnType<typeof comeBack> | null => {
    if (!hive.value || !rules.value || !state.value) return null;
    const season = seasonOf(date.value, hive.value.site.hemisphere);
    const next = Number(season.startsOn.slice(0, 4)) + 1;
    return comeBack({
      today: date.value,
      capped: forecastOf(comb),
      looks: comb.looks.length,
      lookAgainDays: rules.value.lookAgainDays,
      waitUntil: waitingTreatment(state.value, date.value)?.waitUntil ?? null,
      flowEndsOn: state.value.flow?.endsOn ?? null,
      seasonEndsOn: new Date(
        Date.parse(`${next}${season.startsOn.slice(4)}T00:00:00Z`) - 86_400_000,
      )
        .toISOString()
        .slice(0, 10),
    });
  };
  const lastBar = computed(() => {
    const board = hive.value && followerAfterBar(hive.value);
    if (!hive.value || board === undefined || board === null) return null;
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
    (hive.value?.bars ?? [])
      .flatMap((bar) => {
        const j = judged.value.find((one) => one.slot === bar.slot);
        const f =
          bar.comb && j?.verdict.verdict === 'leave' && j.verdict.decidedBy === 'ripe'
            ? forecastOf(bar.comb)
            : null;
        return f?.rising ? [{ label: j!.label, earliest: f.earliest, latest: f.latest }] : [];
      })
      .sort((a, b) => a.earliest.localeCompare(b.earliest))
      .slice(0, 3),
  );
  const scan = computed(() =>
    hive.value && isLong(hive.value.kind) ? scanFromBack(judged.value) : null,
  );
  const supers = computed(() => {
    const purpose = hive.value && hiveKind(hive.value.kind).superPurpose;
    if (!hive.value || !state.value || state.value.dead || !purpose) return [];
    return hive.value.boxes
      .filter((b) => b.compartment === 'super')
      .map((box) => ({
        number: box.number,
        forecast: superForecast({
          purpose,
          today: date.value,
          setOn: superSince(hive.value!, box) ?? date.value,
          turnedOn: box.turnedOn,
          schools: rules.value!,
          roomForSecond:
            state.value!.strength?.strength === 'strong' &&
            state.value!.flow?.flow === 'strong' &&
            hive.value!.boxes.filter((b) => b.compartment === 'super').length === 1,
          flowEndsOn: state.value!.flow?.endsOn ?? null,
          pace: pace.value,
          lookedBefore: hive.value!.lastLookOn !== null,
          frames: hive
            .value!.bars.filter((b) => b.boxId === box.carrierId)
            .map((b) => ({
              place: b.inBox,
              edge: edgeOf(b.comb),
              looks: (b.comb?.looks ?? []).flatMap((l) => {
                const filled = filledShare(l.sides);
                if (filled === null) return [];
                return [
                  {
                    date: l.date,
                    filledShare: filled,
                    cappedShare: (l.verdict.cappedPercent ?? 0) / 100,
                  },
                ];
              }),
            })),
        }),
      }));
  });
  return { pace, state, need, forecastOf, comeBackOf, lastBar, scan, nextRipe, supers };
}
