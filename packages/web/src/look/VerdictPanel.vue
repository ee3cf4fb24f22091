<script setup lang="ts">
import {
  correctedEstimate,
  judgementName,
  massRangeText,
  massText,
  smallMassRangeText,
  smallMassText,
  type EstimateCorrection,
  type HouseRules,
  type JudgedComb,
  type Judgement,
  type Range,
  type Reason,
  type Verdict,
} from '@furrow/core';
import { computed } from 'vue';

const props = defineProps<{
  judged: JudgedComb;
  placeName: string;
  rules: HouseRules;
  isDraft: boolean;
  lastText: string | null;
  correction?: EstimateCorrection | null;
}>();
/** The estimate as the household's own scale corrects it, said beside it once it counts. */
const mended = computed(() =>
  props.correction?.applies && props.judged.estimate
    ? correctedEstimate(props.judged.estimate, props.correction.factor)
    : null,
);
const big: Record<Verdict, string> = {
  take: 'Take',
  leave: 'Leave',
  test: 'Test first',
  'not-read': 'Not read',
};
const names: Record<Reason['rule'], string> = {
  dead: 'Colony gone',
  treated: 'Treated',
  syrup: 'May hold syrup',
  pots: 'Pots',
  seen: 'Sides',
  brood: 'Brood',
  honey: 'Honey',
  capped: 'Capped',
  moisture: 'Water, wettest',
  'first-season': 'First season',
  winter: 'Left for winter',
};
const W = 346;
const small = computed(() => (props.judged.estimate?.honeyKg.high ?? 0) < 1);
const grams = (r: Range): string =>
  smallMassRangeText(
    { low: r.low * 1000, mid: r.mid * 1000, high: r.high * 1000 },
    props.rules.units,
  );
const wide = window.matchMedia('(min-width: 1100px)').matches;
/** 'Yes' is good news for some questions and bad for others; shape and word tell which. */
const bad: Judgement['topic'][] = ['dead', 'treated', 'brood', 'syrup', 'pollen'];
const speaks = (j: Judgement): 'for' | 'against' | 'open' =>
  j.answer === 'unknown'
    ? 'open'
    : (j.answer === 'yes') !== bad.includes(j.topic)
      ? 'for'
      : 'against';
const mark = (j: Judgement): string => ({ yes: 'yes', no: 'no', unknown: '?' })[j.answer];
const tone = (j: Judgement): string => ({ for: 'green', against: 'rust', open: '' })[speaks(j)];
const gauges = computed(() =>
  props.judged.verdict.reasons.map((r) => {
    if (r.measured === undefined || r.limit === undefined) return { ...r, gauge: null, gap: '' };
    const top =
      r.unit === 'kg' ? Math.max(r.limit, r.measured) * 1.15 : r.rule === 'moisture' ? 24 : 100;
    const bottom = r.rule === 'moisture' ? 14 : 0;
    const at = (v: number): number => Math.min(W, Math.max(0, ((v - bottom) / (top - bottom)) * W));
    const gap =
      r.fits === false
        ? r.rule === 'moisture'
          ? `${(r.measured - r.limit).toFixed(1)} over`
          : `${(r.limit - r.measured).toFixed(r.unit === 'kg' ? 1 : 0)} short`
        : r.fits
          ? 'fits'
          : '';
    return { ...r, gap, gauge: { value: at(r.measured), limit: at(r.limit) } };
  }),
);
const show = (r: Reason): string =>
  r.measured === undefined
    ? ''
    : r.unit === 'kg'
      ? massText(r.measured, props.rules.units)
      : `${r.measured.toFixed(r.rule === 'moisture' ? 1 : 0)} %`;
const limit = (r: Reason): string =>
  r.unit === 'kg'
    ? `needs ${massText(r.limit!, props.rules.units)}`
    : r.rule === 'moisture'
      ? `at most ${r.limit} %`
      : `rule ${r.limit} %`;
</script>

