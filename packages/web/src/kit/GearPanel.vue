<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  'spare-bar': tell('GearPanel.spare-bars'),
  'spare-frame': tell('GearPanel.spare-frames'),
  'empty-super': tell('GearPanel.empty-boxes-or-supers'),
  strainer: tell('common.strainer'),
  tool: tell('GearPanel.tool'),
  clothing: tell('GearPanel.clothing'),
  other: tell('common.something-else'),
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
    ? await go(`/gear/${d.id}`, payload.value!, tell('GearPanel.changed', { d: d.name }), {
        method: 'PATCH',
        baseRevision: d.revision,
      })
    : await go(
        '/gear',
        { ...payload.value!, id: newId() },
        tell('GearPanel.in-kit', { d: d.name }),
      );
  if (done) draft.value = null;
}
async function takeOut(): Promise<void> {
  if (
    await go(
      `/gear/${draft.value!.id}/remove`,
      {},
      tell('GearPanel.taken-out-kit', { draft: draft.value!.name }),
      {
        baseRevision: draft.value!.revision,
      },
    )
  )
    draft.value = null;
}
</script>

<template>
  <section class="gear">
    <h2 class="furrow-heading">{{ tell('GearPanel.kit-spares-and-things-to') }}</h2>
    <p v-if="!gear?.length" class="sub">
      {{ tell('GearPanel.none-yet-spares-are-counted') }}
    </p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>{{ tell('common.what') }}</th>
          <th class="num">{{ tell('GearPanel.there-are') }}</th>
          <th>{{ tell('GearPanel.to-mend') }}</th>
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
            {{ g.repair ?? ''
            }}<span v-if="g.dueOn" class="sub"
              >{{ ' ' }}{{ tell('GearPanel.by', { dueOn: g.dueOn }) }}</span
            >
          </td>
          <td>
            <Button
              text
              :label="tell('common.change')"
              :aria-label="tell('GearPanel.change', { g: g.name })"
              @click="edit(g)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <Button outlined :label="tell('GearPanel.add-thing')" @click="edit()" />
    <DialogFrame
      :visible="draft !== null"
      :header="draft?.id ? tell('GearPanel.change-thing') : tell('GearPanel.thing-kit')"
      :width="480"
      @update:visible="draft = null"
    >
      <form v-if="draft" class="acts" @submit.prevent="keep">
        <TextField v-model="draft.name" :label="tell('common.name')" :error="fieldError('name')" />
        <label class="sub" for="gear-kind">{{ tell('GearPanel.what-it') }}</label><select
          id="gear-kind"
          v-model="draft.kind"
          class="native"
        >
          <option v-for="(word, kind) in KINDS" :key="kind" :value="kind">{{ word }}</option>
        </select>
        <NumberField
          v-model="draft.stock"
          :label="tell('common.how-many-there-are')"
          whole
          :min="0"
          :max="5000"
          :error="fieldError('stock')"
        /><NumberField
          v-model="draft.volumeL"
          nullable
          :label="tell('GearPanel.room-one-takes')"
          unit="L"
          :min="0"
          :max="500"
          :error="fieldError('volumeL')"
        /><NumberField
          v-model="draft.weightKg"
          nullable
          :label="tell('GearPanel.weight-one')"
          unit="kg"
          :min="0"
          :max="200"
          :error="fieldError('weightKg')"
        />
        <TextField
          v-model="draft.repair"
          :label="tell('common.to-be-mended')"
          :hint="tell('GearPanel.such-as-torn-at-thumb')"
          :error="fieldError('repair')"
        /><TextField
          v-model="draft.dueOn"
          type="date"
          :label="tell('GearPanel.until')"
          :error="fieldError('dueOn')"
        />
        <Refusal
          :refusal="refusal"
          :fields="['name', 'stock', 'volumeL', 'weightKg', 'repair', 'dueOn']"
        /><Button
          type="submit"
          :label="draft.id ? tell('common.write-it-down') : tell('common.put-it-in-kit')"
          :disabled="!ready"
          :loading="busy"
        /><Button
          v-if="draft.id"
          text
          type="button"
          :label="tell('common.take-it-out-kit')"
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
