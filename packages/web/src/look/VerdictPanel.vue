<script setup lang="ts">
import { massRangeText, massText, smallMassRangeText, smallMassText, type HouseRules, type JudgedComb, type Look, type Reason, type Verdict } from '@furrow/core';
import { DateTime } from 'luxon';
import { computed } from 'vue';

const props = defineProps<{ judged: JudgedComb; looks: Look[]; rules: HouseRules; isDraft: boolean; lastText: string | null }>();
const big: Record<Verdict, string> = { take: 'Take', leave: 'Leave', test: 'Test first', 'not-read': 'Not read' };
const names: Record<Reason['rule'], string> = { seen: 'Sides', brood: 'Brood', honey: 'Honey', capped: 'Capped', moisture: 'Water, wettest', 'first-season': 'First season', winter: 'Left for winter' };
const W = 346;
const gauges = computed(() => props.judged.verdict.reasons.map((r) => {
  if (r.measured === undefined || r.limit === undefined) return { ...r, gauge: null, gap: '' };
  const top = r.unit === 'kg' ? Math.max(r.limit, r.measured) * 1.15 : r.rule === 'moisture' ? 24 : 100;
  const bottom = r.rule === 'moisture' ? 14 : 0;
  const at = (v: number): number => Math.min(W, Math.max(0, ((v - bottom) / (top - bottom)) * W));
  const gap = r.fits === false ? (r.rule === 'moisture' ? `${(r.measured - r.limit).toFixed(1)} over` : `${(r.limit - r.measured).toFixed(r.unit === 'kg' ? 1 : 0)} short`) : r.fits ? 'fits' : '';
  return { ...r, gap, gauge: { value: at(r.measured), limit: at(r.limit) } };
}));
const show = (r: Reason): string => (r.measured === undefined ? '' : r.unit === 'kg' ? massText(r.measured, props.rules.units) : `${r.measured.toFixed(r.rule === 'moisture' ? 1 : 0)} %`);
const limit = (r: Reason): string => (r.unit === 'kg' ? `needs ${massText(r.limit!, props.rules.units)}` : r.rule === 'moisture' ? `at most ${r.limit} %` : `rule ${r.limit} %`);
/** Capped share at each look, oldest to newest, on a time axis. */
const history = computed(() => {
  const points = props.looks.flatMap((l) => (l.verdict.cappedPercent === null ? [] : [{ t: Date.parse(l.occurredAt), v: l.verdict.cappedPercent, label: DateTime.fromISO(l.date).toFormat('d LLL') }])).slice(-6).filter((p, _, all) => p.t > all.at(-1)!.t - 150 * 86_400_000);
  if (points.length < 2) return null;
  const [a, b] = [points[0].t, points.at(-1)!.t];
  const x = (t: number): number => 10 + ((t - a) / (b - a || 1)) * (W - 30);
  const y = (v: number): number => 72 - (v / 100) * 62;
  return { points: points.map((p) => ({ ...p, x: x(p.t), y: y(p.v) })), d: points.map((p, i) => `${i ? 'L' : 'M'}${x(p.t)} ${y(p.v)}`).join(''), rule: y(props.rules.ripeCappedPercent) };
});
</script>

