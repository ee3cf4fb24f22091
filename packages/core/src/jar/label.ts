import { DateTime } from 'luxon';
import { nutritionText } from './nutrition.js';
import { flowerText, type FlowerSupport } from './saleGate.js';
import { labelOunces } from '../units/mass.js';

export interface LabelRecord {
  batchCode: string;
  hiveName: string;
  siteName: string;
  harvestedOn: string;
  netG: number;
  /** Lowest weighed net of the filling's jars; null where only filled by count. */
  lowestWeighedG: number | null;
  bestBeforeMonths: number;
  registeredToSell: boolean;
  labelMaker: string;
  product: 'honey' | 'comb honey' | 'chunk honey';
  /** Open or wet honey: to be used by this date, never sold. */
  useBy?: string | null;
  flower?: string | null;
  flowerSupport?: FlowerSupport | null;
  /** Water as it was measured, percent; left out where it never was. */
  moisturePercent?: number | null;
  /** Line of the household's address and country, under its name. */
  makerAddress?: string;
  nutrition?: boolean;
}
export interface LabelText {
  title: string;
  origin: string;
  net: string;
  netG: number;
  harvested: string;
  bestBefore: string;
  batch: string;
  warning: string;
  gift: string;
  maker: string;
  flower: string;
  moisture: string;
  nutrition: string;
}

/** Net weight both ways: whole grams and ounces rounded down, so that neither promises more than is there. */
export function netWeightText(netG: number): string {
  return `${Math.floor(netG)} g / ${labelOunces(Math.floor(netG)).toFixed(1)} oz`;
}

/**
 * The words of one label, all from the record, none typed. The weight is never above the lightest jar
 * weighed. Best before is the house rule's months after the harvest. Without a registration it reads gift.
 */
export function labelText(record: LabelRecord): LabelText {
  const harvested = DateTime.fromISO(record.harvestedOn, { zone: 'utc' });
  const netG = Math.min(record.netG, record.lowestWeighedG ?? record.netG);
  return {
    title: { honey: 'Honey', 'comb honey': 'Comb honey', 'chunk honey': 'Chunk honey' }[
      record.product
    ],
    origin: `${record.hiveName}, ${record.siteName}`,
    net: netWeightText(netG),
    netG,
    harvested: `Harvested ${harvested.toFormat('d LLL yyyy', { locale: 'en' })}`,
    bestBefore: record.useBy
      ? `Use by ${DateTime.fromISO(record.useBy, { zone: 'utc' }).toFormat('d LLL yyyy', { locale: 'en' })}`
      : `Best before ${harvested.plus({ months: record.bestBeforeMonths }).toFormat('LLL yyyy', { locale: 'en' })}`,
    batch: `Batch ${record.batchCode}`,
    warning: 'Not for children under twelve months.',
    gift: record.useBy
      ? 'Use first. Not for sale.'
      : record.registeredToSell
        ? ''
        : 'Gift, not for sale.',
    maker: [record.labelMaker, record.makerAddress].filter(Boolean).join(', '),
    flower: flowerText(record.flower ?? null, record.flowerSupport ?? null),
    moisture: record.moisturePercent ? `${record.moisturePercent.toFixed(1)} % water` : '',
    nutrition:
      record.nutrition && record.moisturePercent ? nutritionText(record.moisturePercent) : '',
  };
}
