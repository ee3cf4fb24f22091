import { resolve } from 'node:path';

export interface Config {
  port: number;
  host: string;
  dataFolder: string;
  /** The port of the door of the house. */
  sharePort: number;
  /** Where that door listens, if not at every address of the machine. */
  shareHost: string | undefined;
  /** The address of a proxy with a certificate of its own; null: there is none. */
  proxyAddress: string | null;
  /** A second folder for the daily copies; null: none. */
  copiesFolder: string | null;
  now: string | null;
  seed: number;
  webFolder: string;
}

function portOf(text: string | number, name: string): number {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${name} must be a port number.`);
  return port;
}

function proxyOf(text: string | undefined): string | null {
  if (!text) return null;
  const address = URL.canParse(text) ? new URL(text) : null;
  if (address?.protocol !== 'https:')
    throw new Error('FURROW_BEHIND_PROXY must be an address such as https://honey.example.');
  return address.origin;
}

/** Without encryption nobody but this machine itself is let in. */
function hostOf(host: string, proxyAddress: string | null): string {
  if (['127.0.0.1', 'localhost', '::1'].includes(host) || proxyAddress) return host;
  throw new Error(
    `FURROW_HOST=${host} would open Furrow to everybody on the network, unencrypted. Share it in the house instead: node furrow.mjs share. Behind a proxy of your own that encrypts, set FURROW_BEHIND_PROXY to its address too.`,
  );
}

/**
 * Reads the few settings from the environment (listed in the README); throws a sentence for a bad
 * one.
 */
export function readConfig(env: NodeJS.ProcessEnv, root: string): Config {
  const proxyAddress = proxyOf(env.FURROW_BEHIND_PROXY);
  return {
    port: portOf(env.FURROW_PORT ?? 4477, 'FURROW_PORT'),
    host: hostOf(env.FURROW_HOST ?? '127.0.0.1', proxyAddress),
    sharePort: portOf(env.FURROW_SHARE_PORT ?? 4478, 'FURROW_SHARE_PORT'),
    shareHost: env.FURROW_SHARE_HOST || undefined,
    proxyAddress,
    dataFolder: resolve(env.FURROW_DATA ?? resolve(root, 'data')),
    copiesFolder: env.FURROW_COPIES ? resolve(env.FURROW_COPIES) : null,
    now: env.FURROW_NOW ?? null,
    seed: Number(env.FURROW_SEED ?? 7),
    webFolder: resolve(root, 'packages/web/dist'),
  };
}
