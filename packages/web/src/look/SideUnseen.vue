<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import { otherSide, type Side } from './lookDraft.js';

/** A side that nobody saw: how its bands are begun. */
export type Beginning = 'empty' | 'last' | 'other' | 'top-third' | 'all-capped' | 'half-capped';
defineProps<{
  side: Side;
  /** A look is being made; of it the other side was seen; this one was at the last look. */
  isDraft: boolean;
  hasOther: boolean;
  hasLast: boolean;
}>();
const emit = defineEmits<{ start: [from: Beginning] }>();
</script>

<template>
  <div class="start">
    <p>
      <b>{{
        tell('SideUnseen.side-was-not-seen', {
          side,
          isDraft: isDraft ? ' ' + tell('SideUnseen.this-time') : '',
        })
      }}</b>
      {{ tell('SideUnseen.it-counts-as-unknown') }}
    </p>
    <Button :label="tell('SideUnseen.i-see-it-set-bands')" @click="emit('start', 'empty')" />
    <span class="presets"
      ><Button
        outlined
        :label="tell('SideUnseen.top-third-capped')"
        @click="emit('start', 'top-third')" /><Button
        outlined
        :label="tell('SideUnseen.half-capped')"
        @click="emit('start', 'half-capped')" /><Button
        outlined
        :label="tell('SideUnseen.all-capped')"
        @click="emit('start', 'all-capped')"
    /></span>
    <Button
      v-if="hasOther"
      outlined
      :label="tell('SideUnseen.like-side', { side: otherSide(side) })"
      @click="emit('start', 'other')"
    />
    <Button
      v-if="hasLast"
      outlined
      :label="tell('SideUnseen.as-at-last-look')"
      @click="emit('start', 'last')"
    />
  </div>
</template>

<style scoped>
.start {
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
  margin-top: 4px;
  max-width: 470px;
}
.presets {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
@media (max-width: 599px) {
  .start :deep(.p-button) {
    min-height: 64px;
  }
  .presets {
    flex-wrap: nowrap;
    align-self: stretch;
  }
  .presets :deep(.p-button) {
    flex: 1;
    padding-inline: 4px;
  }
}
</style>
