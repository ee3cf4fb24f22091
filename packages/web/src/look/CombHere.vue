<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  type BarView,
  type Hive,
  type Look,
  type Reading,
  type StoredFace,
  type Units,
  hiveKind,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { useUi } from '../shell/ui.js';
import CombReader from './CombReader.vue';
import PotsReader from './PotsReader.vue';
import type { LookDraft, Side } from './lookDraft.js';
import type { useLookMaking } from './useLookMaking.js';

/** What a place is read with: a comb side by side, pots counted, or the comb that was built there. */
type Faces = Record<Side, StoredFace | null>;
const props = defineProps<{
  hive: Hive;
  bar: BarView;
  /** What the place is called in full: "Bar 12", "Super 2, frame 5". */
  placeName: string;
  units: Units;
  date: string;
  /** The comb as it stands now, and the cells that were kept of it. */
  standing: Look | null;
  lastFaces: Faces | null;
  /** The look it is held against. */
  earlier: Look | null;
  earlierFaces: Faces | null;
  draft: LookDraft | null;
  making: ReturnType<typeof useLookMaking>;
}>();
const side = defineModel<Side>('side', { required: true });
const ui = useUi();
const { go, busy } = useSend();

const stacked = computed(() => props.hive.boxes.length > 0);
const countsPots = computed(() => hiveKind(props.hive.kind).bee === 'stingless');
const noPots = computed(() => ({
  honeySealed: 0,
  honeyOpen: 0,
  pollen: 0,
  empty: 0,
  potWidthMm: Number(props.hive.geometry.potWidthMm),
  potHeightMm: Number(props.hive.geometry.potHeightMm),
}));
/** So that the cells of each side are drawn in their own way, the same each time. */
const seed = computed(() => props.bar.slot * 7 + (side.value === 'A' ? 1 : 2));
const words = computed(() =>
  stacked.value
    ? {
        none: tell('CombHere.empty', { placeName: props.placeName }),
        built: tell('CombHere.comb-was-built-here'),
      }
    : {
        none: tell('CombHere.no-comb-hangs-from-bar', { slot: props.bar.slot }),
        built: tell('CombHere.comb-was-built-on-bar', { slot: props.bar.slot }),
      },
);
const combBuilt = (): Promise<unknown> =>
  go(
    '/combs',
    { id: newId(), hiveId: props.hive.id, slot: props.bar.slot, builtOn: props.date },
    stacked.value
      ? tell('CombHere.comb-noted', { placeName: props.placeName })
      : tell('CombHere.comb-on-bar-noted', { slot: props.bar.slot }),
  );
const noComb = (combId: string): Promise<unknown> =>
  go(
    `/combs/${combId}/end`,
    { reason: 'none-here' },
    tell('CombHere.has-no-comb', { placeName: props.placeName }),
  );
</script>

<template>
  <PotsReader
    v-if="countsPots && bar.comb"
    :pots="draft?.pots ?? standing?.pots ?? null"
    :fallback="noPots"
    :place-name="placeName"
    :units="units"
    @pots="making.begin().pots = $event"
  />
  <CombReader
    v-else-if="bar.comb"
    v-model:side="side"
    :hive="hive"
    :bar="bar"
    :place-name="placeName"
    :last="standing"
    :last-faces="lastFaces"
    :earlier="earlier"
    :earlier-faces="earlierFaces"
    :draft="draft"
    :seed="seed"
    :date="date"
    :keys-on="ui.keysOn"
    @shares="making.setSide"
    @start="making.startSide"
    @face="making.putFace"
    @mirror="making.mirror"
    @reading="(r: Reading) => making.begin().readings.push(r)"
    @drop-reading="making.begin().readings.splice($event, 1)"
    @measures="Object.assign(making.begin(), $event)"
    @pane="making.begin().pane = $event"
    @attachment="making.begin().attachment = $event"
    @no-comb="noComb(bar.comb.id)"
  />
  <div v-else class="nocomb">
    <p>{{ words.none }}</p>
    <Button outlined :label="words.built" :loading="busy" @click="combBuilt" />
  </div>
</template>

<style scoped>
.nocomb {
  padding: 20px 0;
  display: flex;
  gap: 20px;
  align-items: center;
  flex-wrap: wrap;
}
</style>
