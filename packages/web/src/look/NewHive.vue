<script setup lang="ts">
import { said, whyNot } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  HIVE_KINDS,
  HIVE_KIND_NAMES,
  TOP_BAR_DEFAULTS,
  geometryIssues,
  hiveKind,
  newHiveFieldsSchema,
  type Geometry,
  type Hive,
  type HiveKindName,
  type TopBarGeometry,
  isLong,
  dayOf,
  topBarOf,
} from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import NewStack from './NewStack.vue';
import NewTopBar from './NewTopBar.vue';
import KindPicture from './KindPicture.vue';
import Refusal from '../parts/Refusal.vue';
import { emptySite, siteIssues } from '../parts/siteDraft.js';
import SiteFields from '../parts/SiteFields.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useHives, useSites } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { useDraft } from '../shell/draft.js';
import { useNow } from '../shell/useNow.js';

const route = useRoute();
const router = useRouter();
const { data: sites } = useSites();
interface HiveDraft {
  siteId: string;
  site: ReturnType<typeof emptySite>;
  name: string;
  kind: HiveKindName;
  geometry: TopBarGeometry;
  stack: Geometry | null;
  startedOn: string;
}
const { draft, clear } = useDraft<HiveDraft>('new-hive', () => ({
  siteId: '',
  site: emptySite(),
  name: '',
  kind: 'top-bar',
  geometry: { ...TOP_BAR_DEFAULTS },
  stack: null,
  startedOn: '',
}));
const now = useNow();
/** Since when the colony lives there; a year until somebody says. */
const startedOn = computed({
  get: () => draft.value.startedOn || dayOf(DateTime.fromJSDate(now.value).minus({ years: 1 })),
  set: (on: string) => (draft.value.startedOn = on),
});
/** A hive without a name is numbered; it is taken to be built like the one made before it. */
const { data: hives } = useHives();
watch(
  hives,
  (list) => {
    if (!list || draft.value.name !== '') return;
    draft.value.name = tell('NewHive.hive', { list: list.length + 1 });
    const before = list.at(-1);
    if (before && !route.query.kind) likeBefore(before);
  },
  { immediate: true },
);
function likeBefore({ kind: before, geometry }: Pick<Hive, 'kind' | 'geometry'>): void {
  draft.value.kind = before;
  if (isLong(before)) draft.value.geometry = topBarOf(geometry);
  else draft.value.stack = { ...geometry };
}
watch(
  sites,
  (list) => {
    if (list?.length && draft.value.siteId === '' && draft.value.site.name === '')
      draft.value.siteId = list[0].id;
  },
  { immediate: true },
);
/** Measures of the kind chosen; the long hive keeps its own while another is tried. */
const kind = computed(() => hiveKind(draft.value.kind ?? 'top-bar'));
const standsLong = computed(() => isLong(kind.value.kind));
const measures = computed<Geometry>(() =>
  standsLong.value ? draft.value.geometry : (draft.value.stack ?? kind.value.defaults),
);
function choose(name: HiveKindName): void {
  draft.value.kind = name;
  draft.value.stack = isLong(name) ? null : { ...hiveKind(name).defaults };
}
/** The drawing somebody came by is the kind they mean. */
const meant = HIVE_KIND_NAMES.find((name) => name === route.query.kind);
if (meant && meant !== draft.value.kind) choose(meant);
const siteSend = useSend();
const hiveSend = useSend();
const tried = ref(false);
const form = ref<HTMLFormElement | null>(null);
const makesSite = computed(
  () => draft.value.siteId === '' || !sites.value?.some((s) => s.id === draft.value.siteId),
);
const busy = computed(() => siteSend.busy.value || hiveSend.busy.value);

