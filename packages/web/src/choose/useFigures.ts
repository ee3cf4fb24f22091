import { estimateRangeText, massFigure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  METRIC,
  hiveKind,
  percentDown,
  readShape,
  type ChoiceHive,
  type Hive,
  type HouseRules,
  type JudgedComb,
  isStingless,
} from '@furrow/core';
import { largeUnit } from '@furrow/words';
import { computed, type Ref } from 'vue';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import type { BoxFigures, CombFigures } from '../drawing/sections/section.js';

/** "100" and three figures of a mass have room under a comb from this many pixels a place. */
const FIGURES_FROM_PX = 27;
/** Room beside a stack for what is written of its boxes, px. */
const BESIDE_PX = 104;
/** A stack is no higher than this, px; on a phone what it says of the choice stands under it. */
const HIGH_PX = window.matchMedia('(max-width: 700px)').matches ? 300 : 400;

/**
 * What Choose writes into its section: under each comb its capped share and its honey where places
 * are wide enough, beside each box the same of the whole where a box is what is taken. Takes the
 * hive in view with its combs as judged and its units, the width of the screen's column in px and
 * the rules.
 */
export function useFigures(
  hive: Ref<Hive | null>,
  judged: Ref<JudgedComb[]>,
  here: Ref<ChoiceHive | null>,
  width: Ref<number>,
  rules: Ref<HouseRules | null>,
) {
  const units = computed(() => rules.value?.units ?? METRIC);
  const byBox = computed(
    () => hive.value !== null && hiveKind(hive.value.kind).unitTaken === 'box',
  );
  const scale = computed(() => {
    if (!hive.value) return 0.8;
    const size = sectionSizeMm(hive.value);
    const room = width.value - 20 - (byBox.value ? BESIDE_PX : 0);
    return hive.value.boxes.length
      ? Math.min(0.8, HIGH_PX / size.heightMm, room / size.widthMm)
      : Math.max(0.6, Math.min(0.92, room / size.widthMm));
  });
  const pitchPx = computed(() => (hive.value ? readShape(hive.value).pitchMm * scale.value : 0));
  const below = computed<CombFigures[]>(() => {
    if (
      byBox.value ||
      (hive.value && isStingless(hive.value.kind)) ||
      pitchPx.value < FIGURES_FROM_PX
    )
      return [];
    return judged.value.map((j) => {
      const { cappedPercent } = j.verdict;
      const share = {
        text: cappedPercent === null ? '?' : String(percentDown(cappedPercent / 100)),
        rust: j.verdict.decidedBy === 'ripe' && j.verdict.verdict === 'leave',
      };
      const mass = { text: j.estimate ? massFigure(j.estimate.honeyKg.mid, units.value) : '?' };
      return { slot: j.slot, lines: [share, mass] };
    });
  });
  const beside = computed<BoxFigures[]>(() => {
    if (!byBox.value || !hive.value) return [];
    return hive.value.boxes.flatMap((box) => {
      const combs = judged.value.filter((j) => j.boxId === box.carrierId);
      if (!combs.length) return [];
      const lines = boxLines(combs, box.carrierId);
      return [{ boxId: box.carrierId, lines }];
    });
  });
  /** A box is as known as its combs: one that is not read leaves its share and honey unknown. */
  function boxLines(combs: readonly JudgedComb[], boxId: string): string[] {
    const unread = combs.filter((j) => !j.estimate).length;
    if (unread) return [tell('useFigures.unread', { unread })];
    const shares = combs.flatMap((j) =>
      j.verdict.cappedPercent === null ? [] : [j.verdict.cappedPercent],
    );
    const mean = shares.reduce((sum, p) => sum + p, 0) / Math.max(1, shares.length);
    const whole = here.value?.units.find((u) => u.id === boxId)?.estimate?.honeyKg;
    const honeyKg = whole ?? {
      low: combs.reduce((sum, j) => sum + j.estimate!.honeyKg.low, 0),
      mid: combs.reduce((sum, j) => sum + j.estimate!.honeyKg.mid, 0),
      high: combs.reduce((sum, j) => sum + j.estimate!.honeyKg.high, 0),
    };
    const capped =
      shares.length === combs.length
        ? tell('useFigures.capped', { mean: percentDown(mean / 100) })
        : '? capped';
    return [capped, estimateRangeText(honeyKg, units.value)];
  }
  /** What the figures in the drawing are, a sentence's middle; empty where there are none. */
  const says = computed(() => {
    if (beside.value.length) return tell('useFigures.beside-each-box-capped-and') + ' ';
    const mass = largeUnit(units.value);
    if (!below.value.length) return '';
    const where = hive.value?.boxes.length ? tell('common.on') : tell('useFigures.under');
    return tell('useFigures.each-capped', { where, mass }) + ' ';
  });
  return { scale, below, beside, says };
}
