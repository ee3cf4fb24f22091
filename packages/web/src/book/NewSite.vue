<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { emptySite, siteIssues } from '../parts/siteDraft.js';
import SiteFields from '../parts/SiteFields.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/** A site made where it is missed: its name, and the rest as the browser tells it. */
const emit = defineEmits<{ made: [id: string] }>();
const { go, busy, refusal, fieldError } = useSend();
const site = ref(emptySite());
const tried = ref(false);
const issues = computed(() => siteIssues(site.value));
const errors = computed(() => ({
  name: (tried.value ? issues.value.name : null) ?? fieldError('name'),
  hemisphere: tried.value ? issues.value.hemisphere : null,
}));
async function make(): Promise<void> {
  tried.value = true;
  if (Object.keys(issues.value).length) return;
  const id = newId();
  const done = await go(
    '/sites',
    { id, ...site.value },
    tell('NewSite.site-made', { site: site.value.name }),
  );
  if (!done) return;
  [site.value, tried.value] = [emptySite(), false];
  emit('made', id);
}
</script>

<template>
  <form class="new-site" @submit.prevent="make">
    <SiteFields v-model="site" :errors="errors" />
    <Refusal :refusal="refusal" :fields="['name']" />
    <Button type="submit" outlined :label="tell('NewSite.make-this-site')" :loading="busy" />
  </form>
</template>

<style scoped>
.new-site {
  display: flex;
  gap: 12px 14px;
  align-items: flex-end;
  flex-wrap: wrap;
}
</style>
