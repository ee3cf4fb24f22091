<script setup lang="ts">
import { tell } from '../words/tell.js';
import { weighsOut, placeLabel, readShape, type BatchDetail, isStingless } from '@furrow/core';
import { computed, ref } from 'vue';
import SectionTopBar from '../drawing/sections/SectionTopBar.vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import { useWidth } from '../parts/useWidth.js';

/**
 * The hive as it hangs now, what is to be taken marked; at a comb, its bars drawn large with that
 * one lifted.
 */
const props = defineProps<{ detail: BatchDetail; place?: number; slots: number[] }>();
const zoomScale = window.matchMedia('(max-width: 599px)').matches ? 1.3 : 2.05;
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame, 800);
const size = computed(() => sectionSizeMm(props.detail.hive));
const s = computed(() =>
  Math.max(
    0.4,
    Math.min(
      0.9,
      (width.value - 10) / size.value.widthMm,
      props.detail.hive.boxes.length ? 420 / size.value.heightMm : 1,
    ),
  ),
);
const whole = computed(() =>
  props.detail.hive.bars
    .filter((b) => b.comb)
    .map((b) => {
      const seen = b.comb!.looks.at(-1) ?? null;
      return {
        slot: b.slot,
        inBox: b.inBox,
        boxId: b.boxId,
        depthMm: seen?.depthMm ?? readShape(props.detail.hive).outline.depthMm,
        A: seen?.sides.A ?? null,
        B: seen?.sides.B ?? null,
        pots: seen?.pots ?? null,
        lifted: b.slot === props.place,
        verdict: props.slots.includes(b.slot) ? ('take' as const) : undefined,
      };
    }),
);
/** Pots are groups in a box, not combs on bars: the whole box shows them better. */
const large = computed(() => props.place !== undefined && !isStingless(props.detail.hive.kind));
const zoom = computed(() => {
  const { hive } = props.detail;
  const at = props.place!;
  const here = hive.bars.find((b) => b.slot === at) ?? hive.bars[hive.bars.length - 1];
  const from = Math.max(1, here.inBox - 3);
  const shown = hive.bars.filter(
    (b) => b.boxId === here.boxId && b.inBox >= from && b.inBox < from + 6,
  );
  const shape = readShape(hive);
  const out = new Set(props.detail.takes.filter((t) => weighsOut(t.outcome)).map((t) => t.slot));
  const seenOf = (slot: number) =>
    hive.bars.find((b) => b.slot === slot)?.comb?.looks.at(-1) ??
    props.detail.looks
      .filter((l) => l.slot === slot && props.detail.batch.combIds.includes(l.combId))
      .at(-1) ??
    null;
  return {
    geometry: {
      ...shape.outline,
      barWidthMm: shape.pitchMm,
      bars: shown.length,
      followerAfterBar: shown.length,
      combDepthMm: 120,
    },
    combs: shown
      .filter((b) => (b.comb || b.slot === at) && !out.has(b.slot))
      .map((b) => ({
        slot: b.inBox - from + 1,
        depthMm: 120,
        A: seenOf(b.slot)?.sides.A ?? null,
        B: seenOf(b.slot)?.sides.B ?? null,
        lifted: b.slot === at,
      })),
    names: shown.map((b) => ({ slot: b.inBox - from + 1, name: b.slot, out: out.has(b.slot) })),
  };
});
</script>

<template>
  <div v-if="large" class="picture">
    <SectionTopBar
      :geometry="zoom.geometry"
      :combs="zoom.combs"
      cutaway
      :s="zoomScale"
      :marks="false"
      :numbers="false"
      :lift-by="70"
      :label="tell('TakePicture.lifted', { place: placeLabel(place!) })"
    >
      <template #default="{ top, barX, pitch }"
        ><text
          v-for="n in zoom.names"
          :key="n.slot"
          :x="barX(n.slot) + pitch / 2"
          :y="top - 10 - (n.name === place ? 70 : 0)"
          text-anchor="middle"
          font-size="17"
          font-weight="700"
          :style="{ fill: n.name === place ? 'var(--on-field)' : 'var(--ink)' }"
          >{{ n.out ? tell('TakePicture.out') : placeLabel(n.name) }}</text
        ></template
      >
    </SectionTopBar>
  </div>
  <div v-else ref="frame" class="picture">
    <HiveSection
      :hive="detail.hive"
      :combs="whole"
      :s="s"
      :label="tell('TakePicture.from-side-what-to-be', { hiveName: detail.batch.hiveName })"
    />
  </div>
</template>

<style scoped>
.picture {
  margin-top: 8px;
  overflow-x: auto;
}
</style>
