<script setup lang="ts">
import type { LeftStage } from './leftStage.js';

/** A stage that a harvest has left: what was done there, and where it is now. */
defineProps<{ left: LeftStage }>();
</script>

<template>
  <div class="stage wide left-stage">
    <header>
      <h1>{{ left.heading }}</h1>
    </header>
    <div>
      <p>{{ left.text }}</p>
      <div class="acts row">
        <RouterLink class="p-button p-component" :to="left.on.to">{{ left.on.label }}</RouterLink>
      </div>
    </div>
    <dl v-if="left.lines.length">
      <template v-for="(line, i) in left.lines" :key="i"
        ><dt>{{ line.name }}</dt>
        <dd>{{ line.says }}</dd></template
      >
    </dl>
    <slot />
  </div>
</template>

<style scoped>
.acts {
  margin-top: 12px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 20px;
  margin: 16px 0;
  max-width: 520px;
}
dd {
  margin: 0;
  font-variant-numeric: tabular-nums;
}
</style>
