import { X509Certificate, randomUUID } from 'node:crypto';
import { readFileSync, rmSync } from 'node:fs';
import { request as plainRequest } from 'node:http';
import { request as secureRequest, type RequestOptions } from 'node:https';
import { join } from 'node:path';
import { inEnglish } from '../words.js';
import { DEFAULT_RULES, type HouseView } from '@furrow/core';
import supertest from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';
import { makeHouse } from './house.js';
import { Pairings } from './pairing.js';

interface Answer {
  status: number;
  text: string;
  cookie: string | null;
  headers: Record<string, unknown>;
}
interface Asked {
  method?: string;
  body?: unknown;
  cookie?: string | null;
  headers?: Record<string, string>;
}

let home: Household;
beforeEach(async () => {
  home = await Household.open();
  await home.house.sharing.open();
});
afterEach(() => home.close());

/**
 * Asks through the door of the house as a phone does, which trusts the household's authority and no
 * other.
 */
function ask(path: string, asked: Asked = {}): Promise<Answer> {
  const { sharing } = home.house;
  const body = asked.body === undefined ? null : JSON.stringify(asked.body);
  const options: RequestOptions = {
    ...{ host: '127.0.0.2', port: sharing.port, path, method: asked.method ?? 'GET' },
    ca: sharing.authority!,
    agent: false,
    // By its address, whatever name the request says.
    servername: '',
    headers: {
      ...(body ? { 'Content-Type': 'application/json' } : {}),
      ...(asked.cookie ? { Cookie: `__Host-furrow=${asked.cookie}` } : {}),
      ...asked.headers,
    },
  };
  return new Promise((done, failed) => {
    const sent = secureRequest(options, (response) => {
      let text = '';
      response.setEncoding('utf8');
      response.on('data', (part: string) => (text += part));
      response.on('error', failed);
      response.on('end', () => {
        const [cookie] = response.headers['set-cookie'] ?? [];
        const value = /__Host-furrow=([^;]*)/.exec(cookie ?? '')?.[1] ?? null;
        done({ status: response.statusCode!, text, cookie: value, headers: response.headers });
      });
    });
    sent.on('error', failed);
    sent.end(body ?? undefined);
  });
}
/** Lets a phone in; gives its cookie. */
async function paired(kind: 'household' | 'helper', name = 'Blue phone', person = 'Ana') {
  const { code } = home.house.pairings.begin(kind);
  const headers = { 'Content-Type': 'application/x-www-form-urlencoded', Accept: 'text/html' };
  const form = new URLSearchParams({ code, name, person }).toString();
  const answer = await askForm(form, headers);
  expect(answer.status).toBe(303);
  return answer.cookie!;
}
function askForm(form: string, headers: Record<string, string>): Promise<Answer> {
  const { sharing } = home.house;
  return new Promise((done, failed) => {
    const sent = secureRequest(
      {
        ...{ host: '127.0.0.2', port: sharing.port, path: '/pair', method: 'POST', headers },
        ...{ ca: sharing.authority!, agent: false },
      },
      (response) => {
        let text = '';
        response.on('data', (part: Buffer) => (text += part.toString()));
        response.on('end', () => {
          const [cookie] = response.headers['set-cookie'] ?? [];
          expect(cookie ?? 'HttpOnly; Secure; SameSite=Strict').toMatch(/HttpOnly/);
          expect(cookie ?? 'HttpOnly; Secure; SameSite=Strict').toMatch(/Secure/);
          expect(cookie ?? 'HttpOnly; Secure; SameSite=Strict').toMatch(/SameSite=Strict/);
          const value = /__Host-furrow=([^;]*)/.exec(cookie ?? '')?.[1] ?? null;
          done({ status: response.statusCode!, text, cookie: value, headers: response.headers });
        });
      },
    );
    sent.on('error', failed);
    sent.end(form);
  });
}
const vessel = () => ({
  ...{ id: randomUUID(), name: 'Pail', role: 'tub', volumeL: 12, tareG: 800, innerDiameterMm: 260 },
});

