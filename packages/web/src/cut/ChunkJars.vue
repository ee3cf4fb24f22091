<script setup lang="ts">
import {
  between,
  chunkJar,
  chunkJars,
  workingWater,
  type BatchDetail,
  type CombBox,
  type CutPiece,
  type Lot,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { massText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { householdUnits, said } from '../words/units.js';

/** Strips of comb into jars, honey poured round them: how much each takes, and what runs out. */
const props = defineProps<{
  detail: BatchDetail;
  /** Jars that strips are put into. */
  boxes: readonly CombBox[];
  /** Strips that are cut and weighed. */
  strips: readonly CutPiece[];
  stock: readonly Lot[];
}>();
const { go, busy, refusal } = useSend();
const jarId = ref<string | null>(null);
const jar = computed(() => props.boxes.find((b) => b.id === jarId.value) ?? props.boxes[0] ?? null);
const honeys = computed(() =>
  props.stock
    .filter((l) => l.kind === 'honey' && l.nowG > 0)
    .sort(
      (a, b) =>
        Number(b.batchId === props.detail.batch.id) - Number(a.batchId === props.detail.batch.id) ||
        b.nowG - a.nowG,
    ),
);
const honeyId = ref<string | null>(null);
const honey = computed(
  () => honeys.value.find((l) => l.id === honeyId.value) ?? honeys.value[0] ?? null,
);
const stripMl = ref<number | null>(null);
const moisture = computed(() => between(13, 21, workingWater(props.detail).percent));
const each = computed(() =>
  props.strips.map((p) => ({
    p,
    fill: chunkJar({
      jarNetG: jar.value?.netG ?? 0,
      stripG: p.netG!,
      stripMl: stripMl.value,
      moisturePercent: moisture.value,
    }),
  })),
);
const jars = computed(() => {
  const per = each.value.length
    ? each.value.reduce((s, e) => s + e.fill.honeyG.mid, 0) / each.value.length
    : 0;
  return chunkJars({
    strips: each.value.length,
    jars: jar.value?.stock ?? 0,
    honeyG: honey.value?.nowG ?? 0,
    honeyPerJarG: per,
  });
});
const otherSeason = ref(false);
const poured = computed(() =>
  each.value
    .slice(0, jars.value.count)
    .map(({ p, fill }) => ({ pieceId: p.id, honeyG: Math.round(fill.honeyG.mid) })),
);
const fillJars = (): unknown =>
  go(
    '/chunkJars',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      jarKindId: jar.value!.id,
      honeyLotId: honey.value!.id,
      jars: poured.value,
      otherSeason: otherSeason.value,
    },
    tell('PackPanel.chunk-jars-filled', { poured: poured.value.length }),
  );
</script>

<template>
  <section class="acts">
    <h2 class="furrow-heading">{{ tell('PackPanel.chunk-jars-2') }}</h2>
    <p v-if="!strips.length" class="sub">{{ tell('PackPanel.no-strip-cut-and-weighed') }}</p>
    <template v-else>
      <label class="sub" for="chunkJar">{{ tell('common.jar') }}</label><select
        id="chunkJar"
        class="native"
        :value="jar?.id"
        @change="jarId = ($event.target as HTMLSelectElement).value"
      >
        <option v-for="b in boxes" :key="b.id" :value="b.id">
          {{ tell('PackPanel.empty', { b: b.name, stock: b.stock }) }}
        </option>
      </select>
      <label class="sub" for="honey">{{ tell('PackPanel.honey-to-pour-round-them') }}</label><select
        id="honey"
        class="native"
        :value="honey?.id"
        @change="honeyId = ($event.target as HTMLSelectElement).value"
      >
        <option v-for="l in honeys" :key="l.id" :value="l.id">
          {{ said(l.name) }}, {{ massText(l.nowG / 1000, householdUnits, 2) }}
        </option>
        <option v-if="!honeys.length" value="">
          {{ tell('PackPanel.no-honey-stands-ready') }}
        </option>
      </select>
      <NumberField
        v-model="stripMl"
        narrow
        nullable
        :label="tell('PackPanel.strip-displaces-if-you-measured')"
        unit="ml"
        :min="1"
        :max="2000"
      />
      <p v-if="each.length && jar">
        {{
          tell('PackPanel.strip-takes-about', {
            said: measured({ massG: each[0].p.netG!, as: 'read' }),
            said2: measured({
              volumeL: {
                low: each[0].fill.stripMl.low / 1000,
                high: each[0].fill.stripMl.high / 1000,
              },
            }),
          })
        }}
        <b>{{ measured({ massG: Math.round(each[0].fill.honeyG.mid), as: 'read' }) }}</b>
        {{ tell('PackPanel.honey-round-it') }}
        <b>{{ measured({ massG: Math.round(each[0].fill.netG.mid), as: 'read' }) }}</b>
        {{ tell('PackPanel.net') }}
        <b>{{ jars.count }}</b>
        {{
          tell('PackPanel.jars-then', {
            count: jars.count,
            runsOut:
              jars.runsOut === 'strips'
                ? tell('PackPanel.no-strip-left')
                : jars.runsOut === 'jars'
                  ? tell('PackPanel.no-jar-left')
                  : tell('PackPanel.honey-out'),
          })
        }}
      </p>
      <label v-if="honey && honey.batchId !== detail.batch.id" class="tick"
        ><input v-model="otherSeason" type="checkbox" /><span>{{
          tell('PackPanel.honey-another-harvest-may-go')
        }}</span></label
      >
      <Button
        :label="tell('PackPanel.fill-chunk-jars', { count: jars.count })"
        :disabled="!jars.count || !honey"
        :loading="busy"
        @click="fillJars"
      />
    </template>
    <Refusal :refusal="refusal" />
  </section>
</template>
