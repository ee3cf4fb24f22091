<script setup lang="ts">
import { massText, volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type FrameVessel, type HouseRules, type Vessel } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import VesselPick from '../parts/VesselPick.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/**
 * The full vessel goes, another comes under its frames. That weighs nothing: the full one is
 * weighed next, or later.
 */
const props = defineProps<{
  batchId: string;
  rules: HouseRules;
  vessel: Vessel;
  /** Frames that run into it, the one in hand first. */
  frames: { combId: string; label: string }[];
  offer: Vessel[];
  held: ReadonlyMap<string, FrameVessel>;
}>();
/** `done` names the vessel that was taken away. */
const emit = defineEmits<{ done: [vesselId: string]; away: [] }>();
const { go, busy, refusal } = useSend();
const others = computed(() => props.offer.filter((v) => v.id !== props.vessel.id));
const next = ref<string | null>(others.value[0]?.id ?? null);
const moving = ref(props.frames.map((f) => f.combId));
const about = (v: Vessel): string => {
  const heldG = props.held.get(v.id)?.heldG ?? 0;
  return tell('SwapVessel.text', {
    volumeL: volumeText(v.volumeL, props.rules.units),
    heldG:
      heldG > 0
        ? tell('SwapVessel.in-it', { heldG: massText(heldG / 1000, props.rules.units) })
        : tell('SwapVessel.empty'),
  });
};
async function write(): Promise<void> {
  const takenAway = props.vessel.id;
  const done = await go(
    '/frameEvents',
    {
      id: newId(),
      batchId: props.batchId,
      combId: props.frames[0].combId,
      kind: 'swap',
      vesselId: next.value,
      alsoCombIds: moving.value.filter((id) => id !== props.frames[0].combId),
    },
    tell('SwapVessel.swapped-2', { vessel: props.vessel.name }),
  );
  if (done) emit('done', takenAway);
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <h2 class="furrow-heading">{{ tell('SwapVessel.swap', { vessel: vessel.name }) }}</h2>
    <VesselPick
      v-model="next"
      :label="tell('SwapVessel.under-it-now')"
      :rules="rules"
      :vessels="others"
      :about="about"
      role="lower"
    />
    <template v-if="frames.length > 1">
      <p class="sub">{{ tell('SwapVessel.which-hoses-go-over') }}</p>
      <label v-for="(f, i) in frames" :key="f.combId" class="check"
        ><input v-model="moving" type="checkbox" :value="f.combId" :disabled="i === 0" />
        {{ tell('SwapVessel.frame', { f: f.label }) }}</label
      >
    </template>
    <Refusal :refusal="refusal" :fields="[]" />
    <Button
      type="submit"
      class="main"
      :label="tell('SwapVessel.swapped')"
      :disabled="!next"
      :loading="busy"
    />
    <p class="sub">
      {{
        next
          ? tell('SwapVessel.then-weigh-now-or-later', { vessel: vessel.name })
          : tell('SwapVessel.choose-vessel-that-comes-under')
      }}
    </p>
    <Button text type="button" :label="tell('common.back')" @click="emit('away')" />
  </form>
</template>

<style scoped src="./atTheHive.css" />
