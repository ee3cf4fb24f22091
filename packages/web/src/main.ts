import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/besley';
import './theme/base.css';
import './theme/atTheHive.css';
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { createApp } from 'vue';
import App from './App.vue';
import { useAwaySince } from './api/away.js';
import { AT_HAND_MS, keepReads, readTheDay } from './api/keptReads.js';
import { router } from './router.js';
import { writing } from './api/outbox.js';
import { keepOnDevice } from './shell/newer.js';
import { preloadNext } from './shell/preloadNext.js';
import { furrowPreset } from './theme/preset.js';
import { learnEverything } from './words/learned.js';

preloadNext(router);
const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      gcTime: AT_HAND_MS,
      // Where the house is away that is said at once, and what stands there goes on standing.
      networkMode: 'always',
      retry: (failures) => failures < 1 && useAwaySince().value === null,
      refetchOnWindowFocus: true,
    },
  },
});
// What was read before stands there at once, also where the house does not answer.
await keepReads(queryClient);
createApp(App)
  .use(createPinia())
  .use(router)
  .use(VueQueryPlugin, { queryClient })
  .use(PrimeVue, {
    theme: {
      preset: furrowPreset,
      options: { darkModeSelector: '.sun', cssLayer: { name: 'primevue', order: 'primevue' } },
    },
  })
  .mount('#app');

/** Dialogs that may open over any screen, out of reach of the house too. */
function fetchDialogs(): void {
  for (const fetched of [import('./shell/ShellDialogs.vue'), import('./shell/WaitingDialog.vue')])
    void fetched.catch(() => undefined);
}
/** The first screen has the line to itself until it stands, and so long after. */
const ALONE_MS = 3000;
const stopWaiting = queryClient.getQueryCache().subscribe(({ type }) => {
  if (type !== 'updated' || queryClient.isFetching() > 0) return;
  stopWaiting();
  setTimeout(() => {
    void learnEverything();
    fetchDialogs();
    keepOnDevice();
    void readTheDay(queryClient);
    void writing();
  }, ALONE_MS);
});
