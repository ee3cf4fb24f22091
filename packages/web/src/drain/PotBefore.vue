<script setup lang="ts">
import { said } from '../words/units.js';
import { weighedText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type HouseRules } from '@furrow/core';

import { computed, ref } from 'vue';
import Button from 'primevue/button';
import BegunDialog from '../parts/BegunDialog.vue';
import TextField from '../parts/TextField.vue';
import { useStock } from '../api/queries.js';
import { weightSuch } from '../parts/massUnit.js';

/**
 * Honey that stands in the lower vessel already: how much, and which; what is not in the book yet
 * is entered first.
 */
const props = defineProps<{
  rules: HouseRules;
  hiveId: string;
  batchId: string;
  /** The weight as it was read; null where it cannot be. */
  g: number | null;
  error: string | null;
}>();
const text = defineModel<string>('text', { required: true });
const lotId = defineModel<string | null>('lotId', { required: true });
const { data: stock } = useStock();
const lots = computed(() =>
  (stock.value ?? []).filter((l) => l.kind === 'honey' && l.batchId !== props.batchId),
);
const entering = ref(false);
</script>

<template>
  <div class="acts">
    <TextField
      v-model="text"
      :label="tell('PotBefore.honey-already-in-lower-vessel')"
      :error="g === null ? weightSuch(800) : error"
    />
    <template v-if="g">
      <label class="sub" for="pot-lot">{{ tell('PotBefore.which-honey-it') }}</label>
      <select id="pot-lot" v-model="lotId" class="native">
        <option :value="null" disabled>{{ tell('PotBefore.choose-lot') }}</option>
        <option v-for="l in lots" :key="l.id" :value="l.id">
          {{ said(l.name) }}, {{ weighedText(l.nowG, rules.units) }}
        </option>
      </select>
      <p class="sub">{{ tell('PotBefore.from-here-on-both-are') }}</p>
      <Button
        type="button"
        outlined
        :label="tell('PotBefore.it-from-before-furrow')"
        @click="entering = true"
      />
    </template>
    <BegunDialog
      v-model:visible="entering"
      :hive-id="hiveId"
      :units="rules.units"
      stands="honey"
      @begun="(_, honeyLotId) => (lotId = honeyLotId)"
    />
  </div>
</template>

<style scoped>
.native {
  min-height: 64px;
  font-size: 18px;
}
</style>
