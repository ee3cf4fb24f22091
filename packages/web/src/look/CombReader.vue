<script setup lang="ts">
import {
  CONTENTS,
  LEAST_OPEN_SAMPLES,
  bandEdges,
  counted,
  depthOfAreaShare,
  hiveKind,
  moistureSummary,
  packFace,
  readingDoubt,
  readingMoisture,
  seenOutline,
  setShare,
  sharePercents,
  type Attachment,
  type BarView,
  type Content,
  type Hive,
  type HiveKind,
  type Look,
  type LookFaces,
  type Pane,
  type Reading,
  type Seen,
  type SeenBy,
  type Shares,
  type StoredFace,
} from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import CombFace from '../drawing/CombFace.vue';
import CombPaint from '../drawing/CombPaint.vue';
import NumberField from '../parts/NumberField.vue';
import { useWidth } from '../parts/useWidth.js';
import { dayText } from '../shell/times.js';
import MoistureDialog from './MoistureDialog.vue';
import OutsideView from './OutsideView.vue';
import PhotoReader from './PhotoReader.vue';
import { cellsOf, mirrored, otherSide, type LookDraft, type Side } from './lookDraft.js';

/**
 * One comb read three ways: by bands, cell by cell, or from a photo; all end as shares of its two
 * sides.
 */
const props = defineProps<{
  hive: Hive;
  bar: BarView;
  placeName: string;
  last: Look | null;
  lastFaces: LookFaces | null;
  earlier: Look | null;
  earlierFaces: LookFaces | null;
  draft: LookDraft | null;
  seed: number;
  date: string;
  keysOn: boolean;
}>();
const side = defineModel<Side>('side', { required: true });
const emit = defineEmits<{
  shares: [shares: Shares | null];
  start: [from: 'empty' | 'last' | 'other' | 'top-third' | 'all-capped' | 'half-capped'];
  face: [face: StoredFace, by: SeenBy, photoId: string | null];
  mirror: [face: StoredFace];
  reading: [reading: Reading];
  dropReading: [index: number];
  measures: [part: Partial<LookDraft>];
  pane: [pane: Pane];
  attachment: [attachment: Attachment];
  noComb: [];
}>();

const kind = computed<HiveKind>(() => hiveKind(props.hive.kind));
const words: Record<Content, string> = {
  capped: 'Capped',
  open: 'Open',
  pollen: 'Pollen',
  brood: 'Brood',
  empty: 'Empty',
};
const measures = computed(
  () =>
    props.draft ??
    props.last ?? {
      depthMm: kind.value.compartment(props.hive.geometry, kind.value.readCompartment).outline
        .depthMm,
      thicknessMm: 28,
      combAge: 'new' as const,
      straight: null,
    },
);
const outline = computed(() => seenOutline(props.hive, measures.value.depthMm));
const way = ref<'bands' | 'paint' | 'outside'>('bands');
const ways = computed(() => [
  { label: 'Bands', value: 'bands' },
  { label: 'Paint cells', value: 'paint' },
  ...(kind.value.seenBy.some((v) => v === 'window' || v === 'end-pane' || v === 'below')
    ? [{ label: 'From outside', value: 'outside' }]
    : []),
]);
const photo = ref(false);
/** What is shown: the look being made, else the last one. */
const shares = computed<Shares | null>(() =>
  props.draft ? props.draft[side.value] : (props.last?.sides[side.value] ?? null),
);
const keptFace = computed<StoredFace | null>(() =>
  props.draft ? props.draft.faces[side.value] : (props.lastFaces?.[side.value] ?? null),
);
const other = computed(() => otherSide(side.value));
const board = computed(() =>
  cellsOf(
    props.draft,
    props.hive,
    side.value,
    props.seed,
    props.draft ? null : keptFace.value,
    measures.value.depthMm,
    shares.value,
  ),
);
watch(
  () => props.bar.slot,
  () => {
    if (way.value === 'outside') way.value = 'bands';
  },
);
const root = ref<HTMLElement | null>(null);
const rootWidth = useWidth(root, 700);
/**
 * As large as the place beside its numbers allows, so that what is written on the bar stays
 * legible.
 */
