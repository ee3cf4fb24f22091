<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type HouseRules, type NetBy } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import WeighFields from '../parts/WeighFields.vue';
import { useSend } from '../api/useSend.js';

/** One comb, or the combs of one box, weighed at last. */
const props = defineProps<{
  batchId: string;
  rules: HouseRules;
  name: string;
  combIds: string[];
  knownTareG: number | null;
  /** What the looks say it weighs; null where there was none. */
  expected: string | null;
  /** What it weighed full, where that is known. */
  firstGrossG?: number | null;
  /** Its estimate, where it is in the book by that until it is weighed. */
  inBookG?: number | null;
}>();
const { go, busy, refusal, fieldError } = useSend();
const grossG = ref<number | null>(null);
const tareG = ref<number | null>(null);
const netG = computed(() =>
  grossG.value === null || tareG.value === null ? null : grossG.value - tareG.value,
);
const missing = computed(() => {
  if (grossG.value === null) return tell('OwedComb.what-does-it-weigh-with');
  if (tareG.value === null) return tell('OwedComb.what-does-vessel-weigh-empty');
  return netG.value! < 0 ? tell('common.lighter-than-empty-one-two') : null;
});
const write = (netBy: NetBy) =>
  go(
    `/harvests/${props.batchId}/weighTakes`,
    {
      combIds: props.combIds,
      netBy,
      grossG: netBy === 'estimate' ? null : grossG.value,
      tareG: netBy === 'estimate' ? null : tareG.value,
    },
    netBy === 'estimate'
      ? tell('OwedComb.taken-by-its-estimate', { name: props.name })
      : `${props.name}: ${massText(netG.value! / 1000, props.rules.units, 2)}.`,
  );
</script>

<template>
  <form class="acts bench" @submit.prevent="write('scale')">
    <h2 class="furrow-heading">{{ tell('OwedComb.weigh', { name }) }}</h2>
    <p v-if="inBookG" class="sub">
      {{
        tell('OwedComb.in-book-by-its-estimate', {
          inBookG: massText(inBookG / 1000, rules.units, 2),
        })
      }}
    </p>
    <p v-else-if="expected" class="sub">
      {{ tell('OwedComb.by-last-look-comb-with', { expected }) }}
    </p>
    <WeighFields
      v-model:gross-g="grossG"
      v-model:tare-g="tareG"
      :units="rules.units"
      :what="tell('OwedComb.vessel-and-comb')"
      :known-tare-g="knownTareG"
      :first-gross-g="firstGrossG"
      :gross-error="fieldError('grossG')"
      :tare-error="fieldError('tareG')"
    />
    <Refusal :refusal="refusal" :fields="['grossG', 'tareG']" />
    <Button
      type="submit"
      :label="tell('common.write-it-down')"
      :disabled="missing !== null"
      :loading="busy"
    />
    <p v-if="missing" class="sub">{{ missing }}</p>
    <Button
      v-if="expected && !inBookG"
      outlined
      type="button"
      :label="tell('OwedComb.it-never-will-be-take', { expected })"
      :loading="busy"
      @click="write('estimate')"
    />
  </form>
</template>
