<script setup lang="ts">
import { measured, tell } from '../words/tell.js';
import { enzymeLossText, enzymesAfter, hoursText, type Drain, type HouseRules } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId, read } from '../api/client.js';
import type { DrainEventSaid } from './drainEvent.js';
import { useSend } from '../api/useSend.js';
import type { DrainNow } from './useDrain.js';

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
      <b>{{ tell('WarmPanel.your-house-rule-never-to') }}</b>
      {{ tell('WarmPanel.rule-can-be-changed-in') }}
    </p>
    <template v-else>
      <p class="text">
        {{
          tell('WarmPanel.warm-cupboard-or-water-bath', {
            said: measured({ temperatureC: rules.warmLimitC }),
          })
        }}
        <b>{{ tell('WarmPanel.never-flame-under-wax-never') }}</b>
        {{ tell('WarmPanel.comb-softens-above', { said: measured({ temperatureC: 35 }) }) }}
      </p>
      <NumberField
        v-model="degrees"
        :label="tell('WarmPanel.honey-by-thermometer')"
        unit="°C"
        :min="5"
        :max="80"
        :error="fieldError('temperatureC')"
      />
      <Button
        outlined
        type="button"
        :label="tell('common.read-thermometer')"
        @click="readThermometer"
      />
      <NumberField
        v-model="hours"
        :label="tell('WarmPanel.for-about')"
        unit="h"
        :min="0.1"
        :max="72"
      />
      <p v-if="planned" class="text">
        {{ tell('WarmPanel.that-costs') }} <b>{{ planned.diastase }} %</b>
        {{ tell('WarmPanel.diastase-and') }} <b>{{ planned.invertase }} %</b>
        {{ tell('WarmPanel.invertase-hydroxymethylfurfural-hmf') }}
      </p>
      <Refusal :refusal="refusal" :fields="['temperatureC']" />
      <Button
        v-if="!warming.now"
        :label="tell('WarmPanel.warming-begins')"
        :disabled="degrees === null"
        :loading="busy"
        @click="
          send(
            { kind: 'warm', temperatureC: degrees },
            tell('WarmPanel.warming-begun-c', { degrees: { temperatureC: degrees! } }),
          )
        "
      />
      <div v-else class="acts row">
        <Button
          :label="tell('WarmPanel.warming-ended')"
          :loading="busy"
          @click="send({ kind: 'warm-end' }, tell('WarmPanel.warming-ended-2'))"
        /><Button
          outlined
          :label="tell('WarmPanel.now', { degrees: { temperatureC: degrees! } })"
          :disabled="degrees === null"
          :loading="busy"
          @click="
            send(
              { kind: 'warm', temperatureC: degrees },
              tell('WarmPanel.c-written-down', { degrees: { temperatureC: degrees! } }),
            )
          "
        />
      </div>
    </template>
    <p v-if="spent.hours > 0" class="text" role="status">
      {{
        tell('WarmPanel.warmed-so-far-diastase-invertase', {
          hours: hoursText(spent.hours),
          now: warming.now
            ? tell('WarmPanel.now-at', { temperature: { temperatureC: warming.now.temperatureC } })
            : '',
          diastase: enzymeLossText((1 - spent.diastase) * 100),
          invertase: enzymeLossText((1 - spent.invertase) * 100),
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.text {
  font-size: 17px;
}
</style>
