<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { useId } from 'vue';

defineProps<{
  label: string;
  error?: string | null;
  type?: string;
  hint?: string;
  hideLabel?: boolean;
  disabled?: boolean;
}>();
const model = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <InputText
      :id="id"
      v-model="model"
      :type="type ?? 'text'"
      autocomplete="off"
      :disabled="disabled"
      :invalid="Boolean(error)"
      :aria-describedby="error ? `${id}-e` : undefined"
    />
    <p v-if="hint && !error" class="sub">{{ hint }}</p>
    <p v-if="error" :id="`${id}-e`" class="rust says" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
label {
  font-size: 15px;
  color: var(--ink-2);
}
.says {
  font-size: 15px;
  font-weight: 600;
}
</style>
