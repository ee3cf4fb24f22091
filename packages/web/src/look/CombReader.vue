<script setup lang="ts">
import { comesLater } from '../parts/comesLater.js';
import { tell } from '../words/tell.js';
import { householdUnits } from '../words/units.js';
import {
  hiveKind,
  packFace,
  seenOutline,
  type Attachment,
  type BarView,
  type Hive,
  type Look,
  type LookFaces,
  type Pane,
  type Reading,
  type SeenBy,
  type Shares,
  type StoredFace,
  between,
} from '@furrow/core';
import { pictureAddress } from '../api/outbox.js';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { everTrue } from '../parts/everTrue.js';
import CombFace from '../drawing/CombFace.vue';
import CombPaint from '../drawing/CombPaint.vue';

import { useWidth } from '../parts/useWidth.js';
import { dayText } from '../shell/times.js';
import BandShares from './BandShares.vue';
import { bandsPx } from './bandWords.js';
import CombMeasures, { type Measures } from './CombMeasures.vue';
import OutsideView from './OutsideView.vue';
import SideUnseen, { type Beginning } from './SideUnseen.vue';
import WaterSamples from './WaterSamples.vue';
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
  start: [from: Beginning];
  face: [face: StoredFace, by: SeenBy, photoId: string | null];
  mirror: [face: StoredFace];
  reading: [reading: Reading];
  dropReading: [index: number];
  measures: [part: Partial<LookDraft>];
  pane: [pane: Pane];
  attachment: [attachment: Attachment];
  noComb: [];
}>();

const kind = computed(() => hiveKind(props.hive.kind));
const stacked = computed(() => props.hive.boxes.length > 0);
/** How thick sealed comb is taken to be that nobody measured. */
const USUAL_MM = 28;
const measures = computed<Measures>(
  () =>
    props.draft ??
    props.last ?? {
      depthMm: kind.value.compartment(props.hive.geometry, kind.value.readCompartment).outline
        .depthMm,
      thicknessMm: USUAL_MM,
      combAge: 'new',
      straight: null,
    },
);
const outline = computed(() => seenOutline(props.hive, measures.value.depthMm));

// How it is read.
const way = ref<'bands' | 'paint' | 'outside'>('bands');
const FROM_OUTSIDE = ['window', 'end-pane', 'below'];
const ways = computed(() => [
  { label: tell('CombReader.bands'), value: 'bands' },
  { label: tell('CombReader.paint-cells'), value: 'paint' },
  ...(kind.value.seenBy.some((v) => FROM_OUTSIDE.includes(v))
    ? [{ label: tell('CombReader.from-outside'), value: 'outside' }]
    : []),
]);
watch(
  () => props.bar.slot,
  () => {
    if (way.value === 'outside') way.value = 'bands';
  },
);
const MoistureDialog = comesLater(() => import('./MoistureDialog.vue'));
const PhotoReader = comesLater(() => import('./PhotoReader.vue'));
const [photo, dialog] = [ref(false), ref(false)];
const [photoAsked, dialogAsked] = [photo, dialog].map((shown) => everTrue(() => shown.value));

// What is shown: the look being made, else the last one.
const shares = computed(() =>
  props.draft ? props.draft[side.value] : (props.last?.sides[side.value] ?? null),
);
const keptFace = computed(() =>
  props.draft ? props.draft.faces[side.value] : (props.lastFaces?.[side.value] ?? null),
);
const photoId = computed(() => (props.draft ?? props.last)?.photos[side.value] ?? null);
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
function painted(cells: Uint8Array): void {
  const by = props.draft?.seenBy[side.value] === 'photo' ? 'photo' : 'hand';
  const photoOf = props.draft?.photos[side.value] ?? null;
  emit('face', packFace(board.value.lattice, cells), by, photoOf);
}
const readings = computed(() => props.draft?.readings ?? props.last?.readings ?? []);
const readOn = computed(() => (props.draft ? props.date : (props.last?.date ?? props.date)));
/** What it is held against: cell by cell where both were painted, else by the edge of the caps. */
const earlierLook = computed(() => (props.draft ? props.last : props.earlier));
const overlay = computed(() =>
  props.earlier && props.earlierFaces ? props.earlierFaces[side.value] : null,
);
const before = computed(() =>
  overlay.value ? null : (earlierLook.value?.sides[side.value]?.capped ?? null),
);
const beforeText = computed(() =>
  earlierLook.value
    ? tell('CombReader.capped-on', {
        occurredAt: dayText(earlierLook.value.occurredAt, props.hive.site.zone),
      })
    : undefined,
);

// How it is drawn.
const root = ref<HTMLElement | null>(null);
const rootWidth = useWidth(root, 700);
/**
 * As large as the place beside its numbers allows, so that what is written on the bar stays
 * legible.
 */
