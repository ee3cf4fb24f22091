<script setup lang="ts">
import { newGearSchema, type Gear } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useGear } from '../api/queries.js';
import { useSend } from '../api/useSend.js';

/** Spares that are counted against what a harvest needs, and things to mend with their day. */
const { data: gear } = useGear();
const { go, busy, refusal, fieldError } = useSend();
const KINDS: Record<Gear['kind'], string> = {
  'spare-bar': 'Spare bars',
  'spare-frame': 'Spare frames',
  'empty-super': 'Empty boxes or supers',
  strainer: 'Strainer',
  tool: 'Tool',
  clothing: 'Clothing',
  other: 'Something else',
};
interface Draft {
  id: string | null;
  revision: number;
  name: string;
  kind: Gear['kind'];
  stock: number | null;
  volumeL: number | null;
  weightKg: number | null;
  repair: string;
  dueOn: string;
}
const draft = ref<Draft | null>(null);
const edit = (g?: Gear): void => {
  refusal.value = null;
  draft.value = g
    ? { ...g, repair: g.repair ?? '', dueOn: g.dueOn ?? '' }
    : {
        id: null,
        revision: 0,
        name: '',
        kind: 'spare-frame',
        stock: 1,
        volumeL: 0,
        weightKg: 0,
        repair: '',
        dueOn: '',
      };
};
const payload = computed(
  () =>
    draft.value && {
      name: draft.value.name,
      kind: draft.value.kind,
      stock: draft.value.stock,
      volumeL: draft.value.volumeL ?? 0,
      weightKg: draft.value.weightKg ?? 0,
      repair: draft.value.repair.trim() || null,
      dueOn: draft.value.dueOn || null,
    },
);
const ready = computed(() => newGearSchema.omit({ id: true }).safeParse(payload.value).success);
async function keep(): Promise<void> {
  const d = draft.value!;
  const done = d.id
    ? await go(`/gear/${d.id}`, payload.value!, `${d.name} changed.`, {
        method: 'PATCH',
        baseRevision: d.revision,
      })
    : await go('/gear', { ...payload.value!, id: newId() }, `${d.name} is in the kit.`);
  if (done) draft.value = null;
}
async function takeOut(): Promise<void> {
  if (
    await go(`/gear/${draft.value!.id}/remove`, {}, `${draft.value!.name} taken out of the kit.`, {
      baseRevision: draft.value!.revision,
    })
  )
    draft.value = null;
}
</script>

<template>
  <section class="gear">
    <h2 class="furrow-heading">Kit: spares and things to mend</h2>
    <p v-if="!gear?.length" class="sub">
      None yet. Spares are counted against what a harvest needs; what is to be mended stands in
      Ready with its day.
    </p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>What</th>
          <th class="num">There are</th>
          <th>To mend</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="g in gear" :key="g.id">
          <td>
            {{ g.name }}<br /><span class="sub">{{ KINDS[g.kind] }}</span>
          </td>
          <td class="num">{{ g.stock }}</td>
          <td>
            {{ g.repair ?? '' }}<span v-if="g.dueOn" class="sub"> by {{ g.dueOn }}</span>
          </td>
          <td><Button text label="Change" :aria-label="`Change ${g.name}`" @click="edit(g)" /></td>
        </tr>
      </tbody>
    </table>
    <Button outlined label="Add a thing…" @click="edit()" />
    <DialogFrame
      :visible="draft !== null"
      :header="draft?.id ? 'Change a thing' : 'A thing of the kit'"
      :width="480"
      @update:visible="draft = null"
    >
      <form v-if="draft" class="acts" @submit.prevent="keep">
        <TextField v-model="draft.name" label="Name" :error="fieldError('name')" />
        <label class="sub" for="gear-kind">What it is</label
        ><select id="gear-kind" v-model="draft.kind" class="native">
          <option v-for="(word, kind) in KINDS" :key="kind" :value="kind">{{ word }}</option>
        </select>
        <NumberField
          v-model="draft.stock"
          label="How many there are"
          whole
          :min="0"
          :max="5000"
          :error="fieldError('stock')"
        /><NumberField
          v-model="draft.volumeL"
          nullable
          label="Room one takes"
          unit="L"
          :min="0"
          :max="500"
          :error="fieldError('volumeL')"
        /><NumberField
          v-model="draft.weightKg"
          nullable
          label="Weight of one"
          unit="kg"
          :min="0"
          :max="200"
          :error="fieldError('weightKg')"
        />
        <TextField
          v-model="draft.repair"
          label="To be mended"
          hint="such as: torn at the thumb"
          :error="fieldError('repair')"
        /><TextField v-model="draft.dueOn" type="date" label="Until" :error="fieldError('dueOn')" />
        <Refusal
          :refusal="refusal"
          :fields="['name', 'stock', 'volumeL', 'weightKg', 'repair', 'dueOn']"
        /><Button
          type="submit"
          :label="draft.id ? 'Write it down' : 'Put it in the kit'"
          :disabled="!ready"
          :loading="busy"
        /><Button
          v-if="draft.id"
          text
          type="button"
          label="Take it out of the kit"
          @click="takeOut"
        />
      </form>
    </DialogFrame>
  </section>
</template>

<style scoped>
.gear {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
  width: 100%;
}
.gear > h2,
.gear > table {
  width: 100%;
}
</style>
