<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { countedCombs, hiveKind, type Hive } from '@furrow/core';
import { computed } from 'vue';
import AlsoHere from '../house/AlsoHere.vue';

/** Which hive this is, what stands in it, and the way to the others. */
const props = defineProps<{
  hive: Hive;
  hives: readonly Hive[];
  dead: boolean;
  /** The comb that is looked at, so that another screen can say it is there too. */
  combId: string | null;
}>();
const emit = defineEmits<{ measure: [] }>();
const asTable = defineModel<boolean>('asTable', { required: true });

const others = computed(() => props.hives.filter((h) => h.id !== props.hive.id));
const combs = computed(() => props.hive.bars.filter((b) => b.comb).length);
const stands = computed(() => {
  const { boxes, bars, kind, site } = props.hive;
  const parts = boxes.length
    ? tell('HiveHeading.boxes', { count: boxes.length })
    : tell('HiveHeading.bars', { count: bars.length });
  return `${said(hiveKind(kind).name)}, ${site.name}. ${parts}, ${said(countedCombs(combs.value, kind))}`;
});
</script>

<template>
  <header>
    <h1>{{ hive.name }}</h1>
    <AlsoHere
      :about="hive.id"
      :step="combId && tell('HiveHeading.look', { combId })"
      :where="tell('HiveHeading.at-this-comb')"
    />
    <span class="sub"
      >{{ stands
      }}<template v-if="dead"
        >. <b class="rust">{{ tell('HiveHeading.colony-gone') }}</b></template
      >.</span
    >
    <span class="right links">
      <RouterLink v-for="h in others" :key="h.id" :to="`/look/${h.id}`">{{ h.name }}</RouterLink>
      <RouterLink to="/hives/new">{{ tell('HiveHeading.new-hive') }}</RouterLink>
      <button type="button" class="linklike" @click="emit('measure')">
        {{ tell('HiveHeading.this-hive') }}
      </button>
      <button type="button" class="linklike" @click="asTable = !asTable">
        {{ asTable ? tell('HiveHeading.as-drawing') : tell('HiveHeading.as-table') }}
      </button>
    </span>
  </header>
</template>

<style scoped>
.links {
  display: flex;
  gap: 4px 16px;
  flex-wrap: wrap;
  align-items: center;
}
.linklike {
  background: none;
  border: 0;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
  padding: 8px 0;
}
@media (max-width: 600px) {
  header .sub {
    order: 1;
    flex-basis: 100%;
  }
}
</style>
