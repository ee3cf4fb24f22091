<script setup lang="ts">
import { figure, massText, volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  ARRANGEMENTS,
  ARRANGEMENT_WORDS,
  FINENESS,
  hasHoles,
  honeyDensityKgPerL,
  vesselFullKg,
  type Batch,
  type BatchDetail,
  type Fineness,
  type HouseRules,
  type Vessel,
  instantOf,
} from '@furrow/core';

import { DateTime } from 'luxon';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, toRef } from 'vue';
import { useRouter } from 'vue-router';
import StackMark from '../drawing/StackMark.vue';
import VesselStack from '../drawing/VesselStack.vue';
import NumberField from '../parts/NumberField.vue';
import OwedNote from '../parts/OwedNote.vue';
import { onFromEmptyDrain } from '../parts/leftStage.js';
import Refusal from '../parts/Refusal.vue';
import RoomAir from '../parts/RoomAir.vue';
import TextField from '../parts/TextField.vue';
import VesselPick from '../parts/VesselPick.vue';
import { newId } from '../api/client.js';
import { useHarvests } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import PotBefore from './PotBefore.vue';
import SplitComb from './SplitComb.vue';
import { useStack } from './useStack.js';
import { said } from '../words/units.js';

/**
 * The stack of vessels built from the kit and drawn in section; what is too small is said before
 * anything is poured.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; vessels: Vessel[] }>();
const { go, busy, refusal, fieldError } = useSend();
const {
  comb,
  draft,
  clear,
  words,
  waterNote,
  of,
  owed,
  kg,
  potG,
  climate,
  startsFrom,
  waits,
  outKg,
  asks,
  openCm2,
  taken,
  missing,
} = useStack(toRef(props, 'detail'), toRef(props, 'rules'), toRef(props, 'vessels'));
const on = computed(() => onFromEmptyDrain(props.detail));
const humidityPercent = ref<number | null>(null);
const { data: harvests } = useHarvests();
/** Harvests that were chosen as one lot with this one and are not crushed yet. */
const together = computed(() =>
  (harvests.value ?? []).filter(
    (b) =>
      props.detail.batch.lotGroup &&
      b.lotGroup === props.detail.batch.lotGroup &&
      b.id !== props.detail.batch.id &&
      !b.closedAt,
  ),
);
const router = useRouter();
async function join(into: Batch): Promise<void> {
  const done = await go(
    `/harvests/${props.detail.batch.id}/join`,
    { intoBatchId: into.id },
    tell('StartDrain.one-lot-with', { hiveName: into.hiveName }),
    { baseRevision: props.detail.batch.revision },
  );
  if (done) await router.push(`/drain/${into.id}`);
}
/** When it was crushed: now, unless it drips already. */
const begunAt = computed(() =>
  draft.value.since
    ? instantOf(DateTime.fromISO(draft.value.since, { zone: props.detail.batch.zone }).toUTC())
    : undefined,
);
async function start(): Promise<void> {
  const d = draft.value;
  const done = await go(
    '/drains',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      arrangement: d.arrangement,
      upperVesselId: d.upper,
      lowerVesselId: d.lower,
      holeMm: of(d.upper)?.holeMm ?? null,
      method: d.method,
      fineness: d.fineness,
      thixotropic: d.thixotropic,
      moisturePercent: d.moisturePercent,
      temperatureC: d.temperatureC,
      nightTemperatureC: d.nightTemperatureC,
      potStartG: potG.value ?? 0,
      potFromLotId: potG.value ? d.potFromLotId : null,
      crushMinutes: d.crushMinutes,
    },
    tell('StartDrain.drain-begun-clock-runs'),
    { occurredAt: begunAt.value },
  );
  if (done) clear();
}
const fineWords: Record<Fineness, string> = {
  coarse: tell('StartDrain.coarsely'),
  middle: tell('StartDrain.as-usual'),
  fine: tell('StartDrain.very-fine'),
};
</script>

