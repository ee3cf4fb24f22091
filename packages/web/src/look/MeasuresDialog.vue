<script setup lang="ts">
import { changeHiveSchema, type Hive, type TopBarGeometry } from '@furrow/core';
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { computed, ref, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { useSend } from '../server/useSend.js';

/** Name and measures of a hive, put right after it was made. */
const props = defineProps<{ hive: Hive }>();
const visible = defineModel<boolean>('visible', { required: true });
const { go, busy, refusal, fieldError } = useSend();
type Measures = { [key in keyof TopBarGeometry]: number | null };
const name = ref('');
/** The revision the person saw when the form opened: what another screen wrote since must not be overwritten unseen. */
const revision = ref(props.hive.revision);
const geometry = ref<Measures>({ ...props.hive.geometry });
watch(visible, (open) => {
  if (open) [name.value, geometry.value, refusal.value, revision.value] = [props.hive.name, { ...props.hive.geometry }, null, props.hive.revision];
}, { immediate: true });
const parsed = computed(() => changeHiveSchema.safeParse({ name: name.value, geometry: geometry.value }));
const issue = (key: keyof TopBarGeometry): string | null => fieldError(`geometry.${key}`) ?? (parsed.value.success ? null : (parsed.value.error.issues.find((i) => i.path[1] === key)?.message ?? null));
async function keep(): Promise<void> {
  const done = await go(`/hives/${props.hive.id}`, { name: name.value, geometry: geometry.value }, `${name.value} changed.`, { method: 'PATCH', baseRevision: revision.value });
  if (done) visible.value = false;
}
</script>

<template>
  <Dialog v-model:visible="visible" modal header="This hive" position="top" :style="{ width: '480px', maxWidth: '94vw' }">
    <form class="acts" @submit.prevent="keep">
      <TextField v-model="name" label="Name of the hive" :error="fieldError('name')" />
      <NumberField v-model="geometry.barWidthMm" label="Bar width" unit="mm" :error="issue('barWidthMm')" />
      <NumberField v-model="geometry.combDepthMm" label="Comb depth" unit="mm" :error="issue('combDepthMm')" />
      <NumberField v-model="geometry.topWidthMm" label="Top width" unit="mm" :error="issue('topWidthMm')" />
      <NumberField v-model="geometry.bottomWidthMm" label="Bottom width" unit="mm" :error="issue('bottomWidthMm')" />
      <p class="sub">Estimates follow the new measures; decisions already made keep what they were made by.</p>
      <Refusal :refusal="refusal" :fields="['name']" />
      <Button type="submit" label="Write it down" :disabled="!parsed.success" :loading="busy" />
    </form>
  </Dialog>
</template>
