import { randomUUID } from 'node:crypto';
import type { Send } from './otherHives.js';

/**
 * What is particular of the three sites, forage by month as the household noted it, and things of
 * the kit that are counted or mended.
 */
export async function seedSitesAndGear(
  send: Send,
  sites: Record<string, string>,
  ago: (days: number) => Date,
  dateOf: (at: Date) => string,
): Promise<void> {
  const uplands = {
    1: 'some',
    2: 'dearth',
    3: 'some',
    4: 'some',
    5: 'dearth',
    6: 'dearth',
    7: 'some',
    8: 'flow',
    9: 'flow',
    10: 'flow',
    11: 'flow',
    12: 'some',
  } as const;
  // Three invented places in the uplands of southern Brazil.
  const place = { latitude: -26.3, longitude: -50.4, poisonousNectar: 'no' } as const;
  for (const [site, notes] of [
    ['pedraClara', ['neighbours', 'children']],
    ['encosta', ['dog']],
    ['capaoFundo', []],
  ] as const)
    await send(
      'patch',
      '/sites/:id',
      ago(700),
      { notes, forage: uplands, ...place },
      { id: sites[site] },
    );
  for (const [name, kind, stock, volumeL, weightKg, repair, dueIn] of [
    ['Spare top bars', 'spare-bar', 6, 0.4, 0.15, null, 0],
    ['Frames with starter strip', 'spare-frame', 7, 2, 0.5, null, 0],
    ['Empty pile box', 'empty-super', 1, 26, 4.2, null, 0],
    ['Left glove', 'clothing', 1, 1, 0.2, 'torn at the thumb: sew or replace', 12],
    ['Frame with a loose ear', 'spare-frame', 1, 2, 0.5, 'glue and pin the ear', 40],
  ] as const)
    await send('post', '/gear', ago(30), {
      id: randomUUID(),
      name,
      kind,
      stock,
      volumeL,
      weightKg,
      repair,
      dueOn: repair ? dateOf(ago(-dueIn)) : null,
    });
}
