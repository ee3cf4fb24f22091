<script setup lang="ts">
import { type FrameVessel, type HouseRules, type Vessel } from '@furrow/core';
import { massText, volumeText } from '@furrow/words';
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
  return `, ${volumeText(v.volumeL, props.rules.units)}${heldG > 0 ? `, ${massText(heldG / 1000, props.rules.units)} in it` : ', empty'}`;
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
    `${props.vessel.name} swapped.`,
  );
  if (done) emit('done', takenAway);
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <h2 class="furrow-heading">Swap {{ vessel.name }}</h2>
    <VesselPick
      v-model="next"
      label="Under it now"
      :rules="rules"
      :vessels="others"
      :about="about"
      role="lower"
    />
    <template v-if="frames.length > 1">
      <p class="sub">Which hoses go over?</p>
      <label v-for="(f, i) in frames" :key="f.combId" class="check"
        ><input v-model="moving" type="checkbox" :value="f.combId" :disabled="i === 0" /> Frame
        {{ f.label }}</label
      >
    </template>
    <Refusal :refusal="refusal" :fields="[]" />
    <Button type="submit" class="main" label="Swapped" :disabled="!next" :loading="busy" />
    <p class="sub">
      {{
        next
          ? `Then weigh ${vessel.name}: now, or later.`
          : 'Choose the vessel that comes under it.'
      }}
    </p>
    <Button text type="button" label="Back" @click="emit('away')" />
  </form>
</template>

<style scoped>
.check {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 64px;
  font-size: 18px;
}
.check input {
  width: 32px;
  height: 32px;
}
.main {
  min-height: 108px !important;
  font: 600 28px var(--display) !important;
  width: 100%;
}
</style>
