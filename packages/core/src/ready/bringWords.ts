import { type Say } from '../say/say.js';
import { readySay } from './says.js';
import type { HiveKindName, HouseRules } from '../records/index.js';
import type { Gear } from '../records/plan.js';

export const SPARE: Partial<Record<HiveKindName, { kind: Gear['kind']; one: Say; many: Say }>> = {
  'top-bar': {
    kind: 'spare-bar',
    one: readySay('ready.bringWords.spare-bar'),
    many: readySay('ready.bringWords.spare-bars'),
  },
  warre: {
    kind: 'spare-bar',
    one: readySay('ready.bringWords.spare-bar'),
    many: readySay('ready.bringWords.spare-bars'),
  },
  framed: {
    kind: 'spare-frame',
    one: readySay('ready.bringWords.frame-to-set-back'),
    many: readySay('ready.bringWords.frames-to-set-back'),
  },
  'cut-comb': {
    kind: 'spare-frame',
    one: readySay('ready.bringWords.frame-with-sheet'),
    many: readySay('ready.bringWords.frames-with-sheets'),
  },
  'pile-box': {
    kind: 'empty-super',
    one: readySay('ready.bringWords.empty-box'),
    many: readySay('ready.bringWords.empty-boxes'),
  },
};
/** What each kind of hive asks for; its id is what a tick was kept under since the first version. */
export const TOOLS: Record<HiveKindName, { id: string; text: Say; serves: Say; ifMissing: Say }[]> =
  {
    'top-bar': [
      {
        id: 'Long knife',
        text: readySay('ready.bringWords.long-knife'),
        serves: readySay('ready.bringWords.freeing-combs-from-both-walls'),
        ifMissing: readySay('ready.bringWords.bread-knife-with-its-edge'),
      },
    ],
    warre: [
      {
        id: 'Long knife and bar lifter',
        text: readySay('ready.bringWords.long-knife-and-bar-lifter'),
        serves: readySay('ready.bringWords.freeing-bars-without-snapping-them'),
        ifMissing: readySay('ready.bringWords.take-box-whole-instead'),
      },
    ],
    'pile-box': [
      {
        id: 'Cutting wire with two grips',
        text: readySay('ready.bringWords.cutting-wire-with-two-grips'),
        serves: readySay('ready.bringWords.parting-combs-at-joint'),
        ifMissing: readySay('ready.bringWords.do-not-prise-come-another'),
      },
      {
        id: 'Firm table beside the hive',
        text: readySay('ready.bringWords.firm-table-beside-hive'),
        serves: readySay('ready.bringWords.box-that-lifted-off'),
        ifMissing: readySay('ready.bringWords.two-boards-over-trestles'),
      },
    ],
    framed: [
      {
        id: 'Hive tool and scraper',
        text: readySay('ready.bringWords.hive-tool-and-scraper'),
        serves: readySay('ready.bringWords.frames-stuck-with-propolis'),
        ifMissing: readySay('ready.bringWords.strong-scraper'),
      },
    ],
    'cut-comb': [
      {
        id: 'Hive tool',
        text: readySay('ready.bringWords.hive-tool'),
        serves: readySay('ready.bringWords.frames-stuck-with-propolis'),
        ifMissing: readySay('ready.bringWords.strong-scraper'),
      },
    ],
    'drain-frame': [
      {
        id: 'Opening lever, hoses, outlet plugs',
        text: readySay('ready.bringWords.opening-lever-hoses-outlet-plugs'),
        serves: readySay('ready.bringWords.opening-by-parts'),
        ifMissing: readySay('ready.bringWords.do-not-open-without-plug'),
      },
      {
        id: 'Spill tray, jar covers, drip cloth',
        text: readySay('ready.bringWords.spill-tray-jar-covers-drip'),
        serves: readySay('ready.bringWords.what-runs-beside'),
        ifMissing: readySay('ready.bringWords.take-super-off-and-drain'),
      },
      {
        id: 'Level or angle on the phone',
        text: readySay('ready.bringWords.level-or-angle-on-phone'),
        serves: readySay('ready.bringWords.tilt'),
        ifMissing: readySay('ready.bringWords.bowl-water-shows-lean'),
      },
    ],
    stingless: [
      {
        id: 'Suction bottle with a thin tube',
        text: readySay('ready.bringWords.suction-bottle-with-thin-tube'),
        serves: readySay('ready.bringWords.emptying-sealed-pots'),
        ifMissing: readySay('ready.bringWords.do-not-pierce-and-tip'),
      },
      {
        id: 'Cold box',
        text: readySay('ready.bringWords.cold-box'),
        serves: readySay('ready.bringWords.thin-honey-that-ferments'),
        ifMissing: readySay('ready.bringWords.ice-in-closed-bucket'),
      },
    ],
  };
export const BEES_OFF: Record<HouseRules['beesOff'], Say> = {
  brush: readySay('ready.bringWords.brush-or-feather'),
  herd: readySay('ready.bringWords.wet-hands-patience-bees-are'),
  shake: readySay('ready.bringWords.room-to-shake-framed-combs'),
  repellent: readySay('ready.bringWords.repellent-board-and-its-sheet'),
  'leave-out': readySay('ready.bringWords.cloth-to-cover-box-left'),
};
/** What honey is strained through, by the house rule. */
export const STRAINERS: Record<Exclude<HouseRules['strain'], 'none'>, Say> = {
  once: readySay('ready.bringWords.strainer'),
  twice: readySay('ready.bringWords.coarse-and-fine-strainer'),
  cloth: readySay('ready.bringWords.straining-cloth-boiled-and-dry'),
};
