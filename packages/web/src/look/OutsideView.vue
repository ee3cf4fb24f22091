<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  { label: tell('OutsideView.capped-to-edge'), value: 'capped-below' },
  { label: tell('OutsideView.open-at-edge'), value: 'open-below' },
];
const now = computed<Pane>(() => props.pane ?? { capped: 0, open: 0, empty: 0 });
const all = computed(() => now.value.capped + now.value.open + now.value.empty);
const reading = computed(() => (all.value ? paneReading(now.value) : null));
const rows = [
  ['capped', tell('common.capped')],
  ['open', tell('common.open')],
  ['empty', tell('common.empty')],
] as const;
const p = (share: number): number => Math.round(share * 100);
const more = (key: keyof Pane, by: number): void =>
  emit('pane', { ...now.value, [key]: Math.max(0, now.value[key] + by) });
</script>

<template>
  <div v-if="byPane" class="outside">
    <EndPane :pane="now" @pane="emit('pane', $event)" />
    <div class="counts">
      <p>
        <b>{{ tell('OutsideView.draw-edge-caps-down-to') }}</b>
      </p>
      <div v-for="[key, word] in rows" :key="key" class="row">
        <button
          type="button"
          :aria-label="tell('OutsideView.one-less', { word: word.toLowerCase() })"
          @click="more(key, -1)"
        >
          −</button
        ><b>{{ now[key] }}</b
        ><button
          type="button"
          :aria-label="tell('OutsideView.one-more', { word: word.toLowerCase() })"
          @click="more(key, 1)"
        >
          +</button
        ><span>{{ word.toLowerCase() }}</span>
      </div>
      <p v-if="reading">
        <b>{{
          tell('OutsideView.filled', { low: p(reading.filled.low), high: p(reading.filled.high) })
        }}</b>{{
          tell('OutsideView.that-capped-if-rest-like', {
            low: p(reading.cappedOfHoney.low),
            high: p(reading.cappedOfHoney.high),
            all,
          })
        }}
      </p>
      <p class="sub">
        {{ tell('OutsideView.few-cells-at-end-are') }}
      </p>
    </div>
  </div>
  <FromBelow v-else-if="!byWindow && boxId" :key="boxId" :hive="hive" :box-id="boxId" />
  <div v-else-if="!byWindow" class="outside">
    <div class="counts">
      <p>
        <b>{{ tell('OutsideView.look-at-it-from-below') }}</b>
      </p>
      <SelectButton
        :model-value="attachment"
        :options="below"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('OutsideView.its-lower-edge-seen-from')"
        @update:model-value="emit('attachment', $event)"
      />
      <p class="sub">
        {{ tell('OutsideView.lower-edge-capped-last-capped') }}
      </p>
    </div>
  </div>
  <div v-else class="outside">
    <svg
      width="200"
      height="150"
      viewBox="0 0 200 150"
      role="img"
      :aria-label="tell('OutsideView.combs-edge-at-window')"
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
      <p>
        <b>{{ tell('OutsideView.how-it-fastened-at-window') }}</b>
      </p>
      <SelectButton
        :model-value="attachment"
        :options="[
          { label: tell('OutsideView.broad'), value: 'broad' },
          { label: tell('OutsideView.narrow'), value: 'narrow' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('OutsideView.side-attachments-seen-through-window')"
        @update:model-value="emit('attachment', $event)"
      />
      <p>
        {{
          attachment === 'broad'
            ? tell('OutsideView.guess-honey-full-combs-are')
            : attachment === 'narrow'
              ? tell('OutsideView.guess-brood-bees-leave-way')
              : tell('OutsideView.broad-attachments-carry-honey-narrow')
        }}
      </p>
      <SelectButton
        v-if="kind.seenBy.includes('below')"
        :model-value="attachment"
        :options="below"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('OutsideView.its-lower-edge-seen-from')"
        @update:model-value="emit('attachment', $event)"
      />
      <p class="sub">{{ tell('OutsideView.guess-through-glass-marked-as') }}</p>
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
