<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  if (!on.value) return tell('BegunDialog.when-was-it-taken');
  if (grossG.value === null || tareG.value === null)
    return tell('BegunDialog.weigh-it-and-empty-vessel');
  return grossG.value > tareG.value ? null : tell('BegunDialog.tare-not-below-gross-weight');
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
      ? tell('BegunDialog.comb-already-cut-out-in')
      : tell('BegunDialog.honey-from-before-in-book'),
  );
  if (!done) return;
  visible.value = false;
  emit('begun', done.detail, done.detail.lots[0].id);
}
</script>

<template>
  <DialogFrame
    v-model:visible="visible"
    :header="tell('BegunDialog.begun-without-furrow')"
    :width="560"
  >
    <form class="acts" @submit.prevent="write">
      <SelectButton
        v-if="!stands"
        v-model="what"
        :options="[
          { label: tell('BegunDialog.comb-cut-out-already'), value: 'comb' },
          { label: tell('BegunDialog.honey-in-pot'), value: 'honey' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('BegunDialog.what-stands-there')"
      />
      <label class="sub" for="begun-hive">{{ tell('BegunDialog.taken-from') }}</label>
      <select id="begun-hive" v-model="from" class="native">
        <option v-for="h in hives ?? []" :key="h.id" :value="h.id">{{ h.name }}</option>
      </select>
      <TextField
        v-model="on"
        type="date"
        :label="tell('BegunDialog.taken-on-as-well-as')"
        :error="fieldError('harvestedOn')"
      />
      <WeighFields
        v-model:gross-g="grossG"
        v-model:tare-g="tareG"
        :units="units"
        :what="
          what === 'comb' ? tell('BegunDialog.vessel-and-comb') : tell('BegunDialog.pot-and-honey')
        "
        :known-tare-g="null"
        :gross-error="fieldError('grossG')"
        :tare-error="fieldError('tareG')"
      />
      <TextField
        v-model="note"
        :label="tell('BegunDialog.what-known-it')"
        :hint="tell('BegunDialog.such-as-summer-honey-strained')"
      />
      <Refusal :refusal="refusal" :fields="['harvestedOn', 'grossG', 'tareG']" />
      <Button
        type="submit"
        :label="tell('BegunDialog.put-it-into-book')"
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