const issues = computed(() => {
  const found: Record<string, string> = {};
  if (makesSite.value)
    for (const [field, says] of Object.entries(siteIssues(draft.value.site)))
      found[`site.${field}`] ??= says;
  const hive = newHiveFieldsSchema.omit({ id: true, siteId: true }).safeParse({
    name: draft.value.name,
    kind: kind.value.kind,
    geometry: measures.value,
    colonyStartedOn: startedOn.value,
  });
  if (!hive.success)
    for (const i of hive.error.issues) found[i.path.join('.')] ??= whyNot(i.message) ?? '';
  for (const i of geometryIssues(kind.value.kind, measures.value))
    found[`geometry.${i.path}`] ??= said(i.says);
  if (found.colonyStartedOn) found.colonyStartedOn = tell('NewHive.say-when-this-colony-moved');
  return found;
});
const at = (path: string): string | null => (tried.value ? (issues.value[path] ?? null) : null);
/** The long hive keeps its own measures while another kind is tried. */
function measure(geometry: Geometry): void {
  if (standsLong.value) draft.value.geometry = topBarOf(geometry);
  else draft.value.stack = geometry;
}
const narrow = window.matchMedia('(max-width: 700px)').matches;
/** Where a kind was touched on the way here, the other kinds wait behind one line on a phone. */
const foldsKinds = narrow && Boolean(meant);
async function make(): Promise<void> {
  tried.value = true;
  if (Object.keys(issues.value).length) {
    await nextTick();
    // What is missing may stand far from the key: it comes into view.
    const first = form.value?.querySelector('[role="alert"]');
    first?.scrollIntoView({ block: 'center' });
    return;
  }
  let siteId = draft.value.siteId;
  if (makesSite.value) {
    const id = newId();
    const { site } = draft.value;
    const made = await siteSend.go(
      '/sites',
      { id, ...site },
      tell('NewHive.site-made', { site: site.name }),
    );
    if (!made) return;
    siteId = draft.value.siteId = id;
  }
  const id = newId();
  const made = await hiveSend.go(
    '/hives',
    {
      id,
      siteId,
      name: draft.value.name,
      kind: kind.value.kind,
      geometry: measures.value,
      colonyStartedOn: startedOn.value,
      colonyStartedAssumed: !draft.value.startedOn,
    },
    tell('NewHive.stands', { draft: draft.value.name }),
  );
  if (!made) return;
  clear();
  await router.push(`/look/${id}`);
}
</script>

<template>
  <form ref="form" class="stage" @submit.prevent="make">
    <header>
      <h1>{{ tell('common.new-hive') }}</h1>
      <span class="sub">{{ tell('NewHive.choose-kind-then-drag-it') }}</span>
    </header>
    <section class="left">
      <component :is="foldsKinds ? 'details' : 'div'">
        <summary v-if="foldsKinds" class="another">
          {{ tell('NewHive.or-another-kind', { kind: kind.name }) }}
        </summary>
        <div class="kinds" role="radiogroup" :aria-label="tell('common.kind-hive')">
          <button
            v-for="name in HIVE_KIND_NAMES"
            :key="name"
            type="button"
            class="kind"
            :class="{ on: kind.kind === name }"
            role="radio"
            :aria-checked="kind.kind === name"
            @click="choose(name)"
          >
            <KindPicture :kind="name" /><b>{{ said(HIVE_KINDS[name].name) }}</b>
          </button>
        </div>
      </component>
      <component
        :is="standsLong ? NewTopBar : NewStack"
        :kind="kind"
        :geometry="measures"
        :issue="(key: string) => at(`geometry.${key}`)"
        @change="measure"
      />
    </section>
    <aside class="acts">
      <h2 class="furrow-heading">{{ tell('NewHive.where-it-stands') }}</h2>
      <div v-if="sites?.length" class="field">
        <label for="site">{{ tell('NewHive.site') }}</label><select
          id="site"
          v-model="draft.siteId"
          class="native"
        >
          <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
          <option value="">{{ tell('NewHive.new-site') }}</option>
        </select>
      </div>
      <SiteFields
        v-if="makesSite"
        v-model="draft.site"
        :errors="{
          name: at('site.name') ?? siteSend.fieldError('name'),
          hemisphere: at('site.hemisphere'),
        }"
      />
      <h2 class="furrow-heading">{{ tell('NewHive.hive-2') }}</h2>
      <TextField
        v-model="draft.name"
        :label="tell('common.name-hive')"
        :error="at('name') ?? hiveSend.fieldError('name')"
      />
      <TextField
        v-model="startedOn"
        type="date"
        :label="tell('common.this-colony-lives-here-since')"
        :error="at('colonyStartedOn') ?? hiveSend.fieldError('colonyStartedOn')"
        :hint="tell('NewHive.taken-as-year-ago-until')"
      />
      <Refusal
        :refusal="siteSend.refusal.value ?? hiveSend.refusal.value"
        :fields="['name', 'colonyStartedOn']"
      />
      <Button
        v-if="!narrow"
        type="submit"
        :label="tell('NewHive.make-this-hive')"
        :loading="busy"
      />
    </aside>
    <div v-if="narrow" class="pinned">
      <Button type="submit" :label="tell('NewHive.make-this-hive')" :loading="busy" />
    </div>
  </form>
</template>

<style scoped>
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 14px;
}
.kind {
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: center;
  justify-content: flex-end;
  width: 112px;
  min-height: 124px;
  border: 1.5px solid var(--lichen-5);
  background: var(--lime-0);
  border-radius: 8px;
  padding: 8px 6px;
  font: 600 14px/17px var(--text);
  color: var(--ink);
  cursor: pointer;
}
.kind.on {
  border: 3px solid var(--field);
  background: var(--field-wash);
  padding: 6.5px 4.5px;
}
.another {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 600;
  color: var(--field);
  cursor: pointer;
}
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
.field label {
  font-size: 15px;
  color: var(--ink-2);
}
</style>
