<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { hiveScaleCheck, weighsOut, type BatchDetail, type Units } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { newId, read } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { said } from '../words/units.js';

/**
 * A hive that stands on a scale: read before the first comb and after the last, and held against
 * what was written down.
 */
const props = defineProps<{ detail: BatchDetail; when: 'before' | 'after'; units: Units }>();
const { go, busy, refusal } = useSend();
const text = ref('');
const says = ref('');
const g = computed(() => gramsOf(text.value || '', props.units));
const readingOf = (when: 'before' | 'after'): number | null => {
  const v = props.detail.marks.find((m) => m.stepId === `hive-scale-${when}`)?.answer.hiveG;
  return typeof v === 'number' ? v : null;
};
const written = computed(() => readingOf(props.when));
const takenG = computed(() =>
  props.detail.takes.filter((t) => weighsOut(t.outcome)).reduce((sum, t) => sum + (t.netG ?? 0), 0),
);
const check = computed(() => {
  const [beforeG, afterG] = [readingOf('before'), readingOf('after')];
  return beforeG === null || afterG === null
    ? null
    : hiveScaleCheck({ beforeG, afterG, takenG: takenG.value });
});
async function readScale(): Promise<void> {
  try {
    const reading = await read(`/instruments/hive-scale?hiveId=${props.detail.hive.id}`);
    text.value = massText(reading.value / 1000, props.units);
    says.value = reading.simulated
      ? tell('HiveScale.read-from-practice-hive-scale')
      : tell('HiveScale.read-from-hive-scale');
  } catch (error) {
    says.value =
      error instanceof Error ? error.message : tell('HiveScale.hive-scale-says-nothing-type');
  }
}
const write = (): unknown =>
  go(
    '/stepMarks',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      stepId: `hive-scale-${props.when}`,
      answer: { hiveG: Math.round(g.value!) },
    },
    tell('HiveScale.hive-weighed-2', {
      when:
        props.when === 'before'
          ? tell('HiveScale.before-first-comb')
          : tell('HiveScale.after-last'),
    }),
  );
</script>

<template>
  <p
    v-if="check && when === 'after'"
    class="text"
    :class="{ caution: !check.fits }"
    :role="check.fits ? undefined : 'alert'"
  >
    {{ said(check.sentence) }}
  </p>
  <p v-else-if="written !== null" class="sub">
    {{ tell('HiveScale.hive-weighed', { written: massText(written / 1000, units, 1) })
    }}<template v-if="when === 'before'">{{
      tell('HiveScale.it-held-against-what-taken')
    }}</template
    >.
  </p>
  <details
    v-else-if="when === 'before' || readingOf('before') !== null"
    class="how"
    :open="when === 'after'"
  >
    <summary>
      {{
        when === 'before'
          ? tell('HiveScale.it-stands-on-hive-scale')
          : tell('HiveScale.read-hive-scale-again')
      }}
    </summary>
    <div class="scale">
      <TextField
        v-model="text"
        :unit="massUnit(units)"
        :label="tell('common.whole-hive-weighs')"
        :error="text && g === null ? weightSuch(41200) : null"
        :hint="says"
      /><Button outlined :label="tell('common.read-hive-scale')" @click="readScale" /><Button
        outlined
        :label="tell('common.write-it-down')"
        :disabled="g === null"
        :loading="busy"
        @click="write"
      />
    </div>
    <Refusal :refusal="refusal" />
  </details>
</template>

<style scoped>
.text {
  font-size: 20px;
}
summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
.scale {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: end;
  max-width: 640px;
}
.scale .p-button {
  min-height: 80px;
}
</style>
