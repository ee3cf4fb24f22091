import { describe, expect, it } from 'vitest';
import { SCREEN_OF } from '../screensFirst.js';
import router from './router.ts?raw';

/** Paths of the interface with the file of their screen, as the router opens them. */
const opened = [...router.matchAll(/path: '\/([\w-]+)[^]*?import\('\.\/([\w/]+\.vue)'\)/g)];

describe('the files that a screen begins with', () => {
  it.each(opened.map(([, path, file]) => [path, file]))('/%s begins with %s', (path, file) => {
    expect(SCREEN_OF[path]).toBe(file);
  });
  it('are told of every screen but the first', () => {
    expect(opened.map(([, path]) => path).sort()).toEqual(Object.keys(SCREEN_OF).sort());
  });
});
