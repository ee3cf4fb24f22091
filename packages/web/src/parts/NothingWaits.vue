<script setup lang="ts">
import { tell } from '../words/tell.js';
import { STAGES, type Batch, type Stage } from '@furrow/core';
import { computed } from 'vue';
import { useHarvests } from '../api/queries.js';
import { STAGE_NAMES } from '../shell/stageNames.js';
import { dateText } from '../shell/times.js';

/**
 * A stage with nothing at it: what will stand there, drawn faintly; the one way to get it there;
 * and the last harvest that was here, to be opened again.
 */
const props = defineProps<{
  heading: string;
  text: string;
  stage: Stage;
  /** Where it begins while no harvest is on its way. */
  begin: { to: string; label: string };
  /** Which harvests can have been here at all, where not each one can. */
  fits?: (batch: Batch) => boolean;
}>();
const { data: harvests } = useHarvests();
const DOING: Partial<Record<Stage, string>> = {
  ready: tell('NothingWaits.planned'),
  take: tell('NothingWaits.being-taken'),
  drain: tell('NothingWaits.drains'),
  cut: tell('NothingWaits.cut'),
  jar: tell('NothingWaits.waits-for-its-jars'),
};
const all = computed(() => harvests.value ?? []);
/** The harvest that comes here next: the one that has come furthest. */
const next = computed<Batch | null>(() => {
  const reached = (b: Batch): number => STAGES.indexOf(b.stage);
  const onTheWay = all.value.filter((b) => !b.closedAt && DOING[b.stage]);
  return [...onTheWay].sort((a, b) => reached(b) - reached(a))[0] ?? null;
});
const last = computed<Batch | null>(
  () => all.value.find((b) => b.closedAt !== null && (props.fits?.(b) ?? true)) ?? null,
);
const nameOf = (b: Batch): string => [b.hiveName, b.lotName].filter(Boolean).join(' ');
</script>

<template>
  <div class="stage wide nothing">
    <header>
      <h1>{{ heading }}</h1>
    </header>
    <div v-if="$slots.default" class="faint" aria-hidden="true"><slot /></div>
    <p>{{ props.text }}</p>
    <div class="acts row">
      <RouterLink v-if="next" class="p-button p-component" :to="`/${next.stage}/${next.id}`">{{
        tell('NothingWaits.go-to', {
          next: nameOf(next),
          stage: DOING[next.stage],
          stage2: STAGE_NAMES[next.stage],
        })
      }}</RouterLink>
      <RouterLink v-else class="p-button p-component" :to="begin.to">{{ begin.label }}</RouterLink>
      <RouterLink
        v-if="last"
        class="p-button p-component p-button-text"
        :to="`/${stage}/${last.id}`"
        >{{
          tell('NothingWaits.open-last-one', { last: nameOf(last), date: dateText(last.date) })
        }}</RouterLink
      >
    </div>
  </div>
</template>

<style scoped>
.faint {
  opacity: 0.4;
  margin: 8px 0;
}
.faint :deep(.faint) {
  opacity: 1;
}
</style>
