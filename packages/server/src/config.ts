import { resolve } from 'node:path';

export interface Config {
  port: number;
  host: string;
  dataFolder: string;
  /** A second folder for the daily copies; null: none. */
  copiesFolder: string | null;
  now: string | null;
  seed: number;
  webFolder: string;
}

/** Reads the few settings from the environment (listed in the README); throws a sentence for a bad one. */
export function readConfig(env: NodeJS.ProcessEnv, root: string): Config {
  const port = Number(env.FURROW_PORT ?? 4477);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error('FURROW_PORT must be a port number.');
  return {
    port,
    host: env.FURROW_HOST ?? '127.0.0.1',
    dataFolder: resolve(env.FURROW_DATA ?? resolve(root, 'data')),
    copiesFolder: env.FURROW_COPIES ? resolve(env.FURROW_COPIES) : null,
    now: env.FURROW_NOW ?? null,
    seed: Number(env.FURROW_SEED ?? 7),
    webFolder: resolve(root, 'packages/web/dist'),
  };
}
