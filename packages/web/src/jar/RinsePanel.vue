<script setup lang="ts">
import {
  RINSE_FATE_WORDS,
  gravityOfBrix,
  mustToGravity,
  rinseHolds,
  type Aftercare,
  type BatchDetail,
  type HouseRules,
  type MustPlan,
  type RinseFate,
} from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { figure, massText, smallMassText, volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';

/** Water that wax and gear were rinsed with: fed back where it may be, made into mead, or thrown. */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; after: Aftercare }>();
const now = useNow();
const units = computed(() => props.rules.units);
const rinseSend = useSend();
const useSendRinse = useSend();
const g = (x: number): string => smallMassText(x, units.value, 1);
const litres = ref<number | null>(null);
const brix = ref<number | null>(null);
const cold = ref(false);
const holds = computed(() =>
  litres.value && litres.value > 0 && brix.value !== null && brix.value >= 0 && brix.value <= 40
    ? rinseHolds(litres.value, brix.value)
    : null,
);
async function writeRinse(): Promise<void> {
  if (
    await rinseSend.go(
      '/rinses',
      {
        id: newId(),
        batchId: props.detail.batch.id,
        litres: litres.value,
        brixPercent: brix.value,
        cold: cold.value,
      },
      tell('WaxPanel.rinse-written-down-its-clock'),
    )
  )
    [litres.value, brix.value] = [null, null];
}
const open = computed(() => props.after.rinses.filter((r) => !r.usedAt));
const used = computed(() => props.after.rinses.filter((r) => r.usedAt));
const rinseDue = (r: { occurredAt: string; cold: boolean }): string =>
  clockText(
    new Date(
      Date.parse(r.occurredAt) +
        (r.cold ? props.rules.rinseColdKeepsHours : props.rules.rinseKeepsHours) * 3_600_000,
    ).toISOString(),
    props.detail.batch.zone,
    now.value,
  );
const fate = ref<Record<string, RinseFate>>({});
const fateOf = (id: string): RinseFate => fate.value[id] ?? 'mead';
const target = ref<number | null>(1.09);
const final = ref<number | null>(1.0);
const must = (r: { litres: number; brixPercent: number }): MustPlan | null => {
  try {
    return target.value && final.value
      ? mustToGravity({
          litres: r.litres,
          brixPercent: r.brixPercent,
          targetGravity: target.value,
          finalGravity: final.value,
        })
      : null;
  } catch {
    return null;
  }
};
const honey = computed(
  () => props.detail.lots.find((l) => l.kind === 'honey' && l.nowG > 0) ?? null,
);
async function useRinse(r: { id: string; litres: number; brixPercent: number }): Promise<void> {
  const how = fateOf(r.id);
  const plan = how === 'mead' ? must(r) : null;
  await useSendRinse.go(
    `/rinses/${r.id}/use`,
    {
      fate: how,
      hiveId: how === 'fed' ? props.after.feed.hiveId : null,
      targetGravity: how === 'mead' ? target.value : null,
      finalGravity: how === 'mead' ? final.value : 1,
      honeyLotId: plan && plan.honeyKg > 0 ? (honey.value?.id ?? null) : null,
      honeyG: plan ? Math.round(plan.honeyKg * 1000) : 0,
      waterL: plan ? Math.round(plan.waterL * 100) / 100 : 0,
    },
    `${said(RINSE_FATE_WORDS[how])}.`,
  );
}
const fates = computed(() =>
  Object.entries(RINSE_FATE_WORDS).map(([value, says]) => ({ value, label: said(says) })),
);
</script>

