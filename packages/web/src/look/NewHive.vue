<script setup lang="ts">
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
} from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import SectionTopBar from '../drawing/SectionTopBar.vue';
import NewStack from './NewStack.vue';
import KindPicture from './KindPicture.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { emptySite, siteIssues } from '../parts/siteDraft.js';
import SiteFields from '../parts/SiteFields.vue';
import TextField from '../parts/TextField.vue';
import { useWidth } from '../parts/useWidth.js';
import { newId } from '../server/client.js';
import { useHives, useSites } from '../server/queries.js';
import { useSend } from '../server/useSend.js';
import { useDraft } from '../shell/draft.js';
import { useNow } from '../shell/useNow.js';

const route = useRoute();
const router = useRouter();
const { data: sites } = useSites();
const { draft, clear } = useDraft('new-hive', () => ({
  siteId: '',
  site: emptySite(),
  name: '',
  kind: 'top-bar' as HiveKindName,
  geometry: { ...TOP_BAR_DEFAULTS } as TopBarGeometry,
  stack: null as Geometry | null,
  startedOn: '',
}));
const now = useNow();
/** Since when the colony lives there; a year until somebody says. */
const startedOn = computed({
  get: () =>
    draft.value.startedOn || DateTime.fromJSDate(now.value).minus({ years: 1 }).toISODate()!,
  set: (on: string) => (draft.value.startedOn = on),
});
/** A hive without a name is numbered; it is taken to be built like the one made before it. */
const { data: hives } = useHives();
watch(
  hives,
  (list) => {
    if (!list || draft.value.name !== '') return;
    draft.value.name = `Hive ${list.length + 1}`;
    const before = list.at(-1);
    if (before && !route.query.kind) likeBefore(before);
  },
  { immediate: true },
);
function likeBefore({ kind: before, geometry }: Pick<Hive, 'kind' | 'geometry'>): void {
  draft.value.kind = before;
  if (before === 'top-bar') draft.value.geometry = { ...(geometry as TopBarGeometry) };
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
const isLong = computed(() => kind.value.kind === 'top-bar');
const measures = computed<Geometry>(() =>
  isLong.value ? draft.value.geometry : (draft.value.stack ?? kind.value.defaults),
);
function choose(name: HiveKindName): void {
  draft.value.kind = name;
  draft.value.stack = name === 'top-bar' ? null : { ...hiveKind(name).defaults };
}
/** The drawing somebody came by is the kind they mean. */
const meant = HIVE_KIND_NAMES.find((name) => name === route.query.kind);
if (meant && meant !== draft.value.kind) choose(meant);
const siteSend = useSend();
const hiveSend = useSend();
const tried = ref(false);
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
    kind: kind.value.kind as HiveKindName,
    geometry: measures.value,
    colonyStartedOn: startedOn.value,
  });
  if (!hive.success) for (const i of hive.error.issues) found[i.path.join('.')] ??= i.message;
  for (const i of geometryIssues(kind.value.kind as HiveKindName, measures.value))
    found[`geometry.${i.path}`] ??= i.message;
  if (found.colonyStartedOn) found.colonyStartedOn = 'Say when this colony moved in.';
  return found;
});
const at = (path: string): string | null => (tried.value ? (issues.value[path] ?? null) : null);
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const scale = computed(() =>
  Math.max(
    0.5,
    Math.min(
      0.98,
      (width.value - 20) / (draft.value.geometry.bars * draft.value.geometry.barWidthMm + 84),
    ),
  ),
);
const combs = computed(() =>
  Array.from({ length: draft.value.geometry.followerAfterBar }, (_, i) => ({
    slot: i + 1,
    depthMm: draft.value.geometry.combDepthMm,
    A: null,
    B: null,
  })),
);
function set(part: Partial<TopBarGeometry>): void {
  const next = { ...draft.value.geometry, ...part };
  if (next.followerAfterBar > next.bars) next.followerAfterBar = next.bars;
  draft.value.geometry = next;
}
/** End view: the comb's face in the hive, its four corners dragged. */
const ends = computed(() => {
  const g = draft.value.geometry;
  const k = 0.5;
  const cx = 190;
  return {
    k,
    cx,
    top: 34,
    y: 34 + g.combDepthMm * k,
    tx: cx + (g.topWidthMm * k) / 2,
    bx: cx + (g.bottomWidthMm * k) / 2,
    d: `M${cx - (g.topWidthMm * k) / 2} 34H${cx + (g.topWidthMm * k) / 2}L${cx + (g.bottomWidthMm * k) / 2} ${34 + g.combDepthMm * k}H${cx - (g.bottomWidthMm * k) / 2}Z`,
  };
});
const corner = ref<'top' | 'bottom' | null>(null);
const endSvg = ref<SVGSVGElement | null>(null);
function grab(event: PointerEvent, which: 'top' | 'bottom'): void {
  corner.value = which;
  (event.target as Element).setPointerCapture(event.pointerId);
}
function drag(event: PointerEvent): void {
  if (!corner.value || !endSvg.value) return;
  const box = endSvg.value.getBoundingClientRect();
  const x =
    Math.round((Math.abs(event.clientX - box.left - ends.value.cx) * 2) / ends.value.k / 5) * 5;
  const y = Math.round((event.clientY - box.top - ends.value.top) / ends.value.k / 2) * 2;
  if (corner.value === 'top')
    set({ topWidthMm: Math.min(700, Math.max(draft.value.geometry.bottomWidthMm, x)) });
  else
    set({
      bottomWidthMm: Math.min(draft.value.geometry.topWidthMm, Math.max(50, x)),
      combDepthMm: Math.min(500, Math.max(100, y)),
    });
}
async function make(): Promise<void> {
  tried.value = true;
  if (Object.keys(issues.value).length) return;
  let siteId = draft.value.siteId;
  if (makesSite.value) {
    const id = newId();
    const { site } = draft.value;
    const made = await siteSend.go('/sites', { id, ...site }, `Site ${site.name} made.`);
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
      kind: kind.value.kind as HiveKindName,
      geometry: measures.value,
      colonyStartedOn: startedOn.value,
      colonyStartedAssumed: !draft.value.startedOn,
    },
    `${draft.value.name} stands.`,
  );
  if (!made) return;
  clear();
  await router.push(`/look/${id}`);
}
</script>

