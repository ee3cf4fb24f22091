<script setup lang="ts">
import { tell } from '../words/tell.js';
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
import { householdUnits, whyNot } from '../words/units.js';

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
const either = computed(() =>
  tell('StrayComb.or', {
    householdUnits: massUnit(householdUnits.value),
    householdUnits2: massUnit(householdUnits.value, 'small'),
  }),
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
    ? whyNot(parsed.value.error.issues.find((i) => i.path[0] === key)?.message)
    : fieldError(key);
async function keep(): Promise<void> {
  tried.value = true;
  if (!parsed.value.success) return;
  const done = await go(
    '/strayCombs',
    payload.value,
    tell('StrayComb.stray-comb-taken', { hive: props.hive.name }),
  );
  if (!done) return;
  visible.value = false;
  emit('taken', done.batches[0].id);
}
</script>

<template>
  <DialogFrame v-model:visible="visible" :header="tell('StrayComb.stray-comb')" :width="560">
    <form class="acts" @submit.prevent="keep">
      <SelectButton
        v-model="where"
        :options="[
          { label: tell('StrayComb.in-gap'), value: 'gap' },
          { label: tell('StrayComb.under-roof'), value: 'roof' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('StrayComb.where-it-was-found')"
      />
      <label class="check"
        ><input v-model="queen" type="checkbox" />
        {{ tell('StrayComb.i-looked-for-queen-on') }}</label
      >
      <p v-if="issue('queenLookedFor')" class="rust" role="alert">{{ issue('queenLookedFor') }}</p>
      <div>
        <span id="brood">{{ tell('StrayComb.brood-in-it') }}</span><SelectButton
          v-model="brood"
          :options="[
            { label: tell('StrayComb.no-brood'), value: 'no' },
            { label: tell('common.brood'), value: 'yes' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-labelledby="brood"
        />
      </div>
      <div>
        <span id="swarm">{{ tell('StrayComb.swarm-cells-on-combs-beside') }}</span><SelectButton
          v-model="swarm"
          :options="[
            { label: tell('StrayComb.none-seen'), value: 'no' },
            { label: tell('StrayComb.swarm-cells'), value: 'yes' },
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
        {{ tell('StrayComb.cut-brood-part-off-and') }}
      </p>
      <TextField
        v-model="capped"
        :label="tell('StrayComb.capped-weighed', { either })"
        :error="issue('cappedG')"
        :hint="tell('StrayComb.such-as', { weight: { massG: 640, as: 'read' } })"
      />
      <TextField
        v-model="open"
        :label="tell('StrayComb.open-weighed', { either })"
        :error="issue('openG')"
        :hint="tell('StrayComb.kept-apart-thin-eaten-first')"
      />
      <label class="check"
        ><input v-model="fitted" type="checkbox" />
        {{ tell('StrayComb.missing-frame-or-bar-in') }}</label
      >
      <Refusal
        :refusal="refusal"
        :fields="['queenLookedFor', 'cappedG', 'openG', 'broodSeen', 'swarmCells']"
      />
      <Button type="submit" :label="tell('common.write-it-down')" :loading="busy" />
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
