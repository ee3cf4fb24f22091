<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type HouseRules, type JarKindRecord, type Vessel, between } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref, useId } from 'vue';
import { newId } from '../api/client.js';
import { useJars } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import NumberField from './NumberField.vue';
import Refusal from './Refusal.vue';
import { gramsOf, massUnit, weightSuch } from './massUnit.js';
import TextField from './TextField.vue';

/**
 * Which vessel: one of the kit, a jar of the kit, or one that is not in the kit yet and is put into
 * it here.
 */
const props = defineProps<{
  label: string;
  rules: HouseRules;
  /** In the order in which they are offered. */
  vessels: Vessel[];
  /** What stands behind a vessel's name. */
  about: (vessel: Vessel) => string;
  role: Vessel['role'];
  hideLabel?: boolean;
  /** What it says where none need be named; without it one has to be chosen. */
  noneText?: string;
  /** Jars of the kit are not offered. */
  noJars?: boolean;
}>();
const chosen = defineModel<string | null>({ required: true });
const { data: jars } = useJars();
const { go, busy, refusal, fieldError } = useSend();
const fieldId = useId();
const adding = ref(false);
const [name, emptyText] = [ref(''), ref('')];
const volumeL = ref<number | null>(null);
/** Of a bucket with holes or a strainer; a vessel that holds honey has none. */
const holeMm = ref<number | null>(null);
const emptyG = computed(() => {
  const g = gramsOf(emptyText.value, props.rules.units);
  return g === null ? null : Math.round(g);
});
const jarKinds = computed(() =>
  (props.noJars ? [] : (jars.value ?? [])).filter(
    (j) => j.purpose === 'jar' && !props.vessels.some((v) => v.name === jarName(j)),
  ),
);
const jarName = (jar: JarKindRecord): string => tell('VesselPick.jar', { jar: jar.name });
/**
 * Vessels are about as wide as they are high where nobody measured them; only the drawing goes by
 * it.
 */
const widthMm = (litres: number): number =>
  between(30, 1500, Math.round(Math.cbrt((4 * litres * 1e6) / Math.PI)));
async function put(vessel: {
  name: string;
  volumeL: number;
  tareG: number;
  holeMm?: number | null;
}): Promise<void> {
  const id = newId();
  const done = await go(
    '/vessels',
    { id, role: props.role, innerDiameterMm: widthMm(vessel.volumeL), ...vessel },
    tell('VesselPick.in-kit', { vessel: vessel.name }),
  );
  if (!done) return;
  chosen.value = id;
  adding.value = false;
  name.value = emptyText.value = '';
  volumeL.value = holeMm.value = null;
}
const JAR = 'jar:';
function pick(value: string): void {
  if (value === 'another') return void (adding.value = true);
  adding.value = false;
  const jar = jarKinds.value.find((j) => value === JAR + j.id);
  if (!jar) return void (chosen.value = value || null);
  // A jar without a volume holds its honey at 1.4 kg a litre.
  const litres = jar.volumeMl ? jar.volumeMl / 1000 : jar.netG / 1400;
  void put({ name: jarName(jar), volumeL: litres, tareG: jar.tareG });
}
const missing = computed(() => {
  if (!name.value.trim()) return tell('common.give-it-name');
  if (!volumeL.value) return tell('VesselPick.how-many-litres-does-it');
  return emptyG.value === null ? tell('common.what-does-it-weigh-empty') : null;
});
</script>

<template>
  <div class="pick">
    <label class="sub" :class="{ 'visually-hidden': hideLabel }" :for="fieldId">{{ label }}</label>
    <select
      :id="fieldId"
      class="native"
      :value="adding ? 'another' : (chosen ?? '')"
      @change="pick(($event.target as HTMLSelectElement).value)"
    >
      <option value="" :disabled="!noneText">
        {{ noneText ?? tell('VesselPick.choose-vessel') }}
      </option>
      <option v-for="v in vessels" :key="v.id" :value="v.id">{{ v.name }}{{ about(v) }}</option>
      <option v-for="j in jarKinds" :key="j.id" :value="JAR + j.id">
        {{ jarName(j) }}, {{ massText(j.netG / 1000, rules.units, 2) }}
      </option>
      <option value="another">{{ tell('VesselPick.another-vessel') }}</option>
    </select>
    <div v-if="adding" class="acts another">
      <TextField v-model="name" :label="tell('common.its-name')" :error="fieldError('name')" />
      <NumberField
        v-model="volumeL"
        nullable
        :label="tell('VesselPick.holds-to-brim')"
        unit="L"
        :min="0.01"
        :max="500"
        :error="fieldError('volumeL')"
      />
      <TextField
        v-model="emptyText"
        :unit="massUnit(rules.units)"
        :label="tell('VesselPick.empty-it-weighs')"
        :error="fieldError('tareG') ?? (emptyText && emptyG === null ? weightSuch(300) : null)"
      />
      <NumberField
        v-if="role === 'upper'"
        v-model="holeMm"
        nullable
        :label="tell('common.holes-or-mesh')"
        unit="mm"
        :min="0.05"
        :max="30"
        :error="fieldError('holeMm')"
      />
      <Refusal :refusal="refusal" :fields="['name', 'volumeL', 'tareG', 'holeMm']" />
      <Button
        type="button"
        :label="tell('common.put-it-into-kit')"
        :disabled="missing !== null"
        :loading="busy"
        @click="put({ name: name.trim(), volumeL: volumeL!, tareG: emptyG!, holeMm })"
      />
      <p v-if="missing" class="sub">{{ missing }}</p>
    </div>
  </div>
</template>

<style scoped>
.pick {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
.native {
  min-height: 64px;
  font-size: 18px;
}
.another {
  border-left: 5px solid var(--field);
  padding-left: 12px;
  margin-top: 8px;
}
</style>