const s = computed(() => {
  const isWide = rootWidth.value > 800;
  const numbersPx = rootWidth.value < 480 || stacked.value ? 0 : bandsPx() + 2;
  const besidePx = !stacked.value && isWide ? 190 : 0;
  const acrossPx = rootWidth.value - numbersPx - besidePx - 64;
  // On a desk the whole comb stands above the fold, below the hive and the ways to read it.
  const fits = Math.min(
    acrossPx / outline.value.topWidthMm,
    (isWide ? 190 : 300) / outline.value.depthMm,
  );
  return between(0.5, 1.12, fits);
});
const bands = useTemplateRef<InstanceType<typeof BandShares>>('bands');
const faceHeight = computed(() =>
  bands.value && !stacked.value ? `${bands.value.heightPx}px` : undefined,
);
const SIDE_WORDS = {
  box: { A: tell('CombReader.toward-place-1'), B: tell('CombReader.away-from-it') },
  file: { A: tell('CombReader.toward-entrance'), B: tell('CombReader.toward-back') },
};
const sideTitle = computed(() =>
  tell('CombReader.side', { placeName: props.placeName, side: side.value }),
);
const faceTitle = computed(
  () => `${sideTitle.value}${SIDE_WORDS[stacked.value ? 'box' : 'file'][side.value]}`,
);
</script>

<template>
  <div
    ref="root"
    class="reader"
    :class="[`by-${way}`, { stacked }]"
    :style="{ '--bands-width': `${bandsPx()}px` }"
  >
    <div class="waybar">
      <SelectButton
        :model-value="side"
        :options="['A', 'B']"
        :allow-empty="false"
        :aria-label="tell('CombReader.side-comb')"
        @update:model-value="side = $event"
        ><template #option="{ option }">{{
          tell('CombReader.side-2', { option })
        }}</template></SelectButton
      >
      <SelectButton
        v-model="way"
        :options="ways"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('CombReader.how-it-read')"
      />
      <Button outlined :label="tell('CombReader.from-photo')" @click="photo = true" />
      <Button outlined :label="tell('common.measure-water')" @click="dialog = true" />
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
      :units="householdUnits"
      v-else-if="way === 'paint'"
      :lattice="board.lattice"
      :cells="board.cells"
      :title="sideTitle"
      :keys-on="keysOn"
      @change="painted"
      @mirror="emit('mirror', mirrored(board.lattice, board.cells))"
    />
    <div v-else class="face-wrap" :style="{ minHeight: faceHeight }">
      <CombFace
        :units="householdUnits"
        :outline="outline"
        :shares="shares"
        :cells="keptFace"
        :overlay="overlay"
        :s="s"
        :seed="seed"
        :hung="kind.hungFrom"
        :title="faceTitle"
        edit
        :before="before"
        :before-text="beforeText"
        @change="emit('shares', $event)"
      />
      <BandShares
        v-if="shares"
        ref="bands"
        :shares="shares"
        :side="side"
        :outline="outline"
        :s="s"
        @shares="emit('shares', $event)"
      />
      <SideUnseen
        v-else
        :side="side"
        :is-draft="draft !== null"
        :has-other="Boolean(draft?.[otherSide(side)])"
        :has-last="Boolean(last?.sides[side])"
        @start="emit('start', $event)"
      />
    </div>
    <div class="tools">
      <a v-if="photoId" :href="pictureAddress(photoId)" target="_blank" rel="noopener">{{
        tell('CombReader.photo-side', { side })
      }}</a>
      <p v-if="draft?.said" role="status">
        <b>{{ draft.said }}</b>
      </p>
      <Button
        v-if="shares && (draft || !last)"
        text
        :label="tell('common.not-seen')"
        @click="emit('shares', null)"
      />
      <WaterSamples
        :readings="readings"
        :read-on="readOn"
        :may-drop="draft !== null"
        @drop="emit('dropReading', $event)"
      />
      <CombMeasures
        :measures="measures"
        :no-comb-label="
          stacked
            ? tell('CombReader.no-comb-here')
            : tell('CombReader.no-comb-on-bar', { slot: bar.slot })
        "
        @change="emit('measures', $event)"
        @no-comb="emit('noComb')"
      />
    </div>
    <MoistureDialog
      v-if="dialogAsked"
      v-model:visible="dialog"
      :side="side"
      :date="date"
      @reading="emit('reading', $event)"
    />
    <PhotoReader
      v-if="photoAsked"
      v-model:visible="photo"
      :outline="outline"
      :title="sideTitle"
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
  padding-right: calc(var(--bands-width) + 2px);
}
.tools {
  display: flex;
  flex-flow: row wrap;
  gap: 8px 18px;
  align-items: center;
}
@media (min-width: 600px) {
  .stacked .face-wrap {
    padding-right: 0;
  }
}
@media (pointer: coarse) and (min-width: 600px) {
  .face-wrap {
    padding-right: 0;
  }
}
@media (max-width: 599px) {
  .face-wrap {
    padding-right: 0;
  }
}
</style>
