import { METRIC, type Language, type Units } from '@furrow/core';

/** Who reads or hears it: in which language, in which units, in whose money. */
export interface Reader {
  language: Language;
  units: Units;
  currency: string;
}

/** English and metric: what a text goes by where nobody in particular reads it. */
export const PLAIN_READER: Reader = { language: 'en', units: METRIC, currency: '' };
