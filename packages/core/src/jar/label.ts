import { DateTime } from 'luxon';
import { useByOf } from './keepingDate.js';
import type { LotKeeping } from '../records/vocabulary/keeping.js';
import type { Say, Speak } from '../say/say.js';
import { jarSay } from './says.js';
import { nutritionSaid } from './nutrition.js';
import { flowerText } from './saleGate.js';
import type { FlowerSupport, LabelLines, LabelText } from '../records/vocabulary/labels.js';
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
  heldBy?: Say | null;
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
 * bee allow; else it is to be used by a day. Without a registration it reads gift. `speak` says
 * them in the language the label has; what was printed stays as it was printed.
 */
export function labelText(record: LabelRecord, speak: Speak): LabelText {
  return { ...labelLines(record, speak), netG: netOf(record) };
}

/** No more than the lightest jar holds. */
const netOf = ({ netG, lowestWeighedG }: LabelRecord): number =>
  Math.min(netG, lowestWeighedG ?? netG);

/** The lines of a label in one language; see {@link labelText}. */
export function labelLines(record: LabelRecord, speak: Speak): LabelLines {
  const gift = giftLine(record);
  return {
    title: speak(titleOf(record)),
    origin: `${record.hiveName}, ${record.siteName}`,
    net: netWeightText(netOf(record)),
    harvested: speak(jarSay('jar.label.harvested', { on: { date: record.harvestedOn } })),
    bestBefore: speak(dateLine(record)),
    batch: speak(jarSay('jar.label.batch', { code: record.batchCode })),
    warning: speak(jarSay('jar.label.warning')),
    gift: gift ? speak(gift) : '',
    maker: [record.labelMaker, record.makerAddress].filter(Boolean).join(', '),
    flower: flowerText(record.flower ?? null, record.flowerSupport ?? null, speak),
    moisture: record.moisturePercent
      ? speak(jarSay('jar.label.water', { water: { percent: record.moisturePercent } }))
      : '',
    // The table behind nutrition is of honeybee honey: it says nothing of stingless honey.
    nutrition:
      record.nutrition && record.moisturePercent && record.bee === 'honeybee'
        ? speak(nutritionSaid(record.moisturePercent))
        : '',
  };
}

const TITLES = {
  honey: jarSay('jar.label.honey'),
  'comb honey': jarSay('jar.label.comb-honey'),
  'chunk honey': jarSay('jar.label.chunk-honey'),
};
function titleOf({ bee, product, species }: LabelRecord): Say {
  if (bee === 'honeybee') return TITLES[product];
  return species ? jarSay('jar.label.stingless-of', { species }) : jarSay('jar.label.stingless');
}

/**
 * Best before only where the grade allows one; else the day it is to be used by, with the words
 * that go with it.
 */
function dateLine({ keeping, harvestedOn, ...record }: LabelRecord): Say {
  const useBy = record.useBy ?? useByOf(keeping, harvestedOn);
  const date = useBy
    ? jarSay('jar.label.use-by', { on: { date: useBy } })
    : jarSay('jar.label.best-before', {
        month: { month: monthAfter(harvestedOn, keeping.bestBeforeMonths ?? 0) },
      });
  return keeping.words ? jarSay('jar.label.with-words', { date, words: keeping.words }) : date;
}

const monthAfter = (date: string, months: number): string =>
  DateTime.fromISO(date, { zone: 'utc' }).plus({ months }).toFormat('yyyy-MM');

function giftLine(record: LabelRecord): Say | null {
  if (record.heldBy) return jarSay('jar.label.held-back', { why: record.heldBy });
  if (record.useBy) return jarSay('jar.label.use-first');
  if (record.keeping.notForSale) return jarSay('jar.label.gift-use-first');
  return record.registeredToSell ? null : jarSay('jar.label.gift');
}
