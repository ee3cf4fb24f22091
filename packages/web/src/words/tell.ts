import type { Quantity, With } from '@furrow/core';
import type { DateTime } from 'luxon';
import {
  agoSaid,
  listSaid,
  momentSaid,
  monthNames,
  quantitySaid,
  speakScreen,
  type MomentStyle,
  type ScreenKey,
  type ScreenValues,
} from '@furrow/words';
import { reader } from './units.js';

/**
 * A sentence of the screen, by its key, in the reader's language. Takes what stands in it; a key
 * that nobody declared, or a value that is missing, does not compile.
 */
export const tell = <Key extends ScreenKey, Given extends ScreenValues<Key>>(
  key: Key,
  ...[values]: With<ScreenValues<Key>, Given>
): string => speakScreen(key, values ?? {}, reader.value);

/** A quantity by itself, in the reader's units. */
export const measured = (quantity: Quantity): string => quantitySaid(quantity, reader.value);
/** An estimate of a mass, kilograms from its low to its high edge. */
export const estimated = ({ low, high }: { low: number; high: number }): string =>
  measured({ massG: { low: low * 1000, high: high * 1000 }, as: 'estimate' });

/** A moment in its own zone, as much of it as the style says. */
export const moment = (at: DateTime, style: MomentStyle): string =>
  momentSaid(at, style, reader.value);
/** "3 hours ago". */
export const agoText = (at: DateTime, now: DateTime): string => agoSaid(at, now, reader.value);

/** The twelve months in few letters. */
export const months = (): string[] => monthNames(reader.value.language);
/** "Ana or Beto". */
export const eitherOf = (parts: readonly string[]): string =>
  listSaid(parts, reader.value.language, 'disjunction');
/** "Ana and Beto". */
export const listed = (parts: readonly string[]): string => listSaid(parts, reader.value.language);
