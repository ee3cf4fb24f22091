<script setup lang="ts">
import { CONTENTS, depthOfAreaShare, bandEdges, readingMoisture, seenOutline, setShare, type Content, type Look, type Reading, type Seen, type Shares, type TopBarGeometry } from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import CombFace from '../drawing/CombFace.vue';
import NumberField from '../parts/NumberField.vue';
import { dayText } from '../shell/times.js';
import MoistureDialog from './MoistureDialog.vue';

type Draft = { A: Shares | null; B: Shares | null; readings: Reading[]; combAge: Seen['combAge']; depthMm: number; thicknessMm: number } | null;
const props = defineProps<{ slotNumber: number; geometry: TopBarGeometry; last: Look | null; draft: Draft; seed: number; zone: string }>();
const side = defineModel<'A' | 'B'>('side', { required: true });
const emit = defineEmits<{ shares: [shares: Shares | null]; start: [from: 'empty' | 'last' | 'other']; reading: [reading: Reading]; dropReading: [index: number]; measures: [part: Partial<NonNullable<Draft>>]; noComb: [] }>();

const words: Record<Content, string> = { capped: 'Capped', open: 'Open', pollen: 'Pollen', brood: 'Brood', empty: 'Empty' };
const measures = computed(() => props.draft ?? props.last ?? { depthMm: props.geometry.combDepthMm, thicknessMm: 28, combAge: 'new' as const });
const outline = computed(() => seenOutline(props.geometry, measures.value.depthMm));
/** What is shown: the look being made, else the last one. */
const shares = computed<Shares | null>(() => (props.draft ? props.draft[side.value] : (props.last?.sides[side.value] ?? null)));
const other = computed(() => (side.value === 'A' ? 'B' : 'A'));
const s = 1.12;
/** Labels sit beside their bands, pushed apart so that each can be read and typed. */
const labels = computed(() => {
  if (!shares.value) return [];
  const edges = bandEdges(shares.value);
  const px = outline.value.depthMm * s;
  let floor = -20;
  const placed = CONTENTS.map((content, i) => {
    const wanted = depthOfAreaShare(outline.value, (edges[i] + edges[i + 1]) / 2) * px;
    floor = Math.max(floor + 46, wanted - 20);
    return { content, y: floor };
  });
  const over = Math.max(0, placed[4].y - (px - 16));
  for (let i = 4, limit = placed[4].y - over; i >= 0; i--, limit -= 46) placed[i].y = Math.min(placed[i].y, limit);
  return placed;
});
const percent = (content: Content): number => Math.round((shares.value?.[content] ?? 0) * 100);
function typed(content: Content, value: number | null): void {
  if (value === null || value < 0 || value > 100 || !shares.value || value === percent(content)) return;
  emit('shares', setShare(shares.value, content, value / 100));
}
const readings = computed(() => props.draft?.readings ?? props.last?.readings ?? []);
const dialog = ref(false);
const ages = [{ label: 'New comb', value: 'new' }, { label: 'Used', value: 'used' }, { label: 'Had brood', value: 'brood-used' }];
const beforeShare = computed(() => (props.draft && props.last?.sides[side.value] ? props.last.sides[side.value]!.capped : null));
</script>

