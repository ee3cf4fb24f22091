<script setup lang="ts">
import { tell } from '../words/tell.js';
import { followerAfterBar, isStingless, type Hive, type JudgedComb, between } from '@furrow/core';
import Button from 'primevue/button';
import { computed, nextTick, ref, watch } from 'vue';
import { useSend } from '../api/useSend.js';

import HiveSection from '../drawing/sections/HiveSection.vue';
import { drawnCombs } from '../drawing/sections/drawHive.js';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import { slideIntoView } from '../parts/slideIntoView.js';
import { useWidth } from '../parts/useWidth.js';

/** The hive in section, every comb with what is thought of it: a touch selects, the board is pulled. */
const props = defineProps<{ hive: Hive; judged: readonly JudgedComb[]; slotInHand: number }>();
const emit = defineEmits<{ select: [slot: number] }>();
const { go, busy } = useSend();

const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const narrow = window.matchMedia('(max-width: 899px)').matches;
const stacked = computed(() => props.hive.boxes.length > 0);
const stingless = computed(() => isStingless(props.hive.kind));
/**
 * The tallest a stack is drawn, px: a small box leaves room for what is counted under it on a
 * phone.
 */
const tallestPx = computed(() => (narrow && stingless.value ? 200 : 470));
const scale = computed(() => {
  const size = sectionSizeMm(props.hive);
  if (!stacked.value) return between(0.72, 0.98, (width.value - 20) / size.widthMm);
  const fits = Math.min(tallestPx.value / size.heightMm, (width.value - 60) / size.widthMm);
  return between(0.35, stingless.value ? 1.2 : 0.8, fits);
});
const combs = computed(() => drawnCombs(props.hive, props.judged));
const label = computed(() =>
  stacked.value
    ? tell('HivePicture.section-lowest-box-below', { hive: props.hive.name })
    : tell('HivePicture.section-entrance-at-left', { hive: props.hive.name }),
);
watch([() => props.slotInHand, frame, () => props.judged.length], async () => {
  await nextTick();
  // A long hive is wider than a phone; a stack stands in view as it is.
  if (!stacked.value) slideIntoView(frame.value, [props.slotInHand]);
});

/** Where the board was pulled to and not written down yet. */
const boardAt = ref<number | null>(null);
const isBoardMoved = computed(
  () => boardAt.value !== null && boardAt.value !== followerAfterBar(props.hive),
);
const shown = computed<Hive>(() =>
  boardAt.value === null
    ? props.hive
    : { ...props.hive, geometry: { ...props.hive.geometry, followerAfterBar: boardAt.value } },
);
async function keepBoard(): Promise<void> {
  const done = await go(
    `/hives/${props.hive.id}`,
    { geometry: shown.value.geometry },
    tell('HivePicture.follower-board-behind-bar', { boardAt: boardAt.value }),
    { method: 'PATCH', baseRevision: props.hive.revision },
  );
  if (done) boardAt.value = null;
}
</script>

<template>
  <div ref="frame" class="scroll">
    <HiveSection
      :hive="shown"
      :combs="combs"
      :s="scale"
      :selected="slotInHand"
      interactive
      edit-board
      :label="label"
      @select="emit('select', $event)"
      @board="boardAt = $event"
    />
  </div>
  <div v-if="isBoardMoved" class="acts row board">
    <Button
      :label="tell('HivePicture.follower-board-behind-bar-write', { boardAt })"
      :loading="busy"
      @click="keepBoard"
    />
    <Button outlined :label="tell('common.put-it-back')" @click="boardAt = null" />
  </div>
  <p class="legend sub" :class="{ stacked }">
    <span>{{ tell('HivePicture.may-take') }}</span><span>{{ tell('HivePicture.leave') }}</span
    ><span>{{ tell('HivePicture.test-first') }}</span
    ><span>{{ tell('HivePicture.not-read-yet') }}</span>
  </p>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.board {
  margin: 8px 0;
}
.legend {
  display: flex;
  gap: 18px;
  flex-wrap: wrap;
  margin: 2px 0 6px;
}
.legend.stacked {
  max-width: 340px;
  gap: 4px 14px;
}
</style>
