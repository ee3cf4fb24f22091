export const shell = {
  'App.furrow': '{title} · Furrow',
  'App.to-work': 'To the work',
  'router.not-here': 'Not here',
  'AlarmKey.this-how-alarm-sounds': 'This is how an alarm sounds.',
  'AlarmKey.alarms-on': 'Alarms on',
  'AlarmKey.ring-when-due': 'Ring when due',
  'FindDialog.hive-comb-lot-jar-person': 'A hive, comb, lot, jar, person, place or rule',
  'FindDialog.found': 'Found',
  'FindDialog.nothing-called-part-name-enough':
    'Nothing is called “{typed}”. A part of a name is enough.',
  'FindDialog.part-name-enough-keys-and':
    'A part of a name is enough. The keys / and Ctrl K open this field on every screen.',
  'HarvestRow.furrow': 'Furrow',
  'HarvestRow.row': 'The row',
  'HarvestRow.harvest-at': 'Harvest of {hiveName}, {date}, {b}at {s}',
  'KeysDialog.stage-before-after': 'stage before, after',
  'KeysDialog.comb-before-after': 'comb before, after',
  'KeysDialog.side-comb': 'side of the comb',
  'KeysDialog.take-comb-in-hand-or': 'take the comb in hand, or put it back, in Choose',
  'KeysDialog.undo-last-entry': 'undo the last entry',
  'KeysDialog.drawing-or-table': 'drawing or table',
  'KeysDialog.sun-mode': 'sun mode',
  'KeysDialog.space': 'Space',
  'KeysDialog.page-down': 'Page down',
  'KeysDialog.next-step-in-take': 'the next step, in Take',
  'KeysDialog.next-step-by-pedal': 'the same, from a foot pedal or a remote',
  'KeysDialog.find-anything-by-its-name': 'find anything by its name',
  'KeysDialog.this-list': 'this list',
  'KeysDialog.esc': 'Esc',
  'KeysDialog.put-it-down': 'put it down',
  'KeysDialog.this-could-not-be-undone': 'This could not be undone.',
  'KeysDialog.keys': 'Keys',
  'KeysDialog.keys-are-on': 'Keys are on',
  'KeysDialog.last-entries': 'Last entries',
  'KeysDialog.nothing-was-written-yet': 'Nothing was written yet.',
  'KeysDialog.undone': '(undone)',
  'KeysDialog.undo': 'Undo: {sentence}',
  'LeaveUnsaved.are-not-written-down': '{what} are not written down',
  'LeaveUnsaved.write-them-down-and-go': 'Write them down and go',
  'LeaveUnsaved.go-as-they-were-before': 'Go, as they were before',
  'LeaveUnsaved.stay-here': 'Stay here',
  'LostView.there-nothing-at-this-address': 'There is nothing at this address.',
  'LostView.back-to-today': 'Back to Today',
  'SoilStrip.wait': 'Wait',
  'SoilStrip.rack': 'Rack',
  'SoilStrip.cold': 'Cold',
  'SoilStrip.thaw': 'Thaw',
  'SoilStrip.ahead': 'ahead',
  'SoilStrip.behind': 'behind',
  'SoilStrip.this-devices-clock-furrow-writes':
    "This device's clock is {ahead} {ahead2}: Furrow writes by its own.",
  'SoilStrip.furrow-cannot-be-reached-what':
    'Furrow cannot be reached. What stands here is of {at}; what you type stays.',
  'SoilStrip.clocks-and-messages': 'Clocks and messages',
  'SoilStrip.no-clock-runs': 'No clock runs.',
  'alarms.this-browser-shows-no-notifications':
    'This browser shows no notifications: sound and vibration ring while this page is open.',
  'alarms.notifications-are-not-allowed-sound':
    'Notifications are not allowed: sound and vibration ring while this page is open.',
  'find.to-look': 'to Look',
  'find.to': 'to {stage}',
  'find.to-book': 'to Book',
  'find.to-shelf': 'to the shelf',
  'find.to-kit-in-rules': 'to the kit in Rules',
  'find.to-in-look': 'to {first} in Look',
  'find.vessel': 'Vessel',
  'find.person': 'Person',
  'find.rule': 'Rule',
  'find.to-rules': 'to Rules',
  'find.to-schools-in-rules': 'to the schools in Rules',
  'find.help': 'Help',
  'find.to-2': 'to {title}',
  'help.what-due-now-what-runs': 'What is due now, what runs, and what the week brings.',
  'help.clock-that-runs-stands-in':
    'A clock that runs stands in the dark strip below every screen, too.',
  'help.line-can-be-done-put': 'A line can be done, put off or undone right here.',
  'help.coloured-line-on-top-one': 'The coloured line on top is the one thing to do next.',
  'help.touch-hive-or-harvest-to': 'Touch a hive or a harvest to go on with it.',
  'help.combs-are-read-here-and':
    'Combs are read here, and each is judged: take, leave, or test first.',
  'help.touch-comb-then-draw-lower':
    'Touch a comb, then draw the lower edge of what is capped, open, pollen and brood.',
  'help.verdict-says-which-question-decided':
    'The verdict says which question decided and what it rests on.',
  'help.what-you-know-colony-its':
    'What you know of the colony, its queen, temper and forage, counts too.',
  'help.nothing-kept-until-you-write':
    'Nothing is kept until you write it down; what you began stays on this device.',
  'help.hive-made-by-choosing-its': 'A hive is made by choosing its drawing and naming it.',
  'help.its-measures-are-usual-ones':
    'Its measures are the usual ones of its kind: correct those that differ.',
  'help.comb-it-holds-and-how':
    'The comb it holds, and how old its colony is, decide what may be taken later.',
  'help.where-it-stands-gives-it':
    'Where it stands gives it its sunrise, its seasons and its weather.',
  'help.drag-follower-board-bars-or': [
    'Drag the follower board, the bars or the comb itself: the numbers follow, and the',
    'other way round.',
  ],
  'help.combs-are-lifted-here-and': 'Combs are lifted here, and go the way that suits them.',
  'help.sets-below-are-what-could': 'The sets below are what could be made of what may be taken.',
  'help.touch-comb-to-lift-it':
    'Touch a comb to lift it, once more to put it back; T does it by keyboard.',
  'help.what-winter-needs-stays-counted': 'What winter needs stays, counted by the low estimate.',
  'help.what-stands-against-comb-said':
    'What stands against a comb is said, and a reason overrules what is not dangerous.',
  'help.what-super-brings-as-cut':
    'What a super brings as cut comb, beside what it brings as honey in jars.',
  'help.chances-come-from-your-own':
    'Chances come from your own supers, as soon as there are some.',
  'help.prices-are-those-your-kit': 'Prices are those of your kit.',
  'help.level-price-one-at-which': 'The level price is the one at which both ways bring the same.',
  'help.say-how-many-supers-you': [
    'Say how many supers you think of, and it says what such years have brought and what',
    'would narrow the range.',
  ],
  'help.which-hive-wants-box-or':
    'Which hive wants a box or super, what to load, and when to come back.',
  'help.what-hive-needs-foreseen-from':
    'What a hive needs is foreseen from its looks; − and + say otherwise.',
  'help.what-short-goes-to-strongest': 'What is short goes to the strongest flow first.',
  'help.days-to-come-back-go': 'Days to come back go by how fast they fill.',
  'help.what-vehicle-takes-comes-from': 'What the vehicle takes comes from your rules.',
  'help.day-planned-here-when-to':
    'The day is planned here: when to begin, who helps, which vessel holds what.',
  'help.step-can-be-moved-what': 'A step can be moved; what follows moves with it.',
  'help.weather-and-notes-site-say':
    'The weather and the notes of the site say whether it is a day for it.',
  'help.list-says-what-to-bring': 'The list says what to bring, and what to do without it.',
  'help.keep-plan-and-today-says': 'Keep the plan, and Today says what is due of it.',
  'help.everything-to-load-and-what': 'Everything to load, and what each thing is for.',
  'help.tick-it-off-as-it': 'Tick it off as it goes into the car; it works without a network.',
  'help.what-kit-lacks-says-what': 'What the kit lacks says what serves instead.',
  'help.missing-keeps-line-in-sight': '“Missing” keeps a line in sight until it is solved.',
  'help.it-prints-on-a4-or': 'It prints on A4 or letter, as your rules say.',
  'help.one-step-at-time-at': 'One step at a time at the hive; the large key is the next one.',
  'help.each-comb-weighed-here-or':
    'Each comb is weighed here, or later: then it stands on Today until it is.',
  'help.something-went-otherwise-say-it':
    'Something went otherwise? Say it, and what to do comes first.',
  'help.it-goes-on-without-network': 'It goes on without a network and is sent when there is one.',
  'help.what-was-taken-without-scale':
    'What was taken without a scale is weighed here, estimated, or said lost.',
  'help.until-then-it-in-no': 'Until then it is in no figure of the harvest.',
  'help.estimate-marked-as-one-and':
    'An estimate is marked as one and may still be replaced by a weight.',
  'help.box-weighed-whole-shared-over': 'A box weighed whole is shared over its combs.',
  'help.once-nothing-open-harvest-goes':
    'Once nothing is open, the harvest goes on to Drain or Cut.',
  'help.comb-broken-up-and-drains':
    'Comb is broken up and drains: the clock, the level and the next stir.',
  'help.each-weighing-narrows-forecast': 'Each weighing narrows the forecast.',
  'help.curve-shows-what-out-what':
    'The curve shows what is out, what still comes, and what stays in the wax.',
  'help.you-decide-when-it-ends': 'You decide when it ends; every gram is then somewhere.',
  'help.stirring-warming-or-pressing-says':
    'Stirring, warming or pressing says before what it would bring and cost.',
  'help.honey-stands-here-until-scum': 'Honey stands here until the scum is up and skimmed.',
  'help.its-water-measured-here-and': 'Its water is measured here, and lots are poured together.',
  'help.deeper-or-colder-honey-takes': 'Deeper or colder honey takes longer to clear.',
  'help.scum-weighed-and-goes-to': 'The scum is weighed and goes to the wet wax.',
  'help.what-ferments-already-poured-to': 'What ferments already is poured to nothing else.',
  'help.comb-laid-on-board-and': 'Comb is laid on the board and cut into pieces round its flaws.',
  'help.rack-freezer-and-thawing-have': 'Rack, freezer and thawing have their clocks.',
  'help.pieces-are-weighed-and-packed': 'Pieces are weighed and packed by your boxes and grades.',
  'help.touch-comb-to-say-where':
    'Touch the comb to say where a flaw is; the knife then goes round it.',
  'help.what-left-over-crushed-and':
    'What is left over is crushed, and its weight stays in the book.',
  'help.honey-filled-into-jars-your': 'Honey is filled into the jars of your kit, to the gram.',
  'help.water-first-it-decides-what': 'Water first: it decides what the label may say.',
  'help.labels-shelf-and-wax-are': 'Labels, the shelf, and the wax are here, too.',
  'help.what-leaves-shelf-written-down':
    'What leaves the shelf is written down with its price, and to whom, if you like.',
  'help.code-on-each-jar-leads': 'A code on each jar leads back to its hive and day.',
  'help.where-every-gram-harvest-went': 'Where every gram of a harvest went.',
  'help.seasons-hives-and-kinds-stand': 'Seasons, hives and kinds stand beside each other.',
  'help.questions-that-entries-raise-are': 'Questions that the entries raise are asked here.',
  'help.archive-copy-and-sheet-for':
    'The archive, a copy and the sheet for a spreadsheet are made here.',
  'help.entry-never-rewritten-correction-new':
    'An entry is never rewritten: a correction is a new one beside it.',
  'help.households-own-rules-where': 'The household’s own rules, where practitioners disagree.',
  'help.what-change-would-flip-on':
    'What a change would flip on your combs is said before you write it down.',
  'help.decision-keeps-rules-it-was': 'A decision keeps the rules it was made under.',
  'help.kit-here-vessels-jars-boxes':
    'The kit is here: vessels, jars, boxes, spares and what is to be mended.',
  'help.what-stands-as-furrow-begins':
    'What stands as Furrow begins is marked until you say it is yours.',
  'ruleNames.kilograms-pounds-ounces-grams':
    'kilograms pounds ounces grams Celsius Fahrenheit metric imperial measures',
  'ruleNames.print-size-a4-letter': 'print size A4 Letter',
  'ruleNames.english-portuguese': 'English Portuguese português inglês idioma',
  'ruleNames.smoker-water-spray': 'smoker water spray',
  'ruleNames.sieve-filter': 'sieve filter',
  'ruleNames.expiry-date-shelf-life-keeps': 'expiry date shelf life keeps until',
  'ruleNames.best-before-expiry-date-wet': 'best before expiry date wet honey',
  'ruleNames.best-before-expiry-date-unmeasured': 'best before expiry date unmeasured honey',
  'ruleNames.melt-solar': 'melt solar',
  'ruleNames.stores-food': 'stores food',
  'ruleNames.moisture-humidity-refractometer': 'moisture humidity refractometer',
  'useAwake.this-browser-lets-screen-go':
    'This browser lets the screen go dark: set the display to stay on.',
  'App.something-was-written': '{by}: something was written.',
  'AlarmKey.alarms-are-off-what-due': 'Alarms are off. What is due still stands here in rust.',
  'AlarmKey.alarms-ring-while-this-page': [
    'Alarms ring while this page is open. For a sleeping phone take the calendar file of',
    'Ready.',
  ],
  'SoilStrip.there-nothing-to-undo': 'There is nothing to undo.',
  'SoilStrip.undone': 'Undone.',
  'SoilStrip.this-could-not-be-undone': 'This could not be undone.',
  'App.screen-not-here-yet':
    'This screen is not on this device yet: it opens when Furrow answers again.',
  'SoilStrip.waits': '{count, plural, one {# waiting} other {# waiting}}',
  'SoilStrip.refused': '{count, plural, one {# refused} other {# refused}}',
  'SoilStrip.nothing-kept':
    'This browser keeps nothing over a closed page: leave it open until all is sent.',
  'SoilStrip.newer-ready': 'A newer Furrow is ready',
  'SoilStrip.not-let-in': 'This device is no longer let in.',
  'SoilStrip.let-it-in': 'Let it in again',
  'WhichStands.which-stands': 'Which stands?',
  'WhichStands.in-the-house': 'In the house',
  'WhichStands.on-this-device': 'On this device',
  'WhichStands.what-the-house-has-stands': 'What the house has stands',
  'WhichStands.what-i-wrote-stands': 'What I wrote here stands',
  'WhichStands.both-stand': 'Both stand',
  'WhichStands.not-now': 'This did not work now: what you wrote is still here.',
  'WaitingDialog.not-in-house': 'Not in the house yet',
  'WaitingDialog.house-said-no': 'The house read this and said no. It counts no more here either.',
  'WaitingDialog.goes-by-itself':
    'Kept on this device, in this order. It goes by itself as soon as the house answers.',
  'WaitingDialog.rests-on-it': 'Rests on it, and waits: {what}',
  'WaitingDialog.let-it-go': 'Let it go',
  'WaitingDialog.take-back': 'Take it back: {what}',
  'WaitingDialog.send-now': 'Send now',
  'WaitingDialog.save-as-file': 'Save it all as a file',
  'WaitingDialog.another-device-brings-it':
    'Where this device finds no way: another one takes it in, under Rules, In the house.',
} as const;
