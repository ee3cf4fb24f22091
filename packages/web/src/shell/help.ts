import { tell } from '../words/tell.js';

/** What each screen is for, in five sentences at most; the first says what is done there. */
export interface HelpPage {
  /** Name of the route it belongs to. */
  route: string;
  title: string;
  to: string;
  sentences: string[];
}

export const helpPages = (): HelpPage[] => [
  {
    route: 'today',
    title: tell('common.today'),
    to: '/',
    sentences: [
      tell('help.what-due-now-what-runs'),
      tell('help.clock-that-runs-stands-in'),
      tell('help.line-can-be-done-put'),
      tell('help.coloured-line-on-top-one'),
      tell('help.touch-hive-or-harvest-to'),
    ],
  },
  {
    route: 'look',
    title: tell('common.look'),
    to: '/look',
    sentences: [
      tell('help.combs-are-read-here-and'),
      tell('help.touch-comb-then-draw-lower'),
      tell('help.verdict-says-which-question-decided'),
      tell('help.what-you-know-colony-its'),
      tell('help.nothing-kept-until-you-write'),
    ],
  },
  {
    route: 'new-hive',
    title: tell('common.new-hive'),
    to: '/hives/new',
    sentences: [
      tell('help.hive-made-by-choosing-its'),
      tell('help.its-measures-are-usual-ones'),
      tell('help.comb-it-holds-and-how'),
      tell('help.where-it-stands-gives-it'),
      tell('help.drag-follower-board-bars-or'),
    ],
  },
  {
    route: 'choose',
    title: tell('common.choose-2'),
    to: '/choose',
    sentences: [
      tell('help.combs-are-lifted-here-and'),
      tell('help.sets-below-are-what-could'),
      tell('help.touch-comb-to-lift-it'),
      tell('help.what-winter-needs-stays-counted'),
      tell('help.what-stands-against-comb-said'),
    ],
  },
  {
    route: 'comb-or-liquid',
    title: tell('common.comb-or-liquid-2'),
    to: '/comb-or-liquid',
    sentences: [
      tell('help.what-super-brings-as-cut'),
      tell('help.chances-come-from-your-own'),
      tell('help.prices-are-those-your-kit'),
      tell('help.level-price-one-at-which'),
      tell('help.say-how-many-supers-you'),
    ],
  },
  {
    route: 'round',
    title: tell('common.round-hives'),
    to: '/round',
    sentences: [
      tell('help.which-hive-wants-box-or'),
      tell('help.what-hive-needs-foreseen-from'),
      tell('help.what-short-goes-to-strongest'),
      tell('help.days-to-come-back-go'),
      tell('help.what-vehicle-takes-comes-from'),
    ],
  },
  {
    route: 'ready',
    title: tell('common.ready'),
    to: '/ready',
    sentences: [
      tell('help.day-planned-here-when-to'),
      tell('help.step-can-be-moved-what'),
      tell('help.weather-and-notes-site-say'),
      tell('help.list-says-what-to-bring'),
      tell('help.keep-plan-and-today-says'),
    ],
  },
  {
    route: 'bring',
    title: tell('common.bring'),
    to: '/bring',
    sentences: [
      tell('help.everything-to-load-and-what'),
      tell('help.tick-it-off-as-it'),
      tell('help.what-kit-lacks-says-what'),
      tell('help.missing-keeps-line-in-sight'),
      tell('help.it-prints-on-a4-or'),
    ],
  },
  {
    route: 'take',
    title: tell('common.take'),
    to: '/take',
    sentences: [
      tell('help.one-step-at-time-at'),
      tell('help.each-comb-weighed-here-or'),
      tell('help.something-went-otherwise-say-it'),
      tell('help.it-goes-on-without-network'),
    ],
  },
  {
    route: 'owed',
    title: tell('common.to-be-weighed'),
    to: '/take',
    sentences: [
      tell('help.what-was-taken-without-scale'),
      tell('help.until-then-it-in-no'),
      tell('help.estimate-marked-as-one-and'),
      tell('help.box-weighed-whole-shared-over'),
      tell('help.once-nothing-open-harvest-goes'),
    ],
  },
  {
    route: 'drain',
    title: tell('common.drain'),
    to: '/drain',
    sentences: [
      tell('help.comb-broken-up-and-drains'),
      tell('help.each-weighing-narrows-forecast'),
      tell('help.curve-shows-what-out-what'),
      tell('help.you-decide-when-it-ends'),
      tell('help.stirring-warming-or-pressing-says'),
    ],
  },
  {
    route: 'settle',
    title: tell('common.settle'),
    to: '/settle',
    sentences: [
      tell('help.honey-stands-here-until-scum'),
      tell('help.its-water-measured-here-and'),
      tell('help.deeper-or-colder-honey-takes'),
      tell('help.scum-weighed-and-goes-to'),
      tell('help.what-ferments-already-poured-to'),
    ],
  },
  {
    route: 'cut',
    title: tell('common.cut'),
    to: '/cut',
    sentences: [
      tell('help.comb-laid-on-board-and'),
      tell('help.rack-freezer-and-thawing-have'),
      tell('help.pieces-are-weighed-and-packed'),
      tell('help.touch-comb-to-say-where'),
      tell('help.what-left-over-crushed-and'),
    ],
  },
  {
    route: 'jar',
    title: tell('common.jar'),
    to: '/jar',
    sentences: [
      tell('help.honey-filled-into-jars-your'),
      tell('help.water-first-it-decides-what'),
      tell('help.labels-shelf-and-wax-are'),
      tell('help.what-leaves-shelf-written-down'),
      tell('help.code-on-each-jar-leads'),
    ],
  },
  {
    route: 'book',
    title: tell('common.book'),
    to: '/book',
    sentences: [
      tell('help.where-every-gram-harvest-went'),
      tell('help.seasons-hives-and-kinds-stand'),
      tell('help.questions-that-entries-raise-are'),
      tell('help.archive-copy-and-sheet-for'),
      tell('help.entry-never-rewritten-correction-new'),
    ],
  },
  {
    route: 'rules',
    title: tell('common.rules'),
    to: '/rules',
    sentences: [
      tell('help.households-own-rules-where'),
      tell('help.what-change-would-flip-on'),
      tell('help.decision-keeps-rules-it-was'),
      tell('help.kit-here-vessels-jars-boxes'),
      tell('help.what-stands-as-furrow-begins'),
    ],
  },
];

/** The help of a screen; that of Today where it has none of its own. */
export const helpOf = (route: string | null | undefined): HelpPage =>
  helpPages().find((page) => page.route === route) ?? helpPages()[0];
