<script setup lang="ts">
import { figure, massRangeText, massText, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { plainCopy } from '../parts/plainCopy';
import {
  blendOf,
  type Batch,
  type FillGoal,
  type HouseRules,
  type JarKindRecord,
  type LotsFilled,
  firstOf,
} from '@furrow/core';

import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import HoneyVessels from '../drawing/HoneyVessels.vue';
import JarRow from '../drawing/JarRow.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useStock, useStockWaters, useHarvests, useReserves } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';
import { cutterWorker } from '../workers/client.js';
import PromisesPanel from './PromisesPanel.vue';
import { said } from '../words/units.js';

/**
 * All honey that waits and all that is expected, one stock of jars: what is promised first, no lot
 * mixed with another.
 */
const props = defineProps<{ rules: HouseRules; jars: JarKindRecord[] }>();
const { data: stock } = useStock();
const { data: waters } = useStockWaters();
/** Only what was measured counts in a mixture; what a plan took it for does not. */
const measured = computed(
  () => new Map((waters.value ?? []).map((w) => [w.lotId, w.measuredPercent])),
);
const { data: harvests } = useHarvests();
const { data: reserves } = useReserves();
const filling = useSend();
const pouring = useSend();
interface Waiting {
  id: string;
  name: string;
  sub: string;
  honeyG: number;
  expected: boolean;
  moisturePercent: number | null;
  useBy: string | null;
}
const batchOf = (id: string): Batch | undefined => harvests.value?.find((b) => b.id === id);
const standing = computed<Waiting[]>(() =>
  (stock.value ?? [])
    .filter((l) => l.kind === 'honey' && l.nowG > 0)
    .map((l) => {
      const b = batchOf(l.batchId);
      return {
        id: l.id,
        name: b?.hiveName ?? said(l.name),
        sub: b ? dateText(b.date) : '',
        honeyG: l.nowG,
        expected: false,
        moisturePercent: measured.value.get(l.id) ?? null,
        useBy: l.useBy,
      };
    }),
);
/**
 * Honey a harvest promised at its choice and has not given yet. Jars are counted for its high edge:
 * a shortage is seen in time.
 */
const coming = computed<Waiting[]>(() =>
  (harvests.value ?? [])
    .filter((b) => !b.closedAt && ['ready', 'take', 'drain'].includes(b.stage))
    .flatMap((b) => {
      const kg = b.expectedHoneyKg;
      return kg && kg.high > 0
        ? [
            {
              id: `expected-${b.id}`,
              name: b.hiveName,
              sub: tell('LotsPanel.expected', { kg: massRangeText(kg, props.rules.units) }),
              honeyG: Math.round(kg.high * 1000),
              expected: true,
              moisturePercent: null,
              useBy: null,
            },
          ]
        : [];
    }),
);
const all = computed(() => [...standing.value, ...coming.value]);
const out = ref<string[]>([]);
const touch = (id: string): void =>
  void (out.value = out.value.includes(id)
    ? out.value.filter((x) => x !== id)
    : [...out.value, id]);
const chosen = computed(() => all.value.filter((l) => !out.value.includes(l.id)));
const goal = ref<FillGoal>('least-left');
const keepBackKg = ref<number | null>(0);
const plan = shallowRef<LotsFilled | null>(null);
const working = ref(false);
const worker = cutterWorker();
onScopeDispose(() => worker.end());
let turn = 0;
watch(
  [chosen, () => props.jars, goal, keepBackKg, reserves],
  async () => {
    const mine = ++turn;
    if (!chosen.value.length || !props.jars.length || keepBackKg.value === null)
      return void (plan.value = null);
    working.value = true;
    const found = await worker.api.fillLots(
      plainCopy({
        lots: chosen.value.map(({ id, honeyG }) => ({ id, honeyG })),
        jars: props.jars.map(({ id, netG, stock, value }) => ({ id, netG, stock, value })),
        goal: goal.value,
        reserved: (reserves.value ?? []).map(({ jarKindId, count }) => ({ jarKindId, count })),
        keepBackG: Math.round(keepBackKg.value * 1000),
      }),
    );
    if (mine !== turn) return;
    working.value = false;
    plan.value = found;
  },
  { immediate: true },
);
const jarOf = (id: string): JarKindRecord | undefined => props.jars.find((j) => j.id === id);
const lines = computed(() =>
  (plan.value?.lots ?? [])
    .map((f) => ({ ...f, lot: firstOf(all.value, (l) => l.id === f.id) }))
    .filter((f) => f.lot),
);
const now = computed(() =>
  lines.value
    .filter((l) => !l.lot.expected)
    .flatMap((l) =>
      l.fills.map((f) => ({ honeyLotId: l.id, jarKindId: f.id, count: f.count, netG: f.netG })),
    ),
);
const needed = computed(() => {
  const smallest = Math.min(...props.jars.map((j) => j.netG));
  const waits = (plan.value?.lots ?? []).filter((l) => l.leftG >= smallest);
  return waits.length
    ? {
        g: waits.reduce((g, l) => g + l.leftG, 0),
        jars: Math.ceil(waits.reduce((g, l) => g + l.leftG, 0) / (props.jars.at(0)?.netG ?? 500)),
        name: props.jars.at(0)?.name ?? '',
      }
    : null;
});
async function fillAll(): Promise<void> {
  const n = now.value.reduce((sum, f) => sum + f.count, 0);
  await filling.go(
    '/fillings/several',
    { fillings: now.value.map((f) => ({ id: newId(), ...f })) },
    tell('LotsPanel.jars-filled', { jars: n }),
  );
}
const water = ref<Record<string, number | null>>({});
const waterOf = (l: Waiting): number | null => water.value[l.id] ?? l.moisturePercent;
const waterNote = (l: Waiting): string =>
  l.moisturePercent === null
    ? tell('common.not-measured-yet')
    : tell('LotsPanel.measured-wettest-drop-counts-unless', {
        moisturePercent: figure(l.moisturePercent, 1),
      });
const mix = computed(() => {
  const parts = chosen.value.filter((l) => !l.expected);
  return parts.length > 1 && parts.every((l) => waterOf(l))
    ? blendOf(parts.map((l) => ({ kg: l.honeyG / 1000, moisturePercent: waterOf(l)! })))
    : null;
});
const mixable = computed(() => chosen.value.filter((l) => !l.expected));
const sure = ref(false);
async function pour(): Promise<void> {
  const [into, ...rest] = mixable.value;
  for (const l of rest)
    if (
      !(await pouring.go(
        '/blends',
        { fromLotId: l.id, intoLotId: into.id, g: l.honeyG },
        tell('LotsPanel.poured-to', { l: l.name, into: into.name }),
      ))
    )
      return;
  sure.value = false;
}
</script>

<template>
  <section class="left">
    <h2 class="furrow-heading">{{ tell('LotsPanel.what-waits') }}</h2>
    <p v-if="!all.length" class="sub">
      {{ tell('LotsPanel.no-honey-waits-and-none') }}
    </p>
    <HoneyVessels
      v-else
      :lots="
        all.map((l) => ({
          id: l.id,
          name: l.name,
          sub: l.sub,
          kg: l.honeyG / 1000,
          text: massText(l.honeyG / 1000, rules.units, 2),
          expected: l.expected,
          on: !out.includes(l.id),
          leftKg: (plan?.lots.find((x) => x.id === l.id)?.leftG ?? 0) / 1000,
        }))
      "
      @touch="touch"
    />
    <div class="choices">
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
        :label="tell('LotsPanel.keep-back-all')"
        unit="kg"
        :min="0"
        :max="500"
      />
    </div>
    <p v-if="!jars.length">
      {{ tell('LotsPanel.no-jars-in-kit') }}
      <RouterLink to="/rules?at=kit">{{ tell('LotsPanel.add-them-in-rules') }}</RouterLink>
    </p>
    <p v-if="working" class="sub" role="status">{{ tell('LotsPanel.counting-jars') }}</p>
    <ul v-if="plan" class="shelf">
      <li v-for="l in lines" :key="l.id">
        <b class="display">{{ l.lot.name }}</b><span class="jars"
          ><span v-for="f in l.fills" :key="f.id" class="kind"
            ><JarRow
              :count="f.count"
              :net-g="f.netG"
              :moisture-percent="18"
              :width-px="230"
              :planned="l.lot.expected"
            /><span>{{ f.count }} × {{ jarOf(f.id)?.name }}</span></span
          ><span v-if="!l.fills.length" class="sub">{{
            tell('LotsPanel.no-whole-jar')
          }}</span></span
        ><span class="sub">{{
          tell('LotsPanel.left', { leftG: smallMassText(l.leftG, rules.units, 1) })
        }}</span>
      </li>
    </ul>
    <template v-if="plan">
      <p>
        <b>{{ massText(plan.filledG / 1000, rules.units, 2) }}</b> {{ tell('LotsPanel.in-jars') }}
        <b>{{ massText(plan.leftG / 1000, rules.units, 2) }}</b>
        {{
          tell('LotsPanel.left-over', {
            provenOptimal: plan.provenOptimal
              ? tell('LotsPanel.proven-best')
              : tell('LotsPanel.best-found-in-time'),
          })
        }}
      </p>
      <p v-for="s in plan.short" :key="s.jarKindId" class="rust">
        <b>{{
          tell('LotsPanel.promised-cannot-be-filled-they', {
            missing: s.missing,
            jarKindId: jarOf(s.jarKindId)?.name,
          })
        }}</b>
      </p>
      <p v-if="needed" class="rust">
        <b>{{
          tell('LotsPanel.finds-no-jar-about-more', {
            g: massText(needed.g / 1000, rules.units, 2),
            jars: needed.jars,
            needed: needed.name,
          })
        }}</b>
      </p>
    </template>
    <Refusal :refusal="filling.refusal.value" />
    <PromisesPanel :jars="jars" :rules="rules" />
  </section>
  <aside class="acts">
    <Button
      class="main"
      :label="
        now.length
          ? tell('LotsPanel.filled-jars-as-drawn', { jars: now.reduce((n, f) => n + f.count, 0) })
          : tell('LotsPanel.nothing-to-fill-yet')
      "
      :disabled="!now.length || working"
      :loading="filling.busy.value"
      @click="fillAll"
    />
    <p class="sub">
      {{ tell('LotsPanel.each-jar-holds-honey-one') }}
    </p>
    <h2 class="furrow-heading">{{ tell('LotsPanel.if-they-were-one') }}</h2>
    <p v-if="mixable.length < 2" class="sub">
      {{ tell('LotsPanel.with-two-lots-chosen-their') }}
    </p>
    <template v-else>
      <NumberField
        v-for="l in mixable"
        :key="l.id"
        v-model="water[l.id]"
        :label="tell('LotsPanel.water', { l: l.name, sub: l.sub })"
        :note="waterNote(l)"
        unit="%"
        nullable
        :min="10"
        :max="40"
      />
      <p v-if="mix">
        <b>{{
          tell('LotsPanel.water-2', {
            kg: massText(mix.kg, rules.units, 2),
            moisturePercent: figure(mix.moisturePercent, 1),
          })
        }}</b>
        {{ tell('LotsPanel.mixing-dilutes-fault-it-does', { reason: said(mix.keeping.sentence) }) }}
      </p>
      <p v-else class="sub">{{ tell('LotsPanel.say-water-each-to-see') }}</p>
      <label class="tick"
        ><input v-model="sure" type="checkbox" />
        {{ tell('LotsPanel.pour-them-together-one-lot', { mixable: mixable.length }) }}</label
      >
      <Button
        outlined
        :label="tell('common.pour-them-together')"
        :disabled="!sure"
        :loading="pouring.busy.value"
        @click="pour"
      />
      <Refusal :refusal="pouring.refusal.value" />
    </template>
  </aside>
</template>

<style scoped>
.left {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.choices {
  display: flex;
  gap: 20px;
  align-items: flex-end;
  flex-wrap: wrap;
}
.shelf {
  list-style: none;
  margin: 0;
  padding: 0;
}
.shelf li {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) auto;
  gap: 16px;
  align-items: center;
  border-bottom: 5px solid var(--wood);
  padding: 6px 0;
}
.jars {
  display: flex;
  gap: 20px;
  flex-wrap: wrap;
}
.kind {
  display: flex;
  flex-direction: column;
  font-weight: 600;
}
.main {
  min-height: 88px !important;
  font: 600 25px/1.15 var(--display) !important;
}
@media (max-width: 700px) {
  .shelf li {
    grid-template-columns: 1fr;
  }
}
</style>
