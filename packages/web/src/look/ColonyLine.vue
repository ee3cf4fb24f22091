<script setup lang="ts">
import { FEEDS } from '../parts/colonyWords.js';
import { tell } from '../words/tell.js';
import { SUPERS_ON, type ColonyFact, type ColonyState, type Hive, type Units } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';
import { said } from '../words/units.js';
import HiveWeight from './HiveWeight.vue';
import { colonyLines, colonySummary } from './colonyLines.js';

/**
 * What judgements need to know of the colony, one touch each with its date. What nobody said is
 * shown as unknown.
 */
const props = defineProps<{
  hive: Hive;
  state: ColonyState;
  date: string;
  units: Units;
}>();
const emit = defineEmits<{ dead: []; stray: []; begun: [] }>();
const { go, busy, refusal, fieldError } = useSend();
type Kind = ColonyFact['kind'] | 'started';
const open = ref<Kind | null>(null);
const on = ref(props.date);
const product = ref('');
const waitDays = ref<number | null>(null);
const litres = ref<number | null>(null);
const syrupReason = ref('');
const endsOn = ref('');
const plant = ref('');
const degrees = ref<number | null>(null);
const started = ref('');
/** A date nobody told is never shown as one that somebody did. */
const startedText = ({ startedOn, startedAssumed }: ColonyState): string => {
  if (!startedOn) return tell('ColonyLine.not-known');
  return startedAssumed ? tell('ColonyLine.not-said-taken-as-year') : dateText(startedOn);
};
watch(open, (kind) => {
  [on.value, refusal.value, started.value] = [props.date, null, props.state.startedOn ?? ''];
  // A treatment whose leaflet was not read stands ready to be answered, not to be typed again.
  const last = props.state.treatments.at(-1);
  if (kind === 'treatment' && last?.supersOn === 'unknown')
    [on.value, product.value, waitDays.value] = [last.on, last.product, last.waitDays];
});

const SUPERS_ON_WORDS = {
  yes: tell('ColonyLine.leaflet-supers-may-be-on'),
  no: tell('ColonyLine.leaflet-no-supers-on'),
  unknown: tell('ColonyLine.leaflet-not-read-yet'),
};
const lines = computed(() =>
  colonyLines(props.hive, props.state, props.date, endsOn.value, props.units),
);
const summary = computed(() => colonySummary(lines.value));
const current = computed(() => lines.value.find((l) => l.kind === open.value) ?? null);
/** Closes the form that was answered; one that was opened meanwhile stays. */
const close = (answered: Kind | null): void => {
  if (open.value === answered) open.value = null;
};
async function note(fact: ColonyFact): Promise<void> {
  const answered = open.value;
  const done = await go(
    '/colonyFacts',
    { id: newId(), colonyId: props.hive.colony!.id, on: on.value, fact },
    tell('ColonyLine.noted', {
      hive: props.hive.name,
      fact: said({ key: `entry.fact.${fact.kind}`, with: {} }),
    }),
  );
  if (done) close(answered);
}
async function keepStart(): Promise<void> {
  const done = await go(
    `/colonies/${props.hive.colony!.id}`,
    { startedOn: started.value },
    tell('ColonyLine.colony-since', { hive: props.hive.name, started: dateText(started.value) }),
    { method: 'PATCH', baseRevision: props.hive.colony!.revision },
  );
  if (done) close('started');
}
</script>

