import type { Stage } from '@furrow/core';

/** The screen of a path, and the stage whose words it says; without one, all there are. */
export interface Screen {
  file: string;
  stage?: Stage;
}

/** Screens by the first part of their path (see `router.ts`). */
export const SCREENS: Readonly<Record<string, Screen>> = {
  hives: { file: 'look/NewHive.vue', stage: 'look' },
  look: { file: 'look/LookView.vue', stage: 'look' },
  choose: { file: 'choose/ChooseView.vue', stage: 'choose' },
  'comb-or-liquid': { file: 'choose/CombOrLiquidView.vue', stage: 'choose' },
  bring: { file: 'ready/ListView.vue', stage: 'ready' },
  round: { file: 'ready/RoundView.vue', stage: 'ready' },
  ready: { file: 'ready/ReadyView.vue', stage: 'ready' },
  take: { file: 'take/TakeView.vue', stage: 'take' },
  owed: { file: 'take/OwedView.vue', stage: 'take' },
  drain: { file: 'drain/DrainView.vue', stage: 'drain' },
  settle: { file: 'drain/SettleView.vue', stage: 'drain' },
  cut: { file: 'cut/CutView.vue', stage: 'cut' },
  jar: { file: 'jar/JarView.vue', stage: 'jar' },
  book: { file: 'book/BookView.vue', stage: 'book' },
  rules: { file: 'rules/RulesView.vue' },
};
