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
  text: string;
  ask?: string;
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
      text: 'Stings and allergy: not alone the first times, adrenaline and emergency number at hand.',
      ask: 'Your doctor, if anyone here ever swelled up beyond the sting or lost breath.',
    },
    f.alive && {
      id: 'attack',
      step: 'smoke',
      text: `${f.defensive ? 'They are noted as defensive. ' : ''}If they come in a mass: leave, cover the face, into a house or car, never into water. People and animals away first. Do not go back to finish.`,
    },
    f.alive && {
      id: 'fire',
      step: 'smoke',
      text: 'Smoker on bare ground, water beside it, cold before you go.',
      ask: 'Fire rules of the place in dry weather.',
    },
    heatCaution(f),
    {
      id: 'lift',
      step: f.way === 'drain-hive' || f.way === 'draw-pots' ? 'take' : 'carry',
      text:
        f.liftKg > f.liftLimitKg
          ? `It weighs about ${f.liftKg.toFixed(0)} kg, over your ${f.liftLimitKg} kg for one: carry it between two or in two trips.`
          : `The full tub weighs about ${f.liftKg.toFixed(0)} kg.`,
    },
    {
      id: 'sick',
      step: 'take',
      text: 'Sunken, greasy caps, a bad smell or dead brood: stop, close up, take nothing.',
      ask: 'The bee inspector or a vet; foulbrood is notifiable in many places.',
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
    text: 'Spilled honey and torn pollen pots bring small scuttle flies that can kill the colony: wipe at once, close within minutes.',
  },
  {
    id: 'native',
    step: 'smoke',
    text: 'Native bees are protected by law in many places.',
    ask: 'The environment authority, before you take or move.',
  },
  {
    id: 'pressure',
    step: 'jar',
    text: 'Thin honey ferments: vented lids, never tight glass.',
  },
];

function ofAnyHive(f: CautionFacts): Said {
  return [
    {
      id: 'robbing',
      step: 'take',
      text: f.dearth
        ? 'Dearth: lid on between combs, nothing dripped, entrance reduced, and be done quickly.'
        : 'Lid on the tub between combs: open honey calls robbers.',
    },
    !f.alive && {
      id: 'dead',
      step: 'take',
      text: 'The colony is gone: what it died of comes before its honey is eaten. Robbers may be inside.',
      ask: 'The bee inspector or a laboratory.',
    },
    {
      id: 'treated',
      step: 'take',
      text: 'No comb for eating from a hive under treatment or within its waiting time.',
      ask: 'The leaflet of what was given.',
    },
    f.repellent && {
      id: 'repellent',
      step: 'take',
      text: 'Repellent: outdoors, gloves, not breathed in; not permitted everywhere.',
      ask: 'What is allowed where you sell.',
    },
  ];
}

function ofTheBench({ way }: CautionFacts): Said {
  return [
    cutsComb(way) && {
      id: 'knife',
      step: 'cut',
      text: 'Sticky handles slip: cut away from the hand, wash the knife often.',
    },
    crushesComb(way) && {
      id: 'knife-crush',
      step: 'crush',
      text: 'Sticky handles slip: tool away from the hand.',
    },
    crushesComb(way) && {
      id: 'wax',
      step: 'residue',
      text: 'Wax melts in a water bath, never over a flame, never alone.',
    },
    {
      id: 'damp',
      step: 'strain',
      text: 'Above about 60 % humid, open honey draws water: cover it or dry the room, and measure again.',
    },
    { id: 'glass', step: 'jar', text: 'Throw a chipped jar away, and what was in it.' },
    { id: 'infants', step: 'jar', text: 'No honey for children under twelve months.' },
    {
      id: 'selling',
      step: 'label',
      text: 'For sale a place may ask for registration, labels and approved scales.',
      ask: 'The food authority where you sell.',
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
    return { ...base, text: 'A suit in the sun overheats a person: water, shade, short turns.' };
  if (f.feelsC < f.heatLimitC - 4) return false;
  return {
    ...base,
    text: `It will feel like ${f.feelsC.toFixed(0)} °C; your limit in a suit is ${f.heatLimitC} °C. Water, shade, turns of a quarter of an hour; stop at the first dizziness.`,
  };
}
