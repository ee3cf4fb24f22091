<script setup lang="ts">
import { figure, massText, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  closeMass,
  potLeftG,
  pressTurns,
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
import WeighFields from '../parts/WeighFields.vue';
import { useSettled } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import WasteItems, { type WasteItem } from './WasteItems.vue';
import { said } from '../words/units.js';

/**
 * The end of a drain: comb in = honey out + wet wax + debris + loss. A small gap is written down, a
 * large one is asked about.
 */
const props = defineProps<{
  drain: Drain;
  rules: HouseRules;
  forecast: DrainForecast | null;
  leftG: number;
  /** The weighing of the lower vessel that still stands, and what it weighs empty. */
  lastGrossG: number | null;
  lowerTareG: number | null;
  drawnG: number;
  /** The comb was never weighed: what comes out says what it was. */
  byEstimate: boolean;
  pricePerKg: number | null;
}>();
const router = useRouter();
const { go, busy, refusal, fieldError } = useSend();
const settled = useSettled();
const units = computed(() => props.rules.units);
interface Weighed {
  grossG: number | null;
  tareG: number | null;
}
const [lower, pressed, wax] = [
  ref<Weighed>({ grossG: null, tareG: null }),
  ref<Weighed>({ grossG: null, tareG: null }),
  ref<Weighed>({ grossG: null, tareG: null }),
];
const netOf = ({ grossG, tareG }: Weighed): number | null =>
  grossG === null || tareG === null || grossG < tareG ? null : grossG - tareG;
const turns = computed(() => pressTurns(props.drain));
const wasPressed = computed(() => turns.value.length > 0);
const lastTurn = computed(
  () => props.drain.events.filter((e) => e.kind === 'press' && e.grossG).at(-1) ?? null,
);
const joined = ref(false);
/** What is neither honey nor wax, each weighed by itself; null while one of them cannot be read. */
const waste = ref<WasteItem[] | null>([]);
const gapReason = ref('');
const minutes = ref<number | null>(15);
/** What still stands there of the honey from before. */
const potG = computed(() => potLeftG(props.drain));
const parts = computed(() => {
  const inLower = netOf(lower.value);
  const pressedG = wasPressed.value ? netOf(pressed.value) : 0;
  const wetWaxG = netOf(wax.value);
  if (inLower === null || pressedG === null || wetWaxG === null || waste.value === null)
    return null;
  const honeyG = Math.max(0, inLower - potG.value);
  const debrisG = waste.value.reduce((sum, w) => sum + w.g, 0);
  return { honeyG, pressedG, wetWaxG, debrisG };
});
const close_ = computed(() =>
  parts.value
    ? closeMass({
        crushedG: props.drain.crushedG,
        leftG: props.leftG,
        ...parts.value,
        honeyG: parts.value.honeyG + parts.value.pressedG,
      })
    : null,
);
/** A small difference in a line at the key, for whoever does not look further up. */
const gapLine = computed(() => {
  const { gapG = 0, asks = false } = close_.value ?? {};
  if (!gapG || asks || props.byEstimate) return null;
  const g = smallMassText(Math.abs(gapG), units.value, 1);
  return gapG > 0
    ? tell('CloseDrain.less-came-out-written-down', { g })
    : tell('CloseDrain.more-came-out', { g });
});
const worth = computed(() =>
  props.pricePerKg && props.rules.currency && props.forecast
    ? tell('CloseDrain.about', {
        currency: props.rules.currency,
        mid: Math.round(props.forecast.stillKg.mid * props.pricePerKg),
      })
    : '',
);
const missing = computed(() => {
  if (netOf(lower.value) === null) return tell('CloseDrain.what-does-lower-vessel-weigh');
  if (wasPressed.value && netOf(pressed.value) === null)
    return tell('CloseDrain.what-does-pressed-honey-weigh');
  if (netOf(wax.value) === null) return tell('CloseDrain.what-does-wet-wax-weigh');
  if (props.byEstimate) return null;
  if (parts.value && parts.value.honeyG + parts.value.pressedG > props.leftG)
    return tell('CloseDrain.more-honey-than-comb-that', {
      leftG: massText(props.leftG / 1000, units.value, 2),
    });
  if (close_.value?.asks && !gapReason.value.trim()) return tell('CloseDrain.say-why-in-and-out');
  return null;
});
async function write(): Promise<void> {
  const { honeyG, pressedG, wetWaxG } = parts.value!;
  const { batchId } = props.drain;
  await settled();
  const done = await go(
    `/drains/${props.drain.id}/close`,
    {
      honeyG: joined.value ? honeyG + pressedG : honeyG,
      pressedG: joined.value ? 0 : pressedG,
      wetWaxG,
      waste: waste.value,
      minutes: minutes.value ?? 0,
      gapReason: gapReason.value,
    },
    tell('CloseDrain.drain-closed'),
    { baseRevision: props.drain.revision },
  );
  if (done) await router.push(`/settle/${batchId}`);
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <p v-if="forecast">
      {{
        tell('CloseDrain.you-decide', {
          stopAdvised: said(
            forecast.stopAdvised
              ? tell('CloseDrain.flows-under', {
                  rate: { massG: rules.stopBelowGPerHour, as: 'read' },
                })
              : tell('CloseDrain.still-flows', {
                  rate: { massG: Math.round(forecast.rateGPerHour.mid / 5) * 5, as: 'read' },
                  still: massText(forecast.stillKg.mid, units),
                  worth,
                }),
          ),
        })
      }}
    </p>
    <WeighFields
      v-model:gross-g="lower.grossG"
      v-model:tare-g="lower.tareG"
      :units="units"
      :what="tell('CloseDrain.lower-vessel-and-honey')"
      :tare-label="tell('CloseDrain.tare-lower-vessel-empty')"
      :known-tare-g="lowerTareG"
      :first-gross-g="lastGrossG"
      :gross-error="fieldError('honeyG')"
    />
    <p v-if="potG" class="sub">
      {{ tell('CloseDrain.stood-in-it-before-that', { potG: massText(potG / 1000, units, 2) }) }}
    </p>
    <p v-if="drawnG" class="sub">
      {{
        tell('CloseDrain.were-drawn-off-before-and', { drawnG: massText(drawnG / 1000, units, 2) })
      }}
    </p>
    <template v-if="wasPressed">
      <WeighFields
        v-model:gross-g="pressed.grossG"
        v-model:tare-g="pressed.tareG"
        :units="units"
        :what="tell('CloseDrain.pressed-honey-and-its-vessel')"
        :tare-label="tell('CloseDrain.tare-vessel-pressed-honey-empty')"
        :known-tare-g="lastTurn?.tareG ?? null"
        :first-gross-g="lastTurn?.grossG ?? null"
        :gross-error="fieldError('pressedG')"
      />
      <label class="check"
        ><input v-model="joined" type="checkbox" />
        {{ tell('CloseDrain.dripped-and-pressed-go-into') }}</label
      >
    </template>
    <WeighFields
      v-model:gross-g="wax.grossG"
      v-model:tare-g="wax.tareG"
      :units="units"
      :what="tell('CloseDrain.wet-wax-and-its-bowl')"
      :tare-label="tell('CloseDrain.tare-its-bowl-empty')"
      :known-tare-g="null"
      :gross-error="fieldError('wetWaxG')"
    />
    <WasteItems v-model="waste" :units="units" />
    <p v-if="close_ && byEstimate">
      {{ tell('CloseDrain.comb-was-in-book-by') }}
      <b>{{ massText((drain.crushedG - close_.gapG) / 1000, units, 2) }}</b>{{
        tell('CloseDrain.by-what-came-it')
      }}
    </p>
    <template v-else-if="close_ && close_.gapG !== 0">
      <p :class="{ rust: close_.asks }">
        <b
          >{{ smallMassText(Math.abs(close_.gapG), units, 1) }}
          {{ close_.gapG > 0 ? tell('CloseDrain.less-out') : tell('CloseDrain.more-out') }}</b
        >{{
          tell('CloseDrain.comb', {
            gapShare: figure(close_.gapShare * 100, 1),
            asks: close_.asks ? '' : ' ' + tell('CloseDrain.it-written-down-as-stuck'),
          })
        }}
      </p>
      <TextField
        v-model="gapReason"
        :label="tell('common.why')"
        :error="fieldError('gapReason')"
        :hint="tell('CloseDrain.stuck-to-bucket-and-strainer')"
      />
    </template>
    <p v-else-if="close_" class="green">
      <b>{{ tell('CloseDrain.every-gram-somewhere') }}</b>
    </p>
    <NumberField
      v-model="minutes"
      :label="tell('common.your-minutes')"
      whole
      :min="0"
      :max="600"
      unit="min"
    />
    <Refusal :refusal="refusal" :fields="['honeyG', 'pressedG', 'wetWaxG', 'gapReason']" />
    <div class="closing">
      <Button
        type="submit"
        :label="tell('CloseDrain.close-this-drain')"
        :disabled="missing !== null || !close_"
        :loading="busy"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
      <p v-else-if="gapLine" class="sub">{{ gapLine }}</p>
    </div>
  </form>
</template>

<style scoped>
/* What closes it stays in sight at the foot of the dialog, however much is weighed above it. */
.closing {
  position: sticky;
  bottom: -20px;
  z-index: 3;
  display: flex;
  flex-direction: column;
  margin-bottom: -20px;
  padding: 8px 0 20px;
  background: var(--lime-0);
}
.check {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
}
.check input {
  width: 28px;
  height: 28px;
}
</style>
