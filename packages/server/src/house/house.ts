import type { Knex } from 'knex';
import { join } from 'node:path';
import { currentRules } from '../rules/currentRules.js';
import { Devices } from './devices.js';
import { isOwnName, nameOfAddress } from './names.js';
import { OpenAnswers } from './openAnswers.js';
import { Pairings } from './pairing.js';
import { Sharing } from './sharing.js';

/** Everything that lets others in: the door, the codes, the devices. */
export interface House {
  sharing: Sharing;
  devices: Devices;
  pairings: Pairings;
  answers: OpenAnswers;
  /**
   * The name under which a proxy of the household's own passes requests on; null: there is none.
   */
  proxyName: string | null;
  /** Names that hold at the door of the house. */
  names: () => Promise<readonly string[]>;
}

export interface HouseOptions {
  dataFolder: string;
  db: Knex;
  /** Where the door stands, and the address it listens at where that is not every one. */
  port: number;
  host?: string;
  /** The address of a proxy with a certificate of its own, such as https://honey.example. */
  proxyAddress?: string | null;
  /** The world's time: who may come in is no matter of a rehearsal. */
  now?: () => Date;
}

/** The house of a household, its door still shut. */
export function makeHouse(options: HouseOptions): House {
  const folder = join(options.dataFolder, 'house');
  const now = options.now ?? (() => new Date());
  /** The address that stands on labels and cards is a name of this machine too. */
  const ownNames = async (): Promise<string[]> => {
    const { rules } = await currentRules(options.db);
    const name = nameOfAddress(rules.baseAddress);
    return name && !isOwnName(name) ? [name] : [];
  };
  const { port, host } = options;
  const sharing = new Sharing({ folder, port, host, ownNames, now });
  const proxyName = nameOfAddress(options.proxyAddress);
  const openAnswers = new OpenAnswers();
  const devices = new Devices(folder, now);
  devices.onGone = (id) => openAnswers.end(id);
  return {
    sharing,
    devices,
    answers: openAnswers,
    pairings: new Pairings(now),
    proxyName,
    names: async () =>
      [sharing.names, sharing.givenNames, await ownNames(), proxyName ?? []].flat(),
  };
}