<template>
  <aside class="verdict" aria-live="polite">
    <div class="head">
      <svg width="40" height="40" viewBox="-12 -12 24 24" aria-hidden="true">
        <path v-if="judged.verdict.verdict === 'take'" d="M-10 8L0-9L10 8Z" fill="var(--field)" />
        <rect
          v-else-if="judged.verdict.verdict === 'leave'"
          x="-12"
          y="-5"
          width="24"
          height="10"
          fill="var(--ink)"
        />
        <path
          v-else-if="judged.verdict.verdict === 'test'"
          d="M0-10L10 0L0 10L-10 0Z"
          fill="none"
          stroke="var(--ink)"
          stroke-width="2.5"
        />
        <circle v-else r="8" fill="none" stroke="var(--ink)" stroke-width="2.5" />
      </svg>
      <b class="display">{{ big[judged.verdict.verdict] }}</b>
      <span class="sub"
        >{{ placeName }},
        {{ isDraft ? 'being looked at' : lastText ? `seen ${lastText}` : 'never seen' }}</span
      >
    </div>
    <p class="why">{{ judged.verdict.headline }}</p>
    <div v-for="r in gauges" :key="r.rule" class="evidence">
      <div class="line">
        <b>{{ names[r.rule] }}</b><span v-if="r.gauge"
          ><b>{{ show(r) }}</b>
          <em :class="r.fits === false ? 'rust' : 'green'">{{ r.gap }}</em></span
        ><span v-else :class="{ rust: r.fits === false }">{{ r.sentence }}</span>
      </div>
      <svg v-if="r.gauge" :width="W" height="32" :viewBox="`0 0 ${W} 32`" aria-hidden="true">
        <path :d="`M0 8h${W}`" stroke="var(--lichen-3)" stroke-width="6" />
        <path
          :d="`M0 8h${r.gauge.value}`"
          :stroke="r.fits === false ? 'var(--rust)' : 'var(--field)'"
          stroke-width="6"
        />
        <path :d="`M${r.gauge.limit} 1v14`" stroke="var(--ink)" stroke-width="2.5" />
        <text
          :x="Math.min(r.gauge.limit, W - 2)"
          y="28"
          font-size="14"
          :text-anchor="
            r.gauge.limit > W * 0.75 ? 'end' : r.gauge.limit < W * 0.2 ? 'start' : 'middle'
          "
          style="fill: var(--ink-2)"
        >
          {{ limit(r) }}
        </text>
      </svg>
    </div>
    <div class="figures">
      <div>
        <b class="display">{{
          judged.estimate
            ? small
              ? smallMassText(judged.estimate.honeyKg.mid * 1000, rules.units)
              : massText(judged.estimate.honeyKg.mid, rules.units)
            : '?'
        }}</b><span class="sub"
          >honey{{
            judged.estimate
              ? `, ${small ? grams(judged.estimate.honeyKg) : massRangeText(judged.estimate.honeyKg, rules.units)}`
              : ' unknown'
          }}</span
        >
      </div>
      <div v-if="!judged.seen?.pots">
        <b class="display">{{
          judged.estimate ? smallMassText(judged.estimate.waxKg.mid * 1000, rules.units) : '?'
        }}</b><span class="sub"
          >wax{{
            judged.estimate
              ? `, ${smallMassRangeText({ low: judged.estimate.waxKg.low * 1000, mid: 0, high: judged.estimate.waxKg.high * 1000 }, rules.units)}`
              : ' unknown'
          }}</span
        >
      </div>
    </div>
    <p v-if="mended" class="sub">
      <b>{{ massText(mended.honeyKg.mid, rules.units) }} by your own scale.</b>
      {{ correction!.sentence }}
    </p>
    <slot />
    <details class="apart" :open="wide">
      <summary>Each question apart</summary>
      <ul>
        <li v-for="j in judged.judgements" :key="j.topic">
          <span class="answer" :class="tone(j)">{{ mark(j) }}</span><span
            ><b>{{ judgementName(j.topic) }}</b> <em class="sub">{{ j.rule }}</em><br />{{
              j.sentence
            }}</span
          >
        </li>
      </ul>
    </details>
    <details class="how">
      <summary>How this was got</summary>
      <p v-if="judged.seen?.pots">
        Pots counted × the ellipsoid of their width and height × 0.55 to 0.85 filled (open ones 0.2
        to 0.85) × density at 22 to 35 % water. Stingless bees have their own rules; no limit of
        honeybee honey is used.
      </p>
      <p v-else>
        Each side's share × its area × half the thickness × packing 0.85 to 0.95 × density. Open
        cells count 0.3 to 0.95 full. A side not seen may be bare or sealed, so the range is wide.
        Wax is 4 to 6 % of new sealed comb. Decided by the rule “{{
          names[judged.verdict.decidedBy]
        }}”.
      </p>
    </details>
    <slot name="after" />
  </aside>
</template>

<style scoped>
.verdict {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
}
.head b {
  font-size: 50px;
  line-height: 52px;
  letter-spacing: -0.03em;
}
.head .sub {
  line-height: 18px;
}
.why {
  font-size: 18px;
  line-height: 25px;
  margin-bottom: 4px;
}
.evidence {
  border-top: var(--line);
  padding: 5px 0 1px;
}
.line {
  display: flex;
  justify-content: space-between;
  gap: 10px;
}
em {
  font-style: normal;
  font-weight: 600;
  margin-left: 6px;
}
svg {
  max-width: 100%;
}
.figures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  border-top: 1.5px solid var(--ink);
  padding-top: 5px;
}
.figures div {
  display: flex;
  flex-direction: column;
}
.figures b {
  font-size: 25px;
  line-height: 30px;
}
.apart ul {
  list-style: none;
  margin: 4px 0;
  padding: 0;
}
.apart li {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 4px;
  padding: 5px 0;
  border-bottom: var(--line);
  font-size: 15px;
  line-height: 20px;
}
.apart em {
  margin: 0;
  font-weight: 400;
}
.answer {
  font: 600 16px var(--display);
}
summary {
  min-height: 40px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 600;
}
</style>
