<script setup lang="ts">
import {
  figure,
  massRangeText,
  massText,
  smallMassRangeText,
  smallMassText,
} from '../words/figures.js';
import { tell } from '../words/tell.js';
import { dateText } from '../shell/times.js';
import {
  QUESTION_WORDS,
  VERDICT_WORDS,
  ageSaid,
  correctedEstimate,
  type EstimateCorrection,
  type Finding,
  type HiveKindName,
  type HouseRules,
  type JudgedComb,
  type Range,
  type Way,
  hiveKind as kindOf,
  between,
} from '@furrow/core';

import { computed } from 'vue';
import { said } from '../words/units.js';

const props = defineProps<{
  judged: JudgedComb;
  placeName: string;
  rules: HouseRules;
  hiveKind?: HiveKindName;
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

const isInPlace = computed(
  () => props.hiveKind !== undefined && kindOf(props.hiveKind).drainsInPlace,
);
/** How the volume of a comb becomes honey, and where its wax is, by what the bees built on. */
const packingText = computed(() =>
  isInPlace.value
    ? tell('VerdictPanel.packing-frame', { gap: { lengthMm: { low: 7, high: 9 } } })
    : tell('VerdictPanel.packing'),
);
const waxText = computed(() =>
  isInPlace.value
    ? tell('VerdictPanel.wax-in-caps', {
        wax: { massG: { low: 1, high: 5 }, as: 'estimate' },
        area: { areaCm2: 100 },
      })
    : tell('VerdictPanel.wax-sealed', {
        wax: { massG: { low: 11, high: 12 }, as: 'estimate' },
        area: { areaCm2: 100 },
      }),
);
const W = 346;
const small = computed(() => (props.judged.estimate?.honeyKg.high ?? 0) < 1);
const grams = (r: Range): string =>
  smallMassRangeText(
    { low: r.low * 1000, mid: r.mid * 1000, high: r.high * 1000 },
    props.rules.units,
  );
const wide = window.matchMedia('(min-width: 1100px)').matches;
/** 'Yes' is good news for some questions and bad for others; shape and word tell which. */
function speaks(f: Finding): 'for' | 'against' | 'open' {
  if (f.answer === 'unknown') return 'open';
  return f.answer === QUESTION_WORDS[f.question].good ? 'for' : 'against';
}
const YES_OR_NO = { yes: tell('VerdictPanel.yes'), no: tell('VerdictPanel.no') };
const MARKS = { ...YES_OR_NO, unknown: '?' };
const SHORT_ANSWERS = { ...YES_OR_NO, unknown: tell('VerdictPanel.not-known') };
/** A bare 'no' beside Take reads like a refusal; whose honey it is has words of its own. */
const THEIRS_ANSWERS = {
  yes: tell('VerdictPanel.they-need-it'),
  no: tell('VerdictPanel.can-be-spared'),
  unknown: tell('VerdictPanel.not-known'),
};
function shortAnswer(f: Finding): string {
  if (f.question !== 'theirs') return SHORT_ANSWERS[f.answer];
  const counted = f.unit === 'pots' && f.limit !== undefined;
  if (counted && f.answer === 'no')
    return tell('VerdictPanel.sealed-pots-to-spare', { measured: f.measured, limit: f.limit });
  return THEIRS_ANSWERS[f.answer];
}
const TONES = { for: 'green', against: 'rust', open: '' };
const nameOf = (f: Finding): string => said(QUESTION_WORDS[f.question].name);

/**
 * What stands beside the verdict at once: what weighs, and always whether it is ripe and theirs.
 */
const evidence = computed(() =>
  props.judged.verdict.findings
    .filter(
      (f) =>
        f.weight === 'forbids' || f.weight === 'decides' || ['ripe', 'theirs'].includes(f.question),
    )
    .map((f) => ({ ...f, gauge: gaugeOf(f) })),
);
interface Gauge {
  value: number;
  limit: number;
  measured: string;
  rule: string;
  gap: string;
}
const WATER_RULES = ['look.ripe.rule-wet', 'look.ripe.rule-your-limit'];
const isWater = (f: Finding): boolean => WATER_RULES.includes(f.rule.key);
function gaugeOf(f: Finding): Gauge | null {
  if (f.measured === undefined || f.limit === undefined) return null;
  if (f.unit === 'kg') return kilograms(f, f.measured, f.limit);
  return f.unit === '%' ? percents(f, f.measured, f.limit) : null;
}
const along = (value: number, from: number, to: number): number =>
  between(0, W, ((value - from) / (to - from)) * W);
function missingText(f: Finding, shortKg: number): string {
  if (f.answer === 'unknown') return tell('VerdictPanel.not-all-read');
  return shortKg > 1e-9
    ? tell('VerdictPanel.short', { shortKg: massText(shortKg, props.rules.units) })
    : tell('VerdictPanel.covered');
}
function kilograms(f: Finding, measured: number, limit: number): Gauge {
  const top = Math.max(limit, measured) * 1.15 || 1;
  return {
    value: along(measured, 0, top),
    limit: along(limit, 0, top),
    measured: massText(measured, props.rules.units),
    rule: tell('VerdictPanel.needs', { limit: massText(limit, props.rules.units) }),
    gap: missingText(f, limit - measured),
  };
}
function percents(f: Finding, measured: number, limit: number): Gauge {
  const [from, to] = isWater(f) ? [14, 24] : [0, 100];
  const shown = isWater(f) ? figure(measured, 1) : String(Math.floor(measured + 1e-6));
  const missing = isWater(f)
    ? tell('VerdictPanel.over', { measured: figure(measured - limit, 1) })
    : tell('VerdictPanel.short-2', { limit: limit - Math.floor(measured + 1e-6) });
  return {
    value: along(measured, from, to),
    limit: along(limit, from, to),
    measured: `${shown} %`,
    rule: isWater(f)
      ? tell('VerdictPanel.at-most', { limit })
      : tell('VerdictPanel.rule', { limit }),
    gap: f.answer === 'no' ? missing : '',
  };
}
/** What decides stands in full above: it is not said twice. */
const apartText = (f: Finding): string =>
  said(f.sentence) === said(props.judged.verdict.headline)
    ? tell('VerdictPanel.this-decides-as-said-above')
    : said(f.sentence);
const EMPTIED_WORDS: Partial<Record<Way, string>> = {
  'draw-pots': tell('VerdictPanel.pots-drawn'),
  'cut-pots': tell('common.pots-cut-out'),
  'drain-hive': tell('VerdictPanel.drained-in-hive'),
  'drain-off': tell('VerdictPanel.drained-off-hive'),
};
/** A place that was drained or drawn since the last look. */
const emptiedText = computed(() => {
  const { emptied } = props.judged;
  if (!emptied) return null;
  return tell('VerdictPanel.on-not-looked-at-since', {
    way: EMPTIED_WORDS[emptied.way] ?? tell('VerdictPanel.emptied'),
    on: dateText(emptied.on),
  });
});
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
      <b class="display">{{ said(VERDICT_WORDS[judged.verdict.verdict]) }}</b>
      <span class="sub"
        >{{ placeName }},
        {{
          isDraft
            ? tell('VerdictPanel.being-looked-at')
            : lastText
              ? tell('VerdictPanel.seen-then', { seen: lastText })
              : tell('VerdictPanel.never-seen')
        }}</span
      >
    </div>
    <p v-if="emptiedText" class="rust">
      <b>{{ emptiedText }}</b>
    </p>
    <p class="why">{{ said(judged.verdict.headline) }}</p>
    <slot name="ask" />
    <div v-for="f in evidence" :key="f.question" class="evidence">
      <div class="line">
        <b>{{ nameOf(f) }}</b><span v-if="f.gauge"
          ><b>{{ f.gauge.measured }}</b>
          <em :class="speaks(f) === 'against' ? 'rust' : 'green'">{{ f.gauge.gap }}</em></span
        ><span v-else :class="TONES[speaks(f)]">{{ shortAnswer(f) }}</span>
      </div>
      <svg v-if="f.gauge" :width="W" height="32" :viewBox="`0 0 ${W} 32`" aria-hidden="true">
        <path :d="`M0 8h${W}`" stroke="var(--lichen-3)" stroke-width="6" />
        <path
          :d="`M0 8h${f.gauge.value}`"
          :stroke="speaks(f) === 'against' ? 'var(--rust)' : 'var(--field)'"
          stroke-width="6"
        />
        <path :d="`M${f.gauge.limit} 1v14`" stroke="var(--ink)" stroke-width="2.5" />
        <text
          :x="Math.min(f.gauge.limit, W - 2)"
          y="28"
          font-size="14"
          :text-anchor="
            f.gauge.limit > W * 0.75 ? 'end' : f.gauge.limit < W * 0.2 ? 'start' : 'middle'
          "
          style="fill: var(--ink-2)"
        >
          {{ f.gauge.rule }}
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
          >{{ judged.seen?.pots ? tell('VerdictPanel.in-all-pots') : tell('VerdictPanel.honey')
          }}{{
            judged.estimate
              ? `, ${small ? grams(judged.estimate.honeyKg) : massRangeText(judged.estimate.honeyKg, rules.units)}`
              : tell('VerdictPanel.honey-unknown')
          }}</span
        >
      </div>
      <div v-if="!judged.seen?.pots">
        <b class="display">{{
          judged.estimate ? smallMassText(judged.estimate.waxKg.mid * 1000, rules.units) : '?'
        }}</b><span class="sub">{{
          tell('VerdictPanel.wax', {
            estimate: judged.estimate
              ? `, ${smallMassRangeText({ low: judged.estimate.waxKg.low * 1000, mid: 0, high: judged.estimate.waxKg.high * 1000 }, rules.units)}`
              : ' ' + tell('VerdictPanel.unknown'),
          })
        }}</span>
      </div>
    </div>
    <p v-if="mended" class="sub">
      <b>{{
        tell('VerdictPanel.by-your-own-scale', { mid: massText(mended.honeyKg.mid, rules.units) })
      }}</b>
      {{ said(correction!.sentence) }}
    </p>
    <slot />
    <details class="apart" :open="wide">
      <summary>{{ tell('VerdictPanel.each-question-apart') }}</summary>
      <ul>
        <li v-for="f in judged.verdict.findings" :key="f.question">
          <span class="answer" :class="TONES[speaks(f)]">{{ MARKS[f.answer] }}</span>
          <span
            ><b>{{ nameOf(f) }}</b> <em class="sub">{{ said(f.rule) }}</em><br />{{ apartText(f)
            }}<small v-if="f.restsOn.length" class="sub"
              ><br />{{
                tell('VerdictPanel.rests-on', {
                  restsOn: f.restsOn.map((r) => said(ageSaid(r))).join('; '),
                })
              }}</small
            ></span
          >
        </li>
      </ul>
    </details>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p v-if="judged.seen?.pots">
        {{ tell('VerdictPanel.pots-counted-ellipsoid-their-width') }}
      </p>
      <p v-else>
        {{
          tell('VerdictPanel.each-sides-share-its-area', {
            packingText,
            waxText,
            decidedBy: QUESTION_WORDS[judged.verdict.decidedBy].name,
          })
        }}
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
.figures div:only-child {
  grid-column: 1 / -1;
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