describe('a device that nobody let in', () => {
  it.each([
    '/api/v1/today',
    '/api/v1/hives',
    '/api/v1/openapi.json',
    '/api/v1/events',
    '/api/v1/house',
    '/api/v1/house/me',
    '/api/v1/calendar/secret.ics',
    '/api/v1/instruments/bench-scale',
    '/api/v1/nothing',
  ])('gets nothing of %s', async (path) => {
    const answer = await ask(path);
    expect(answer.status).toBe(401);
    expect(JSON.parse(answer.text)).toMatchObject({ code: 'not-paired' });
  });
  it('writes nothing', async () => {
    const body = home.envelope(vessel());
    expect((await ask('/api/v1/vessels', { method: 'POST', body })).status).toBe(401);
    expect((await ask('/api/v1/restore', { method: 'POST', body: {} })).status).toBe(401);
    expect((await ask('/api/v1/house/pairings', { method: 'POST', body: {} })).status).toBe(401);
    expect(await home.db('vessels').where({ name: 'Pail' })).toEqual([]);
  });
  it('sees the page that pairs, whatever page it opens, and whether Furrow is ready', async () => {
    for (const path of ['/', '/look/1', '/assets/index.js', '/pair']) {
      const { text, headers } = await ask(path);
      expect(text).toContain('The eight letters');
      expect(headers['content-security-policy']).not.toMatch(/https:/);
    }
    expect((await ask('/api/v1/health')).status).toBe(200);
    expect((await ask('/furrow-authority.crt')).text).toContain('BEGIN CERTIFICATE');
  });
  it('on a plain connection is told where to go, and no more', async () => {
    const text = await new Promise<string>((done) =>
      plainRequest(
        { host: '127.0.0.2', port: home.house.sharing.port, path: '/api/v1/today' },
        (response) => {
          expect(response.statusCode).toBe(426);
          let all = '';
          response.on('data', (part: Buffer) => (all += part.toString()));
          response.on('end', () => done(all));
        },
      ).end(),
    );
    expect(text).toContain(`https://127.0.0.2:${home.house.sharing.port}`);
  });
});

describe('a code', () => {
  const now = { at: new Date('2026-03-14T12:00:00Z') };
  const fresh = () => new Pairings(() => now.at);
  it('is good once, as it is read aloud too', () => {
    const pairings = fresh();
    const { code } = pairings.begin('household');
    expect(code).toMatch(/^[BCDFGHJKLMNPQRSTVWXZ]{8}$/);
    const spoken = `${code.slice(0, 4).toLowerCase()} ${code.slice(4)}`;
    expect(pairings.use(spoken)).toBe('household');
    expect(() => pairings.use(code)).toThrow(/not good any more/);
  });
  it('ends after five wrong ones', () => {
    const pairings = fresh();
    const { code } = pairings.begin('helper');
    for (let i = 0; i < 4; i++) expect(() => pairings.use('BBBBBBBB')).toThrow(/Look again/);
    expect(() => pairings.use('BBBBBBBB')).toThrow(/not good any more/);
    expect(() => pairings.use(code)).toThrow(/not good any more/);
  });
  it('ends after ten minutes, and when a new one is made', () => {
    const pairings = fresh();
    const first = pairings.begin('household');
    const second = pairings.begin('household');
    expect(() => pairings.use(first.code)).toThrow(/Look again/);
    now.at = new Date(now.at.getTime() + 10 * 60_000);
    expect(() => pairings.use(second.code)).toThrow(/not good any more/);
  });
  it('that is wrong is said on the page; what was typed stays', async () => {
    home.house.pairings.begin('household');
    const form = new URLSearchParams({ code: 'BBBBBBBB', name: 'Blue', person: 'Ana' }).toString();
    const answer = await askForm(form, {
      'Content-Type': 'application/x-www-form-urlencoded',
      Accept: 'text/html',
    });
    expect(answer.status).toBe(403);
    expect(answer.text).toContain('Look again');
    expect(answer.text).toContain('value="Blue"');
  });
});

