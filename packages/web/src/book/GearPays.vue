<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  harvestsAYear,
  payback,
  type HarvestSummary,
  type JarKindRecord,
  type MissedGear,
  type Units,
} from '@furrow/core';
import SelectButton from 'primevue/selectbutton';
import { computed } from 'vue';
import NumberField from '../parts/NumberField.vue';
import { useDraft } from '../shell/draft.js';

/**
 * Whether what is missing pays: a press, a larger bucket, a strainer, anything; harvests a year
 * against its price.
 */
const props = defineProps<{
  harvests: readonly HarvestSummary[];
  missed: readonly MissedGear[];
  jars: readonly JarKindRecord[];
  money: string;
  units: Units;
}>();
const GEAR = [
  { label: tell('common.press'), value: 'press' },
  { label: tell('GearPays.larger-bucket'), value: 'bucket' },
  { label: tell('common.strainer'), value: 'strainer' },
  { label: tell('common.something-else'), value: 'else' },
] as const;
type GearName = (typeof GEAR)[number]['value'];
interface Said {
  price: number | null;
  minutes: number | null;
  honeyKg: number | null;
}
const blank = (): Said => ({ price: null, minutes: null, honeyKg: null });
const { draft } = useDraft<{
  of: GearName;
  worthAnHour: number | null;
  said: Record<GearName, Said>;
}>('gear-pays', () => ({
  of: 'press',
  worthAnHour: null,
  said: { press: blank(), bucket: blank(), strainer: blank(), else: blank() },
}));
const closed = computed(() => props.harvests.filter((h) => h.closed));
const aYear = computed(() => harvestsAYear(closed.value.map((h) => h.date)));
/** What the log shows of it, a harvest; null where it shows nothing. */
const logged = computed(() => {
  const found = props.missed.find((m) => m.gear === draft.value.of);
  if (!found) return { minutes: null, honeyKg: null };
  return {
    minutes: found.minutes === null ? null : Math.round(found.minutes / found.harvests),
    honeyKg: found.honeyKg && found.honeyKg.mid / found.harvests,
  };
});
const said = computed(() => draft.value.said[draft.value.of]);
const minutes = computed({
  get: () => said.value.minutes ?? logged.value.minutes,
  set: (value) => (said.value.minutes = value),
});
const honeyKg = computed({
  get: () => said.value.honeyKg ?? logged.value.honeyKg,
  set: (value) => (said.value.honeyKg = value),
});
/** What a kilogram brings in the jars there are most of, less the jar. */
const worthAKg = computed(() => {
  const jar = props.jars.filter((j) => j.purpose === 'jar').sort((a, b) => b.stock - a.stock)[0];
  return jar ? ((jar.value - jar.cost) / jar.netG) * 1000 : 0;
});
const found = computed(() =>
  said.value.price && aYear.value
    ? payback({
        price: said.value.price,
        harvestsAYear: aYear.value,
        minutesSavedAHarvest: minutes.value ?? 0,
        worthAnHour: draft.value.worthAnHour ?? 0,
        honeyKgMoreAHarvest: honeyKg.value ?? 0,
        worthAKg: worthAKg.value,
      })
    : null,
);
const says = computed(() => {
  if (!aYear.value) return tell('GearPays.when-harvest-closed-this-counted');
  if (!found.value) return tell('GearPays.say-what-it-costs');
  const { years, hoursAYear, worthAYear } = found.value;
  const hours =
    hoursAYear > 0
      ? ' ' + tell('GearPays.it-saves-h-year', { hoursAYear: figure(hoursAYear, 1) })
      : '';
  if (years === null) return tell('GearPays.it-saves-nothing-that-was', { hours });
  const soon =
    years < 1
      ? tell('GearPays.within-first-year')
      : tell('GearPays.in-about-years', { years: figure(years, 1) });
  return tell('GearPays.it-pays-year', {
    soon,
    money: props.money,
    worthAYear: figure(worthAYear),
    hours,
  });
});
</script>

<template>
  <section class="pays">
    <h2 class="furrow-heading">{{ tell('GearPays.would-it-pay') }}</h2>
    <SelectButton
      v-model="draft.of"
      class="gear"
      :options="[...GEAR]"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="tell('GearPays.which-gear')"
    />
    <div class="fields">
      <NumberField
        v-model="said.price"
        :label="tell('GearPays.it-costs', { money })"
        :min="0"
        nullable
      />
      <NumberField
        v-model="minutes"
        :label="tell('GearPays.saves-you-harvest')"
        unit="min"
        :min="0"
        :digits="0"
        nullable
      />
      <NumberField
        v-model="honeyKg"
        :label="tell('GearPays.more-honey-harvest')"
        unit="kg"
        :min="0"
      />
      <NumberField
        v-model="draft.worthAnHour"
        :label="tell('GearPays.your-hour-worth', { money })"
        :min="0"
        nullable
      />
    </div>
    <p role="status">
      <b>{{ says }}</b>
    </p>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{
          tell('GearPays.closed-harvests-year-years-that', {
            aYear: aYear ? figure(aYear, 1) : tell('common.no'),
          })
        }}
      </p>
    </details>
  </section>
</template>

<style scoped>
.pays {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  align-items: end;
}
.gear {
  flex-wrap: wrap;
}
</style>
