import { tell } from '../words/tell.js';

/** What is particular of a site, as it stands beside its tick. */
export const SITE_NOTE_WORDS: Record<string, string> = {
  neighbours: tell('siteNoteWords.neighbours-near'),
  children: tell('siteNoteWords.children-play-near'),
  dog: tell('siteNoteWords.dog-or-tethered-animals'),
  roof: tell('siteNoteWords.stands-on-roof'),
  ladder: tell('siteNoteWords.reached-by-ladder'),
  humid: tell('siteNoteWords.humid-place-honey-draws-water'),
  heather: tell('siteNoteWords.heather-its-honey-wetter-by'),
};