describe('a device of the household', () => {
  it('reads and writes, under its own name and person whatever it says', async () => {
    const cookie = await paired('household');
    expect(JSON.parse((await ask('/api/v1/house/me', { cookie })).text)).toEqual({
      at: 'house',
      kind: 'household',
      name: 'Blue phone',
      person: 'Ana',
    });
    const body = home.envelope(vessel(), { device: 'somebody else', person: 'Nobody' });
    expect((await ask('/api/v1/vessels', { method: 'POST', body, cookie })).status).toBe(201);
    const command = await home.db('commands').orderBy('sequence', 'desc').first();
    expect(command).toMatchObject({ device: 'Blue phone', person: 'Ana' });
  });
  it('leaves by itself, with an answer', async () => {
    const cookie = await paired('household');
    const answer = await ask('/api/v1/house/leave', { method: 'POST', body: {}, cookie });
    expect(JSON.parse(answer.text)).toEqual({ left: true });
    expect((await ask('/api/v1/today', { cookie })).status).toBe(401);
  });
  it('is not asked who else is let in: that is said at the table', async () => {
    const cookie = await paired('household');
    expect((await ask('/api/v1/house', { cookie })).status).toBe(403);
    const body = { kind: 'household' };
    const answer = await ask('/api/v1/house/pairings', { method: 'POST', body, cookie });
    expect(answer.status).toBe(403);
  });
  it('that is removed gets nothing, and its stream ends at once', async () => {
    const cookie = await paired('household');
    const ended = ask('/api/v1/events', { cookie }).then(
      () => 'ended',
      () => 'ended',
    );
    await new Promise((soon) => setTimeout(soon, 100));
    const { devices } = await home.get<HouseView>('/house');
    await supertest(home.app).post(`/api/v1/house/devices/${devices[0].id}/remove`).expect(200);
    expect(await ended).toBe('ended');
    expect((await ask('/api/v1/today', { cookie })).status).toBe(401);
  });
  it('stands with its person on the entries of the book that it wrote, and on no other', async () => {
    const batchId = await home.drained(await home.harvest(await home.hive()), 2900);
    const cookie = await paired('household');
    const honey = (await home.detail(batchId)).lots.find((lot) => lot.kind === 'honey')!;
    const body = home.envelope({
      ...{ id: randomUUID(), from: honey.id, to: 'loss', g: 15, reason: 'Spilled' },
    });
    expect((await ask('/api/v1/flows', { method: 'POST', body, cookie })).status).toBe(201);
    const { flows } = await home.detail(batchId);
    expect(
      flows.filter((flow) => flow.by).map((flow) => [inEnglish(flow.reason), flow.by]),
    ).toEqual([['Spilled', 'Ana, Blue phone']]);
    expect(flows.length).toBeGreaterThan(3);
  });
  it('hears what another does just now, and not what it does itself', async () => {
    const cookie = await paired('household');
    const heard = new Promise<string>((done) => {
      const { sharing } = home.house;
      const options = { host: '127.0.0.2', port: sharing.port, path: '/api/v1/events' };
      secureRequest(
        {
          ...{ ...options, ca: sharing.authority!, agent: false, servername: '' },
          headers: { Cookie: `__Host-furrow=${cookie}` },
        },
        (response) =>
          response.on('data', (part: Buffer) => {
            if (part.toString().includes('event: doing')) done(part.toString());
          }),
      ).end();
    });
    await new Promise((soon) => setTimeout(soon, 100));
    const doing = { aboutId: randomUUID(), step: 'cut-7' };
    await ask('/api/v1/house/doing', { method: 'POST', body: { ...doing, step: 'own' }, cookie });
    await supertest(home.app).post('/api/v1/house/doing').send(doing).expect(200);
    expect(await heard).toContain('"by":null');
    expect(await heard).toContain('cut-7');
  });
  it('may be a program that shows the secret in its header', async () => {
    const { code } = home.house.pairings.begin('household');
    const answer = await ask('/pair', {
      method: 'POST',
      body: { code, name: 'Script', person: 'Ana' },
      headers: { Accept: 'application/json' },
    });
    const { secret } = JSON.parse(answer.text) as { secret: string };
    const headers = { Authorization: `Bearer ${secret}` };
    expect((await ask('/api/v1/today', { headers })).status).toBe(200);
  });
});

