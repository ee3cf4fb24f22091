<script setup lang="ts">
import { massColumn, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  isInHouse,
  type BatchDetail,
  type HouseRules,
  type JarKindRecord,
  type Lot,
} from '@furrow/core';

import { computed, ref } from 'vue';
import JarWeights from './JarWeights.vue';

/**
 * What was filled and cut of one harvest, a line a lot, its jars weighed one by one where it is
 * asked for.
 */
const props = defineProps<{
  detail: BatchDetail;
  lots: Lot[];
  jars: JarKindRecord[];
  units: HouseRules['units'];
}>();
const weighing = ref<string | null>(null);
/** The column of sums, all in one unit. */
const together = computed(() =>
  massColumn(
    props.lots.map((l) => l.inG),
    props.units,
  ),
);
const jarOf = (id: string): JarKindRecord | undefined => props.jars.find((j) => j.id === id);
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="tell('FilledTable.what-was-filled')">
    <table class="plain">
      <thead>
        <tr>
          <th>{{ tell('common.lot') }}</th>
          <th>{{ tell('common.what') }}</th>
          <th class="num">{{ tell('FilledTable.net-each') }}</th>
          <th class="num">{{ tell('common.together') }}</th>
          <th>{{ tell('common.weighed') }}</th>
          <th>{{ tell('common.labels') }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="l in lots" :key="l.id"
          ><tr>
            <td>
              {{ l.code ?? tell('FilledTable.number-comes')
              }}<small v-if="l.useBy" class="rust"
                >{{ ' ' }}{{ tell('FilledTable.use-by', { useBy: l.useBy }) }}</small
              >
            </td>
            <td>
              {{ l.count }}
              {{
                l.kind === 'jars'
                  ? tell('FilledTable.jar-word', { count: l.count ?? 0 })
                  : tell('FilledTable.piece-word', { count: l.count ?? 0 })
              }}
            </td>
            <td class="num">{{ smallMassText(l.netG ?? 0, units, 1) }}</td>
            <td class="num">{{ together(l.inG) }}</td>
            <td>
              <span v-if="!isInHouse(l)">{{ tell('FilledTable.waits-here') }}</span>
              <button
                v-else-if="l.kind === 'jars'"
                type="button"
                class="as-link"
                :aria-expanded="weighing === l.id"
                :aria-label="tell('FilledTable.weigh-jars', { code: l.code })"
                @click="weighing = weighing === l.id ? null : l.id"
              >
                {{
                  l.weights?.length
                    ? tell('FilledTable.text', { weights: l.weights.length, count: l.count })
                    : l.lowestWeighedG
                      ? tell('FilledTable.lightest', {
                          lowestWeighedG: smallMassText(l.lowestWeighedG, units, 1),
                        })
                      : tell('common.weigh')
                }}
              </button>
            </td>
            <td>
              <span v-if="!isInHouse(l)">{{ tell('FilledTable.once-house-has-it') }}</span>
              <span v-else-if="detail.holds[l.id]" class="rust">{{
                tell('FilledTable.held-back')
              }}</span>
              <a
                v-else
                :href="`/api/v1/lots/${l.id}/labels.pdf`"
                target="_blank"
                :aria-label="tell('FilledTable.label-sheet-lot', { code: l.code })"
                >{{ tell('FilledTable.pdf-sheet') }}</a
              >
            </td>
          </tr></template
        >
      </tbody>
    </table>
  </div>
  <template v-for="l in lots" :key="`w-${l.id}`"
    ><template v-if="weighing === l.id"
      ><h3 class="sub">{{ tell('FilledTable.jars-one-by-one', { code: l.code }) }}</h3>
      <JarWeights
        :lot="l"
        :units="units"
        :tare-g="jarOf(l.jarKindId ?? '')?.tareG ?? 0"
        @done="weighing = null" /></template
  ></template>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
h3 {
  margin: 8px 0 0;
  font-weight: 600;
}
small {
  display: block;
}
</style>
