<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Drain, type HouseRules } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import WeighFields from '../parts/WeighFields.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/** Honey that left the lower vessel, weighed in the one it went into. */
const props = defineProps<{
  drain: Drain;
  rules: HouseRules;
  /** What can be drawn off yet; null where the comb was never weighed. */
  mostG: number | null;
}>();
const emit = defineEmits<{ done: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const grossG = ref<number | null>(null);
const tareG = ref<number | null>(null);
const minutes = ref<number | null>(5);
const netG = computed(() =>
  grossG.value === null || tareG.value === null ? null : grossG.value - tareG.value,
);
/** The vessel of the last draw-off weighs as it did then. */
const knownTareG = computed(
  () => props.drain.events.filter((e) => e.kind === 'draw-off' && e.tareG).at(-1)?.tareG ?? null,
);
const missing = computed(() => {
  if (netG.value === null) return tell('DrawOff.gross-and-empty-weight-vessel');
  if (netG.value <= 0) return tell('DrawOff.nothing-was-drawn-off-by');
  if (props.mostG !== null && netG.value > props.mostG)
    return tell('DrawOff.more-than-can-have-come', {
      mostG: massText(props.mostG / 1000, props.rules.units, 2),
    });
  return null;
});
async function write(): Promise<void> {
  const done = await go(
    '/drainEvents',
    {
      id: newId(),
      drainId: props.drain.id,
      kind: 'draw-off',
      g: netG.value,
      grossG: grossG.value,
      tareG: tareG.value,
      minutes: minutes.value ?? 0,
    },
    tell('DrawOff.drawn-off', { netG: massText(netG.value! / 1000, props.rules.units, 2) }),
  );
  if (done) emit('done');
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <p>{{ tell('DrawOff.how-much-left-lower-vessel') }}</p>
    <WeighFields
      v-model:gross-g="grossG"
      v-model:tare-g="tareG"
      :units="rules.units"
      :what="tell('DrawOff.honey-drawn-off-and-its')"
      :tare-label="tell('common.tare-that-vessel-empty')"
      :known-tare-g="knownTareG"
      :gross-error="fieldError('g') ?? fieldError('grossG')"
      :tare-error="fieldError('tareG')"
    />
    <NumberField
      v-model="minutes"
      :label="tell('common.your-minutes')"
      whole
      :min="0"
      :max="600"
      unit="min"
    />
    <Refusal :refusal="refusal" :fields="['g', 'grossG', 'tareG']" />
    <Button
      type="submit"
      :label="tell('common.write-it-down')"
      :disabled="missing !== null"
      :loading="busy"
    />
    <p v-if="missing" class="sub">{{ missing }}</p>
  </form>
</template>