describe('a helper’s device', () => {
  it('sees the hive and the bench, and neither rules’ prices nor the book', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const cookie = await paired('helper');
    for (const path of ['today', 'hives', `harvests/${batchId}`, 'plans', 'clocks', 'vessels'])
      expect((await ask(`/api/v1/${path}`, { cookie })).status, path).toBe(200);
    for (const path of ['book', 'people', 'seasons', 'reserves', 'tables', 'traces', 'prints'])
      expect((await ask(`/api/v1/${path}`, { cookie })).status, path).toBe(403);
    const rules = JSON.parse((await ask('/api/v1/rules', { cookie })).text) as {
      rules: { waxPerKg: number };
    };
    expect(rules.rules.waxPerKg).toBe(0);
    const changed = await ask('/api/v1/rules', {
      ...{ method: 'POST', body: home.envelope({}), cookie },
    });
    expect(changed.status).toBe(403);
    const exported = await ask('/api/v1/archives/export', { method: 'POST', body: {}, cookie });
    expect(exported.status).toBe(403);
  });
  it('takes back its own entries and no others', async () => {
    const hive = await home.hive();
    const cookie = await paired('helper', 'Helper’s phone', 'Rui');
    const ticks = { batchId: await home.harvest(hive), line: 'tub', state: 'have' };
    const own = home.envelope({ id: randomUUID(), ...ticks });
    expect((await ask('/api/v1/ticks', { method: 'POST', body: own, cookie })).status).toBe(201);
    const undo = (commandId: unknown) =>
      ask('/api/v1/undo', { method: 'POST', body: home.envelope({ commandId }), cookie });
    const other = await home.db('commands').whereNot({ id: own.id }).first();
    expect((await undo(other.id)).status).toBe(403);
    expect((await undo(own.id)).status).toBe(201);
  });
});

describe('the certificate of the house', () => {
  it('is renewed while running: who connects next gets the new one', async () => {
    const before = home.house.sharing.fingerprint;
    rmSync(join(home.folder, 'house', 'server.pem'));
    await home.house.sharing.renew();
    expect(home.house.sharing.fingerprint).toBe(before);
    expect((await ask('/api/v1/health')).status).toBe(200);
  });
});

