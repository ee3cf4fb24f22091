<script setup lang="ts">
import { comesLater } from '../parts/comesLater.js';
import { tell, moment } from '../words/tell.js';
import { serverSpeed } from '../api/client';
import { oneAtATime } from '../parts/oneTouch.js';
import { clockText, ranText } from './times';
import { useStandsSince } from '../api/failure';
import { useAwaySince, useLetIn } from '../api/away';
import { browserKeeps } from '../api/deviceStore';
import { notInHouse, takeBack } from '../api/outbox';
import type { OutboxEntry } from '../api/outboxEntry';
import { newerIsReady, takeNewerIn } from './newer';
import { hoursText, todaySay, type Clock } from '@furrow/core';
import { DateTime } from 'luxon';
import { useClocks, useHives, useRefresh } from '../api/queries.js';
import { computed, ref, watch } from 'vue';
import { everTrue } from '../parts/everTrue.js';
import { Refused, deviceAheadMinutes, read, send } from '../api/client.js';
import { dueNow, ring } from './alarms.js';
import { useUi } from './ui.js';
import { useNow } from './useNow.js';
import { said } from '../words/units.js';

const ui = useUi();
const now = useNow();
const refresh = useRefresh();
const { data: clocks } = useClocks();
const staleSince = useStandsSince();
const awaySince = useAwaySince();
/** Since when what stands here was not read anew: at once where the house is away. */
const standsSince = computed(() => staleSince.value ?? awaySince.value);
const { data: hives } = useHives();
const since = (clock: Clock): string => ranText(clock.startedAt, now.value);
function due(clock: Clock): string {
  const { dueAt, dueWhat } = clock;
  if (!dueAt || !dueWhat) return '';
  const hours = (Date.parse(dueAt) - now.value.getTime()) / 3_600_000;
  return said(
    hours > 0
      ? todaySay('clock.in', { what: dueWhat, hours: { hours } })
      : todaySay('clock.now', { what: dueWhat }),
  );
}
const WORDS: Record<Clock['kind'], string> = {
  drain: tell('common.drain'),
  settle: tell('common.settle'),
  wait: tell('SoilStrip.wait'),
  frame: tell('common.frame'),
  warm: tell('common.warm'),
  press: tell('common.press'),
  rack: tell('SoilStrip.rack'),
  freeze: tell('SoilStrip.cold'),
  thaw: tell('SoilStrip.thaw'),
  out: tell('common.comb'),
  wax: tell('common.wax'),
  rinse: tell('common.rinse'),
};
const WHERE: Record<Clock['kind'], string> = {
  drain: 'drain',
  settle: 'settle',
  wait: 'take',
  frame: 'take',
  warm: 'drain',
  press: 'drain',
  rack: 'cut',
  freeze: 'cut',
  thaw: 'cut',
  out: 'cut',
  wax: 'jar',
  rinse: 'jar',
};
/** A clock of this device that is minutes off is said; records go by Furrow's. */
const ahead = computed(() => (now.value ? deviceAheadMinutes() : 0));
const aheadText = computed(() =>
  tell('SoilStrip.this-devices-clock-furrow-writes', {
    ahead: hoursText(Math.abs(ahead.value) / 60),
    ahead2: ahead.value > 0 ? tell('SoilStrip.ahead') : tell('SoilStrip.behind'),
  }),
);
const rung = new Set<string>();
watch([clocks, now], () => {
  for (const { key, text } of dueNow(clocks.value ?? [], now.value, rung)) {
    rung.add(key);
    if (!ui.alarms) continue;
    ring(text);
    ui.say(text);
  }
});
/** Touched twice it takes back one entry. */
const undo = oneAtATime(async (): Promise<void> => {
  try {
    // Without a message on the strip, the last entry there is.
    const commandId =
      ui.message?.commandId ??
      (await read('/journal')).items.find((line) => !line.undoneBy)?.commandId;
    if (!commandId) return ui.say(tell('SoilStrip.there-nothing-to-undo'));
    // What has not left this device is taken off it.
    if (await takeBack(commandId)) return ui.say(tell('SoilStrip.undone'));
    await send('/undo', { commandId });
    ui.say(tell('SoilStrip.undone'));
    await refresh();
  } catch (error) {
    ui.say(error instanceof Refused ? error.message : tell('SoilStrip.this-could-not-be-undone'));
  }
});
/** What is on the screen could not be read anew: said with its age, by Furrow's clock. */
const standsText = computed(() => {
  if (standsSince.value === null) return null;
  const ageMs = (Date.now() - standsSince.value) * serverSpeed();
  const at = clockText(new Date(now.value.getTime() - ageMs).toISOString(), zone.value, now.value);
  return tell('SoilStrip.furrow-cannot-be-reached-what', { at });
});
const zone = computed(() => hives.value?.[0]?.site.zone ?? 'local');
const letIn = useLetIn();
const WaitingDialog = comesLater(() => import('./WaitingDialog.vue'));
const waitingShown = ref(false);
const waitingAsked = everTrue(() => waitingShown.value);
/** What is on its way for a moment is nothing to tell. */
const MOMENT_MS = 2000;
const waits = computed(() => {
  void now.value;
  const isLate = ({ refused, deviceAt }: OutboxEntry): boolean =>
    refused !== null || Date.now() - Date.parse(deviceAt) > MOMENT_MS;
  return awaySince.value === null ? notInHouse.value.filter(isLate) : notInHouse.value;
});
const refusedCount = computed(() => waits.value.filter((e) => e.refused).length);
defineExpose({ undo });
</script>

