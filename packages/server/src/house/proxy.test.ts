import { join } from 'node:path';
import supertest from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';
import { makeApp } from '../app.js';
import { makeHouse } from './house.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const SECRET = 'of-this-process';
describe('behind a proxy of the household’s own', () => {
  it('only devices that were let in come in, by its name and no other', async () => {
    const house = makeHouse({
      ...{ dataFolder: home.folder, db: home.db, port: 0 },
      proxyAddress: 'https://honey.example',
    });
    const proxied = makeApp({
      ...{ db: home.db, clock: { now: () => home.now }, seed: 1, house },
      restore: { store: { db: home.db, swapping: () => false } as never, secret: SECRET },
      ...{ webFolder: join(home.folder, 'none'), photoFolder: join(home.folder, 'photos') },
    });
    const through = { Host: 'honey.example', 'X-Forwarded-For': '192.0.2.9' };
    const read = (headers: Record<string, string>) =>
      supertest(proxied).get('/api/v1/hives').set(headers);
    expect((await read(through)).status).toBe(401);
    // A proxy that gives our own name for its, and says of nobody for whom, makes nobody the
    // household.
    for (const bare of [{ 'X-Forwarded-For': '192.0.2.9' }, {}, { Host: '127.0.0.1:4477' }])
      expect((await read(bare as unknown as Record<string, string>)).status).toBe(421);
    const { secret } = house.devices.add('household', 'Blue', 'Ana');
    const known = { ...through, Cookie: `__Host-furrow=${secret}` };
    expect((await read(known)).status).toBe(200);
    // At the table is who can read the secret of this process.
    expect((await read({ 'x-furrow-secret': 'another' })).status).toBe(421);
    expect((await read({ 'x-furrow-secret': SECRET })).status).toBe(200);
  });
});
