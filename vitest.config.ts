import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';
import { fileURLToPath } from 'node:url';

/** Component tests begin where a screen has learned its words. */
const everyWord = fileURLToPath(new URL('packages/web/src/testing/everyWord.ts', import.meta.url));

/** Slow statistical tests run whole where this is said: `node furrow.mjs test --long`. */
const provide = { long: process.env.FURROW_LONG === 'yes' };

/**
 * Files of such a project share what they load: loading it anew for each took longer than the
 * tests. A test therefore leaves nothing behind that another file reads.
 */
const shared = { isolate: false } as const;

export default defineConfig({
  test: {
    maxWorkers: '100%',
    projects: [
      {
        test: {
          name: 'core',
          provide,
          ...shared,
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
          ...shared,
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
          ...shared,
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
          // Each file its own page: a dialog of one would stand in the next.
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
