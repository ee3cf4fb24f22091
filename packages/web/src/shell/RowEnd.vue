<script setup lang="ts">
import { useRoute } from 'vue-router';
import { tell } from '../words/tell.js';
import { useUi } from './ui.js';

/** Where the row turns round: the household's rules (a helper's list to bring), finding, and help. */
defineProps<{ isHelper: boolean }>();
const emit = defineEmits<{ keys: [] }>();
const ui = useUi();
const route = useRoute();
</script>

<template>
  <div class="end">
    <svg width="120" height="26" viewBox="-70 0 120 26" aria-hidden="true">
      <path
        d="M-70 12.7h96a5.6 5.6 0 0 0 0-11.2"
        fill="none"
        stroke="var(--lichen-5)"
        stroke-width="1.5"
      />
      <path
        d="M26 1.5h-26"
        fill="none"
        stroke="var(--lichen-5)"
        stroke-width="1.5"
        stroke-dasharray="4 4"
      />
    </svg>
    <RouterLink v-if="isHelper" to="/bring" :class="{ now: route.name === 'bring' }">{{
      tell('common.bring')
    }}</RouterLink>
    <RouterLink v-else to="/rules" :class="{ now: route.name === 'rules' }">{{
      tell('common.rules')
    }}</RouterLink>
    <button type="button" class="help" :aria-label="tell('common.find')" @click="ui.finding = true">
      <span class="kbd">/</span>
    </button>
    <button
      type="button"
      class="help"
      :aria-label="tell('common.help-keys-and-undo')"
      @click="emit('keys')"
    >
      <span class="kbd">?</span>
    </button>
  </div>
</template>

<style scoped>
.end {
  position: relative;
  display: flex;
  justify-content: flex-end;
  align-items: center;
  gap: 8px;
  padding: 36px 28px 0 0;
  font-weight: 500;
  color: var(--ink-2);
}
.end svg {
  position: absolute;
  left: 0;
  top: 24px;
}
.end a {
  padding: 8px 4px;
}
.end .now {
  color: var(--ink);
  font-weight: 700;
}
.help {
  border: 0;
  background: none;
  color: inherit;
  padding: 8px;
  cursor: pointer;
}
@media (max-width: 1023px) {
  .end svg {
    display: none;
  }
}
@media (max-width: 599px) {
  .end {
    grid-row: 1;
    padding: 0 12px 0 0;
  }
  .end a,
  .help {
    min-height: 44px;
    display: flex;
    align-items: center;
  }
  .help {
    min-width: 44px;
    justify-content: center;
  }
}
</style>
