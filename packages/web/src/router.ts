import { learnStage } from './words/learned.js';
import { tell } from './words/tell.js';
import type { Stage } from '@furrow/core';
import { createRouter, createWebHistory, type RouteRecordNormalized } from 'vue-router';
import TodayView from './today/TodayView.vue';

declare module 'vue-router' {
  interface RouteMeta {
    title?: string;
    /** The stage of the row that a screen belongs to. */
    stage?: Stage;
  }
}

/** One route a stage, each but Today loaded when first opened. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      name: 'today',
      meta: { title: tell('common.today') },
      // The first screen of most days, and so a part of what is loaded first.
      component: TodayView,
    },
    {
      path: '/hives/new',
      name: 'new-hive',
      meta: { title: tell('common.new-hive'), stage: 'look' },
      component: () => import('./look/NewHive.vue'),
    },
    {
      path: '/look/:id?',
      name: 'look',
      meta: { title: tell('common.look'), stage: 'look' },
      component: () => import('./look/LookView.vue'),
    },
    {
      path: '/choose/:id?',
      name: 'choose',
      meta: { title: tell('common.choose-2'), stage: 'choose' },
      component: () => import('./choose/ChooseView.vue'),
    },
    {
      path: '/comb-or-liquid',
      name: 'comb-or-liquid',
      meta: { title: tell('common.comb-or-liquid-2'), stage: 'choose' },
      component: () => import('./choose/CombOrLiquidView.vue'),
    },
    {
      path: '/bring',
      name: 'bring',
      meta: { title: tell('common.bring'), stage: 'ready' },
      component: () => import('./ready/ListView.vue'),
    },
    {
      path: '/round',
      name: 'round',
      meta: { title: tell('common.round-hives'), stage: 'ready' },
      component: () => import('./ready/RoundView.vue'),
    },
    {
      path: '/ready/:id?',
      name: 'ready',
      meta: { title: tell('common.ready'), stage: 'ready' },
      component: () => import('./ready/ReadyView.vue'),
    },
    {
      path: '/take/:id?',
      name: 'take',
      meta: { title: tell('common.take'), stage: 'take' },
      component: () => import('./take/TakeView.vue'),
    },
    {
      path: '/owed/:id',
      name: 'owed',
      meta: { title: tell('common.to-be-weighed'), stage: 'take' },
      component: () => import('./take/OwedView.vue'),
    },
    {
      path: '/drain/:id?',
      name: 'drain',
      meta: { title: tell('common.drain'), stage: 'drain' },
      component: () => import('./drain/DrainView.vue'),
    },
    {
      path: '/settle/:id?',
      name: 'settle',
      meta: { title: tell('common.settle'), stage: 'drain' },
      component: () => import('./drain/SettleView.vue'),
    },
    {
      path: '/cut/:id?',
      name: 'cut',
      meta: { title: tell('common.cut'), stage: 'cut' },
      component: () => import('./cut/CutView.vue'),
    },
    {
      path: '/jar/:id?',
      name: 'jar',
      meta: { title: tell('common.jar'), stage: 'jar' },
      component: () => import('./jar/JarView.vue'),
    },
    {
      path: '/book/:id?',
      name: 'book',
      meta: { title: tell('common.book'), stage: 'book' },
      component: () => import('./book/BookView.vue'),
    },
    {
      path: '/rules',
      name: 'rules',
      meta: { title: tell('common.rules') },
      component: () => import('./rules/RulesView.vue'),
    },
    {
      path: '/:rest(.*)',
      name: 'lost',
      meta: { title: tell('router.not-here') },
      component: () => import('./shell/LostView.vue'),
    },
  ],
});

/** Today says what is learned at once; what another screen says is learned before it is opened. */
router.beforeEach(async (to) => {
  if (to.name === 'today') return;
  // The screen comes beside its words; one that does not come is told of when it is opened.
  void fetchScreen(to.matched.at(-1))?.catch(() => undefined);
  await learnStage(to.meta.stage);
});

/** Begins to fetch a screen, as opening it would. */
function fetchScreen(record: RouteRecordNormalized | undefined): Promise<unknown> | null {
  const screen = record?.components?.default;
  return typeof screen === 'function' ? (screen as () => Promise<unknown>)() : null;
}