<template>
  <section class="acts">
    <h2 class="furrow-heading">{{ tell('common.rinse') }}</h2>
    <div v-for="r in open" :key="r.id" class="acts rinse">
      <p>
        <b>{{
          tell('WaxPanel.at-brix', {
            litres: volumeText(r.litres, units),
            brixPercent: r.brixPercent,
          })
        }}</b>
        {{
          tell('WaxPanel.honey-in-it-use-it', {
            brixPercent: figure(gravityOfBrix(r.brixPercent), 3),
            honeyG: g(r.honeyG),
            r: rinseDue(r),
            cold: r.cold ? tell('WaxPanel.cold') : '',
          })
        }}
      </p>
      <SelectButton
        :model-value="fateOf(r.id)"
        :options="fates"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('WaxPanel.what-rinse-becomes')"
        @update:model-value="fate[r.id] = $event"
      />
      <template v-if="fateOf(r.id) === 'mead'"
        ><div class="line">
          <NumberField
            v-model="target"
            narrow
            :label="tell('WaxPanel.begins-at')"
            :min="1.001"
            :max="1.178"
          /><NumberField
            v-model="final"
            narrow
            :label="tell('WaxPanel.ends-at')"
            :min="0.98"
            :max="1.178"
          />
        </div>
        <p v-if="must(r)">
          {{ said(must(r)!.sentence)
          }}<template v-if="must(r)!.honeyKg > (honey?.nowG ?? 0) / 1000">
            <b class="rust">{{
              tell('WaxPanel.only-honey-this-harvest-are', {
                nowG: massText((honey?.nowG ?? 0) / 1000, units, 2),
              })
            }}</b></template
          >
        </p>
        <p class="caution">
          {{ tell('WaxPanel.vented-until-it-quiet-bottles') }}
        </p></template
      >
      <p v-else-if="fateOf(r.id) === 'fed'" :class="{ rust: !after.feed.may }">
        <b>{{ after.feed.may ? tell('WaxPanel.may-go-back') : tell('WaxPanel.not-to-be-fed') }}</b>
        {{ said(after.feed.reason) }}
      </p>
      <Button
        :label="said(RINSE_FATE_WORDS[fateOf(r.id)])"
        :disabled="
          (fateOf(r.id) === 'fed' && !after.feed.may) || (fateOf(r.id) === 'mead' && !must(r))
        "
        :loading="useSendRinse.busy.value"
        @click="useRinse(r)"
      />
    </div>
    <Refusal :refusal="useSendRinse.refusal.value" />
    <form class="acts" @submit.prevent="writeRinse">
      <div class="line">
        <NumberField
          v-model="litres"
          :label="tell('WaxPanel.rinse-water')"
          unit="L"
          nullable
          :min="0.05"
          :max="500"
          :error="rinseSend.fieldError('litres')"
        /><NumberField
          v-model="brix"
          :label="tell('WaxPanel.sugar-reading')"
          unit="°Brix"
          nullable
          :min="0"
          :max="40"
          :error="rinseSend.fieldError('brixPercent')"
        />
      </div>
      <p v-if="holds">
        {{ tell('WaxPanel.it-holds') }} <b>{{ massText(holds.honeyKg, units, 2) }}</b>
        {{ tell('WaxPanel.honey') }}
      </p>
      <label class="tick"
        ><input v-model="cold" type="checkbox" /> {{ tell('WaxPanel.it-stands-in-cold') }}</label
      >
      <Refusal :refusal="rinseSend.refusal.value" :fields="['litres', 'brixPercent']" />
      <Button
        outlined
        type="submit"
        :label="tell('WaxPanel.write-rinse-down')"
        :disabled="!holds"
        :loading="rinseSend.busy.value"
      />
    </form>
    <p v-for="r in used" :key="r.id" class="sub">
      {{
        tell('WaxPanel.at-brix-2', {
          litres: volumeText(r.litres, units),
          brixPercent: r.brixPercent,
          fate: said(RINSE_FATE_WORDS[r.fate!]).toLowerCase(),
        })
      }}<template v-if="r.fate === 'mead'"
        >{{ ' '
        }}{{
          tell('WaxPanel.at-honey-and-water-added', {
            targetGravity: figure(r.targetGravity ?? 0, 3),
            addedHoneyG: g(r.addedHoneyG),
            addedWaterL: volumeText(r.addedWaterL ?? 0, units),
          })
        }}</template
      >.
    </p>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  gap: 12px 16px;
  flex-wrap: wrap;
  align-items: flex-end;
}
.line > .field {
  flex: 0 1 130px;
}
.rinse {
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 12px;
}
</style>