const s = computed(() => {
  const narrow = rootWidth.value < 480;
  const beside = !props.hive.boxes.length && rootWidth.value > 800 ? 190 : 0;
  return Math.max(
    0.5,
    Math.min(
      1.12,
      (rootWidth.value - (narrow || props.hive.boxes.length ? 0 : 166) - beside - 64) /
        outline.value.topWidthMm,
      // On a desk the whole comb stands above the fold, below the hive and the ways to read it.
      (rootWidth.value > 800 ? 190 : 300) / outline.value.depthMm,
    ),
  );
});
/** A label every so many pixels at least. */
const PITCH = 44;
/** Labels sit beside their bands, pushed apart so that each can be read and typed. */
const labels = computed(() => {
  if (!shares.value) return [];
  const edges = bandEdges(shares.value);
  const px = Math.max(196, outline.value.depthMm * s.value);
  let floor = -26;
  const placed = CONTENTS.map((content, i) => {
    const wanted =
      depthOfAreaShare(outline.value, (edges[i] + edges[i + 1]) / 2) *
      outline.value.depthMm *
      s.value;
    floor = Math.max(floor + PITCH, wanted - 20);
    return { content, y: floor };
  });
  const over = Math.max(0, placed[4].y - (px - 16));
  for (let i = 4, limit = placed[4].y - over; i >= 0; i--, limit -= PITCH)
    placed[i].y = Math.min(placed[i].y, limit);
  return placed;
});
const percents = computed(() => (shares.value ? sharePercents(shares.value) : null));
const percent = (content: Content): number => percents.value?.[content] ?? 0;
function typed(content: Content, value: number | null): void {
  if (value === null || value < 0 || value > 100 || !shares.value || value === percent(content))
    return;
  emit('shares', setShare(shares.value, content, value / 100));
}
const nudge = (content: Content, by: number): void =>
  typed(content, Math.min(100, Math.max(0, percent(content) + by)));
const readings = computed(() => props.draft?.readings ?? props.last?.readings ?? []);
const water = computed(() => moistureSummary(readings.value));
/** What is still to be sampled: three from open cells, of both sides. */
const moreWater = computed(() => {
  if (!water.value) return '';
  const more = Math.max(0, LEAST_OPEN_SAMPLES - water.value.openSamples);
  if (more) return `${counted(more, 'more sample')} from open cells, of both sides.`;
  return water.value.bothSides ? '' : 'One more from open cells of the other side.';
});
const readOn = computed(() => (props.draft ? props.date : (props.last?.date ?? props.date)));
const dialog = ref(false);
const photoId = computed(() =>
  props.draft ? props.draft.photos[side.value] : (props.last?.photos[side.value] ?? null),
);
const ages = [
  { label: 'New comb', value: 'new' },
  { label: 'Used', value: 'used' },
  { label: 'Had brood', value: 'brood-used' },
] as const;
const earlierShare = computed(
  () => (props.draft ? props.last : props.earlier)?.sides[side.value]?.capped ?? null,
);
const earlierLook = computed(() => (props.draft ? props.last : props.earlier));
const overlay = computed(() =>
  props.earlier && props.earlierFaces ? props.earlierFaces[side.value] : null,
);
const SIDE_WORDS = {
  box: { A: ', toward place 1', B: ', away from it' },
  file: { A: ', toward the entrance', B: ', toward the back' },
};
const sideWord = computed(() => SIDE_WORDS[props.hive.boxes.length ? 'box' : 'file'][side.value]);
</script>

