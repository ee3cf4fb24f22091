<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { onMounted, onUnmounted, ref } from 'vue';
import { onBeforeRouteLeave, useRouter, type RouteLocationNormalized } from 'vue-router';

/** Asks before a screen is left whose changes are not written down. */
const props = defineProps<{
  /** What was changed, such as "House rules". */
  what: string;
  dirty: boolean;
  /** What stands against writing it down as it is; null where nothing does. */
  against: string | null;
  /** Writes it down; true when it is. */
  save: () => Promise<boolean>;
}>();
const router = useRouter();
const target = ref<RouteLocationNormalized | null>(null);
const busy = ref(false);
/** The way was chosen: the screen may be left. */
let settled = false;
onBeforeRouteLeave((to) => {
  if (!props.dirty || settled) return true;
  target.value = to;
  return false;
});
async function leave(): Promise<void> {
  const to = target.value!;
  settled = true;
  target.value = null;
  await router.push(to.fullPath);
}
async function saveAndLeave(): Promise<void> {
  busy.value = true;
  const done = await props.save();
  busy.value = false;
  if (done) await leave();
  // What was refused is said on the screen itself.
  else target.value = null;
}
/** The page itself is closed or loaded anew: the browser asks in its own words. */
function beforeUnload(event: BeforeUnloadEvent): void {
  if (props.dirty) event.preventDefault();
}
onMounted(() => window.addEventListener('beforeunload', beforeUnload));
onUnmounted(() => window.removeEventListener('beforeunload', beforeUnload));
</script>

<template>
  <DialogFrame
    :visible="target !== null"
    :header="tell('LeaveUnsaved.are-not-written-down', { what })"
    :width="440"
    @update:visible="target = null"
  >
    <div class="acts bench">
      <p v-if="against" class="rust">
        <b>{{ against }}</b>
      </p>
      <Button
        v-else
        :label="tell('LeaveUnsaved.write-them-down-and-go')"
        :loading="busy"
        @click="saveAndLeave"
      />
      <Button outlined :label="tell('LeaveUnsaved.go-as-they-were-before')" @click="leave" />
      <Button text :label="tell('LeaveUnsaved.stay-here')" @click="target = null" />
    </div>
  </DialogFrame>
</template>
