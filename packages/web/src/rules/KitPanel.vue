<script setup lang="ts">
import {
  SHAPE_WORDS,
  fillLine,
  honeyDensityKgPerL,
  newJarKindSchema,
  netVolumeMl,
  newVesselSchema,
  volumeQuestion,
  type JarKindRecord,
  type PieceShape,
  type Vessel,
  type VesselRole,
} from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../server/client.js';
import GearPanel from './GearPanel.vue';
import InstrumentsPanel from './InstrumentsPanel.vue';
import { useJars, useRules, useVessels } from '../server/queries.js';
import { useSend } from '../server/useSend.js';
import { said } from '../shell/units.js';

const { data: vessels } = useVessels();
const { data: jars } = useJars();
const { data: rules } = useRules();
const { go, busy, refusal, fieldError } = useSend();
const roles: Record<VesselRole, string> = {
  tub: 'Tub for comb',
  upper: 'Upper, with holes',
  lower: 'Lower, for honey',
  settling: 'Settling, with gate',
};
type VesselDraft = {
  id: string | null;
  revision: number;
  name: string;
  role: VesselRole;
  volumeL: number | null;
  tareG: number | null;
  innerDiameterMm: number | null;
  headspacePercent: number | null;
  holeMm: number | null;
};
type JarDraft = {
  id: string | null;
  revision: number;
  name: string;
  purpose: JarKindRecord['purpose'];
  cost: number | null;
  netG: number | null;
  tareG: number | null;
  stock: number | null;
  value: number | null;
  volumeMl: number | null;
  lid: string;
  widthMm: number | null;
  heightMm: number | null;
  depthMm: number | null;
  shape: PieceShape;
  minG: number | null;
  maxG: number | null;
};
const purposes: Record<JarKindRecord['purpose'], string> = {
  jar: 'Honey',
  chunk: 'Comb and honey',
  piece: 'A piece of comb',
  sample: 'A sample of comb',
};
const vessel = ref<VesselDraft | null>(null);
const jar = ref<JarDraft | null>(null);
const editVessel = (v?: Vessel): void => {
  refusal.value = null;
  vessel.value = v
    ? { ...v }
    : {
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
};
const editJar = (j?: JarKindRecord): void => {
  refusal.value = null;
  jar.value = j
    ? { ...j, volumeMl: j.volumeMl ?? null, lid: j.lid ?? '' }
    : {
        id: null,
        revision: 0,
        name: '',
        purpose: 'jar',
        cost: 0,
        netG: null,
        tareG: null,
        stock: null,
        value: 0,
        volumeMl: null,
        lid: '',
        widthMm: null,
        heightMm: null,
        depthMm: null,
        shape: 'rectangle',
        minG: null,
        maxG: null,
      };
};
/** Whether the net weight goes with the volume the jar is sold by. */
const volumeSays = computed(() => {
  const j = jar.value;
  return j && j.purpose === 'jar' && j.netG && j.volumeMl
    ? volumeQuestion(j.netG, j.volumeMl, 18)
    : null;
});
/** How much of its room the net weight takes. */
const netRoom = computed(() => {
  const j = jar.value;
  if (!j?.netG || !j.volumeMl) return '';
  const ml = netVolumeMl(j.netG, 18);
  const left = Math.round(100 - (ml / j.volumeMl) * 100);
  return ` Its ${said(`${j.netG} g`)} fill ${ml.toFixed(0)} ml${left >= 0 ? ` and leave ${left} % free` : ''}.`;
});
/** Where the net weight stands in a jar whose inside is known. */
const line = computed(() => {
  const j = jar.value;
  return j && j.purpose === 'jar' && j.netG && j.widthMm && j.depthMm
    ? fillLine({
        netG: j.netG,
        moisturePercent: 18,
        innerDiameterMm: j.widthMm,
        innerDepthMm: j.depthMm,
      })
    : null;
});
const vesselReady = computed(
  () => newVesselSchema.omit({ id: true }).safeParse(strip(vessel.value)).success,
);
const jarReady = computed(
  () => newJarKindSchema.omit({ id: true }).safeParse(strip(jar.value)).success,
);
function strip(draft: VesselDraft | JarDraft | null): Record<string, unknown> {
  const {
    id: _id,
    revision: _revision,
    ...rest
  } = { ...(draft ?? { id: null, revision: 0 }) } as Record<string, unknown>;
  delete rest.recordedAt;
  return rest;
}
async function keep(path: '/vessels' | '/jars', draft: VesselDraft | JarDraft): Promise<void> {
  const done = draft.id
    ? await go(`${path}/${draft.id}`, strip(draft), `${draft.name} changed.`, {
        method: 'PATCH',
        baseRevision: draft.revision,
      })
    : await go(path, { ...strip(draft), id: newId() }, `${draft.name} is in the kit.`);
  if (done) vessel.value = jar.value = null;
}
async function takeOut(path: '/vessels' | '/jars', draft: VesselDraft | JarDraft): Promise<void> {
  const done = await go(`${path}/${draft.id}/remove`, {}, `${draft.name} taken out of the kit.`, {
    baseRevision: draft.revision,
  });
  if (done) vessel.value = jar.value = null;
}
/** Vessels drawn to one scale, 0.32 px a millimetre. */
const h = (v: { volumeL: number; innerDiameterMm: number }): number =>
  ((v.volumeL * 1e6) / (Math.PI * (v.innerDiameterMm / 2) ** 2)) * 0.32;
</script>

<template>
  <section class="kit">
    <h2 class="furrow-heading">Kit: vessels</h2>
    <p v-if="!vessels?.length" class="sub">
      None yet. With volume and tare Furrow knows what holds what, and what it weighs empty.
    </p>
    <div class="shelf">
      <button
        v-for="v in vessels"
        :key="v.id"
        type="button"
        class="vessel"
        :aria-label="`Change ${v.name}`"
        @click="editVessel(v)"
      >
        <svg :width="v.innerDiameterMm * 0.32 + 8" :height="h(v) + 6" aria-hidden="true">
          <path
            :d="`M3 2V${h(v)}H${v.innerDiameterMm * 0.32 + 4}V2`"
            fill="var(--lime-0)"
            stroke="var(--ink)"
            stroke-width="3"
          />
        </svg>
        <b>{{ v.name }}</b><span class="sub"
          >{{ v.volumeL }} L, {{ said(`${v.tareG} g`) }} empty</span
        ><span class="sub">{{ roles[v.role] }}</span>
      </button>
    </div>
    <Button outlined label="Add a vessel…" @click="editVessel()" />
    <h2 class="furrow-heading">Kit: jars and boxes</h2>
    <p v-if="!jars?.length" class="sub">
      None yet. With net weight and stock Furrow counts the jars, and says before the day what is
      short.
    </p>
    <table v-else class="plain jars">
      <thead>
        <tr>
          <th>Jar or box</th>
          <th>For</th>
          <th class="num">Net</th>
          <th class="num">Tare</th>
          <th class="num">In stock</th>
          <th class="num">Price</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="j in jars" :key="j.id">
          <td>{{ j.name }}</td>
          <td>{{ purposes[j.purpose] }}</td>
          <td class="num" data-word="net">{{ said(`${j.netG} g`) }}</td>
          <td class="num" data-word="tare">{{ said(`${j.tareG} g`) }}</td>
          <td class="num" data-word="in stock">{{ j.stock }}</td>
          <td class="num" data-word="price">{{ j.value }}</td>
          <td>
            <Button text label="Change" :aria-label="`Change ${j.name}`" @click="editJar(j)" />
          </td>
        </tr>
      </tbody>
    </table>
    <Button outlined label="Add jars or boxes…" @click="editJar()" />
    <GearPanel />
    <InstrumentsPanel v-if="rules" :rules="rules.rules" />
    <DialogFrame
      :visible="vessel !== null"
      :header="vessel?.id ? 'Change a vessel' : 'A vessel'"
      :width="480"
      @update:visible="vessel = null"
    >
      <form v-if="vessel" class="acts" @submit.prevent="keep('/vessels', vessel)">
        <TextField v-model="vessel.name" label="Name" :error="fieldError('name')" />
        <label class="sub" for="role">What it is for</label
        ><select id="role" v-model="vessel.role" class="native">
          <option v-for="(word, role) in roles" :key="role" :value="role">{{ word }}</option>
        </select>
        <NumberField
          v-model="vessel.volumeL"
          label="Volume, to the brim"
          unit="L"
          :max="500"
          :error="fieldError('volumeL')"
        /><NumberField
          v-model="vessel.tareG"
          label="Weight empty"
          unit="g"
          whole
          :min="0"
          :error="fieldError('tareG')"
        /><NumberField
          v-model="vessel.innerDiameterMm"
          label="Inner width"
          unit="mm"
          :min="30"
          :max="1500"
          :error="fieldError('innerDiameterMm')"
        />
        <details class="how">
          <summary>Headspace and holes</summary>
          <NumberField
            v-model="vessel.headspacePercent"
            nullable
            label="Left free above the mark, 10 % if empty"
            unit="%"
            :min="0"
            :max="60"
            :error="fieldError('headspacePercent')"
          /><NumberField
            v-model="vessel.holeMm"
            nullable
            label="Holes or mesh"
            unit="mm"
            :min="0.05"
            :max="30"
            :error="fieldError('holeMm')"
          />
        </details>
        <p class="sub">
          No galvanised, copper, bare iron or reused chemical vessels: honey is sour.
        </p>
        <Refusal
          :refusal="refusal"
          :fields="['name', 'volumeL', 'tareG', 'innerDiameterMm']"
        /><Button
          type="submit"
          :label="vessel.id ? 'Write it down' : 'Put it in the kit'"
          :disabled="!vesselReady"
          :loading="busy"
        /><Button
          v-if="vessel.id"
          text
          type="button"
          label="Take it out of the kit"
          @click="takeOut('/vessels', vessel)"
        />
      </form>
    </DialogFrame>
    <DialogFrame
      :visible="jar !== null"
      :header="jar?.id ? 'Change jars' : 'A kind of jar'"
      :width="480"
      @update:visible="jar = null"
    >
      <form v-if="jar" class="acts" @submit.prevent="keep('/jars', jar)">
        <TextField v-model="jar.name" label="Name" :error="fieldError('name')" />
        <label class="sub" for="purpose">What goes into it</label
        ><select id="purpose" v-model="jar.purpose" class="native">
          <option v-for="(word, purpose) in purposes" :key="purpose" :value="purpose">
            {{ word }}
          </option>
        </select>
        <NumberField
          v-model="jar.netG"
          label="Net weight"
          unit="g"
          whole
          :min="10"
          :max="50000"
          :error="fieldError('netG')"
        /><NumberField
          v-model="jar.tareG"
          label="Weight empty, with lid"
          unit="g"
          whole
          :min="0"
          :error="fieldError('tareG')"
        /><NumberField
          v-model="jar.stock"
          label="In stock"
          whole
          :min="0"
          :max="10000"
          :error="fieldError('stock')"
        /><NumberField
          v-model="jar.value"
          label="Price of one, 0 if none"
          :min="0"
          :error="fieldError('value')"
        /><NumberField
          v-model="jar.cost"
          label="What an empty one costs"
          :min="0"
          :error="fieldError('cost')"
        />
        <div class="sides">
          <NumberField
            v-model="jar.volumeMl"
            nullable
            label="Volume, to the brim"
            unit="ml"
            :min="5"
            :max="50000"
            :error="fieldError('volumeMl')"
          /><TextField v-model="jar.lid" label="Its lid" :error="fieldError('lid')" />
        </div>
        <p v-if="jar.volumeMl" class="sub">
          To the brim about
          {{ said(`${Math.floor(jar.volumeMl * honeyDensityKgPerL(18, 20))} g`) }} of honey at 18 %
          water.{{ netRoom }}
        </p>
        <p v-if="volumeSays" class="rust" role="status">{{ volumeSays }}</p>
        <template v-if="jar.purpose === 'jar'"
          ><div class="sides">
            <NumberField
              v-model="jar.minG"
              nullable
              label="Filled with at least"
              unit="g"
              whole
              :min="1"
              :error="fieldError('minG')"
            /><NumberField
              v-model="jar.maxG"
              nullable
              label="and at most"
              unit="g"
              whole
              :min="1"
              :error="fieldError('maxG')"
            />
          </div>
          <div class="sides">
            <NumberField
              v-model="jar.widthMm"
              nullable
              label="Inside, across, if you know it"
              unit="mm"
              :min="5"
              :max="1000"
              :error="fieldError('widthMm')"
            /><NumberField
              v-model="jar.depthMm"
              nullable
              label="Inside, deep"
              unit="mm"
              :min="5"
              :max="1000"
              :error="fieldError('depthMm')"
            />
          </div>
          <p v-if="line" class="sub" :class="{ rust: line.question }" role="status">
            {{
              said(
                line.question ??
                  `Filled ${line.mm.toFixed(0)} mm high; full it holds about ${line.holdsG} g of 18 % honey.`,
              )
            }}
          </p></template
        >
        <template v-if="jar.purpose !== 'jar'">
          <p class="sub">
            {{
              jar.purpose === 'chunk'
                ? 'The strip that stands in it: as wide as its mouth lets in, as long as it is deep inside.'
                : 'Its inner measures: the knife is planned for them.'
            }}
          </p>
          <div class="sides">
            <NumberField
              v-model="jar.widthMm"
              nullable
              :label="jar.purpose === 'chunk' ? 'Strip, wide' : 'Inside, wide'"
              unit="mm"
              :min="5"
              :max="1000"
              :error="fieldError('widthMm')"
            /><NumberField
              v-model="jar.heightMm"
              nullable
              :label="jar.purpose === 'chunk' ? 'Strip, long' : 'Inside, long'"
              unit="mm"
              :min="5"
              :max="1000"
              :error="fieldError('heightMm')"
            /><NumberField
              v-model="jar.depthMm"
              nullable
              label="Inside, deep"
              unit="mm"
              :min="5"
              :max="1000"
              :error="fieldError('depthMm')"
            />
          </div>
          <template v-if="jar.purpose !== 'chunk'"
            ><label class="sub" for="shape">Shape of the piece</label
            ><select id="shape" v-model="jar.shape" class="native">
              <option v-for="(word, shape) in SHAPE_WORDS" :key="shape" :value="shape">
                {{ word }}
              </option>
            </select>
            <div class="sides">
              <NumberField
                v-model="jar.minG"
                nullable
                label="A piece weighs at least"
                unit="g"
                whole
                :min="1"
                :error="fieldError('minG')"
              /><NumberField
                v-model="jar.maxG"
                nullable
                label="and at most"
                unit="g"
                whole
                :min="1"
                :error="fieldError('maxG')"
              /></div
          ></template>
        </template>
        <Refusal
          :refusal="refusal"
          :fields="[
            'name',
            'netG',
            'tareG',
            'stock',
            'value',
            'cost',
            'widthMm',
            'heightMm',
            'depthMm',
            'minG',
            'maxG',
            'volumeMl',
            'lid',
          ]"
        /><Button
          type="submit"
          :label="jar.id ? 'Write it down' : 'Put them in the kit'"
          :disabled="!jarReady"
          :loading="busy"
        /><Button
          v-if="jar.id"
          text
          type="button"
          label="Take them out of the kit"
          @click="takeOut('/jars', jar)"
        />
      </form>
    </DialogFrame>
  </section>
</template>

<style scoped>
.sides {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
}
.sides > * {
  flex: 1;
  min-width: 120px;
}
.kit {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
.kit > h2,
.kit > table {
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
/* Six columns do not fit a phone: each jar is a line of its name and one of its figures. */
@media (max-width: 599px) {
  .jars thead {
    display: none;
  }
  .jars,
  .jars tbody {
    display: block;
  }
  .jars tr {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: center;
    border-bottom: var(--line);
  }
  .jars td {
    border: 0;
    padding: 4px 0;
  }
  .jars td:first-child {
    flex: 1 0 55%;
    font-weight: 600;
  }
  .jars td[data-word]::before {
    content: attr(data-word) ' ';
    color: var(--ink-2);
    font-weight: 400;
  }
}
</style>
