<script setup lang="ts">
import { figure, lengthText, massText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  METRIC,
  blendOf,
  dryHoneyNeededKg,
  honeyDensityKgPerL,
  honeyDepthMm,
  hiveKind,
  keepingOf,
  hoursText,
  measuredWaterPercent,
  settlingHours,
  vesselFullKg,
  type Lot,
} from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import SettlingVessel from '../drawing/SettlingVessel.vue';
import AlsoHere from '../house/AlsoHere.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import WaterAtBench from '../parts/WaterAtBench.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import LeftStageView from '../parts/LeftStageView.vue';
import { leftSettling } from '../parts/leftStage.js';
import NothingWaits from '../parts/NothingWaits.vue';
import { newId } from '../api/client.js';
import { useHarvests, useRules, useStock, useStockWaters, useVessels } from '../api/queries.js';
import type { DrainEventSaid } from './drainEvent.js';
import { useSend } from '../api/useSend.js';
import { clockText, dateText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { said } from '../words/units.js';

/**
 * Honey that settles: when the scum is up, skimmed and weighed, its water measured again, blended
 * if wanted.
 */
const now = useNow();
const { detail, loading, error, retry } = useStageBatch('drain', (b) =>
  ['jar', 'book', 'drain'].includes(b.stage),
);
const { data: rulesVersion } = useRules();
const { data: vessels } = useVessels();
const { data: stock } = useStock();
const { data: harvests } = useHarvests();
const { go, busy, refusal, fieldError } = useSend();
const blending = useSend();
const rules = computed(() => rulesVersion.value?.rules);
const units = computed(() => rules.value?.units ?? METRIC);
const narrow = window.matchMedia('(max-width: 700px)').matches;
const drain = computed(() => detail.value?.drains.filter((d) => d.endedAt).at(-1) ?? null);
const honey = computed(() => detail.value?.lots.find((l) => l.kind === 'honey') ?? null);
const left = computed(() => (detail.value ? leftSettling(detail.value) : null));
const kg = computed(() => (honey.value?.nowG ?? 0) / 1000);
const vessel = computed(
  () =>
    vessels.value?.find((v) => v.role === 'settling') ??
    vessels.value?.find((v) => v.id === drain.value?.lowerVesselId) ??
    null,
);
const water = computed(() => (detail.value ? measuredWaterPercent(detail.value) : null));
const moisture = computed(() => water.value ?? drain.value?.moisturePercent ?? 18);
/** A vessel that is not in the kit is taken to be this wide, and it is said; it is drawn so too. */
const TAKEN_VESSEL = {
  volumeL: 16,
  innerDiameterMm: 250,
  name: tell('SettleView.no-vessel-named'),
};
const inVessel = computed(() =>
  vessel.value
    ? tell('SettleView.in-vessel', { vessel: vessel.value.name })
    : ' ' +
      tell('SettleView.vessel-assumed', {
        wide: lengthText(TAKEN_VESSEL.innerDiameterMm, units.value, 'cm'),
      }),
);
const depthMm = computed(() =>
  honeyDepthMm({
    honeyKg: kg.value,
    innerDiameterMm: (vessel.value ?? TAKEN_VESSEL).innerDiameterMm,
    moisturePercent: moisture.value,
    temperatureC: drain.value?.temperatureC ?? 22,
  }),
);
const hours = computed(() =>
  drain.value
    ? settlingHours({
        depthMm: Math.max(10, depthMm.value),
        temperatureC: drain.value.temperatureC,
        moisturePercent: moisture.value,
      })
    : null,
);
const since = computed(() =>
  drain.value?.endedAt ? (now.value.getTime() - Date.parse(drain.value.endedAt)) / 3_600_000 : 0,
);
const skimAt = computed(() =>
  drain.value?.endedAt && hours.value
    ? new Date(Date.parse(drain.value.endedAt) + hours.value.high * 3_600_000).toISOString()
    : null,
);
const risen = computed(() => (hours.value ? Math.min(1, since.value / hours.value.high) : 0));
const skims = computed(() => drain.value?.events.filter((e) => e.kind === 'skim') ?? []);
/** The one thing to do next: skim, once the scum is up; else on to the jars. */
const skimIsNext = computed(() => risen.value >= 1 && !skims.value.length);
const skimText = ref('');
const grams = (text: string): number | null => {
  return gramsOf(text, units.value);
};
const event = (payload: DrainEventSaid, said: string): Promise<unknown> =>
  go('/drainEvents', { id: newId(), drainId: drain.value!.id, minutes: 5, ...payload }, said);
async function skim(): Promise<void> {
  if (await event({ kind: 'skim', g: grams(skimText.value) ?? 0 }, tell('SettleView.skimmed')))
    skimText.value = '';
}
const keeping = computed(() =>
  water.value === null || !detail.value
    ? null
    : keepingOf(water.value, hiveKind(detail.value.hive.kind).bee),
);
const others = computed(() =>
  (stock.value ?? []).filter(
    (l: Lot) => l.kind === 'honey' && l.nowG > 0 && l.id !== honey.value?.id,
  ),
);
const otherId = ref<string | null>(null);
const other = computed(() => others.value.find((l) => l.id === otherId.value) ?? null);
const { data: waters } = useStockWaters();
/** What was measured of the lot to pour from; nobody's guess stands in for it. */
const otherMeasured = computed(
  () => waters.value?.find((w) => w.lotId === otherId.value)?.measuredPercent ?? null,
);
const otherWater = ref<number | null>(null);
watch(otherMeasured, (percent) => (otherWater.value = percent));
const otherNote = computed(() => {
  if (!otherId.value) return null;
  if (otherMeasured.value === null) return tell('SettleView.not-measured-measure-it-first');
  return otherWater.value === otherMeasured.value
    ? tell('SettleView.as-measured')
    : tell('common.as-you-said');
});
const target = ref<number | null>(18);
const blendText = ref('');
const blendG = computed(() => grams(blendText.value));
const mixed = computed(() =>
  water.value !== null && other.value && blendG.value && otherWater.value
    ? blendOf([
        { kg: kg.value, moisturePercent: water.value },
        { kg: blendG.value / 1000, moisturePercent: otherWater.value },
      ])
    : null,
);
const needed = computed(() =>
  water.value !== null && target.value && otherWater.value
    ? dryHoneyNeededKg({
        wetKg: kg.value,
        wetPercent: water.value,
        dryPercent: otherWater.value,
        targetPercent: target.value,
      })
    : undefined,
);
const nameOf = (lot: Lot): string => {
  const b = harvests.value?.find((h) => h.id === lot.batchId);
  return b ? `${b.hiveName}, ${dateText(b.date)}` : said(lot.name);
};
async function blend(): Promise<void> {
  const done = await blending.go(
    '/blends',
    { fromLotId: other.value!.id, intoLotId: honey.value!.id, g: blendG.value },
    tell('SettleView.poured-together-both-lots-stay'),
  );
  if (done) blendText.value = '';
}
</script>

<template>
  <StateLine
    v-if="loading || error || !rules"
    :loading="loading || !rules"
    :error="error"
    @retry="retry"
  />
  <NothingWaits
    v-else-if="!detail || !drain || !honey"
    :heading="tell('SettleView.nothing-settles')"
    :text="tell('SettleView.when-drain-closed-its-honey')"
    stage="drain"
    :begin="{ to: '/drain', label: tell('common.go-to-drain') }"
  />
  <LeftStageView v-else-if="left" :left="left" />
  <div v-else class="stage bench">
    <header>
      <h1>{{ tell('SettleView.settles', { hiveName: detail.batch.hiveName }) }}</h1>
      <AlsoHere :about="detail.batch.id" step="settle" :where="tell('SettleView.at-this-vessel')" />
      <span class="sub">{{
        tell('SettleView.honey-deep', {
          kg: massText(kg, units, 2),
          depthMm: lengthText(Math.round(depthMm / 10) * 10, units, 'cm'),
          inVessel,
          said: measured({ temperatureC: drain.temperatureC }),
        })
      }}</span>
    </header>
    <section class="left">
      <SettlingVessel
        :vessel="vessel ?? TAKEN_VESSEL"
        :honey-kg="kg"
        :units="units"
        :depth-mm="depthMm"
        :risen="risen"
        :skimmed="skims.length > 0"
        :full-kg="vessel ? vesselFullKg(vessel, moisture, drain.temperatureC) : null"
        :density-kg-per-l="honeyDensityKgPerL(moisture, drain.temperatureC)"
      />
      <div class="told">
        <p class="display fore">
          {{
            skims.length
              ? tell('SettleView.skimmed-2')
              : risen >= 1
                ? tell('SettleView.scum-should-be-up-skim')
                : tell('SettleView.scum-up-by', {
                    skimAt: clockText(skimAt!, detail.batch.zone, now),
                  })
          }}
        </p>
        <p v-if="hours && !skims.length" class="text">
          {{
            tell('SettleView.settling-for-wax-crumbs-need', {
              since: hoursText(since),
              low: hoursText(hours.low),
              high: hoursText(hours.high),
            })
          }}
        </p>
        <details class="how">
          <summary>{{ tell('common.how-this-was-got') }}</summary>
          <p>
            {{
              tell('SettleView.stokes-crumbs-rise-through-honey', {
                said: measured({ lengthMm: { low: 0.1, high: 0.2 } }),
                moisture: figure(moisture, 1),
                water: water === null ? tell('SettleView.assumed') : '',
                said2: measured({ temperatureC: drain.temperatureC }),
              })
            }}
          </p>
        </details>
        <p v-if="keeping" class="text">
          <b
            >{{
              {
                keeps: tell('SettleView.keeps'),
                watch: tell('SettleView.watch-it'),
                'use-soon': tell('SettleView.use-it-soon'),
                ferments: tell('SettleView.at-risk-fermenting'),
                'keep-cold': tell('SettleView.keep-it-cold'),
              }[keeping.grade]
            }}.</b
          >
          {{ said(keeping.sentence) }}
        </p>
        <p v-else class="text">
          {{ tell('SettleView.its-water-was-not-measured') }}
        </p>
      </div>
    </section>
    <aside class="acts">
      <form class="acts" @submit.prevent="skim">
        <h2 class="furrow-heading">{{ tell('SettleView.skim') }}</h2>
        <TextField
          v-model="skimText"
          :unit="massUnit(units)"
          :label="tell('SettleView.scum-net')"
          :hint="tell('SettleView.it-goes-to-wet-wax')"
          :error="fieldError('g') ?? (skimText && grams(skimText) === null ? weightSuch(45) : null)"
        /><Button
          type="submit"
          :label="tell('SettleView.skimmed-key')"
          :outlined="!skimIsNext"
          :disabled="Boolean(skimText) && grams(skimText) === null"
          :loading="busy"
        />
      </form>
      <WaterAtBench :detail="detail" />
      <Refusal :refusal="refusal" :fields="['g']" />
      <details class="how blend" :open="water !== null && water > rules.moistureLimitPercent">
        <summary>{{ tell('SettleView.blend-with-another-lot') }}</summary>
        <p v-if="!others.length">{{ tell('SettleView.no-other-honey-stands-in') }}</p>
        <p v-else-if="water === null">
          {{ tell('SettleView.measure-this-lot-first-blender') }}
        </p>
        <form v-else class="acts" @submit.prevent="blend">
          <label class="sub" for="other">{{ tell('SettleView.pour-from') }}</label><select
            id="other"
            v-model="otherId"
            class="native"
          >
            <option :value="null" disabled>{{ tell('SettleView.choose-lot') }}</option>
            <option v-for="l in others" :key="l.id" :value="l.id">
              {{ nameOf(l) }}, {{ massText(l.nowG / 1000, units, 2) }}
            </option>
          </select>
          <div class="acts row pair">
            <NumberField
              v-model="otherWater"
              :label="tell('SettleView.its-water')"
              unit="%"
              nullable
              :min="10"
              :max="30"
              :digits="1"
              :note="otherNote"
            /><NumberField
              v-model="target"
              :label="tell('SettleView.wished')"
              unit="%"
              :min="13"
              :max="25"
            />
          </div>
          <p class="text">
            {{
              needed === null
                ? tell('SettleView.honey-cannot-bring-it-to', { otherWater, target })
                : needed === 0
                  ? tell('SettleView.it-there-already')
                  : needed !== undefined
                    ? tell('SettleView.it-bring-this-lot-to', {
                        needed: massText(needed, units, 2),
                        target,
                      })
                    : ''
            }}
          </p>
          <TextField
            v-model="blendText"
            :unit="massUnit(units)"
            :label="tell('SettleView.poured-net')"
            :error="blending.fieldError('g')"
          />
          <p v-if="mixed" class="text">
            <b>{{
              tell('SettleView.water', {
                kg: massText(mixed.kg, units, 2),
                moisturePercent: figure(mixed.moisturePercent, 1),
              })
            }}</b>
            {{
              tell('SettleView.what-already-ferments-infects-rest', {
                reason: said(mixed.keeping.sentence),
              })
            }}
          </p>
          <Refusal :refusal="blending.refusal.value" :fields="['g']" /><Button
            type="submit"
            :label="tell('common.pour-them-together')"
            :disabled="!mixed"
            :loading="blending.busy.value"
          />
        </form>
      </details>
      <RouterLink
        v-if="!narrow"
        class="p-button p-component"
        :class="{ 'p-button-outlined': skimIsNext }"
        :to="`/jar/${detail.batch.id}`"
        >{{ tell('common.go-on-to-jar') }}</RouterLink
      >
    </aside>
    <div v-if="narrow" class="pinned no-print">
      <RouterLink class="p-button p-component" :to="`/jar/${detail.batch.id}`">{{
        tell('common.go-on-to-jar')
      }}</RouterLink>
    </div>
  </div>
</template>

<style scoped>
.left {
  display: flex;
  gap: 24px;
  flex-wrap: wrap;
  align-items: flex-start;
}
.told {
  flex: 1;
  min-width: 260px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.fore {
  font-size: 31px;
  line-height: 38px;
}
.text {
  font-size: 18px;
}
.pair > * {
  flex: 1;
  min-width: 0;
}
.blend {
  font-size: 17px;
  color: var(--ink);
}
</style>
