<script setup lang="ts">
import { type BatchDetail, type HouseRules, type JarKindRecord, type Lot } from '@furrow/core';
import { massColumn, smallMassText } from '@furrow/words';
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
  <div class="scroll" tabindex="0" role="region" aria-label="What was filled">
    <table class="plain">
      <thead>
        <tr>
          <th>Lot</th>
          <th>What</th>
          <th class="num">Net, each</th>
          <th class="num">Together</th>
          <th>Weighed</th>
          <th>Labels</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="l in lots" :key="l.id"
          ><tr>
            <td>
              {{ l.code }}<small v-if="l.useBy" class="rust"> use by {{ l.useBy }}</small>
            </td>
            <td>
              {{ l.count }}
              {{
                l.kind === 'jars'
                  ? l.count === 1
                    ? 'jar'
                    : 'jars'
                  : l.count === 1
                    ? 'piece'
                    : 'pieces'
              }}
            </td>
            <td class="num">{{ smallMassText(l.netG ?? 0, units, 1) }}</td>
            <td class="num">{{ together(l.inG) }}</td>
            <td>
              <button
                v-if="l.kind === 'jars'"
                type="button"
                class="as-link"
                :aria-expanded="weighing === l.id"
                :aria-label="`Weigh the jars of ${l.code}`"
                @click="weighing = weighing === l.id ? null : l.id"
              >
                {{
                  l.weights?.length
                    ? `${l.weights.length} of ${l.count}`
                    : l.lowestWeighedG
                      ? `lightest ${smallMassText(l.lowestWeighedG, units, 1)}`
                      : 'Weigh…'
                }}
              </button>
            </td>
            <td>
              <span v-if="detail.holds[l.id]" class="rust">held back</span>
              <a
                v-else
                :href="`/api/v1/lots/${l.id}/labels.pdf`"
                target="_blank"
                :aria-label="`Label sheet of lot ${l.code}`"
                >PDF sheet</a
              >
            </td>
          </tr></template
        >
      </tbody>
    </table>
  </div>
  <template v-for="l in lots" :key="`w-${l.id}`"
    ><template v-if="weighing === l.id"
      ><h3 class="sub">Jars of {{ l.code }}, one by one</h3>
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
