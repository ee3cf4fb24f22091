import type { AnswerOf, Params, QueryOf, ReadPath } from '@furrow/core';
import type { Knex } from 'knex';
import type { ServerClock } from './clock.js';
import type { CopyWatch } from './copies/copyWatch.js';
import type { PhoneAddress } from './house/phoneAddress.js';
import type { Instruments } from './instruments/practice.js';
import type { WeatherService } from './instruments/weather.js';

/** What the reads are made with. */
export interface Reading {
  db: Knex;
  clock: ServerClock;
  weather: WeatherService;
  instruments: Instruments;
  phoneAddress: PhoneAddress;
  copies?: Pick<CopyWatch, 'line'>;
}
/** What was asked with a read: the places of its path, and what stands behind it. */
export interface Asked<Path extends ReadPath> {
  params: Params<Path>;
  query: QueryOf<Path>;
}
/** A read as a route offers it. */
export interface Read<Path extends ReadPath = ReadPath> {
  path: Path;
  run: (reading: Reading, asked: Asked<Path>) => Promise<unknown>;
}

/**
 * Ties a path of the interface to what answers it: another answer than the one that is told does not
 * compile.
 */
export function read<Path extends ReadPath>(
  path: Path,
  run: (reading: Reading, asked: Asked<Path>) => Promise<AnswerOf<Path>>,
): Read<Path> {
  return { path, run };
}
