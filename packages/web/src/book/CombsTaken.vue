<script setup lang="ts">
import { lengthText, massColumn, smallMassText, weighedText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  INCIDENT_WORDS,
  countedCombs,
  unitAt,
  wasOpenedUnsmoked,
  type BatchDetail,
  type NetBy,
  type Take,
  type Units,
} from '@furrow/core';

import { computed, ref } from 'vue';
import { useTrace } from '../api/queries.js';

/** Where a comb is now: its share of what was taken together, followed through the book. */
const props = defineProps<{ detail: BatchDetail; units: Units }>();
/** A weight that no scale gave says so. */
const HOW: Record<NetBy, string> = {
  scale: '',
  depth: tell('CombsTaken.by-depth'),
  estimate: tell('CombsTaken.by-estimate'),
};
interface TakenUnit {
  id: string;
  /** Whether a whole box went onto the scale as one. */
  isBox: boolean;
  name: string;
  g: number;
  by: string;
}
const boxId = (box: number): string => `box:${box}`;
/** What was weighed as one: a comb, or a whole box, whose combs have no weight of their own. */
const combs = computed(() => {
  const taken: TakenUnit[] = [];
  for (const t of props.detail.takes.filter((x) => x.netG)) {
    const box = t.byBox && t.slot ? Math.floor(t.slot / 100) : null;
    const known = box === null ? undefined : taken.find((u) => u.id === boxId(box));
    if (known) known.g += t.netG!;
    else taken.push(unitOf(t, box));
  }
  return taken;
});
function unitOf(take: Take, box: number | null): TakenUnit {
  const by = HOW[take.netBy];
  const g = take.netG!;
  if (box !== null)
    return {
      id: boxId(box),
      isBox: true,
      name: tell('CombsTaken.box', { box }),
      g,
      by,
    };
  const name = said(unitAt(props.detail.hive.kind, take.slot));
  return { id: take.id, isBox: false, name, g, by };
}
/** What was said at the hive of how it was done. */
const atHive = computed(() => {
  const strip = props.detail.marks.find((m) => typeof m.answer.stripMm === 'number');
  return [
    wasOpenedUnsmoked(props.detail.marks) ? tell('CombsTaken.opened-without-smoke') : '',
    ...props.detail.incidents.map((i) =>
      [
        said(INCIDENT_WORDS[i.kind]),
        i.count ? ` ×${i.count}` : '',
        i.note ? `: ${i.note}` : '',
        '.',
      ].join(''),
    ),
    strip
      ? tell('CombsTaken.comb-high-was-left-on', {
          stripMm: lengthText(Number(strip.answer.stripMm), props.units),
        })
      : '',
  ].filter(Boolean);
});
/** Net of one on the average, of those that were weighed; nothing where there is but one. */
const average = computed(() => {
  const isBox = combs.value[0]?.isBox;
  const each = combs.value.filter((c) => !c.by && c.isBox === isBox).map((c) => c.g);
  if (each.length < 2) return null;
  const mean = Math.round(each.reduce((sum, g) => sum + g, 0) / each.length);
  const several = isBox
    ? tell('CombsTaken.boxes', { count: each.length })
    : said(countedCombs(each.length, props.detail.hive.kind));
  return tell('CombsTaken.several-weighed', { several, mean: weighedText(mean, props.units) });
});
/** One unit for the whole row, pounds not as a hundred ounces. */
const each = computed(() =>
  props.units.mass === 'kilograms'
    ? (g: number) => smallMassText(g, props.units, 1)
    : massColumn(
        combs.value.map((c) => c.g),
        props.units,
      ),
);
const touched = ref<string | null>(null);
const comb = computed(() => combs.value.find((c) => c.id === touched.value) ?? null);
const lot = computed(
  () =>
    props.detail.lots.find((l) => l.kind === 'comb') ??
    props.detail.lots.find((l) => l.kind === 'honey') ??
    null,
);
const trace = useTrace(
  computed(() => lot.value?.id ?? ''),
  ref('forward'),
);
const share = computed(() =>
  comb.value && lot.value ? comb.value.g / Math.max(1, lot.value.inG) : 0,
);
</script>

<template>
  <p v-if="atHive.length" class="sub">{{ atHive.join(' ') }}</p>
  <template v-if="combs.length && lot">
    <h2 class="furrow-heading">
      {{
        tell('CombsTaken.where-now', {
          unit: combs[0].isBox ? tell('CombsTaken.box-2') : tell('CombsTaken.comb'),
        })
      }}
    </h2>
    <p v-if="average" class="sub">{{ average }}</p>
    <div class="combs">
      <button
        v-for="c in combs"
        :key="c.id"
        type="button"
        :aria-pressed="c.id === touched"
        :class="{ on: c.id === touched }"
        @click="touched = touched === c.id ? null : c.id"
      >
        {{ c.name }}<small>{{ each(c.g) }}{{ c.by }}</small>
      </button>
    </div>
    <p v-if="comb && trace.data.value" aria-live="polite">
      <b>{{ comb.name }}</b>
      {{ tell('CombsTaken.was-what-was-taken-together', { share: Math.round(share * 100) }) }}
      <template v-for="(s, i) in trace.data.value.shares" :key="s.lot"
        ><template v-if="i">, </template
        ><RouterLink v-if="s.batchId" :to="`/book/${s.batchId}?lot=${s.lot}`">{{
          said(s.name)
        }}</RouterLink
        ><template v-else>{{ said(s.name) }}</template>
        {{ tell('CombsTaken.about', { g: smallMassText(s.g * share, units, 10) }) }}</template
      >.
    </p>
  </template>
</template>

<style scoped>
.combs {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.combs button {
  min-height: 52px;
  padding: 4px 14px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  font: 600 16px/1.1 var(--text);
  color: var(--ink);
  cursor: pointer;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  justify-content: center;
}
.combs small {
  font-weight: 400;
}
.combs .on {
  border: 3px solid var(--ink);
}
</style>
