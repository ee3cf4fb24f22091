<script setup lang="ts">
import { smallMassText, type Flow, type Lot, type UnitSystem } from '@furrow/core';
import { sankey, sankeyJustify, sankeyLinkHorizontal } from 'd3-sankey';
import { computed, ref } from 'vue';

/** From hive to jar, widths by mass; every band can be touched for its grams. */
const props = defineProps<{ lots: Lot[]; flows: Flow[]; units: UnitSystem }>();
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
  // What was poured there and back counts as its difference; a longer circle has no place in a drawing from left to right, its entries stand in the table.
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
      return { id, name: lot.code ?? lot.name.replace(/^[^,]*, /, ''), pattern: pattern[lot.kind] };
    return {
      id,
      name: { 'from-outside': 'hive', 'to-outside': 'gone out', loss: 'lost' }[id] ?? 'another lot',
      pattern: 'empty',
    };
  };
  const layout = sankey<Node, Link>()
    .nodeId((n) => n.id)
    .nodeAlign(sankeyJustify)
    .nodeWidth(16)
    .nodePadding(24)
    .extent([
      [4, 18],
      [650, links.length < 4 ? 96 : 206],
    ]);
  return layout({ nodes: ids.map(nameOf), links: links.map((l) => ({ ...l })) });
});
const path = sankeyLinkHorizontal();
const touched = ref<string | null>(null);
const gram = (g: number): string => smallMassText(g, props.units, 1);
const wordsOf = (l: { source: unknown; target: unknown; value: number }): string =>
  `${(l.source as Node).name} to ${(l.target as Node).name}: ${gram(l.value)}`;
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 800 ${drawing.links.length < 4 ? 106 : 216}`"
      role="group"
      aria-label="Flow of this harvest, widths by mass"
    >
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
      <g v-for="n in drawing.nodes" :key="n.id">
        <rect
          :x="n.x0"
          :y="n.y0"
          :width="(n.x1 ?? 0) - (n.x0 ?? 0)"
          :height="Math.max(2, (n.y1 ?? 0) - (n.y0 ?? 0))"
          :fill="`url(#p-${n.pattern})`"
          stroke="var(--ink)"
        />
        <text
          :x="(n.x0 ?? 0) > 600 ? (n.x1 ?? 0) + 4 : n.x0"
          :y="(n.x0 ?? 0) > 600 ? ((n.y0 ?? 0) + (n.y1 ?? 0)) / 2 + 5 : (n.y0 ?? 0) - 4"
          font-size="14"
        >
          {{ n.name }}
        </text>
      </g>
    </svg>
    <figcaption class="sub" aria-live="polite">
      {{ touched ?? 'Touch a band for its grams.' }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 8px;
}
figure {
  overflow-x: auto;
}
svg {
  width: 100%;
  height: auto;
  min-width: 620px;
  max-width: 860px;
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