<template>
  <div class="stage bench">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <span v-if="kg > 0" class="sub">{{
        tell('StartDrain.comb-to-crush', { kg: massText(kg, rules.units, 2) })
      }}</span>
      <OwedNote :detail="detail" />
    </header>
    <section v-if="kg > 0" class="left">
      <div
        class="arrangements"
        role="radiogroup"
        :aria-label="tell('StartDrain.how-vessels-stand')"
      >
        <button
          v-for="a in ARRANGEMENTS"
          :key="a"
          type="button"
          role="radio"
          :aria-checked="draft.arrangement === a"
          @click="draft.arrangement = a"
        >
          <StackMark :arrangement="a" /><span>{{ said(ARRANGEMENT_WORDS[a].name) }}</span>
        </button>
      </div>
      <div class="drawn">
        <VesselStack
          :upper="of(draft.upper)"
          :lower="of(draft.lower)"
          :arrangement="draft.arrangement"
          :crushed-kg="kg"
          :units="rules.units"
          :out-kg="0"
          :in-lower-kg="(potG ?? 0) / 1000"
          :full-kg="
            of(draft.lower) && climate
              ? vesselFullKg(of(draft.lower)!, climate.moisturePercent, climate.temperatureC)
              : null
          "
          :density-kg-per-l="
            climate ? honeyDensityKgPerL(climate.moisturePercent, climate.temperatureC) : 1.41
          "
          :full-about="null"
        />
        <div class="says">
          <p class="text">{{ said(words.note) }}</p>
          <p v-if="waits" class="text">
            <b>{{
              tell('StartDrain.nine-tenths-will-be-out', {
                low: figure(waits.low),
                high: figure(waits.high),
              })
            }}</b>{{ tell('StartDrain.on-bench-as-warm-as', { startsFrom }) }}
          </p>
          <p v-if="rules.lotsBy === 'colour'" class="text">
            <b>{{ tell('StartDrain.lots-by-colour-by-your') }}</b>{{
              tell('StartDrain.lay-darker-comb-apart-now')
            }}
          </p>
          <SplitComb :detail="detail" :rules="rules" :comb-g="comb?.nowG ?? 0" />
          <p v-for="a in [...taken, ...asks.map(said)]" :key="a" class="text rust">
            <b>{{ a }}</b>
          </p>
        </div>
      </div>
    </section>
    <section v-else>
      <template v-if="owed">
        <p class="text">{{ tell('StartDrain.it-can-be-crushed-as') }}</p>
        <RouterLink class="p-button p-component" :to="`/owed/${detail.batch.id}`">{{
          tell('common.weigh-it')
        }}</RouterLink>
      </template>
      <template v-else>
        <p>{{ tell('StartDrain.no-comb-this-harvest-left') }}</p>
        <div class="acts row">
          <RouterLink class="p-button p-component" :to="on.to">{{ on.label }}</RouterLink>
          <RouterLink class="p-button p-component p-button-text" :to="`/take/${detail.batch.id}`">{{
            tell('StartDrain.see-what-was-taken')
          }}</RouterLink>
        </div>
      </template>
    </section>
    <form v-if="kg > 0" class="acts" @submit.prevent="start">
      <div v-for="b in together" :key="b.id" class="acts">
        <template v-if="b.stage === 'drain'"
          ><p>
            <b>{{ tell('StartDrain.chosen-as-one-lot-with', { hiveName: b.hiveName }) }}</b>
            {{ tell('StartDrain.from-here-on-no-jar') }}
          </p>
          <Button
            type="button"
            outlined
            :label="tell('StartDrain.put-it-into-one-vessel', { hiveName: b.hiveName })"
            :loading="busy"
            @click="join(b)"
        /></template>
        <p v-else>
          <b>{{ tell('StartDrain.chosen-as-one-lot-with-2', { hiveName: b.hiveName }) }}</b>
          {{ tell('StartDrain.wait-for-it-or-crush') }}
        </p>
      </div>
      <SelectButton
        v-model="draft.method"
        :options="[
          { label: tell('StartDrain.mash'), value: 'mash' },
          { label: tell('StartDrain.chop'), value: 'chop' },
          { label: tell('StartDrain.slice'), value: 'slice' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('StartDrain.how-it-crushed')"
      />
      <VesselPick
        v-model="draft.upper"
        :label="tell('StartDrain.upper-vessel', { upper: said(words.upper).toLowerCase() })"
        :none-text="tell('StartDrain.not-in-kit')"
        no-jars
        :rules="rules"
        :vessels="vessels"
        :about="(v) => `, ${volumeText(v.volumeL, rules.units)}`"
        role="upper"
      />
      <VesselPick
        v-model="draft.lower"
        :label="tell('StartDrain.lower-vessel', { lower: said(words.lower).toLowerCase() })"
        :none-text="tell('StartDrain.not-in-kit')"
        :rules="rules"
        :vessels="vessels.filter((v) => !hasHoles(v))"
        :about="(v) => `, ${volumeText(v.volumeL, rules.units)}`"
        role="lower"
      />
      <div class="acts row pair">
        <NumberField
          v-model="draft.temperatureC"
          :label="tell('common.at-bench')"
          unit="°C"
          :min="5"
          :max="45"
          :error="fieldError('temperatureC')"
        /><NumberField
          v-model="draft.nightTemperatureC"
          nullable
          :label="tell('common.at-night')"
          unit="°C"
          :min="-5"
          :max="45"
          :error="fieldError('nightTemperatureC')"
        />
      </div>
      <NumberField
        v-model="draft.moisturePercent"
        :digits="1"
        :note="waterNote"
        :label="tell('common.water-in-honey')"
        unit="%"
        :min="13"
        :max="25"
        :error="fieldError('moisturePercent')"
      />
      <details class="how">
        <summary>{{ tell('StartDrain.begun-earlier-honey-in-pot') }}</summary>
        <div class="acts">
          <SelectButton
            v-model="draft.fineness"
            :options="FINENESS.map((value) => ({ label: fineWords[value], value }))"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            :aria-label="tell('StartDrain.how-finely-it-broken')"
          />
          <PotBefore
            v-model:text="draft.potText"
            v-model:lot-id="draft.potFromLotId"
            :rules="rules"
            :hive-id="detail.batch.hiveId"
            :batch-id="detail.batch.id"
            :g="potG"
            :error="fieldError('potStartG')"
          />
          <TextField
            v-model="draft.since"
            type="datetime-local"
            :label="tell('StartDrain.it-drips-already-since')"
            :error="fieldError('occurredAt')"
          />
          <NumberField
            v-model="draft.crushMinutes"
            nullable
            whole
            :label="tell('StartDrain.your-minutes-to-break-it')"
            unit="min"
            :min="0"
            :max="600"
          />
          <label class="gels"
            ><input v-model="draft.thixotropic" type="checkbox" />
            {{ tell('StartDrain.it-gels-until-stirred-as') }}</label
          >
        </div>
      </details>
      <Refusal
        :refusal="refusal"
        :fields="[
          'temperatureC',
          'nightTemperatureC',
          'moisturePercent',
          'potStartG',
          'occurredAt',
        ]"
      />
      <Button
        type="submit"
        :label="tell('StartDrain.crushed-start-clock')"
        :disabled="missing !== null"
        :loading="busy"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
      <RouterLink class="p-button p-component p-button-outlined" :to="`/cut/${detail.batch.id}`">{{
        tell('StartDrain.cut-pieces-first')
      }}</RouterLink>
      <RoomAir
        v-model:humidity-percent="humidityPercent"
        :honey-kg="Math.max(0.1, outKg.mid)"
        :open-cm2="openCm2"
        :hours="waits?.mid ?? 24"
        :moisture-percent="climate?.moisturePercent ?? 18"
      />
    </form>
  </div>
