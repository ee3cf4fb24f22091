import { together, type Say } from '../say/say.js';
import { readySay } from './says.js';
import { crushesComb, cutsComb, type Way } from '../records/vocabulary/ways.js';

/** Every caution, in the order of the work. */
const CAUTIONS = [
  'stings',
  'attack',
  'fire',
  'heat',
  'lift',
  'robbing',
  'dead',
  'sick',
  'treated',
  'repellent',
  'flies',
  'native',
  'knife',
  'knife-crush',
  'wax',
  'damp',
  'glass',
  'infants',
  'pressure',
  'selling',
] as const;

/** A caution that belongs to one step and stands there, short. */
export interface Caution {
  id: (typeof CAUTIONS)[number];
  /** Id of the step where it bites. */
  step: string;
  text: Say;
  ask?: Say;
}

export interface CautionFacts {
  way: Way;
  stingless: boolean;
  /** False where the colony is gone: nobody is smoked, but robbers may be inside. */
  alive: boolean;
  dearth: boolean;
  defensive: boolean;
  repellent: boolean;
  /**
   * Heaviest thing lifted at once, kg, high edge; and what one person lifts by the household's
   * rule.
   */
  liftKg: number;
  liftLimitKg: number;
  /** How hot the hour feels, °C; null where the weather is not known. */
  feelsC: number | null;
  heatLimitC: number;
}

/**
 * Cautions of a harvest at the steps where they matter. Heat and lifting are worked out; what does
 * not apply is not said.
 */
export function harvestCautions(f: CautionFacts): Caution[] {
  const asked = [
    ...(f.stingless ? OF_STINGLESS_BEES : ofHoneybees(f)),
    ...ofAnyHive(f),
    ...ofTheBench(f),
  ];
  const said = asked.filter((c) => c !== false);
  return CAUTIONS.flatMap((id) => said.filter((c) => c.id === id));
}

type Said = (Caution | false)[];

/** Stings, smoke, heat in a suit, weight, brood disease. */
function ofHoneybees(f: CautionFacts): Said {
  return [
    {
      id: 'stings',
      step: 'smoke',
      text: readySay('ready.cautions.stings-and-allergy-not-alone'),
      ask: readySay('ready.cautions.your-doctor-if-anyone-here'),
    },
    f.alive && {
      id: 'attack',
      step: 'smoke',
      text: together(
        f.defensive && readySay('ready.cautions.they-are-noted-as-defensive'),
        readySay('ready.cautions.if-they-come-in-mass'),
      ),
    },
    f.alive && {
      id: 'fire',
      step: 'smoke',
      text: readySay('ready.cautions.smoker-on-bare-ground-water'),
      ask: readySay('ready.cautions.fire-rules-place-in-dry'),
    },
    heatCaution(f),
    {
      id: 'lift',
      step: f.way === 'drain-hive' || f.way === 'draw-pots' ? 'take' : 'carry',
      text:
        f.liftKg > f.liftLimitKg
          ? readySay('ready.cautions.it-weighs-about-over-your', {
              liftKg: { massG: f.liftKg * 1000, as: 'whole' },
              liftLimitKg: { massG: f.liftLimitKg * 1000, as: 'whole' },
            })
          : readySay('ready.cautions.full-tub-weighs-about', {
              liftKg: { massG: f.liftKg * 1000, as: 'whole' },
            }),
    },
    {
      id: 'sick',
      step: 'take',
      text: readySay('ready.cautions.sunken-greasy-caps-bad-smell'),
      ask: readySay('ready.cautions.bee-inspector-or-vet-foulbrood'),
    },
  ];
}

/**
 * Stingless bees neither sting nor are they worked in a suit, and their honey weighs little: flies,
 * the law and their thin honey are what matters.
 */
const OF_STINGLESS_BEES: Said = [
  {
    id: 'flies',
    step: 'take',
    text: readySay('ready.cautions.spilled-honey-and-torn-pollen'),
  },
  {
    id: 'native',
    step: 'smoke',
    text: readySay('ready.cautions.native-bees-are-protected-by'),
    ask: readySay('ready.cautions.environment-authority-before-you'),
  },
  {
    id: 'pressure',
    step: 'jar',
    text: readySay('ready.cautions.thin-honey-ferments-vented-lids'),
  },
];

function ofAnyHive(f: CautionFacts): Said {
  return [
    {
      id: 'robbing',
      step: 'take',
      text: f.dearth
        ? readySay('ready.cautions.dearth-lid-on-between-combs')
        : readySay('ready.cautions.lid-on-tub-between-combs'),
    },
    !f.alive && {
      id: 'dead',
      step: 'take',
      text: readySay('ready.cautions.colony-gone-what-it-died'),
      ask: readySay('ready.cautions.bee-inspector-or-laboratory'),
    },
    {
      id: 'treated',
      step: 'take',
      text: readySay('ready.cautions.no-comb-for-eating-from'),
      ask: readySay('ready.cautions.leaflet-what-was-given'),
    },
    f.repellent && {
      id: 'repellent',
      step: 'take',
      text: readySay('ready.cautions.repellent-outdoors-gloves-not'),
      ask: readySay('ready.cautions.what-allowed-where-you-sell'),
    },
  ];
}

function ofTheBench({ way }: CautionFacts): Said {
  return [
    cutsComb(way) && {
      id: 'knife',
      step: 'cut',
      text: readySay('ready.cautions.sticky-handles-slip-cut-away'),
    },
    crushesComb(way) && {
      id: 'knife-crush',
      step: 'crush',
      text: readySay('ready.cautions.sticky-handles-slip-tool-away'),
    },
    crushesComb(way) && {
      id: 'wax',
      step: 'residue',
      text: readySay('ready.cautions.wax-melts-in-water-bath'),
    },
    {
      id: 'damp',
      step: 'strain',
      text: readySay('ready.cautions.above-about-60-humid-open'),
    },
    { id: 'glass', step: 'jar', text: readySay('ready.cautions.throw-chipped-jar-away-and') },
    { id: 'infants', step: 'jar', text: readySay('ready.cautions.no-honey-for-children-under') },
    {
      id: 'selling',
      step: 'label',
      text: readySay('ready.cautions.for-sale-place-may-ask'),
      ask: readySay('ready.cautions.food-authority-where-you-sell'),
    },
  ];
}

/**
 * Heat in a suit: by what it will feel like where the weather is known; nothing where it stays well
 * below the limit.
 */
function heatCaution(f: CautionFacts): Caution | false {
  const base = { id: 'heat' as const, step: 'take' };
  if (f.feelsC === null)
    return { ...base, text: readySay('ready.cautions.suit-in-sun-overheats-person') };
  if (f.feelsC < f.heatLimitC - 4) return false;
  return {
    ...base,
    text: readySay('ready.cautions.it-will-feel-like-your', {
      feelsC: { temperatureC: f.feelsC },
      heatLimitC: { temperatureC: f.heatLimitC },
    }),
  };
}