<template>
  <footer class="soil-strip" :aria-label="tell('SoilStrip.clocks-and-messages')">
    <button
      v-if="waits.length"
      type="button"
      class="waits"
      :class="{ refused: refusedCount }"
      @click="waitingShown = true"
    >
      {{
        refusedCount
          ? tell('SoilStrip.refused', { count: refusedCount })
          : tell('SoilStrip.waits', { count: waits.length })
      }}
    </button>
    <span v-if="standsText" class="clock stands" role="status">{{ standsText }}</span>
    <span v-if="!letIn" class="clock stands" role="alert"
      >{{ tell('SoilStrip.not-let-in') }}
      <a href="/pair">{{ tell('SoilStrip.let-it-in') }}</a></span
    >
    <span v-if="waits.length && !browserKeeps" class="clock stands" role="alert">{{
      tell('SoilStrip.nothing-kept')
    }}</span>
    <button v-if="newerIsReady" type="button" @click="takeNewerIn()">
      {{ tell('SoilStrip.newer-ready') }}
    </button>
    <RouterLink
      v-for="c in clocks"
      :key="c.id"
      :to="`/${WHERE[c.kind]}/${c.batchId}${c.kind === 'wax' || c.kind === 'rinse' ? '?at=wax' : ''}`"
      class="clock"
      :class="{ running: c.kind !== 'settle' }"
    >
      <b>{{ WORDS[c.kind] }}</b> {{ c.hiveName }} <b>{{ since(c) }}</b>{{ ' ' }}
      <span class="quiet">{{ due(c) }}</span>
    </RouterLink>
    <span v-if="Math.abs(ahead) >= 3" class="clock ahead">
      <span class="text">{{ aheadText }}</span>
    </span>
    <span v-if="clocks?.length === 0 && !standsText" class="quiet">{{
      tell('SoilStrip.no-clock-runs')
    }}</span>
    <span class="grow" />
    <span
      class="said"
      :class="{ told: ui.message && !ui.message.commandId }"
      role="status"
      aria-live="polite"
    >
      <template v-if="ui.message">
        <span class="text">{{ said(ui.message.text) }}</span>
        <button v-if="ui.message.commandId" type="button" @click="undo()">
          {{ tell('common.undo') }}
        </button>
      </template>
    </span>
    <WaitingDialog v-if="waitingAsked" v-model:visible="waitingShown" :zone="zone" :now="now" />
    <b class="time">{{ moment(DateTime.fromJSDate(now, { zone }), 'clock') }}</b>
  </footer>
</template>

<style scoped>
.soil-strip {
  background: var(--soil);
  color: var(--on-soil);
  display: flex;
  align-items: center;
  padding: 0 28px;
  gap: 24px;
  font-size: 15px;
  height: 40px;
  white-space: nowrap;
  overflow: hidden;
}
.clock {
  display: flex;
  gap: 8px;
  align-items: center;
  text-decoration: none;
  height: 40px;
}
.clock::before {
  content: '';
  width: 9px;
  height: 9px;
  border-radius: 50%;
  border: 2px solid var(--on-soil);
}
.clock.running::before {
  background: var(--on-soil);
}
.quiet {
  color: var(--on-soil-2);
}
.grow {
  flex: 1;
}
.said {
  display: flex;
  align-items: center;
  min-width: 0;
}
/* A long message is cut short, never the way back or the time. */
.said .text,
.ahead .text {
  overflow: hidden;
  text-overflow: ellipsis;
}
.said button {
  flex: none;
}
.clock {
  flex: none;
}
/* Where more runs than fits, the time stays. */
.time {
  position: sticky;
  right: 0;
  padding-left: 12px;
  background: var(--soil);
}
.clock.ahead {
  flex: 0 1 auto;
  min-width: 0;
}
button {
  background: none;
  color: inherit;
  border: 1.5px solid var(--on-soil);
  border-radius: 6px;
  font: 600 15px var(--text);
  height: 30px;
  padding: 0 12px;
  margin-left: 8px;
  cursor: pointer;
}
.waits {
  flex: none;
  margin-left: 0;
}
.waits.refused {
  background: var(--rust);
}
:focus-visible {
  outline-color: var(--on-soil);
  outline-offset: -2px;
}
@media (max-width: 599px) {
  .soil-strip {
    padding: 0 12px;
    gap: 10px;
    font-size: 14px;
  }
  .soil-strip {
    height: 56px;
  }
  .clock {
    height: 56px;
  }
  button {
    height: 48px;
  }
  /* What was just done stands before what runs: with it comes the way back. */
  .soil-strip:has(.said .text) .grow,
  .soil-strip:has(.said .text) .clock:not(.stands),
  .soil-strip:has(.said .text) > .quiet {
    display: none;
  }
  .said {
    flex: 1;
  }
  .said .text {
    flex: 1;
  }
  .time {
    display: none;
  }
  /*
   * While the house is away its age stands alone, beside what waits for the house: there it can be
   * taken back. Only what was just told takes its place, as long as it is told.
   */
  .soil-strip:has(.stands) > :not(.stands, .told, .waits),
  .soil-strip:has(.told) > .stands.stands {
    display: none;
  }
  .soil-strip > .told .text {
    white-space: normal;
    line-height: 18px;
  }
  .soil-strip > .stands {
    display: flex;
    flex: 1;
    white-space: normal;
    line-height: 18px;
  }
  .clock .quiet {
    display: none;
  }
  .stands::before {
    flex: none;
  }
}
</style>