describe('a name the household gives this machine', () => {
  const call = (...names: string[]) =>
    supertest(home.app).post('/api/v1/house/names').send({ names });
  const asked = async (host: string) =>
    (await ask('/api/v1/health', { headers: { Host: host } })).status;
  it('is let through from then on, kept, and its certificate holds for it; taken away, no more', async () => {
    const cookie = await paired('household');
    const read = (host: string) => ask('/api/v1/hives', { cookie, headers: { Host: host } });
    expect((await read('honey.home.arpa')).status).toBe(421);
    const { body } = await call(' Honey.Home.arpa ', 'honey.home.arpa.').expect(200);
    expect(body.sharing.names).toEqual(['honey.home.arpa']);
    expect((await read('honey.home.arpa:4478')).status).toBe(200);
    const certificate = new X509Certificate(readFileSync(join(home.folder, 'house', 'server.pem')));
    expect(certificate.checkHost('honey.home.arpa')).toBe('honey.home.arpa');
    const again = makeHouse({ dataFolder: home.folder, db: home.db, port: 0 });
    expect(again.sharing.givenNames).toEqual(['honey.home.arpa']);
    await call().expect(200);
    expect((await read('honey.home.arpa')).status).toBe(421);
  });
  it('as the address on labels is taken away with it, at once', async () => {
    const labelled = (baseAddress: string) =>
      home.ok(home.post('/rules', { ...DEFAULT_RULES, winterNeedKg: 0, baseAddress }));
    await labelled('https://old.example');
    await home.house.sharing.renew();
    expect(await asked('old.example')).toBe(200);
    await labelled('https://new.example');
    expect(await asked('old.example')).toBe(421);
    expect(await asked('new.example')).toBe(200);
  });
  it('is not forgotten when the door is shut and opened', async () => {
    await call('honey').expect(200);
    await home.house.sharing.want(false);
    await home.house.sharing.want(true);
    expect(await asked('honey')).toBe(200);
  });
  it.each([
    '',
    'https://honey.example',
    'honey.example:4478',
    'ho ney',
    '-honey',
    'localhost',
    'ä',
  ])('that is none, "%s", is refused with a sentence', async (name) => {
    const { body, status } = await call('honey', name);
    expect(status).toBe(400);
    expect(body.detail).toMatch(/letters, digits and dashes/);
    expect(home.house.sharing.givenNames).toEqual([]);
  });
  it('is given at the table alone', async () => {
    const cookie = await paired('household');
    const body = { names: ['evil.example'] };
    expect((await ask('/api/v1/house/names', { method: 'POST', body, cookie })).status).toBe(403);
  });
});

describe('another page or another name', () => {
  const table = () => supertest(home.app);
  const read = (headers: Record<string, string>) =>
    table()
      .get('/api/v1/hives')
      .set(headers)
      .then((r) => r);

  it.each([
    [{ Host: 'evil.example' }, 421],
    [{ Host: 'evil.example:4477' }, 421],
    [{ Host: '192.0.2.9' }, 421],
    [{ Origin: 'https://evil.example' }, 403],
    [{ Origin: 'null' }, 403],
    [{ Origin: 'http://localhost:9' }, 403],
    [{ 'Sec-Fetch-Site': 'cross-site' }, 403],
    [{ 'Sec-Fetch-Site': 'same-site' }, 403],
    [{ 'X-Forwarded-For': '192.0.2.9' }, 403],
    [{ Forwarded: 'for=192.0.2.9' }, 403],
  ])('%o reads nothing at the table', async (headers, status) => {
    const answer = await read(headers);
    expect(answer.status).toBe(status);
    expect(answer.text).not.toContain('items');
  });
  it('a program without an origin, and the page itself, do', async () => {
    expect((await read({})).status).toBe(200);
    expect((await read({ 'Sec-Fetch-Site': 'same-origin' })).status).toBe(200);
    expect((await read({ Host: 'localhost:4477' })).status).toBe(200);
  });
  it('a link from elsewhere opens a page, and reads nothing of the interface', async () => {
    const link = {
      'Sec-Fetch-Site': 'cross-site',
      'Sec-Fetch-Mode': 'navigate',
      'Sec-Fetch-Dest': 'document',
    };
    expect((await table().get('/look/1').set(link)).status).not.toBe(403);
    expect((await read(link)).status).toBe(403);
  });
  it('nor with a device’s own secret in a foreign page', async () => {
    const cookie = await paired('household');
    for (const headers of [
      { Origin: 'https://evil.example' },
      { 'Sec-Fetch-Site': 'cross-site' },
    ] as Record<string, string>[])
      expect((await ask('/api/v1/hives', { cookie, headers })).status).toBe(403);
    expect((await ask('/api/v1/hives', { cookie, headers: { Host: 'evil.example' } })).status).toBe(
      421,
    );
  });
});
