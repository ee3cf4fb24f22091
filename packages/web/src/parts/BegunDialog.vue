<script setup lang="ts">
import type { BatchDetail, Units } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from './DialogFrame.vue';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import { newId } from '../api/client.js';
import { useHives } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import Refusal from './Refusal.vue';
import TextField from './TextField.vue';
import WeighFields from './WeighFields.vue';

/**
 * A harvest that was begun without Furrow: comb that is cut out already, or honey that stands in
 * the house, weighed into the book.
 */
const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{
  hiveId: string;
  units: Units;
  /** Set where only one of them can be meant. */
  stands?: 'comb' | 'honey';
}>();
const emit = defineEmits<{ begun: [detail: BatchDetail, lotId: string] }>();
const { go, busy, refusal, fieldError } = useSend();
const { data: hives } = useHives();
const what = ref<'comb' | 'honey'>(props.stands ?? 'comb');
const from = ref(props.hiveId);
const on = ref('');
const note = ref('');
const grossG = ref<number | null>(null);
const tareG = ref<number | null>(null);
watch(visible, (shown) => {
  if (!shown) return;
  what.value = props.stands ?? 'comb';
  from.value = props.hiveId;
  // The day is asked, never taken: it dates the harvest in the book.
  [on.value, note.value, grossG.value, tareG.value] = ['', '', null, null];
});
/** What keeps the key shut. */
const missing = computed(() => {
  if (!on.value) return 'When was it taken?';
  if (grossG.value === null || tareG.value === null) return 'Weigh it, and the empty vessel.';
  return grossG.value > tareG.value ? null : 'The tare is not below the gross weight.';
});
async function write(): Promise<void> {
  const done = await go(
    '/begunHarvests',
    {
      visitId: newId(),
      batchId: newId(),
      hiveId: from.value,
      harvestedOn: on.value,
      stands: what.value,
      grossG: grossG.value,
      tareG: tareG.value,
      note: note.value,
    },
    what.value === 'comb'
      ? 'Comb already cut out: in the book.'
      : 'Honey from before: in the book.',
  );
  if (!done) return;
  visible.value = false;
  emit('begun', done.detail, done.detail.lots[0].id);
}
</script>

<template>
  <DialogFrame v-model:visible="visible" header="Begun without Furrow" :width="560">
    <form class="acts" @submit.prevent="write">
      <SelectButton
        v-if="!stands"
        v-model="what"
        :options="[
          { label: 'Comb, cut out already', value: 'comb' },
          { label: 'Honey, in a pot', value: 'honey' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="What stands there"
      />
      <label class="sub" for="begun-hive">Taken from</label>
      <select id="begun-hive" v-model="from" class="native">
        <option v-for="h in hives ?? []" :key="h.id" :value="h.id">{{ h.name }}</option>
      </select>
      <TextField
        v-model="on"
        type="date"
        label="Taken on, as well as you know"
        :error="fieldError('harvestedOn')"
      />
      <WeighFields
        v-model:gross-g="grossG"
        v-model:tare-g="tareG"
        :units="units"
        :what="what === 'comb' ? 'vessel and comb' : 'pot and honey'"
        :known-tare-g="null"
        :gross-error="fieldError('grossG')"
        :tare-error="fieldError('tareG')"
      />
      <TextField v-model="note" label="What is known of it" hint="such as summer honey, strained" />
      <Refusal :refusal="refusal" :fields="['harvestedOn', 'grossG', 'tareG']" />
      <Button
        type="submit"
        label="Put it into the book"
        :disabled="missing !== null"
        :loading="busy"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
    </form>
  </DialogFrame>
</template>

<style scoped>
.native {
  min-height: 56px;
  font-size: 18px;
}
</style>
