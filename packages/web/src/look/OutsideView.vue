<script setup lang="ts">
import { paneReading, type Attachment, type Hive, type HiveKind, type Pane } from '@furrow/core';
import SelectButton from 'primevue/selectbutton';
import { computed } from 'vue';
import EndPane from './EndPane.vue';
import FromBelow from './FromBelow.vue';

/**
 * What a window or an end pane shows: side attachments, or a few cells. It gives a guess or a
 * range, never a reading.
 */
const props = defineProps<{
  hive: Hive;
  /** The box whose combs are seen together; null where combs hang in a file. */
  boxId: string | null;
  kind: HiveKind;
  pane: Pane | null;
  attachment: Attachment | null;
}>();
const emit = defineEmits<{ pane: [pane: Pane]; attachment: [attachment: Attachment] }>();
const byPane = computed(() => props.kind.seenBy.includes('end-pane'));
const byWindow = computed(() => props.kind.seenBy.includes('window'));
const below = [
  { label: 'Capped to the edge', value: 'capped-below' },
  { label: 'Open at the edge', value: 'open-below' },
];
const now = computed<Pane>(() => props.pane ?? { capped: 0, open: 0, empty: 0 });
const all = computed(() => now.value.capped + now.value.open + now.value.empty);
const reading = computed(() => (all.value ? paneReading(now.value) : null));
const rows = [
  ['capped', 'Capped'],
  ['open', 'Open'],
  ['empty', 'Empty'],
] as const;
const p = (share: number): number => Math.round(share * 100);
const more = (key: keyof Pane, by: number): void =>
  emit('pane', { ...now.value, [key]: Math.max(0, now.value[key] + by) });
</script>

<template>
  <div v-if="byPane" class="outside">
    <EndPane :pane="now" @pane="emit('pane', $event)" />
    <div class="counts">
      <p><b>Draw the edge of the caps down to where you see it, or count the cells.</b></p>
      <div v-for="[key, word] in rows" :key="key" class="row">
        <button type="button" :aria-label="`One less ${word.toLowerCase()}`" @click="more(key, -1)">
          −</button
        ><b>{{ now[key] }}</b
        ><button type="button" :aria-label="`One more ${word.toLowerCase()}`" @click="more(key, 1)">
          +</button
        ><span>{{ word.toLowerCase() }}</span>
      </div>
      <p v-if="reading">
        <b>{{ p(reading.filled.low) }}–{{ p(reading.filled.high) }} % filled</b>, of that
        {{ p(reading.cappedOfHoney.low) }}–{{ p(reading.cappedOfHoney.high) }} % capped, if the rest
        is like these {{ all }} cells.
      </p>
      <p class="sub">
        A few cells at the end are no certainty: the faces you do not see stay unknown, and the
        range stays wide.
      </p>
    </div>
  </div>
  <FromBelow v-else-if="!byWindow && boxId" :key="boxId" :hive="hive" :box-id="boxId" />
  <div v-else-if="!byWindow" class="outside">
    <div class="counts">
      <p><b>Look at it from below, the box tilted up or turned over.</b></p>
      <SelectButton
        :model-value="attachment"
        :options="below"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Its lower edge, seen from below"
        @update:model-value="emit('attachment', $event)"
      />
      <p class="sub">
        The lower edge is capped last: capped there, the rest likely is. A guess, marked as one; it
        never makes a comb ripe.
      </p>
    </div>
  </div>
  <div v-else class="outside">
    <svg
      width="200"
      height="150"
      viewBox="0 0 200 150"
      role="img"
      aria-label="The comb's edge at the window"
    >
      <rect width="200" height="150" fill="var(--lime-0)" stroke="var(--ink)" stroke-width="2" />
      <path
        :d="
          attachment === 'narrow'
            ? 'M70 0h60v60q-6 40 -18 90h-24q-12 -50 -18 -90Z'
            : 'M50 0h100v130q-10 20 -20 20h-60q-10 0 -20 -20Z'
        "
        :fill="
          attachment === 'narrow'
            ? 'url(#p-brood)'
            : attachment === 'broad'
              ? 'url(#p-capped)'
              : 'var(--lime-2)'
        "
        stroke="var(--ink)"
        stroke-width="1.5"
        stroke-dasharray="4 3"
      />
    </svg>
    <div class="counts">
      <p><b>How is it fastened at the window?</b></p>
      <SelectButton
        :model-value="attachment"
        :options="[
          { label: 'Broad', value: 'broad' },
          { label: 'Narrow', value: 'narrow' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Side attachments seen through the window"
        @update:model-value="emit('attachment', $event)"
      />
      <p>
        {{
          attachment === 'broad'
            ? 'Guess: honey. Full combs are fastened broadly to the wall.'
            : attachment === 'narrow'
              ? 'Guess: brood. Bees leave a way round the brood.'
              : 'Broad attachments carry honey, narrow ones brood.'
        }}
      </p>
      <SelectButton
        v-if="kind.seenBy.includes('below')"
        :model-value="attachment"
        :options="below"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Its lower edge, seen from below"
        @update:model-value="emit('attachment', $event)"
      />
      <p class="sub">A guess through glass, marked as one. It never makes a comb ripe.</p>
    </div>
  </div>
</template>

<style scoped>
.outside {
  display: flex;
  gap: 24px;
  align-items: flex-start;
  flex-wrap: wrap;
  padding: 8px 0;
}
.counts {
  display: flex;
  flex-direction: column;
  gap: 8px;
  max-width: 420px;
}
.row {
  display: flex;
  gap: 12px;
  align-items: center;
}
.row b {
  min-width: 32px;
  text-align: center;
  font-size: 22px;
}
.row button {
  min-width: 64px;
  min-height: 64px;
  font: 700 24px var(--text);
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  color: inherit;
  cursor: pointer;
}
</style>