<template>
  <form class="stage" @submit.prevent="make">
    <header>
      <h1>A new hive</h1>
      <span class="sub">Choose the kind, then drag it until it is yours.</span>
    </header>
    <section class="left">
      <div class="kinds" role="radiogroup" aria-label="Kind of hive">
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
          <KindPicture :kind="name" /><b>{{ HIVE_KINDS[name].name }}</b>
        </button>
      </div>
      <NewStack
        v-if="!isLong"
        :kind="kind"
        :geometry="measures"
        :issue="(key) => at(`geometry.${key}`)"
        @change="draft.stack = $event"
      />
      <template v-else>
        <div ref="frame" class="scroll">
          <SectionTopBar
            :geometry="draft.geometry"
            :combs="combs"
            :s="scale"
            :marks="false"
            edit-board
            edit-bars
            label="The hive from the side, entrance at the left"
            @board="set({ followerAfterBar: $event })"
            @bars="set({ bars: $event })"
          />
        </div>
        <div class="endview">
          <svg
            ref="endSvg"
            width="380"
            :height="Math.max(180, ends.y + 40)"
            :viewBox="`0 0 380 ${Math.max(180, ends.y + 40)}`"
            role="group"
            aria-label="A comb from the front"
            @pointermove="drag"
            @pointerup="corner = null"
          >
            <rect
              :x="ends.cx - draft.geometry.topWidthMm * 0.25 - 16"
              y="22"
              :width="draft.geometry.topWidthMm * 0.5 + 32"
              height="11"
              fill="url(#p-wood)"
              stroke="var(--ink)"
            />
            <path :d="ends.d" fill="url(#p-capped)" stroke="var(--ink)" stroke-width="1.5" />
            <circle
              :cx="ends.tx"
              :cy="ends.top"
              r="22"
              fill="transparent"
              class="grab"
              @pointerdown="grab($event, 'top')"
            />
            <circle
              :cx="ends.tx"
              :cy="ends.top"
              r="8"
              fill="var(--lime-0)"
              stroke="var(--field)"
              stroke-width="3"
              style="pointer-events: none"
            />
            <circle
              :cx="ends.bx"
              :cy="ends.y"
              r="22"
              fill="transparent"
              class="grab"
              @pointerdown="grab($event, 'bottom')"
            />
            <circle
              :cx="ends.bx"
              :cy="ends.y"
              r="8"
              fill="var(--lime-0)"
              stroke="var(--field)"
              stroke-width="3"
              style="pointer-events: none"
            />
          </svg>
          <div class="numbers">
            <NumberField
              label="Number of bars"
              whole
              :min="5"
              :max="60"
              :model-value="draft.geometry.bars"
              :error="at('geometry.bars')"
              @update:model-value="$event && set({ bars: $event })"
            />
            <NumberField
              label="Bar width"
              unit="mm"
              :min="28"
              :max="45"
              :model-value="draft.geometry.barWidthMm"
              :error="at('geometry.barWidthMm')"
              @update:model-value="$event && set({ barWidthMm: $event })"
            />
            <NumberField
              label="Comb depth"
              unit="mm"
              :min="100"
              :max="500"
              :model-value="draft.geometry.combDepthMm"
              :error="at('geometry.combDepthMm')"
              @update:model-value="$event && set({ combDepthMm: $event })"
            />
            <NumberField
              label="Top width"
              unit="mm"
              :min="150"
              :max="700"
              :model-value="draft.geometry.topWidthMm"
              :error="at('geometry.topWidthMm')"
              @update:model-value="$event && set({ topWidthMm: $event })"
            />
            <NumberField
              label="Bottom width"
              unit="mm"
              :min="50"
              :max="700"
              :model-value="draft.geometry.bottomWidthMm"
              :error="at('geometry.bottomWidthMm')"
              @update:model-value="$event && set({ bottomWidthMm: $event })"
            />
            <NumberField
              label="Bars in front of the board"
              whole
              :min="1"
              :max="draft.geometry.bars"
              :model-value="draft.geometry.followerAfterBar"
              :error="at('geometry.followerAfterBar')"
              @update:model-value="$event && set({ followerAfterBar: $event })"
            />
          </div>
        </div>
      </template>
    </section>
    <aside class="acts">
      <h2 class="furrow-heading">Where it stands</h2>
      <div v-if="sites?.length" class="field">
        <label for="site">Site</label
        ><select id="site" v-model="draft.siteId" class="native">
          <option v-for="s in sites" :key="s.id" :value="s.id">{{ s.name }}</option>
          <option value="">A new site…</option>
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
      <h2 class="furrow-heading">The hive</h2>
      <TextField
        v-model="draft.name"
        label="Name of the hive"
        :error="at('name') ?? hiveSend.fieldError('name')"
      />
      <TextField
        v-model="startedOn"
        type="date"
        label="This colony lives here since"
        :error="at('colonyStartedOn') ?? hiveSend.fieldError('colonyStartedOn')"
        hint="Taken as a year ago until you say. A colony in its first season keeps its honey, unless your rules say otherwise."
      />
      <Refusal
        :refusal="siteSend.refusal.value ?? hiveSend.refusal.value"
        :fields="['name', 'colonyStartedOn']"
      />
      <Button type="submit" label="Make this hive" :loading="busy" />
    </aside>
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
.scroll {
  overflow-x: auto;
}
.endview {
  display: flex;
  gap: 20px;
  flex-wrap: wrap;
  align-items: flex-start;
  margin-top: 10px;
}
.endview svg {
  max-width: 100%;
}
.numbers {
  display: grid;
  grid-template-columns: repeat(2, 170px);
  gap: 8px 16px;
}
.grab {
  cursor: move;
  touch-action: none;
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