<template>
  <aside class="verdict" aria-live="polite">
    <div class="head">
      <svg width="40" height="40" viewBox="-12 -12 24 24" aria-hidden="true">
        <path v-if="judged.verdict.verdict === 'take'" d="M-10 8L0-9L10 8Z" fill="var(--field)" /><rect v-else-if="judged.verdict.verdict === 'leave'" x="-12" y="-5" width="24" height="10" fill="var(--ink)" />
        <path v-else-if="judged.verdict.verdict === 'test'" d="M0-10L10 0L0 10L-10 0Z" fill="none" stroke="var(--ink)" stroke-width="2.5" /><circle v-else r="8" fill="none" stroke="var(--ink)" stroke-width="2.5" />
      </svg>
      <b class="display">{{ big[judged.verdict.verdict] }}</b>
      <span class="sub">comb {{ judged.slot }}, {{ isDraft ? 'being looked at' : lastText ? `seen ${lastText}` : 'never seen' }}</span>
    </div>
    <p class="why">{{ judged.verdict.headline }}</p>
    <div v-for="r in gauges" :key="r.rule" class="evidence">
      <div class="line"><b>{{ names[r.rule] }}</b><span v-if="r.gauge"><b>{{ show(r) }}</b> <em :class="r.fits === false ? 'rust' : 'green'">{{ r.gap }}</em></span><span v-else :class="{ rust: r.fits === false }">{{ r.sentence }}</span></div>
      <svg v-if="r.gauge" :width="W" height="32" :viewBox="`0 0 ${W} 32`" aria-hidden="true">
        <path :d="`M0 8h${W}`" stroke="var(--lichen-3)" stroke-width="6" /><path :d="`M0 8h${r.gauge.value}`" :stroke="r.fits === false ? 'var(--rust)' : 'var(--field)'" stroke-width="6" />
        <path :d="`M${r.gauge.limit} 1v14`" stroke="var(--ink)" stroke-width="2.5" /><text :x="Math.min(r.gauge.limit, W - 2)" y="28" font-size="14" :text-anchor="r.gauge.limit > W * 0.75 ? 'end' : r.gauge.limit < W * 0.2 ? 'start' : 'middle'" style="fill: var(--ink-2)">{{ limit(r) }}</text>
      </svg>
    </div>
    <div class="figures">
      <div><b class="display">{{ judged.estimate ? massText(judged.estimate.honeyKg.mid, rules.units) : '?' }}</b><span class="sub">honey{{ judged.estimate ? `, ${massRangeText(judged.estimate.honeyKg, rules.units)}` : ' unknown' }}</span></div>
      <div><b class="display">{{ judged.estimate ? smallMassText(judged.estimate.waxKg.mid * 1000, rules.units) : '?' }}</b><span class="sub">wax{{ judged.estimate ? `, ${smallMassRangeText({ low: judged.estimate.waxKg.low * 1000, mid: 0, high: judged.estimate.waxKg.high * 1000 }, rules.units)}` : ' unknown' }}</span></div>
    </div>
    <slot />
    <details class="how"><summary>How this was got</summary><p>Each side's share × its area × half the thickness × packing 0.85 to 0.95 × density. Open cells count 0.3 to 0.95 full. A side not seen may be bare or sealed, so the range is wide. Wax is 4 to 6 % of new sealed comb. Decided by the rule “{{ names[judged.verdict.decidedBy] }}”.</p></details>
    <svg v-if="history" :width="W" height="94" :viewBox="`0 0 ${W} 94`" role="img" :aria-label="`Capped at each look: ${history.points.map((p) => `${p.label} ${Math.round(p.v)} %`).join(', ')}`">
      <path :d="`M0 ${history.rule}H${W}`" stroke="var(--ink)" stroke-dasharray="2 4" /><text :x="W" :y="history.rule - 4" font-size="14" text-anchor="end" style="fill: var(--ink-2)">{{ rules.ripeCappedPercent }} %</text>
      <path :d="history.d" fill="none" stroke="var(--ink)" stroke-width="2" /><path :d="`M0 76H${W}`" stroke="var(--ink-2)" />
      <g v-for="(p, i) in history.points" :key="i"><circle :cx="p.x" :cy="p.y" r="4.5" fill="var(--lime-1)" stroke="var(--ink)" stroke-width="2.2" /><text v-if="i === 0 || i === history.points.length - 1" :x="p.x" y="91" font-size="14" :text-anchor="i === 0 ? 'start' : i === history.points.length - 1 ? 'end' : 'middle'" style="fill: var(--ink-2)">{{ p.label }}</text></g>
    </svg>
  </aside>
</template>

<style scoped>
.verdict { display: flex; flex-direction: column; gap: 6px; }
.head { display: flex; align-items: center; gap: 12px; flex-wrap: wrap; } .head b { font-size: 50px; line-height: 52px; letter-spacing: -0.03em; } .head .sub { line-height: 18px; }
.why { font-size: 18px; line-height: 25px; margin-bottom: 4px; }
.evidence { border-top: var(--line); padding: 5px 0 1px; } .line { display: flex; justify-content: space-between; gap: 10px; } em { font-style: normal; font-weight: 600; margin-left: 6px; } svg { max-width: 100%; }
.figures { display: grid; grid-template-columns: 1fr 1fr; border-top: 1.5px solid var(--ink); padding-top: 5px; } .figures div { display: flex; flex-direction: column; } .figures b { font-size: 25px; line-height: 30px; }
</style>