<template>
  <div ref="root" class="reader" :class="[`by-${way}`, { stacked: hive.boxes.length > 0 }]">
    <div class="waybar">
      <SelectButton
        :model-value="side"
        :options="['A', 'B']"
        :allow-empty="false"
        aria-label="Side of the comb"
        @update:model-value="side = $event"
        ><template #option="{ option }">Side {{ option }}</template></SelectButton
      >
      <SelectButton
        v-model="way"
        :options="ways"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="How it is read"
      />
      <Button outlined label="From a photo…" @click="photo = true" />
      <Button outlined label="Measure water…" @click="dialog = true" />
    </div>
    <OutsideView
      v-if="way === 'outside'"
      :hive="hive"
      :box-id="bar.boxId"
      :kind="kind"
      :pane="draft?.pane ?? last?.pane ?? null"
      :attachment="draft?.attachment ?? last?.attachment ?? null"
      @pane="emit('pane', $event)"
      @attachment="emit('attachment', $event)"
    />
    <CombPaint
      v-else-if="way === 'paint'"
      :lattice="board.lattice"
      :cells="board.cells"
      :title="`${placeName}, side ${side}`"
      :keys-on="keysOn"
      @change="
        emit(
          'face',
          packFace(board.lattice, $event),
          draft?.seenBy[side] === 'photo' ? 'photo' : 'hand',
          draft?.photos[side] ?? null,
        )
      "
      @mirror="emit('mirror', mirrored(board.lattice, board.cells))"
    />
    <div
      v-else
      class="face-wrap"
      :style="{ minHeight: shares && !hive.boxes.length ? `${labels[4].y + 76}px` : undefined }"
    >
      <CombFace
        :outline="outline"
        :shares="shares"
        :cells="keptFace"
        :overlay="overlay"
        :s="s"
        :seed="seed"
        :hung="hiveKind(hive.kind).hungFrom"
        :title="`${placeName}, side ${side}${sideWord}`"
        edit
        :before="overlay ? null : earlierShare"
        :before-text="
          earlierLook ? `capped on ${dayText(earlierLook.occurredAt, hive.site.zone)}` : undefined
        "
        @change="emit('shares', $event)"
      />
      <ul v-if="shares" class="bands" :aria-label="`Shares of side ${side}`">
        <li v-for="label in labels" :key="label.content" :style="{ top: `${label.y + 26}px` }">
          <button
            type="button"
            class="step"
            :aria-label="`Less ${words[label.content].toLowerCase()}`"
            @click="nudge(label.content, -5)"
          >
            <svg width="20" height="20" aria-hidden="true">
              <rect
                width="20"
                height="20"
                rx="3"
                :fill="`url(#p-${label.content})`"
                stroke="var(--ink)"
              /></svg
            ><span class="sign">−</span>
          </button>
          <NumberField
            :model-value="percent(label.content)"
            :label="`${words[label.content]}, side ${side}`"
            hide-label
            narrow
            :min="0"
            :max="100"
            unit="%"
            @update:model-value="typed(label.content, $event)"
          />
          <span class="word">{{ words[label.content].toLowerCase() }}</span>
          <button
            type="button"
            class="step plus"
            :aria-label="`More ${words[label.content].toLowerCase()}`"
            @click="nudge(label.content, 5)"
          >
            +
          </button>
        </li>
      </ul>
      <div v-else class="start">
        <p>
          <b>Side {{ side }} was not seen{{ draft ? ' this time' : '' }}.</b> It counts as unknown.
        </p>
        <Button label="I see it: set the bands" @click="emit('start', 'empty')" />
        <span class="presets"
          ><Button outlined label="Top third capped" @click="emit('start', 'top-third')" /><Button
            outlined
            label="Half capped"
            @click="emit('start', 'half-capped')" /><Button
            outlined
            label="All capped"
            @click="emit('start', 'all-capped')"
        /></span>
        <Button
          v-if="draft?.[other]"
          outlined
          :label="`Like side ${other}`"
          @click="emit('start', 'other')"
        />
        <Button
          v-if="last?.sides[side]"
          outlined
          label="As at the last look"
          @click="emit('start', 'last')"
        />
      </div>
    </div>
    <div class="tools">
      <a v-if="photoId" :href="`/api/v1/photos/${photoId}`" target="_blank" rel="noopener"
        >The photo of side {{ side }}</a
      >
      <p v-if="draft?.said" role="status">
        <b>{{ draft.said }}</b>
      </p>
      <Button
        v-if="shares && (draft || !last)"
        text
        label="Not seen"
        @click="emit('shares', null)"
      />
      <p v-if="water" class="water">
        <template v-if="water.count > 1"
          >Water of {{ water.count }} samples: {{ water.meanPercent.toFixed(1) }} % on the average,
          {{ water.spreadPercent.toFixed(1) }} apart;
          <b>the wettest, {{ water.wettestPercent.toFixed(1) }} %, decides.</b>{{ ' ' }}</template
        >{{ moreWater }}
      </p>
      <ul v-if="readings.length" class="samples">
        <li v-for="(r, i) in readings" :key="i">
          {{ readingMoisture(r).moisturePercent.toFixed(1) }} % water<template
            v-if="readingMoisture(r).approximate"
          >
            (about)</template
          >{{ ' ' }}
          <span class="sub">side {{ r.side }}, {{ r.cells }} cell</span>
          <span v-if="readingDoubt(r, readOn)" class="rust">{{ readingDoubt(r, readOn) }}</span>
          <button
            v-if="draft"
            type="button"
            class="drop"
            :aria-label="`Take away sample ${i + 1}`"
            @click="emit('dropReading', i)"
          >
            ×
          </button>
        </li>
      </ul>
      <details class="how">
        <summary>This comb's measures</summary>
        <div class="measures">
          <NumberField
            label="Depth"
            unit="mm"
            :min="10"
            :max="600"
            :model-value="measures.depthMm"
            @update:model-value="$event && emit('measures', { depthMm: $event })"
          />
          <NumberField
            label="Thickness, sealed"
            unit="mm"
            :min="15"
            :max="60"
            :model-value="measures.thicknessMm"
            @update:model-value="$event && emit('measures', { thicknessMm: $event })"
          />
          <SelectButton
            :model-value="measures.combAge"
            :options="[...ages]"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            aria-label="Age of the comb"
            @update:model-value="emit('measures', { combAge: $event as Seen['combAge'] })"
          />
          <SelectButton
            :model-value="measures.straight"
            :options="[
              { label: 'Straight', value: true },
              { label: 'Crooked', value: false },
            ]"
            option-label="label"
            option-value="value"
            aria-label="Whether it is straight"
            @update:model-value="emit('measures', { straight: $event })"
          />
          <Button
            text
            :label="hive.boxes.length ? 'No comb here' : `No comb on bar ${bar.slot}`"
            @click="emit('noComb')"
          />
        </div>
      </details>
    </div>
    <MoistureDialog
      v-model:visible="dialog"
      :side="side"
      :date="date"
      @reading="emit('reading', $event)"
    />
    <PhotoReader
      v-model:visible="photo"
      :outline="outline"
      :title="`${placeName}, side ${side}`"
      @read="(face, id) => emit('face', face, 'photo', id)"
    />
  </div>
