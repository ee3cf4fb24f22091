import { sayer } from '../say/say.js';

/** What is said of honey by its water. */
export interface HoneySays {
  'honey.keeping.keep-cold': { water: { percent: number } };
  'honey.keeping.keeps': { water: { percent: number }; keeps: { percent: number } };
  'honey.keeping.watch': {
    water: { percent: number };
    keeps: { percent: number };
    watch: { percent: number };
  };
  'honey.keeping.use-soon': {
    water: { percent: number };
    watch: { percent: number };
    useSoon: { percent: number };
  };
  'honey.keeping.ferments': { water: { percent: number }; useSoon: { percent: number } };
}

export const honeySay = sayer<HoneySays>();
