<script setup lang="ts">
import { lengthText, massText, smallMassText, volumeText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  fillLine,
  hiveKind,
  honeyDensityKgPerL,
  lotKeeping,
  measuredWaterPercent,
  netVolumeMl,
  type BatchDetail,
  type FillGoal,
  type HouseRules,
  type JarFill,
  type JarKindRecord,
  isCalled,
  isInHouse,
} from '@furrow/core';

import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import JarRow from '../drawing/JarRow.vue';
import LabelFace from '../drawing/LabelFace.vue';
import JarAdd from '../kit/JarAdd.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { useAwaySince } from '../api/away.js';
import { newId } from '../api/client.js';
import { nextNumber, takeNumbersAlong } from '../api/numbers.js';
import { isBehind } from '../api/outbox.js';
import { useClocks } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { compute } from '../workers/client.js';
import FilledTable from './FilledTable.vue';
import KeepsByWarmth from './KeepsByWarmth.vue';
import OwnCode from './OwnCode.vue';
import { useLabel } from './useLabel.js';
import { said } from '../words/units.js';

/** Jars from one lot, counted from stock to the gram; what was filled, weighed and labelled. */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; jars: JarKindRecord[] }>();
const emit = defineEmits<{ labels: [] }>();
const filling = useSend();
const useFirst = useSend();
const now = useNow();
const { data: clocks } = useClocks();
const units = computed(() => props.rules.units);
const honeyLots = computed(() => props.detail.lots.filter((l) => l.kind === 'honey'));
const honeyId = ref<string | null>(null);
/** The honey that is filled now: the chosen one, else the first of which there is some. */
const honey = computed(
  () =>
    honeyLots.value.find((l) => l.id === honeyId.value) ??
    honeyLots.value.find((l) => l.nowG > 0) ??
    honeyLots.value[0] ??
    null,
);
const filled = computed(() =>
  props.detail.lots.filter((l) => l.kind === 'jars' || l.kind === 'pieces'),
);
/** Water as it was measured; a density that needs one takes 18 %, and says so. */
const measuredPercent = computed(() => measuredWaterPercent(props.detail));
const TAKEN_AS_PERCENT = 18;
const moisturePercent = computed(() => measuredPercent.value ?? TAKEN_AS_PERCENT);
const keeping = computed(() =>
  lotKeeping(
    {
      bee: hiveKind(props.detail.hive.kind).bee,
      moisturePercent: measuredPercent.value,
      granulating: honey.value?.granulating ?? false,
    },
    props.rules,
  ),
);
const granulates = (lotId: string, granulating: boolean): unknown =>
  useFirst.go(
    `/lots/${lotId}/granulating`,
    { granulating },
    granulating
      ? tell('FillPanel.it-granulates-one-grade-worse')
      : tell('FillPanel.it-does-not-granulate'),
  );
const settle = computed(
  () =>
    clocks.value?.find(
      (c) => c.kind === 'settle' && c.batchId === props.detail.batch.id && c.dueAt,
    ) ?? null,
);
/** A jar whose net weight is more than its brim holds of this honey cannot be filled so. */
const tooSmall = computed(() =>
  props.jars.flatMap((jar) => {
    const brimG = jar.volumeMl
      ? Math.floor(jar.volumeMl * honeyDensityKgPerL(moisturePercent.value, 20))
      : null;
    return brimG !== null && jar.netG > brimG ? [{ jar, brimG }] : [];
  }),
);
const fitting = computed(() =>
  props.jars.filter((jar) => !tooSmall.value.some((t) => t.jar.id === jar.id)),
);
const goal = ref<FillGoal>('least-left');
const keepBackKg = ref<number | null>(0);
const fill = ref<JarFill | null>(null);
watch(
  [honey, fitting, goal, keepBackKg],
  async () => {
    const kg = (honey.value?.nowG ?? 0) / 1000;
    if (
      !fitting.value.length ||
      kg <= 0 ||
      keepBackKg.value === null ||
      keepBackKg.value > kg ||
      keepBackKg.value < 0
    )
      return void (fill.value = null);
    fill.value = await compute().jarFill({
      honeyKg: kg,
      jars: fitting.value.map(({ id, netG, stock, value }) => ({ id, netG, stock, value })),
      goal: goal.value,
      keepBackKg: keepBackKg.value,
    });
  },
  { immediate: true },
);
const jarOf = (id: string): JarKindRecord | undefined => props.jars.find((j) => j.id === id);
/** How high that stands, where the jar's inside is known. */
function highOf(f: { id: string; netG: number }): string {
  const j = jarOf(f.id);
  if (!j?.widthMm || !j.depthMm) return '';
  const { mm } = fillLine({
    netG: f.netG,
    moisturePercent: moisturePercent.value,
    innerDiameterMm: j.widthMm,
    innerDepthMm: j.depthMm,
  });
  return tell('FillPanel.high', { mm: lengthText(mm, units.value) });
}
const lightest = ref<Record<string, string>>({});
const lightG = (id: string): number | null => {
  const t = lightest.value[id];
  if (!t) return null;
  return gramsOf(t, units.value, 'small');
};
const isLightUnclear = (id: string): boolean => Boolean(lightest.value[id]) && lightG(id) === null;
/** On a phone the first kind's key is pinned at the foot. */
const narrow = window.matchMedia('(max-width: 700px)').matches;
const pinnedFill = computed(() => (narrow ? (fill.value?.fills[0] ?? null) : null));
/** Out of reach of the house the number is one that was taken along, and is written on the jars. */
const away = useAwaySince();
const takenNumber = computed(() =>
  away.value !== null || isBehind() ? nextNumber(props.detail) : null,
);
const mayFill = computed(() => (honey.value?.nowG ?? 0) > 0);
watch(
  [() => props.detail.batch.id, mayFill, away],
  ([batchId]) => {
    if (mayFill.value && away.value === null) void takeNumbersAlong(batchId);
  },
  { immediate: true },
);
async function write(id: string, count: number, netG: number): Promise<void> {
  const done = await filling.go(
    '/fillings',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      honeyLotId: honey.value?.id ?? null,
      jarKindId: id,
      count,
      netG,
      lowestWeighedG: lightG(id),
      code: takenNumber.value,
    },
    tell('FillPanel.g-filled', { count, net: { massG: netG, as: 'read' } }),
  );
  if (done) delete lightest.value[id];
}
const first = (lotId: string, on: boolean): unknown =>
  useFirst.go(
    `/lots/${lotId}/use-first`,
    { on },
    on ? tell('FillPanel.to-be-used-first-no') : tell('FillPanel.not-use-first-lot-any'),
  );
