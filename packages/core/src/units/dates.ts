import { DateTime } from 'luxon';

/** A calendar date, YYYY-MM-DD, as a person says it: "5 Mar 2026". What is no date stays as it is. */
export function dateWords(date: string): string {
  const day = DateTime.fromISO(date, { locale: 'en-GB' });
  return day.isValid ? day.toFormat('d LLL yyyy') : date;
}
