<script setup lang="ts">
import { massField, massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type FrameVessel, type HouseRules, type Vessel } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import WeighFields from '../parts/WeighFields.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/**
 * One vessel weighed as one thing, whichever frames run into it; what came is shared out over them.
 */
const props = defineProps<{
  batchId: string;
  /** The frame it is written under. */
  combId: string;
  rules: HouseRules;
  vessel: Vessel;
  held: FrameVessel;
  labelOf: (combId: string) => string;
  /** How what came would be shared by the estimates. */
  sharesOf: (cameG: number) => Record<string, number>;
}>();
const emit = defineEmits<{ done: []; away: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => props.rules.units);
const grossG = ref<number | null>(null);
const tareG = ref<number | null>(null);
const emptied = ref(false);
const netG = computed(() =>
  grossG.value === null || tareG.value === null ? null : grossG.value - tareG.value,
);
const isLess = computed(() => netG.value !== null && netG.value < props.held.heldG);
const cameG = computed(() =>
  netG.value === null ? null : netG.value - (emptied.value ? 0 : props.held.heldG),
);
const combIds = computed(() => [...new Set(props.held.spells.map((s) => s.combId))]);
const byEstimate = computed(() =>
  cameG.value !== null && cameG.value >= 0 ? props.sharesOf(cameG.value) : {},
);
const asking = ref(false);
const texts = ref<Record<string, string>>({});
watch([byEstimate, asking], () => {
  texts.value = Object.fromEntries(
    combIds.value.map((id) => [id, massField(byEstimate.value[id] ?? 0, units.value)]),
  );
});
const grams = (text: string): number | null => {
  const g = gramsOf(text, units.value);
  return g === null ? null : Math.round(g);
};
const said = computed(() => combIds.value.map((id) => grams(texts.value[id] ?? '')));
const gapG = computed(() =>
  said.value.every((g) => g !== null)
    ? (cameG.value ?? 0) - said.value.reduce((sum, g) => sum + g!, 0)
    : null,
);
/** Pounds typed to three digits are a gram or so off: the last frame takes it. */
const ROUNDING_G = 3;
const shares = computed(() => {
  if (!asking.value || gapG.value === null) return null;
  const all = said.value.map((g) => g!);
  if (Math.abs(gapG.value) <= ROUNDING_G) all[all.length - 1] += gapG.value;
  return Object.fromEntries(combIds.value.map((id, i) => [id, all[i]]));
});
const missing = computed(() => {
  if (grossG.value === null) return tell('WeighVessel.what-does-it-weigh-with');
  if (tareG.value === null) return tell('common.what-does-it-weigh-empty');
  if (netG.value! < 0) return tell('common.lighter-than-empty-one-two');
  if (cameG.value! < 0) return tell('WeighVessel.was-it-emptied-in-between');
  if (asking.value && gapG.value === null) return tell('WeighVessel.weight-for-each-frame');
  if (asking.value && Math.abs(gapG.value!) > ROUNDING_G)
    return tell('WeighVessel.shares-are-what-came', {
      gapG: massText(Math.abs(gapG.value!) / 1000, units.value, 2),
      gapG2: gapG.value! > 0 ? tell('WeighVessel.short') : tell('WeighVessel.more-than'),
    });
  return null;
});
async function write(): Promise<void> {
  const done = await go(
    '/frameEvents',
    {
      id: newId(),
      batchId: props.batchId,
      combId: props.combId,
      kind: 'level',
      vesselId: props.vessel.id,
      grossG: grossG.value,
      tareG: tareG.value,
      emptied: emptied.value,
      shares: shares.value,
    },
    tell('WeighVessel.net', {
      vessel: props.vessel.name,
      netG: massText(netG.value! / 1000, units.value, 2),
    }),
  );
  if (done) emit('done');
}
async function lost(): Promise<void> {
  const done = await go(
    '/frameEvents',
    {
      id: newId(),
      batchId: props.batchId,
      combId: props.combId,
      kind: 'lost',
      vesselId: props.vessel.id,
    },
    tell('WeighVessel.what-ran-into-lost', { vessel: props.vessel.name }),
  );
  if (done) emit('done');
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <h2 class="furrow-heading">{{ tell('WeighVessel.weigh', { vessel: vessel.name }) }}</h2>
    <p v-if="held.heldG > 0" class="sub">
      {{
        tell('WeighVessel.it-held', {
          weighedAt: held.weighedAt
            ? tell('WeighVessel.at-its-last-weighing')
            : tell('WeighVessel.before-it-stood-here'),
          heldG: massText(held.heldG / 1000, units, 2),
        })
      }}
    </p>
    <WeighFields
      v-model:gross-g="grossG"
      v-model:tare-g="tareG"
      :units="units"
      :what="tell('WeighVessel.vessel-and-honey')"
      :vessel="vessel"
      :known-tare-g="vessel.tareG"
      :scale="`batchId=${batchId}&combId=${combId}&vesselId=${vessel.id}&frame=yes`"
      :gross-error="fieldError('grossG')"
      :tare-error="fieldError('tareG')"
    />
    <label v-if="isLess || emptied" class="check"
      ><input v-model="emptied" type="checkbox" />
      {{ tell('WeighVessel.it-was-emptied-since') }}</label
    >
    <template v-if="combIds.length > 1 && cameG !== null && cameG >= 0">
      <p class="sub">
        {{
          tell('WeighVessel.came-from-frames-together-their', {
            cameG: massText(cameG / 1000, units, 2),
            combIds: combIds.length,
          })
        }}
      </p>
      <ul v-if="!asking" class="shares">
        <li v-for="id in combIds" :key="id">
          {{
            tell('WeighVessel.frame-share', {
              id: labelOf(id),
              id2: massText((byEstimate[id] ?? 0) / 1000, units, 2),
            })
          }}
        </li>
      </ul>
      <TextField
        v-for="id in asking ? combIds : []"
        :key="id"
        v-model="texts[id]"
        :unit="massUnit(units)"
        :label="tell('WeighVessel.share-frame', { id: labelOf(id) })"
        :error="texts[id] && grams(texts[id]) === null ? weightSuch(1200) : null"
      />
      <Button
        text
        type="button"
        :label="asking ? tell('WeighVessel.by-estimate') : tell('WeighVessel.i-know-shares')"
        @click="asking = !asking"
      />
    </template>
    <Refusal :refusal="refusal" :fields="['grossG', 'tareG']" />
    <Button
      type="submit"
      class="main"
      :label="tell('common.write-it-down')"
      :disabled="missing !== null"
      :loading="busy"
    />
    <p v-if="missing" class="sub">{{ missing }}</p>
    <div class="acts row halves">
      <Button
        outlined
        type="button"
        :label="tell('WeighVessel.what-ran-in-lost')"
        :loading="busy"
        @click="lost"
      />
      <Button outlined type="button" :label="tell('common.back')" @click="emit('away')" />
    </div>
    <p v-if="held.heldG > held.beforeG" class="sub">
      {{ tell('WeighVessel.lost-means-what-came-since') }}
    </p>
  </form>
</template>

<style scoped src="./atTheHive.css" />

<style scoped>
.shares {
  margin: 0;
  padding-left: 22px;
  font-size: 19px;
  line-height: 28px;
}
.halves .p-button {
  flex: 1;
  min-height: 80px;
  padding: 0 8px;
}
</style>
