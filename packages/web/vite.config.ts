import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [vue()],
  worker: { format: 'es' },
  server: { port: 4478, proxy: { '/api': `http://127.0.0.1:${process.env.FURROW_PORT ?? 4477}` } },
  build: { target: 'es2022', chunkSizeWarningLimit: 600 },
});
