<script setup lang="ts">
import { hiveKind, type HiveKindName } from '@furrow/core';
import { computed } from 'vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import { sketchHive } from './sketch.js';

/** A kind of hive in small, the same section as everywhere. */
const props = defineProps<{ kind: HiveKindName }>();
const sketch = computed(() => sketchHive(props.kind, hiveKind(props.kind).defaults));
const full = { capped: 0.5, open: 0.2, pollen: 0, brood: 0, empty: 0.3 };
const combs = computed(() =>
  props.kind === 'top-bar'
    ? Array.from({ length: 17 }, (_, i) => ({ slot: i + 1, depthMm: 200, A: full, B: full }))
    : sketch.value.bars.map((b) => ({
        slot: b.slot,
        inBox: b.inBox,
        boxId: b.boxId,
        depthMm: hiveKind(props.kind).compartment(
          sketch.value.geometry,
          hiveKind(props.kind).readCompartment,
        ).outline.depthMm,
        A: full,
        B: full,
        pots: {
          honeySealed: 6,
          honeyOpen: 3,
          pollen: 2,
          empty: 1,
          potWidthMm: 26,
          potHeightMm: 32,
        },
      })),
);
const scale = computed(() => {
  const size = sectionSizeMm(sketch.value);
  return Math.min(96 / size.widthMm, 78 / size.heightMm);
});
</script>

<template>
  <span aria-hidden="true" style="pointer-events: none"
    ><HiveSection :hive="sketch" :combs="combs" :s="scale" :marks="false" :numbers="false" label=""
  /></span>
</template>
