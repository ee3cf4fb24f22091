<script setup lang="ts">
import {
  closeMass,
  massField,
  massText,
  readMassG,
  smallMassText,
  type Drain,
  type DrainForecast,
  type HouseRules,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { useSend } from '../server/useSend.js';

/** The end of a drain: comb in = honey out + wet wax + debris + loss. A small gap is written down, a large one is asked about. */
const props = defineProps<{
  drain: Drain;
  rules: HouseRules;
  forecast: DrainForecast | null;
  leftG: number;
  lastNetG: number | null;
  drawnG: number;
  pricePerKg: number | null;
}>();
const router = useRouter();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => props.rules.units);
const grams = (text: string): number | null => {
  const g = readMassG(text, units.value === 'metric' ? 'kg' : 'lb');
  return g === null ? null : Math.round(g);
};
const honeyText = ref(
  props.lastNetG === null
    ? ''
    : massField(Math.max(0, props.lastNetG - props.drain.potStartG), units.value),
);
const waxText = ref('');
const debrisText = ref('');
const gapReason = ref('');
const minutes = ref<number | null>(15);
const close_ = computed(() => {
  const [honeyG, wetWaxG, debrisG] = [
    grams(honeyText.value),
    grams(waxText.value),
    debrisText.value.trim() ? grams(debrisText.value) : 0,
  ];
  return honeyG === null || wetWaxG === null || debrisG === null
    ? null
    : {
        ...closeMass({
          crushedG: props.drain.crushedG,
          leftG: props.leftG,
          honeyG,
          wetWaxG,
          debrisG,
        }),
        honeyG,
        wetWaxG,
        debrisG,
      };
});
const worth = computed(() =>
  props.pricePerKg && props.rules.currency && props.forecast
    ? `, about ${props.rules.currency} ${Math.round(props.forecast.stillKg.mid * props.pricePerKg)}`
    : '',
);
async function write(): Promise<void> {
  const { honeyG, wetWaxG, debrisG } = close_.value!;
  const done = await go(
    `/drains/${props.drain.id}/close`,
    { honeyG, wetWaxG, debrisG, minutes: minutes.value ?? 0, gapReason: gapReason.value },
    'Drain closed.',
    { baseRevision: props.drain.revision },
  );
  if (done) await router.push(`/settle/${props.drain.batchId}`);
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <p v-if="forecast">
      {{
        forecast.stopAdvised
          ? `It flows under ${rules.stopBelowGPerHour} g an hour.`
          : `It still flows about ${Math.round(forecast.rateGPerHour.mid / 5) * 5} g an hour; about ${massText(forecast.stillKg.mid, units)} would still come${worth}.`
      }}
      You decide.
    </p>
    <TextField
      v-model="honeyText"
      label="Honey in the lower vessel, net"
      :error="fieldError('honeyG')"
      :hint="
        drawnG
          ? `${massText(drawnG / 1000, units, 2)} were drawn off before and are counted.`
          : undefined
      "
    />
    <TextField v-model="waxText" label="Wet wax, net" :error="fieldError('wetWaxG')" />
    <TextField
      v-model="debrisText"
      label="Debris, if you weighed it"
      hint="Bees, pollen, bits of wood."
      :error="fieldError('debrisG')"
    />
    <template v-if="close_ && close_.gapG !== 0">
      <p :class="{ rust: close_.asks }">
        <b
          >{{ smallMassText(Math.abs(close_.gapG), units, 1) }}
          {{ close_.gapG > 0 ? 'less came out than went in' : 'more came out than went in' }}</b
        >, {{ (close_.gapShare * 100).toFixed(1) }} % of the comb.{{
          close_.asks
            ? ''
            : ' It is written down as stuck to vessels and tools, unless you say otherwise.'
        }}
      </p>
      <TextField
        v-model="gapReason"
        label="Why"
        :error="fieldError('gapReason')"
        hint="Stuck to bucket and strainer, bees, pollen, a spill…"
      />
    </template>
    <p v-else-if="close_" class="green"><b>Every gram is somewhere.</b></p>
    <NumberField v-model="minutes" label="Your minutes" whole :min="0" :max="600" unit="min" />
    <Refusal :refusal="refusal" :fields="['honeyG', 'wetWaxG', 'debrisG', 'gapReason']" />
    <Button
      type="submit"
      label="Close this drain"
      :disabled="!close_ || (close_.asks && !gapReason.trim())"
      :loading="busy"
    />
  </form>
</template>
