<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import { askForNotifications, ring } from './alarms.js';
import { useUi } from './ui.js';

/** Turns alarms on: asks for notifications once, rings once so that the sound is known. */
const ui = useUi();
async function turn(): Promise<void> {
  ui.alarms = !ui.alarms;
  if (!ui.alarms) return ui.say(tell('AlarmKey.alarms-are-off-what-due'));
  ring(tell('AlarmKey.this-how-alarm-sounds'));
  const says = await askForNotifications();
  ui.say(says ?? tell('AlarmKey.alarms-ring-while-this-page'));
}
</script>

<template>
  <Button
    text
    :label="ui.alarms ? tell('AlarmKey.alarms-on') : tell('AlarmKey.ring-when-due')"
    :aria-pressed="ui.alarms"
    @click="turn"
  />
</template>
