export const refusal = {
  'refusal.too-many-requests-at-once': 'Too many requests at once. Wait a minute.',
  'refusal.row-flows-csv-says-something': [
    'Row {line} of flows.csv says something else of an entry that is here: the book',
    'is never rewritten. Nothing was changed.',
  ],
  'refusal.does-not-fit-beside-what': [
    '{row} does not fit beside what is here: its name, code or place is taken by',
    'another. Nothing was changed.',
  ],
  'refusal.refers-to-something-that-neither': [
    '{row} refers to something that is neither in the archive nor here. Nothing was',
    'changed.',
  ],
  'refusal.cannot-be-written-nothing-was': '{row} cannot be written. Nothing was changed.',
  'refusal.csv-does-not-fit-together': '{resource}.csv does not fit together. Nothing was changed.',
  'refusal.book-in-it-does-not': 'The book in it does not hold: {error} Nothing was changed.',
  'refusal.with-this-book-would-not': [
    'With this the book would not hold: more would leave "{lot}" than came into it.',
    'Nothing was changed.',
  ],
  'refusal.backup-being-put-in-place': 'A backup is being put in place. Try again in a moment.',
  'refusal.restore-asked-for-on-command': 'A restore is asked for on the command line.',
  'refusal.another-archive-on-its-way': 'Another archive is on its way. Wait until it is done.',
  'refusal.upload-stood-still-for-minute': 'The upload stood still for a minute. Begin it again.',
  'refusal.this-file-larger-than-1': 'This file is larger than 1 GB: no archive of a household is.',
  'refusal.no-file-arrived': 'No file arrived.',
  'refusal.this-archive-not-written-yet': 'This archive is not written yet.',
  'refusal.look-at-what-it-would': 'Look at what it would do first.',
  'refusal.nothing-this-archive-was-taken': 'Nothing of this archive was taken in.',
  'refusal.no-harvest-names': 'No harvest names "{name}".',
  'refusal.has-harvest-already-this-sheet': [
    '{hive} has a harvest of {date} already: is this sheet in the book? Nothing was',
    'written.',
  ],
  'refusal.lies-in-future': '{date} lies in the future.',
  'refusal.something-was-entered-since-it': [
    'Something was entered since it came in, which would be lost with it. “node',
    'furrow.mjs restore --before” goes back all the same.',
  ],
  'refusal.this-archive-cut-off-or':
    'This archive is cut off or damaged: it cannot be unpacked. Nothing was changed.',
  'refusal.this-no-zip-or-it': 'This is no zip, or it is cut off. Nothing was changed.',
  'refusal.unpacked-this-would-be-far': [
    'Unpacked this would be far larger than any household: it is not opened. Nothing',
    'was changed.',
  ],
  'refusal.does-not-belong-into-archive':
    '"{strange}" does not belong into an archive of Furrow. Nothing was changed.',
  'refusal.there-no-datapackage-json-in':
    'There is no datapackage.json in it: this is no archive of Furrow. Nothing was changed.',
  'refusal.its-datapackage-json-cannot-be':
    'Its datapackage.json cannot be read. Nothing was changed.',
  'refusal.this-data-package-was-not': [
    'This data package was not written by Furrow. A sheet of your own comes in under',
    '“A sheet you kept”.',
  ],
  'refusal.this-archive-was-written-by': [
    'This archive was written by a newer Furrow. Bring this one up to date first.',
    'Nothing was changed.',
  ],
  'refusal.row-column-csv-nothing-was':
    'Row {line}, column "{column}" of {resource}.csv: {says} Nothing was changed.',
  'refusal.missing-nothing-was-changed': '{path} is missing. Nothing was changed.',
  'refusal.picture-in-it-damaged-nothing': 'A picture in it is damaged. Nothing was changed.',
  'refusal.row-cannot-be-read-quotation':
    'Row {row} of {file} cannot be read: a quotation mark is open. Nothing was changed.',
  'refusal.has-more-than-rows-more': [
    '{file} has more than {most} rows, more than any household: it is not opened.',
    'Nothing was changed.',
  ],
  'refusal.empty-nothing-was-changed': '{file} is empty. Nothing was changed.',
  'refusal.has-column-that-not-known':
    '{file} has a column "{unknown}" that is not known here. Nothing was changed.',
  'refusal.has-no-column-nothing-was': '{file} has no column "{missing}". Nothing was changed.',
  'refusal.row-has-cells-its-head':
    'Row {line} of {file} has {row} cells, its head {head}. Nothing was changed.',
  'refusal.not-as-it-was-written': [
    '{file} is not as it was written: it was changed or cut off after row {rows}.',
    'Nothing was changed here.',
  ],
  'refusal.row-column-nothing-was-changed':
    'Row {line}, column "{column}" of {file}: {what}. Nothing was changed.',
  'refusal.no-pressed-wax-this-harvest': 'No pressed wax of this harvest is left.',
  'refusal.only-it-are-there': 'Only {nowG} of it are there.',
  'refusal.held-back': 'Held back: {why}',
  'refusal.no-wet-wax-this-harvest': 'No wet wax of this harvest is left to render.',
  'refusal.only-wet-wax-are-there': 'Only {nowG} of wet wax are there.',
  'refusal.this-rinse-used-already': 'This rinse is used already.',
  'refusal.it-may-go-back-only': 'It may go back only to the one colony it all came from.',
  'refusal.say-at-which-gravity-it': 'Say at which gravity it is to begin.',
  'refusal.only-that-honey-are-there': 'Only {nowG} of that honey are there.',
  'refusal.in-open-it-calls-robbers': [
    'In the open it calls robbers and spreads disease; many places forbid it. Say',
    'that you know.',
  ],
  'refusal.this-hold-was-lifted-already': 'This hold was lifted already.',
  'refusal.this-lies-in-future': 'This lies in the future.',
  'refusal.something-this-harvest-not-weighed': [
    'Something of this harvest is not weighed yet: weigh it, take its estimate, or',
    'say it is lost.',
  ],
  'refusal.say-what-becomes-it': '{left}: say what becomes of it.',
  'refusal.held-back-2': 'Held back: {held} {ask}',
  'refusal.this-comb-does-not-hang': 'This comb does not hang in that hive.',
  'refusal.comb-chosen-in-another-harvest': 'Comb {comb} is chosen in another harvest already.',
  'refusal.comb': 'Comb {comb}: {sentence}',
  'refusal.comb-say-why-it-taken': 'Comb {comb}: {headline} Say why it is taken anyway.',
  'refusal.combs-were-taken-already-this':
    'Combs were taken already: this harvest is not withdrawn but closed.',
  'refusal.this-no-date-and-time': 'This is no date and time of that place.',
  'refusal.this-harvest-closed': 'This harvest is closed.',
  'refusal.no-comb-was-taken-yet': 'No comb was taken yet: there is nothing to go on with.',
  'refusal.this-harvest-on-rack-already': 'This harvest is on the rack already.',
  'refusal.this-harvest-in-freezer-already': 'This harvest is in the freezer already.',
  'refusal.freezer-holds-stand-in-it':
    'The freezer holds {freezerL}; {there} stand in it and {litres} would come.',
  'refusal.this-has-ended-already': 'This has ended already.',
  'refusal.only-were-there': 'Only {pieces} were there.',
  'refusal.piece-there-twice': 'A piece is there twice.',
  'refusal.piece-another-harvest': 'A piece is of another harvest.',
  'refusal.piece-packed-already': 'A piece is packed already.',
  'refusal.piece-not-cut-yet-or': 'A piece is not cut yet, or it cracked.',
  'refusal.weigh-every-piece-first-its': 'Weigh every piece first: its label needs its own weight.',
  'refusal.these-pieces-are-only-comb':
    'These pieces are {g}; only {nowG} of comb are there. Is a tare forgotten?',
  'refusal.only-are-in-stock': 'Only {stock} of "{kind}" are in stock.',
  'refusal.choose-honey-to-pour-round': 'Choose the honey to pour round the strips.',
  'refusal.honey-are-needed-are-there':
    '{honeyG} of honey are needed, {nowG} of {honey} are there.',
  'refusal.another-season-say-that-it': '{honey} is of another season, {date}. Say that it may be.',
  'refusal.honey-do-not-fit-round': '{honeyG} of honey do not fit round this strip in "{kind}".',
  'refusal.piece-lies-beyond-comb': 'A piece lies beyond the comb.',
  'refusal.there-no-such-box-in': 'There is no such box in the kit.',
  'refusal.piece-that-cut-stays-in': 'A piece that is cut stays in the plan.',
  'refusal.this-comb-not-this-harvest': 'This comb is not of this harvest.',
  'refusal.this-comb-lies-on-board': 'This comb lies on the board already.',
  'refusal.so-many-cuts-are-not': 'So many cuts are not planned.',
  'refusal.this-piece-packed-already-undo': 'This piece is packed already. Undo that first.',
  'refusal.this-drain-closed': 'This drain is closed.',
  'refusal.this-lies-before-drain-began': 'This lies before the drain began.',
  'refusal.choose-lot-honey-that-in': 'Choose a lot of honey that is in the book.',
  'refusal.only-are-there': 'Only {nowG} of {from} are there.',
  'refusal.there-no-comb-left-to': 'There is no comb left to crush in this harvest.',
  'refusal.choose-another-harvest': 'Choose another harvest.',
  'refusal.these-were-not-chosen-as':
    'These were not chosen as one lot. Say that they are to be one.',
  'refusal.there-no-comb-this-harvest': 'There is no comb of this harvest to put in.',
  'refusal.your-house-rule-never-to':
    'Your house rule is never to warm honey. Change the rule first.',
  'refusal.your-house-rule-warms-to': 'Your house rule warms to {warmLimitC} at most.',
  'refusal.only-honey-poured-to-honey': 'Only honey is poured to honey.',
  'refusal.too-many-screens-this-device': 'Too many screens of this device listen at once.',
  'refusal.this-took-longer-than-s':
    'This took longer than {seconds} s and was given up. Nothing was changed.',
  'refusal.this-wants-more-memory-than':
    'This wants more memory than there is: it was given up. Nothing was changed.',
  'refusal.too-much-being-worked-out': 'Too much is being worked out at once. Try it in a moment.',
  'refusal.furrow-not-called-by-this': [
    'Furrow is not called by this name here. Names of your own stand under Rules, In',
    'the house.',
  ],
  'refusal.this-page-does-not-belong': 'This page does not belong to Furrow.',
  'refusal.this-came-through-proxy-say':
    'This came through a proxy. Say so with FURROW_BEHIND_PROXY and its address.',
  'refusal.this-device-not-let-in': [
    'This device is not let in. Open Furrow’s address on it and type the letters that',
    'stand at the table.',
  ],
  'refusal.this-households-own-ask-one': 'This is the household’s own: ask one of them.',
  'refusal.this-code-not-good-any':
    'This code is not good any more. Ask for a new one at the table: Rules, In the house.',
  'refusal.these-are-not-eight-letters':
    'These are not the eight letters that stand at the table. Look again.',
  'refusal.too-many-at-once-wait': 'Too many at once. Wait a minute.',
  'refusal.who-let-in-said-at': 'Who is let in is said at the machine that Furrow runs on.',
  'refusal.another-program-listens-on-port': [
    'Another program listens on port {port}. Set FURROW_SHARE_PORT to a free one and',
    'start again.',
  ],
  'refusal.there-none-here': 'There is none here.',
  'refusal.this-was-written-by-another': 'This was written by another: ask them to undo it.',
  'refusal.this-frame-was-not-chosen': 'This frame was not chosen for this harvest.',
  'refusal.say-what-stands-on-scale':
    'Say what stands on the scale: a drain, or a harvest and a comb.',
  'refusal.say-which-hive-stands-on': 'Say which hive stands on the scale.',
  'refusal.there-no-such-instrument-here': 'There is no such instrument here.',
  'refusal.there-no-such-filled-lot': 'There is no such filled lot.',
  'refusal.there-no-such-harvest': 'There is no such harvest.',
  'refusal.jars-this-harvest-carry-its': 'Jars of this harvest carry its code already: it stays.',
  'refusal.code-code-that-comes-again': [
    '"{code}" is the code of {used}. A code that comes again cannot be traced: put',
    'the date or year into it.',
  ],
  'refusal.no-label-for-it': 'No label for it: {why}',
  'refusal.sheet-has-labels': 'A sheet has {labels} labels.',
  'refusal.only-labels-this-print-are': 'Only {labels} labels of this print are left.',
  'refusal.choose-jars-or-pieces-that': 'Choose jars or pieces that were filled.',
  'refusal.none-them-left': 'None of them is left.',
  'refusal.only-them-are-left':
    'Only {left, plural, one {# of them is} other {# of them are}} left.',
  'refusal.this-promise-kept-already': 'This promise is kept already.',
  'refusal.jars-are-honey-are-there':
    '{count} jars of {netG} are {totalG}; {nowG} of honey are there.',
  'refusal.filled-with-to': '"{jar}" is filled with {minG} to {maxG}.',
  'refusal.jars-weights': '{count} jars, {weights} weights.',
  'refusal.only-comb-are-there-to': 'Only {nowG} of comb are there to cut.',
  'refusal.there-no-such-lot-honey': 'There is no such lot of honey.',
  'refusal.choose-jars-that-were-filled': 'Choose jars that were filled.',
  'refusal.lot-has-jars-weights': 'The lot has {count} jars, {weights} weights.',
  'refusal.far-from-was-jars-tare': "{odd} is far from {netG}. Was the jar's tare taken off?",
  'refusal.choose-honey-jars-or-pieces': 'Choose honey, jars or pieces.',
  'refusal.it-was-harvested-on': 'It was harvested on {date}.',
  'refusal.choose-honey-or-jars': 'Choose honey or jars.',
  'refusal.there-no-such-lot': 'There is no such lot.',
  'refusal.flow-touches-at-least-one': 'A flow touches at least one lot.',
  'refusal.this-box-stands-on-no': 'This box stands on no hive now.',
  'refusal.this-box-does-not-stand': 'This box does not stand on that hive.',
  'refusal.this-hive-was-changed-in': [
    'This hive was changed in the meantime: its bars are not those that were moved.',
    'Look at it as it is now.',
  ],
  'refusal.nothing-was-moved': 'Nothing was moved.',
  'refusal.has-boxes': '{hive} has {places, plural, one {# box} other {# boxes}}.',
  'refusal.brood-box-stays-closed-while': 'A brood box stays closed while the colony lives.',
  'refusal.this-no-brood-box-honeybees': 'This is no brood box of honeybees.',
  'refusal.its-frames-are-read-already': 'Its frames are read already.',
  'refusal.brood-box-stays': 'The brood box stays.',
  'refusal.last-box-stays-colony-lives': 'The last box stays: the colony lives in it.',
  'refusal.no-box-set-in-below': '{kind}: no box is set in below here.',
  'refusal.comb-hangs-in-box-only': 'Comb hangs in box {slot}: only an empty box goes in below.',
  'refusal.it-stands-on-this-hive': 'It stands on this hive already.',
  'refusal.another-kind-hive-this-box':
    '{hive} is another kind of hive: this box does not fit on it.',
  'refusal.colony-gone-its-comb-goes':
    'The colony of {hive} is gone: its comb goes to no other until an inspector has spoken.',
  'refusal.disease-was-found-in-no':
    'Disease was found in {hive}: no comb leaves this colony until an inspector has spoken.',
  'refusal.its-brood-looked-sick-no':
    'Its brood looked sick: no comb leaves this colony. Ask the bee inspector.',
  'refusal.nobody-sure-its-brood-look':
    'Nobody is sure of its brood: look at it first, then move the super.',
  'refusal.this-comb-hangs-in-no': 'This comb hangs in no hive now.',
  'refusal.brood-in-it-cut-brood': [
    'Brood in it: cut the brood part off and tie it into a frame, or leave it; write',
    'down only what carries none.',
  ],
  'refusal.colony-cannot-have-started-in': 'The colony cannot have started in the future.',
  'refusal.this-colony-lives-in-no': 'This colony lives in no hive now.',
  'refusal.number-places-in-box-stays': 'The number of places in a box stays as it was made.',
  'refusal.bars-cannot-be-added-or':
    'Bars cannot be added or taken away once combs hang from them.',
  'refusal.has-no-bar': '{hive} has no bar {slot}.',
  'refusal.comb-hangs-on-bar-already':
    'A comb hangs on bar {slot} already: two cannot hang in one place.',
  'refusal.another-comb-hung-on-bar': 'Another comb hung on bar {slot} until {endedOn}.',
  'refusal.this-comb-no-longer-hangs': 'This comb no longer hangs in the hive.',
  'refusal.this-cursor-not-from-this': 'This cursor is not from this list.',
  'refusal.command-missing': 'The command is missing.',
  'refusal.command-not-readable': 'The command is not readable.',
  'refusal.no-picture-arrived': 'No picture arrived.',
  'refusal.this-picture-larger-than-25': 'This picture is larger than 25 MB.',
  'refusal.this-did-not-work-here': 'This did not work here. Nothing was written.',
  'refusal.this-not-readable-json': 'This is not readable JSON.',
  'refusal.this-more-text-than-one': 'This is more text than one entry may hold.',
  'refusal.this-does-not-fit-together': 'This does not fit together with what is there.',
  'refusal.something-stands-under-this-id':
    'Something stands under this id already. Give it one of its own.',
  'refusal.this-place-or-name-taken': 'This place or name is taken already.',
  'refusal.this-names-something-that-not': 'This names something that is not there.',
  'refusal.this-could-not-be-written':
    'This could not be written: {trouble}. Nothing of it was kept here.',
  'refusal.this-packed-in-way-that': 'This is packed in a way that cannot be read.',
  'refusal.this-cannot-be-read-here': 'This cannot be read here.',
  'refusal.no-day-planned-and-nothing': 'No day is planned, and nothing runs at the bench.',
  'refusal.no-day-planned-yet': 'No day is planned yet.',
  'refusal.house-rules-were-changed-on':
    'The house rules were changed on another screen. Look at them as they are now.',
  'refusal.undo-not-undone-say-it': 'An undo is not undone: say it again instead.',
  'refusal.newer-house-rules-stand-on': 'Newer house rules stand on these. Undo those first.',
  'refusal.year-up-to': 'A year up to {last}.',
  'refusal.wrote-this-just-now-yours':
    '{who} wrote {g} of this just now. Is yours another weighing?',
  'refusal.this-was-changed-in-meantime': [
    'This was changed in the meantime, on another screen perhaps. Look at it as it is',
    'now, then say it again.',
  ],
  'refusal.book-would-not-hold-more':
    'The book would not hold: more would leave "{name}" than came into it.',
  'refusal.this-was-undone-already': 'This was undone already.',
  'refusal.this-picture-could-not-be':
    'This picture could not be kept: {error}. It is still where it came from.',
  'refusal.this-lies-in-future-clock':
    'This lies in the future. Is the clock of this device right?',
  'refusal.something-else-was-written-under': [
    'Something else was written under this number already. Look at what stands, then',
    'say the change.',
  ],
  'refusal.far-more-than-estimate-tare':
    '{crushed} is far more than the estimate of {estimate}. Is the tare right?',
  'refusal.frame-still-runs-it-done':
    'A frame still runs: it is done when it is reset and its plug is in.',
  'refusal.has-holes-honey-would-run':
    '{vessel} has holes: honey would run through it. Choose another.',
  'refusal.this-frame-not-open': 'This frame is not open.',
  'refusal.first-make-sure-tilt-tray':
    'First make sure of tilt, tray, floor, caps, hoses and vessels: then it is opened.',
  'refusal.which-vessel-stands-under-it': 'Which vessel stands under it?',
  'refusal.this-frame-closed': 'This frame is closed.',
  'refusal.which-vessel-stands-under-it-2': 'Which vessel stands under it now?',
  'refusal.reset-it-first-plug-only': 'Reset it first: the plug only fits then.',
  'refusal.weigh-first-or-say-that':
    'Weigh {name} first, or say that it is weighed later, or that its honey is lost.',
  'refusal.no-frame-this-harvest-ran': 'No frame of this harvest ran into this vessel.',
  'refusal.held-before-was-it-emptied':
    '{name} held {stoodG} before. Was it emptied in between, or is a weight wrong?',
  'refusal.this-frame-did-not-run': 'This frame did not run into this vessel since it was weighed.',
  'refusal.shares-add-up-to-came': 'The shares add up to {sum}; {cameG} came.',
  'refusal.this-frame-does-not-run': 'This frame does not run into the same vessel.',
  'refusal.this-lot-comb-are-here': 'Of this lot {nowG} of comb are here: a part of it is less.',
  'refusal.this-comb-weighed-already': 'This comb is weighed already.',
  'refusal.nobody-looked-at-this-comb': 'Nobody looked at this comb: there is no estimate to take.',
  'refusal.this-comb-was-not-chosen': 'This comb was not chosen for this harvest.',
  'refusal.this-comb-written-down-already': 'This comb is written down already. Undo that first.',
  'refusal.comb-this-box-written-down':
    'A comb of this box is written down already. Undo that first.',
  'refusal.no-box-set-on': '{kind}: no box is set on here.',
  'refusal.open.honey': '{mass} of honey that is not filled',
  'refusal.open.comb': '{mass} of comb that is not crushed or cut',
  'refusal.open.crushed': '{mass} of comb that drains',
  'refusal.no-such': 'There is no such {what}.',
  'refusal.more-than-crushed':
    'More came out than the {crushed} that were crushed. Is the tare right?',
  'refusal.more-than-crushed-and-drawn':
    'More came out than the {crushed} that were crushed, with what was drawn off. Is the tare right?',
  'refusal.more-than-crushed-now': 'More than the {crushed} that were crushed. Is the tare right?',
  'refusal.more-than-can-have-come':
    'More than can have come: of what was crushed {left} are not drawn off yet.',
  'refusal.more-than-comb-left':
    'More honey than the {comb} of comb that were left of it. Is a tare wrong?',
  'refusal.used-first-not-sold': 'Open or wet honey is used first and not sold.',
  'refusal.species-unsaid': [
    'Honey of native stingless bees: note their species and your permit under Rules first.',
    'Ask your food authority.',
  ],
  'refusal.not-registered': [
    'By your rules you are not registered to sell: if you are, say so under Rules. What a sale',
    'needs your food authority says; a gift goes.',
  ],
  'refusal.does-not-fit-into': '{net} do not fit into “{jar}” of {jarNet}.',
  'refusal.jar-says': '“{jar}”: {why}',
} as const;
