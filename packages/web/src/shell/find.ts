import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  HIVE_KINDS,
  SCHOOL_QUESTIONS,
  unitAt,
  type Batch,
  type Hive,
  type JarKindRecord,
  type Lot,
  type Person,
  type Site,
  type Vessel,
} from '@furrow/core';
import { helpPages } from './help.js';
import { ruleAlso, ruleNames } from './ruleNames.js';
import { STAGE_NAMES } from './stageNames.js';

/** One thing that can be found: what it is, what it is called, and where it leads. */
export interface Found {
  /** Steady key of the line. */
  id: string;
  what: string;
  name: string;
  /** Other words by which people look for it. */
  also?: string;
  /** Where it leads, in words. */
  leads: string;
  to: string;
}
export interface FindIn {
  hives: readonly Hive[];
  sites: readonly Site[];
  harvests: readonly Batch[];
  lots: readonly Lot[];
  vessels: readonly Vessel[];
  jars: readonly JarKindRecord[];
  people: readonly Person[];
}

/** Letters as they are compared: small, without their marks. */
export const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

const ofHives = (hives: readonly Hive[]): Found[] =>
  hives.map((hive) => ({
    id: hive.id,
    what: tell('common.hive'),
    name: `${hive.name}, ${said(HIVE_KINDS[hive.kind].name)}, ${hive.site.name}`,
    leads: tell('find.to-look'),
    to: `/look/${hive.id}`,
  }));
const ofCombs = (hives: readonly Hive[]): Found[] =>
  hives.flatMap((hive) =>
    hive.bars
      .filter((bar) => bar.comb)
      .map((bar) => ({
        id: bar.comb!.id,
        what: tell('common.comb'),
        name: `${hive.name}, ${said(unitAt(hive.kind, bar.slot))}`,
        leads: tell('find.to-look'),
        to: `/look/${hive.id}?comb=${bar.slot}`,
      })),
  );
function ofHarvests(harvests: readonly Batch[]): Found[] {
  return harvests.map((b) => {
    const stage = b.closedAt ? 'book' : b.stage;
    return {
      id: b.id,
      what: tell('common.harvest'),
      name: [b.hiveName, b.lotName, b.date, b.code].filter(Boolean).join(', '),
      leads: tell('find.to', { stage: STAGE_NAMES[stage] }),
      to: `/${stage}/${b.id}`,
    };
  });
}
function ofLots(lots: readonly Lot[]): Found[] {
  return lots.map((lot) => ({
    id: lot.id,
    what: tell('common.lot'),
    name: [said(lot.name), lot.code].filter(Boolean).join(', '),
    leads: lot.count === null ? tell('find.to-book') : tell('find.to-shelf'),
    to: lot.count === null ? `/book/${lot.batchId}` : `/jar/${lot.batchId}?at=shelf`,
  }));
}
const kit = (what: string, id: string, name: string): Found => ({
  id,
  what,
  name,
  leads: tell('find.to-kit-in-rules'),
  to: '/rules?at=kit',
});
function ofSites(sites: readonly Site[], hives: readonly Hive[]): Found[] {
  return sites.flatMap((site) => {
    const first = hives.find((h) => h.siteId === site.id);
    return first
      ? [
          {
            id: site.id,
            what: tell('common.place'),
            name: site.name,
            leads: tell('find.to-in-look', { first: first.name }),
            to: `/look/${first.id}`,
          },
        ]
      : [];
  });
}

/**
 * Everything there is to be found in a household, in the order in which kinds of things are named.
 */
export function everything(all: FindIn): Found[] {
  const also = ruleAlso();
  return [
    ...ofHives(all.hives),
    ...ofHarvests(all.harvests),
    ...ofLots(all.lots),
    ...ofSites(all.sites, all.hives),
    ...all.vessels.map((v) => kit(tell('find.vessel'), v.id, v.name)),
    ...all.jars.map((j) => kit(tell('common.jar'), j.id, j.name)),
    ...all.people.map((p) => ({
      id: p.id,
      what: tell('find.person'),
      name: p.name,
      leads: tell('find.to-shelf'),
      to: '/jar?at=shelf',
    })),
    // Many combs would crowd out what else is called like their hive.
    ...ofCombs(all.hives),
    ...ruleNames().map((name) => ({
      id: `rule:${name}`,
      what: tell('find.rule'),
      name,
      also: also[name],
      leads: tell('find.to-rules'),
      to: `/rules?at=all&find=${encodeURIComponent(name)}`,
    })),
    ...SCHOOL_QUESTIONS.map((q) => ({
      id: `school:${q.rule}`,
      what: tell('find.rule'),
      name: `${said(q.asks)} ${q.choices.map((c) => said(c.label)).join(', ')}`,
      leads: tell('find.to-schools-in-rules'),
      to: `/rules?at=schools&ask=${q.rule}`,
    })),
    ...helpPages().map((page) => ({
      id: `help:${page.route}`,
      what: tell('find.help'),
      name: `${page.title}: ${page.sentences[0]}`,
      leads: tell('find.to-2', { title: page.title }),
      to: page.to,
    })),
  ];
}

/**
 * What fits the words typed, each somewhere in its kind or name; what begins with them comes first.
 * Empty where nothing was typed.
 */
export function find(all: readonly Found[], typed: string, most = 12): Found[] {
  const words = plain(typed).split(/\s+/).filter(Boolean);
  if (!words.length) return [];
  const fits = all
    .map((found, i) => ({ found, i, text: plain([found.name, found.what, found.also].join(' ')) }))
    .filter(({ text }) => words.every((word) => text.includes(word)));
  const rank = (text: string): number => (text.startsWith(words[0]) ? 0 : 1);
  return fits
    .sort((a, b) => rank(a.text) - rank(b.text) || a.i - b.i)
    .slice(0, most)
    .map(({ found }) => found);
}
