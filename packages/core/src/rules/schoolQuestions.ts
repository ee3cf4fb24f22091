import type { HouseRules } from '../records/houseRules.js';

/** The stage whose work a disagreement is about, in the order of the row. */
export const SCHOOL_STAGES = ['look', 'choose', 'ready', 'take', 'drain', 'cut', 'jar'] as const;
export type SchoolStage = (typeof SCHOOL_STAGES)[number];

export interface SchoolChoice<K extends keyof HouseRules = keyof HouseRules> {
  value: HouseRules[K];
  label: string;
  /** Whom it suits, and what it costs. */
  suits: string;
}
/** One disagreement among practitioners, as a question with its schools. */
export interface SchoolQuestion<K extends keyof HouseRules = keyof HouseRules> {
  rule: K;
  stage: SchoolStage;
  asks: string;
  choices: SchoolChoice<K>[];
  /** Whether it may turn a verdict on a comb. */
  judges: boolean;
}

const question = <K extends keyof HouseRules>(
  stage: SchoolStage,
  rule: K,
  asks: string,
  choices: [HouseRules[K], string, string][],
  judges = false,
): SchoolQuestion<K> => ({
  rule,
  stage,
  asks,
  choices: choices.map(([value, label, suits]) => ({ value, label, suits })),
  judges,
});

