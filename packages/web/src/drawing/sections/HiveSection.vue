<script setup lang="ts">
import type { TopBarGeometry } from '@furrow/core';
import { computed } from 'vue';
import SectionTopBar from './SectionTopBar.vue';
import { SECTIONS } from './registry.js';
import type { SectionProps } from './section.js';

/**
 * The section of a hive of any kind, to scale; each kind's drawing stands in the registry beside
 * this file.
 */
const props = withDefaults(defineProps<SectionProps & { editBoard?: boolean }>(), {
  selected: null,
  marks: true,
  numbers: true,
  liftBy: undefined,
  below: () => [],
  beside: () => [],
});
const emit = defineEmits<{ select: [slot: number]; board: [afterBar: number] }>();
const stack = computed(() => (props.hive.kind === 'top-bar' ? null : SECTIONS[props.hive.kind]));
</script>

<template>
  <SectionTopBar
    v-if="!stack"
    :geometry="hive.geometry as TopBarGeometry"
    :combs="combs"
    :s="s"
    :label="label"
    :selected="selected"
    :interactive="interactive"
    :marks="marks"
    :numbers="numbers"
    :edit-board="editBoard"
    :lift-by="liftBy ?? 58"
    :below="below"
    @select="emit('select', $event)"
    @board="emit('board', $event)"
  />
  <component
    :is="stack"
    v-else
    :hive="hive"
    :combs="combs"
    :s="s"
    :label="label"
    :selected="selected"
    :interactive="interactive"
    :marks="marks"
    :numbers="numbers"
    :lift-by="liftBy"
    :below="below"
    :beside="beside"
    @select="emit('select', $event)"
  />
</template>
