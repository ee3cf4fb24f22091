<script setup lang="ts">
import { strayCombSchema, type Hive } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { gramsOf, massUnit } from '../parts/massUnit.js';
import { householdUnits, said } from '../shell/units.js';

/**
 * Comb under a roof or in a gap: looked over, capped and open weighed apart, the missing frame put
 * in.
 */
const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{ hive: Hive }>();
const emit = defineEmits<{ taken: [batchId: string] }>();
const { go, busy, refusal, fieldError } = useSend();
const where = ref<'roof' | 'gap'>('gap');
const queen = ref(false);
const brood = ref<'yes' | 'no' | null>(null);
const swarm = ref<'yes' | 'no' | null>(null);
const capped = ref('');
const open = ref('');
const fitted = ref(false);
const tried = ref(false);
watch(visible, (shown) => {
  if (!shown) return;
  [queen.value, fitted.value, tried.value] = [false, false, false];
  [capped.value, open.value] = ['', ''];
  brood.value = swarm.value = refusal.value = null;
});
const grams = (text: string): number =>
  text.trim() === '' ? 0 : (gramsOf(text, householdUnits.value, 'small') ?? -1);
/** The units a weight may be said in; a bare number is of the small one. */
const either = computed(
  () => `${massUnit(householdUnits.value)} or ${massUnit(householdUnits.value, 'small')}`,
);
const payload = computed(() => ({
  id: newId(),
  visitId: newId(),
  cappedBatchId: newId(),
  openBatchId: newId(),
  hiveId: props.hive.id,
  where: where.value,
  broodSeen: brood.value,
  swarmCells: swarm.value,
  queenLookedFor: queen.value,
  cappedG: grams(capped.value),
  openG: grams(open.value),
  frameFitted: fitted.value,
}));
const parsed = computed(() => strayCombSchema.safeParse(payload.value));
const issue = (key: string): string | null =>
  tried.value && !parsed.value.success
    ? (parsed.value.error.issues.find((i) => i.path[0] === key)?.message ?? null)
    : fieldError(key);
async function keep(): Promise<void> {
  tried.value = true;
  if (!parsed.value.success) return;
  const done = await go('/strayCombs', payload.value, `${props.hive.name}: stray comb taken.`);
  if (!done) return;
  visible.value = false;
  emit('taken', done.batches[0].id);
}
</script>

<template>
  <DialogFrame v-model:visible="visible" header="Stray comb" :width="560">
    <form class="acts" @submit.prevent="keep">
      <SelectButton
        v-model="where"
        :options="[
          { label: 'In a gap', value: 'gap' },
          { label: 'Under the roof', value: 'roof' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Where it was found"
      />
      <label class="check"
        ><input v-model="queen" type="checkbox" /> I looked for the queen on it</label
      >
      <p v-if="issue('queenLookedFor')" class="rust" role="alert">{{ issue('queenLookedFor') }}</p>
      <div>
        <span id="brood">Brood in it</span
        ><SelectButton
          v-model="brood"
          :options="[
            { label: 'No brood', value: 'no' },
            { label: 'Brood', value: 'yes' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-labelledby="brood"
        />
      </div>
      <div>
        <span id="swarm">Swarm cells on the combs beside it</span
        ><SelectButton
          v-model="swarm"
          :options="[
            { label: 'None seen', value: 'no' },
            { label: 'Swarm cells', value: 'yes' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-labelledby="swarm"
        />
      </div>
      <p v-if="issue('swarmCells')" class="rust" role="alert">{{ issue('swarmCells') }}</p>
      <p v-if="issue('broodSeen')" class="rust" role="alert">{{ issue('broodSeen') }}</p>
      <p v-else-if="brood === 'yes'">
        Cut the brood part off and tie it into a frame, or leave it in; weigh only what carries
        none.
      </p>
      <TextField
        v-model="capped"
        :label="`Capped, weighed (${either})`"
        :error="issue('cappedG')"
        :hint="said('such as 640 g; it goes into a lot of its own')"
      />
      <TextField
        v-model="open"
        :label="`Open, weighed (${either})`"
        :error="issue('openG')"
        hint="kept apart: thin, eaten first, never sold; a gift, raw comb too, says: cold, within days"
      />
      <label class="check"
        ><input v-model="fitted" type="checkbox" /> The missing frame or bar is in its place</label
      >
      <Refusal
        :refusal="refusal"
        :fields="['queenLookedFor', 'cappedG', 'openG', 'broodSeen', 'swarmCells']"
      />
      <Button type="submit" label="Write it down" :loading="busy" />
    </form>
  </DialogFrame>
</template>

<style scoped>
.check {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
}
.check input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
}
</style>
