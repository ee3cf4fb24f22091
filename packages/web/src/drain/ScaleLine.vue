<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type HouseRules, type StreamReading } from '@furrow/core';

import Button from 'primevue/button';
import { computed, onScopeDispose, ref, watch } from 'vue';
import { newId } from '../api/client.js';
import { useScale } from '../api/live.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { useUi } from '../shell/ui.js';

/**
 * What the scale shows now, said plainly when it is silent or over its range; its readings can be
 * kept in a row.
 */
const props = defineProps<{
  drainId: string;
  rules: HouseRules;
  zone: string;
  now: Date;
  of: 'lower' | 'upper';
}>();
const emit = defineEmits<{ use: [grams: number] }>();
const ui = useUi();
const { reading, lastSteady, silentSince, serial, connect, canConnect } = useScale(
  computed(() => `drainId=${props.drainId}&of=${props.of}`),
);
const keeping = ref(false);
const kept = ref(0);
const { go } = useSend();
const waiting: StreamReading[] = [];
let sending = false;
watch(reading, (r) => {
  if (!keeping.value || !r || r.state !== 'steady') return;
  if (waiting.at(-1)?.at !== r.at) waiting.push({ at: r.at, g: r.value });
});
async function sendRow(): Promise<void> {
  if (sending || !waiting.length) return;
  sending = true;
  const row = waiting.splice(0, 500);
  const sent = await go(
    '/readings',
    {
      id: newId(),
      drainId: props.drainId,
      instrument: serial.value ? 'scale' : tell('ScaleLine.bench-scale'),
      readings: row,
    },
    tell('ScaleLine.readings-kept', { readings: row.length }),
  );
  // What did not arrive waits and is sent again; the server knows readings by their instant.
  if (sent) kept.value += row.length;
  else waiting.unshift(...row);
  sending = false;
}
const timer = setInterval(() => void sendRow(), 10_000);
onScopeDispose(() => {
  clearInterval(timer);
  void sendRow();
});
async function key(name: string, said: string): Promise<void> {
  await fetch('/api/v1/instruments/bench-scale/keys', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ key: name }),
  });
  ui.say(said);
}
const grams = (g: number): string => massText(g / 1000, props.rules.units, 3);
</script>

<template>
  <div class="scale" role="group" :aria-label="tell('common.scale')">
    <p v-if="silentSince" class="rust says" role="alert">
      <b>{{
        tell('ScaleLine.scale-silent-since', { silentSince: clockText(silentSince, zone, now) })
      }}</b><template v-if="lastSteady"
        >{{ ' '
        }}{{ tell('ScaleLine.it-last-showed', { lastSteady: grams(lastSteady.value) }) }}</template
      >
      {{ tell('ScaleLine.it-plugged-in-nothing-was') }}
    </p>
    <p v-else-if="reading?.state === 'overload'" class="rust says" role="alert">
      <b>{{ tell('ScaleLine.too-heavy-for-this-scale') }}</b>
      {{ tell('ScaleLine.draw-off-first-or-weigh') }}
    </p>
    <p v-else class="says">
      <b class="display shows">{{
        reading ? grams(reading.value) : tell('ScaleLine.no-reading-yet')
      }}</b>{{ ' ' }}
      <span class="sub"
        >{{
          reading
            ? reading.simulated
              ? tell('ScaleLine.practice-scale-2')
              : tell('ScaleLine.scale-2')
            : ''
        }}{{ reading?.state === 'moving' ? tell('ScaleLine.moving') : '' }}</span
      >
    </p>
    <div class="acts row">
      <Button
        outlined
        type="button"
        :label="tell('common.read-scale')"
        :disabled="
          !reading ||
          reading.state === 'silent' ||
          reading.state === 'overload' ||
          silentSince !== null
        "
        @click="emit('use', reading!.value)"
      /><Button
        outlined
        type="button"
        :aria-pressed="keeping"
        :label="keeping ? tell('ScaleLine.keeping', { kept }) : tell('ScaleLine.keep-in-row')"
        @click="keeping = !keeping"
      />
    </div>
    <details class="how">
      <summary>{{ tell('ScaleLine.scales-own-keys') }}</summary>
      <div class="acts row">
        <Button
          text
          type="button"
          :label="tell('ScaleLine.tare-key')"
          @click="key('tare', tell('ScaleLine.scale-shows-0-with-what'))"
        /><Button
          text
          type="button"
          :label="tell('ScaleLine.clear-tare')"
          @click="key('clear', tell('ScaleLine.scale-shows-all-that-stands'))"
        /><Button
          text
          type="button"
          :label="tell('ScaleLine.pull-its-plug')"
          @click="key('unplug', tell('ScaleLine.practice-scale-unplugged'))"
        /><Button
          text
          type="button"
          :label="tell('ScaleLine.plug-it-in')"
          @click="key('plug', tell('ScaleLine.practice-scale-back'))"
        /><Button
          text
          type="button"
          :label="
            canConnect
              ? tell('ScaleLine.scale-on-this-device')
              : tell('ScaleLine.scale-on-this-device-not')
          "
          :disabled="!canConnect"
          @click="connect"
        />
      </div>
    </details>
  </div>
</template>

<style scoped>
.scale {
  border-left: 4px solid var(--ink);
  padding-left: 12px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.shows {
  font-size: 27px;
}
.says {
  font-size: 17px;
}
.scale .p-button {
  padding: 0 12px;
  flex: 1;
}
</style>
