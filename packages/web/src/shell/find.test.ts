import { describe, expect, it } from 'vitest';
import { router } from '../router.js';
import { everything, find, plain, type FindIn } from './find.js';
import { helpOf, helpPages } from './help.js';

const hive = {
  id: 'h1',
  siteId: 's1',
  name: 'Ipê',
  kind: 'top-bar',
  site: { name: 'Encosta' },
  bars: [
    { slot: 11, boxId: null, comb: null },
    { slot: 12, boxId: null, comb: { id: 'c12' } },
  ],
};
const all = everything({
  hives: [hive],
  sites: [{ id: 's1', name: 'Encosta' }],
  harvests: [
    { id: 'b1', hiveName: 'Ipê', lotName: 'light', date: '2026-03-14', code: null, stage: 'drain' },
    {
      id: 'b2',
      hiveName: 'Cedro',
      lotName: null,
      date: '2025-03-01',
      code: 'CED-250301-A',
      stage: 'book',
      closedAt: '2025-03-04T10:00:00Z',
    },
  ],
  lots: [{ id: 'l1', batchId: 'b2', name: 'Cedro, jars', code: 'CED-250301-A1', count: 6 }],
  vessels: [{ id: 'v1', name: 'Blue pail' }],
  jars: [{ id: 'j1', name: 'Round jar' }],
  people: [{ id: 'p1', name: 'Iracema' }],
} as unknown as FindIn);
const leads = (typed: string): string[] => find(all, typed).map((f) => `${f.what} ${f.to}`);

describe('finding', () => {
  it('a hive comes first and its combs last, found without its marks and in parts', () => {
    expect(plain('Ipê')).toBe('ipe');
    expect(leads('ipe').slice(0, 3)).toEqual([
      'Hive /look/h1',
      'Harvest /drain/b1',
      'Comb /look/h1?comb=12',
    ]);
    expect(leads('ipe 12')).toEqual(['Comb /look/h1?comb=12']);
  });
  it.each([
    ['ced-2503', 'Harvest /book/b2'],
    ['250301-a1', 'Lot /jar/b2?at=shelf'],
    ['pail', 'Vessel /rules?at=kit'],
    ['round', 'Jar /rules?at=kit'],
    ['irac', 'Person /jar?at=shelf'],
    ['encosta', 'Hive /look/h1'],
    ['stir every', 'Rule /rules?at=all&find=Stir%20every'],
    ['pounds', 'Rule /rules?at=all&find=Units'],
    ['moisture', 'Rule /rules?at=all&find=Water%2C%20at%20most'],
    ['every gram', 'Help /book'],
    ['mashed once', 'Rule /rules?at=schools&ask=remash'],
  ])('%s leads to %s', (typed, to) => {
    expect(leads(typed)).toContain(to);
  });
  it('finds nothing in nothing, and not what is not there', () => {
    expect(find(all, '  ')).toEqual([]);
    expect(find(all, 'zebra')).toEqual([]);
  });
});

describe('help', () => {
  it('has a page of five sentences at most for every screen', () => {
    const screens = router
      .getRoutes()
      .map((r) => String(r.name))
      .filter((name) => name !== 'lost');
    expect(
      helpPages()
        .map((page) => page.route)
        .sort(),
    ).toEqual([...screens].sort());
    const sentencesOf = (page: ReturnType<typeof helpOf>): string[] =>
      page.sentences
        .join(' ')
        .split(/[.?!](?:\s|$)/)
        .filter(Boolean);
    for (const page of helpPages()) expect(sentencesOf(page), page.title).toHaveLength(5);
    expect(helpOf('nowhere').title).toBe('Today');
  });
});
