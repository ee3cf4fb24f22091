import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { sunType } from './sunType.js';

export default defineConfig({
  plugins: [vue()],
  css: { postcss: { plugins: [sunType] } },
  worker: { format: 'es' },
  server: { port: 4478, proxy: { '/api': `http://127.0.0.1:${process.env.FURROW_PORT ?? 4477}` } },
  build: { target: 'es2022', chunkSizeWarningLimit: 600 },
});
