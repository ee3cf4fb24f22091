<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { computed, useId } from 'vue';

const props = defineProps<{
  label: string;
  error?: string | null;
  type?: string;
  hint?: string;
  hideLabel?: boolean;
  disabled?: boolean;
  /** The unit of a bare number; it goes where a unit was typed. */
  unit?: string;
}>();
const model = defineModel<string>({ required: true });
const id = useId();
const shownUnit = computed(() =>
  props.unit && !/\p{Letter}/u.test(model.value ?? '') ? props.unit : null,
);
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <span class="box"
      ><InputText
        :id="id"
        v-model="model"
        :type="type ?? 'text'"
        autocomplete="off"
        :disabled="disabled"
        :invalid="Boolean(error)"
        :aria-describedby="error ? `${id}-e` : undefined"
      /><span v-if="shownUnit" class="unit">{{ shownUnit }}</span></span
    >
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
.box {
  position: relative;
  display: flex;
}
.box :deep(input) {
  width: 100%;
  min-width: 0;
}
/* In the field's own end, so that nothing moves when a unit is typed. */
.unit {
  position: absolute;
  right: 12px;
  top: 50%;
  transform: translateY(-50%);
  color: var(--ink-2);
  pointer-events: none;
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
