<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  DEATH_CAUSES,
  DEATH_MUST_ASK,
  deadColonyAdvice,
  isClosed,
  type ColonyState,
  type DeathCause,
  type Hive,
  type ColonyFact,
} from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { said } from '../words/units.js';
import { useSend } from '../api/useSend.js';

/**
 * A colony that is gone: first against robbers, then what it may have died of, then what may be
 * done with its honey and comb.
 */
const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{ hive: Hive; state: ColonyState; date: string }>();
const { go, busy, refusal } = useSend();
const signs: Record<DeathCause, string> = {
  dysentery: tell('DeadColony.brown-streaks-on-comb-and'),
  mould: tell('DeadColony.mould-on-comb'),
  treated: tell('DeadColony.treated-in-months-before'),
  damp: tell('DeadColony.wet-inside-water-on-floor'),
  starved: tell('DeadColony.heads-in-empty-cells-no'),
  queenless: tell('DeadColony.scattered-drone-brood-no-queen'),
  cold: tell('DeadColony.small-cluster-dead-beside-stores'),
  mites: tell('DeadColony.few-bees-deformed-wings-mites'),
  foulbrood: tell('DeadColony.sunken-greasy-caps-brood-that'),
  poisoned: tell('DeadColony.carpet-dead-bees-tongues-out'),
  rodents: tell('DeadColony.gnawed-comb-droppings-nest'),
  robbed: tell('DeadColony.torn-cappings-wax-crumbs-on'),
  unknown: tell('DeadColony.not-known'),
};
const causes = ref<DeathCause[]>([]);
/** Signs looked for and not found: what is in neither list was not looked for. */
const notFound = ref<DeathCause[]>([]);
type SignAnswer = 'yes' | 'no' | null;
const answerOf = (sign: DeathCause): SignAnswer => {
  if (causes.value.includes(sign)) return 'yes';
  return notFound.value.includes(sign) ? 'no' : null;
};
function answer(sign: DeathCause, said: SignAnswer): void {
  causes.value = causes.value.filter((c) => c !== sign);
  notFound.value = notFound.value.filter((c) => c !== sign);
  if (said === 'yes') causes.value.push(sign);
  if (said === 'no') notFound.value.push(sign);
}
const askedSigns = DEATH_CAUSES.filter((sign) => sign !== 'unknown');
const unasked = computed(() => DEATH_MUST_ASK.filter((sign) => answerOf(sign) === null));
const closed = ref(false);
const word = ref<'none' | 'no-disease' | 'disease'>('none');
watch(
  visible,
  (open) => {
    if (!open) return;
    refusal.value = null;
    causes.value = [...(props.state.death?.causes ?? [])];
    notFound.value = [...(props.state.death?.notFound ?? [])];
    closed.value = isClosed(props.state);
    word.value = props.state.death?.word ?? 'none';
  },
  { immediate: true },
);
const advice = computed(() =>
  deadColonyAdvice(
    causes.value.length
      ? {
          kind: 'death',
          on: props.date,
          causes: causes.value,
          notFound: notFound.value,
          closedAgainstRobbers: closed.value,
          word: word.value,
        }
      : null,
  ),
);
const note = (fact: ColonyFact, said: string): Promise<unknown> =>
  go('/colonyFacts', { id: newId(), colonyId: props.hive.colony!.id, on: props.date, fact }, said);
async function keep(): Promise<void> {
  if (
    !props.state.dead &&
    !(await note(
      { kind: 'alive', alive: false },
      tell('DeadColony.colony-gone', { hive: props.hive.name }),
    ))
  )
    return;
  const done = await note(
    {
      kind: 'death',
      causes: [...causes.value],
      notFound: [...notFound.value],
      closedAgainstRobbers: closed.value,
      word: word.value,
    },
    tell('DeadColony.checklist-written-down', { hive: props.hive.name }),
  );
  if (done) visible.value = false;
}
async function mistaken(): Promise<void> {
  if (
    await note(
      { kind: 'alive', alive: true },
      tell('DeadColony.colony-lives', { hive: props.hive.name }),
    )
  )
    visible.value = false;
}
/** The tick is remembered also where the signs are answered later. */
async function onlyGone(): Promise<void> {
  if (
    !(await note(
      { kind: 'alive', alive: false },
      tell('DeadColony.colony-gone', { hive: props.hive.name }),
    ))
  )
    return;
  if (closed.value && !isClosed(props.state))
    await note(
      { kind: 'entrance', entrance: 'screened', reopenOn: null },
      tell('DeadColony.closed-against-robbers', { hive: props.hive.name }),
    );
  visible.value = false;
}
</script>

