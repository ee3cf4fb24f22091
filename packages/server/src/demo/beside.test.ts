import { describe, expect, it } from 'vitest';
import { makeClock } from '../clock.js';
import { demoBeside } from './beside.js';

describe('the demo household beside', () => {
  it('is made once, answers on a port of its own, and is gone when it is put away', async () => {
    const clock = makeClock('2026-03-14T13:00:00Z');
    const demo = demoBeside({ clock, seed: 7, webFolder: '/nowhere' }, '127.0.0.1');
    const [{ port }, again] = await Promise.all([demo.open(), demo.open()]);
    expect(again.port).toBe(port);
    const hives = async (): Promise<{ items: { name: string }[] }> =>
      (await (await fetch(`http://127.0.0.1:${port}/api/v1/hives`)).json()) as {
        items: { name: string }[];
      };
    expect((await hives()).items.map((h) => h.name)).toContain('Ipê');
    await demo.close();
    await expect(hives()).rejects.toThrow();
  });
});
