import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          root: 'packages/core',
          environment: 'node',
          include: ['src/**/*.test.ts'],
          // A busy machine is no fault of what is tested.
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'server',
          root: 'packages/server',
          environment: 'node',
          include: ['src/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
        },
      },
      {
        plugins: [vue()],
        test: {
          name: 'web',
          root: 'packages/web',
          environment: 'jsdom',
          include: ['src/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
    ],
  },
});
