import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Router } from 'express';
import { makeApp, type AppOptions } from '../app.js';
import { ensureRules } from '../firstRun.js';
import { makeHouse } from '../house/house.js';
import { closeDatabase, openDatabase } from '../store/database.js';
import { seedDemo } from './seed.js';

/**
 * The demo household beside the person's own, on a port of its own: nothing done there touches
 * theirs.
 */
export interface DemoBeside {
  /**
   * Where it listens; made at the first call, the same one after.
   *
   * @throws Where it could not be made.
   */
  open: () => Promise<{ port: number }>;
  /** Puts it away, with its file. */
  close: () => Promise<void>;
}

interface Running {
  port: number;
  end: () => Promise<void>;
}

async function begin(
  { clock, seed, webFolder }: Pick<AppOptions, 'clock' | 'seed' | 'webFolder'>,
  host: string,
): Promise<Running> {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-demo-'));
  const db = await openDatabase(join(folder, 'furrow.db'));
  const putAway = async (): Promise<void> => {
    await closeDatabase(db);
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    await ensureRules(db, clock.now());
    await seedDemo(db, clock);
    const house = makeHouse({ dataFolder: folder, db, port: 0 });
    const photoFolder = join(folder, 'photos');
    const app = makeApp({ db, clock, seed, webFolder, photoFolder, house });
    house.sharing.serve(app);
    const server = await new Promise<Server>((done, failed) => {
      const listening = app.listen(0, host, (error?: Error) =>
        error ? failed(error) : done(listening),
      );
    });
    return {
      port: (server.address() as AddressInfo).port,
      end: async () => {
        server.close();
        server.closeAllConnections();
        await house.sharing.close();
        await putAway();
      },
    };
  } catch (error) {
    await putAway();
    throw error;
  }
}

/**
 * A demo household that is made when it is first asked for. Takes what the person's own app runs
 * with, and its host.
 */
export function demoBeside(
  options: Pick<AppOptions, 'clock' | 'seed' | 'webFolder'>,
  host: string,
): DemoBeside {
  let running: Promise<Running> | null = null;
  return {
    open: async () => {
      running ??= begin(options, host);
      try {
        return { port: (await running).port };
      } catch (error) {
        running = null;
        throw error;
      }
    },
    close: async () => {
      await (await running?.catch(() => null))?.end();
      running = null;
    },
  };
}

/**
 * Asks for the demo household: answers with its port, at the address the asker knows this server
 * by.
 */
export function demoRoute(demo: DemoBeside): Router {
  const router = Router();
  router.post('/demo', async (_request, response) => void response.json(await demo.open()));
  return router;
}