<template>
  <div class="reader">
    <div class="face-wrap">
      <CombFace :outline="outline" :shares="shares" :s="s" :seed="seed" :title="`Bar ${slotNumber}, side ${side}${side === 'A' ? ', toward the entrance' : ', toward the back'}`" edit :before="beforeShare" :before-text="last ? `capped on ${dayText(last.occurredAt, zone)}` : undefined" @change="emit('shares', $event)" />
      <ul v-if="shares" class="bands" :aria-label="`Shares of side ${side}`">
        <li v-for="label in labels" :key="label.content" :style="{ top: `${label.y + 26}px` }">
          <svg width="20" height="20" aria-hidden="true"><rect width="20" height="20" rx="3" :fill="`url(#p-${label.content})`" stroke="var(--ink)" /></svg>
          <NumberField :model-value="percent(label.content)" :label="`${words[label.content]}, side ${side}`" hide-label narrow :min="0" :max="100" unit="%" @update:model-value="typed(label.content, $event)" />
          <span class="word">{{ words[label.content].toLowerCase() }}</span>
        </li>
      </ul>
      <div v-else class="start">
        <p><b>Side {{ side }} was not seen{{ draft ? ' this time' : '' }}.</b> It counts as unknown.</p>
        <Button label="I see it: set the bands" @click="emit('start', 'empty')" />
        <Button v-if="draft?.[other]" outlined :label="`Like side ${other}`" @click="emit('start', 'other')" />
        <Button v-if="last?.sides[side]" outlined label="As at the last look" @click="emit('start', 'last')" />
      </div>
    </div>
    <div class="tools">
      <SelectButton :model-value="side" :options="['A', 'B']" :allow-empty="false" aria-label="Side of the comb" @update:model-value="side = $event"><template #option="{ option }">Side {{ option }}</template></SelectButton>
      <Button v-if="shares && (draft || !last)" text label="Not seen" @click="emit('shares', null)" />
      <Button outlined label="Measure water…" @click="dialog = true" />
      <ul v-if="readings.length" class="samples">
        <li v-for="(r, i) in readings" :key="i">
          {{ readingMoisture(r).moisturePercent.toFixed(1) }} % water<template v-if="readingMoisture(r).approximate"> (about)</template>{{ ' ' }}
          <span class="sub">side {{ r.side }}, {{ r.cells }} cell</span>
          <button v-if="draft" type="button" class="drop" :aria-label="`Take away sample ${i + 1}`" @click="emit('dropReading', i)">×</button>
        </li>
      </ul>
      <details class="how">
        <summary>This comb's measures</summary>
        <div class="measures">
          <NumberField label="Depth" unit="mm" :min="10" :max="600" :model-value="measures.depthMm" @update:model-value="$event && emit('measures', { depthMm: $event })" />
          <NumberField label="Thickness, sealed" unit="mm" :min="15" :max="60" :model-value="measures.thicknessMm" @update:model-value="$event && emit('measures', { thicknessMm: $event })" />
          <SelectButton :model-value="measures.combAge" :options="ages" option-label="label" option-value="value" :allow-empty="false" aria-label="Age of the comb" @update:model-value="emit('measures', { combAge: $event })" />
          <Button text :label="`No comb on bar ${slotNumber}`" @click="emit('noComb')" />
        </div>
      </details>
    </div>
    <MoistureDialog v-model:visible="dialog" :side="side" @reading="emit('reading', $event)" />
  </div>
</template>

<style scoped>
.reader { display: grid; grid-template-columns: minmax(0, auto) minmax(190px, 1fr); gap: 8px 24px; align-items: start; }
.face-wrap { position: relative; padding-right: 158px; }
.bands { list-style: none; margin: 0; padding: 0; position: absolute; right: 0; top: 0; width: 160px; }
.bands li { position: absolute; right: 0; width: 158px; display: flex; gap: 7px; align-items: center; transition: top 120ms; }
.bands :deep(.narrow input) { width: 54px; min-height: 40px; } .bands :deep(.says) { position: absolute; background: var(--lime-0); z-index: 2; }
.word { font-size: 15px; }
.start { position: absolute; inset: 40% 158px auto 0; display: flex; flex-direction: column; gap: 8px; align-items: center; text-align: center; padding: 0 24px; }
.start p { background: var(--lime-0); padding: 2px 10px; }
.tools { display: flex; flex-direction: column; gap: 8px; align-items: flex-start; }
.samples { margin: 0; padding: 0; list-style: none; } .samples li { padding: 2px 0; } .drop { min-width: 44px; min-height: 32px; border: 0; background: none; font-size: 20px; cursor: pointer; color: inherit; }
.measures { display: flex; flex-direction: column; gap: 8px; max-width: 240px; }
@media (max-width: 760px) { .reader { grid-template-columns: minmax(0, 1fr); } }
@media (max-width: 599px) {
  .face-wrap { padding-right: 0; } .start { inset: 30px 0 auto 0; position: static; }
  .bands { position: static; width: auto; } .bands li { position: static; width: auto; padding: 6px 0; } .bands :deep(.narrow input) { min-height: 56px; width: 80px; }
}
</style>
