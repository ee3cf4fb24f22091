<script setup lang="ts">
import { smallMassRangeText, volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { potsEstimate, type Pots, type Units } from '@furrow/core';

import { computed } from 'vue';
import NumberField from '../parts/NumberField.vue';

/**
 * A group of honey pots counted from above; the brood stays closed. Touch a kind to add one, or a
 * pot to take it away.
 */
const props = defineProps<{
  pots: Pots | null;
  fallback: Pots;
  placeName: string;
  units: Units;
}>();
const emit = defineEmits<{ pots: [pots: Pots] }>();
const now = computed(() => props.pots ?? props.fallback);
const kinds = [
  ['honeySealed', tell('PotsReader.sealed'), 'capped'],
  ['honeyOpen', tell('PotsReader.open'), 'open'],
  ['pollen', tell('PotsReader.pollen'), 'pollen'],
  ['empty', tell('PotsReader.empty'), 'empty'],
] as const;
type Key = (typeof kinds)[number][0];
const set = (key: Key, n: number): void =>
  emit('pots', { ...now.value, [key]: Math.max(0, Math.min(500, n)) });
const estimate = computed(() => potsEstimate(now.value));
/** Pots as they stand in a group seen from above, to scale, each kind in its pattern. */
const drawn = computed(() => {
  const list = kinds.flatMap(([key, , pattern]) =>
    Array.from({ length: now.value[key] }, () => ({ key, pattern })),
  );
  const w = Math.min(40, now.value.potWidthMm * 1.35);
  const across = Math.max(1, Math.floor(430 / (w + 3)));
  const pots = list.map((p, i) => ({
    ...p,
    x: w / 2 + 8 + (i % across) * (w + 3) + (Math.floor(i / across) % 2 ? w / 2 : 0),
    y: w / 2 + 10 + Math.floor(i / across) * w * 0.94,
  }));
  return { w, pots, height: Math.max(pots.length ? 150 : 64, (pots.at(-1)?.y ?? 0) + w) };
});
</script>

<template>
  <div class="pots">
    <p class="caution">
      {{ tell('PotsReader.look-from-above-only-and') }}
    </p>
    <svg
      :width="470"
      :height="drawn.height"
      :viewBox="`0 0 470 ${drawn.height}`"
      role="group"
      :aria-label="
        tell('PotsReader.from-above-sealed-open-pollen', {
          placeName,
          honeySealed: now.honeySealed,
          honeyOpen: now.honeyOpen,
          pollen: now.pollen,
          empty: now.empty,
        })
      "
    >
      <rect
        x="2"
        y="2"
        width="466"
        :height="drawn.height - 4"
        rx="6"
        fill="var(--lime-2)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
      <ellipse
        v-for="(p, i) in drawn.pots"
        :key="i"
        class="pot"
        :cx="p.x"
        :cy="p.y"
        :rx="drawn.w / 2"
        :ry="drawn.w / 2.15"
        :fill="`url(#p-${p.pattern})`"
        stroke="var(--ink)"
        stroke-width="1.2"
        @click="set(p.key, now[p.key] - 1)"
      />
      <text
        v-if="!drawn.pots.length"
        x="235"
        :y="drawn.height / 2 + 6"
        text-anchor="middle"
        font-size="17"
        font-weight="700"
      >
        {{ tell('PotsReader.no-pots-counted-yet') }}
      </text>
    </svg>
    <div class="counts">
      <div v-for="[key, word, pattern] in kinds" :key="key" class="row">
        <button
          type="button"
          :aria-label="tell('PotsReader.one-pot-less', { word })"
          @click="set(key, now[key] - 1)"
        >
          −
        </button>
        <b>{{ now[key] }}</b>
        <button
          type="button"
          :aria-label="tell('PotsReader.one-pot-more', { word })"
          @click="set(key, now[key] + 1)"
        >
          +
        </button>
        <svg width="22" height="22" aria-hidden="true">
          <ellipse
            cx="11"
            cy="11"
            rx="10"
            ry="9.5"
            :fill="`url(#p-${pattern})`"
            stroke="var(--ink)"
          /></svg
        ><span>{{ word }}</span>
        <button
          type="button"
          class="ten"
          :aria-label="tell('PotsReader.ten-pots-more', { word })"
          @click="set(key, now[key] + 10)"
        >
          +10
        </button>
      </div>
      <p>
        <b>{{
          tell('PotsReader.in-sealed-pots', {
            smallMassRangeText: smallMassRangeText(
              { low: estimate.sealedKg.low * 1000, mid: 0, high: estimate.sealedKg.high * 1000 },
              units,
            ),
          })
        }}</b>{{
          tell('PotsReader.pot-to-its-wall', { potMl: volumeText(estimate.potMl / 1000, units) })
        }}
      </p>
      <div class="size">
        <NumberField
          :label="tell('PotsReader.pot-width')"
          unit="mm"
          :min="8"
          :max="50"
          :model-value="now.potWidthMm"
          @update:model-value="
            $event && $event >= 8 && $event <= 50 && emit('pots', { ...now, potWidthMm: $event })
          "
        /><NumberField
          :label="tell('PotsReader.pot-height')"
          unit="mm"
          :min="8"
          :max="60"
          :model-value="now.potHeightMm"
          @update:model-value="
            $event && $event >= 8 && $event <= 60 && emit('pots', { ...now, potHeightMm: $event })
          "
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.pots {
  display: flex;
  gap: 8px 24px;
  flex-wrap: wrap;
}
.caution {
  flex-basis: 100%;
  margin: 0;
  border-left: 5px solid var(--rust);
  padding: 2px 10px;
}
.pots > svg {
  max-width: 100%;
  height: auto;
}
.pot {
  cursor: pointer;
}
.counts {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.row {
  display: flex;
  align-items: center;
  gap: 10px;
}
.row b {
  min-width: 36px;
  text-align: center;
  font-size: 22px;
}
.row span {
  min-width: 56px;
}
.row button {
  min-width: 64px;
  min-height: 64px;
  font: 700 22px var(--text);
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  color: inherit;
  cursor: pointer;
}
.row .ten {
  font-size: 17px;
}
.size {
  display: grid;
  grid-template-columns: 130px 130px;
  gap: 12px;
}
</style>
