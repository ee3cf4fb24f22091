import { readFileSync } from 'node:fs';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { screensFirst } from './screensFirst.js';
import { sunType } from './sunType.js';

/** What the house answers itself, with or without the page: never the page that is kept. */
const HOUSE_ANSWERS = [
  /^\/api\//,
  /^\/lot\//,
  /^\/pair/,
  /^\/furrow-authority\.crt$/,
  /^\/assets\//,
];

const icon = (file: string, px: number, purpose: 'any' | 'maskable') => ({
  src: `/${file}`,
  sizes: `${px}x${px}`,
  type: 'image/png',
  purpose,
});
const shortcut = (name: string, url: string) => ({
  name,
  url,
  icons: [{ src: '/icon-192.png', sizes: '192x192', type: 'image/png' }],
});

/** Everything a stage needs lies on the device, so that it opens where the house is out of reach. */
const pwa = VitePWA({
  registerType: 'prompt',
  injectRegister: false,
  manifest: {
    id: '/',
    name: 'Furrow',
    short_name: 'Furrow',
    description: 'Honey by hand, from the hive to the jar.',
    start_url: '/',
    display: 'standalone',
    background_color: '#F0F3ED',
    theme_color: '#18211B',
    icons: [
      icon('icon-192.png', 192, 'any'),
      icon('icon-512.png', 512, 'any'),
      icon('icon-maskable-512.png', 512, 'maskable'),
    ],
    shortcuts: [shortcut('Today', '/'), shortcut('Take', '/take'), shortcut('Look', '/look')],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,wasm,woff2,svg,png}'],
    maximumFileSizeToCacheInBytes: 8e6,
    navigateFallbackDenylist: HOUSE_ANSWERS,
    cleanupOutdatedCaches: true,
  },
});

/** Whether a module makes schemas: most stages come without them. */
function isOfSchemas(id: string): boolean {
  const isOurs = /core[\\/]src.*\.ts$/.test(id);
  return (
    isOurs &&
    /^import [^;]*from '(zod|[./\w]*(say\/limits|records\/common)\.js)'/m.test(
      readFileSync(id, 'utf8'),
    )
  );
}

/**
 * Few files, by when they are needed: a poor line waits longer for many small ones than for some
 * bytes more. Schemas come where something is written, what comes with the first screen is one
 * file, and small things that several stages share are another.
 */
const CHUNKS = [
  { name: 'schemas', test: /node_modules[\\/]zod/, priority: 4 },
  {
    name: 'first',
    tags: ['$initial'],
    test: (id: string) => !id.endsWith('ahead.ts'),
    priority: 3,
  },
  // The hives as Today draws them, and all that draws and judges them anywhere.
  { name: 'hives', test: /today[\\/]HivesAtSites/, priority: 2 },
  {
    name: 'stages',
    test: (id: string) => /packages|primevue|primeuix/.test(id) && !isOfSchemas(id),
    minShareCount: 4,
    maxModuleSize: 15_000,
    priority: 1,
  },
];

export default defineConfig({
  plugins: [vue(), pwa, screensFirst()],
  css: { postcss: { plugins: [sunType] } },
  worker: { format: 'es' },
  server: { port: 4478, proxy: { '/api': `http://127.0.0.1:${process.env.FURROW_PORT ?? 4477}` } },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 600,
    rolldownOptions: { output: { codeSplitting: { groups: CHUNKS } } },
  },
});