<template>
  <details v-if="hive.colony" class="colony">
    <summary>
      <b>{{ tell('ColonyLine.colony') }}</b> <span class="sub">{{ summary }}</span>
    </summary>
    <div class="facts">
      <button
        type="button"
        class="fact"
        :aria-expanded="open === 'started'"
        @click="open = open === 'started' ? null : 'started'"
      >
        <span class="sub">{{ tell('ColonyLine.lives-here-since') }}</span>{{ ' ' }}
        <b>{{ startedText(state) }}</b>
      </button>
      <button
        v-for="l in lines"
        :key="l.kind"
        type="button"
        class="fact"
        :class="{ unknown: l.value === tell('colonyLines.not-known') }"
        :aria-expanded="open === l.kind"
        @click="open = open === l.kind ? null : l.kind"
      >
        <span class="sub">{{ l.name }}</span> <b>{{ l.value }}</b>
      </button>
    </div>
    <form v-if="open" class="say" @submit.prevent>
      <TextField
        v-if="open !== 'started'"
        v-model="on"
        type="date"
        :label="tell('common.on')"
        :error="fieldError('on')"
      />
      <template v-if="open === 'started'">
        <TextField
          v-model="started"
          type="date"
          :label="tell('common.this-colony-lives-here-since')"
          :error="fieldError('startedOn')"
        />
        <Button
          :label="tell('common.write-it-down')"
          :disabled="!started"
          :loading="busy"
          @click="keepStart"
        />
      </template>
      <template v-else-if="open === 'treatment'">
        <TextField
          v-model="product"
          :label="tell('ColonyLine.product')"
          :error="fieldError('fact.product')"
        />
        <NumberField
          v-model="waitDays"
          :label="tell('ColonyLine.waiting-time-from-its-leaflet')"
          :unit="tell('ColonyLine.days')"
          whole
          :min="0"
          :max="730"
        />
        <Button
          v-for="supersOn in SUPERS_ON"
          :key="supersOn"
          outlined
          :label="SUPERS_ON_WORDS[supersOn]"
          :disabled="!product.trim() || waitDays === null"
          :loading="busy"
          @click="note({ kind: 'treatment', product, waitDays: waitDays!, supersOn })"
        />
        <p class="sub">
          {{ tell('ColonyLine.comb-that-hangs-here-during') }}
        </p>
      </template>
      <template v-else-if="open === 'feeding'">
        <NumberField
          v-model="litres"
          :label="tell('common.how-much')"
          unit="L"
          :min="0.05"
          :max="100"
        />
        <Button
          v-for="what in ['syrup', 'fondant'] as const"
          :key="what"
          outlined
          :label="FEEDS[what]"
          :disabled="litres === null"
          :loading="busy"
          @click="note({ kind: 'feeding', what, litres: litres! })"
        />
        <template v-if="state.feedings.length">
          <TextField v-model="syrupReason" :label="tell('ColonyLine.it-not-in-comb-any')" />
          <Button
            outlined
            :label="tell('ColonyLine.clear-what-was-fed')"
            :disabled="syrupReason.trim().length < 3"
            :loading="busy"
            @click="note({ kind: 'syrup-word', reason: syrupReason })"
          />
        </template>
      </template>
      <template v-else-if="open === 'bloom'">
        <TextField v-model="plant" :label="tell('ColonyLine.what-in-bloom')" />
        <Button
          :label="tell('common.write-it-down')"
          :disabled="!plant.trim()"
          :loading="busy"
          @click="note({ kind: 'bloom', plant })"
        />
      </template>
      <template v-else-if="open === 'tilt'">
        <NumberField
          v-model="degrees"
          :label="tell('ColonyLine.tilt-toward-outlet')"
          unit="°"
          :min="-10"
          :max="15"
        />
        <Button
          :label="tell('common.write-it-down')"
          :disabled="degrees === null"
          :loading="busy"
          @click="note({ kind: 'tilt', degrees: degrees! })"
        />
      </template>
      <HiveWeight
        v-else-if="open === 'hive-weight'"
        :hive-id="hive.id"
        :weights="state.weights"
        :units="units"
        :busy="busy"
        @note="note"
      />
      <template v-else-if="current">
        <TextField
          v-if="open === 'flow' || open === 'entrance'"
          v-model="endsOn"
          type="date"
          :label="
            open === 'flow'
              ? tell('ColonyLine.likely-ends-on-if-known')
              : tell('ColonyLine.open-again-on')
          "
        />
        <Button
          v-for="c in current.choices"
          :key="c.label"
          outlined
          :label="c.label"
          :loading="busy"
          @click="note(c.fact)"
        />
        <p v-if="open === 'entrance'" class="sub">
          {{ tell('ColonyLine.never-sealed-air-must-pass') }}
        </p>
      </template>
      <Refusal :refusal="refusal" :fields="['on', 'startedOn', 'fact.product']" />
    </form>
  </details>
  <div v-if="hive.colony" class="facts">
    <button type="button" class="fact" @click="emit('stray')">
      <b>{{ tell('ColonyLine.stray-comb') }}</b>
    </button>
    <button type="button" class="fact" @click="emit('begun')">
      <b>{{ tell('ColonyLine.begun-without-furrow') }}</b>
    </button>
    <button type="button" class="fact" @click="emit('dead')">
      <b>{{
        state.dead ? tell('ColonyLine.dead-colony-checklist') : tell('ColonyLine.colony-gone')
      }}</b>
    </button>
  </div>
</template>

<style scoped>
summary {
  cursor: pointer;
  padding: 10px 0;
  min-height: 44px;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.fact {
  border: 0;
  border-bottom: 1.5px solid var(--lichen-3);
  background: none;
  color: inherit;
  font: 400 15px var(--text);
  min-height: 44px;
  padding: 4px 0;
  cursor: pointer;
  text-align: left;
}
.fact[aria-expanded='true'] {
  border-bottom: 3px solid var(--field);
}
.unknown b {
  font-weight: 400;
}
.say {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: flex-end;
  padding: 10px 0;
  border-bottom: 1.5px solid var(--ink);
}
.say :deep(.p-button) {
  text-transform: none;
}
.say :deep(.p-button-label)::first-letter {
  text-transform: uppercase;
}
@media (max-width: 599px) {
  .fact {
    min-height: 64px;
  }
}
</style>