</template>

<style scoped>
.reader {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}
.waybar {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: center;
}
.waybar :deep(.p-button) {
  padding-inline: 12px;
}
/* All ways stand in one row beside the verdict. */
.waybar :deep(.p-togglebutton-content) {
  padding-inline: 12px;
}
@media (min-width: 1100px) {
  .reader.by-bands:not(.stacked) {
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 8px 14px;
    align-items: start;
  }
  .reader.by-bands:not(.stacked) > .waybar {
    grid-column: 1 / -1;
  }
  .reader.by-bands:not(.stacked) > .tools {
    grid-column: 2;
    flex-direction: column;
    align-items: flex-start;
  }
  /* Of a side nobody saw, what to touch first stands beside the comb, never under it. */
  .reader.by-bands:not(.stacked) > .face-wrap:has(> .start) {
    display: flex;
    gap: 14px;
    padding-right: 0;
    grid-column: 1 / -1;
  }
  .reader.by-bands:not(.stacked) > .face-wrap:has(> .start) + .tools {
    grid-column: 1 / -1;
    flex-direction: row;
  }
}
.face-wrap {
  position: relative;
  padding-right: 166px;
}
.bands {
  list-style: none;
  margin: 0;
  padding: 0;
  position: absolute;
  right: 0;
  top: 0;
  width: 164px;
}
.bands li {
  position: absolute;
  right: 0;
  width: 164px;
  display: flex;
  gap: 5px;
  align-items: center;
  transition: top 120ms;
}
.step {
  position: relative;
  min-width: 30px;
  min-height: 40px;
  border: 0;
  background: none;
  cursor: pointer;
  color: inherit;
  font: 700 20px var(--text);
  padding: 0;
}
.step .sign,
.step.plus {
  display: none;
}
.bands :deep(.narrow input) {
  width: 54px;
  min-height: 40px;
}
.bands :deep(.says) {
  position: absolute;
  background: var(--lime-0);
  z-index: 2;
}
.word {
  font-size: 15px;
  flex: 1;
}
.start {
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
  margin-top: 4px;
  max-width: 470px;
}
.presets {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}

