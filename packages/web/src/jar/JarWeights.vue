<script setup lang="ts">
import { measured, tell } from '../words/tell.js';
import { fillAccuracy, type Lot, type Units } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { read } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { said } from '../words/units.js';

/** Jars of a lot weighed one by one: each a mark above or below its net weight. */
const props = defineProps<{ lot: Lot; units: Units; tareG: number }>();
const emit = defineEmits<{ done: [] }>();
const { go, busy, refusal } = useSend();
const weights = ref<number[]>([...(props.lot.weights ?? [])]);
const text = ref('');
const netG = computed(() => {
  const g = gramsOf(text.value, props.units, 'small');
  return g === null ? null : Math.round(g);
});
const full = computed(() => weights.value.length >= (props.lot.count ?? 0));
function add(): void {
  if (netG.value === null || full.value) return;
  weights.value.push(netG.value);
  text.value = '';
}
async function scale(): Promise<void> {
  const reading = await read('/instruments/bench-scale');
  if (reading.state === 'steady' || reading.state === 'moving')
    text.value = String(Math.max(0, Math.round(reading.value - props.tareG)));
}
const found = computed(() => fillAccuracy(props.lot.netG ?? 0, weights.value));
const reach = computed(() =>
  Math.max(5, ...weights.value.map((w) => Math.abs(w - (props.lot.netG ?? 0)))),
);
const y = (w: number): number => 46 - ((w - (props.lot.netG ?? 0)) / reach.value) * 34;
const keep = async (): Promise<void> => {
  if (
    await go(
      `/lots/${props.lot.id}/weights`,
      { weights: weights.value },
      tell('JarWeights.weighed', { weights: weights.value.length }),
    )
  )
    emit('done');
};
</script>

<template>
  <form class="weights" @submit.prevent="add">
    <svg
      :width="Math.max(180, weights.length * 30 + 60)"
      height="92"
      role="img"
      :aria-label="said(found?.sentence) || tell('JarWeights.no-jar-weighed-yet')"
    >
      <line x1="0" x2="100%" y1="46" y2="46" stroke="var(--field)" stroke-width="2" />
      <text x="2" y="42" font-size="14">{{ measured({ massG: lot.netG!, as: 'read' }) }}</text>
      <g v-for="(w, i) in weights" :key="i">
        <line
          :x1="70 + i * 30"
          :x2="70 + i * 30"
          y1="46"
          :y2="y(w)"
          stroke="var(--ink)"
          stroke-width="2"
        />
        <circle
          :cx="70 + i * 30"
          :cy="y(w)"
          r="5"
          :fill="w < (lot.netG ?? 0) - 1 ? 'var(--rust)' : 'var(--open)'"
          stroke="var(--ink)"
        />
        <text
          :x="70 + i * 30"
          :y="w >= (lot.netG ?? 0) ? y(w) - 8 : y(w) + 18"
          text-anchor="middle"
          font-size="13"
        >
          {{ w }}
        </text>
      </g>
    </svg>
    <p v-if="found" :class="{ rust: found.under > 0 }">
      <b>{{ said(found.sentence) }}</b>
    </p>
    <div class="line">
      <TextField
        v-model="text"
        :unit="massUnit(units, 'small')"
        :label="
          full
            ? tell('JarWeights.all-are-weighed')
            : tell('JarWeights.jar-net', { weights: weights.length + 1, count: lot.count })
        "
      /><Button
        outlined
        type="button"
        :label="tell('JarWeights.read-less', { tare: { massG: tareG, as: 'read' } })"
        :disabled="full"
        @click="scale"
      /><Button
        type="submit"
        outlined
        :label="tell('JarWeights.next-jar')"
        :disabled="netG === null || full"
      /><Button
        v-if="weights.length"
        text
        type="button"
        :label="tell('JarWeights.take-last-back')"
        @click="weights.pop()"
      />
    </div>
    <Refusal :refusal="refusal" />
    <div class="line">
      <Button
        type="button"
        :label="tell('JarWeights.write-weights-down')"
        :disabled="!weights.length"
        :loading="busy"
        @click="keep"
      /><Button text type="button" :label="tell('common.put-it-away')" @click="emit('done')" />
    </div>
  </form>
</template>

<style scoped>
.weights {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 6px 0 12px;
}
.line {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  flex-wrap: wrap;
}
svg {
  max-width: 100%;
  overflow: visible;
}
</style>
