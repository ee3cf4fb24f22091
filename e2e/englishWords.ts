/**
 * The 300 words that stand most often in the English sentences and in none of the Portuguese: one
 * of them on a Portuguese screen was not said in Portuguese.
 */
export const ENGLISH_WORDS: ReadonlySet<string> = new Set(
  (
    'the it is of and comb to at on not what its this or from by was that with hive are your ' +
    'nothing box water be more first open back look brood off here cut empty combs you ' +
    'taken there vessel take colony read left wax down into again say frame all bees super over ' +
    'day scale jars stands an pieces only yet weigh stays written pots under another about may ' +
    'jar which bar lot they up where until than weighed once harvest go side them closed every ' +
    'now last capped then rules each how never has wet weight rule choose changed after filled ' +
    'when two frames would seen below so board leave piece own noted kit winter flow put too ' +
    'already lid above full goes measured drain runs were still known cells book boxes does ' +
    'counted came keep ask cold looked stay crushed sealed if less sheet between pollen holds ' +
    'place edge days said whole can both done many time bars name their stand room lower least ' +
    'label none cannot year freezer tray away since counts without queen next draw kept opened ' +
    'beside press tare estimate later ripe says takes together entrance drawn made rest write ' +
    'part such nobody eaten fed apart against comes cloth minutes bench round touch hands hour ' +
    'robbers supers gap season alone clean same hand let places any kind vessels guess lift ' +
    'planned tub close bring smoke count inspector hold through labels measure code bee house ' +
    'held dearth wait unknown turn knife right archive gone disease home warm within free asked ' +
    'date cover net bucket picture given sale missing fill have people caps used fit today work ' +
    'end way phone air plan keeps covered pressed high give month step line needs low price pot ' +
    'dry these run sides something food found robbing half top'
  ).split(' '),
);
