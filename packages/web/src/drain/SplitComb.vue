<script setup lang="ts">
import { type BatchDetail, type HouseRules } from '@furrow/core';
import { weighedText } from '@furrow/words';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import WeighFields from '../parts/WeighFields.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/**
 * Comb cut apart on the bench, by colour or by season: the part is weighed and becomes a lot with a
 * name of its own.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; combG: number }>();
const { go, busy, refusal, fieldError } = useSend();
const open = ref<'split' | 'name' | null>(null);
const name = ref('');
const grossG = ref<number | null>(null);
const tareG = ref<number | null>(null);
const netG = computed(() =>
  grossG.value === null || tareG.value === null ? null : grossG.value - tareG.value,
);
const missing = computed(() => {
  if (name.value.trim().length < 2) return 'Give the lot a name, such as dark or last autumn.';
  if (open.value === 'name') return null;
  if (netG.value === null || netG.value <= 0) return 'Weigh the part that was cut apart.';
  return netG.value < props.combG
    ? null
    : `Of this lot ${weighedText(props.combG, props.rules.units)} are here: a part of it is less.`;
});
function show(what: 'split' | 'name'): void {
  open.value = what;
  name.value = what === 'name' ? (props.detail.batch.lotName ?? '') : '';
  grossG.value = tareG.value = null;
}
async function keep(): Promise<void> {
  const { id } = props.detail.batch;
  const called = name.value.trim();
  const done =
    open.value === 'name'
      ? await go(`/harvests/${id}/lotName`, { name: called }, `This lot is called ${called}.`)
      : await go(
          `/harvests/${id}/split`,
          { batchId: newId(), name: called, grossG: grossG.value, tareG: tareG.value },
          `${called}: a lot of its own.`,
        );
  if (done) open.value = null;
}
</script>

<template>
  <div class="acts split">
    <div v-if="!open" class="acts row">
      <Button
        type="button"
        outlined
        label="Part of it into a lot of its own…"
        @click="show('split')"
      />
      <Button
        type="button"
        outlined
        :label="detail.batch.lotName ? `Called ${detail.batch.lotName}…` : 'Name this lot…'"
        @click="show('name')"
      />
    </div>
    <template v-else>
      <TextField v-model="name" label="Name of the lot" :error="fieldError('name')" />
      <WeighFields
        v-if="open === 'split'"
        v-model:gross-g="grossG"
        v-model:tare-g="tareG"
        :units="rules.units"
        what="vessel and the part cut apart"
        :known-tare-g="null"
        :gross-error="fieldError('grossG')"
        :tare-error="fieldError('tareG')"
      />
      <Refusal :refusal="refusal" :fields="['name', 'grossG', 'tareG']" />
      <Button
        type="button"
        :label="open === 'split' ? 'Cut apart' : 'Call it so'"
        :disabled="missing !== null"
        :loading="busy"
        @click="keep"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
      <Button type="button" text label="Leave it as it is" @click="open = null" />
    </template>
  </div>
</template>
