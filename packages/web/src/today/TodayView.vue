<script setup lang="ts">
import { comesLater } from '../parts/comesLater.js';
import { said } from '../words/units.js';
import { STAGE_NAMES } from '../shell/stageNames.js';
import { tell, moment } from '../words/tell.js';
import { failureOf } from '../api/failure';
import { harvestMark, dayOf } from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import Button from 'primevue/button';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { useWidth } from '../parts/useWidth.js';
import StateLine from '../parts/StateLine.vue';
import { helperSees } from '../house/helperMay.js';
import { useMe } from '../house/useHouse.js';
import { useClocks, useHarvests, useHives, useRules, useToday } from '../api/queries.js';
import { clockText, dateText, ranText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { groupHung, saysIfLeft, spoken, type SpokenLine } from './hung.js';

/** Only an empty household needs the drawings of all kinds: they are no part of the first load. */
const FirstSteps = comesLater(() => import('./FirstSteps.vue'));
/** What is due stands there before the hives are judged and drawn. */
const HivesAtSites = comesLater(() => import('./HivesAtSites.vue'));

const now = useNow();
const today = useToday();
const hives = useHives();
const rules = useRules();
const loading = computed(
  () => today.isLoading.value || hives.isLoading.value || rules.isLoading.value,
);
const error = failureOf(today, hives, rules);
const { data: harvests } = useHarvests();
const { data: clocks } = useClocks();
function clockOf(batchId: string): string {
  const clock = clocks.value?.find((c) => c.batchId === batchId);
  return clock ? `, ${ranText(clock.startedAt, now.value)}` : '';
}
const retry = (): void => void Promise.all([today.refetch(), hives.refetch(), rules.refetch()]);
const zone = computed(() => hives.data.value?.[0]?.site.zone ?? 'local');
const { data: me } = useMe();
/** On a helper's phone only what a helper does is due. */
const lines = computed(() =>
  (today.data.value ?? [])
    .map(spoken)
    .filter(
      ({ stage }) =>
        me.value?.kind !== 'helper' || stage === 'owed' || (stage !== 'rules' && helperSees(stage)),
    ),
);
/** What comes first: due within half a day, else what waits for a hand on the row. */
const lead = computed(() => {
  const soon = lines.value
    .filter((l) => l.dueAt && Date.parse(l.dueAt) < now.value.getTime() + 12 * 3_600_000)
    .slice(0, 2);
  return soon.length ? soon : lines.value.filter((l) => l.batchId && !l.dueAt).slice(0, 1);
});
const ripe = computed(() => lines.value.find((l) => l.kind === 'ripe'));
const { go, busy, refusal } = useSend();
/** A stir is done where it stands, without going to its screen. */
const stirred = (l: SpokenLine): unknown =>
  go(
    '/drainEvents',
    { id: newId(), drainId: l.id.replace(/-stir$/, ''), kind: 'stir', minutes: 5 },
    tell('TodayView.done-5-minutes-your-hands', { title: l.title }),
  );
const lookedBack = (l: SpokenLine): unknown =>
  go(
    `/harvests/${l.id.replace(/-back$/, '')}/look-back`,
    {},
    tell('TodayView.done-2', { title: l.title }),
  );
const taskDone = (l: SpokenLine): unknown => {
  const [siteId, taskId] = l.id.replace(/-site-task$/, '').split('/tasks/');
  return go(
    `/sites/${siteId}/tasks/${taskId}/done`,
    {},
    tell('TodayView.done-2', { title: l.title }),
  );
};
/** Where in Jar a line is done. */
const IN_JAR: Record<string, string> = {
  wax: '?at=wax',
  rinse: '?at=wax',
  'use-first': '?at=shelf',
  promise: '?at=shelf',
};
const link = (l: SpokenLine): string => `${placeOf(l)}${IN_JAR[l.kind] ?? ''}`;
const placeOf = (l: SpokenLine): string =>
  ['', l.stage, l.batchId ?? l.hiveId].filter((part) => part !== null).join('/');
const isPast = (l: SpokenLine): boolean =>
  l.dueAt !== null && Date.parse(l.dueAt) < now.value.getTime();
function when(l: SpokenLine): string {
  if (l.dueAt === null) return '';
  const at = clockText(l.dueAt, zone.value, now.value);
  if (isPast(l)) return tell('TodayView.due-since', { at });
  return l.kind === 'draw-off' ? tell('TodayView.before', { at }) : at;
}
/** How the first lines end: now, at an hour, before one. */
const dueWord = (l: SpokenLine): string => {
  if (isPast(l)) return tell('TodayView.due-now');
  return l.kind === 'draw-off' ? when(l) : tell('TodayView.due-at', { when: when(l) });
};
const nameOfHive = (id: string): string | null =>
  hives.data.value?.find((h) => h.id === id)?.name ?? null;
/** Seven days, each with what hangs from it; what is due already hangs from today. */
const days = computed(() =>
  Array.from({ length: 7 }, (_, i) => {
    const day = DateTime.fromJSDate(now.value, { zone: zone.value }).plus({ days: i });
    const hung = lines.value.filter((l) => {
      if (!l.dueAt) return i === 0;
      const due = DateTime.fromISO(l.dueAt, { zone: zone.value });
      return due.hasSame(day, 'day') || (i === 0 && due < day.startOf('day'));
    });
    return {
      key: day.toISODate(),
      name:
        i === 0
          ? tell('TodayView.today', { day: moment(day, 'weekday-number') })
          : moment(day, 'weekday-number'),
      hung: groupHung(hung, nameOfHive),
    };
  }),
);
const ifLeftSaid = computed(() => saysIfLeft(days.value));
/** Days with nothing on them give their room to the others. */
const columns = computed(() =>
  days.value
    .map((day, i) => {
      if (i === 0) return 'minmax(0, 1.8fr)';
      return day.hung.length ? 'minmax(0, 1fr)' : '74px';
    })
    .join(' '),
);
/** What has its date after the seven days but within two months, the soonest first. */
const LATER_DAYS = 60;
const later = computed(() => {
  const today = DateTime.fromJSDate(now.value, { zone: zone.value }).startOf('day');
  return lines.value.flatMap((line) => {
    if (!line.dueAt) return [];
    const due = DateTime.fromISO(line.dueAt, { zone: zone.value });
    const days = due.diff(today, 'days').days;
    return days >= 7 && days < LATER_DAYS ? [{ line, on: dayOf(due) }] : [];
  });
});
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else class="stage wide today">
    <FirstSteps v-if="!hives.data.value?.length" />
    <template v-else>
      <div class="lead">
        <h1 class="big">
          <template v-for="l in lead" :key="l.id"
            ><span :class="{ rust: l.urgent || isPast(l) }"
              >{{ l.title }}{{ l.dueAt ? ` ${dueWord(l)}` : '' }}.</span
            >{{ ' ' }}</template
          ><template v-if="!lead.length"
            >{{ tell('TodayView.nothing-due-today') }}{{ ' ' }}</template
          ><span v-if="ripe" class="green">{{ ripe.title }}.</span>
        </h1>
        <div class="acts row">
          <Button
            v-if="lead[0]?.kind === 'stir'"
            :label="tell('TodayView.done', { title: lead[0].title })"
            :loading="busy"
            @click="stirred(lead[0])"
          /><RouterLink v-else-if="lead[0]" class="p-button p-component" :to="link(lead[0])">{{
            lead[0].title
          }}</RouterLink
          ><RouterLink
            v-if="ripe"
            class="p-button p-component p-button-outlined"
            :to="link(ripe)"
            >{{ tell('TodayView.choose-combs') }}</RouterLink
          >
        </div>
      </div>
      <Refusal :refusal="refusal" />
      <div class="upper">
        <div ref="frame" class="drawn">
          <HivesAtSites
            :hives="hives.data.value"
            :rules="rules.data.value!.rules"
            :now="now"
            :widthPx="width"
          />
        </div>
        <aside v-if="harvests?.length">
          <h2 class="furrow-heading">{{ tell('TodayView.on-row') }}</h2>
          <RouterLink
            v-for="b in harvests.slice(0, 5)"
            :key="b.id"
            :to="`/${b.stage}/${b.id}`"
            class="onrow"
            ><b class="display">{{ b.hiveName }}</b
            ><span
              >{{ dateText(b.date)
              }}{{ harvestMark(b, harvests) ? `, ${said(harvestMark(b, harvests))}` : '' }}</span
            ><span class="sub"
              >{{
                b.closedAt
                  ? tell('TodayView.in-the-book')
                  : tell('TodayView.at-stage', { stage: STAGE_NAMES[b.stage] })
              }}{{ clockOf(b.id) }}</span
            ></RouterLink
          >
          <p v-if="clocks?.length" class="sub">
            <a class="file" href="/api/v1/plans/timetable.ics">{{
              tell('TodayView.what-due-as-calendar-file')
            }}</a>
          </p>
        </aside>
      </div>
      <section
        class="days"
        :aria-label="tell('TodayView.next-seven-days')"
        :style="{ gridTemplateColumns: columns }"
      >
        <div v-for="(day, i) in days" :key="String(day.key)" class="day">
          <h2 :class="{ first: i === 0 }">{{ day.name }}</h2>
          <div
            v-for="{ key, lines: [l], names, before, after } in day.hung"
            :key="key"
            class="hung"
            :class="{ urgent: l.urgent || isPast(l), ripe: l.kind === 'ripe' }"
          >
            <p v-if="names.length > 1" class="together">
              <b>{{ before }}</b><template v-for="(n, at) in names" :key="n.line.id"
                ><RouterLink :to="link(n.line)"
                  ><b>{{ n.name }}</b></RouterLink
                >{{
                  at < names.length - 2
                    ? ', '
                    : at === names.length - 2
                      ? ' ' + tell('TodayView.and') + ' '
                      : ''
                }}</template
              ><b>{{ after }}</b>
            </p>
            <RouterLink v-else :to="link(l)"
              ><b>{{ l.title }}</b></RouterLink
            ><span v-if="when(l)" :class="{ rust: l.urgent || isPast(l) }">{{ when(l) }}</span
            ><span v-if="ifLeftSaid.has(`${day.key} ${key}`)" class="sub">{{
              tell('TodayView.if-left', { ifLeft: l.ifLeft })
            }}</span>
            <Button
              v-if="l.kind === 'stir'"
              text
              :label="tell('TodayView.stirred')"
              :aria-label="tell('TodayView.stirred-2', { title: l.title })"
              @click="stirred(l)"
            /><Button
              v-if="l.kind === 'look-back'"
              text
              :label="tell('TodayView.looked-back')"
              @click="lookedBack(l)"
            /><Button
              v-if="l.kind === 'site-task'"
              text
              :label="tell('common.done')"
              :aria-label="tell('TodayView.done', { title: l.title })"
              @click="taskDone(l)"
            />
          </div>
        </div>
      </section>
      <section v-if="later.length" class="later">
        <h2 class="furrow-heading">{{ tell('TodayView.later') }}</h2>
        <ul>
          <li v-for="{ line, on } in later" :key="line.id">
            <span class="sub">{{ dateText(on) }}</span>{{ ' '
            }}<RouterLink :to="link(line)">{{ line.title }}</RouterLink>
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.later ul {
  list-style: none;
  margin: 0;
  padding: 0;
  columns: 2 340px;
}
.later li {
  padding: 6px 0;
  min-height: 40px;
}
.lead {
  display: flex;
  gap: 20px;
  justify-content: space-between;
  align-items: flex-start;
  flex-wrap: wrap;
}
.big {
  font-size: 30px;
  line-height: 40px;
  max-width: 780px;
}

.upper {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 28px;
}
.onrow {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
  min-height: 48px;
  padding: 10px 0;
  border-bottom: var(--line);
  text-decoration: none;
}
.onrow .sub {
  margin-left: auto;
  white-space: nowrap;
}
@media (max-width: 1023px) {
  .upper {
    grid-template-columns: minmax(0, 1fr);
  }
}
.file {
  display: inline-block;
  padding: 12px 0;
}
/* Room for the hives while they are drawn: what stands below does not jump. */
.drawn:empty {
  min-height: 300px;
}
.days {
  display: grid;
  gap: 0;
  margin-top: 6px;
}
.day h2 {
  font: 700 16px/26px var(--text);
  background: var(--wood);
  border: 1.5px solid var(--ink);
  margin: 0 0 0 -1.5px;
  padding: 0 10px;
  white-space: nowrap;
}
.day h2.first {
  background: var(--ink);
  color: var(--lime-0);
}
.together {
  margin: 0;
}
.together a {
  text-decoration: underline;
  display: inline-block;
}
.hung > a {
  text-decoration: none;
  min-height: 32px;
}
.hung a:hover {
  text-decoration: underline;
}
.hung :deep(.p-button) {
  align-self: flex-start;
  padding: 0;
  min-height: 44px;
}
.hung {
  display: flex;
  flex-direction: column;
  margin: 0 8px 4px;
  padding: 6px 12px 8px;
  border: 1.5px solid var(--ink);
  border-top: 0;
  border-radius: 0 0 12px 12px;
  background: var(--lime-0);
  text-decoration: none;
  min-height: 48px;
}
.hung.urgent {
  border: 3px solid var(--rust);
  border-top: 0;
}
.hung.ripe {
  border: 2.5px solid var(--field);
  border-top: 0;
}
@media (max-width: 1023px) {
  .days {
    grid-template-columns: 1fr !important;
  }
  .day:not(:first-child):not(:has(.hung)) {
    display: none;
  }
}
/* On a phone what is due comes before the drawing of the hives. */
@media (max-width: 599px) {
  .today {
    display: flex;
    flex-direction: column;
  }
  .upper {
    order: 1;
  }
  .later {
    order: 2;
  }
}
</style>
