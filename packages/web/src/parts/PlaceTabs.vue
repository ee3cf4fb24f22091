<script setup lang="ts">
import SelectButton from 'primevue/selectbutton';
import { nextTick, onMounted, ref, watch } from 'vue';

/**
 * Where in a stage one is. Where they are wider than the page, the one in view is slid into sight.
 */
defineProps<{ places: readonly { label: string; value: string }[]; label: string }>();
const place = defineModel<string>({ required: true });
const root = ref<{ $el: HTMLElement } | null>(null);
async function slide(): Promise<void> {
  await nextTick();
  const row = root.value?.$el;
  const chosen = row?.querySelector('[aria-pressed="true"]');
  if (!row || !chosen) return;
  const [seen, tab] = [row.getBoundingClientRect(), chosen.getBoundingClientRect()];
  const isSeen = tab.left >= seen.left && tab.right <= seen.right;
  if (!isSeen) row.scrollLeft += tab.left - seen.left - (seen.width - tab.width) / 2;
}
onMounted(slide);
watch(place, slide);
</script>

<template>
  <SelectButton
    ref="root"
    v-model="place"
    class="places"
    :options="[...places]"
    option-label="label"
    option-value="value"
    :allow-empty="false"
    :aria-label="label"
  />
</template>

<style scoped>
.places {
  flex-basis: 100%;
}
</style>
