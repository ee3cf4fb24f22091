/** What each screen is for, in five sentences at most; the first says what is done there. */
export interface HelpPage {
  /** Name of the route it belongs to. */
  route: string;
  title: string;
  to: string;
  sentences: string[];
}

export const HELP: HelpPage[] = [
  {
    route: 'today',
    title: 'Today',
    to: '/',
    sentences: [
      'What is due now, what runs, and what the week brings.',
      'A clock that runs stands in the dark strip below every screen, too.',
      'A line can be done, put off or undone right here.',
      'The coloured line on top is the one thing to do next.',
      'Touch a hive or a harvest to go on with it.',
    ],
  },
  {
    route: 'look',
    title: 'Look',
    to: '/look',
    sentences: [
      'Combs are read here, and each is judged: take, leave, or test first.',
      'Touch a comb, then draw the lower edge of what is capped, open, pollen and brood.',
      'The verdict says which question decided and what it rests on.',
      'What you know of the colony, its queen, temper and forage, counts too.',
      'Nothing is kept until you write it down; what you began stays on this device.',
    ],
  },
  {
    route: 'new-hive',
    title: 'A new hive',
    to: '/hives/new',
    sentences: [
      'A hive is made by choosing its drawing and naming it.',
      'Its measures are the usual ones of its kind: correct those that differ.',
      'The comb it holds, and how old its colony is, decide what may be taken later.',
      'Where it stands gives it its sunrise, its seasons and its weather.',
      'Drag the follower board, the bars or the comb itself: the numbers follow, and the other way round.',
    ],
  },
  {
    route: 'choose',
    title: 'Choose',
    to: '/choose',
    sentences: [
      'Combs are lifted here, and go the way that suits them.',
      'The sets below are what could be made of what may be taken.',
      'Touch a comb to lift it, once more to put it back; T does it by keyboard.',
      'What winter needs stays, counted by the low estimate.',
      'What stands against a comb is said, and a reason overrules what is not dangerous.',
    ],
  },
  {
    route: 'comb-or-liquid',
    title: 'Comb or liquid',
    to: '/comb-or-liquid',
    sentences: [
      'What a super brings as cut comb, beside what it brings as honey in jars.',
      'Chances come from your own supers, as soon as there are some.',
      'Prices are those of your kit.',
      'The level price is the one at which both ways bring the same.',
      'Say how many supers you think of, and it says what such years have brought and what would narrow the range.',
    ],
  },
  {
    route: 'round',
    title: 'A round of hives',
    to: '/round',
    sentences: [
      'Which hive wants a box or super, what to load, and when to come back.',
      'What a hive needs is foreseen from its looks; − and + say otherwise.',
      'What is short goes to the strongest flow first.',
      'Days to come back go by how fast they fill.',
      'What the vehicle takes comes from your rules.',
    ],
  },
  {
    route: 'ready',
    title: 'Ready',
    to: '/ready',
    sentences: [
      'The day is planned here: when to begin, who helps, which vessel holds what.',
      'A step can be moved; what follows moves with it.',
      'The weather and the notes of the site say whether it is a day for it.',
      'The list says what to bring, and what to do without it.',
      'Keep the plan, and Today says what is due of it.',
    ],
  },
  {
    route: 'bring',
    title: 'Bring',
    to: '/bring',
    sentences: [
      'Everything to load, and what each thing is for.',
      'Tick it off as it goes into the car; it works without a network.',
      'What the kit lacks says what serves instead.',
      '“Missing” keeps a line in sight until it is solved.',
      'It prints on A4 or letter, as your rules say.',
    ],
  },
  {
    route: 'take',
    title: 'Take',
    to: '/take',
    sentences: [
      'One step at a time at the hive; the large key is the next one.',
      'Each comb is weighed here, or later: then it stands on Today until it is.',
      'Something went otherwise? Say it, and what to do comes first.',
      'It goes on without a network and is sent when there is one.',
    ],
  },
  {
    route: 'owed',
    title: 'To be weighed',
    to: '/take',
    sentences: [
      'What was taken without a scale is weighed here, estimated, or said lost.',
      'Until then it is in no figure of the harvest.',
      'An estimate is marked as one and may still be replaced by a weight.',
      'A box weighed whole is shared over its combs.',
      'Once nothing is open, the harvest goes on to Drain or Cut.',
    ],
  },
  {
    route: 'drain',
    title: 'Drain',
    to: '/drain',
    sentences: [
      'Comb is broken up and drains: the clock, the level and the next stir.',
      'Each weighing narrows the forecast.',
      'The curve shows what is out, what still comes, and what stays in the wax.',
      'You decide when it ends; every gram is then somewhere.',
      'Stirring, warming or pressing says before what it would bring and cost.',
    ],
  },
  {
    route: 'settle',
    title: 'Settle',
    to: '/settle',
    sentences: [
      'Honey stands here until the scum is up and skimmed.',
      'Its water is measured here, and lots are poured together.',
      'Deeper or colder honey takes longer to clear.',
      'The scum is weighed and goes to the wet wax.',
      'What ferments already is poured to nothing else.',
    ],
  },
  {
    route: 'cut',
    title: 'Cut',
    to: '/cut',
    sentences: [
      'Comb is laid on the board and cut into pieces round its flaws.',
      'Rack, freezer and thawing have their clocks.',
      'Pieces are weighed and packed by your boxes and grades.',
      'Touch the comb to say where a flaw is; the knife then goes round it.',
      'What is left over is crushed, and its weight stays in the book.',
    ],
  },
  {
    route: 'jar',
    title: 'Jar',
    to: '/jar',
    sentences: [
      'Honey is filled into the jars of your kit, to the gram.',
      'Water first: it decides what the label may say.',
      'Labels, the shelf, and the wax are here, too.',
      'What leaves the shelf is written down with its price, and to whom, if you like.',
      'A code on each jar leads back to its hive and day.',
    ],
  },
  {
    route: 'book',
    title: 'Book',
    to: '/book',
    sentences: [
      'Where every gram of a harvest went.',
      'Seasons, hives and kinds stand beside each other.',
      'Questions that the entries raise are asked here.',
      'The archive, a copy and the sheet for a spreadsheet are made here.',
      'An entry is never rewritten: a correction is a new one beside it.',
    ],
  },
  {
    route: 'rules',
    title: 'Rules',
    to: '/rules',
    sentences: [
      'The household’s own rules, where practitioners disagree.',
      'What a change would flip on your combs is said before you write it down.',
      'A decision keeps the rules it was made under.',
      'The kit is here: vessels, jars, boxes, spares and what is to be mended.',
      'What stands as Furrow begins is marked until you say it is yours.',
    ],
  },
];

/** The help of a screen; that of Today where it has none of its own. */
export const helpOf = (route: string | null | undefined): HelpPage =>
  HELP.find((page) => page.route === route) ?? HELP[0];
