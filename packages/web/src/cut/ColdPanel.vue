<script setup lang="ts">
import { volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';

import {
  PESTS,
  PEST_WORDS,
  SCHOOLS,
  freezingPlan,
  orderCompared,
  orderRuns,
  readShape,
  workingWater,
  type BatchDetail,
  type FreezingInput,
  type HouseRules,
  type Keeping,
  type Pest,
  type PayloadTo,
  between,
} from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import FreezingLine from '../drawing/FreezingLine.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useCutHistory } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { said, householdUnits } from '../words/units.js';
import { WATER_BASIS_WORDS } from '../parts/waterBasis.js';
import ColdSum from './ColdSum.vue';
import RackPanel from './RackPanel.vue';

/**
 * Cut pieces on the rack until their edges stop weeping, and comb in the cold against moth and
 * beetle.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules }>();
const { go, busy, refusal, fieldError } = useSend();
const now = useNow();
const { data: history } = useCutHistory();
const zone = computed(() => props.detail.batch.zone);
/** Pieces on the board that are cut and not packed yet, and those that were weighed in by hand. */
const onBoard = computed(() => props.detail.pieces.filter((p) => p.state === 'cut'));
const weighed = computed(() =>
  props.detail.lots.filter((l) => l.kind === 'pieces' && l.nowG > 0 && l.count),
);
const pieces = computed(
  () => onBoard.value.length + weighed.value.reduce((n, l) => n + l.count!, 0),
);
const combs = computed(() => props.detail.takes.filter((t) => t.netG !== null).length);
const order = ref<'whole' | 'pieces'>(props.rules.freeze === 'whole' ? 'whole' : 'pieces');
const pest = ref<Pest>(props.rules.pest);
const apart = ref(true);
const count = ref<number | null>(null);
const litres = ref<number | null>(null);
const freezerC = ref<number | null>(props.rules.freezerTemperatureC);
const roomC = ref<number | null>(props.rules.kitchenTemperatureC);
const humidity = ref<number | null>(null);
const working = workingWater(props.detail);
const waterAtFirst = between(13, 25, working.percent);
const water = ref<number | null>(waterAtFirst);
const waterNote = computed(() =>
  water.value === waterAtFirst ? WATER_BASIS_WORDS[working.basis] : null,
);
const combThicknessMm = computed(() =>
  Math.max(
    ...props.detail.boards.map((b) => b.thicknessMm),
    props.detail.looks.at(-1)?.thicknessMm ?? 30,
  ),
);
/** Frozen whole: comb by comb, or the box as it came off the hive. */
const asBox = ref(false);
const hasBoxes = computed(() => props.detail.hive.boxes.length > 0);
/** The three sides of what stands in the cold. */
const block = computed(
  (): Pick<FreezingInput, 'packing' | 'widthMm' | 'heightMm' | 'thicknessMm'> => {
    const shape = readShape(props.detail.hive);
    if (order.value === 'pieces')
      return { packing: 'piece', ...pieceSides(), thicknessMm: combThicknessMm.value };
    if (boxed.value)
      return {
        packing: 'super',
        widthMm: shape.innerWidthMm,
        heightMm: shape.outline.topWidthMm,
        thicknessMm: shape.innerDepthMm,
      };
    return {
      packing: 'frame',
      widthMm: shape.outline.topWidthMm,
      heightMm: shape.outline.depthMm,
      thicknessMm: combThicknessMm.value,
    };
  },
);
/**
 * Sealed comb, mass of honey and wax over its volume: honey 1.42, wax 0.96, a sixteenth of it wax.
 */
const COMB_G_PER_CM3 = 1.38;
/** The largest piece cut decides; not known before anything is cut. */
function pieceSides(): { widthMm: number | null; heightMm: number | null } {
  const cut = onBoard.value;
  if (!cut.length) return { widthMm: null, heightMm: null };
  return {
    widthMm: Math.max(...cut.map((p) => p.widthMm)),
    heightMm: Math.max(...cut.map((p) => p.heightMm)),
  };
}
watch(
  [order, pieces, combs, asBox],
  () => {
    count.value = order.value === 'pieces' ? pieces.value || null : combs.value;
    const mm3 =
      order.value === 'pieces'
        ? onBoard.value.reduce(
            (v, p) => v + p.widthMm * p.heightMm * combThicknessMm.value,
            weighed.value.reduce((v, l) => v + (l.nowG / COMB_G_PER_CM3) * 1000, 0),
          )
        : props.detail.boards.reduce((v, b) => v + b.widthMm * b.heightMm * b.thicknessMm, 0);
    const boxL =
      ((block.value.widthMm ?? 0) * (block.value.heightMm ?? 0) * block.value.thicknessMm) / 1e6;
    // A box is about a third larger than what lies in it.
    const packedL = block.value.packing === 'super' ? boxL : (mm3 / 1e6) * 1.35;
    litres.value = packedL > 0 ? packedL : null;
  },
  { immediate: true },
);
const running = (kind: Keeping['kind']): Keeping | null =>
  props.detail.keepings.find((k) => k.kind === kind && !k.endedAt) ?? null;
const rack = computed(() => running('rack'));
const freeze = computed(() => running('freeze'));
const thaw = computed(() => running('thaw'));
const question = computed((): FreezingInput | null =>
  roomC.value === null || freezerC.value === null
    ? null
    : {
        pest: pest.value,
        ...block.value,
        apart: boxed.value || apart.value,
        litres: litres.value ?? 0,
        freezerL: props.rules.freezerL,
        freezerC: freezerC.value,
        startC: roomC.value,
        roomC: roomC.value,
      },
);
const plan = computed(() => (question.value ? freezingPlan(question.value) : null));
const runningPlan = computed(() =>
  freeze.value
    ? freezingPlan({
        ...freeze.value,
        freezerL: props.rules.freezerL,
        freezerC: freeze.value.freezerC!,
        startC: freeze.value.roomC,
      })
    : null,
);
const compared = computed(() =>
  orderCompared(orderRuns(history.value?.keepings ?? [], history.value?.pieces ?? [])),
);
const draft = (kind: 'rack' | 'freeze'): PayloadTo<'/keepings'> => ({
  id: newId(),
  batchId: props.detail.batch.id,
  kind,
  order: kind === 'rack' ? 'pieces' : order.value,
  pieces: count.value ?? pieces.value,
  ...block.value,
  apart: boxed.value || apart.value,
  litres: litres.value ?? 0,
  pest: pest.value,
  freezerC: kind === 'freeze' ? freezerC.value : null,
  roomC: roomC.value,
  moisturePercent: water.value ?? 18,
  humidityPercent: humidity.value,
});
const begin = (kind: 'rack' | 'freeze'): unknown =>
  go(
    '/keepings',
    draft(kind),
    kind === 'rack' ? tell('ColdPanel.on-rack-2') : tell('ColdPanel.in-freezer'),
  );
const cracked = ref<number | null>(0);
const end = (k: Keeping, said: string): unknown =>
  go(`/keepings/${k.id}/end`, { cracked: k.kind === 'freeze' ? (cracked.value ?? 0) : 0 }, said);
/** What keeps the freezer's key shut, under it. */
const missing = computed(() => {
  if (!plan.value) return tell('ColdPanel.how-warm-room-how-cold');
  if (!plan.value.possible) return null;
  return count.value
    ? null
    : tell('ColdPanel.how-many-go-in-none', {
        order: order.value === 'pieces' ? tell('ColdPanel.pieces') : tell('ColdPanel.combs'),
      });
});
const boxed = computed(() => order.value === 'whole' && asBox.value);
const orders = [
  { label: tell('ColdPanel.cut-pack-then-freeze'), value: 'pieces' },
  { label: tell('ColdPanel.freeze-whole-then-cut'), value: 'whole' },
];
const whenReady = (k: Keeping): string =>
  tell('ColdPanel.text', {
    dueAt:
      Date.parse(k.dueAt) <= now.value.getTime() ? tell('ColdPanel.since') : tell('ColdPanel.from'),
    dueAt2: clockText(k.dueAt, zone.value, now.value),
  });
</script>

<template>
  <section class="cold">
    <RackPanel
      v-model:room-c="roomC"
      v-model:humidity="humidity"
      v-model:water="water"
      :rack="rack"
      :when-ready="whenReady"
      :pieces="pieces"
      :racks="history?.racks ?? []"
      :water-note="waterNote"
      :busy="busy"
      :field-error="fieldError"
      @begin="begin('rack')"
      @end="end($event, tell('ColdPanel.off-rack'))"
    />
    <h2 class="furrow-heading">{{ tell('common.in-cold') }}</h2>
    <template v-if="thaw"
      ><FreezingLine
        v-if="runningPlan"
        :plan="runningPlan"
        :started-at="freeze?.startedAt ?? thaw.startedAt"
        :zone="zone"
        :now="now"
        :units="rules.units" />
      <p>
        <b class="display when">{{ whenReady(thaw) }}</b>
        {{ tell('ColdPanel.it-may-be-unwrapped-until') }}
      </p>
      <Button
        outlined
        :label="tell('ColdPanel.unwrapped')"
        :loading="busy"
        @click="end(thaw, tell('ColdPanel.unwrapped-2'))"
    /></template>
    <template v-else-if="freeze && runningPlan"
      ><FreezingLine
        :plan="runningPlan"
        :started-at="freeze.startedAt"
        :zone="zone"
        :now="now"
        :units="rules.units" />
      <p>
        <b class="display when">{{ whenReady(freeze) }}</b>
        {{ tell('ColdPanel.it-may-come-out', { sentence: said(runningPlan.sentence) }) }}
      </p>
      <div class="fields">
        <NumberField
          v-model="cracked"
          narrow
          :label="tell('ColdPanel.cracked-in-cold')"
          :unit="tell('ColdPanel.pieces')"
          whole
          :min="0"
          :max="freeze.pieces"
          :error="fieldError('cracked')"
        /><Button
          outlined
          :label="tell('ColdPanel.out-freezer-closed')"
          :loading="busy"
          @click="end(freeze, tell('ColdPanel.out-freezer-it-thaws-closed'))"
        /></div
    ></template>
    <template v-else-if="plan">
      <FreezingLine
        v-if="plan.possible"
        :plan="plan"
        :started-at="now.toISOString()"
        :zone="zone"
        :now="now"
      />
      <p :class="{ rust: !plan.possible }">
        {{ said(plan.sentence)
        }}<b v-if="plan.days > 1" class="rust"
          >{{ ' '
          }}{{
            tell('ColdPanel.are-days-loads', {
              litres: volumeText(litres ?? 0, householdUnits),
              days: plan.days,
            })
          }}</b
        >
      </p>
      <ColdSum :block="block" :rules="rules" />
    </template>
  </section>
  <aside class="acts bench">
    <h2 class="furrow-heading">{{ tell('ColdPanel.order-work') }}</h2>
    <SelectButton
      v-model="order"
      :options="orders"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="tell('ColdPanel.order-work')"
      class="orders"
    />
    <p class="sub">
      {{
        tell('ColdPanel.your-rule', { freeze: said(SCHOOLS.freeze[rules.freeze]).toLowerCase() })
      }}
      <template v-for="c in compared" :key="c.order"
        ><template v-if="c.share !== null"
          >{{
            tell('ColdPanel.cracked-under-knife-and-in', {
              order:
                c.order === 'whole' ? tell('ColdPanel.frozen-whole') : tell('ColdPanel.cut-first'),
              crackedKnife: c.crackedKnife,
              crackedCold: c.crackedCold,
              pieces: c.pieces,
            })
          }}{{ ' ' }}</template
        ></template
      ><template v-if="compared.every((c) => c.share === null)">{{
        tell('ColdPanel.which-cracks-less-here-shows')
      }}</template>
    </p>
    <template v-if="!freeze && !thaw">
      <label class="sub" for="pest">{{ tell('ColdPanel.against') }}</label><select
        id="pest"
        v-model="pest"
        class="native"
      >
        <option v-for="p in PESTS" :key="p" :value="p">{{ said(PEST_WORDS[p]) }}</option>
      </select>
      <div class="fields">
        <NumberField
          v-model="freezerC"
          narrow
          :label="tell('ColdPanel.freezer')"
          unit="°C"
          :min="-45"
          :max="5"
          :error="fieldError('freezerC')"
        /><NumberField
          v-model="count"
          narrow
          :label="order === 'whole' ? tell('common.combs') : tell('common.pieces')"
          unit=""
          whole
          :min="1"
          :max="400"
          :error="fieldError('pieces')"
        /><NumberField
          v-model="litres"
          :digits="1"
          narrow
          nullable
          :label="tell('ColdPanel.room-they-take')"
          unit="L"
          :min="0"
          :error="fieldError('litres')"
        />
      </div>
      <p v-if="rules.freezerL !== null" class="sub">
        {{
          tell('ColdPanel.freezer-at-once-go-in', {
            freezerL: volumeText(rules.freezerL, rules.units),
            freezerL2: volumeText(rules.freezerL / 10, rules.units),
          })
        }}
      </p>
      <label v-if="order === 'whole' && hasBoxes" class="tick"
        ><input v-model="asBox" type="checkbox" /><span>{{
          tell('ColdPanel.box-goes-in-as-it')
        }}</span></label
      ><label v-if="!boxed" class="tick"
        ><input v-model="apart" type="checkbox" /><span>{{
          tell('ColdPanel.they-stand-apart-air-between')
        }}</span></label
      >
      <Button
        class="main"
        :label="tell('ColdPanel.into-freezer-now')"
        :disabled="!plan?.possible || !count"
        :loading="busy"
        @click="begin('freeze')"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
    </template>
    <Refusal :refusal="refusal" :fields="['freezerC', 'litres', 'roomC', 'cracked', 'pieces']" />
  </aside>
</template>

<style scoped>
.cold {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
  font-size: 18px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.when {
  font-size: 31px;
  display: block;
}
.main {
  min-height: 96px !important;
  font: 600 25px var(--display) !important;
  width: 100%;
}
.cold .p-button {
  min-height: 64px;
  align-self: start;
}
.orders :deep(.p-togglebutton) {
  flex: 1;
  min-height: 64px;
}
</style>
