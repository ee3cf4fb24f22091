import type { Stage } from '@furrow/core';
import { createRouter, createWebHistory } from 'vue-router';

declare module 'vue-router' {
  interface RouteMeta {
    title?: string;
    /** The stage of the row that a screen belongs to. */
    stage?: Stage;
  }
}

/** One route a stage, each loaded when first opened. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      name: 'today',
      meta: { title: 'Today' },
      component: () => import('./today/TodayView.vue'),
    },
    {
      path: '/hives/new',
      name: 'new-hive',
      meta: { title: 'A new hive', stage: 'look' },
      component: () => import('./look/NewHive.vue'),
    },
    {
      path: '/look/:id?',
      name: 'look',
      meta: { title: 'Look', stage: 'look' },
      component: () => import('./look/LookView.vue'),
    },
    {
      path: '/choose/:id?',
      name: 'choose',
      meta: { title: 'Choose', stage: 'choose' },
      component: () => import('./choose/ChooseView.vue'),
    },
    {
      path: '/comb-or-liquid',
      name: 'comb-or-liquid',
      meta: { title: 'Comb or liquid', stage: 'choose' },
      component: () => import('./choose/CombOrLiquidView.vue'),
    },
    {
      path: '/bring',
      name: 'bring',
      meta: { title: 'Bring', stage: 'ready' },
      component: () => import('./ready/ListView.vue'),
    },
    {
      path: '/round',
      name: 'round',
      meta: { title: 'A round of hives', stage: 'ready' },
      component: () => import('./ready/RoundView.vue'),
    },
    {
      path: '/ready/:id?',
      name: 'ready',
      meta: { title: 'Ready', stage: 'ready' },
      component: () => import('./ready/ReadyView.vue'),
    },
    {
      path: '/take/:id?',
      name: 'take',
      meta: { title: 'Take', stage: 'take' },
      component: () => import('./take/TakeView.vue'),
    },
    {
      path: '/owed/:id',
      name: 'owed',
      meta: { title: 'To be weighed', stage: 'take' },
      component: () => import('./take/OwedView.vue'),
    },
    {
      path: '/drain/:id?',
      name: 'drain',
      meta: { title: 'Drain', stage: 'drain' },
      component: () => import('./drain/DrainView.vue'),
    },
    {
      path: '/settle/:id?',
      name: 'settle',
      meta: { title: 'Settle', stage: 'drain' },
      component: () => import('./drain/SettleView.vue'),
    },
    {
      path: '/cut/:id?',
      name: 'cut',
      meta: { title: 'Cut', stage: 'cut' },
      component: () => import('./cut/CutView.vue'),
    },
    {
      path: '/jar/:id?',
      name: 'jar',
      meta: { title: 'Jar', stage: 'jar' },
      component: () => import('./jar/JarView.vue'),
    },
    {
      path: '/book/:id?',
      name: 'book',
      meta: { title: 'Book', stage: 'book' },
      component: () => import('./book/BookView.vue'),
    },
    {
      path: '/rules',
      name: 'rules',
      meta: { title: 'Rules' },
      component: () => import('./rules/RulesView.vue'),
    },
    {
      path: '/:rest(.*)',
      name: 'lost',
      meta: { title: 'Not here' },
      component: () => import('./shell/LostView.vue'),
    },
  ],
});
