<script setup lang="ts">
import { enzymeLossText, enzymesAfter, hoursText, type Drain, type HouseRules } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId, read } from '../api/client.js';
import type { DrainEventSaid } from './drainEvent.js';
import { useSend } from '../api/useSend.js';
import type { DrainNow } from './useDrain.js';
import { said } from '../shell/units.js';

/** Warming as a step with a thermometer, the house limit, and the meter of what it costs. */
const props = defineProps<{
  drain: Drain;
  rules: HouseRules;
  warming: DrainNow['warming']['value'];
  elapsed: number;
}>();
const { go, busy, refusal, fieldError } = useSend();
const degrees = ref<number | null>(Math.min(35, props.rules.warmLimitC));
const hours = ref<number | null>(2);
const cost = (temperatureC: number, forHours: number): { diastase: string; invertase: string } => {
  const left = enzymesAfter([{ hours: 0, temperatureC }], 0, forHours);
  return {
    diastase: enzymeLossText((1 - left.diastase) * 100),
    invertase: enzymeLossText((1 - left.invertase) * 100),
  };
};
const planned = computed(() =>
  degrees.value !== null && hours.value ? cost(degrees.value, hours.value) : null,
);
const spent = computed(() =>
  props.warming.all.reduce(
    (sum, w) => {
      const left = enzymesAfter(
        [{ hours: 0, temperatureC: w.temperatureC }],
        0,
        w.endHours - w.fromHours,
      );
      return {
        hours: sum.hours + w.endHours - w.fromHours,
        diastase: sum.diastase * left.diastase,
        invertase: sum.invertase * left.invertase,
      };
    },
    { hours: 0, diastase: 1, invertase: 1 },
  ),
);
const send = (payload: DrainEventSaid, said: string): unknown =>
  go('/drainEvents', { id: newId(), drainId: props.drain.id, minutes: 2, ...payload }, said);
async function readThermometer(): Promise<void> {
  degrees.value = (await read('/instruments/thermometer')).value;
}
</script>

<template>
  <div class="acts bench">
    <p v-if="rules.warm === 'never'" class="text">
      <b>Your house rule is never to warm honey.</b> The rule can be changed in Rules.
    </p>
    <template v-else>
      <p class="text">
        A warm cupboard or a water bath, at most {{ said(`${rules.warmLimitC} °C`) }} by your rule.
        <b>Never a flame under wax, never left alone.</b> Comb softens above {{ said('35 °C') }}.
      </p>
      <NumberField
        v-model="degrees"
        label="Honey, by the thermometer"
        unit="°C"
        :min="5"
        :max="80"
        :error="fieldError('temperatureC')"
      />
      <Button outlined type="button" label="Read the thermometer" @click="readThermometer" />
      <NumberField v-model="hours" label="For about" unit="h" :min="0.1" :max="72" />
      <p v-if="planned" class="text">
        That costs <b>{{ planned.diastase }} %</b> of the diastase and
        <b>{{ planned.invertase }} %</b> of the invertase. Hydroxymethylfurfural (HMF), which
        authorities measure, is not computed here: a laboratory measures it.
      </p>
      <Refusal :refusal="refusal" :fields="['temperatureC']" />
      <Button
        v-if="!warming.now"
        label="Warming begins"
        :disabled="degrees === null"
        :loading="busy"
        @click="send({ kind: 'warm', temperatureC: degrees }, `Warming begun, ${degrees} °C.`)"
      />
      <div v-else class="acts row">
        <Button
          label="Warming ended"
          :loading="busy"
          @click="send({ kind: 'warm-end' }, 'Warming ended.')"
        /><Button
          outlined
          :label="said(`Now ${degrees} °C`)"
          :disabled="degrees === null"
          :loading="busy"
          @click="send({ kind: 'warm', temperatureC: degrees }, `${degrees} °C written down.`)"
        />
      </div>
    </template>
    <p v-if="spent.hours > 0" class="text" role="status">
      Warmed {{ hoursText(spent.hours) }} so far{{
        warming.now ? said(`, now at ${warming.now.temperatureC} °C`) : ''
      }}: {{ enzymeLossText((1 - spent.diastase) * 100) }} % of diastase,
      {{ enzymeLossText((1 - spent.invertase) * 100) }} % of invertase. HMF is not computed.
    </p>
  </div>
</template>

<style scoped>
.text {
  font-size: 17px;
}
</style>
