import { toldWhenRead } from '../words/toldWhenRead.js';

/** What is particular of a site, as it stands beside its tick. */
export const SITE_NOTE_WORDS: Readonly<Record<string, string>> = toldWhenRead({
  neighbours: 'siteNoteWords.neighbours-near',
  children: 'siteNoteWords.children-play-near',
  dog: 'siteNoteWords.dog-or-tethered-animals',
  roof: 'siteNoteWords.stands-on-roof',
  ladder: 'siteNoteWords.reached-by-ladder',
  humid: 'siteNoteWords.humid-place-honey-draws-water',
  heather: 'siteNoteWords.heather-its-honey-wetter-by',
});
