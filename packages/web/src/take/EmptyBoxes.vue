<script setup lang="ts">
import { tell } from '../words/tell.js';
import { estimatedTakes, hiveKind, placesOf, type BatchDetail } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { useSend } from '../api/useSend.js';

/**
 * Boxes that were carried away full and are empty now: nobody but the person knows where they
 * stand.
 */
const props = defineProps<{ detail: BatchDetail }>();
const { go, busy, refusal } = useSend();
/** Boxes said to be back where they were: nothing changes, and nothing is asked again. */
const back = ref<string[]>([]);
const goesBelow = computed(() => hiveKind(props.detail.hive.kind).moves.includes('add-below'));
const emptied = computed(() => {
  // A box that drips as it stands is not empty: its comb is in the book by estimate alone.
  if (estimatedTakes(props.detail).some((take) => take.byBox)) return [];
  const { boxes, bars } = props.detail.hive;
  const taken = new Set(placesOf(props.detail).map((p) => Math.floor(p.slot / 100)));
  return boxes.filter(
    ({ number, carrierId }) =>
      boxes.length > 1 &&
      taken.has(number) &&
      !back.value.includes(carrierId) &&
      !bars.some((b) => b.boxId === carrierId && b.comb),
  );
});
const off = (number: number, id: string): unknown =>
  go(`/boxes/${id}/off`, { reason: 'harvest' }, tell('EmptyBoxes.box-stays-off', { number }));
const below = (number: number, id: string): unknown =>
  go(`/boxes/${id}/below`, {}, tell('EmptyBoxes.box-set-in-below-others', { number }));
</script>

<template>
  <fieldset v-for="box in emptied" :key="box.carrierId" class="where">
    <legend>{{ tell('EmptyBoxes.box-empty-where-it-now', { number: box.number }) }}</legend>
    <div class="keys">
      <Button
        outlined
        :label="tell('EmptyBoxes.off-hive')"
        :loading="busy"
        @click="off(box.number, box.carrierId)"
      />
      <Button
        v-if="goesBelow"
        outlined
        :label="tell('EmptyBoxes.in-below-others')"
        :loading="busy"
        @click="below(box.number, box.carrierId)"
      />
      <Button outlined :label="tell('EmptyBoxes.back-on-top')" @click="back.push(box.carrierId)" />
    </div>
  </fieldset>
  <Refusal :refusal="refusal" />
</template>

<style scoped>
.where {
  border: 0;
  margin: 12px 0 0;
  padding: 0;
}
legend {
  font-size: 18px;
  font-weight: 600;
  padding: 0 0 8px;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.keys .p-button {
  flex: 1 1 180px;
  min-height: 80px;
}
</style>