</template>

<style scoped>
.text {
  font-size: 19px;
  margin-top: 10px;
}
.arrangements {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
.arrangements button {
  min-height: 92px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  font: 500 15px/18px var(--text);
  color: inherit;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  gap: 4px;
  padding: 6px 4px;
  cursor: pointer;
}
.arrangements [aria-checked='true'] {
  border: 3px solid var(--ink);
  background: var(--field-wash);
  font-weight: 700;
}
.drawn {
  display: flex;
  gap: 20px;
  flex-wrap: wrap;
  margin-top: 12px;
}
.says {
  flex: 1;
  min-width: 240px;
}
.pair > * {
  flex: 1;
  min-width: 0;
}
.gels {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
}
.gels input {
  width: 28px;
  height: 28px;
}
@media (min-width: 1101px) {
  .arrangements {
    grid-template-columns: repeat(8, 1fr);
  }
  .arrangements button {
    font-size: 14px;
    line-height: 16px;
    justify-content: flex-start;
    padding-top: 8px;
  }
}
@media (max-width: 599px) {
  /* What has to be said comes first, with its key; the pictures follow. */
  .stage {
    display: flex;
    flex-direction: column;
  }
  .stage > form {
    order: 1;
  }
  .stage > section {
    order: 2;
  }
  .arrangements {
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>
