import { type HiveKindName, topBarOf } from '@furrow/core';
import type { Component } from 'vue';
import SectionCutComb from './SectionCutComb.vue';
import SectionDrainFrame from './SectionDrainFrame.vue';
import SectionFramed from './SectionFramed.vue';
import SectionPileBox from './SectionPileBox.vue';
import SectionStingless from './SectionStingless.vue';
import SectionWarre from './SectionWarre.vue';
import { stackSizeMm, type DrawnHive } from './section.js';

/** The drawing of each kind of hive that stands as a stack; the long hive has its own beside. */
export const SECTIONS: Record<Exclude<HiveKindName, 'top-bar'>, Component> = {
  warre: SectionWarre,
  'pile-box': SectionPileBox,
  framed: SectionFramed,
  'cut-comb': SectionCutComb,
  'drain-frame': SectionDrainFrame,
  stingless: SectionStingless,
};

/** How large a hive is drawn, mm, so that a screen can choose its scale. */
export function sectionSizeMm(hive: DrawnHive): { widthMm: number; heightMm: number } {
  if (hive.kind !== 'top-bar') return stackSizeMm(hive);
  const g = topBarOf(hive.geometry);
  return { widthMm: g.bars * g.barWidthMm + 84, heightMm: g.combDepthMm + 100 };
}
