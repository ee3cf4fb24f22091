import { DateTime } from 'luxon';
import { useByOf } from './keepingDate.js';
import type { LotKeeping } from '../records/vocabulary/keeping.js';
import { nutritionText } from './nutrition.js';
import { flowerText } from './saleGate.js';
import type { FlowerSupport, LabelText } from '../records/vocabulary/labels.js';
import { labelOunces } from '../units/mass.js';

export interface LabelRecord {
  batchCode: string;
  hiveName: string;
  siteName: string;
  harvestedOn: string;
  netG: number;
  /** Lowest weighed net of the filling's jars; null where only filled by count. */
  lowestWeighedG: number | null;
  bee: 'honeybee' | 'stingless';
  /** How long it may be said to keep, by its water and bee. */
  keeping: LotKeeping;
  /** Species of stingless bees, in the household's words. */
  species?: string;
  /** Why it is held back, in a few words; then it is for nobody. */
  heldBy?: string | null;
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
/**
 * Net weight both ways: whole grams and ounces rounded down, so that neither promises more than is
 * there.
 */
export function netWeightText(netG: number): string {
  return `${Math.floor(netG)} g / ${labelOunces(Math.floor(netG)).toFixed(1)} oz`;
}

/**
 * The words of one label, all from the record, none typed. The weight is never above the lightest
 * jar weighed. Best before is the house rule's months after the harvest as far as its water and its
 * bee allow; else it is to be used by a day. Without a registration it reads gift.
 */
export function labelText(record: LabelRecord): LabelText {
  const harvested = DateTime.fromISO(record.harvestedOn, { zone: 'utc' });
  const netG = Math.min(record.netG, record.lowestWeighedG ?? record.netG);
  return {
    title: titleOf(record),
    origin: `${record.hiveName}, ${record.siteName}`,
    net: netWeightText(netG),
    netG,
    harvested: `Harvested ${harvested.toFormat('d LLL yyyy', { locale: 'en' })}`,
    bestBefore: dateLine(record, harvested),
    batch: `Batch ${record.batchCode}`,
    warning: 'Not for children under twelve months.',
    gift: giftLine(record),
    maker: [record.labelMaker, record.makerAddress].filter(Boolean).join(', '),
    flower: flowerText(record.flower ?? null, record.flowerSupport ?? null),
    moisture: record.moisturePercent ? `${record.moisturePercent.toFixed(1)} % water` : '',
    // The table behind nutrition is of honeybee honey: it says nothing of stingless honey.
    nutrition:
      record.nutrition && record.moisturePercent && record.bee === 'honeybee'
        ? nutritionText(record.moisturePercent)
        : '',
  };
}

const TITLES = { honey: 'Honey', 'comb honey': 'Comb honey', 'chunk honey': 'Chunk honey' };
function titleOf(record: LabelRecord): string {
  if (record.bee === 'honeybee') return TITLES[record.product];
  return record.species ? `Stingless-bee honey, ${record.species}` : 'Stingless-bee honey';
}

/**
 * Best before only where the grade allows one; else the day it is to be used by, with the words
 * that go with it.
 */
function dateLine(record: LabelRecord, harvested: DateTime): string {
  const { keeping } = record;
  const useBy = record.useBy ?? useByOf(keeping, record.harvestedOn);
  const date = useBy
    ? `Use by ${DateTime.fromISO(useBy, { zone: 'utc' }).toFormat('d LLL yyyy', { locale: 'en' })}`
    : `Best before ${harvested.plus({ months: keeping.bestBeforeMonths! }).toFormat('LLL yyyy', { locale: 'en' })}`;
  return keeping.words ? `${date}. ${keeping.words}` : date;
}

function giftLine(record: LabelRecord): string {
  if (record.heldBy) return `Held back: ${record.heldBy}`;
  if (record.useBy) return 'Use first. Not for sale.';
  if (record.keeping.notForSale) return 'Gift, not for sale. Use first.';
  return record.registeredToSell ? '' : 'Gift, not for sale.';
}
