import { describe, expect, it } from 'vitest';
import { SCREENS } from './screens.js';
import router from './router.ts?raw';

/** Paths of the interface with the file of their screen, as the router opens them. */
const opened = [...router.matchAll(/path: '\/([\w-]+)([^]*?)import\('\.\/([\w/]+\.vue)'\)/g)].map(
  ([, path, between, file]) => ({ path, file, stage: /stage: '(\w+)'/.exec(between)?.[1] }),
);

describe('the files that a screen begins with', () => {
  it.each(opened)('/$path begins with $file and its words', ({ path, file, stage }) => {
    expect(SCREENS[path]).toEqual(stage ? { file, stage } : { file });
  });
  it('are told of every screen but the first', () => {
    expect(opened.map(({ path }) => path).sort()).toEqual(Object.keys(SCREENS).sort());
  });
});