const { laid, sheet, label } = useLabel(
  computed(() => filled.value.findLast((lot) => isInHouse(lot)) ?? null),
);
</script>

<template>
  <section class="left">
    <p class="sub">
      {{ said(keeping.sentence) }}
      <b v-if="honey && isCalled(honey.name, 'lot.with-pollen')" class="rust">{{
        tell('FillPanel.it-ferments-sooner-cold-vented', { honey: said(honey.name) })
      }}</b>{{ ' ' }}
      <b v-if="keeping.notForSale" class="rust">{{ said(keeping.notForSale) }}</b><template
        v-if="honey && honey.nowG > 0"
      >
        <button type="button" class="as-link" @click="granulates(honey.id, !honey.granulating)">
          {{
            honey.granulating
              ? tell('FillPanel.it-granulates-take-that-back')
              : tell('FillPanel.it-granulates')
          }}</button>{{ ' · ' }}
        <button type="button" class="as-link" @click="first(honey.id, !honey.useBy)">
          {{
            honey.useBy
              ? tell('FillPanel.use-first-by-take-that', { useBy: honey.useBy })
              : tell('FillPanel.open-or-wet-mark-it')
          }}
        </button></template
      >
    </p>
    <KeepsByWarmth
      v-if="measuredPercent !== null"
      :moisture-percent="measuredPercent"
      :bee="hiveKind(detail.hive.kind).bee"
      :granulating="honey?.granulating ?? false"
      :units="units"
    />
    <p v-if="settle">
      {{
        tell('FillPanel.settling-since-scum-up-by', {
          startedAt: clockText(settle.startedAt, detail.batch.zone, now),
        })
      }}
      <b>{{ clockText(settle.dueAt!, detail.batch.zone, now) }}</b>{{
        tell('FillPanel.skim-measure-water-again-then')
      }}
    </p>
    <SelectButton
      v-if="honeyLots.length > 1"
      :model-value="honey?.id"
      :options="
        honeyLots.map((l) => ({
          label: `${said(l.name)}, ${massText(l.nowG / 1000, units, 2)}`,
          value: l.id,
        }))
      "
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="tell('FillPanel.which-honey')"
      @update:model-value="honeyId = $event"
    />
    <h2 class="furrow-heading">{{ tell('common.which-jars') }}</h2>
    <template v-if="!jars.length">
      <p>{{ tell('FillPanel.no-jars-in-kit-yet') }}</p>
      <JarAdd :rules="rules" purpose="jar" first />
    </template>
    <div v-else-if="honey && honey.nowG > 0" class="choices">
      <SelectButton
        v-model="goal"
        :options="[
          { label: tell('common.least-left-over'), value: 'least-left' },
          { label: tell('common.most-value'), value: 'most-value' },
          { label: tell('common.fewest-jars'), value: 'fewest-jars' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('common.what-matters')"
      /><NumberField
        v-model="keepBackKg"
        :label="tell('FillPanel.keep-back')"
        unit="kg"
        :min="0"
        :max="(honey?.nowG ?? 0) / 1000"
      />
    </div>
    <p v-for="t in tooSmall" :key="t.jar.id" class="rust">
      <b>{{
        tell('FillPanel.cannot-be-filled-so', {
          jar: t.jar.name,
          said: measured({ massG: t.jar.netG, as: 'read' }),
        })
      }}</b>{{
        tell('FillPanel.to-its-brim-it-holds', { said: measured({ massG: t.brimG, as: 'read' }) })
      }}
      <RouterLink to="/rules?at=kit">{{ tell('FillPanel.change-it-in-rules') }}</RouterLink>
    </p>
    <p v-if="jars.length && (!honey || honey.nowG === 0)" class="sub">
      {{ tell('FillPanel.no-honey-this-harvest-left') }}
    </p>
    <template v-else-if="fill">
      <p v-if="away !== null && fill.fills.length" role="status">
        {{
          takenNumber
            ? tell('FillPanel.write-number-on-lids', { code: takenNumber })
            : tell('FillPanel.number-comes-with-house')
        }}
      </p>
      <ul class="shelf">
        <li v-for="f in fill.fills" :key="f.id">
          <JarRow :count="f.count" :net-g="f.netG" :moisture-percent="moisturePercent" />
          <span class="shelf-text"
            ><b class="display">{{ f.count }} × {{ measured({ massG: f.netG, as: 'read' }) }}</b
            ><span class="sub"
              >{{
                tell('FillPanel.in-stock-fill-to', {
                  id: jarOf(f.id)?.name,
                  stock: jarOf(f.id)?.stock,
                  netG: volumeText(netVolumeMl(f.netG, moisturePercent) / 1000, units),
                  f: highOf(f),
                })
              }}<template v-if="measuredPercent === null">{{
                tell('FillPanel.water-taken-as-18')
              }}</template
              >.</span
            ></span
          >
          <TextField
            v-model="lightest[f.id]"
            :unit="massUnit(units, 'small')"
            :label="tell('FillPanel.lightest', { net: { massG: f.netG, as: 'read' } })"
            :hint="tell('FillPanel.labels-never-say-more-empty')"
          />
          <Button
            v-if="f.id !== pinnedFill?.id"
            :label="tell('FillPanel.filled', { count: f.count })"
            :loading="filling.busy.value"
            :disabled="isLightUnclear(f.id)"
            @click="write(f.id, f.count, f.netG)"
          />
        </li>
      </ul>
      <p>
        <b>{{ massText(fill.filledKg, units, 2) }}</b> {{ tell('FillPanel.in-jars') }}
        <b>{{ smallMassText(fill.leftKg * 1000, units, 1) }}</b> {{ tell('FillPanel.left-over') }}
      </p>
      <p v-for="s in fill.shortage ?? []" :key="s.id" class="rust">
        <b>{{
          s.needed > s.stock
            ? tell('FillPanel.more-are-missing', {
                needed: s.needed - s.stock,
                id: jarOf(s.id)?.name,
              })
            : tell('FillPanel.used-up', { id: jarOf(s.id)?.name })
        }}</b>
      </p>
    </template>
    <JarAdd v-if="jars.length" :rules="rules" purpose="jar" />
    <Refusal :refusal="filling.refusal.value" /><Refusal :refusal="useFirst.refusal.value" />
    <h2 class="furrow-heading">{{ tell('FillPanel.filled-and-cut') }}</h2>
    <OwnCode v-if="!filled.length" :detail="detail" />
    <FilledTable v-if="filled.length" :detail="detail" :lots="filled" :jars="jars" :units="units" />
  </section>
  <aside class="acts">
    <template v-if="laid && sheet">
      <h2 class="furrow-heading">{{ tell('FillPanel.label') }}</h2>
      <LabelFace
        :laid="laid"
        :sheet="sheet"
        :qr="label?.qr ?? null"
        :s="340 / sheet.labelWidthMm"
      />
      <p class="sub">
        {{
          tell('FillPanel.every-word-comes-from-record', {
            registeredToSell: rules.registeredToSell
              ? ''
              : tell('FillPanel.without-registration-it-reads-gift'),
          })
        }}
      </p>
      <Button outlined :label="tell('FillPanel.labels-and-printing')" @click="emit('labels')" />
    </template>
    <slot />
  </aside>
  <div v-if="pinnedFill" class="pinned no-print">
    <Button
      :label="
        tell('FillPanel.filled-b', {
          count: pinnedFill.count,
          net: { massG: pinnedFill.netG, as: 'read' },
        })
      "
      :loading="filling.busy.value"
      :disabled="isLightUnclear(pinnedFill.id)"
      @click="write(pinnedFill.id, pinnedFill.count, pinnedFill.netG)"
    />
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  gap: 20px;
  align-items: flex-end;
  flex-wrap: wrap;
  margin: 4px 0 8px;
}
.shelf {
  list-style: none;
  margin: 0;
  padding: 0;
}
.shelf li {
  display: grid;
  grid-template-columns: 250px minmax(170px, 1fr) 210px 150px;
  gap: 16px;
  align-items: center;
  border-bottom: 5px solid var(--wood);
  padding: 6px 0;
}
.shelf-text {
  display: flex;
  flex-direction: column;
}
.shelf-text b {
  font-size: 25px;
}
.shelf .p-button {
  min-height: 64px;
}
.left {
  min-width: 0;
}
@media (max-width: 800px) {
  .shelf li {
    grid-template-columns: 1fr;
  }
}
</style>