.tools {
  display: flex;
  flex-flow: row wrap;
  gap: 8px 18px;
  align-items: center;
}
.water {
  flex-basis: 100%;
}
.samples {
  margin: 0;
  padding: 0;
  list-style: none;
  flex-basis: 100%;
}
.samples li {
  padding: 2px 0;
}
.drop {
  min-width: 44px;
  min-height: 32px;
  border: 0;
  background: none;
  font-size: 20px;
  cursor: pointer;
  color: inherit;
}
.measures {
  display: flex;
  flex-flow: row wrap;
  gap: 8px 14px;
  align-items: flex-end;
}
@media (min-width: 600px) {
  .stacked .face-wrap {
    padding-right: 0;
  }
  .stacked .bands {
    position: static;
    width: auto;
    display: grid;
    grid-template-columns: repeat(5, minmax(0, 1fr));
    gap: 0 6px;
  }
  .stacked .bands li {
    position: static;
    width: auto;
    flex-wrap: wrap;
    gap: 2px 4px;
  }
  .stacked .bands :deep(.narrow input) {
    width: 46px;
    padding-inline: 6px;
  }
  .stacked .step {
    min-width: 22px;
  }
  .stacked .word {
    flex-basis: 100%;
    padding-left: 2px;
  }
}
@media (pointer: coarse) and (min-width: 600px) {
  .step {
    min-width: 44px;
    min-height: 64px;
    border: 1.5px solid var(--lichen-5);
    border-radius: 6px;
  }
  .step .sign,
  .step.plus {
    display: inline-block;
  }
  .bands :deep(.narrow input) {
    min-height: 64px;
  }
  .bands,
  .bands li {
    position: static;
    width: auto;
  }
  .face-wrap {
    padding-right: 0;
  }
  .bands {
    display: grid;
    grid-template-columns: repeat(2, max-content);
    gap: 8px 20px;
  }
}
@media (max-width: 599px) {
  .start :deep(.p-button) {
    min-height: 64px;
  }
  .presets {
    flex-wrap: nowrap;
    align-self: stretch;
  }
  .presets :deep(.p-button) {
    flex: 1;
    padding-inline: 4px;
  }
  .face-wrap {
    padding-right: 0;
  }
  .bands {
    position: static;
    width: auto;
  }
  .bands li {
    position: static;
    width: auto;
    padding: 4px 0;
  }
  .bands :deep(.narrow input) {
    min-height: 64px;
    width: 80px;
  }
  .step {
    min-width: 64px;
    min-height: 64px;
    border: 1.5px solid var(--lichen-5);
    border-radius: 6px;
  }
  .step {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 6px;
  }
  .step .sign {
    display: inline;
  }
  .step.plus {
    display: inline-flex;
  }
}
</style>
