import { together, type Say, type Speak } from '../say/say.js';
import { jarSay } from './says.js';
import type { FlowerSupport, LabelText } from '../records/vocabulary/labels.js';
import type { LotKeeping } from '../records/vocabulary/keeping.js';

export const FLOWER_SUPPORT_WORDS: Record<FlowerSupport, Say> = {
  analysis: jarSay('jar.support.analysis'),
  'single-flow': jarSay('jar.support.single-flow'),
  taste: jarSay('jar.support.taste'),
  none: jarSay('jar.support.none'),
};

/**
 * The line of a flower: only a claim that something supports is printed, and taste alone says so.
 */
export function flowerText(
  flower: string | null,
  support: FlowerSupport | null,
  speak: Speak,
): string {
  if (!flower || !support || support === 'none') return '';
  return speak(
    support === 'taste'
      ? jarSay('jar.label.tastes-of', { flower })
      : jarSay('jar.label.from', { flower }),
  );
}

export interface SaleCheck {
  what: Say;
  answer: 'yes' | 'no' | 'ask';
  why: Say;
}

/**
 * What food law in many places asks before honey is sold, held against the record. Never says that
 * honey may be sold: what Furrow cannot know is 'ask'. Takes what the household said and the
 * label's words.
 */
export function saleChecklist(input: {
  registeredToSell: boolean;
  sellWhere: string;
  labelMaker: string;
  makerAddress: string;
  origin: string;
  weighed: boolean;
  tradeScale: boolean;
  useFirst: boolean;
  bee: 'honeybee' | 'stingless';
  keeping: LotKeeping;
  moisturePercent: number | null;
  /** Holds on it that nobody lifted. */
  holds: readonly Say[];
  species: string;
  permit: string;
  label: LabelText;
}): SaleCheck[] {
  const { holds, species, permit, sellWhere, labelMaker, makerAddress, origin, label } = input;
  return [
    checked(
      jarSay('jar.sale.holds'),
      holds.length === 0,
      jarSay('jar.sale.holds.yes'),
      together(...holds),
    ),
    ...waterChecks(input),
    ...(input.bee === 'stingless'
      ? [
          checked(
            jarSay('jar.sale.species'),
            Boolean(species && permit),
            jarSay('jar.sale.species.yes', { species, permit }),
            jarSay('jar.sale.species.no'),
          ),
        ]
      : []),
    checked(
      jarSay('jar.sale.registered'),
      input.registeredToSell,
      sellWhere
        ? jarSay('jar.sale.registered.where', { where: sellWhere })
        : jarSay('jar.sale.you-said'),
      jarSay('jar.sale.registered.no'),
    ),
    checked(
      jarSay('jar.sale.use-first'),
      !input.useFirst,
      jarSay('jar.sale.use-first.yes'),
      jarSay('jar.sale.use-first.no'),
    ),
    checked(
      jarSay('jar.sale.weighed'),
      input.weighed,
      jarSay('jar.sale.weighed.yes'),
      jarSay('jar.sale.weighed.no'),
    ),
    checked(
      jarSay('jar.sale.trade-scale'),
      input.tradeScale,
      jarSay('jar.sale.you-said'),
      jarSay('jar.sale.trade-scale.no'),
    ),
    checked(
      jarSay('jar.sale.maker'),
      Boolean(labelMaker && makerAddress),
      jarSay('jar.sale.maker.yes', { name: labelMaker, address: makerAddress }),
      jarSay('jar.sale.maker.no'),
    ),
    checked(
      jarSay('jar.sale.origin'),
      Boolean(origin),
      jarSay('jar.sale.origin.yes', { country: origin }),
      jarSay('jar.sale.origin.no'),
    ),
    {
      what: jarSay('jar.sale.dates'),
      answer: 'yes',
      why: jarSay('jar.sale.dates.yes', { batch: label.batch, bestBefore: label.bestBefore }),
    },
    { what: jarSay('jar.sale.hygiene'), answer: 'ask', why: jarSay('jar.sale.ask') },
  ];
}

const checked = (what: Say, ok: boolean, yes: Say, no: Say): SaleCheck => ({
  what,
  answer: ok ? 'yes' : 'no',
  why: ok ? yes : no,
});

/** Water against the household's selling limit; what was not measured is asked, never a figure. */
function waterChecks(input: {
  bee: 'honeybee' | 'stingless';
  keeping: LotKeeping;
  moisturePercent: number | null;
}): SaleCheck[] {
  if (input.bee === 'stingless')
    return [
      {
        what: jarSay('jar.sale.stingless-water'),
        answer: 'ask',
        why: jarSay('jar.sale.stingless-water.ask'),
      },
    ];
  const what = jarSay('jar.sale.water');
  if (input.moisturePercent === null)
    return [{ what, answer: 'ask', why: jarSay('jar.sale.water.ask') }];
  return [
    {
      what,
      answer: input.keeping.notForSale ? 'no' : 'yes',
      why:
        input.keeping.notForSale ??
        jarSay('jar.sale.water.yes', { water: { percent: input.moisturePercent } }),
    },
  ];
}
