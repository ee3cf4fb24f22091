import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Units } from '@furrow/core';

/** "1.2 kg to spare" or "0.4 kg short" of what a winter needs. */
export const spareText = (kg: number, units: Units): string =>
  kg >= 0
    ? tell('spareText.to-spare', { kg: massText(kg, units) })
    : tell('spareText.short', { kg: massText(-kg, units) });
