import type { BookSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const book: Sentences<BookSays> = {
  'book.feed.unknown': 'Nothing is known of where this honey is from: it is not fed.',
  'book.feed.outside': 'Part of it came from outside the book: unknown honey is not fed.',
  'book.feed.other-hives': [
    'It holds honey of other hives too: it is fed to none. Only the one colony it all came',
    'from may get it back.',
  ],
  'book.feed.held': 'Held back: {why} It is fed to none.',
  'book.feed.disease': 'Disease was found in {hive}: nothing is fed back. Ask the bee inspector.',
  'book.feed.dead': [
    'The colony of {hive} is gone: its honey is fed to no other until an inspector or a',
    'laboratory has spoken.',
  ],
  'book.feed.no-look': 'Nobody has written down a look at the brood of {hive}. Look first.',
  'book.feed.sick': 'The brood of {hive} looked sick: nothing is fed back. Ask the bee inspector.',
  'book.feed.unsure': 'Nobody was sure of the brood of {hive}: look again first.',
  'book.feed.stale': [
    'The last look at the brood of {hive} was on {on}, more than {days, plural, one {# day}',
    'other {# days}} before: look again first.',
  ],
  'book.feed.may': [
    'All of it is from {hive}; its brood looked healthy on {on}. Inside the hive, in the',
    'evening, and ask what your local rules say.',
  ],
  'book.must.add-honey': 'Add {honey} of honey: {rest}',
  'book.must.add-water': 'Add {water} of water: {rest}',
  'book.must.there': 'It stands there already: {rest}',
  'book.must.comes':
    '{litres} at {gravity}; fermented to {final} about {alcohol} alcohol by volume.',
  'book.season.corrected':
    'Corrected by your last {combs, plural, one {comb} other {# combs}}, {off}.',
  'book.season.not-yet': [
    'Your last {combs, plural, one {comb} other {# combs}} weighed {off} against the',
    'estimate; it counts from the fifth on.',
  ],
  'book.season.press': [
    'A press over {harvests, plural, one {# harvest} other {# harvests}} without one: about',
    '{honey} more honey out of {wax} of wet wax.',
  ],
  'book.season.bucket': [
    'A lower bucket that holds the whole drain: {drawOffs, plural, one {# draw-off} other',
    '{# draw-offs}} less, {minutes} min of your hands, and no clock for the full mark.',
  ],
  'book.wax.own':
    'Your {runs, plural, one {run} other {# runs}} this way gave {share} of the wet wax.',
  'book.wax.no-run': 'No run of yours this way yet.',
  'book.wax.published':
    'New comb is 4 to 6 % wax, of that 50 to 80 % comes out clean; counts from the fifth run on.',
  'book.asks.harvest-before-look': [
    '{hive} was harvested on {on}, but its comb was first looked at on {looked}. Which date',
    'is right?',
  ],
  'book.asks.taken-twice':
    'One comb of {hive} was taken on {on} and again on {again}. Which of them was it?',
  'book.asks.a-hive': 'a hive',
  'book.asks.still-hangs':
    'Comb {comb} of {hive} was taken on {on} and still hangs in the hive. Where is it?',
  'book.asks.look-after':
    'A comb of {hive} was taken on {on} and looked at on {looked}. Was it another comb?',
  'book.asks.named-twice': '{hives}: two hives, or one written down twice?',
  'book.asks.hive-at': '“{hive}” at {site}',
  'book.asks.behind-board': [
    'The follower board of {hive} stands behind bar {board}, but comb hangs on {count,',
    'plural, one {bar} other {bars}} {bars} behind it. Is the board in or out?',
  ],
  'book.asks.on-board':
    'Comb {comb} of {hive} lies on the cutting board and hangs in the hive. Is it in or out?',
  'book.asks.queen': [
    'The queen of {hive} is written down as seen on {on}, but no comb of it was looked at',
    'that day, while others at {site} were. Was this hive opened?',
  ],
  'book.asks.one-photo': [
    'One photo stands for side A and for side B of comb {comb} of {hive}, on {on}. Which',
    'side is it?',
  ],
  'book.asks.one-photo-some':
    'One photo stands for side A and for side B of a comb, on {on}. Which side is it?',
  'book.asks.years': [
    'The colony of {hive} is said to live there since {since}, but the hive was harvested',
    'on {on}. Which count of years is right?',
  ],
  'book.sheet.date': 'Date of the harvest',
  'book.sheet.hive': 'Hive',
  'book.sheet.honey': 'Honey',
  'book.sheet.wax': 'Clean wax',
  'book.sheet.moisture': 'Water of the honey, %',
  'book.sheet.minutes': 'Minutes of your hands',
  'book.sheet.note': 'Note',
  'book.sheet.no-unit-honey':
    'The column “{column}” names no unit: by its size taken as {unit} of honey.',
  'book.sheet.no-unit-wax':
    'The column “{column}” names no unit: by its size taken as {unit} of wax.',
  'book.sheet.either-way':
    'Dates such as “{date}” could be read either way: taken as day, month, year.',
  'book.sheet.choose-column': 'No column looks like “{field}”: choose it.',
  'book.sheet.too-many': [
    'This sheet has {rows, number} rows; at most {most, number} harvests come in at once.',
    'Split it by years.',
  ],
  'book.sheet.no-number': '“{text}” is no plain number.',
  'book.sheet.thousands': '“{text}” is no plain number: leave the thousands mark out.',
  'book.sheet.not-between': '{value} is not between {low} and {high} {unit}.',
  'book.sheet.no-date-so': '“{text}” is no date in the order that was chosen.',
  'book.sheet.no-date': 'No date stands there.',
  'book.sheet.future': '{text} lies in the future.',
  'book.sheet.no-hive': 'No hive stands there.',
  'book.sheet.long-name': 'A name has at most 80 letters.',
  'book.sheet.no-honey': 'No honey stands there.',
};
