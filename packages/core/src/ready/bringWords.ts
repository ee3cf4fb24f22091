import type { HiveKindName, HouseRules } from '../records/index.js';
import type { Gear } from '../records/plan.js';

export const SPARE: Partial<
  Record<HiveKindName, { kind: Gear['kind']; one: string; many: string }>
> = {
  'top-bar': { kind: 'spare-bar', one: 'spare bar', many: 'spare bars' },
  warre: { kind: 'spare-bar', one: 'spare bar', many: 'spare bars' },
  framed: { kind: 'spare-frame', one: 'frame to set back', many: 'frames to set back' },
  'cut-comb': { kind: 'spare-frame', one: 'frame with a sheet', many: 'frames with sheets' },
  'pile-box': { kind: 'empty-super', one: 'empty box', many: 'empty boxes' },
};
export const TOOLS: Record<HiveKindName, { text: string; serves: string; ifMissing: string }[]> = {
  'top-bar': [
    {
      text: 'Long knife',
      serves: 'freeing combs from both walls',
      ifMissing: 'A bread knife with its edge taken off; never tear.',
    },
  ],
  warre: [
    {
      text: 'Long knife and bar lifter',
      serves: 'freeing bars without snapping them',
      ifMissing: 'Take the box whole instead.',
    },
  ],
  'pile-box': [
    {
      text: 'Cutting wire with two grips',
      serves: 'parting the combs at the joint',
      ifMissing: 'Do not prise: come another day.',
    },
    {
      text: 'Firm table beside the hive',
      serves: 'the box that is lifted off',
      ifMissing: 'Two boards over trestles.',
    },
  ],
  framed: [
    {
      text: 'Hive tool and scraper',
      serves: 'frames stuck with propolis',
      ifMissing: 'A strong scraper.',
    },
  ],
  'cut-comb': [
    { text: 'Hive tool', serves: 'frames stuck with propolis', ifMissing: 'A strong scraper.' },
  ],
  'drain-frame': [
    {
      text: 'Opening lever, hoses, outlet plugs',
      serves: 'opening by parts',
      ifMissing: 'Do not open: without the plug the frame cannot be closed.',
    },
    {
      text: 'Spill tray, jar covers, drip cloth',
      serves: 'what runs beside',
      ifMissing: 'Take the super off and drain it over a tray indoors.',
    },
    {
      text: 'Level or angle on the phone',
      serves: 'the tilt',
      ifMissing: 'A bowl of water shows the lean.',
    },
  ],
  stingless: [
    {
      text: 'Suction bottle with a thin tube',
      serves: 'emptying sealed pots',
      ifMissing: 'Do not pierce and tip unless you must: come another day.',
    },
    { text: 'Cold box', serves: 'thin honey that ferments', ifMissing: 'Ice in a closed bucket.' },
  ],
};
export const BEES_OFF: Record<HouseRules['beesOff'], string> = {
  brush: 'Brush or feather',
  herd: 'Wet hands, patience: bees are herded',
  shake: 'Room to shake framed combs over the hive',
  repellent: 'Repellent board and its sheet, where permitted',
  'leave-out': 'Cloth to cover the box left out',
};
/** What honey is strained through, by the house rule. */
export const STRAINERS: Record<Exclude<HouseRules['strain'], 'none'>, string> = {
  once: 'Strainer',
  twice: 'Coarse and fine strainer',
  cloth: 'Straining cloth, boiled and dry',
};
