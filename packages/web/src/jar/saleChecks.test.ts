import {
  DEFAULT_RULES,
  holdSay,
  labelText,
  lotKeeping,
  type HouseRules,
  type Lot,
  type LotLabel,
} from '@furrow/core';
import { inEnglish } from '@furrow/words';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import SaleChecks from './SaleChecks.vue';

const keeping = lotKeeping(
  { bee: 'honeybee', moisturePercent: 20.4, granulating: false },
  DEFAULT_RULES,
);
const words = labelText(
  {
    batchCode: 'IPE-260314-A1',
    hiveName: 'Ipê',
    siteName: 'Encosta',
    harvestedOn: '2026-03-14',
    netG: 300,
    lowestWeighedG: null,
    bee: 'honeybee',
    keeping,
    registeredToSell: false,
    labelMaker: '',
    product: 'honey',
  },
  inEnglish,
);
const show = (rules: Partial<HouseRules> = {}) =>
  mount(SaleChecks, {
    props: {
      lot: { kind: 'jars', lowestWeighedG: null, useBy: null } as Lot,
      printed: {
        words,
        sale: {
          bee: 'honeybee',
          moisturePercent: 20.4,
          keeping,
          holds: [holdSay('hold.inspector', { hive: 'Ipê', on: { date: '2026-03-16' } })],
        },
      } as LotLabel,
      rules: { ...DEFAULT_RULES, ...rules },
    },
  });

describe('before anything is sold', () => {
  it('says a hold with its day, and the water against the own limit', () => {
    const text = show().text();
    expect(text).toContain('Ipê: on 16 Mar 2026 an inspector found disease.');
    expect(text).toContain('20.4 % water, your selling limit is');
    expect(text).toContain('Ask your food authority.');
  });

  it('marks what speaks against it, and what nobody here can know', () => {
    const lines = show().findAll('li');
    expect(lines[0].get('b').classes()).toContain('rust');
    expect(lines.at(-1)?.get('b').text()).toMatch(/^\? Food hygiene of the room/);
  });

  it('says where the household said it is registered', () => {
    const text = show({ registeredToSell: true, sellWhere: 'the town hall' }).text();
    expect(text).toContain('You said so: the town hall.');
  });

  it('shows the inside of no saying, and clears nothing', () => {
    const text = show().text();
    expect(text).not.toMatch(/"key"|\[object Object\]|jar\.sale/);
    expect(text).not.toMatch(/\b(is safe|is legal|may be sold)\b/i);
  });
});
