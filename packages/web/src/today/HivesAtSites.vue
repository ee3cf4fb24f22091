<script setup lang="ts">
import { judgeHiveAt, type Hive, type HouseRules } from '@furrow/core';
import { computed } from 'vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import { drawnCombs } from '../drawing/sections/drawHive.js';
import { tell } from '../words/tell.js';

/** The hives where they stand, each drawn with what may be taken. */
const props = defineProps<{ hives: Hive[]; rules: HouseRules; now: Date; widthPx: number }>();

/** What is due stays in sight below the hives: no stack is drawn taller than this, px. */
const TALLEST_PX = 250;
const scale = computed(() => {
  const all = props.hives;
  if (all.length > 4) return 0.2;
  const tallestMm = Math.max(1, ...all.map((hive) => sectionSizeMm(hive).heightMm));
  const wide = all.length > 1 ? 0.45 : Math.max(0.36, Math.min(0.76, (props.widthPx - 90) / 880));
  return Math.min(wide, TALLEST_PX / tallestMm);
});
const sites = computed(() => {
  const bySite = new Map<string, { name: string; hives: Hive[] }>();
  for (const hive of props.hives) {
    const site = bySite.get(hive.siteId) ?? { name: hive.site.name, hives: [] };
    site.hives.push(hive);
    bySite.set(hive.siteId, site);
  }
  return [...bySite.values()];
});
/** Judging takes its time, and no verdict turns from one minute to the next: by the end of these. */
const JUDGED_EVERY_MS = 600_000;
const judgedAt = computed(() => Math.ceil(props.now.getTime() / JUDGED_EVERY_MS) * JUDGED_EVERY_MS);
const combs = computed(() => {
  const at = new Date(judgedAt.value).toISOString();
  return new Map(
    props.hives.map((hive) => [hive.id, drawnCombs(hive, judgeHiveAt(hive, props.rules, at))]),
  );
});
const combsOf = (hive: Hive) => combs.value.get(hive.id) ?? [];
const ripeOf = (hive: Hive): number =>
  combsOf(hive).filter(({ verdict }) => verdict === 'take').length;
</script>

<template>
  <div class="sites">
    <section v-for="site in sites" :key="site.name" class="site">
      <p>
        <b>{{ site.name }}</b>{{ ' ' }}
        <span class="sub">{{ tell('TodayView.hives', { hives: site.hives.length }) }}</span>
      </p>
      <div class="ground">
        <RouterLink v-for="hive in site.hives" :key="hive.id" :to="`/look/${hive.id}`" class="hive">
          <HiveSection
            :hive="hive"
            :combs="combsOf(hive)"
            :s="scale"
            :numbers="false"
            :marks="!hive.boxes.length && scale > 0.3"
            :label="tell('TodayView.from-side', { hive: hive.name })"
          />
          <svg
            class="legs"
            viewBox="0 0 480 34"
            :width="(hive.boxes.length ? 460 : 780) * scale"
            aria-hidden="true"
          >
            <path d="M60 0v24M420 0v24" stroke="var(--ink)" stroke-width="6" />
            <path d="M0 25h480" stroke="var(--ink)" stroke-width="2" />
            <rect y="26" width="480" height="8" fill="url(#p-earth)" />
          </svg>
          <b class="display">{{ hive.name }}</b>
          <span class="sub">{{
            tell('TodayView.may-be-taken', {
              hive: ripeOf(hive),
              hive2: combsOf(hive).length,
            })
          }}</span>
        </RouterLink>
      </div>
    </section>
  </div>
</template>

<style scoped>
.sites {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: flex-end;
  align-content: flex-start;
}
.ground {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: flex-end;
}
.hive {
  text-decoration: none;
  display: flex;
  flex-direction: column;
  align-items: center;
  overflow: hidden;
  max-width: 100%;
  padding: 0 12px;
}
.hive b {
  font-size: 18px;
  line-height: 24px;
}
.legs {
  margin-top: -6px;
}
</style>
