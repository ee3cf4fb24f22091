import type { FlowerSupport, LabelText } from '../records/vocabulary/labels.js';
import type { LotKeeping } from '../records/vocabulary/keeping.js';

export const FLOWER_SUPPORT_WORDS: Record<FlowerSupport, string> = {
  analysis: 'A laboratory looked at its pollen',
  'single-flow': 'Only this was in flow while the combs were built and filled',
  taste: 'Its colour and taste',
  none: 'Nothing in particular',
};

/**
 * The line of a flower: only a claim that something supports is printed, and taste alone says so.
 */
export function flowerText(flower: string | null, support: FlowerSupport | null): string {
  if (!flower || !support || support === 'none') return '';
  return support === 'taste' ? `Tastes of ${flower}` : `From ${flower}`;
}

export interface SaleCheck {
  what: string;
  answer: 'yes' | 'no' | 'ask';
  why: string;
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
  /** Holds on it that nobody lifted, in words. */
  holds: readonly string[];
  species: string;
  permit: string;
  label: LabelText;
}): SaleCheck[] {
  const said = (what: string, ok: boolean, yes: string, no: string): SaleCheck => ({
    what,
    answer: ok ? 'yes' : 'no',
    why: ok ? yes : no,
  });
  return [
    said(
      'Nothing found of its colonies holds it back',
      input.holds.length === 0,
      'No hold is written down; that is no proof of health.',
      input.holds.join(' '),
    ),
    ...waterChecks(input),
    ...(input.bee === 'stingless'
      ? [
          said(
            'Species and permit of the stingless bees',
            Boolean(input.species && input.permit),
            `${input.species}, permit ${input.permit}`,
            'Native bees are protected by law in many places: note species and permit in Rules, else it is not sold.',
          ),
        ]
      : []),
    said(
      'Registered to sell',
      input.registeredToSell,
      input.sellWhere ? `You said so: ${input.sellWhere}.` : 'You said so.',
      'Not said in Rules: labels read gift.',
    ),
    said(
      'Kept for sale, not for use first',
      !input.useFirst,
      'Not a use-first lot.',
      'Open or wet honey: use first, no sale.',
    ),
    said(
      'Net weight from the scale',
      input.weighed,
      'The lightest jar was weighed.',
      'Counted only: weigh the lightest jar.',
    ),
    said(
      'A scale approved for trade',
      input.tradeScale,
      'You said so.',
      'Many places ask for an approved scale.',
    ),
    said(
      'Name and address of who made it',
      Boolean(input.labelMaker && input.makerAddress),
      `${input.labelMaker}, ${input.makerAddress}`,
      'Name or address is not in Rules.',
    ),
    said('Country of origin', Boolean(input.origin), input.origin, 'Not in Rules.'),
    {
      what: 'Batch, dates, no honey under twelve months',
      answer: 'yes',
      why: `${input.label.batch}; ${input.label.bestBefore}.`,
    },
    {
      what: 'Food hygiene of the room, nutrition, language of the label',
      answer: 'ask',
      why: 'Rules differ from place to place: ask your food authority.',
    },
  ];
}

/** Water against the household's selling limit; what was not measured is asked, never a figure. */
function waterChecks(input: {
  bee: 'honeybee' | 'stingless';
  keeping: LotKeeping;
  moisturePercent: number | null;
}): SaleCheck[] {
  if (input.bee === 'stingless')
    return [
      {
        what: 'Water of stingless-bee honey',
        answer: 'ask',
        why: 'The limits of honeybee honey do not fit it: ask your food authority.',
      },
    ];
  const what = 'Water at or under your selling limit';
  if (input.moisturePercent === null)
    return [{ what, answer: 'ask', why: 'Not measured: measure it before it is sold.' }];
  return [
    {
      what,
      answer: input.keeping.notForSale ? 'no' : 'yes',
      why: input.keeping.notForSale ?? `${input.moisturePercent.toFixed(1)} % measured.`,
    },
  ];
}
