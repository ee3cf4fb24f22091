<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { StepCheck } from '@furrow/core';
import { nextTick, useTemplateRef } from 'vue';
import { said } from '../words/units.js';

/**
 * Conditions touched one by one; what is not so yet says what to do. The focus goes on to the next
 * line, so that the same key ticks the next and never takes the last one back.
 */
const props = defineProps<{ checks: readonly StepCheck[] }>();
const emit = defineEmits<{ all: [] }>();
const done = defineModel<string[]>({ required: true });
const lines = useTemplateRef<HTMLButtonElement[]>('lines');
async function toggle(id: string): Promise<void> {
  if (done.value.includes(id)) {
    done.value = done.value.filter((d) => d !== id);
    return;
  }
  done.value = [...done.value, id];
  await nextTick();
  const next = props.checks.findIndex((check) => !done.value.includes(check.id));
  if (next < 0) emit('all');
  else lines.value?.[next].focus();
}
</script>

<template>
  <ul class="checks">
    <li v-for="c in checks" :key="c.id">
      <button
        ref="lines"
        type="button"
        role="checkbox"
        :aria-checked="done.includes(c.id)"
        @click="toggle(c.id)"
      >
        <i aria-hidden="true">{{ done.includes(c.id) ? '✓' : '' }}</i><span
          ><b>{{ said(c.text) }}</b
          ><small v-if="!done.includes(c.id)">{{
            tell('StepChecks.not-so', { ifNot: c.ifNot })
          }}</small></span
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
.checks {
  list-style: none;
  margin: 10px 0;
  padding: 0;
  max-width: 640px;
}
li {
  border-bottom: var(--line);
}
button {
  display: flex;
  gap: 14px;
  align-items: center;
  width: 100%;
  min-height: 80px;
  padding: 8px 4px;
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
i {
  flex: 0 0 44px;
  height: 44px;
  border: 3px solid var(--ink);
  border-radius: 6px;
  display: grid;
  place-items: center;
  font: 700 30px/1 var(--text);
}
[aria-checked='true'] i {
  background: var(--field);
  border-color: var(--field);
  color: var(--on-field);
}
b {
  font-size: 20px;
  line-height: 26px;
  display: block;
}
small {
  font-size: 17px;
  color: var(--ink-2);
}
/* On a desk they stand in two columns, so that none lies under the key. */
@media (min-width: 1100px) {
  .checks {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 32px;
    max-width: none;
  }
}
</style>
