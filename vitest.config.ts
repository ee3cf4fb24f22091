import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';
import { fileURLToPath } from 'node:url';

/** Component tests begin where a screen has learned its words. */
const everyWord = fileURLToPath(new URL('packages/web/src/testing/everyWord.ts', import.meta.url));

/** Slow statistical tests run whole where this is said: `node furrow.mjs test --long`. */
const provide = { long: process.env.FURROW_LONG === 'yes' };

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          provide,
          root: 'packages/core',
          environment: 'node',
          include: ['src/**/*.test.ts'],
          // A busy machine is no fault of what is tested.
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'words',
          provide,
          root: 'packages/words',
          environment: 'node',
          include: ['src/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'server',
          provide,
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
          provide,
          root: 'packages/web',
          environment: 'jsdom',
          setupFiles: [everyWord],
          include: ['src/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
    ],
  },
});
