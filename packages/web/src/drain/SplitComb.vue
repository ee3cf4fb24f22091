<script setup lang="ts">
import { weighedText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type BatchDetail, type HouseRules } from '@furrow/core';

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
  if (name.value.trim().length < 2) return tell('SplitComb.give-lot-name-such-as');
  if (open.value === 'name') return null;
  if (netG.value === null || netG.value <= 0) return tell('SplitComb.weigh-part-that-was-cut');
  return netG.value < props.combG
    ? null
    : tell('SplitComb.this-lot-are-here-part', {
        combG: weighedText(props.combG, props.rules.units),
      });
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
      ? await go(
          `/harvests/${id}/lotName`,
          { name: called },
          tell('SplitComb.this-lot-called', { called }),
        )
      : await go(
          `/harvests/${id}/split`,
          { batchId: newId(), name: called, grossG: grossG.value, tareG: tareG.value },
          tell('SplitComb.lot-its-own', { called }),
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
        :label="tell('SplitComb.part-it-into-lot-its')"
        @click="show('split')"
      />
      <Button
        type="button"
        outlined
        :label="
          detail.batch.lotName
            ? tell('SplitComb.called', { lotName: detail.batch.lotName })
            : tell('SplitComb.name-this-lot')
        "
        @click="show('name')"
      />
    </div>
    <template v-else>
      <TextField v-model="name" :label="tell('SplitComb.name-lot')" :error="fieldError('name')" />
      <WeighFields
        v-if="open === 'split'"
        v-model:gross-g="grossG"
        v-model:tare-g="tareG"
        :units="rules.units"
        :what="tell('SplitComb.vessel-and-part-cut-apart')"
        :known-tare-g="null"
        :gross-error="fieldError('grossG')"
        :tare-error="fieldError('tareG')"
      />
      <Refusal :refusal="refusal" :fields="['name', 'grossG', 'tareG']" />
      <Button
        type="button"
        :label="open === 'split' ? tell('SplitComb.cut-apart') : tell('SplitComb.call-it-so')"
        :disabled="missing !== null"
        :loading="busy"
        @click="keep"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
      <Button type="button" text :label="tell('SplitComb.leave-it-as-it')" @click="open = null" />
    </template>
  </div>
</template>
