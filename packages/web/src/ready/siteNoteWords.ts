/** What is particular of a site, as it stands beside its tick. */
export const SITE_NOTE_WORDS: Record<string, string> = {
  neighbours: 'Neighbours near',
  children: 'Children play near',
  dog: 'Dog or tethered animals',
  roof: 'Stands on a roof',
  ladder: 'Reached by a ladder',
  humid: 'A humid place: honey draws water',
  heather: 'Heather: its honey is wetter by nature',
};