/** Every disagreement that Furrow takes a side in, and that a household may decide otherwise. */
export const SCHOOL_QUESTIONS: readonly SchoolQuestion[] = [
  question(
    'look',
    'ripeCappedPercent',
    'From which capped share is a comb ripe?',
    [
      [75, 'Three quarters', 'Dry places, honey eaten soon, water measured.'],
      [80, 'Four fifths', 'The middle way, where water is measured now and then.'],
      [90, 'Nine tenths', 'Humid places, or nobody measures water.'],
      [100, 'To the edge', 'Cut comb that is shown, and honey that waits for years.'],
    ],
    true,
  ),
  question(
    'look',
    'ripeOf',
    'Of what is the share counted?',
    [
      ['comb', 'The comb as a whole', 'Both sides are crushed together.'],
      ['worst-side', 'Its worse side too', 'Combs whose sides differ, such as beside the brood.'],
      [
        'piece',
        'The piece that is used',
        'The sealed part is cut apart, the rest fed back or used first.',
      ],
    ],
    true,
  ),
  question(
    'look',
    'considerFromPercent',
    'Is a comb that is not ripe worth a test?',
    [
      [null, 'No, leave it', 'Nobody has an instrument at the hive.'],
      [60, 'From 60 %', 'Water is measured at every comb.'],
      [75, 'From 75 %', 'Three quarters to consider, all to take.'],
    ],
    true,
  ),
  question(
    'look',
    'moistureMayOverrule',
    'May measured water overrule the caps?',
    [
      [true, 'Yes', 'Dry open honey is ripe: three samples, both sides, the wettest decides.'],
      [false, 'No', 'The bees decide by capping it.'],
    ],
    true,
  ),
  question(
    'look',
    'takeInFirstSeason',
    'Is honey taken from a colony in its first season?',
    [
      [false, 'No', 'It has comb to build and a winter to meet.'],
      [true, 'Yes', 'A strong swarm in a long flow.'],
    ],
    true,
  ),
  question(
    'look',
    'takeBroodUsedComb',
    'Is comb that once held brood taken?',
    [
      [false, 'No', 'Light honey and clean wax.'],
      [true, 'Yes', 'Hives whose stores stand in old comb; it strains darker.'],
    ],
    true,
  ),
  question(
    'choose',
    'harvestWhen',
    'When is honey taken?',
    [
      ['comb-by-comb', 'Comb by comb, as it ripens', 'Whoever looks often and takes little.'],
      ['spring', 'Once in spring, after the winter', 'What the winter left is truly spare.'],
      ['flow', 'In the main flow', 'They fill again what was taken.'],
      ['dead-outs', 'From dead colonies only', 'Bees are kept for their own sake.'],
    ],
    true,
  ),
  question('choose', 'lotsBy', 'What is kept apart?', [
    ['hive', 'Each hive', 'Every jar says from which colony it came.'],
    ['box', 'Each box', 'Boxes of different seasons or plants.'],
    ['comb', 'Each comb or frame', 'Tastes that differ from comb to comb.'],
    ['season', "This season's from older", 'Winter stores beside fresh honey.'],
    ['capped', 'Capped from open', 'Keeping honey beside honey for the table.'],
    ['colour', 'Light from dark, at the bench', 'Honey is sold or given by its taste.'],
    ['mixed', 'Nothing, all together', 'Few vessels; a trace leads to all of them.'],
  ]),
  question('choose', 'extraSuper', 'A super fills: another one, or crowding?', [
    ['by-flow', 'By the flow', 'Another in a strong flow, crowding else.'],
    ['super', 'Another super early', 'Liquid honey, and fewer swarms.'],
    ['crowd', 'Crowd them', 'White, well filled comb; look every week for swarm cells.'],
  ]),
  question('choose', 'belowSuper', 'What stands between brood and comb super?', [
    ['empty-super', 'An empty super', 'Keeps pollen and brood out of the comb.'],
    ['excluder', 'A queen excluder', 'Keeps the queen down; bees pass it less gladly.'],
    ['neither', 'Neither', 'Nothing between the bees and their stores.'],
  ]),
  question('choose', 'finishedCombFrames', 'Where goes a finished comb frame?', [
    ['outward', 'Outward', 'Light frames come to the middle, where they work.'],
    ['middle', 'To the middle', 'Where cappings stay white away from the entrance.'],
    ['stay', 'It stays', 'No disturbance.'],
  ]),
  question('choose', 'finishedLiquidFrames', 'And a finished frame to crush?', [
    ['stay', 'It stays', 'A liquid super evens itself out.'],
    ['outward', 'Outward', 'Every frame is to be full.'],
    ['middle', 'To the middle', 'Ripe honey stays warm over the nest.'],
  ]),
  question('ready', 'preferredHour', 'Which hour is liked?', [
    ['none', 'The weather says', 'No liking of your own.'],
    ['morning', 'The morning, foragers out', 'Fewer bees at home, comb still firm.'],
    ['cool-day', 'A cool day, nobody flies', 'No robbing; more bees at home.'],
  ]),
  question('ready', 'smoke', 'Smoke, or fresh air?', [
    ['by-temper', 'By temper', 'Calm bees need none.'],
    ['smoke', 'Always', 'Defensive bees, neighbours near.'],
    ['fresh-air', 'Never', 'Comb honey without a taste of it.'],
  ]),
  question('take', 'beesOff', 'How do the bees get off the comb?', [
    ['brush', 'Brush', 'Any comb; angers some bees.'],
    ['herd', 'Herd with the hand', 'Few combs, patience.'],
    ['shake', 'Shake', 'Framed comb only: free comb breaks.'],
    ['repellent', 'Repellent board', 'Whole supers, where it is permitted.'],
    ['leave-out', 'Leave the box out', 'No hurry, and nobody robs.'],
  ]),
  question('take', 'starterLeft', 'What is left on the bar or frame?', [
    ['ridge', 'A ridge', 'They build on straight.'],
    ['strip', 'A strip of comb', 'They begin at once.'],
    ['nothing', 'Nothing', 'All of the wax is wanted.'],
  ]),
  question('take', 'potsBy', 'How are pots emptied?', [
    ['suction', 'By suction', 'Clean, slow, little spilled.'],
    ['tip', 'Pierced and tipped', 'Quick; what is spilled draws flies.'],
    [
      'cut',
      'Cut out whole',
      'More honey and the wax; they build anew, and a torn pot draws flies.',
    ],
  ]),
  question('take', 'frameParts', 'A drain frame is opened', [
    [4, 'By quarters', 'A leak stays small.'],
    [2, 'By halves', 'The middle way.'],
    [1, 'Whole', 'Ripe and warm, tray in place.'],
  ]),
  question('take', 'frameDone', 'When is a drain frame closed?', [
    ['droplet', 'When it only drips', 'Most of the honey.'],
    ['hour', 'After an hour', 'A fixed visit.'],
    ['overnight', 'Overnight', 'Thick or cool honey.'],
    ['early', 'Early, the rest is theirs', 'They clean and refill it sooner.'],
  ]),
  question('take', 'frameReset', 'When are its cells set back?', [
    ['running', 'While it still runs', 'The cells move most easily.'],
    ['near-end', 'Near the end', 'The middle way.'],
    ['after-hour', 'After an hour', 'Nothing runs any more.'],
  ]),
  question('take', 'wetFrames', 'Wet frames go back', [
    ['at-once', 'At once', 'They are cleaned and filled again.'],
    ['later', 'At dusk', 'No robbing by day.'],
    ['washed', 'Washed and dried', 'Disease is about.'],
  ]),
  question('drain', 'crush', 'How is comb broken up?', [
    ['mash', 'Mashed', 'Quick, cloudier.'],
    ['chop', 'Chopped', 'Between the two.'],
    ['slice', 'Sliced and left', 'Slow, clear.'],
  ]),
  question('drain', 'stirs', 'How often is it stirred?', [
    ['twice', 'Twice', 'Enough for most of it.'],
    ['until-ended', 'Until it ends', 'The last of it.'],
  ]),
  question('drain', 'remash', 'Is it mashed once more?', [
    ['never', 'Never', 'Clearer honey.'],
    ['hours', 'After some hours', 'A warm bench.'],
    ['days', 'After a day', 'A cool bench, thick honey.'],
  ]),
  question('drain', 'strain', 'How is it strained?', [
    ['once', 'Once', 'Crumbs settle and are skimmed.'],
    ['twice', 'Twice', 'Clear honey for sale.'],
    ['cloth', 'Through cloth', 'Very clear, slow.'],
    ['none', 'Not at all', 'Settling does it.'],
  ]),
  question('drain', 'warm', 'Is it warmed?', [
    ['gently', 'Gently', 'A cold kitchen; never above your limit.'],
    ['never', 'Never', 'As the bees made it.'],
  ]),
  question('cut', 'halfPieces', 'Half-filled pieces?', [
    ['trimmed', 'Cut round', 'The knife passes open patches above your size.'],
    ['in', 'Let in', 'Eaten soon, or sold at a discount.'],
    ['out', 'Out altogether', 'Every open patch is kept off a piece.'],
  ]),
  question('cut', 'underWeight', 'A piece too light for its box?', [
    ['discount', 'At a discount', 'A market stall.'],
    ['chunk', 'Into a chunk jar', 'Nothing is sold light.'],
    ['sample', 'As a sample', 'Who tastes buys.'],
  ]),
  question('cut', 'freeze', 'Comb is frozen', [
    ['pieces', 'As pieces', 'Quick to the core.'],
    ['whole', 'Whole', 'Cut later; cracks more.'],
    ['none', 'Not at all', 'No moth, eaten at once.'],
  ]),
  question('jar', 'wetGear', 'What happens to wet gear?', [
    ['wash', 'Washed', 'No robbing, no disease carried.'],
    ['same-hive', 'Back inside the same hive', 'They clean it; never into another.'],
    ['open', 'Out in the open', 'It calls robbers, and many places forbid it.'],
  ]),
  question('jar', 'waxWay', 'How is wax melted?', [
    ['solar', 'In the sun', 'Summer, no fire.'],
    ['water-bath', 'In a water bath', 'Any day; never on a flame.'],
    ['bag-press', 'In a bag, pressed', 'Old comb gives most so.'],
  ]),
];
