<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  edgeLooks,
  nextEdge,
  type LowerEdge,
  type Hive,
  firstOf,
  type CombPlace,
  hasComb,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { useDraft } from '../shell/draft.js';
import { beginDraft, lookPayload } from './lookDraft.js';

/**
 * A box tilted up: the lower edges of its combs side by side, each touched until it says what is
 * seen.
 */
const props = defineProps<{ hive: Hive; boxId: string }>();
const { go, busy, refusal } = useSend();
const box = computed(() => firstOf(props.hive.boxes, (b) => b.carrierId === props.boxId));
const combs = computed<CombPlace[]>(() => {
  const inOrder = props.hive.bars
    .filter(hasComb)
    .filter((b) => b.boxId === props.boxId)
    .sort((a, b) => a.inBox - b.inBox);
  return box.value.turned ? inOrder.reverse() : inOrder;
});
const { draft: seen } = useDraft<Record<string, LowerEdge>>(`below.${props.boxId}`, () => ({}));
const WORDS: Record<LowerEdge, string> = {
  capped: tell('FromBelow.capped'),
  open: tell('FromBelow.open'),
};
const [PITCH, HEIGHT, GAP] = [44, 150, 7];
const edgeOf = (b: CombPlace): LowerEdge | null => seen.value[b.comb.id] ?? null;
const says = (b: CombPlace): string => {
  const edge = edgeOf(b);
  return tell('FromBelow.place', {
    inBox: b.inBox,
    edge: edge
      ? tell('FromBelow.at-its-lower-edge', { edge: WORDS[edge] })
      : tell('FromBelow.not-seen'),
  });
};
function touch(b: CombPlace): void {
  const { [b.comb.id]: before, ...rest } = seen.value;
  const edge = nextEdge(before ?? null);
  seen.value = edge ? { ...rest, [b.comb.id]: edge } : rest;
}
const all = (edge: LowerEdge): void =>
  void (seen.value = Object.fromEntries(combs.value.map((b) => [b.comb.id, edge])));
const count = computed(() => combs.value.filter(edgeOf).length);
async function write(): Promise<void> {
  const looks = edgeLooks(seen.value, combs.value).map(({ bar, attachment }) =>
    lookPayload({ ...beginDraft(props.hive, bar), attachment }, newId()),
  );
  const done = await go(
    '/looks/several',
    { looks },
    tell('FromBelow.box-seen-from-below-combs', { number: box.value.number, looks: looks.length }),
  );
  if (done) seen.value = {};
}
</script>

<template>
  <div class="below">
    <p>
      <b>{{ tell('FromBelow.box-tilted-up-touch-each', { number: box.number }) }}</b>
    </p>
    <svg
      :width="combs.length * PITCH + 16"
      :height="HEIGHT + 34"
      :viewBox="`0 0 ${combs.length * PITCH + 16} ${HEIGHT + 34}`"
      role="group"
      :aria-label="tell('FromBelow.lower-edges-box', { number: box.number })"
    >
      <rect
        x="2"
        y="2"
        :width="combs.length * PITCH + 12"
        :height="HEIGHT + 8"
        fill="var(--wood)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <g
        v-for="(b, i) in combs"
        :key="b.carrierId"
        role="button"
        tabindex="0"
        :aria-label="says(b)"
        @click="touch(b)"
        @keydown.enter.prevent="touch(b)"
        @keydown.space.prevent="touch(b)"
      >
        <rect
          class="touch"
          :x="8 + i * PITCH"
          y="2"
          :width="PITCH"
          :height="HEIGHT + 30"
          fill="transparent"
        />
        <rect
          class="edge"
          :x="8 + i * PITCH + GAP"
          y="8"
          :width="PITCH - 2 * GAP"
          :height="HEIGHT - 4"
          rx="5"
          :fill="edgeOf(b) ? `url(#p-${edgeOf(b)})` : 'var(--lime-0)'"
          stroke="var(--ink)"
          stroke-width="1.5"
          :stroke-dasharray="edgeOf(b) ? undefined : '4 3'"
        />
        <text
          v-if="!edgeOf(b)"
          :x="8 + (i + 0.5) * PITCH"
          :y="HEIGHT / 2 + 8"
          text-anchor="middle"
          class="mark"
        >
          ?
        </text>
        <text :x="8 + (i + 0.5) * PITCH" :y="HEIGHT + 29" text-anchor="middle" class="number">
          {{ b.inBox }}
        </text>
      </g>
    </svg>
    <div class="line">
      <Button outlined :label="tell('FromBelow.all-capped-to-edge')" @click="all('capped')" />
      <Button outlined :label="tell('FromBelow.all-open-at-edge')" @click="all('open')" />
    </div>
    <p class="sub">
      {{ tell('FromBelow.one-touch-capped-to-edge') }}
    </p>
    <Refusal :refusal="refusal" />
    <Button
      v-if="count"
      :label="tell('FromBelow.write-down-from-below', { count, combs: combs.length })"
      :loading="busy"
      @click="write"
    />
  </div>
</template>

<style scoped>
.below {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 8px 0;
  max-width: 100%;
}
svg {
  max-width: 100%;
  height: auto;
}
svg [role='button'] {
  cursor: pointer;
}
svg [role='button']:focus-visible .edge {
  stroke-width: 4;
}
.number {
  font: 600 15px var(--text);
  fill: var(--ink);
}
.mark {
  font: 700 20px var(--text);
  fill: var(--ink);
}
.line {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.below :deep(.p-button) {
  min-height: 64px;
}
</style>
