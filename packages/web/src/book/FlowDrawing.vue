<script setup lang="ts">
import { said } from '../words/units.js';
import { smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Flow, type Lot, type Units, lotItself } from '@furrow/core';
import { sankey, sankeyJustify, sankeyLinkHorizontal } from 'd3-sankey';
import { computed, ref } from 'vue';
import { useWidth } from '../parts/useWidth.js';

/** From hive to jar, widths by mass; every band can be touched for its grams. */
const props = defineProps<{ lots: Lot[]; flows: Flow[]; units: Units }>();
interface Node {
  id: string;
  name: string;
  pattern: string;
}
interface Link {
  source: string;
  target: string;
  value: number;
}
const pattern: Record<string, string> = {
  comb: 'capped',
  crushed: 'open',
  honey: 'open',
  'wet-wax': 'capped',
  'clean-wax': 'capped',
  pieces: 'capped',
  jars: 'open',
  rinse: 'empty',
  mead: 'open',
  debris: 'empty',
};
/** Links in order of mass, each kept unless it would close a circle. */
function withoutCircles(links: Link[]): Link[] {
  const kept: Link[] = [];
  const reaches = (from: string, to: string): boolean =>
    from === to || kept.some((l) => l.source === from && reaches(l.target, to));
  for (const link of links.sort((a, b) => b.value - a.value))
    if (!reaches(link.target, link.source)) kept.push(link);
  return kept;
}
const drawing = computed(() => {
  const ends = (f: Flow): [string, string] => [
    f.from === 'outside' ? 'from-outside' : f.from,
    f.to === 'outside' ? 'to-outside' : f.to,
  ];
  const sums = new Map<string, Link>();
  for (const f of props.flows) {
    const [source, target] = ends(f);
    const known = sums.get(`${source} ${target}`);
    if (known) known.value += f.g;
    else sums.set(`${source} ${target}`, { source, target, value: f.g });
  }
  // What was poured there and back counts as its difference; a longer circle has no place in a
  // drawing from left to right, its entries stand in the table.
  for (const [key, l] of sums) {
    const back = sums.get(`${l.target} ${l.source}`);
    if (back && back !== l && back.value <= l.value) {
      l.value -= back.value;
      back.value = 0;
      sums.set(key, l);
    }
  }
  const links = withoutCircles([...sums.values()].filter((l) => l.value > 0));
  const ids = [...new Set(links.flatMap((l) => [l.source, l.target]))];
  const nameOf = (id: string): Node => {
    const lot = props.lots.find((l) => l.id === id);
    if (lot)
      return {
        id,
        name: lot.code ?? said(lotItself(lot.name)),
        pattern: pattern[lot.kind],
      };
    return {
      id,
      name:
        {
          'from-outside': tell('FlowDrawing.hive'),
          'to-outside': tell('FlowDrawing.gone-out'),
          loss: tell('FlowDrawing.lost'),
        }[id] ?? tell('FlowDrawing.another-lot'),
      pattern: 'empty',
    };
  };
  const layout = sankey<Node, Link>()
    .nodeId((n) => n.id)
    .nodeAlign(sankeyJustify)
    .nodeWidth(16)
    .nodePadding(upright.value ? 34 : 24)
    .extent(extent(links.length));
  return layout({ nodes: ids.map(nameOf), links: links.map((l) => ({ ...l })) });
});
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
/** On a narrow page it flows from above to below: laid the same way, with its axes exchanged. */
const upright = computed(() => width.value > 0 && width.value < 560);
/** How far it runs, from hive to jar, px. */
const RUN_PX = 380;
function extent(links: number): [[number, number], [number, number]] {
  if (upright.value)
    return [
      [20, 2],
      [RUN_PX, width.value - 4],
    ];
  return [
    [4, 18],
    [650, links < 4 ? 96 : 206],
  ];
}
const viewBox = computed(() => {
  if (upright.value) return `0 0 ${width.value} ${RUN_PX + 24}`;
  return `0 0 800 ${drawing.value.links.length < 4 ? 106 : 216}`;
});
/** A box of the drawing with its name, as they lie on the page. */
const boxes = computed(() =>
  drawing.value.nodes.map((n) => {
    const [x0, x1, y0, y1] = [n.x0 ?? 0, n.x1 ?? 0, n.y0 ?? 0, n.y1 ?? 0];
    const [along, across] = [x1 - x0, Math.max(2, y1 - y0)];
    if (!upright.value) {
      const isLast = x0 > 600;
      const name = isLast ? { x: x1 + 4, y: (y0 + y1) / 2 + 5 } : { x: x0, y: y0 - 4 };
      return { ...n, x: x0, y: y0, width: along, height: across, at: { ...name, anchor: 'start' } };
    }
    const isLast = x1 > RUN_PX - 4;
    const name = { x: y0, y: isLast ? x1 + 16 : x0 - 5 };
    // Names at the right edge end where their box ends.
    const at =
      y0 > width.value * 0.6
        ? { ...name, x: y0 + across, anchor: 'end' }
        : { ...name, anchor: 'start' };
    return { ...n, x: y0, y: x0, width: across, height: along, at };
  }),
);
const path = sankeyLinkHorizontal();
const touched = ref<string | null>(null);
const gram = (g: number): string => smallMassText(g, props.units, 1);
const wordsOf = (l: { source: unknown; target: unknown; value: number }): string =>
  tell('FlowDrawing.to', {
    source: (l.source as Node).name,
    target: (l.target as Node).name,
    l: gram(l.value),
  });
</script>

<template>
  <figure ref="frame">
    <svg
      :viewBox="viewBox"
      :class="{ upright }"
      role="group"
      :aria-label="tell('FlowDrawing.flow-this-harvest-widths-by')"
    >
      <g :transform="upright ? 'matrix(0 1 1 0 0 0)' : undefined">
        <path
          v-for="(l, i) in drawing.links"
          :key="i"
          :d="path(l as never) ?? ''"
          fill="none"
          :stroke="touched === wordsOf(l) ? 'var(--field)' : 'var(--open)'"
          stroke-opacity=".45"
          :stroke-width="Math.max(2, l.width ?? 0)"
          tabindex="0"
          role="button"
          :aria-label="wordsOf(l)"
          class="link"
          @click="touched = wordsOf(l)"
          @focus="touched = wordsOf(l)"
          @mouseenter="touched = wordsOf(l)"
        />
      </g>
      <g v-for="n in boxes" :key="n.id">
        <rect
          :x="n.x"
          :y="n.y"
          :width="n.width"
          :height="n.height"
          :fill="`url(#p-${n.pattern})`"
          stroke="var(--ink)"
        />
        <text :x="n.at.x" :y="n.at.y" :text-anchor="n.at.anchor" font-size="14">{{ n.name }}</text>
      </g>
    </svg>
    <figcaption class="sub" aria-live="polite">
      {{ touched ?? tell('FlowDrawing.touch-band-for-its-weight') }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 8px;
  overflow-x: auto;
}
text {
  paint-order: stroke;
  stroke: var(--lime-1);
  stroke-width: 3px;
}
svg {
  width: 100%;
  height: auto;
  min-width: 620px;
  max-width: 860px;
}
svg.upright {
  min-width: 0;
}
.link {
  cursor: pointer;
  outline: none;
}
.link:focus-visible {
  stroke: var(--field);
  stroke-opacity: 0.8;
}
</style>
