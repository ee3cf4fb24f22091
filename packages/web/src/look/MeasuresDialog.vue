<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { changeHiveSchema, geometryIssues, hiveKind, type Geometry, type Hive } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { useSend } from '../api/useSend.js';

/** Name and measures of a hive, put right after it was made. */
const props = defineProps<{ hive: Hive }>();
const visible = defineModel<boolean>('visible', { required: true });
const { go, busy, refusal, fieldError } = useSend();
type Measures = Record<string, number | string | null>;
const kind = computed(() => hiveKind(props.hive.kind));
/** Places and boxes are changed by moves, not here: combs hang from them. */
const shown = computed(() => kind.value.measures.filter((m) => m.unit === 'mm'));
const name = ref('');
/**
 * The revision the person saw when the form opened: what another screen wrote since must not be
 * overwritten unseen.
 */
const revision = ref(props.hive.revision);
const geometry = ref<Measures>({ ...props.hive.geometry });
watch(
  visible,
  (open) => {
    if (open)
      [name.value, geometry.value, refusal.value, revision.value] = [
        props.hive.name,
        { ...props.hive.geometry },
        null,
        props.hive.revision,
      ];
  },
  { immediate: true },
);
const numberOf = (key: string): number | null => geometry.value[key] as number | null;
const parsed = computed(() =>
  changeHiveSchema.safeParse({ name: name.value, geometry: geometry.value }),
);
const wrong = computed(() => geometryIssues(props.hive.kind, geometry.value as Geometry));
const issue = (key: string): string | null =>
  (fieldError(`geometry.${key}`) ?? said(wrong.value.find((i) => i.path === key)?.says)) || null;
async function keep(): Promise<void> {
  const done = await go(
    `/hives/${props.hive.id}`,
    { name: name.value, geometry: geometry.value },
    tell('MeasuresDialog.changed', { name: name.value }),
    { method: 'PATCH', baseRevision: revision.value },
  );
  if (done) visible.value = false;
}
</script>

<template>
  <DialogFrame v-model:visible="visible" :header="tell('MeasuresDialog.this-hive')" :width="480">
    <p class="prints">
      <a
        class="p-button p-component p-button-outlined"
        :href="`/api/v1/hives/${hive.id}/card.pdf`"
        target="_blank"
        >{{ tell('MeasuresDialog.card-with-code') }}</a><a
        class="p-button p-component p-button-outlined"
        :href="`/api/v1/hives/${hive.id}/look-sheet.pdf`"
        target="_blank"
        >{{ tell('MeasuresDialog.blank-sheet-for-pencil') }}</a
      >
    </p>
    <form class="acts" @submit.prevent="keep">
      <TextField v-model="name" :label="tell('common.name-hive')" :error="fieldError('name')" />
      <NumberField
        v-for="m in shown"
        :key="m.key"
        :model-value="numberOf(m.key)"
        :label="said(m.label)"
        :unit="m.unit"
        :error="issue(m.key)"
        @update:model-value="geometry[m.key] = $event"
      />
      <div v-for="c in kind.choices" :key="c.key">
        <span :id="`choice-${c.key}`">{{ said(c.label) }}</span><SelectButton
          v-model="geometry[c.key]"
          :options="c.options.map((o) => ({ ...o, label: said(o.label) }))"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          :aria-labelledby="`choice-${c.key}`"
        />
      </div>
      <p class="sub">
        {{ tell('MeasuresDialog.estimates-follow-new-measures') }}
      </p>
      <Refusal :refusal="refusal" :fields="['name']" />
      <Button
        type="submit"
        :label="tell('common.write-it-down')"
        :disabled="!parsed.success || wrong.length > 0"
        :loading="busy"
      />
    </form>
  </DialogFrame>
</template>

<style scoped>
.prints {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin-bottom: 12px;
}
</style>