<template>
  <DialogFrame
    v-model:visible="visible"
    :header="tell('DeadColony.colony-gone-2', { hive: hive.name })"
    :width="1000"
  >
    <form class="acts" @submit.prevent="keep">
      <ul class="advice" aria-live="polite">
        <li v-for="l in advice.lines" :key="l.key">{{ said(l) }}</li>
      </ul>
      <label class="check"
        ><input v-model="closed" type="checkbox" />
        {{ tell('DeadColony.hive-closed-against-robbers') }}</label
      >
      <fieldset>
        <legend>
          <b>{{ tell('DeadColony.what-do-you-see') }}</b>
          {{ tell('DeadColony.look-for-each-one-sign') }}
          <template v-if="unasked.length">{{
            tell('DeadColony.not-looked-for-yet', { unasked: unasked.length })
          }}</template>
        </legend>
        <div class="signs">
          <div v-for="c in askedSigns" :key="c" class="sign">
            <span :id="`sign-${c}`">{{ signs[c] }}</span>
            <SelectButton
              :model-value="answerOf(c)"
              :options="[
                { label: tell('common.yes'), value: 'yes' },
                { label: tell('common.no'), value: 'no' },
              ]"
              option-label="label"
              option-value="value"
              :aria-labelledby="`sign-${c}`"
              @update:model-value="answer(c, $event)"
            />
          </div>
        </div>
        <label class="check"
          ><input v-model="causes" type="checkbox" value="unknown" />
          {{ tell('DeadColony.cause-not-known') }}</label
        >
      </fieldset>
      <div>
        <p id="word">{{ tell('DeadColony.what-inspector-or-laboratory-said') }}</p>
        <SelectButton
          v-model="word"
          :options="[
            { label: tell('DeadColony.not-asked'), value: 'none' },
            { label: tell('DeadColony.no-disease'), value: 'no-disease' },
            { label: tell('DeadColony.disease'), value: 'disease' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-labelledby="word"
        />
      </div>
      <Refusal :refusal="refusal" />
      <div class="keys">
        <Button
          type="submit"
          :label="tell('common.write-it-down')"
          :disabled="!causes.length"
          :loading="busy"
        />
        <Button
          v-if="!state.dead"
          outlined
          :label="tell('DeadColony.it-gone-answer-later')"
          :loading="busy"
          @click="onlyGone"
        />
        <Button
          v-else
          text
          :label="tell('DeadColony.mistake-it-lives')"
          :loading="busy"
          @click="mistaken"
        />
      </div>
    </form>
  </DialogFrame>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
.sign {
  display: flex;
  gap: 8px 14px;
  align-items: center;
  justify-content: space-between;
  min-height: 48px;
  border-bottom: var(--line);
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
.signs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(440px, 100%), 1fr));
  gap: 0 28px;
}
.keys {
  position: sticky;
  bottom: 0;
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  padding: 8px 0;
  background: var(--lime-0);
}
/* Two answers stay side by side, whatever the question's length. */
.sign :deep(.p-selectbutton) {
  flex: none;
  flex-wrap: nowrap;
}
.advice {
  margin: 0;
  padding-left: 20px;
}
/* On a phone each sign has its answers below it, and nothing lies over them. */
@media (max-width: 560px) {
  .sign {
    flex-direction: column;
    align-items: stretch;
    padding: 8px 0;
  }
  .keys {
    position: static;
  }
}
</style>
