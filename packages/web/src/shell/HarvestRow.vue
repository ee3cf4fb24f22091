<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { STAGES, harvestMark, type Batch } from '@furrow/core';
import { computed, nextTick, onMounted, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { helperSees } from '../house/helperMay.js';
import { useMe } from '../house/useHouse.js';
import { useHarvests } from '../api/queries.js';
import RowEnd from './RowEnd.vue';
import { inView, stageLink } from './rowLinks.js';
import { STAGE_NAMES } from './stageNames.js';
import { dayText } from './times.js';
import { useUi } from './ui.js';
import { useNow } from './useNow.js';

const emit = defineEmits<{ keys: [] }>();
const ui = useUi();
const route = useRoute();
const now = useNow();
const { data: harvests } = useHarvests();
const here = computed(() => (route.meta.stage ? STAGES.indexOf(route.meta.stage) : -1));
const view = computed(() =>
  inView(route.meta.stage, route.params.id ? String(route.params.id) : null, harvests.value ?? []),
);
const { data: me } = useMe();
const isHelper = computed(() => me.value?.kind === 'helper');
/** Where a stage lies beside the one in view. */
function stateOf(at: number): 'done' | 'here' | 'next' {
  if (here.value < 0 || at > here.value) return 'next';
  return at === here.value ? 'here' : 'done';
}
const stages = computed(() =>
  STAGES.filter((stage) => !isHelper.value || helperSees(stage)).map((stage) => ({
    stage,
    name: STAGE_NAMES[stage],
    to: stageLink(stage, view.value),
    state: stateOf(STAGES.indexOf(stage)),
    beads: (harvests.value ?? []).filter((b) => !b.closedAt && b.stage === stage).slice(0, 3),
  })),
);
/** Room on a phone for the longest name of the language, px: eight words side by side keep a gap. */
const LETTER_PX = 7;
const stageWidth = computed(
  () => `${Math.max(...stages.value.map(({ name }) => name.length)) * LETTER_PX + 6}px`,
);
/**
 * In the sun the row is a strip wider than the phone, and in a language of long words its stages
 * are: what is in view stands in the middle.
 */
const band = useTemplateRef<HTMLElement>('band');
const strip = useTemplateRef<HTMLElement>('strip');
async function slideToHere(): Promise<void> {
  await nextTick();
  for (const frame of [band.value, strip.value]) {
    const shown = frame?.querySelector<HTMLElement>('.here, .now');
    if (!frame || !shown || frame.scrollWidth <= frame.clientWidth) continue;
    const { left, width } = shown.getBoundingClientRect();
    frame.scrollLeft += left + width / 2 - frame.clientWidth / 2;
  }
}
onMounted(slideToHere);
watch(() => [route.fullPath, ui.sun], slideToHere);
/** Two harvests of one hive on one day are told apart by their way, or a letter. */
const mark = (b: Batch): string => said(harvestMark(b, harvests.value ?? []));
const markOf = (b: Batch): string => (mark(b) ? `${mark(b)}, ` : '');
</script>

<template>
  <header ref="band" class="row-band">
    <div class="home">
      <i v-if="here >= 0" class="plough" aria-hidden="true" />
      <RouterLink to="/" class="word">{{ tell('HarvestRow.furrow') }}</RouterLink>
      <span class="date">{{ dayText(now, harvests?.[0]?.zone ?? 'local') }}</span>
      <RouterLink to="/" class="today" :class="{ now: route.name === 'today' }">{{
        tell('common.today')
      }}</RouterLink>
    </div>
    <nav
      ref="strip"
      class="stages"
      :style="{ '--stages': stages.length, '--stage-width': stageWidth }"
      :aria-label="tell('HarvestRow.row')"
    >
      <div
        v-for="s in stages"
        :key="s.stage"
        class="stage-cell"
        :class="[s.state, { has: s.beads.length }]"
      >
        <span class="beads">
          <RouterLink
            v-for="b in s.beads"
            :key="b.id"
            :to="`/${s.stage}/${b.id}`"
            class="bead"
            :class="{ open: route.params.id === b.id }"
            :title="mark(b)"
            :aria-label="
              tell('HarvestRow.harvest-at', {
                hiveName: b.hiveName,
                date: b.date,
                b: markOf(b),
                s: s.name,
              })
            "
          >
            {{ b.hiveName }}<i />
          </RouterLink>
        </span>
        <RouterLink
          :to="s.to"
          class="name"
          :aria-current="s.state === 'here' ? 'page' : undefined"
          >{{ s.name }}</RouterLink
        >
      </div>
    </nav>
    <RowEnd :is-helper="isHelper" @keys="emit('keys')" />
  </header>
</template>

<style scoped>
.row-band {
  position: relative;
  display: grid;
  grid-template-columns: 216px 1fr 170px;
  background: var(--lime-0);
  height: 80px;
}
.row-band a {
  text-decoration: none;
}
.home {
  position: relative;
}
.word {
  position: absolute;
  left: 28px;
  top: 5px;
  font: 700 22px/28px var(--display);
  letter-spacing: -0.02em;
}
.date {
  position: absolute;
  left: 28px;
  top: 48px;
  font-size: 14px;
  line-height: 24px;
  color: var(--ink-2);
  white-space: nowrap;
}
.today {
  position: absolute;
  left: 128px;
  top: 41px;
  padding: 3px 10px;
  font: 500 16px/30px var(--text);
  color: var(--ink-2);
}
.today.now {
  color: var(--on-field);
  background: var(--field);
  clip-path: polygon(0 0, 100% 0, calc(100% - 9px) 100%, 9px 100%);
  padding: 3px 18px;
  left: 124px;
  top: 41px;
  font-weight: 700;
  line-height: 33px;
}
.stages {
  display: grid;
  grid-template-columns: repeat(var(--stages, 8), 1fr);
}
.stage-cell {
  position: relative;
  text-align: center;
}
.plough,
.stage-cell::before,
.stage-cell::after {
  content: '';
  position: absolute;
  top: 32px;
  height: 9px;
  background: repeating-linear-gradient(var(--field) 0 2px, transparent 2px 3.5px);
}
.plough {
  left: 0;
  right: 0;
}
.stage-cell::before {
  left: 0;
  width: 50%;
}
.stage-cell::after {
  left: 50%;
  width: 50%;
}
.stage-cell.next::before,
.stage-cell.next::after,
.stage-cell.here::after {
  background: none;
  border-top: 1.5px solid var(--lichen-5);
  height: 0;
  top: 36px;
}
.name {
  position: absolute;
  left: 50%;
  top: 40px;
  transform: translateX(-50%);
  z-index: 2;
  padding: 5px 14px 11px;
  font: 600 16px/24px var(--display);
  color: var(--ink-2);
}
.has .name {
  color: var(--ink);
}
.here .name {
  color: var(--on-field);
  background: var(--field);
  clip-path: polygon(0 0, 100% 0, calc(100% - 11px) 100%, 11px 100%);
  padding: 6px 24px 10px;
  top: 40px;
}
.beads {
  position: absolute;
  left: 0;
  right: 0;
  top: 0;
  display: flex;
  justify-content: center;
  gap: 10px;
  z-index: 3;
}
.bead {
  display: flex;
  flex-direction: column;
  align-items: center;
  font: 500 13.5px/18px var(--text);
  padding: 5px 2px 0;
  min-width: 44px;
}
.bead i {
  display: block;
  width: 17px;
  height: 17px;
  margin-top: 5px;
  border-radius: 50%;
  background: var(--lime-0);
  border: 3px solid var(--ink);
  transition: transform 0.4s;
}
.bead.open {
  font-weight: 700;
}
.bead.open i {
  border: 5px solid var(--field-deep);
  box-shadow: 0 0 0 2px var(--lime-0);
}
@media (max-width: 1023px) {
  .row-band {
    grid-template-columns: 210px 1fr 100px;
  }
  .name {
    padding-inline: 5px;
    font-size: 14px;
  }
  .here .name {
    padding-inline: 10px;
  }
  .bead {
    min-width: 0;
    font-size: 12px;
  }
}
@media (max-width: 599px) {
  .row-band {
    grid-template-columns: 1fr auto;
    grid-template-rows: 44px 52px;
    height: 96px;
  }
  .home {
    grid-row: 1;
  }
  .word,
  .today,
  .today.now {
    min-height: 44px;
    display: flex;
    align-items: center;
  }
  .word {
    left: 16px;
    top: 0;
  }
  .date {
    display: none;
  }
  .plough {
    display: none;
  }
  .today,
  .today.now {
    left: 108px;
    top: 0;
    padding-block: 0;
  }
  .stages {
    grid-row: 2;
    grid-column: 1 / -1;
    grid-template-columns: repeat(var(--stages, 8), minmax(var(--stage-width), 1fr));
    overflow: auto hidden;
    scrollbar-width: none;
  }
  .stage-cell::before,
  .stage-cell::after {
    top: 8px !important;
  }
  .stage-cell.next::before,
  .stage-cell.next::after,
  .stage-cell.here::after {
    top: 12px !important;
  }
  .beads {
    display: none;
  }
  .name,
  .here .name {
    top: 0;
    left: 0;
    right: 0;
    transform: none;
    height: 52px;
    padding: 20px 0 0;
    font-size: 12.5px;
    line-height: 20px;
    background: none;
    clip-path: none;
    color: var(--ink-2);
  }
  .name::before {
    content: '';
    position: absolute;
    left: 50%;
    top: 6px;
    width: 13px;
    height: 13px;
    margin-left: -6.5px;
    border-radius: 50%;
    background: var(--lime-0);
    border: 2px solid var(--lichen-5);
  }
  .done .name::before {
    background: var(--field);
    border-color: var(--field);
  }
  .has .name::before {
    border: 3px solid var(--ink);
  }
  .here .name {
    color: var(--field-deep);
    font-weight: 700;
  }
  .here .name::before {
    border: 4px solid var(--field);
  }
}
/* The narrowest phones: eight words side by side keep a gap. */
@media (max-width: 384px) {
  .stages .name {
    font-size: 11.5px;
    letter-spacing: -0.03em;
  }
}
</style>
