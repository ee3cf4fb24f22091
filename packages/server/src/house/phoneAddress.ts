import type { Knex } from 'knex';
import { currentRules } from '../rules/currentRules.js';
import type { House } from './house.js';

/** The address that codes on paper open on a phone; null where no phone reaches this machine. */
export type PhoneAddress = () => Promise<string | null>;

/** What the household's rules say, else the open door of the house. */
export const phoneAddressOf =
  (db: Knex, house: House | undefined): PhoneAddress =>
  async () => {
    const { rules } = await currentRules(db);
    return rules.baseAddress.replace(/\/$/, '') || (house?.sharing.addresses[0] ?? null);
  };
