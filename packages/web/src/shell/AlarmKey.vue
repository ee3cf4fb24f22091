<script setup lang="ts">
import Button from 'primevue/button';
import { askForNotifications, ring } from './alarms.js';
import { useUi } from './ui.js';

/** Turns alarms on: asks for notifications once, rings once so that the sound is known. */
const ui = useUi();
async function turn(): Promise<void> {
  ui.alarms = !ui.alarms;
  if (!ui.alarms) return ui.say('Alarms are off. What is due still stands here in rust.');
  ring('This is how an alarm sounds.');
  const says = await askForNotifications();
  ui.say(
    says ??
      'Alarms ring while this page is open. For a sleeping phone take the calendar file of Ready.',
  );
}
</script>

<template>
  <Button
    text
    :label="ui.alarms ? 'Alarms on' : 'Ring when due'"
    :aria-pressed="ui.alarms"
    @click="turn"
  />
</template>
