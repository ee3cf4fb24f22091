<script setup lang="ts">
import {
  DEATH_CAUSES,
  deadColonyAdvice,
  type ColonyState,
  type DeathCause,
  type Hive,
} from '@furrow/core';
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../server/client.js';
import { useSend } from '../server/useSend.js';

/** A colony that is gone: first against robbers, then what it may have died of, then what may be done with its honey and comb. */
const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{ hive: Hive; state: ColonyState; date: string }>();
const { go, busy, refusal } = useSend();
const signs: Record<DeathCause, string> = {
  starved: 'Heads in empty cells, no stores',
  queenless: 'Scattered drone brood, no queen',
  cold: 'A small cluster, dead beside stores',
  mites: 'Few bees, deformed wings, spotted brood',
  foulbrood: 'Sunken, greasy caps; brood that ropes; a bad smell',
  poisoned: 'A carpet of dead bees, tongues out, in season',
  rodents: 'Gnawed comb, droppings, a nest',
  robbed: 'Torn cappings, wax crumbs on the floor',
  unknown: 'Not known',
};
const causes = ref<DeathCause[]>([]);
const closed = ref(false);
const word = ref<'none' | 'no-disease' | 'disease'>('none');
watch(visible, (open) => {
  if (!open) return;
  refusal.value = null;
  causes.value = [...(props.state.death?.causes ?? [])];
  closed.value = props.state.death?.closedAgainstRobbers ?? false;
  word.value = props.state.death?.word ?? 'none';
});
const advice = computed(() =>
  deadColonyAdvice(
    causes.value.length
      ? {
          kind: 'death',
          on: props.date,
          causes: causes.value,
          closedAgainstRobbers: closed.value,
          word: word.value,
        }
      : null,
  ),
);
const note = (fact: unknown, said: string): Promise<unknown> =>
  go('/colonyFacts', { id: newId(), colonyId: props.hive.colony!.id, on: props.date, fact }, said);
async function keep(): Promise<void> {
  if (
    !props.state.dead &&
    !(await note({ kind: 'alive', alive: false }, `${props.hive.name}: the colony is gone.`))
  )
    return;
  const done = await note(
    {
      kind: 'death',
      causes: [...causes.value],
      closedAgainstRobbers: closed.value,
      word: word.value,
    },
    `${props.hive.name}: checklist written down.`,
  );
  if (done) visible.value = false;
}
async function mistaken(): Promise<void> {
  if (await note({ kind: 'alive', alive: true }, `${props.hive.name}: the colony lives.`))
    visible.value = false;
}
async function onlyGone(): Promise<void> {
  if (await note({ kind: 'alive', alive: false }, `${props.hive.name}: the colony is gone.`))
    visible.value = false;
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="`${hive.name}: the colony is gone`"
    position="top"
    :style="{ width: '640px', maxWidth: '96vw' }"
  >
    <form class="acts" @submit.prevent="keep">
      <label class="check"
        ><input v-model="closed" type="checkbox" /> The hive is closed against robbers</label
      >
      <fieldset>
        <legend><b>What do you see?</b> More than one may be true.</legend>
        <label v-for="c in DEATH_CAUSES" :key="c" class="check"
          ><input v-model="causes" type="checkbox" :value="c" /> {{ signs[c] }}</label
        >
      </fieldset>
      <div>
        <span id="word">What an inspector or laboratory said</span
        ><SelectButton
          v-model="word"
          :options="[
            { label: 'Not asked', value: 'none' },
            { label: 'No disease', value: 'no-disease' },
            { label: 'Disease', value: 'disease' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-labelledby="word"
        />
      </div>
      <ul class="advice" aria-live="polite">
        <li v-for="l in advice.lines" :key="l">{{ l }}</li>
      </ul>
      <Refusal :refusal="refusal" />
      <Button type="submit" label="Write it down" :disabled="!causes.length" :loading="busy" />
      <Button
        v-if="!state.dead"
        outlined
        label="It is gone; answer later"
        :loading="busy"
        @click="onlyGone"
      />
      <Button v-else text label="A mistake: it lives" :loading="busy" @click="mistaken" />
    </form>
  </Dialog>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
.check {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 44px;
}
.check input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
}
.advice {
  margin: 0;
  padding-left: 20px;
}
</style>
