<script setup lang="ts">
import { volumeText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';

import { newVesselSchema, type Vessel, type VesselRole } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { newId } from '../api/client.js';
import { useVessels } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import DialogFrame from '../parts/DialogFrame.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { householdUnits } from '../words/units.js';
import { asChange, saidOf } from './kept.js';

/** The vessels of the kit, drawn to one scale, and the dialog that makes or changes one. */
const { data: vessels } = useVessels();
const { go, busy, refusal, fieldError } = useSend();
const roles: Record<VesselRole, string> = {
  tub: tell('VesselsPanel.tub-for-comb'),
  upper: tell('VesselsPanel.upper-with-holes'),
  lower: tell('VesselsPanel.lower-for-honey'),
  settling: tell('VesselsPanel.settling-with-gate'),
};
interface VesselDraft {
  id: string | null;
  revision: number;
  name: string;
  role: VesselRole;
  volumeL: number | null;
  tareG: number | null;
  innerDiameterMm: number | null;
  headspacePercent: number | null;
  holeMm: number | null;
}
const NONE_YET: VesselDraft = {
  id: null,
  revision: 0,
  name: '',
  role: 'lower',
  volumeL: null,
  tareG: null,
  innerDiameterMm: null,
  headspacePercent: null,
  holeMm: null,
};
const vessel = ref<VesselDraft | null>(null);
function edit(v?: Vessel): void {
  refusal.value = null;
  vessel.value = { ...(v ?? NONE_YET) };
}
const isReady = computed(
  () => newVesselSchema.omit({ id: true }).safeParse(vessel.value && saidOf(vessel.value)).success,
);
async function keep(draft: VesselDraft): Promise<void> {
  const done = draft.id
    ? await go(
        `/vessels/${draft.id}`,
        saidOf(draft),
        tell('VesselsPanel.changed', { draft: draft.name }),
        asChange(draft),
      )
    : await go(
        '/vessels',
        { ...saidOf(draft), id: newId() },
        tell('VesselsPanel.in-kit', { draft: draft.name }),
      );
  if (done) vessel.value = null;
}
async function takeOut({ id, name, revision }: VesselDraft): Promise<void> {
  const said = tell('VesselsPanel.taken-out-kit', { name });
  if (await go(`/vessels/${id}/remove`, {}, said, { baseRevision: revision })) vessel.value = null;
}
/** One scale for all of them, pixels a millimetre. */
const PX_PER_MM = 0.32;
const heightPx = (v: { volumeL: number; innerDiameterMm: number }): number =>
  ((v.volumeL * 1e6) / (Math.PI * (v.innerDiameterMm / 2) ** 2)) * PX_PER_MM;
</script>

<template>
  <section class="kit">
    <h2 class="furrow-heading">{{ tell('VesselsPanel.kit-vessels') }}</h2>
    <p v-if="!vessels?.length" class="sub">
      {{ tell('VesselsPanel.none-yet-with-volume-and') }}
    </p>
    <div class="shelf">
      <button
        v-for="v in vessels"
        :key="v.id"
        type="button"
        class="vessel"
        :aria-label="tell('VesselsPanel.change', { v: v.name })"
        @click="edit(v)"
      >
        <svg
          :width="v.innerDiameterMm * PX_PER_MM + 8"
          :height="heightPx(v) + 6"
          aria-hidden="true"
        >
          <path
            :d="`M3 2V${heightPx(v)}H${v.innerDiameterMm * PX_PER_MM + 4}V2`"
            fill="var(--lime-0)"
            stroke="var(--ink)"
            stroke-width="3"
          />
        </svg>
        <b>{{ v.name }}</b><span class="sub">{{
          tell('VesselsPanel.empty', {
            volumeL: volumeText(v.volumeL, householdUnits),
            said: measured({ massG: v.tareG, as: 'read' }),
          })
        }}</span
        ><span class="sub">{{ roles[v.role] }}</span>
      </button>
    </div>
    <Button outlined :label="tell('VesselsPanel.add-vessel')" @click="edit()" />
    <DialogFrame
      :visible="vessel !== null"
      :header="vessel?.id ? tell('VesselsPanel.change-vessel') : tell('VesselsPanel.vessel')"
      :width="480"
      @update:visible="vessel = null"
    >
      <form v-if="vessel" class="acts" @submit.prevent="keep(vessel)">
        <TextField v-model="vessel.name" :label="tell('common.name')" :error="fieldError('name')" />
        <label class="sub" for="role">{{ tell('VesselsPanel.what-it-for') }}</label><select
          id="role"
          v-model="vessel.role"
          class="native"
        >
          <option v-for="(word, role) in roles" :key="role" :value="role">{{ word }}</option>
        </select>
        <NumberField
          v-model="vessel.volumeL"
          :label="tell('common.volume-to-brim')"
          unit="L"
          :max="500"
          :error="fieldError('volumeL')"
        /><NumberField
          v-model="vessel.tareG"
          :label="tell('VesselsPanel.weight-empty')"
          unit="g"
          whole
          :min="0"
          :error="fieldError('tareG')"
        /><NumberField
          v-model="vessel.innerDiameterMm"
          :label="tell('VesselsPanel.inner-width')"
          unit="mm"
          :min="30"
          :max="1500"
          :error="fieldError('innerDiameterMm')"
        />
        <details class="how">
          <summary>{{ tell('VesselsPanel.headspace-and-holes') }}</summary>
          <NumberField
            v-model="vessel.headspacePercent"
            nullable
            :label="tell('VesselsPanel.left-free-above-mark-10')"
            unit="%"
            :min="0"
            :max="60"
            :error="fieldError('headspacePercent')"
          /><NumberField
            v-model="vessel.holeMm"
            nullable
            :label="tell('common.holes-or-mesh')"
            unit="mm"
            :min="0.05"
            :max="30"
            :error="fieldError('holeMm')"
          />
        </details>
        <p class="sub">
          {{ tell('VesselsPanel.no-galvanised-copper-bare-iron') }}
        </p>
        <Refusal
          :refusal="refusal"
          :fields="['name', 'volumeL', 'tareG', 'innerDiameterMm']"
        /><Button
          type="submit"
          :label="vessel.id ? tell('common.write-it-down') : tell('common.put-it-in-kit')"
          :disabled="!isReady"
          :loading="busy"
        /><Button
          v-if="vessel.id"
          text
          type="button"
          :label="tell('common.take-it-out-kit')"
          @click="takeOut(vessel)"
        />
      </form>
    </DialogFrame>
  </section>
</template>

<style scoped>
.kit {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
.kit > h2 {
  width: 100%;
}
.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: flex-end;
}
.vessel {
  display: flex;
  flex-direction: column;
  align-items: center;
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  cursor: pointer;
  padding: 4px;
  border-radius: 6px;
}
.vessel:hover {
  background: var(--field-wash);
}
</style>
